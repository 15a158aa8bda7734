import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { nameGarment } from "@/core/garments";
import { loadSheet } from "@/server/load";
import { MakingView } from "@/ui/making/making-view";

export const metadata: Metadata = { title: "Making" };
export const dynamic = "force-dynamic";

/** How a garment is made up once it is cut: one task at a time, its ticks shared with the table's. */
export default async function MakingPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, outcome, frozenAt, progress } = await loadSheet((await params).id);
  if (outcome.kind !== "sheet") notFound();
  return (
    <MakingView
      orderId={order.id}
      title={`${nameGarment(order)} for ${client.name}`}
      sheet={outcome.sheet}
      isCut={frozenAt !== null}
      start={progress}
    />
  );
}
