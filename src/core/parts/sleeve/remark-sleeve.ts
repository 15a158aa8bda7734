import { bodyValue, type Given, givenStep, type PieceChalk, ruleLength, type Sheet } from "../../chalk";
import { pathEnd, pathLength } from "../../geometry";
import { both, type Inches, pickSystem, roundToStep } from "../../length";
import { capThatPasses } from "./plan-cap";
import type { SleevePlan } from "./plan-sleeve";
import type { SpreadSleeve } from "./spread-sleeve";

/** A sleeve is narrow under the arm with less room than this. */
const LEAST_ROOM = both(1.25, 3);
/** Further off the fold than this the shoulder notch asks why. */
const FAR_OFF = both(0.5, 1.2);
/** A hand is rounder than its wrist by this. */
const HAND = both(1.5, 4);
/** So much of a tailored sleeve's seam is left open at its end. */
const VENT = both(4, 10);
/** A wrist so much narrower than its elbow would want a dart there. */
const ELBOW_DART = both(5, 12.5);
/** Strips that turn further than this in all lie badly. */
const TURNS_FAR = (80 * Math.PI) / 180;
/** The lap where elastic is sewn into a round, and how wide its casing is beyond it. */
const LAP = both(0.5, 1.2);
/** Elastic that is usual in a sleeve. */
const ELASTIC = both(0.375, 1);
/** Between its notches a cap that is gathered is at least so many times the armhole. */
const LEAST_GATHERED = 1.2;
/** Kinds that need no way for the hand told: elastic gives, petals and ties open. */
const HAND_KINDS: ReadonlySet<string> = new Set(["gathered", "puff", "petal", "tie-band"]);

function remarkWidth(sheet: Sheet, plan: SleevePlan, piece: string): void {
  const { given } = sheet;
  const round = 2 * pathEnd(plan.cap.curve).x;
  const wanted = bodyValue(given, "upperArm") + pickSystem(LEAST_ROOM, given.metric);
  if (round >= wanted - 1e-9) return;
  if (plan.form.sleeveWidth !== "off") {
    const cure = { path: "choices.sleeveWidth", value: "off" } as const;
    sheet.remark({ id: "sleeve-told-narrow", piece, numbers: { round, wanted }, cure });
    return;
  }
  const cap = capThatPasses(given, plan.cap, wanted);
  const numbers = { round, wanted };
  if (cap === null) sheet.remark({ id: "sleeve-narrow-uncured", piece, numbers });
  else
    sheet.remark({
      id: "sleeve-narrow",
      piece,
      numbers: { ...numbers, cap },
      cure: { path: "rules.capHeight", value: cap },
    });
}

function remarkEnd(sheet: Sheet, plan: SleevePlan, piece: PieceChalk): void {
  const { given } = sheet;
  const { form, cuff } = plan;
  if (form.kind === "gathered" || form.kind === "puff") {
    const width = pickSystem(ELASTIC, given.metric);
    const [less, lap] = [ruleLength(given, "elasticLess"), pickSystem(LAP, given.metric)];
    const length = plan.limb - less + lap;
    sheet.notion({
      id: "elastic",
      unit: "in",
      terms: [
        { code: "round-the-arm-there", kind: "body", value: plan.limb, source: "measurement:upperArm" },
        { code: "elastic-tighter", kind: "style", value: -less, source: "rule:elasticLess" },
        { code: "elastic-lap", kind: "allowance", value: lap, source: "parts:sleeve" },
        { code: "other-sleeve-the-same", kind: "style", value: length, source: "parts:sleeve" },
      ],
    });
    sheet.remark({
      id: "sleeve-elastic",
      piece: piece.id,
      numbers: { length: roundToStep(length, givenStep(given)), width, limb: plan.limb },
    });
  }
  const wrist = given.measurements.wrist?.value;
  if (wrist === undefined || cuff !== null || HAND_KINDS.has(form.kind)) return;
  const round = 2 * (plan.side.at(-1)?.half.value ?? 0);
  const hand = wrist + pickSystem(HAND, given.metric);
  if (round >= hand - 1e-9) return;
  // A tailored sleeve is close at its wrist on purpose, and opens there.
  const id = form.kind === "jacket" ? "wrist-vent" : "hand-does-not-pass";
  sheet.remark({ id, piece: piece.id, numbers: { round, hand, vent: pickSystem(VENT, given.metric) } });
}

/** What is gathered between the notches, and into how much. */
export function gathersOf(
  given: Given,
  plan: SleevePlan,
  capHalf: Inches,
): { readonly long: Inches; readonly into: Inches } {
  const { front, back } = plan.cap.armhole;
  const up = Math.min(ruleLength(given, "sleeveNotch"), (front + back) / 6);
  return { long: 2 * capHalf - 2 * up, into: front + back - 2 * up };
}

/** What the tailor is told of a sleeve: what is left over, narrow, gathered, or will not let the hand through. */
export function remarkSleeve(
  sheet: Sheet,
  plan: SleevePlan,
  piece: PieceChalk,
  spread: SpreadSleeve | null,
  off: Inches,
): void {
  const { given } = sheet;
  const { form, cap } = plan;
  if (cap.level !== null)
    sheet.remark({
      id: "underarm-left-over",
      piece: piece.id,
      numbers: { across: cap.level.leftAcross, along: cap.level.leftAlong },
    });
  if (Math.abs(off) > pickSystem(FAR_OFF, given.metric))
    sheet.remark({ id: "notch-off-centre", piece: piece.id, numbers: { off: Math.abs(off) } });
  remarkWidth(sheet, plan, piece.id);
  if (form.kind === "puff" || form.capGathered) {
    const { long, into } = gathersOf(given, plan, pathLength(piece.edgeOf("cap").stitch));
    sheet.remark({ id: "gather-ratio", piece: piece.id, numbers: { long, into } });
    if (long < LEAST_GATHERED * into - 1e-9)
      sheet.remark({ id: "cap-ratio", piece: piece.id, numbers: { long, into } });
  }
  if (spread !== null && spread.turned > TURNS_FAR)
    sheet.remark({ id: "strips-turn-too-far", piece: piece.id, numbers: { turned: (spread.turned * 180) / Math.PI } });
  remarkEnd(sheet, plan, piece);
  const [elbow, wrist] = [bodyValue(given, "elbow"), given.measurements.wrist?.value];
  const reaches = plan.side.some(({ line }) => line === "elbow");
  if (reaches && wrist !== undefined && elbow - wrist > pickSystem(ELBOW_DART, given.metric) + 1e-9)
    sheet.remark({ id: "elbow-unshaped", piece: piece.id, numbers: { elbow, wrist } });
}
