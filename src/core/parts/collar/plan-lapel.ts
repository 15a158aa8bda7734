import { type FrontFacts, type Given, givenStep, onTape, refuse, ruleLength, ruleValue } from "../../chalk";
import {
  add,
  at,
  bowedCurve,
  curveBetween,
  type Direction,
  directionFrom,
  distance,
  flattenPath,
  joinPaths,
  leftOf,
  type Path,
  type Point,
  placeAtLength,
  type Radians,
  scale,
  straight,
  subtract,
} from "../../geometry";
import { both, type Inches, pickSystem, roundDownToStep, roundUpToStep } from "../../length";
import type { CollarForm } from "./collar-form";

/** The break line starts this far inside the neck point. */
const INSIDE_NECK = both(0.25, 0.5);
/** The break lies at least so far below the gorge and above the hem. */
const BELOW_GORGE = both(3, 7.5);
const ABOVE_HEM = both(3, 7.5);
/** A lapel turned over keeps so far clear of the armhole. */
const CLEAR_OF_ARMHOLE = both(1, 2.5);
/** A notch leaves at least so much of the gorge beside the centre. */
const BESIDE_NOTCH = both(0.25, 0.5);
/** How far a collar is swung by its width: straight between. */
const SWINGS = [
  [both(2.5, 6.5), both(0.5, 1.5)],
  [both(3, 7.5), both(0.75, 2)],
  [both(3.5, 9), both(0.75, 2)],
  [both(4, 10), both(1, 2.5)],
  [both(5, 12.5), both(1.5, 4)],
] as const;
/** Lapels up to this width have a short notch, wider ones a long one. */
const SHORT_NOTCH = both(3.5, 9);
const NOTCHES = [both(0.5, 1.5), both(1.5, 4)] as const;
const OUTER_BOW = both(0.25, 0.5);

/** What lapel and shawl have in common: where the front turns over, and the collar that is swung from its neck. */
export interface BreakPlan {
  /** Where the front turns over on its edge, and where the line of it reaches the top line. */
  readonly point: Point;
  readonly top: Point;
  readonly lean: Radians;
  /** The neck point, and the ends of the collar's centre back: sewn and outer. */
  readonly neck: Point;
  readonly sewn: Point;
  readonly outer: Point;
  /** How far the collar leans from the plumb, and how much of that is its own turn. */
  readonly collarLean: Radians;
  readonly turn: Radians;
}

export interface LapelPlan extends BreakPlan {
  readonly tip: Point;
  readonly notch: Point;
  readonly collarTip: Point;
  readonly notchIn: Inches;
  /** From the neck point to the centre front at the gorge, from there to the notch. */
  readonly gorge: Path;
  readonly edge: Path;
}

/** A value of a table of widths, straight between its rows and level beyond them. */
function between(given: Given, width: Inches): Inches {
  const rows = SWINGS.map(([at, swing]) => [pickSystem(at, given.metric), pickSystem(swing, given.metric)] as const);
  const next = rows.findIndex(([at]) => at >= width - 1e-9);
  const [after, before] = [rows[next], rows[next - 1]];
  if (after === undefined) return rows.at(-1)?.[1] ?? 0;
  if (before === undefined) return after[1];
  return before[1] + ((after[1] - before[1]) * (width - before[0])) / (after[0] - before[0]);
}

const turnBy = (swing: Inches, back: Inches): Radians => 2 * Math.asin(Math.min(1, swing / (2 * back)));

/** How much shorter than it asks the outer edge is, for a collar that is swung less than its width wants. */
export function outerShort(given: Given, { collarSwing, collarWidth }: CollarForm, back: Inches): Inches {
  if (collarSwing === "by-width") return 0;
  const wanted = turnBy(between(given, collarWidth), back);
  return Math.max(0, collarWidth * (wanted - turnBy(collarSwing, back)));
}

/** Where the break lies: where it was told, or on the waist line. */
function breakDown(given: Given, { breakAt }: CollarForm, { waistDown, endDown, gorge }: FrontFacts): Inches {
  const asked = breakAt === "waist" ? Math.min(waistDown, endDown) : breakAt;
  // A body that ends at its waist goes on below it in the skirt.
  const most = endDown <= waistDown + 1e-9 ? endDown : endDown - pickSystem(ABOVE_HEM, given.metric);
  const least = gorge + pickSystem(BELOW_GORGE, given.metric);
  if (asked >= least - 1e-9 && asked <= most + 1e-9) return asked;
  refuse({
    code: "break-misplaced",
    conflicts: ["choices.breakAt", "choices.frontNeckDepth"],
    numbers: { break: asked, least, most },
    nearest: asked < least ? least : most,
  });
}

export function planBreak(given: Given, form: CollarForm, facts: FrontFacts): BreakPlan {
  const { neckWidth, overlap, backNeck } = facts;
  const down = breakDown(given, form, facts);
  const top = at(neckWidth - pickSystem(INSIDE_NECK, given.metric), 0);
  const lean = Math.atan((top.x + overlap) / down);
  const swing = form.collarSwing === "by-width" ? between(given, form.collarWidth) : form.collarSwing;
  const turn = turnBy(swing, backNeck);
  const collarLean = lean + turn;
  const neck = at(neckWidth, 0);
  const sewn = add(neck, scale(at(Math.sin(collarLean), -Math.cos(collarLean)), backNeck));
  const outer = add(sewn, scale(at(-Math.cos(collarLean), -Math.sin(collarLean)), form.collarWidth));
  return { point: at(-overlap, down), top, lean, neck, sewn, outer, collarLean, turn };
}

