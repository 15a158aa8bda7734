import {
  bodyTerm,
  bodyValue,
  easeTerm,
  type Given,
  givenStep,
  refuse,
  ruleLength,
  ruleTerm,
  ruleValue,
  type Sum,
  settleOnTape,
  type Term,
} from "../../chalk";
import {
  add,
  arcTo,
  at,
  cross,
  type Direction,
  directionFrom,
  distance,
  dot,
  joinPaths,
  meetLines,
  type Path,
  type Point,
  pathEnd,
  rightOf,
  scale,
  sideSeam,
  straight,
  subtract,
} from "../../geometry";
import { both, type Inches, pickSystem, roundToStep, roundUpToStep, TRUEING_STEP } from "../../length";
import { limbAt } from "../limb";
import { type DecidedAll, decideAll } from "../offers";
import { grownChoices } from "./grown-choices";

export type GrownForm = DecidedAll<typeof grownChoices>;

/** Half a body with its sleeve, in numbers; front and back differ in their necks alone. */
export interface GrownPlan {
  readonly form: GrownForm;
  readonly neckWidth: Sum;
  readonly halfShoulder: Sum;
  readonly drop: Sum;
  readonly chest: Sum;
  readonly waistDown: Sum;
  readonly hipDown: Sum;
  readonly hemDown: Sum;
  readonly bust: Sum;
  readonly waist: Sum;
  readonly hip: Sum;
  readonly hem: Sum;
  /** Along the shoulder, from the neck outwards. */
  readonly along: Direction;
  /** Upper and lower corner of the sleeve's end. */
  readonly end: { readonly top: Point; readonly low: Point };
  readonly sleeve: Sum;
  /** From the sleeve's lower corner round the underarm to where the side starts. */
  readonly under: Path;
  /** From there to the hem. */
  readonly side: Path;
  /** Where the sleeve is cut off and joined, because the cloth is too narrow for it; null where it is in one. */
  readonly join: { readonly top: Point; readonly low: Point } | null;
}

/** A quarter of the bust and this lies at the underarm. */
const AT_UNDERARM = both(1.5, 4);
/** Each piece of the sleeve's end has this much beyond half the arm. */
const AT_END = both(2, 5);
/** The corner under the arm is rounded by this radius. */
const RADIUS = both(3, 7.5);
/** A sleeve's lower corner lies at least so far beyond the underarm. */
const LEAST_BEYOND = both(3, 7.5);
/** From the underarm square to the shoulder line an arm wants half its girth and this. */
const ARM_ROOM = both(2, 5);
/** What a cutting line keeps from the selvedge. */
const MARGIN: Inches = 0.5;

function dropTerms(given: Given, across: Inches, neckWidth: Inches): readonly Term[] {
  if (ruleValue(given, "shoulderSlope") !== "gradient") return [ruleTerm(given, "shoulderSlope")];
  const value = (across - neckWidth) / 5;
  return [{ code: "shoulder-drop-gradient", kind: "style", value, source: "rule:shoulderSlope" }];
}

/** Nothing opens: the waist is at least so wide that it passes over the bust. */
function waistTerms(given: Given): readonly Term[] {
  const own = [bodyTerm(given, "waist", 4), easeTerm(given, "waist")];
  const short = bodyValue(given, "bust") / 4 - own.reduce((sum, { value }) => sum + value, 0);
  if (short <= 0) return own;
  return [...own, { code: "to-pass-over-the-bust", kind: "style", value: short, source: "measurement:bust" }];
}

/** A corner rounded by an arc, or by as much of one as its sides have room for. */
function roundUnder(from: Point, corner: Point, to: Point, radius: Inches): Path {
  const [one, two] = [directionFrom(from, corner) ?? { x: -1, y: 0 }, directionFrom(corner, to) ?? { x: 0, y: 1 }];
  const turn = Math.atan2(cross(one, two), dot(one, two));
  const most = 0.9 * Math.min(distance(from, corner), distance(corner, to));
  const reach = Math.min(radius * Math.tan(Math.abs(turn) / 2), most);
  const own = reach / Math.tan(Math.abs(turn) / 2);
  const start = add(corner, scale(one, -reach));
  const centre = add(start, scale(rightOf(one), Math.sign(turn) * own));
  return joinPaths([straight(from, start), { start, segments: [arcTo(start, centre, turn)] }]);
}

/** A seam keeps so far from where the corner under the arm begins to turn. */
const CLEAR_OF_CORNER: Inches = 1;

/**
 * Where the sleeve is cut off square to its line, if the cloth is too narrow for the whole: midway between neck and end, or
 * further out where that would run into the corner under the arm.
 */
function joinOf(
  given: Given,
  {
    neck,
    along,
    end,
    under,
  }: { readonly neck: Point; readonly along: Direction; readonly under: Path } & Pick<GrownPlan, "end">,
): GrownPlan["join"] {
  const room = given.clothWidth / 2 - MARGIN;
  if (end.top.x + ruleLength(given, "allowance.hem") + MARGIN <= room) return null;
  const corner = under.segments[0]?.to ?? under.start;
  const back = directionFrom(end.low, corner) ?? { x: -1, y: 0 };
  const middle = add(neck, scale(subtract(end.top, neck), 1 / 2));
  const meet = meetLines(middle, rightOf(along), end.low, back) ?? end.low;
  const most = Math.max(0, distance(end.low, corner) - CLEAR_OF_CORNER);
  const low = add(end.low, scale(back, Math.min(most, Math.max(0, dot(subtract(meet, end.low), back)))));
  return { top: add(neck, scale(along, dot(subtract(low, neck), along))), low };
}

