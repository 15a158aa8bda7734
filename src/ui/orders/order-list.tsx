import { ChevronRight } from "lucide-react";
import Link from "next/link";
import { findGarment } from "@/core/garments";
import type { ListedOrder, OrderState } from "@/db";

/** What comes next for an order in each state, and where to do it. */
const nextActs: Readonly<Record<OrderState, { readonly act: string; readonly place: "" | "/sheet" | "/table" }>> = {
  measured: { act: "Choose how it is made", place: "" },
  drafted: { act: "Chalk and cut it", place: "/sheet" },
  cut: { act: "Sew it", place: "/sheet" },
  sewn: { act: "Fit it", place: "/sheet" },
  fitted: { act: "Finish it", place: "/sheet" },
  finished: { act: "Hand it over", place: "/sheet" },
  collected: { act: "Look back", place: "/sheet" },
};

function sayDay(day: string | null): string {
  if (day === null) return "no day promised";
  return new Intl.DateTimeFormat("en-GB", { weekday: "long", day: "numeric", month: "long", timeZone: "UTC" }).format(
    new Date(`${day}T00:00:00Z`),
  );
}

/** Orders by the promised day, each with the next thing to do. */
export function OrderList({ orders }: { readonly orders: readonly ListedOrder[] }) {
  return (
    <ul className="space-y-2">
      {orders.map((order) => {
        const { act, place } = nextActs[order.state];
        return (
          <li key={order.id}>
            <Link
              href={`/orders/${order.id}${place}`}
              className="slip fold-edge flex min-h-16 flex-wrap items-center gap-x-4 gap-y-1 px-4 py-3"
            >
              <span className="min-w-0 flex-1">
                <span className="block text-lg font-semibold">
                  {order.clientName}{" "}
                  <span className="font-normal text-ink-soft">
                    · {findGarment(order.garment)?.label ?? order.garment}
                  </span>
                </span>
                <span className="block text-sm text-ink-soft">
                  No. {order.number} · {sayDay(order.promisedOn)} · {order.state}
                </span>
              </span>
              <span className="flex items-center gap-1 font-semibold text-next-deep">
                {act} <ChevronRight size={20} aria-hidden="true" />
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
