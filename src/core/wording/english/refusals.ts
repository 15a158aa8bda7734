import type { Refusal, RefusalCode } from "../../chalk";
import { formatLengthWithUnit, type Unit } from "../../length";

export interface RefusalWording {
  readonly message: string;
  readonly remedy: string;
}

type Say = (name: string) => string;

const refusals: Readonly<Record<RefusalCode, (say: Say, nearest: string) => RefusalWording>> = {
  "shoulder-wider-than-chest": (say, nearest) => ({
    message: `Half across shoulder (${say("halfShoulder")}) is wider than a quarter of the bust with its ease (${say("quarter")}): there is no underarm to draw.`,
    remedy: `Measure both again. With this bust, across shoulder may be ${nearest} at most.`,
  }),
  "armhole-too-small-for-chest": (say, nearest) => ({
    message: `The armhole is too small for this chest: the shortest that can be drawn is ${say("least")}.`,
    remedy: `Measure the armhole again; ${nearest} would do. Or choose another armhole depth.`,
  }),
  "armhole-too-deep": (_say, nearest) => ({
    message: "The armhole would be so deep that the chest line falls at the waist.",
    remedy: `Measure the armhole and the half length again, or choose another armhole depth; ${nearest} would do.`,
  }),
  "neck-wider-than-shoulder": (say, nearest) => ({
    message: `A neck width of ${say("neckWidth")} leaves no shoulder (half across shoulder is ${say("halfShoulder")}).`,
    remedy: `Choose ${nearest} or less.`,
  }),
  "neck-below-waist": (say, nearest) => ({
    message: `A neck depth of ${say("depth")} reaches the waist line at ${say("waist")}.`,
    remedy: `Choose ${nearest} or less.`,
  }),
  "hem-above-hip": (say, nearest) => ({
    message: `The hem (${say("hem")}) would lie above or on the hip line (${say("hip")}).`,
    remedy: `Measure the full length again; ${nearest} is the shortest for this dress.`,
  }),
  "hip-above-waist": (say) => ({
    message: `The hip would lie only ${say("hipDepth")} below the waist.`,
    remedy: "Measure shoulder to hip and the front half length again.",
  }),
  "hem-too-narrow": (say) => ({
    message: `The hem would be only ${say("hem")} a quarter.`,
    remedy: "Take less off the hem.",
  }),
  "four-layers-need-no-opening": () => ({
    message: "In four layers both centres lie on folds; a zip line cannot.",
    remedy: "Fold twice, trace the back from the front, or leave out the zip.",
  }),
  "front-not-inside-back": () => ({
    message: "The front sticks out of the back's outline, so cutting the back first would cut into the front.",
    remedy: "Fold twice instead, or make the back neck shallower and no wider in shape than the front's.",
  }),
  "shoulder-drop-too-steep": (say) => ({
    message: `A shoulder drop of ${say("drop")} is too steep for a shoulder of ${say("shoulder")}.`,
    remedy: "Choose a smaller drop, or the same for front and back.",
  }),
};

/** Says why a draft cannot be drawn, and the nearest way out, in the shop's unit. */
export function wordRefusal(refusal: Refusal, unit: Unit): RefusalWording {
  const nearest =
    typeof refusal.nearest === "number" ? formatLengthWithUnit(refusal.nearest, unit) : (refusal.nearest ?? "");
  return refusals[refusal.code]((name) => formatLengthWithUnit(refusal.numbers[name] ?? 0, unit), nearest);
}
