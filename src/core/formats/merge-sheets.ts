import type { CutSheet, SheetStep } from "./cut-sheet";
import { tableSteps } from "./table-screens";

/** What of a newly drawn sheet takes the place of what was frozen; everything else stays as it was cut. */
export interface DrawnAnew {
  readonly pieces: ReadonlySet<string>;
  readonly groups: ReadonlySet<string>;
  /** Ids of the steps that make them. */
  readonly steps: ReadonlySet<string>;
}

/** The groups that pieces are folded in, and the steps that make them. */
export function madeWith(sheet: CutSheet, pieces: ReadonlySet<string>): DrawnAnew {
  const groups = new Set(sheet.groups.filter((group) => group.pieces.some((id) => pieces.has(id))).map(({ id }) => id));
  const own = tableSteps(sheet).filter(({ piece, group }) => pieces.has(piece) || groups.has(group));
  return { pieces, groups, steps: new Set(own.map(({ id }) => id)) };
}

/** What is made once for the whole garment: it follows what is drawn now. */
const OF_THE_WHOLE: ReadonlySet<string> = new Set(["style", "count"]);

/**
 * Rows of what is cut as they were frozen, all of them and no others, and of what is drawn anew as they are now: in the order
 * of the new list, each group's own together; what the new list has no more of comes last.
 */
function mergeRows<Row>(
  frozen: readonly Row[],
  drawn: readonly Row[],
  groupOf: (row: Row) => string,
  isAnew: (group: string) => boolean,
): Row[] {
  const kept = new Map<string, Row[]>();
  for (const row of frozen) {
    const group = groupOf(row);
    if (!isAnew(group)) kept.set(group, [...(kept.get(group) ?? []), row]);
  }
  const merged = drawn.flatMap((row) => {
    const group = groupOf(row);
    if (isAnew(group)) return [row];
    const own = kept.get(group) ?? [];
    kept.delete(group);
    return own;
  });
  return [...merged, ...[...kept.values()].flat()];
}

/** The making as it was frozen, in its order; what joins a new piece says its new seams. */
function makingAnew(frozen: CutSheet, sheet: CutSheet, { pieces }: DrawnAnew): readonly SheetStep[] {
  return frozen.steps
    .filter(({ phase }) => phase === "make")
    .map((step): SheetStep => {
      const { make, text } = sheet.steps.find(({ id }) => id === step.id) ?? {};
      if (step.make === undefined || make === undefined || text === undefined || !pieces.has(step.piece)) return step;
      return { ...step, text, make: { ...step.make, seams: make.seams } };
    });
}

type Placements = NonNullable<CutSheet["placements"]>;

/** A placement with only some of its steps: strips of one cloth lie on one tape, and some of them may be cut. */
function placementOf(placement: Placements[number], isOwn: (step: string) => boolean): Placements {
  const steps = placement.steps.filter(isOwn);
  if (steps.length === placement.steps.length) return [placement];
  if (steps.length === 0) return [];
  const readings = placement.readings.flatMap((reading) => {
    const made = reading.made.filter(({ step }) => isOwn(step));
    return made.length === 0 ? [] : [{ ...reading, made, names: made.map(({ name }) => name) }];
  });
  // biome-ignore lint/suspicious/noThenProperty: the name of the open format
  return [{ ...placement, steps, readings, then: placement.then.filter(({ step }) => step === null || isOwn(step)) }];
}

/** Every step that is there lies in one placement: those of what is cut as they were, the others as they are now, in the order of the steps. */
function mergePlacements(
  frozen: Placements,
  drawn: Placements,
  steps: readonly SheetStep[],
  isAnew: (step: string) => boolean,
): Placements {
  const order = new Map(steps.map(({ id }, index) => [id, index]));
  const kept = frozen.flatMap((one) => placementOf(one, (step) => order.has(step) && !isAnew(step)));
  const fresh = drawn.flatMap((one) => placementOf(one, (step) => order.has(step) && isAnew(step)));
  const taken = new Set(kept.map(({ id }) => id));
  const named = fresh.map((one) => (taken.has(one.id) ? { ...one, id: `${one.id}-2` } : one));
  const at = ({ steps: own }: Placements[number]) => Math.min(...own.map((step) => order.get(step) ?? 0));
  return [...kept, ...named].sort((one, other) => at(one) - at(other));
}

/**
 * The sheet that was cut from, with some of its pieces as another sheet draws them: every other piece, its group, its steps
 * and its placements stay as they were frozen, whatever became of the program since.
 *
 * @param making whether the making, and what is looked at and counted, stay as they were, or follow what is drawn now
 */
export function mergeSheets(
  frozen: CutSheet,
  sheet: CutSheet,
  anew: DrawnAnew,
  making: "as-frozen" | "as-drawn",
): CutSheet {
  const follows = making === "as-drawn";
  // A step of the whole garment stands for itself: it is told by its own id.
  const keyOf = (step: SheetStep) => (OF_THE_WHOLE.has(step.phase) ? `whole ${step.id}` : step.group);
  const isAnew = (key: string) => (follows && key.startsWith("whole ")) || anew.groups.has(key);
  const steps = mergeRows(tableSteps(frozen), tableSteps(sheet), keyOf, isAnew);
  const fresh = new Set(steps.filter((step) => anew.groups.has(step.group)).map(({ id }) => id));
  const made = sheet.steps.filter(({ phase }) => phase === "make");
  return {
    ...sheet,
    pieces: mergeRows(
      frozen.pieces,
      sheet.pieces,
      ({ id }) => id,
      (id) => anew.pieces.has(id),
    ),
    groups: mergeRows(
      frozen.groups,
      sheet.groups,
      ({ id }) => id,
      (id) => anew.groups.has(id),
    ),
    steps: [...steps, ...(follows ? made : makingAnew(frozen, sheet, anew))],
    ...(sheet.placements === undefined || frozen.placements === undefined
      ? {}
      : { placements: mergePlacements(frozen.placements, sheet.placements, steps, (id) => fresh.has(id)) }),
  };
}
