import Link from "next/link";
import type { stageMinutes } from "@/core/making";
import { sayMinutes } from "@/core/wording";
import { sayMoney } from "@/server/money";
import type { Reckoned, ReckonedLine } from "@/server/reckon";

interface ReckonedSlipProps {
  readonly reckoned: Reckoned;
  readonly soFar: ReturnType<typeof stageMinutes>;
  readonly currency: string;
}

const NAMES = { cloth: "Cloth", notions: "What goes with it", work: "Work" } as const;

/** What a line rests on, or what is missing to reckon it. */
function sayLine({ what, hundredths, partly }: ReckonedLine, minutes: number | null): string {
  if (what === "work" && minutes === null) return "not timed on three garments yet";
  if (hundredths === null) return "no price yet";
  if (what === "work" && minutes !== null) return `${sayMinutes(minutes)}, as garments take here`;
  return partly ? "what has a price" : "";
}

/** What a garment comes to by the shop's own numbers: offered beside the price, never instead of it. */
export function ReckonedSlip({ reckoned, soFar, currency }: ReckonedSlipProps) {
  const took = Object.values(soFar).reduce((sum, minutes) => sum + (minutes ?? 0), 0);
  return (
    <section className="slip no-print p-4" aria-label="What it comes to">
      <h2 className="text-xl">What it comes to</h2>
      <ul>
        {reckoned.lines.map((line) => (
          <li key={line.what} className="flex items-baseline gap-3 border-b border-card-deep py-2">
            <span className="flex-1">
              {NAMES[line.what]} <span className="text-sm text-ink-soft">{sayLine(line, reckoned.minutes)}</span>
            </span>
            {line.hundredths !== null && <strong className="text-lg">{sayMoney(line.hundredths, currency)}</strong>}
          </li>
        ))}
      </ul>
      {reckoned.sum > 0 && (
        <p className="flex justify-between pt-2 text-lg">
          <span>Together, beside the price you agree</span>
          <strong>{sayMoney(reckoned.sum, currency)}</strong>
        </p>
      )}
      {took >= 1 && <p className="pt-1">By its own ticks it took {sayMinutes(took)} so far.</p>}
      <Link href="/backup" className="inline-flex min-h-12 items-center underline" prefetch={false}>
        The shop’s prices and hours
      </Link>
    </section>
  );
}
