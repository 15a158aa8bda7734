import Link from "next/link";
import { sayDate } from "@/core/wording";
import type { Card } from "@/db";

/** A child's card that is older than half a year: it is measured again before anything is cut by it. */
export function Outgrown({ card }: { readonly card: Pick<Card, "clientId" | "takenOn"> }) {
  return (
    <section role="alert" className="slip border-2 border-next p-4">
      <p>
        <strong>Children grow.</strong> This card is of {sayDate(card.takenOn)}, more than half a year ago.
      </p>
      <Link href={`/clients/${card.clientId}/card`} className="button mt-2" prefetch={false}>
        Measure again
      </Link>
    </section>
  );
}
