import type { Inches } from "../length";
import type { ChalkStep, Piece } from "./draft";
import { readsDown } from "./motion";
import type { Term } from "./term";

function fromEdge(step: ChalkStep, inset: Inches): ChalkStep {
  if (!readsDown(step) || step.from !== "top-line") return step;
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
