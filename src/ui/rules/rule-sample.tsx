"use client";

import { useMemo, useState } from "react";
import { compareSheets, makeDrawing, type SheetDrawing, type SheetOutcome } from "@/core/formats";
import type { Unit } from "@/core/length";
import type { RuleSetId } from "@/core/rules";
import type { StoredDecisions } from "@/db";
import { SideBySide } from "@/ui/compare/side-by-side";
import { useAtHand } from "@/ui/garment/use-at-hand";

/** A garment that shows what a rule does. */
export interface SampleGarment {
  readonly id: string;
  readonly label: string;
  /** Rules that move it. */
  readonly uses: readonly string[];
  /** Rules that it sets for itself: the shop's own value waits until an order says it. */
  readonly own: readonly string[];
}

interface RuleSampleProps {
  readonly rule: string;
  readonly base: RuleSetId;
  readonly unit: Unit;
  readonly before: StoredDecisions;
  readonly after: StoredDecisions;
  readonly garments: readonly SampleGarment[];
  /** The readings of a made-up figure of middle size, in inches. */
  readonly figure: Readonly<Record<string, number>>;
}

const STILL = "Nothing moves yet. Change the rule to see what it does.";

type Pair = { readonly before: SheetOutcome<SheetDrawing>; readonly after: SheetOutcome<SheetDrawing> };

interface Sample {
  readonly garment: SampleGarment;
  readonly sheets: Pair;
}

const isMoved = ({ before, after }: Pair): boolean =>
  before.kind === "sheet" && after.kind === "sheet" && compareSheets(before.sheet, after.sheet).marks.length > 0;

/** The first garment on which the change shows, each drawn only until one does; else the first that has the rule at all. */
function findSample(garments: readonly SampleGarment[], draw: (id: string) => Pair): Sample | null {
  let first: Sample | null = null;
  for (const garment of garments) {
    const sample = { garment, sheets: draw(garment.id) };
    if (isMoved(sample.sheets)) return sample;
    first ??= sample;
  }
  return first;
}

/** What a rule changes on a sample cloth: the same garment for the same figure, before and after. */
export function RuleSample({ rule, base, unit, before, after, garments, figure }: RuleSampleProps) {
  const offered = useMemo(() => garments.filter(({ uses }) => uses.includes(rule)), [garments, rule]);
  const [picked, setPicked] = useState<string | null>(null);
  const tried = useMemo(() => {
    const chosen = offered.filter(({ id }) => id === picked);
    if (chosen.length > 0) return chosen;
    // Nothing is changed yet: no garment can show it, so only one is drawn.
    return before[rule] === after[rule] ? offered.slice(0, 1) : offered;
  }, [offered, picked, rule, before, after]);
  const atHand = useAtHand(
    tried,
    tried.map(({ id }) => ({ garment: id })),
  );
  const sample = useMemo(() => {
    const measurements = Object.fromEntries(Object.entries(figure).map(([id, inches]) => [id, `${inches} in`]));
    return findSample(atHand, (id) => {
      const sheet = (own: StoredDecisions) =>
        makeDrawing({ garment: id, unit, client: { card: { measurements } }, rules: { set: base, own: { ...own } } });
      return { before: sheet(before), after: sheet(after) };
    });
  }, [atHand, base, unit, before, after, figure]);
  if (sample === null)
    return <p className="slip p-4">No garment that ships is moved by this rule yet; sleeves and lapels will be.</p>;
  const { garment, sheets } = sample;
  return (
    <div className="flex min-h-0 flex-1 flex-col gap-2">
      <label className="flex flex-wrap items-center gap-3">
        <span className="font-semibold">Sample</span>
        <select className="field max-w-64" value={garment.id} onChange={(event) => setPicked(event.target.value)}>
          {offered.map(({ id, label }) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </select>
        {garment.own.includes(rule) && (
          <span className="text-sm text-ink-soft">This garment has a value of its own; an order can change it.</span>
        )}
      </label>
      <div className="min-h-0 flex-1">
        {sheets.before.kind === "sheet" ? (
          <SideBySide before={sheets.before.sheet} after={sheets.after} stacked whenStill={STILL} />
        ) : (
          <p className="slip p-4">The sample cannot be drawn by this set; mend the set, or choose another sample.</p>
        )}
      </div>
    </div>
  );
}
