import type { Metadata } from "next";
import { loadRehearsal } from "@/server/practice";
import { RehearsalView } from "@/ui/practice/rehearsal-view";

export const metadata: Metadata = { title: "Rehearsal" };
export const dynamic = "force-dynamic";

export default async function RehearsalPage({ params }: { readonly params: Promise<{ id: string }> }) {
  return <RehearsalView {...(await loadRehearsal((await params).id))} />;
}
