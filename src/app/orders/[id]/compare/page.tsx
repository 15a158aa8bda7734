import type { Metadata } from "next";
import Link from "next/link";
import { nameGarment } from "@/core/garments";
import { sayDate } from "@/core/wording";
import { listAlternatives } from "@/server/alternatives";
import { decisionsOf } from "@/server/garment-decisions";
import { loadOrder } from "@/server/load";
import { CompareView } from "@/ui/compare/compare-view";
import { PartsAtHand } from "@/ui/garment/parts-at-hand";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Compare" };
export const dynamic = "force-dynamic";

export default async function ComparePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const loaded = await loadOrder((await params).id);
  const { order, client, card, document, ownSets } = loaded;
  return (
    <>
      <PageHead
        title={`Compare: ${nameGarment(order)} for ${client.name}`}
        about={`No. ${order.number} · card of ${sayDate(card.takenOn)} · what moves, and by how much`}
      >
        <Link href={`/orders/${order.id}`} className="button" prefetch={false}>
          Garment
        </Link>
      </PageHead>
      <main>
        <PartsAtHand of={[document]}>
          <CompareView
            document={document}
            {...listAlternatives(loaded)}
            choices={decisionsOf(order, card.figure, ownSets).choices}
          />
        </PartsAtHand>
      </main>
    </>
  );
}
