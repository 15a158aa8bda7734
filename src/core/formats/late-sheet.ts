import { type LateId, type PartId, tierEdgeIds, type WholeEdge, wholeEdges } from "../chalk";
import { lateLevel } from "../checks";
import { findGarment, keptChoices } from "../garments";
import type { CutSheet, SheetDrawing, SheetStep } from "./cut-sheet";
import type { LateCause } from "./late-cause";
import { makeSheet } from "./make-sheet";
import { type DrawnAnew, madeWith, mergeSheets } from "./merge-sheets";
import type { Order } from "./order";
import type { SheetOutcome } from "./sheet-outcome";
import { tableSteps } from "./table-screens";

/** Edges of a sewn garment that something else is drawn to once they were measured. */
export const lateEdges = ["neck", "armhole", "waist", ...wholeEdges] as const;
export type LateEdge = (typeof lateEdges)[number];

interface LateOf {
  readonly ids: readonly LateId[];
  /** The part that is drawn to it, and the seams by which it is sewn there. */
  readonly part: PartId;
  readonly seams: readonly string[];
  /** Which of the part's pieces are drawn to it; all of them where nothing is said. */
  readonly pieces?: RegExp;
}

/** A tier's lower edge: whatever hangs from it is drawn to it. */
function tierEdge(id: Extract<WholeEdge, `tier-${number}`>): LateOf {
  const above = Number(id.slice("tier-".length));
  const below = tierEdgeIds.map((_, index) => index + 2).filter((tier) => tier > above);
  return {
    ids: tierEdgeIds.slice(above - 1, above),
    part: "skirt",
    seams: [`tier-${above + 1}`],
    pieces: new RegExp(`^tier-[${below.join("")}](-|$)`),
  };
}

const LATE: Readonly<Record<LateEdge, LateOf>> = {
  neck: { ids: ["necklineFront", "necklineBack"], part: "collar", seams: ["collar-neck", "collar-back"] },
  armhole: { ids: ["armholeFront", "armholeBack", "armhole"], part: "sleeve", seams: ["cap"] },
  waist: {
    ids: ["waistFront", "waistBack", "waistEdge"],
    part: "skirt",
    seams: ["waist-join-front", "waist-join-back", "waist-join"],
  },
  cuff: { ids: ["cuffEdge"], part: "sleeve", seams: ["cuff"], pieces: /^(sleeve-)?cuff$/ },
  flounce: { ids: ["flounceEdge"], part: "sleeve", seams: ["flounce"], pieces: /^flounce$/ },
  "tier-1": tierEdge("tier-1"),
  "tier-2": tierEdge("tier-2"),
  "tier-3": tierEdge("tier-3"),
  "tier-4": tierEdge("tier-4"),
  "tier-5": tierEdge("tier-5"),
};

/** An edge as it was measured: each half, or one number for the whole; as typed, in the order's unit. */
export type LateMeasured = { readonly [id in LateId]?: string | number };

/**
 * An order that forgets how an edge was measured before, and knows how it is now. What its sheet was frozen before
 * garments had it still has not.
 */
function measuredAnew({ order: frozen, resolved }: CutSheet, edge: LateEdge, measured: LateMeasured): Order {
  const { measuredOnGarment = {}, ...order } = frozen;
  const then = Object.entries(keptChoices(findGarment(order.garment), resolved.choices));
  const without = then.filter(([id]) => resolved.choices[id] === undefined);
  return {
    ...order,
    choices: { ...Object.fromEntries(without), ...order.choices },
    measuredOnGarment: withMeasured(measuredOnGarment, edge, measured),
  };
}

type Told = NonNullable<Order["measuredOnGarment"]>;

/** What was measured, with an edge anew. Below a tier that is measured anew nothing was measured yet. */
export function withMeasured(before: Told, edge: LateEdge, measured: LateMeasured): Told {
  const own = LATE[edge].ids;
  const tier = tierEdgeIds.findIndex((id) => own.includes(id));
  if (tier < 0) {
    const others = Object.entries(before).filter(([id]) => !own.some((one) => one === id));
    return { ...Object.fromEntries(others), ...measured };
  }
  const [list, now] = [before.tierEdges, own.map((id) => measured[id]).find((one) => one !== undefined)];
  const above = Array.from({ length: tier }, (_, index) => (Array.isArray(list) ? (list[index] ?? null) : null));
  return { ...before, tierEdges: [...above, now ?? null] };
}

/** The pieces of a sheet that are drawn to an edge, and what makes them. */
export function drawnTo(sheet: CutSheet, edge: LateEdge): DrawnAnew {
  // A lapel's facing is drawn with its front.
  const { part: of, pieces: named } = LATE[edge];
  const own = sheet.pieces.filter(
    ({ id, part }) => part === of && !id.startsWith("facing-") && (named === undefined || named.test(id)),
  );
  return madeWith(sheet, new Set(own.map(({ id }) => id)));
}

/** The steps of a sheet that make what is drawn to an edge. */
export function lateSteps(sheet: CutSheet, edge: LateEdge): readonly SheetStep[] {
  const { steps } = drawnTo(sheet, edge);
  return tableSteps(sheet).filter(({ id }) => steps.has(id));
}

