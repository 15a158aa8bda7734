import Link from "next/link";
import { measurements } from "@/core/body";
import { nameGarment } from "@/core/garments";
import type { OrderWants } from "@/server/load";

/** What each open order still asks of the card: what is missing, and what an estimate stands in for. */
export function StillNeeds({ wants, clientId }: { readonly wants: readonly OrderWants[]; readonly clientId: string }) {
  const open = wants.filter((order) => order.wants.length > 0);
  if (open.length === 0) return null;
  return (
    <section className="slip space-y-2 p-4" aria-labelledby="still-needs">
      <h2 id="still-needs" className="text-lg">
        Still to measure
      </h2>
      <ul className="space-y-2">
        {open.map(({ order, wants: own }) => (
          <li key={order.id}>
            <strong>{nameGarment(order)}</strong>, no. {order.number}:{" "}
            {own
              .map(
                ({ id, from }) => `${measurements[id].label.toLowerCase()}${from === "estimate" ? " (estimated)" : ""}`,
              )
              .join(", ")}
          </li>
        ))}
      </ul>
      <Link href={`/clients/${clientId}/card`} className="button" prefetch={false}>
        Measure them
      </Link>
    </section>
  );
}
