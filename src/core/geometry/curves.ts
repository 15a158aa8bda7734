import type { Inches } from "../length";
import { cubicTo, type Path, type Segment } from "./path";
import { add, type Direction, dot, type Point, scale, subtract } from "./point";

/** The share of a curve's span that each handle takes: a quarter circle drawn as one cubic (craft: bodice, step 7). */
export const HANDLE = 0.5523;

/**
 * One curve between two places, leaving and arriving in given directions; each handle is 0.5523 × what the curve
 * spans along that handle's direction. The house's curve wherever the craft says "curve" and nothing else.
 */
export function curveBetween(from: Point, leaving: Direction, to: Point, arriving: Direction): Segment {
  const span = subtract(to, from);
  const first = scale(leaving, HANDLE * Math.abs(dot(span, leaving)));
  const last = scale(arriving, HANDLE * Math.abs(dot(span, arriving)));
  return cubicTo(add(from, first), subtract(to, last), to);
}

export interface SideSeamPoints {
  readonly underarm: Point;
  readonly waist: Point;
  readonly hip: Point;
  readonly hem: Point;
}

/** How far the waist's own handle reaches into the hip curve: short, so that the curve is round over the hip, as a hand chalks it. */
const WAIST_HANDLE = 0.22;
/** How far below the hip the side has left the plumb and runs straight to the hem. */
const HIP_BLEND = 0.18;

function slope(from: Point, to: Point): number {
  return (to.x - from.x) / (to.y - from.y);
}

/** The lean of the side at the waist: plumb where the waist is the narrowest or widest place, else between both leans. */
function leanAtWaist(above: number, below: number): number {
  if (above * below <= 0) return 0;
  return (2 * above * below) / (above + below);
}

/** A curve whose x is a function of depth, with given leans (across per down) at its ends and handles as shares of the depth. */
function leaningCurve(from: Point, lean: number, share: number, to: Point, endLean: number, endShare: number): Segment {
  const depth = to.y - from.y;
  return cubicTo(
    { x: from.x + lean * share * depth, y: from.y + share * depth },
    { x: to.x - endLean * endShare * depth, y: to.y - endShare * depth },
    to,
  );
}

/**
 * The side seam from the underarm to the hem: nearly straight to the waist, smooth through it, a round hip curve that
 * is upright at the hip, then straight to the hem (craft: bodice, step 9). Never wider or narrower than its marks.
 */
export function sideSeam({ underarm, waist, hip, hem }: SideSeamPoints): Path {
  const above = slope(underarm, waist);
  const lean = leanAtWaist(above, slope(waist, hip));
  const blendTo = { x: hip.x + slope(hip, hem) * HIP_BLEND * (hem.y - hip.y), y: hip.y + HIP_BLEND * (hem.y - hip.y) };
  return {
    start: underarm,
    segments: [
      leaningCurve(underarm, above, 1 / 3, waist, lean, WAIST_HANDLE),
      leaningCurve(waist, lean, WAIST_HANDLE, hip, 0, HANDLE),
      leaningCurve(hip, 0, 1 / 3, blendTo, slope(hip, hem), 1 / 3),
      { kind: "line", to: hem },
    ],
  };
}

/** A take-out's edge that leaves the plumb at `start`, is `width` from it at `widest`, and is back at `end`; smooth all the way. */
export function hollowLine(start: Point, width: Inches, widest: Inches, end: Inches): Path {
  const waist = { x: start.x + width, y: widest };
  return {
    start,
    segments: [
      leaningCurve(start, 0, 1 / 3, waist, 0, 1 / 3),
      leaningCurve(waist, 0, 1 / 3, { x: start.x, y: end }, 0, 1 / 3),
    ],
  };
}
