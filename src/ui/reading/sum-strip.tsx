import { type SheetTerm, tellTerms } from "@/core/formats";
import type { Unit } from "@/core/length";
import { Reading } from "./reading";

interface SumStripProps {
  readonly terms: readonly SheetTerm[];
  readonly cutTerms: readonly SheetTerm[];
  readonly total: number;
  readonly cut: number | null;
  readonly unit: Unit;
}

const kindStyle: Readonly<Record<SheetTerm["kind"], string>> = {
  body: "bg-card-deep",
  ease: "bg-ease",
  style: "bg-style",
  "given-back": "bg-given",
  "figure-note": "bg-given",
  allowance: "border-dashed bg-card",
  trued: "bg-style",
  drawn: "border-dotted bg-card",
  rounding: "bg-card",
};

const kindName: Readonly<Record<SheetTerm["kind"], string>> = {
  body: "body",
  ease: "ease",
  style: "style",
  "given-back": "given back",
  "figure-note": "figure note",
  allowance: "allowance",
  trued: "trued",
  drawn: "off the drawing",
  rounding: "rounding",
};

/** A share of the tape's length for a term; small ones keep room for their words. */
function grow(term: SheetTerm): number {
  return Math.max(1.5, Math.abs(term.value));
}

function TermSlip({ term, unit }: { readonly term: SheetTerm; readonly unit: Unit }) {
  return (
    <li
      className={`min-w-24 border border-line px-2 py-1 first:rounded-l-md last:rounded-r-md ${kindStyle[term.kind]}`}
      style={{ flexGrow: grow(term), flexBasis: 0 }}
    >
      <span className="block text-lg font-semibold">
        {term.value < 0 ? "" : "+ "}
        <Reading value={term.value} unit={unit} />
      </span>
      <span className="block text-sm leading-tight text-ink-soft">
        {term.label} <span className="sr-only">({kindName[term.kind]})</span>
      </span>
    </li>
  );
}

/** A reading unfolded into its sum: one term after another along a strip drawn to scale. */
export function SumStrip({ terms, cutTerms, total, cut, unit }: SumStripProps) {
  return (
    // On a phone the strip scrolls sideways, so it must be reachable by keyboard.
    <section
      aria-label="How the reading adds up"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
      tabIndex={0}
      className="relative flex items-center gap-3 overflow-x-auto sm:flex-wrap"
    >
      <ul className="flex flex-1 sm:min-w-0 sm:flex-wrap" aria-label="The sum">
        {tellTerms(terms, total, unit).map((term) => (
          <TermSlip key={`${term.source}-${term.label}`} term={term} unit={unit} />
        ))}
      </ul>
      <p className="whitespace-nowrap text-2xl font-semibold">
        = <Reading value={total} unit={unit} withUnit />
      </p>
      {cut !== null && (
        <>
          <ul className="flex flex-wrap" aria-label="From there to the cutting line">
            {tellTerms(cutTerms, (cut ?? total) - total, unit).map((term) => (
              <TermSlip key={`${term.source}-${term.label}`} term={term} unit={unit} />
            ))}
          </ul>
          <p className="text-2xl font-semibold">
            <span className="block text-sm font-normal text-ink-soft">cut at</span>{" "}
            <Reading value={cut} unit={unit} withUnit />
          </p>
        </>
      )}
    </section>
  );
}
