import { type Given, onTape, refuse, type Term } from "../../chalk";
import {
  add,
  arcTo,
  at,
  bowedCurve,
  curveBetween,
  type Direction,
  directionFrom,
  dot,
  leftOf,
  lineTo,
  type Path,
  type Point,
  placeAtLength,
  reversePath,
  rightOf,
  scale,
  subtract,
} from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import type { BodyForm } from "./body-form";

/** A built-up neck rises up and inward at half a right angle. */
const UP: Direction = at(-Math.SQRT1_2, -Math.SQRT1_2);
/** Rise and shoulder are joined by an arc of this radius. */
const ROUNDED = both(1, 2.5);
/** The front is a soft V: bowed this far toward the body. */
const FRONT_BOW = both(0.375, 1);
/** Cloth that is kept above the top line, cut. */
const ABOVE = both(2.5, 6.5);
const WIDTH = [both(2.25, 5.5), both(3, 7.5)] as const;
/** Less deep in front it would close on the throat. */
const LEAST_DEPTH = both(1.5, 4);

export const isBuiltUp = ({ frontNeck }: Pick<BodyForm, "frontNeck">): boolean => frontNeck === "built-up";

/** Where a built-up neck ends, up from its neck point. */
export function riseEnd(form: Pick<BodyForm, "builtUpRise">, neckWidth: Inches): Point {
  return add(at(neckWidth, 0), scale(UP, form.builtUpRise));
}

/** Refuses a built-up neck that is too wide, too narrow or too shallow. */
export function checkBuiltUp(given: Given, form: BodyForm): void {
  if (!isBuiltUp(form)) return;
  const [narrowest, widest] = WIDTH.map((one) => pickSystem(one, given.metric)) as [Inches, Inches];
  const { neckWidth, frontNeckDepth: depth } = form;
  const least = pickSystem(LEAST_DEPTH, given.metric);
  if (depth < least - 1e-9)
    refuse({
      code: "built-up-too-shallow",
      conflicts: ["choices.frontNeckDepth", "choices.frontNeck"],
      numbers: { depth, least },
      nearest: least,
    });
  if (neckWidth < narrowest - 1e-9 || neckWidth > widest + 1e-9)
    refuse({
      code: "collar-on-neck",
      conflicts: ["choices.neckWidth", "choices.frontNeck"],
      numbers: { value: neckWidth, least: narrowest, most: widest },
      words: { collar: "built-up", of: "neckWidth" },
      nearest: neckWidth < narrowest ? narrowest : widest,
    });
}

/** The front edge, from the centre up to the end of the rise: a soft V. */
export function builtUpFront(given: Given, end: Point, depth: Inches): Path {
  const centre = at(0, depth);
  return { start: centre, segments: [bowedCurve(centre, end, -pickSystem(FRONT_BOW, given.metric))] };
}

/** A way mirrored in the rise, so that both edges run on in one line across the seam. */
function mirrored(way: Direction): Direction {
  return subtract(scale(UP, 2 * dot(UP, way)), way);
}

/** The back edge, from the centre up to the end of the rise: level at the centre, running on from the front. */
export function builtUpBack(end: Point, front: Path, dip: Inches): Path {
  const arrives = placeAtLength(reversePath(front), 0).tangent;
  const leaves = mirrored(scale(arrives, -1));
  const centre = at(0, end.y + dip);
  const down: Path = { start: end, segments: [curveBetween(end, leaves, centre, { x: -1, y: 0 })] };
  return reversePath(down);
}

/**
 * A shoulder edge from the end of the rise: down it, round into the shoulder line, and on.
 *
 * @param shoulder from the neck point outwards, straight at first
 */
export function risenShoulder(given: Given, form: BodyForm, shoulder: Path): Path {
  if (!isBuiltUp(form)) return shoulder;
  const neck = shoulder.start;
  const end = riseEnd(form, neck.x);
  const [first, ...rest] = shoulder.segments;
  if (first === undefined) return shoulder;
  const along = directionFrom(neck, first.to) ?? at(1, 0);
  const down = scale(UP, -1);
  const turn = Math.acos(Math.min(1, dot(down, along)));
  const radius = Math.min(onTape(given, pickSystem(ROUNDED, given.metric)), form.builtUpRise / Math.tan(turn / 2));
  const reach = radius * Math.tan(turn / 2);
  const from = add(neck, scale(UP, reach));
  // Walking down the rise the shoulder turns away to the left: the arc's centre lies there.
  const left = dot(leftOf(down), along) > 0;
  const centre = add(from, scale(left ? leftOf(down) : rightOf(down), radius));
  return { start: end, segments: [lineTo(from), arcTo(from, centre, left ? -turn : turn), lineTo(first.to), ...rest] };
}

/** Cloth above the top line that a built-up neck wants beside the shoulder's seam; none for any other. */
export function builtUpAbove(given: Given, form: BodyForm, shoulder: Inches): readonly Term[] {
  if (!isBuiltUp(form)) return [];
  const value = pickSystem(ABOVE, given.metric) - shoulder;
  return value <= 0 ? [] : [{ code: "above-the-top-line", kind: "style", value, source: "choice:builtUpRise" }];
}

/** How far up the rise goes, and across: terms of its end, from the neck width. */
export function riseTerm({ builtUpRise }: BodyForm): Term {
  return { code: "neck-rise", kind: "style", value: -builtUpRise * Math.SQRT1_2, source: "choice:builtUpRise" };
}
