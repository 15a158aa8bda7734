import Link from "next/link";
import type { StateShelf } from "@/server/load";
import { nextActs } from "./next-acts";
import { OrderList } from "./order-list";

/** Orders by how far they have come, each state on its own shelf; what is collected lies last. */
export function StateShelves({ shelves, today }: { readonly shelves: readonly StateShelf[]; readonly today: string }) {
  return (
    <div className="gap-6 space-y-6 lg:columns-2">
      {shelves.map(({ state, orders, many }) => (
        <section key={state} aria-labelledby={`shelf-${state}`} className="break-inside-avoid-column">
          <h2 id={`shelf-${state}`} className="flex items-baseline gap-2 pb-2 text-lg">
            {nextActs[state].heading}
            <span className="font-sans text-sm font-normal text-ink-soft">{many}</span>
          </h2>
          <OrderList orders={orders} today={today} />
          {orders.length < many && (
            <Link href={`/?all=${state}`} prefetch={false} className="button mt-2">
              {many - orders.length} more
            </Link>
          )}
        </section>
      ))}
    </div>
  );
}
