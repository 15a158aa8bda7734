import type { Metadata } from "next";
import Link from "next/link";
import { loadSheet } from "@/server/load";
import { FullSizeView } from "@/ui/full-size/full-size-view";
import { Undrawn } from "@/ui/sheet/undrawn";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Full size" };
export const dynamic = "force-dynamic";

export default async function FullSizePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, outcome } = await loadSheet((await params).id);
  return (
    <>
      <PageHead title={`Full size for ${client.name}`} about={`No. ${order.number}`}>
        <Link href={`/orders/${order.id}/cloth`} className="button" prefetch={false}>
          Cloth
        </Link>
        <Link href={`/orders/${order.id}/sheet`} className="button button-next" prefetch={false}>
          To the cut sheet
        </Link>
      </PageHead>
      <main>
        {outcome.kind === "sheet" ? (
          <FullSizeView orderId={order.id} sheet={outcome.sheet} />
        ) : (
          <Undrawn outcome={outcome} orderId={order.id} clientId={client.id} />
        )}
      </main>
    </>
  );
}
