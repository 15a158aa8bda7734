import type { Metadata } from "next";
import Link from "next/link";
import { garments } from "@/core/garments";
import { loadClient } from "@/server/load";
import { CardHistory } from "@/ui/client/card-history";
import { StartOrder } from "@/ui/client/start-order";
import { OrderList } from "@/ui/orders/order-list";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Client" };
export const dynamic = "force-dynamic";

export default async function ClientPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { client, cards, orders } = await loadClient((await params).id);
  return (
    <>
      <PageHead
        title={client.name}
        about={`${cards.length} ${cards.length === 1 ? "card" : "cards"}, the newest from ${cards[0]?.takenOn ?? "no day yet"}`}
      >
        <Link href={`/clients/${client.id}/card`} className="button">
          Measure again
        </Link>
      </PageHead>
      <main className="mx-auto grid max-w-6xl gap-6 p-4 lg:grid-cols-2">
        <div className="min-w-0 space-y-6">
          <section>
            <h2 className="pb-2 text-lg">Orders</h2>
            {orders.length === 0 ? (
              <p className="slip p-4">None yet. Choose what to cut.</p>
            ) : (
              <OrderList orders={orders} />
            )}
          </section>
          <CardHistory cards={cards} />
        </div>
        <StartOrder clientId={client.id} garments={garments.map(({ id, label, about }) => ({ id, label, about }))} />
      </main>
    </>
  );
}
