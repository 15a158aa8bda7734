import type { Metadata } from "next";
import Link from "next/link";
import { countCut, standOfPieces } from "@/core/making";
import { sayDate } from "@/core/wording";
import { type LoadedSheet, loadSheet } from "@/server/load";
import { nameSet } from "@/server/order-document";
import { sheetPrint } from "@/server/sheet-print";
import { CutFrom } from "@/ui/sheet/cut-from";
import { SheetView } from "@/ui/sheet/sheet-view";
import { Undrawn } from "@/ui/sheet/undrawn";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Cut sheet" };
export const dynamic = "force-dynamic";

/** Since when it is cut from, and how many pieces are cut while others are still to be. */
function sayCut({ outcome, frozenAt, isCut, progress }: LoadedSheet): string {
  if (outcome.kind !== "sheet" || frozenAt === null) return "";
  if (isCut) return ` · cut from on ${sayDate(frozenAt)}, kept as it was`;
  const { cut, all } = countCut(standOfPieces(outcome.sheet, new Set(progress?.done), false));
  return ` · ${cut} of ${all} cut`;
}

export default async function SheetPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const loaded = await loadSheet((await params).id);
  const { order, client, card, newest, outcome, frozenAt, isCut, progress, ownSets } = loaded;
  // Corrected since, or measured again: what that asks of the pieces that are cut is said on a page of its own.
  const changedSince = frozenAt !== null && (loaded.saysOtherwise || newest.id !== card.id || card.revision > 1);
  const drawn = outcome.kind === "sheet" ? outcome.sheet : null;
  const cloth = drawn === null ? "" : ` · ${drawn.cloth.buy} ${drawn.cloth.buyUnit} of cloth`;
  // A sheet that was cut from says the rules it was drawn by, whatever became of the shop's own set since.
  const rules = String(drawn?.order.rules?.setName ?? nameSet(order.rules, ownSets));
  return (
    <>
      <PageHead
        title={`Cut sheet for ${client.name}`}
        about={`No. ${order.number}${sayCut(loaded)} · ${rules} rules${cloth}`}
      >
        {!isCut && (
          <Link href={`/orders/${order.id}`} className="button" prefetch={false}>
            Garment
          </Link>
        )}
        {frozenAt === null && (
          <Link href={`/orders/${order.id}/cloth`} className="button" prefetch={false}>
            Cloth
          </Link>
        )}
        {drawn !== null && (
          <Link href={`/orders/${order.id}/making`} className="button" prefetch={false}>
            Making
          </Link>
        )}
        {changedSince && (
          <Link href={`/orders/${order.id}/changed`} className="button" prefetch={false}>
            Changed since
          </Link>
        )}
        {isCut && (
          <Link href={`/orders/${order.id}/fitting`} className="button" prefetch={false}>
            Fitting
          </Link>
        )}
        <Link href={`/orders/${order.id}/counter`} className="button" prefetch={false}>
          Counter
        </Link>
        <Link href={`/orders/${order.id}/print`} className="button" prefetch={false}>
          Print
        </Link>
        {!isCut && drawn !== null && <CutFrom orderId={order.id} seen={sheetPrint(drawn)} />}
        {drawn !== null && (
          <Link href={`/orders/${order.id}/table`} className="button button-next" prefetch={false}>
            To the table
          </Link>
        )}
      </PageHead>
      <main>
        {outcome.kind === "sheet" ? (
          <SheetView orderId={order.id} sheet={outcome.sheet} start={progress} />
        ) : (
          <Undrawn outcome={outcome} orderId={order.id} clientId={client.id} />
        )}
      </main>
    </>
  );
}
