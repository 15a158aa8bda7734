import {
  armholeAllowance,
  bodyTerm,
  bodyValue,
  easeTerm,
  figureNoteTerms,
  type Given,
  isSleeveless,
  MOST_ROOM_BARE,
  onTape,
  refuse,
  ruleLength,
  ruleValue,
  type Sum,
  settleOnTape,
  type Term,
} from "../chalk";
import { pathLength } from "../geometry";
import { type Inches, isAtMost } from "../length";
import { type ArmholePlan, drawArmhole, solveUnderarm } from "./armhole";
import { isArmholeChalkedAsCut, planShoulders, type ShoulderPlan, type Side } from "./shoulder";

/** Every number that front and back of a bodice share, settled before the first chalk line. */
export interface BodicePlan {
  readonly shoulder: Readonly<Record<Side, ShoulderPlan>>;
  readonly chestSide: Readonly<Record<Side, Sum>>;
  readonly armhole: Readonly<Record<Side, ArmholePlan>>;
  readonly chestDown: Sum;
  /** How far the sewn underarm lies below the chest line: the seam, where the chalked armhole is the line to cut. */
  readonly underarmBelow: Inches;
}

export const pieceIds: Readonly<Record<Side, string>> = { front: "bodice-front", back: "bodice-back" };

/** The sewn armhole of one half at a depth of the underarm, once its take-outs are closed and given back. */
export type SewnArmhole = (
  side: Side,
  plan: ArmholePlan,
  underarmDown: Inches,
  shoulder: Readonly<Record<Side, ShoulderPlan>>,
) => Inches;

/** The armhole of a half that takes nothing out of it. */
export const plainArmhole: SewnArmhole = (_side, plan, underarmDown) => pathLength(drawArmhole(plan, underarmDown));

/** The side may lie plumb under the shoulder tip, not inside it. */
const LEAST_UNDERARM: Inches = 0;
const LEAST_DEPTH: Inches = 3;
const MOST_DEPTH: Inches = 16;
/** The size from which the front armhole is scooped deeper (craft: house rules, front armhole scoop). */
const LARGE_BUST: Inches = 44;

/** Readings that the armhole's depth rule needs. */
export function needsArmhole(armholeDepth: unknown): boolean {
  return armholeDepth === "solved" || armholeDepth === "half-armhole";
}

function scoopOf(given: Given, side: Side): Inches {
  if (side === "back") return ruleLength(given, "backScoop");
  const scoop = ruleValue(given, "frontScoop");
  if (typeof scoop === "number") return scoop;
  return onTape(given, isAtMost(bodyValue(given, "bust"), LARGE_BUST) ? 0.5 : 0.75);
}

function planChestSide(given: Given, side: Side): Sum {
  return settleOnTape(given, [
    bodyTerm(given, "bust", 4),
    easeTerm(given, "bust"),
    ...figureNoteTerms(given, pieceIds[side], "chest"),
  ]);
}

function planArmhole(shoulder: ShoulderPlan, chestSide: Sum, scoop: Inches): ArmholePlan {
  if (chestSide.value - shoulder.tip.x < LEAST_UNDERARM) {
    refuse({
      code: "shoulder-wider-than-chest",
      conflicts: ["measurements.shoulder", "measurements.bust"],
      numbers: { halfShoulder: shoulder.tip.x, quarter: chestSide.value },
      nearest: 2 * (chestSide.value - LEAST_UNDERARM),
    });
  }
  return { tip: shoulder.tip, shoulder: shoulder.direction, scoop, sideAcross: chestSide.value };
}

/** The depth by a rule of thumb, as a term; null where it is solved from the sewn armhole. */
function handDepth(given: Given): Term | null {
  const rule = ruleValue(given, "armholeDepth");
  const source = "rule:armholeDepth";
  if (typeof rule === "number") return { code: "armhole-depth-fixed", kind: "style", value: rule, source };
  if (rule === "half-armhole") return { ...bodyTerm(given, "armhole", 2), code: "armhole-depth-half" };
  if (rule === "bust-sixth")
    return { code: "armhole-depth-bust", kind: "body", value: bodyValue(given, "bust") / 6 + 1.5, source };
  return null;
}

/** A fixed length counts from the top line unless the order says otherwise; every other rule as the house rule says. */
function countsFromTip(given: Given): boolean {
  const { value, from } = given.rules.armholeFrom;
  if (typeof ruleValue(given, "armholeDepth") === "number" && from === "set") return false;
  return value === "tip";
}

