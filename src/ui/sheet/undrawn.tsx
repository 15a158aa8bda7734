import Link from "next/link";
import type { SheetOutcome } from "@/core/formats";
import { Fractions } from "@/ui/reading/fractions";

interface UndrawnProps {
  readonly outcome: Exclude<SheetOutcome, { kind: "sheet" }>;
  readonly orderId: string;
  readonly clientId: string;
}

/** What is said in the cloth's place when nothing can be drawn: what happened, and what to do. */
export function Undrawn({ outcome, orderId, clientId }: UndrawnProps) {
  const lines =
    outcome.kind === "errors"
      ? outcome.errors.map(({ message }) => message)
      : outcome.refused.map(({ message, remedy }) => `${message} ${remedy}`);
  return (
    <div className="fold-edge slip m-4 max-w-2xl space-y-3 p-6" role="alert">
      <h2 className="text-xl">Nothing to chalk yet</h2>
      <ul className="list-disc space-y-2 pl-6 text-lg">
        {lines.map((line) => (
          <li key={line}>
            <Fractions text={line} />
          </li>
        ))}
      </ul>
      <p className="flex flex-wrap gap-2">
        <Link className="button button-next" href={`/orders/${orderId}`} prefetch={false}>
          Change the garment
        </Link>
        <Link className="button" href={`/clients/${clientId}/card`} prefetch={false}>
          Take a new card
        </Link>
      </p>
    </div>
  );
}
