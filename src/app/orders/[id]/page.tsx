import type { Metadata } from "next";
import Link from "next/link";
import { nameGarment } from "@/core/garments";
import { sayDate } from "@/core/wording";
import { decisionsOf } from "@/server/garment-decisions";
import { loadOrder } from "@/server/load";
import { isOutgrown, today } from "@/server/readings";
import { Outgrown } from "@/ui/client/outgrown";
import { BeingCut } from "@/ui/garment/being-cut";
import { GarmentView } from "@/ui/garment/garment-view";
import { NewerCard } from "@/ui/garment/newer-card";
import { PartsAtHand } from "@/ui/garment/parts-at-hand";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Garment" };
export const dynamic = "force-dynamic";

export default async function GarmentPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, card, newest, document, ownSets } = await loadOrder((await params).id);
  const { choices, rules, cloth } = order;
  return (
    <>
      <PageHead
        title={`${nameGarment(order)} for ${client.name}`}
        about={`No. ${order.number} · card of ${sayDate(card.takenOn)}`}
      >
        <NewerCard orderId={order.id} used={card} newest={newest} />
        <Link href={`/orders/${order.id}/compare`} className="button" prefetch={false}>
          Compare
        </Link>
      </PageHead>
      <main>
        {(order.state === "cutting" || isOutgrown(card, today())) && (
          <div className="space-y-3 px-3 pt-3">
            {order.state === "cutting" && <BeingCut orderId={order.id} />}
            {isOutgrown(card, today()) && <Outgrown card={card} />}
          </div>
        )}
        <PartsAtHand of={[document]}>
          <GarmentView
            key={card.id}
            orderId={order.id}
            document={document}
            taken={order.unit}
            ownSets={ownSets}
            start={{ choices, rules, cloth }}
            offered={decisionsOf(order, card.figure, ownSets)}
          />
        </PartsAtHand>
      </main>
    </>
  );
}