/** Where the break line lies across at a depth. */
export function breakAcross({ top, lean }: Pick<BreakPlan, "top" | "lean">, down: Inches): Inches {
  return top.x - down * Math.tan(lean);
}

/** A place as it lies once the front is turned over at its break line. */
export function turnedOver({ top, point }: Pick<BreakPlan, "top" | "point">, place: Point): Point {
  const along = directionFrom(point, top) ?? at(0, -1);
  const off = subtract(place, point);
  const share = off.x * along.x + off.y * along.y;
  const foot = add(point, scale(along, share));
  return add(foot, subtract(foot, place));
}

/** The neck from its width on the top line to its depth at the centre, as the body draws it. */
export function gorgeCurve({ neckWidth, gorge, shoulder }: FrontFacts): Path {
  const along: Direction = placeAtLength(shoulder, 0).tangent;
  const [from, to] = [at(0, gorge), at(neckWidth, 0)];
  return { start: from, segments: [curveBetween(from, { x: 1, y: 0 }, to, leftOf(along))] };
}

function tipOf(given: Given, { lapelWidth }: CollarForm, plan: BreakPlan, gorge: Inches): Point {
  if (ruleValue(given, "lapelWidthFrom") === "neck-depth") return at(-lapelWidth, gorge);
  return at(breakAcross(plan, gorge) - lapelWidth, gorge);
}

/** A lapel that has no tip beside its notch, or lies across the armhole once it is turned over. */
function checkLapel(given: Given, form: CollarForm, plan: LapelPlan, { armhole }: FrontFacts): void {
  const { lapelWidth } = form;
  const step = givenStep(given) || 1 / 8;
  const beside = pickSystem(BESIDE_NOTCH, given.metric);
  const narrow = plan.notch.x + beside;
  if (narrow > 1e-9)
    refuse({
      code: "lapel-too-narrow",
      conflicts: ["choices.lapelWidth", "choices.notchIn"],
      numbers: { width: lapelWidth, least: lapelWidth + narrow },
      nearest: roundUpToStep(lapelWidth + narrow, step),
    });
  const clear = pickSystem(CLEAR_OF_ARMHOLE, given.metric);
  const turned = turnedOver(plan, plan.tip);
  const along = flattenPath(armhole);
  const near = Math.min(...along.map((place) => distance(place, turned)));
  const beyond = along.filter(({ y }) => Math.abs(y - turned.y) < clear).map(({ x }) => turned.x - x);
  const past = Math.max(0, ...beyond);
  if (past === 0 && near >= clear - 1e-9) return;
  const over = past > 0 ? past + clear : clear - near;
  refuse({
    code: "lapel-over-armhole",
    conflicts: ["choices.lapelWidth"],
    numbers: { width: lapelWidth, most: lapelWidth - over },
    nearest: roundDownToStep(lapelWidth - over, step),
  });
}

/** A lapel with its notched collar, in the body's axes (craft: collars, lapel). */
export function planLapel(given: Given, form: CollarForm, facts: FrontFacts): LapelPlan {
  const broken = planBreak(given, form, facts);
  const { gorge } = facts;
  const tip = tipOf(given, form, broken, gorge);
  const short = form.lapelWidth <= pickSystem(SHORT_NOTCH, given.metric) + 1e-9;
  const notchIn =
    form.notchIn === "by-width" ? onTape(given, pickSystem(NOTCHES[short ? 0 : 1], given.metric)) : form.notchIn;
  const notch = at(tip.x + notchIn, gorge);
  const opens = 2 * Math.asin(Math.min(form.notchGap, notchIn) / (2 * notchIn));
  const collarTip = add(notch, scale(at(-Math.cos(opens), -Math.sin(opens)), notchIn));
  const edge: Path = { start: tip, segments: [bowedCurve(tip, broken.point, -form.lapelBow)] };
  const curve = gorgeCurve(facts);
  const plan: LapelPlan = {
    ...broken,
    tip,
    notch,
    collarTip,
    notchIn,
    gorge: joinPaths([straight(notch, at(0, gorge)), curve]),
    edge,
  };
  checkLapel(given, form, plan, facts);
  return plan;
}

/** The outer edge of a notched collar, from its centre back to its front. */
export function outerEdge(given: Given, { outer, collarTip }: LapelPlan): Path {
  return { start: outer, segments: [bowedCurve(outer, collarTip, -pickSystem(OUTER_BOW, given.metric))] };
}

/** Cloth that a front wants beyond its centre line and above its top line, up to the next half. */
export function roomFor(
  given: Given,
  plan: BreakPlan,
  outermost: Inches,
): { readonly beyond: Inches; readonly above: Inches } {
  const more = Math.max(onTape(given, pickSystem(both(0.5, 1.5), given.metric)), ruleLength(given, "allowance.panel"));
  const step = pickSystem(both(0.5, 1), given.metric);
  const up = Math.max(-plan.sewn.y, -plan.outer.y);
  return { beyond: roundUpToStep(outermost + more, step), above: roundUpToStep(up + more, step) };
}

/** Where a break line ends below, and what is drawn of it. */
export function breakLine({ point, top }: BreakPlan): Path {
  return straight(point, top);
}
