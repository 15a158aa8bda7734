import Link from "next/link";
import { loadWeek } from "@/server/load";
import { OrderList } from "@/ui/orders/order-list";
import { PageHead } from "@/ui/shell/page-head";

export const dynamic = "force-dynamic";

export default async function OrdersPage() {
  const { orders, clients } = await loadWeek();
  return (
    <>
      <PageHead title="Orders" about={`${orders.length} in the book, by the promised day`}>
        <Link href="/clients/new" className="button button-next">
          New client
        </Link>
      </PageHead>
      <main className="mx-auto grid max-w-6xl gap-6 p-4 lg:grid-cols-[2fr_1fr]">
        <section aria-label="Orders">
          {orders.length === 0 ? (
            <div className="slip fold-edge space-y-3 p-6">
              <h2 className="text-xl">The table is clear</h2>
              <p>Measure a client, choose a garment, and the marks to chalk are here.</p>
              <Link href="/clients/new" className="button button-next">
                Measure a client
              </Link>
            </div>
          ) : (
            <OrderList orders={orders} />
          )}
        </section>
        <section aria-label="Clients">
          <h2 className="pb-2 text-lg">Clients</h2>
          <ul className="slip divide-y divide-card-deep">
            {clients.map(({ id, name }) => (
              <li key={id}>
                <Link
                  href={`/clients/${id}`}
                  className="block min-h-12 content-center px-4 py-2 underline decoration-line underline-offset-4"
                >
                  {name}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      </main>
    </>
  );
}
