import { at, distance, type Point, type Radians } from "../geometry";
import type { Inches } from "../length";

/** A circle that a piece has edges on. */
export interface Circle {
  readonly centre: Point;
  readonly radius: Inches;
}

/** A corner of a line, and how far it turns about a centre on its way to the next; 0 where it runs straight there. */
export interface ArcCorner {
  readonly point: Point;
  /** As it lies on the drawing, y down: positive turns clockwise. */
  readonly sweep: Radians;
}

/** A place on an arc that was written as a chain lies this near to its circle. */
const NEAR: Inches = 1e-4;
/** Fewer places than these are corners, not an arc. */
const LEAST_PLACES = 4;

/** The circle that two neighbouring places both lie on; undefined where they lie on none. */
function circleUnder(from: Point, to: Point, circles: readonly Circle[]): Circle | undefined {
  const on = (place: Point) => (one: Circle) => Math.abs(distance(place, one.centre) - one.radius) < NEAR;
  const middle = at((from.x + to.x) / 2, (from.y + to.y) / 2);
  // A chord lies inside its circle: an edge that only starts and ends on it does so by far more.
  const near = (one: Circle) => one.radius - distance(middle, one.centre) < 0.02 * one.radius;
  return circles.find((one) => on(from)(one) && on(to)(one) && near(one));
}

function turn(from: Point, to: Point, { centre }: Circle): Radians {
  const angle = Math.atan2(to.y - centre.y, to.x - centre.x) - Math.atan2(from.y - centre.y, from.x - centre.x);
  return angle > Math.PI ? angle - 2 * Math.PI : angle < -Math.PI ? angle + 2 * Math.PI : angle;
}

/** Less than a whole turn at once: its two ends must be two places. */
const MOST_AT_ONCE: Radians = Math.PI;

/**
 * A line that was written as a chain of places, with the arcs that it was drawn by as arcs again: what another program
 * reads is the radius that the tape is swung at.
 *
 * @param closed whether the last place leads back to the first
 * @returns null where there is no arc in it
 */
export function findArcs(
  points: readonly Point[],
  closed: boolean,
  circles: readonly Circle[],
): readonly ArcCorner[] | null {
  if (circles.length === 0) return null;
  const corners: { point: Point; sweep: Radians; circle: Circle | undefined; places: number }[] = [];
  const last = closed ? points.length : points.length - 1;
  for (let index = 0; index < last; index++) {
    const [from, to] = [points[index] as Point, points[(index + 1) % points.length] as Point];
    const circle = circleUnder(from, to, circles);
    const sweep = circle === undefined ? 0 : turn(from, to, circle);
    const before = corners.at(-1);
    const goesOn = before?.circle !== undefined && before.circle === circle && before.sweep * sweep > 0;
    if (goesOn && before !== undefined && Math.abs(before.sweep + sweep) <= MOST_AT_ONCE) {
      before.sweep += sweep;
      before.places += 1;
    } else corners.push({ point: from, sweep, circle, places: goesOn ? LEAST_PLACES : 1 });
  }
  const arcs = corners.map(
    ({ point, sweep, places }): ArcCorner => ({ point, sweep: places < LEAST_PLACES ? 0 : sweep }),
  );
  if (!arcs.some(({ sweep }) => sweep !== 0)) return null;
  return closed ? arcs : [...arcs, { point: points.at(-1) as Point, sweep: 0 }];
}
