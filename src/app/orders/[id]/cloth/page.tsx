import type { Metadata } from "next";
import Link from "next/link";
import { nameGarment } from "@/core/garments";
import { loadOrder } from "@/server/load";
import { PartsAtHand } from "@/ui/garment/parts-at-hand";
import { LayView } from "@/ui/lay/lay-view";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Cloth" };
export const dynamic = "force-dynamic";

export default async function ClothPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, card, document, ownSets } = await loadOrder((await params).id);
  const { choices, rules, cloth } = order;
  return (
    <>
      <PageHead title={`Cloth for ${client.name}`} about={`No. ${order.number} · ${nameGarment(order)}`}>
        <Link href={`/orders/${order.id}`} className="button" prefetch={false}>
          Garment
        </Link>
        <Link href={`/orders/${order.id}/full-size`} className="button" prefetch={false}>
          Full size
        </Link>
        <Link href={`/orders/${order.id}/sheet`} className="button button-next" prefetch={false}>
          To the cut sheet
        </Link>
      </PageHead>
      <main>
        <PartsAtHand of={[document]}>
          <LayView
            key={card.id}
            orderId={order.id}
            document={document}
            taken={order.unit}
            ownSets={ownSets}
            start={{ choices, rules, cloth }}
          />
        </PartsAtHand>
      </main>
    </>
  );
}
