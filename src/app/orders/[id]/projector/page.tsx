import type { Metadata } from "next";
import { loadSheet } from "@/server/load";
import { ProjectorView } from "@/ui/projector/projector-view";
import { Undrawn } from "@/ui/sheet/undrawn";

export const metadata: Metadata = { title: "On the table" };
export const dynamic = "force-dynamic";

export default async function ProjectorPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, outcome } = await loadSheet((await params).id);
  if (outcome.kind !== "sheet") return <Undrawn outcome={outcome} orderId={order.id} clientId={client.id} />;
  return <ProjectorView orderId={order.id} sheet={outcome.sheet} />;
}
