import type { Piece } from "../chalk";
import type { Inches } from "../length";
import { afterCut } from "./after-cut";
import type { FoldGroup } from "./fold-plan";
import { chalkStep, type HandAct, handStep, type StepPlace, type TableStep } from "./steps";

/** The hole of a ring stretches: it is cut so much short of its line first. */
const SHORT: Inches = 1 / 8;

/** How the cloth lies under a ring: in four, or once from selvedge to selvedge. */
function foldAct(group: FoldGroup, copies: number): HandAct {
  return group.fold === "quarter"
    ? { kind: "fold-quarter", foldedWidth: group.foldedWidth }
    : { kind: "fold-across", length: group.foldedWidth, copies };
}

/** A whole ring is cut open along one of its folds where what it is sewn into opens, or where another follows it. */
function isSlashed({ part, cut, notches }: Piece): boolean {
  return part === "skirt" && cut.on === "quarter" && (cut.copies > 1 || notches.some(({ id }) => id === "zip-end"));
}

/**
 * A ring on its fold, from the folding to its name: both swings, the tape walked round as its check, its outer edge cut
 * first and its hole last (craft: skirts, circles and rings).
 */
export function ringSteps(group: FoldGroup, piece: Piece, scale: number): readonly TableStep[] {
  const place: StepPlace = { group: group.id, piece, layers: group.layers };
  const closing = piece.edges.filter(({ role, onFold }) => role === "join" && !onFold).map(({ id }) => id);
  const cut = (edge: string): TableStep =>
    handStep(place, "cut", `cut-${edge}`, { kind: "cut", edges: [edge], closing: false });
  const hole: HandAct = { kind: "cut-hole", edges: ["inner"], short: SHORT * scale };
  return [
    handStep(place, "fold", "prepare", { kind: "prepare" }),
    handStep(place, "fold", "fold-in", foldAct(group, piece.cut.copies)),
    ...piece.steps.map((step) => chalkStep(place, step)),
    handStep(place, "check", "check", { kind: "check", pieces: [piece.id] }),
    cut("outer"),
    ...closing.map(cut),
    handStep(place, "cut", "cut-inner", hole),
    ...(isSlashed(piece) ? [handStep(place, "cut", "cut-radius", { kind: "cut-radius" })] : []),
    ...afterCut(place, scale),
  ];
}