/** The hand's estimate of a solved depth: M ÷ 2 − ⅔ (a − 1½) (craft: house rules, armhole depth D). */
function guessDepth(given: Given, sewnArmhole: Inches): Inches {
  const across = bodyValue(given, "bust") / 4 - bodyValue(given, "shoulder") / 2;
  return sewnArmhole / 2 - (2 / 3) * (across - 1.5);
}

/** Room in the armhole; a bare one has no more than it may, unless the order itself asks for it: the set's is a sleeve's. */
function armholeRoom(given: Given): Inches {
  const room = ruleLength(given, "armholeRoom");
  return isSleeveless(given) && given.rules.armholeRoom.from === "set" ? Math.min(room, MOST_ROOM_BARE) : room;
}

function solveDepth(given: Given, sewn: (down: Inches) => Inches, drop: Inches, underarmBelow: Inches): Term {
  const wanted = bodyValue(given, "armhole") + armholeRoom(given);
  const solved = solveUnderarm(sewn, wanted, {
    from: drop + LEAST_DEPTH + underarmBelow,
    to: drop + MOST_DEPTH,
    guess: drop + underarmBelow + guessDepth(given, wanted),
  });
  const conflicts = ["measurements.armhole", "measurements.bust"];
  if (wanted < solved.least) {
    refuse({
      code: "armhole-too-small-for-chest",
      conflicts,
      numbers: { armhole: bodyValue(given, "armhole"), bust: bodyValue(given, "bust"), least: solved.least },
      nearest: solved.least - armholeRoom(given),
    });
  }
  if (wanted > solved.most) {
    refuse({
      code: "armhole-too-deep",
      conflicts,
      numbers: { wanted, most: solved.most },
      nearest: solved.most - armholeRoom(given),
    });
  }
  return {
    code: "armhole-depth-solved",
    kind: "body",
    value: solved.down - underarmBelow - drop,
    source: "rule:armholeDepth",
  };
}

function planChestDown(
  given: Given,
  shoulder: ShoulderPlan,
  sewn: (down: Inches) => Inches,
  underarmBelow: Inches,
): readonly Term[] {
  const drop: Term = {
    code: "shoulder-drop",
    kind: "style",
    value: shoulder.drop.value,
    source: "rule:shoulderSlope",
  };
  const byHand = handDepth(given);
  const terms =
    byHand === null
      ? [drop, solveDepth(given, sewn, shoulder.drop.value, underarmBelow)]
      : countsFromTip(given)
        ? [drop, byHand]
        : [byHand];
  const depth = terms.reduce((sum, term) => sum + term.value, 0) - shoulder.drop.value;
  if (depth < LEAST_DEPTH - 1e-9) {
    refuse({
      code: "armhole-too-small-for-chest",
      conflicts: ["rules.armholeDepth"],
      numbers: { depth, least: LEAST_DEPTH },
      nearest: LEAST_DEPTH + shoulder.drop.value,
    });
  }
  if (!isSleeveless(given)) return terms;
  const rise = ruleLength(given, "sleevelessRise");
  return [...terms, { code: "sleeveless-rise", kind: "style", value: -rise, source: "rule:sleevelessRise" }];
}

/** Settles shoulder, quarter bust and armhole depth of a bodice, by the house rules in force. */
export function planBodice(given: Given, neckWidth: Inches, sewnArmhole: SewnArmhole = plainArmhole): BodicePlan {
  const shoulder = planShoulders(given, neckWidth);
  const chestSide = { front: planChestSide(given, "front"), back: planChestSide(given, "back") };
  const armhole = {
    front: planArmhole(shoulder.front, chestSide.front, scoopOf(given, "front")),
    back: planArmhole(shoulder.back, chestSide.back, scoopOf(given, "back")),
  };
  const underarmBelow = isArmholeChalkedAsCut(given) ? armholeAllowance(given) : 0;
  const sewn = (down: Inches) =>
    sewnArmhole("front", armhole.front, down, shoulder) + sewnArmhole("back", armhole.back, down, shoulder);
  const chestDown = settleOnTape(given, planChestDown(given, shoulder.front, sewn, underarmBelow));
  return { shoulder, chestSide, armhole, chestDown, underarmBelow };
}
