import {
  armholeTerm,
  bodyTerm,
  type Given,
  isSleeveless,
  neckInside,
  refuse,
  ruleLength,
  ruleTerm,
  ruleValue,
  type Sum,
  settle,
  settleOnTape,
  type Term,
  turnTerm,
} from "../chalk";
import { at, type Direction, directionFrom, distance, type Point } from "../geometry";
import { type Inches, TRUEING_STEP } from "../length";

export type Side = "front" | "back";

export interface ShoulderPlan {
  readonly neckWidth: Sum;
  /** Across on the top line to the sewn shoulder tip. */
  readonly across: Sum;
  /** Down from the top line to the tip. */
  readonly drop: Sum;
  readonly tip: Point;
  /** Along the shoulder, from the neck outwards. */
  readonly direction: Direction;
}

/** The gradient of the habit: through a point 1 down at 8 from a neck width of 3 (craft: house rules, shoulder slope B). */
const GRADIENT = 1 / 5;
/** What must be left of the shoulder beside the neck. */
const LEAST_SHOULDER: Inches = 1;

/** True when the habit's chalked armhole is the line to cut: the half shoulder as read has the seam in it. */
export function isArmholeChalkedAsCut(given: Given): boolean {
  return ruleValue(given, "armholeLine") === "cutting";
}

function acrossTerms(given: Given): readonly Term[] {
  const half = bodyTerm(given, "shoulder", 2);
  if (!isArmholeChalkedAsCut(given)) return [half];
  return [half, turnTerm(armholeTerm(given), "armhole-seam-inside")];
}

function dropTerms(given: Given, side: Side, across: Inches, neckWidth: Inches): readonly Term[] {
  const id = side === "front" ? "shoulderSlope" : "backShoulderSlope";
  if (ruleValue(given, id) !== "gradient") return [ruleTerm(given, id)];
  return [
    {
      code: "shoulder-drop-gradient",
      kind: "style",
      value: (across - neckWidth) * GRADIENT,
      source: `rule:${id}`,
    },
  ];
}

function planSide(given: Given, side: Side, neckWidth: Sum): ShoulderPlan {
  const across = settleOnTape(given, acrossTerms(given));
  if (across.value < neckWidth.value + LEAST_SHOULDER) {
    refuse({
      code: "neck-wider-than-shoulder",
      conflicts: ["choices.neckWidth", "measurements.shoulder"],
      numbers: { neckWidth: neckWidth.value, halfShoulder: across.value },
      nearest: across.value - LEAST_SHOULDER,
    });
  }
  const drop = settleOnTape(given, dropTerms(given, side, across.value, neckWidth.value));
  return isSleeveless(given) ? bareSide(given, neckWidth, across, drop) : finishSide(neckWidth, across, drop);
}

/**
 * Without a sleeve the tip lies further in, on the same shoulder line: it drops by as much less as the shoulder is
 * shorter (craft: bodice, armholes without a sleeve).
 */
function bareSide(given: Given, neckWidth: Sum, full: Sum, drop: Sum): ShoulderPlan {
  const less = ruleLength(given, "sleevelessShoulder");
  const source = "rule:sleevelessShoulder";
  const terms: readonly Term[] = [...full.terms, { code: "sleeveless-shoulder", kind: "style", value: -less, source }];
  const across = settleOnTape(given, terms);
  if (across.value < neckWidth.value + LEAST_SHOULDER)
    refuse({
      code: "neck-wider-than-shoulder",
      conflicts: ["choices.neckWidth", "choices.armholeFinish", "rules.sleevelessShoulder", "measurements.shoulder"],
      numbers: { neckWidth: neckWidth.value, halfShoulder: across.value },
      nearest: across.value - LEAST_SHOULDER,
    });
  const share = (across.value - neckWidth.value) / (full.value - neckWidth.value);
  const raised: Term = { code: "on-the-same-shoulder-line", kind: "style", value: drop.value * (share - 1), source };
  return finishSide(neckWidth, across, settle([...drop.terms, raised], TRUEING_STEP));
}

function finishSide(neckWidth: Sum, across: Sum, drop: Sum): ShoulderPlan {
  const tip = at(across.value, drop.value);
  return { neckWidth, across, drop, tip, direction: directionFrom(at(neckWidth.value, 0), tip) ?? { x: 1, y: 0 } };
}

/** The front tip moved along the top line until its shoulder is as long as the back's, where the across shoulder is taken. */
function trueToBack(front: ShoulderPlan, back: ShoulderPlan): ShoulderPlan {
  const neck = at(front.neckWidth.value, 0);
  const length = distance(neck, back.tip);
  if (Math.abs(distance(neck, front.tip) - length) < TRUEING_STEP / 2) return front;
  if (front.drop.value >= length - LEAST_SHOULDER / 2) {
    refuse({
      code: "shoulder-drop-too-steep",
      conflicts: ["rules.shoulderSlope", "rules.backShoulderSlope"],
      numbers: { drop: front.drop.value, shoulder: length },
    });
  }
  const across = neck.x + Math.sqrt(length ** 2 - front.drop.value ** 2);
  const term: Term = {
    code: "trued-to-back-shoulder",
    kind: "trued",
    value: across - front.across.value,
    source: "seam:shoulder",
  };
  return finishSide(front.neckWidth, settle([...front.across.terms, term], TRUEING_STEP), front.drop);
}

/** Both shoulders on the same neck width, equally long along the seam. */
export function planShoulders(given: Given, neckWidth: Inches): Readonly<Record<Side, ShoulderPlan>> {
  const width = settleOnTape(given, [
    { code: "neck-width", kind: "style", value: neckWidth, source: "choice:neckWidth" },
    ...neckInside(given),
  ]);
  const back = planSide(given, "back", width);
  return { back, front: trueToBack(planSide(given, "front", width), back) };
}
