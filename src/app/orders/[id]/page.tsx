import type { Metadata } from "next";
import { findGarment } from "@/core/garments";
import { decisionsOf } from "@/server/garment-decisions";
import { loadOrder } from "@/server/load";
import { GarmentView } from "@/ui/garment/garment-view";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Garment" };
export const dynamic = "force-dynamic";

export default async function GarmentPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, document, shop } = await loadOrder((await params).id);
  const { choices, rules, cloth } = order;
  return (
    <>
      <PageHead
        title={`${findGarment(order.garment)?.label ?? order.garment} for ${client.name}`}
        about={`No. ${order.number} · card of ${document.client?.card?.taken ?? "today"}`}
      />
      <main>
        <GarmentView
          orderId={order.id}
          document={document}
          shop={shop}
          start={{ choices, rules, cloth }}
          {...decisionsOf(order.garment)}
        />
      </main>
    </>
  );
}
