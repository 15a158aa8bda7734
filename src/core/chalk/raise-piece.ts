import { at } from "../geometry";
import type { Inches } from "../length";
import type { ChalkStep, GuideLine, Mark, Piece } from "./draft";
import { movePiece } from "./motion";
import type { Term } from "./term";

/** Lengths of a raised piece are read from its own upper edge; what lies above it is a term of each. */
function raisedTerms(terms: readonly Term[], by: Inches): readonly Term[] {
  return [...terms, { code: "above-start", kind: "style", value: -by, source: "split" }];
}

function tellLine(line: GuideLine, by: Inches): GuideLine {
  return line.id === "top" ? line : { ...line, terms: raisedTerms(line.terms, by) };
}

function tellMark(mark: Mark, by: Inches): Mark {
  return mark.line === "centre" ? { ...mark, terms: raisedTerms(mark.terms, by) } : mark;
}

/** The top line of a raised piece lies a seam below the cloth's edge. */
function tellStep(step: ChalkStep, by: Inches, allowance: Inches): ChalkStep {
  if (step.act.kind === "top-line") {
    const terms: readonly Term[] = [{ code: "joining-seam", kind: "allowance", value: allowance, source: "split" }];
    return { ...step, reading: allowance, terms };
  }
  const isDown = step.act.kind === "guide-line" || step.act.kind === "centre-mark";
  return isDown ? { ...step, terms: raisedTerms(step.terms, by) } : step;
}

/**
 * A piece that starts at a line of its own, below a yoke or a split: its top line is that line, and every length is read
 * from there.
 *
 * @param by how far down the draft's top line the piece starts
 * @param allowance the seam above that line
 */
export function raisePiece(piece: Piece, by: Inches, allowance: Inches): Piece {
  const raised = movePiece(piece, {
    point: ({ x, y }) => at(x, y - by),
    length: (length) => length,
    depth: (depth) => depth - by,
  });
  return {
    ...raised,
    lines: raised.lines.map((line) => tellLine(line, by)),
    marks: raised.marks.map((mark) => tellMark(mark, by)),
    steps: raised.steps.map((step) => tellStep(step, by, allowance)),
  };
}
