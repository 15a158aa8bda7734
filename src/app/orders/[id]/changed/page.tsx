import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { nameGarment } from "@/core/garments";
import { loadChanges } from "@/server/load-changes";
import { ChangesView } from "@/ui/changed/changes-view";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Changed since the cut" };
export const dynamic = "force-dynamic";

/** What a reading, a choice or a rule that changed after the first cut asks of each piece. */
export default async function ChangedPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const loaded = await loadChanges((await params).id);
  if (loaded === null) notFound();
  const { order, client } = loaded;
  return (
    <>
      <PageHead
        title={`Changed since the cut: ${nameGarment(order)} for ${client.name}`}
        about={`No. ${order.number} · from the order and the card as they are now`}
      >
        <Link href={`/orders/${order.id}/sheet`} className="button" prefetch={false}>
          Cut sheet
        </Link>
      </PageHead>
      <main className="mx-auto max-w-4xl p-3">
        <ChangesView {...loaded} unit={order.unit} orderId={order.id} />
      </main>
    </>
  );
}
