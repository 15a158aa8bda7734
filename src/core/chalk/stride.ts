import { both, type Inches, pickSystem, roundToStep } from "../length";
import { type Given, ruleLength } from "./given";

/** Where the knee's girth was not taken it is this share of the hip (craft: skirts, stride). */
const KNEE_OF_HIP = 0.36;
const GUESSED_TO = both(0.5, 1);
/** The room below the knee is asked for from this far below it on. */
const BELOW_KNEE = both(7, 18);
/** Between the hip line and this far below it nobody's step is short. */
const BELOW_HIP = both(4, 10);
/** Girths are compared at the hem and at every whole inch above it. */
const EVERY = both(1, 2);

/** What a skirt is round, and where: from its hip to its lowest place that goes all round. */
export interface Drawn {
  readonly hipDown: Inches;
  readonly lowest: Inches;
  readonly girthAt: (down: Inches) => Inches;
}

/** A depth at which a skirt is narrower than a step there wants. */
export interface ShortStride {
  readonly down: Inches;
  readonly girth: Inches;
  readonly wanted: Inches;
}

function between(down: Inches, [from, low]: readonly [Inches, Inches], [to, high]: readonly [Inches, Inches]): Inches {
  return low + ((high - low) * (down - from)) / (to - from);
}

/** The knee's girth: as it was taken, or guessed from the hip; undefined where neither is known. */
export function kneeGirth({ measurements, metric }: Given): Inches | undefined {
  const hip = measurements.hip?.value;
  const guessed = hip === undefined ? undefined : roundToStep(KNEE_OF_HIP * hip, pickSystem(GUESSED_TO, metric));
  return measurements.knee?.value ?? guessed;
}

/** The girth that a step needs at a depth: the finished hip there, room at the knee and more below it; null where no knee is known. */
export function strideOf(given: Given, { hipDown, girthAt }: Drawn): ((down: Inches) => Inches) | null {
  const { measurements, metric } = given;
  const [knee, kneeDown] = [kneeGirth(given), measurements.waistToKnee?.value];
  if (knee === undefined || kneeDown === undefined || kneeDown <= hipDown) return null;
  const atKnee = [kneeDown, knee + ruleLength(given, "stride.knee")] as const;
  const below = [kneeDown + pickSystem(BELOW_KNEE, metric), knee + ruleLength(given, "stride.calf")] as const;
  const start = [hipDown, girthAt(hipDown)] as const;
  return (down) => {
    if (down <= kneeDown) return between(down, start, atKnee);
    return down >= below[0] ? below[1] : between(down, atKnee, below);
  };
}

/** The first depth, from the hip down, at which a skirt is too narrow to step in; undefined where one can. */
export function findShortStride(given: Given, drawn: Drawn): ShortStride | undefined {
  const wantedAt = strideOf(given, drawn);
  if (wantedAt === null) return undefined;
  const { hipDown, lowest, girthAt } = drawn;
  const every = pickSystem(EVERY, given.metric);
  const first = hipDown + pickSystem(BELOW_HIP, given.metric);
  const count = Math.max(0, Math.floor((lowest - first) / every) + 1);
  const depths = [...Array.from({ length: count }, (_, index) => first + index * every), lowest];
  return depths
    .map((down): ShortStride => ({ down, girth: girthAt(down), wanted: wantedAt(down) }))
    .find(({ girth, wanted }) => girth < wanted - 1e-6);
}