/** The seams by which something is sewn to an edge. */
export function lateSeams(edge: LateEdge): readonly string[] {
  return LATE[edge].seams;
}

function seamTo(sheet: CutSheet, edge: LateEdge): CutSheet["seams"][number] | undefined {
  return sheet.seams.find(({ id }) => LATE[edge].seams.includes(id));
}

/** Whether a sheet has a piece that is sewn to an edge which can be measured first. */
export function waitsFor(sheet: CutSheet, edge: LateEdge): boolean {
  // A skirt by itself is joined to its band: there is no body that was sewn before.
  if (edge === "waist" && !sheet.pieces.some(({ part }) => part === "body")) return false;
  // A cuff turned back is sewn on as it is: only one with a placket has an end to measure.
  if (edge === "cuff" && !sheet.pieces.some(({ id, part }) => part === "sleeve" && /(^|-)placket$/.test(id)))
    return false;
  return seamTo(sheet, edge) !== undefined && drawnTo(sheet, edge).pieces.size > 0;
}

/** What is measured of an edge for what a sheet draws to it: a notched collar asks for the back alone. */
export function lateFields(sheet: CutSheet, edge: LateEdge): readonly LateId[] {
  const { ids } = LATE[edge];
  return seamTo(sheet, edge)?.id === "collar-back" ? ids.filter((id) => id === "necklineBack") : ids;
}

/** How long an edge is as a sheet draws it: one whole armhole, half the neck or half of it behind, half the waist; or whole. */
export function drawnLength(sheet: CutSheet, edge: LateEdge): number {
  // A sleeve's end has a pleat and its placket: what they leave is told by the cuff, as it was drawn before any measure.
  if (edge === "cuff") {
    const before = sheet.late?.find((one) => one.edge === "cuff");
    if (before !== undefined) return before.drawn;
  }
  if (edge === "waist")
    return sheet.seams
      .filter(({ id }) => LATE.waist.seams.includes(id))
      .reduce((sum, { id, lengthB }) => sum + (id === "waist-join" ? lengthB / 2 : lengthB), 0);
  return seamTo(sheet, edge)?.lengthB ?? 0;
}

/**
 * Draws what is sewn to an edge, of a sheet that was cut from, to that edge as it was measured on the sewn garment. Every
 * other piece, its steps and its cloth stay as they were frozen, whatever became of the program since.
 *
 * @returns the sheet with the new pieces, or why none can be drawn to that edge
 */
export function redrawTo(frozen: CutSheet, edge: LateEdge, measured: LateMeasured): SheetOutcome {
  const outcome = makeSheet(measuredAnew(frozen, edge, measured));
  if (outcome.kind !== "sheet") return outcome;
  const { sheet } = outcome;
  const { late, ...merged } = mergeSheets(frozen, sheet, drawnTo(sheet, edge), "as-frozen");
  return {
    kind: "sheet",
    sheet: {
      ...merged,
      ...(late === undefined ? {} : { late: late.map((one) => (one.edge === edge ? one : causeOf(frozen, one))) }),
      resolved: frozen.resolved,
      cloth: frozen.cloth,
    },
  };
}

type Late = NonNullable<CutSheet["late"]>[number];

/** Half an edge with the cause that was kept for it before. */
function causeOf({ late = [] }: CutSheet, one: Late): Late {
  const before = late.find(({ edge, half }) => edge === one.edge && half === one.half);
  return before?.cause === undefined ? one : { ...one, cause: before.cause };
}

function levels({ late = [], order }: CutSheet, edge: LateEdge): readonly ReturnType<typeof lateLevel>[] {
  const metric = order.rules?.set === "metric";
  return late.filter((one) => one.edge === edge).map(({ drawn, measured }) => lateLevel(measured - drawn, metric));
}

/** Whether a half came out so far from what was drawn that the cause is asked for. */
export function asksCause(sheet: CutSheet, edge: LateEdge): boolean {
  return levels(sheet, edge).some((level) => level === "asks-cause" || level === "asks-again");
}

/** Whether a half came out so far that it is measured again before anything is drawn to it. */
export function asksAgain(sheet: CutSheet, edge: LateEdge): boolean {
  return levels(sheet, edge).some((level) => level === "asks-again");
}

/** A sheet that says why an edge came out as it did. */
export function withCause(sheet: CutSheet, edge: LateEdge, cause: LateCause | undefined): CutSheet {
  if (cause === undefined || sheet.late === undefined) return sheet;
  return { ...sheet, late: sheet.late.map((one) => (one.edge === edge ? { ...one, cause } : one)) };
}

/** What is drawn to an edge by itself, to be looked at beside another take of it. */
export function partAlone(sheet: CutSheet, edge: LateEdge): SheetDrawing {
  const { pieces, groups } = drawnTo(sheet, edge);
  const { steps: _, placements: __, ...drawing } = sheet;
  return {
    ...drawing,
    girths: [],
    pieces: drawing.pieces.filter(({ id }) => pieces.has(id)),
    groups: drawing.groups.filter(({ id }) => groups.has(id)),
  };
}
