import type { Inches } from "../length";
import type { ChalkAct, ChalkStep, Piece } from "./draft";
import type { Term } from "./term";

/** Steps whose reading runs down from the top line. */
const downward: ReadonlySet<ChalkAct["kind"]> = new Set(["guide-line", "centre-mark", "split"]);

function fromEdge(step: ChalkStep, inset: Inches): ChalkStep {
  if (!downward.has(step.act.kind) || step.from !== "top-line") return step;
  const above: Term = { code: "above-the-top-line", kind: "allowance", value: inset, source: "choice:lengthsFrom" };
  const cutReading = step.cutReading === null ? null : step.cutReading + (step.cutFrom === undefined ? inset : 0);
  return { ...step, from: "cloth-edge", reading: step.reading + inset, cutReading, terms: [...step.terms, above] };
}

/**
 * A piece whose lengths are said from the cloth's edge, with what lies above the top line added in (craft: house rules,
 * where lengths start B). The marks stay where they are; only what the tape says differs.
 */
export function readFromEdge(piece: Piece): Piece {
  const inset = piece.steps.find(({ act }) => act.kind === "top-line")?.reading ?? 0;
  return { ...piece, steps: piece.steps.map((step) => fromEdge(step, inset)) };
}
