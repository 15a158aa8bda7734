import { type Dot, dotsAlong, isStraight } from "../geometry";
import { fromCentimetres, type Inches, roundToStep } from "../length";
import type { Edge } from "./draft";
import type { Given } from "./given";

const INCH_DOTS: Inches = 1;
const METRIC_DOTS: Inches = fromCentimetres(2.5);
/** Half a tick of an inch tape: as fine as an eye can set chalk between two marks. */
const DOT_STEP: Inches = 1 / 16;

/**
 * The dots that set an edge's curve: a reading along its straight line for each inch (2.5 cm), and across from it to the
 * nearest 1/16. A straight edge has none. Not kept in the draft: whoever shows or writes an edge asks for them.
 */
export function edgeDots(edge: Edge, given: Given): readonly Dot[] {
  if (isStraight(edge.stitch)) return [];
  const dots = dotsAlong(edge.stitch, given.metric ? METRIC_DOTS : INCH_DOTS);
  return dots.map(({ along, across }) => ({ along, across: roundToStep(across, DOT_STEP) }));
}
