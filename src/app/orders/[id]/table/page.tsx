import type { Metadata } from "next";
import { styleItemsOf } from "@/core/formats";
import { loadSheet } from "@/server/load";
import { Undrawn } from "@/ui/sheet/undrawn";
import { TableView } from "@/ui/table/table-view";

export const metadata: Metadata = { title: "At the table" };
export const dynamic = "force-dynamic";

export default async function TablePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, outcome, progress } = await loadSheet((await params).id);
  return outcome.kind === "sheet" ? (
    <TableView orderId={order.id} sheet={outcome.sheet} style={styleItemsOf(outcome.sheet)} start={progress} />
  ) : (
    <Undrawn outcome={outcome} orderId={order.id} clientId={client.id} />
  );
}
