import {
  type CapPoints,
  type CapWanted,
  capOnTape,
  capPoints,
  drawCap,
  LEAST_CAP,
  type LevelCap,
  solveCap,
  solveHalf,
  walkLevelCap,
} from "../../blocks";
import { bodyValue, type Given, givenStep, type OpenEdge, refuse, ruleLength, ruleValue } from "../../chalk";
import type { Path } from "../../geometry";
import { both, type Inches, pickSystem, roundDownToStep, roundToStep } from "../../length";
import type { SleeveForm } from "./sleeve-form";

/** Half the armhole and this much is the width of a full sleeve that is gathered at its cap. */
const GATHERED_MORE = both(3, 8);

/** The armhole that a sleeve is drawn to, and how much longer its cap may be. */
export interface ArmholeWanted {
  readonly front: Inches;
  readonly back: Inches;
  readonly ease: Inches;
  readonly least: Inches;
  readonly most: Inches;
  /** How much longer than the drawn edges that is; 0 unless it was measured. */
  readonly off: Inches;
}

/** A cap with its width, on the tape. */
export interface PlannedCap {
  readonly mode: "slant" | "level" | "given";
  readonly cap: Inches;
  /** Width on the biceps line: to the stitched underarm, or to where the level line ends. */
  readonly half: Inches;
  readonly points: CapPoints;
  /** Half the sewn cap. */
  readonly curve: Path;
  readonly level: LevelCap | null;
  readonly armhole: ArmholeWanted;
  /** Round the arm with its room, as wide as it wants to be at least. */
  readonly arm: Inches;
}

/** One whole armhole, as it was measured on the garment or as it is drawn, and the ease that its cap wants. */
export function readArmhole(given: Given, { of }: SleeveForm, { length, off }: OpenEdge): ArmholeWanted {
  const drawn = ruleValue(given, "armholeSource") === "drawn";
  const [front, back] = (["front", "back"] as const).map((side) => length[side] - (drawn ? off[side] : 0)) as [
    Inches,
    Inches,
  ];
  const told = ruleValue(given, "capEase");
  const usual = pickSystem(of.ease, given.metric);
  const ease = typeof told === "number" ? ruleLength(given, "capEase") : usual;
  const [least, most] = of.range;
  return {
    front,
    back,
    ease,
    least: Math.max(0, ease + Math.min(0, least - of.ease.inches)),
    most: ease + most - of.ease.inches,
    off: drawn ? 0 : off.front + off.back,
  };
}

function roomOf(given: Given, { of }: SleeveForm): Inches {
  return typeof ruleValue(given, "sleeveRoom") === "number"
    ? ruleLength(given, "sleeveRoom")
    : pickSystem(of.room, given.metric);
}

/** The cap's height by rule or kind. */
function heightOf(given: Given, { of }: SleeveForm): CapWanted["cap"] {
  if (typeof ruleValue(given, "capHeight") === "number")
    return { height: ruleLength(given, "capHeight"), atMost: false };
  return "share" in of.cap ? of.cap : { height: pickSystem(of.cap.height, given.metric), atMost: true };
}

/** There is no cap: the likeliest cause first, with a guess at what would do. */
function refuseCap(given: Given, why: "cap-too-high" | "no-cap", wanted: CapWanted, armhole: Inches): never {
  const step = givenStep(given) || 1 / 8;
  const numbers = { armhole, arm: bodyValue(given, "upperArm"), half: wanted.half };
  const lowest = solveHalf(LEAST_CAP, wanted);
  if (why === "cap-too-high") {
    const cap = solveCap({ ...wanted, cap: { share: 1 } });
    const nearest = typeof cap === "string" ? "by-use" : roundDownToStep(cap.cap, step);
    refuse({
      code: why,
      conflicts: ["rules.capHeight", "rules.armholeRoom", "measurements.armhole"],
      numbers,
      nearest,
    });
  }
  if (wanted.width !== null)
    refuse({
      code: why,
      conflicts: ["choices.sleeveWidth", "rules.capEase"],
      numbers: { ...numbers, width: wanted.width },
      nearest: lowest === null ? "off" : roundDownToStep(lowest, step),
    });
  const room = lowest === null ? 0 : roundDownToStep(2 * lowest - bodyValue(given, "upperArm"), step);
  refuse({
    code: why,
    conflicts: ["rules.sleeveRoom", "measurements.upperArm", "rules.armholeRoom", "measurements.armhole"],
    numbers,
    ...(room > 0 ? { nearest: room } : {}),
  });
}

