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
  "armhole-below-bust": (say, nearest) => ({
    message: `The underarm would lie ${say("chest")} down, far below the bust line at ${say("bust")}.`,
    remedy: `Measure the armhole and shoulder to bust point again, or choose another armhole depth; a chest line at ${nearest} would do.`,
  }),
  "girths-too-far-apart": (say) => ({
    message: `Within ${say("down")} the body would go from ${say("above")} to ${say("below")} round: no side seam can follow that.`,
    remedy: "Measure bust, under-bust, waist and hip again, and the lengths between them.",
  }),
  "underbust-out-of-place": (say, nearest) => ({
    message: `The under-bust line (${say("ribs")}) must lie well below the bust line (${say("bust")}) and above the waist (${say("waist")}).`,
    remedy: `Measure shoulder to under-bust and to the bust point again; ${nearest} would do. Without panels it is not needed.`,
  }),
  "bust-dart-too-large": (say) => ({
    message: `The front is ${say("excess")} longer than the back: more than a dart can take up.`,
    remedy: "Measure both half lengths again, or draw it without a bust dart.",
  }),
  "bust-dart-too-low": (say) => ({
    message: `The bust dart would open ${say("mouth")} down, within an inch and a half of the waist line (${say("waist")}).`,
    remedy:
      "Below the bust mark there is no room for it. Measure shoulder to bust point and both half lengths again, or draw it without a bust dart.",
  }),
  "bust-dart-needs-panel": () => ({
    message: "A bust dart can only be closed into a panel seam where the front has panels from armhole or shoulder.",
    remedy: "Sew the dart, or choose front panels.",
  }),
  "bust-dart-needs-waist-dart": () => ({
    message: "A bust dart can only be closed into a waist dart that opens into the waist edge.",
    remedy: "Sew the dart, or choose a waist dart in front on a body that ends at the waist, without panels.",
  }),
  "dart-too-short": (say) => ({
    message: `The waist dart would run from ${say("tip")} to ${say("end")}, too short beside the waist line at ${say("waist")}.`,
    remedy: "Leave the dart out, or set its tips further from the waist in the house rules.",
  }),
  "dart-beyond-side": (say, nearest) => ({
    message: `The waist dart ends ${say("dart")} from the centre, at or over the side (${say("side")}).`,
    remedy: `Measure the bust span again (${nearest} at most here), or make the dart narrower.`,
  }),
  "panel-off-armhole": (say, nearest) => ({
    message: `The panel with its take-out would meet the armhole from ${say("from")} to ${say("to")} along it; it is ${say("armhole")} long.`,
    remedy: `Let the panel meet it further inside (its middle is at ${nearest}), or take out less.`,
  }),
  "panel-room-twice": () => ({
    message: "The half inch on the span and the panels moved apart stand for the same seam: it would be added twice.",
    remedy: "Keep the panel line at half the bust span, or do not move the panels apart.",
  }),
  "band-narrower-than-seam": (say, nearest) => ({
    message: `Half a band of ${say("band")} is narrower than its seam of ${say("seam")}.`,
    remedy: `Choose a band of ${nearest} or more.`,
  }),
  "slit-longer-than-front": (say, nearest) => ({
    message: `A slit of ${say("slit")} is longer than the front below the neck (${say("front")}).`,
    remedy: `Choose ${nearest} or less, or 0 for a slit to the hem.`,
  }),
  "pleat-needs-yoke": () => ({
    message: "A back pleat is held by a yoke across a back on the fold; here there is none.",
    remedy: "Choose a back yoke and no opening at the centre back, or no pleat.",
  }),
  "yoke-below-armhole": (say, nearest) => ({
    message: `The back yoke (${say("yoke")} down) would end below the armhole at ${say("chest")}.`,
    remedy: `Choose ${nearest} or less below the neck.`,
  }),
  "panels-need-own-fold": () => ({
    message: "Front and back can only share a fold when each is one piece.",
    remedy: "Fold once for the front and once for the back.",
  }),
  "shoulder-drop-too-steep": (say) => ({
    message: `A shoulder drop of ${say("drop")} is too steep for a shoulder of ${say("shoulder")}.`,
    remedy: "Choose a smaller drop, or the same for front and back.",
  }),
};

/** Says why a draft cannot be drawn, and the nearest way out, in the shop's unit. */
export function wordRefusal(refusal: Refusal, unit: Unit): RefusalWording {
  const nearest =
    typeof refusal.nearest === "number" ? formatLengthWithUnit(refusal.nearest, unit) : String(refusal.nearest ?? "");
  return refusals[refusal.code]((name) => formatLengthWithUnit(refusal.numbers[name] ?? 0, unit), nearest);
}
