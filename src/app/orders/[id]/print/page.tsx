import type { Metadata } from "next";
import { loadSheet } from "@/server/load";
import { PrintButton } from "@/ui/sheet/print-button";
import { PrintedList } from "@/ui/sheet/printed-list";
import { Undrawn } from "@/ui/sheet/undrawn";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Step list" };
export const dynamic = "force-dynamic";

export default async function PrintPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, outcome } = await loadSheet((await params).id);
  if (outcome.kind !== "sheet") return <Undrawn outcome={outcome} clientId={client.id} />;
  return (
    <>
      <PageHead title="Step list to print" about={`No. ${order.number}, ${client.name}`}>
        <PrintButton />
      </PageHead>
      <main className="slip mx-auto my-4 max-w-3xl p-6 print:m-0 print:max-w-none print:p-0">
        <h2 className="pb-2 text-xl">
          {client.name}, no. {order.number}, {String(order.rules.set ?? "close")} rules, {outcome.sheet.cloth.buy}{" "}
          {outcome.sheet.cloth.buyUnit} of cloth
        </h2>
        <PrintedList sheet={outcome.sheet} />
      </main>
    </>
  );
}