/** A full sleeve by habit, as wide as the chest line is deep, or half the armhole and 3 where its cap is gathered. */
function fullHalf(given: Given, form: SleeveForm, armhole: ArmholeWanted, chestDown: Inches): Inches | null {
  if (form.kind !== "gathered") return null;
  if (form.capGathered) return (armhole.front + armhole.back) / 2 + pickSystem(GATHERED_MORE, given.metric);
  return form.fullWidth === "depth" ? chestDown : null;
}

function onLine(
  mode: PlannedCap["mode"],
  { cap, half }: { readonly cap: Inches; readonly half: Inches },
  bow: Inches,
  rest: Pick<PlannedCap, "armhole" | "arm">,
): PlannedCap {
  const points = capPoints(cap, half, bow);
  return { mode, cap, half, points, curve: drawCap(points), level: null, ...rest };
}

/** Half the armhole laid level: how high its cap is, by rule, by kind, or as a share of the slant that follows. */
function planLevel(given: Given, wanted: CapWanted, rest: Pick<PlannedCap, "armhole" | "arm">) {
  const step = givenStep(given);
  const { cap: height, half, bow } = wanted;
  const exact = "share" in height ? (half * height.share) / Math.sqrt(1 - height.share ** 2) : height.height;
  const [cap, mark] = [roundToStep(exact, step), roundToStep(half, step)];
  const points = capPoints(cap, mark, bow);
  const level = walkLevelCap(cap, mark, half, bow);
  return { mode: "level", cap, half: mark, points, curve: level.sewn, level, ...rest } as const satisfies PlannedCap;
}

/** Plans the cap for an armhole (craft: sleeves, the block in order, 2 to 4). */
export function planCap(given: Given, form: SleeveForm, open: OpenEdge): PlannedCap {
  const armhole = readArmhole(given, form, open);
  const step = givenStep(given);
  const whole = armhole.front + armhole.back;
  const arm = bodyValue(given, "upperArm") + roomOf(given, form);
  const bow = ruleLength(given, "capBow");
  const height = heightOf(given, form);
  const told = form.sleeveWidth === "off" || form.kind === "jacket" ? null : form.sleeveWidth;
  const wanted: CapWanted = { half: (whole + armhole.ease) / 2, arm: arm / 2, cap: height, width: told, bow };
  const rest = { armhole, arm };
  const chest = open.walk.front[0]?.piece.lines.find(({ id }) => id === "chest")?.down ?? 0;
  const full = fullHalf(given, form, armhole, chest);
  if (full !== null && "height" in height) {
    const given_ = { cap: roundToStep(height.height, step), half: roundToStep(full, step) };
    return onLine("given", given_, bow, rest);
  }
  if (told !== null && "height" in height && !height.atMost)
    return onLine("given", { cap: roundToStep(height.height, step), half: told }, bow, rest);
  const level = form.of.mode === "level" || (ruleValue(given, "halfArmhole") === "level" && told === null);
  if (level) return planLevel(given, wanted, rest);
  const solved = solveCap(wanted);
  if (typeof solved === "string") return refuseCap(given, solved, wanted, whole);
  const range = { least: (whole + armhole.least) / 2, most: (whole + armhole.most) / 2 };
  return onLine("slant", capOnTape(solved, wanted, step, range), bow, rest);
}

/** The height of cap that would leave the arm its room, for a sleeve that is too narrow; null where none would. */
export function capThatPasses(given: Given, planned: PlannedCap, round: Inches): Inches | null {
  const step = givenStep(given) || 1 / 8;
  const { armhole, points } = planned;
  const half = (armhole.front + armhole.back + armhole.ease) / 2;
  const bow = ruleLength(given, "capBow");
  const widthAt = (cap: Inches): Inches | null => {
    if (planned.mode === "level") return walkLevelCap(cap, roundToStep(half, givenStep(given)), half, bow).underarm.x;
    return solveHalf(cap, { half, bow });
  };
  for (let cap = roundDownToStep(points.foot.y, step); cap >= LEAST_CAP; cap -= step) {
    const width = widthAt(cap);
    if (width !== null && 2 * width >= round - 1e-9) return cap;
  }
  return null;
}
