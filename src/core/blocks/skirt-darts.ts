import { dartNames, type Given, refuse, ruleLength } from "../chalk";
import { both, type Inches, isAtMost, pickSystem, roundToStep } from "../length";
import type { Side } from "./shoulder";
import type { SkirtDart } from "./skirt-block";

export type SkirtDartWay = "habit" | "figure" | "none";

/** What decides the darts of half a skirt: its quarters, net, and the depth of the hip. */
export interface SkirtFigure {
  readonly side: Side;
  readonly waist: Inches;
  readonly hip: Inches;
  readonly hipDown: Inches;
  /** How far in the centre starts at the waist. */
  readonly hollow: Inches;
  /** Where the first dart's line runs: half the bust span, where that is known. */
  readonly halfSpan: Inches | null;
  /** Where the first dart must close, along the sewn waist from the centre: it meets one above. */
  readonly closesAt: Inches | null;
  /** Of the shop's tape: legs lie on it. */
  readonly step: Inches;
}

/** Less than this is left to the side; up to the others one, two and three darts share the rest; more is no dart's work. */
const LEAST = both(0.5, 1);
const ONE = both(1.25, 3);
const TWO = both(2.5, 6);
const MOST = both(6, 15);
/** A first dart lies at most this share of the quarter from the centre, and half way where no span is known. */
const MOST_SHARE = 0.6;
const USUAL_SHARE = 0.5;
/** Cloth between two darts, and from the last to the side. */
const APART: Inches = 1;
/** Each further dart is shorter by this. */
const SHORTER = both(1, 2.5);
const SHORTEST = both(2.5, 6);
/** From this hip depth on a front dart is a little longer. */
const DEEP_HIP = both(9, 23);
const FRONT_LENGTH = both(3.5, 9);
const FRONT_LENGTH_DEEP = both(4, 10);

/** The most that a side may take in by itself without standing hollow: a quarter of the hip depth. */
export const mostAtSide = (hipDown: Inches): Inches => hipDown / 4;

/** What the darts together take, and into how many it is shared. */
function shareOut(given: Given, way: SkirtDartWay, figure: SkirtFigure): readonly Inches[] {
  const { side, waist, hip, hipDown, step } = figure;
  const over = hip - waist;
  const size = (bound: ReturnType<typeof both>) => pickSystem(bound, given.metric);
  if (way === "none" || over < 0) return [];
  if (way === "habit") {
    const habit = 2 * ruleLength(given, `${side}Dart.halfWidth`);
    return over >= habit - 1e-9 && habit > 0 ? [habit] : [];
  }
  const atSide = Math.min(ruleLength(given, "sideTake"), mostAtSide(hipDown), over);
  const rest = over - atSide;
  if (rest < size(LEAST) - 1e-9 && isAtMost(over, mostAtSide(hipDown))) return [];
  if (!isAtMost(rest, size(MOST)))
    refuse({
      code: "darts-too-wide",
      conflicts: ["choices.skirtDarts", "measurements.waist", "measurements.hip"],
      numbers: { rest, most: size(MOST) },
      nearest: "habit",
    });
  const count = isAtMost(rest, size(ONE)) ? 1 : isAtMost(rest, size(TWO)) ? 2 : 3;
  const intake = Math.max(roundToStep(rest / count, 2 * step), 2 * step);
  return Array.from({ length: count }, () => intake);
}

/** How far down the waist a dart's tip lies (craft: skirts, dart place). */
function tipDown(given: Given, { side, hipDown }: SkirtFigure, index: number): Inches {
  const size = (bound: ReturnType<typeof both>) => pickSystem(bound, given.metric);
  const frontRule = given.rules["skirtDart.frontLength"].value;
  const front =
    typeof frontRule === "number"
      ? ruleLength(given, "skirtDart.frontLength")
      : size(isAtMost(hipDown, size(DEEP_HIP)) ? FRONT_LENGTH : FRONT_LENGTH_DEEP);
  const usual = side === "back" ? ruleLength(given, "skirtDart.backLength") : front;
  const clear = hipDown - ruleLength(given, "skirtDart.aboveHip");
  return Math.max(Math.min(usual - index * size(SHORTER), clear), size(SHORTEST));
}

/** Where the darts' lines run: the first under the bust point, the others sharing what is left to the side evenly. */
function placeMiddles(figure: SkirtFigure, intakes: readonly Inches[]): readonly Inches[] {
  const { waist, hollow, halfSpan, closesAt, step } = figure;
  const [first = 0] = intakes;
  const usual = Math.min(halfSpan ?? USUAL_SHARE * waist, MOST_SHARE * waist);
  const middle = roundToStep(closesAt === null ? usual : hollow + closesAt + first / 2, step);
  const side = hollow + waist + intakes.reduce((sum, intake) => sum + intake, 0);
  const outer = middle + first / 2;
  const share = (side - outer) / intakes.length;
  return intakes.map((_, index) => (index === 0 ? middle : roundToStep(outer + index * share, step)));
}

/** Whether darts leave enough cloth between them, and the last one beside the side. */
function standApart(figure: SkirtFigure, intakes: readonly Inches[], middles: readonly Inches[]): boolean {
  const side = figure.hollow + figure.waist + intakes.reduce((sum, intake) => sum + intake, 0);
  const starts = [...middles.slice(1).map((middle, index) => middle - (intakes[index + 1] ?? 0) / 2), side];
  return middles.every((middle, index) => (starts[index] ?? side) - middle - (intakes[index] ?? 0) / 2 >= APART - 1e-9);
}

/** Places the darts; where they would crowd one another, one less takes the same. */
function placeDarts(given: Given, figure: SkirtFigure, intakes: readonly Inches[]): readonly SkirtDart[] {
  if (intakes.length === 0) return [];
  const middles = placeMiddles(figure, intakes);
  if (!standApart(figure, intakes, middles)) {
    const total = intakes.reduce((sum, intake) => sum + intake, 0);
    const fewer = intakes.length - 1;
    const each = fewer === 0 ? 0 : roundToStep(total / fewer, 2 * figure.step);
    return placeDarts(
      given,
      figure,
      Array.from({ length: fewer }, () => each),
    );
  }
  return middles.map((middle, index) => ({
    id: dartNames(figure.side, index).dart,
    middle,
    intake: intakes[index] ?? 0,
    tip: tipDown(given, figure, index),
  }));
}

/** The darts of half a skirt: by the house's habit, by what this figure needs, or none (craft: skirts, block 3 and 4). */
export function planSkirtDarts(given: Given, way: SkirtDartWay, figure: SkirtFigure): readonly SkirtDart[] {
  return placeDarts(given, figure, shareOut(given, way, figure));
}
