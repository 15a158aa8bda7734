import type { Metadata } from "next";
import Link from "next/link";
import { loadSheet } from "@/server/load";
import { CutFrom } from "@/ui/sheet/cut-from";
import { SheetView } from "@/ui/sheet/sheet-view";
import { Undrawn } from "@/ui/sheet/undrawn";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Cut sheet" };
export const dynamic = "force-dynamic";

export default async function SheetPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, outcome, frozenAt } = await loadSheet((await params).id);
  const cloth = outcome.kind === "sheet" ? ` · ${outcome.sheet.cloth.buy} ${outcome.sheet.cloth.buyUnit} of cloth` : "";
  const rules = String(order.rules.set ?? "close");
  return (
    <>
      <PageHead
        title={`Cut sheet for ${client.name}`}
        about={`No. ${order.number} · ${rules} rules${cloth}${frozenAt === null ? "" : ` · cut from on ${frozenAt.slice(0, 10)}, kept as it was`}`}
      >
        {frozenAt === null && (
          <Link href={`/orders/${order.id}`} className="button" prefetch={false}>
            Garment
          </Link>
        )}
        <Link href={`/orders/${order.id}/print`} className="button" prefetch={false}>
          Print
        </Link>
        {frozenAt === null && outcome.kind === "sheet" && <CutFrom orderId={order.id} />}
        {outcome.kind === "sheet" && (
          <Link href={`/orders/${order.id}/table`} className="button button-next">
            To the table
          </Link>
        )}
      </PageHead>
      <main>
        {outcome.kind === "sheet" ? (
          <SheetView sheet={outcome.sheet} />
        ) : (
          <Undrawn outcome={outcome} clientId={client.id} />
        )}
      </main>
    </>
  );
}
