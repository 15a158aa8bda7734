import { findGarment, keptChoices } from "../garments";
import type { CutSheet, SheetDrawing, SheetStep } from "./cut-sheet";
import type { LateCause } from "./late-cause";
import { makeSheet } from "./make-sheet";
import type { Order } from "./order";
import type { SheetOutcome } from "./sheet-outcome";

const armholeIds = ["armholeFront", "armholeBack", "armhole"] as const;

/** An armhole as it was measured: each half, or one number for the whole; as typed, in the order's unit. */
export type LateArmhole = { readonly [id in (typeof armholeIds)[number]]?: string | number };

/**
 * An order that forgets how its armhole was measured before, and knows how it is now. What its sheet was frozen before
 * garments had it still has not.
 */
function measuredAnew({ order: frozen, resolved }: CutSheet, measured: LateArmhole): Order {
  const { measuredOnGarment = {}, ...order } = frozen;
  const others = Object.entries(measuredOnGarment).filter(([id]) => !armholeIds.some((one) => one === id));
  const then = Object.entries(keptChoices(findGarment(order.garment), resolved.choices));
  const without = then.filter(([id]) => resolved.choices[id] === undefined);
  return {
    ...order,
    choices: { ...Object.fromEntries(without), ...order.choices },
    measuredOnGarment: { ...Object.fromEntries(others), ...measured },
  };
}

/** The pieces of a sheet that are drawn to its armhole, and the groups that they are folded in. */
function sleevesOf(sheet: CutSheet): { readonly pieces: ReadonlySet<string>; readonly groups: ReadonlySet<string> } {
  const pieces = new Set(sheet.pieces.filter(({ part }) => part === "sleeve").map(({ id }) => id));
  const groups = sheet.groups.filter((group) => group.pieces.some((id) => pieces.has(id)));
  return { pieces, groups: new Set(groups.map(({ id }) => id)) };
}

/** The steps of a sheet that make its sleeves. */
export function sleeveSteps(sheet: CutSheet): readonly SheetStep[] {
  const { pieces, groups } = sleevesOf(sheet);
  return sheet.steps.filter(({ piece, group }) => pieces.has(piece) || groups.has(group));
}

/** Whether a sheet has a sleeve whose cap is sewn into an armhole that can be measured. */
export function waitsForArmhole(sheet: CutSheet): boolean {
  return sheet.seams.some(({ id }) => id === "cap");
}

/** Each row of the new list that is the sleeve's own; for any other the one that was frozen, where it is still there. */
function keepFrozen<Row extends { readonly id: string }>(
  frozen: readonly Row[],
  drawn: readonly Row[],
  isOwn: (row: Row) => boolean,
): Row[] {
  const kept = new Map(frozen.filter((row) => !isOwn(row)).map((row) => [row.id, row]));
  return drawn.map((row) => (isOwn(row) ? row : (kept.get(row.id) ?? row)));
}

/**
 * Draws the sleeves of a sheet that was cut from to the armhole as it was measured on the sewn garment. Every other piece,
 * its steps and its cloth stay as they were frozen, whatever became of the program since.
 *
 * @returns the sheet with new sleeves, or why none can be drawn to that armhole
 */
export function redrawSleeves(frozen: CutSheet, measured: LateArmhole): SheetOutcome {
  const outcome = makeSheet(measuredAnew(frozen, measured));
  if (outcome.kind !== "sheet") return outcome;
  const { sheet } = outcome;
  const { pieces, groups } = sleevesOf(sheet);
  const own = new Set(sleeveSteps(sheet).map(({ id }) => id));
  return {
    kind: "sheet",
    sheet: {
      ...sheet,
      resolved: frozen.resolved,
      cloth: frozen.cloth,
      pieces: keepFrozen(frozen.pieces, sheet.pieces, (piece) => pieces.has(piece.id)),
      groups: keepFrozen(frozen.groups, sheet.groups, (group) => groups.has(group.id)),
      steps: keepFrozen(frozen.steps, sheet.steps, (step) => own.has(step.id)),
      ...(sheet.placements === undefined || frozen.placements === undefined
        ? {}
        : {
            placements: keepFrozen(frozen.placements, sheet.placements, ({ steps }) =>
              steps.some((step) => own.has(step)),
            ),
          }),
    },
  };
}

/** Whether a half came out so far from what was drawn that the cause is asked for. */
export function asksCause({ checks }: Pick<CutSheet, "checks">): boolean {
  return asksAgain({ checks }) || checks.some(({ id, level }) => id === "late-differs" && level === "caution");
}

/** Whether a half came out so far that it is measured again before anything is drawn to it. */
export function asksAgain({ checks }: Pick<CutSheet, "checks">): boolean {
  return checks.some(({ id }) => id === "late-far-off");
}

/** A sheet that says why its edges came out as they did. */
export function withCause(sheet: CutSheet, cause: LateCause | undefined): CutSheet {
  if (cause === undefined || sheet.late === undefined) return sheet;
  return { ...sheet, late: sheet.late.map((one) => ({ ...one, cause })) };
}

/** The sleeves of a sheet by themselves, to be looked at beside another take of them. */
export function sleevesAlone(sheet: CutSheet): SheetDrawing {
  const { pieces, groups } = sleevesOf(sheet);
  const { steps: _, placements: __, ...drawing } = sheet;
  return {
    ...drawing,
    girths: [],
    pieces: drawing.pieces.filter(({ id }) => pieces.has(id)),
    groups: drawing.groups.filter(({ id }) => groups.has(id)),
  };
}
