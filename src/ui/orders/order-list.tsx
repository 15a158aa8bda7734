import { ChevronRight } from "lucide-react";
import Link from "next/link";
import { nameGarment } from "@/core/garments";
import type { ListedOrder } from "@/db";
import { sayDay } from "@/server/week";
import { nextActOf } from "./next-acts";
import { OrderDays } from "./order-days";

interface OrderListProps {
  readonly orders: readonly ListedOrder[];
  /** On a client's own page every order is that client's. */
  readonly ofClient?: boolean;
  /** Today, when promises that are past are to be marked. */
  readonly today?: string;
}

function sayPromise({ promisedOn, state }: ListedOrder, today: string | undefined): string {
  if (promisedOn === null) return "no day promised";
  const late = today !== undefined && promisedOn < today && state !== "collected";
  return `${late ? "late: was promised for" : ""} ${sayDay(promisedOn)}`.trim();
}

/** Orders by the promised day, each with the next thing to do. */
export function OrderList({ orders, ofClient = false, today }: OrderListProps) {
  return (
    <ul className="space-y-2">
      {orders.map((order) => {
        const { act, place, after } = nextActOf(order);
        return (
          <li key={order.id} className="slip fold-edge flex flex-wrap items-stretch">
            <Link
              href={`/orders/${order.id}${place}`}
              prefetch={false}
              className="flex min-h-16 min-w-0 flex-1 flex-wrap items-center gap-x-4 gap-y-1 px-4 py-2"
            >
              <span className="min-w-0 basis-full sm:flex-1 sm:basis-0">
                <span className="block text-lg font-semibold leading-snug">
                  {!ofClient && <>{order.clientName} </>}
                  <span className={ofClient ? "" : "font-normal text-ink-soft"}>
                    {!ofClient && "· "}
                    {order.alteration?.what ?? nameGarment(order)}
                  </span>
                </span>
                <span className="block text-sm text-ink-soft">
                  No. {order.number} · {sayPromise(order, today)}
                </span>
              </span>
              <span className="flex items-center gap-1 font-semibold text-next-deep">
                {act} <ChevronRight size={20} aria-hidden="true" />
              </span>
            </Link>
            <OrderDays
              orderId={order.id}
              name={`no. ${order.number}`}
              promisedOn={order.promisedOn}
              fittings={order.fittings}
              after={after}
            />
          </li>
        );
      })}
    </ul>
  );
}