/** Plans a body with its sleeves grown on (craft: sleeves, grown on). */
export function planGrown(given: Given): GrownPlan {
  const form = decideAll(grownChoices, {}, { ...given, step: givenStep(given) });
  const settle = (...terms: readonly Term[]) => settleOnTape(given, terms);
  const style = (code: Term["code"], value: Inches, choice: keyof typeof grownChoices): Term => ({
    code,
    kind: "style",
    value,
    source: `choice:${choice}`,
  });
  const neckWidth = settle(style("neck-width", form.neckWidth, "neckWidth"));
  const halfShoulder = settle(bodyTerm(given, "shoulder", 2));
  if (halfShoulder.value < neckWidth.value + 1)
    refuse({
      code: "neck-wider-than-shoulder",
      conflicts: ["choices.neckWidth", "measurements.shoulder"],
      numbers: { neckWidth: neckWidth.value, halfShoulder: halfShoulder.value },
      nearest: halfShoulder.value - 1,
    });
  const drop = settle(...dropTerms(given, halfShoulder.value, neckWidth.value));
  const [neck, tip] = [at(neckWidth.value, 0), at(halfShoulder.value, drop.value)];
  const along = directionFrom(neck, tip) ?? { x: 1, y: 0 };
  const sleeve =
    form.sleeveEnd === "by-reading"
      ? settle(bodyTerm(given, "sleeveLength"))
      : settle(style("ends-as-told", form.sleeveEnd, "sleeveEnd"));
  const high = roundToStep(
    limbAt(given, bodyValue(given, "shoulderToElbow") / 2, sleeve.value) / 2 + pickSystem(AT_END, given.metric),
    TRUEING_STEP,
  );
  const chest = settle(
    ...drop.terms,
    bodyTerm(given, "armhole", 2),
    style("below-the-chest-line", form.grownDrop, "grownDrop"),
  );
  const bust = settle(
    bodyTerm(given, "bust", 4),
    style("room-at-the-underarm", pickSystem(AT_UNDERARM, given.metric), "grownDrop"),
  );
  const waist = settle(...waistTerms(given));
  const hip = settle(bodyTerm(given, "hip", 4), easeTerm(given, "hip"));
  const hem = settle(
    ...hip.terms.filter(({ kind }) => kind !== "rounding"),
    style("hem-beyond-the-hip", form.hemExtra, "hemExtra"),
  );
  const waistDown = settle(bodyTerm(given, "frontWaist"));
  const hipDown = settle(bodyTerm(given, "frontWaist"), bodyTerm(given, "waistToHip"));
  const hemDown = settle(bodyTerm(given, "fullLength"));
  const underarm = at(bust.value, chest.value);
  const endAt = (length: Inches) => {
    const top = add(tip, scale(along, length));
    return { top, low: add(top, scale(rightOf(along), high)) };
  };
  const end = endAt(sleeve.value);
  const beyond = pickSystem(LEAST_BEYOND, given.metric);
  const least = underarm.x + beyond;
  if (end.low.x < least)
    refuse({
      code: "sleeve-too-short",
      conflicts: ["choices.sleeveEnd", "measurements.sleeveLength"],
      numbers: { end: sleeve.value, beyond },
      words: { of: "grown" },
      nearest: roundUpToStep(sleeve.value + (least - end.low.x) / along.x, givenStep(given) || 1 / 8),
    });
  if (chest.value > waistDown.value - 1)
    refuse({
      code: "armhole-too-deep",
      conflicts: ["choices.grownDrop", "measurements.armhole", "measurements.frontWaist"],
      numbers: { chest: chest.value, waist: waistDown.value },
    });
  const under = roundUnder(end.low, underarm, at(waist.value, waistDown.value), pickSystem(RADIUS, given.metric));
  return {
    form,
    neckWidth,
    halfShoulder,
    drop,
    chest,
    waistDown,
    hipDown,
    hemDown,
    bust,
    waist,
    hip,
    hem,
    along,
    end,
    sleeve,
    under,
    side: sideSeam({
      underarm: pathEnd(under),
      waist: at(waist.value, waistDown.value),
      hip: at(hip.value, hipDown.value),
      hem: at(hem.value, hemDown.value),
    }),
    join: joinOf(given, { neck, along, end, under }),
  };
}

/** What lies between underarm and shoulder line, square to it, less than an arm wants; null where it is enough. */
export function armShort(given: Given, plan: GrownPlan): { readonly room: Inches; readonly wanted: Inches } | null {
  const from = subtract(at(plan.bust.value, plan.chest.value), at(plan.neckWidth.value, 0));
  const room = dot(from, rightOf(plan.along));
  const wanted = bodyValue(given, "upperArm") / 2 + pickSystem(ARM_ROOM, given.metric);
  return room < wanted - 1e-9 ? { room, wanted } : null;
}
