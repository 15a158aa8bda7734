import type { Edge, Piece } from "../chalk";
import { handStep, type StepPlace, type TableStep } from "./steps";

/** The schools of the shears: what would be lost by a slip comes last (craft: table, the shears). */
const ORDERS = {
  "neck-first": ["neck", "shoulder", "armhole", "cap", "collar", "join", "side", "waist", "hem", "centre"],
  "neck-last": ["shoulder", "armhole", "cap", "collar", "join", "side", "waist", "hem", "neck", "centre"],
} as const;

export type ShearsOrder = keyof typeof ORDERS;

/** A fold is never cut along, and a centre whose cutting line is the folded edge itself is cut open with the fold. */
function isCut(piece: Piece, edge: Edge): boolean {
  if (edge.onFold) return false;
  return edge.role !== "centre" || edge.cut === undefined || piece.origin === "fold";
}

/** A piece's edges of some roles that are cut. */
export function cutEdges(piece: Piece, roles: readonly string[]): readonly string[] {
  return roles.flatMap((role) =>
    piece.edges.filter((edge) => edge.role === role && isCut(piece, edge)).map((edge) => edge.id),
  );
}

/** Every edge that is cut round a piece in the order of the shears; panels are cut apart later. */
export function outlineEdges(piece: Piece, order: ShearsOrder): readonly string[] {
  return cutEdges(piece, ORDERS[order]);
}

function cutStep(place: StepPlace, edge: string, mustNotCut: readonly string[]): TableStep {
  return handStep(place, "cut", `cut-${edge}`, { kind: "cut", edges: [edge], closing: false }, { mustNotCut });
}

/** The last of some cuts is where the hand looks under the cloth. */
export function closeLast(cuts: readonly TableStep[]): readonly TableStep[] {
  const last = cuts.findLastIndex(({ act }) => act.kind === "cut");
  return cuts.map((step, index) =>
    step.act.kind === "cut" ? { ...step, act: { ...step.act, closing: index === last } } : step,
  );
}

/**
 * The outline of pieces that lie beside one another, cut in one go round them: edges of one role follow each other, the
 * lower edge coming back from the outer piece to the inner one.
 */
export function cutOutlines(
  places: readonly StepPlace[],
  order: ShearsOrder,
  mustNotCut: readonly string[],
  own: (place: StepPlace, step: TableStep) => TableStep,
): readonly TableStep[] {
  const back = new Set(["waist", "hem", "centre"]);
  const cuts = ORDERS[order].flatMap((role) =>
    (back.has(role) ? [...places].reverse() : places).flatMap((place) =>
      cutEdges(place.piece, [role]).map((edge) => own(place, cutStep(place, edge, mustNotCut))),
    ),
  );
  return closeLast(cuts);
}

/** Panels are cut apart once every notch is on both of them. */
export function cutPanels(
  places: readonly StepPlace[],
  own: (place: StepPlace, step: TableStep) => TableStep,
): readonly TableStep[] {
  return closeLast(
    places.flatMap((place) => cutEdges(place.piece, ["panel"]).map((edge) => own(place, cutStep(place, edge, [])))),
  );
}

/** A centre that is a seam on folded cloth: its fold is cut open last. */
export function openFold(place: StepPlace): readonly TableStep[] {
  const { piece } = place;
  // A piece without a centre lies anywhere on the doubled cloth.
  const lies = piece.edges.some(({ role }) => role === "centre");
  const opens = piece.cut.on === "pair" && piece.drawnWith === null && piece.origin !== "fold" && lies;
  return opens ? [handStep(place, "cut", "open", { kind: "open-fold" })] : [];
}

const STOPS = new Set(["separate", "open-fold"]);

/** Numbers the movements of each group: the shears go on until the hands must stop. */
export function withMovements(steps: readonly TableStep[]): readonly TableStep[] {
  const counts = new Map<string, number>();
  let last: TableStep | undefined;
  return steps.map((step) => {
    if (step.phase !== "cut") {
      last = step;
      return step;
    }
    const runsOn = last?.phase === "cut" && last.group === step.group && !STOPS.has(step.act.kind);
    const number = (counts.get(step.group) ?? 0) + (runsOn ? 0 : 1);
    counts.set(step.group, number);
    last = step;
    return { ...step, movement: `cut-${step.group}-${number}` };
  });
}
