import type { Metadata } from "next";
import Link from "next/link";
import { makeSheet } from "@/core/formats";
import { nameGarment } from "@/core/garments";
import { sayDate } from "@/core/wording";
import { loadSheet } from "@/server/load";
import { writeOrder } from "@/server/order-document";
import { SideBySide } from "@/ui/compare/side-by-side";
import { RepeatOrder } from "@/ui/orders/repeat-order";
import { Undrawn } from "@/ui/sheet/undrawn";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Cut it again" };
export const dynamic = "force-dynamic";

export default async function AgainPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, outcome, card, newest, ...around } = await loadSheet((await params).id);
  const garment = nameGarment(order);
  const again = makeSheet(writeOrder(order, { ...around, card: newest }));
  return (
    <>
      <PageHead
        title={`${garment} for ${around.client.name}, again`}
        about={
          newest.id === card.id
            ? `As no. ${order.number}, from the same card of ${sayDate(card.takenOn)}`
            : `As no. ${order.number} of the card of ${sayDate(card.takenOn)}, now from the card of ${sayDate(newest.takenOn)}`
        }
      >
        <Link href={`/clients/${order.clientId}/card`} className="button" prefetch={false}>
          Measure again first
        </Link>
        <RepeatOrder orderId={order.id} />
      </PageHead>
      <main className="p-3 lg:h-[calc(100dvh-72px)] lg:min-h-[640px]">
        {outcome.kind === "sheet" ? (
          <SideBySide before={outcome.sheet} after={again} />
        ) : (
          <Undrawn outcome={outcome} orderId={order.id} clientId={order.clientId} />
        )}
      </main>
    </>
  );
}
