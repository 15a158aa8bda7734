import type { Metadata } from "next";
import Link from "next/link";
import { nameGarment } from "@/core/garments";
import { sayDate } from "@/core/wording";
import { loadSheet, loadShop, loadTimes } from "@/server/load";
import { NO_MONEY } from "@/server/money";
import { reckon } from "@/server/reckon";
import { BuyingList } from "@/ui/counter/buying-list";
import { MoneyView } from "@/ui/counter/money-view";
import { ReckonedSlip } from "@/ui/counter/reckoned-slip";
import { PrintButton } from "@/ui/sheet/print-button";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Counter" };
export const dynamic = "force-dynamic";

/** What is bought for a garment, what was agreed and paid; one slip to print. */
export default async function CounterPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, outcome } = await loadSheet((await params).id);
  const shop = await loadShop();
  const { currency } = shop;
  const { usual, soFar } = await loadTimes(order.id);
  const sheet = outcome.kind === "sheet" ? outcome.sheet : null;
  const promised = order.promisedOn === null ? "no day promised" : `promised for ${sayDate(order.promisedOn)}`;
  return (
    <>
      <PageHead title={`${nameGarment(order)} for ${client.name}`} about={`No. ${order.number} · ${promised}`}>
        <Link href={`/orders/${order.id}/sheet`} className="button no-print" prefetch={false}>
          Cut sheet
        </Link>
        <PrintButton />
      </PageHead>
      <main className="mx-auto grid max-w-6xl gap-3 p-3 lg:grid-cols-2">
        {sheet === null ? (
          <p className="slip p-4 text-lg">This garment cannot be drawn yet, so there is nothing to buy.</p>
        ) : (
          <BuyingList sheet={sheet} unit={order.unit} />
        )}
        <div className="space-y-3">
          <MoneyView orderId={order.id} money={order.money ?? NO_MONEY} currency={currency} />
          {sheet !== null && <ReckonedSlip reckoned={reckon(sheet, usual, shop)} soFar={soFar} currency={currency} />}
        </div>
      </main>
    </>
  );
}
