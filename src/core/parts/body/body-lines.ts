import type { BodicePlan, Side } from "../../blocks";
import {
  bodyTerm,
  bodyValue,
  type Given,
  givenStep,
  type LineId,
  refuse,
  ruleLength,
  ruleTerm,
  ruleValue,
  type Sum,
  settleOnTape,
  type Term,
  turnTerm,
} from "../../chalk";
import { type Inches, roundDownToStep, roundToStep, roundUpToStep, TRUEING_STEP } from "../../length";
import type { BodyForm } from "./body-form";

/** The guide lines of one half below its chest line, each with its reading down from the top line. */
export type LowerLines = Readonly<Partial<Record<Exclude<LineId, "top" | "chest">, Sum>>>;

/** Every guide line of one half. */
export type BodyLines = LowerLines & { readonly chest: Sum };

/** Lengths that the guide lines of a garment must keep between them to be a garment at all. */
const LEAST_CHEST_TO_WAIST: Inches = 2;
/** Bust darts and panels point at the bust: an underarm this far below it leaves them nothing to shape. */
const MOST_BELOW_BUST: Inches = 1.5;
const LEAST_HIP_DEPTH: Inches = 3;
const LEAST_BELOW_HIP: Inches = 1;
/** An under-bust take-out needs this much between the bust line and the ribs, and the ribs this much above the waist. */
const LEAST_CUP: Inches = 1.75;
const LEAST_RIBS_TO_WAIST: Inches = 0.75;
/** Less difference between the half lengths than this needs no dart. */
export const LEAST_BUST_DART: Inches = 0.125;

/** How much longer the front is drawn than the back: what the bust dart takes up. */
export function bustDartIntake(given: Given, form: BodyForm): Inches {
  if (form.dart === "none") return 0;
  const intake = bodyValue(given, "frontWaist") - bodyValue(given, "backWaist");
  return intake < LEAST_BUST_DART ? 0 : intake;
}

/** The half length of a half: its own with a bust dart, else the one both share (rule `dartlessLength`). */
function halfLength(given: Given, form: BodyForm, side: Side): Term {
  if (bustDartIntake(given, form) > 0) return bodyTerm(given, side === "front" ? "frontWaist" : "backWaist");
  const rule = ruleValue(given, "dartlessLength");
  if (rule === "front") return bodyTerm(given, "frontWaist");
  if (rule === "back") return bodyTerm(given, "backWaist");
  const value = (bodyValue(given, "frontWaist") + bodyValue(given, "backWaist")) / 2;
  return { code: "mean-of-both-half-lengths", kind: "body", value, source: "rule:dartlessLength" };
}

/** On the back, lines below the dart's mouth are shorter by the intake (craft: bodice, side bust dart). */
function shorterBack(given: Given, form: BodyForm, side: Side): readonly Term[] {
  const intake = bustDartIntake(given, form);
  if (side === "front" || intake === 0) return [];
  return [turnTerm({ code: "front-longer-than-back", kind: "body", value: intake, source: "measurement:backWaist" })];
}

/** Whether the house trims the back's lower edge: only where the body ends in a join. */
export function isTrimmed(given: Given, form: BodyForm): boolean {
  return ruleValue(given, "balance") === "trim" && form.style.hem === "join";
}

function balanceTrim(given: Given, form: BodyForm, side: Side): readonly Term[] {
  if (side === "front" || !isTrimmed(given, form)) return [];
  return [turnTerm(ruleTerm(given, "balanceTrim"))];
}

/** Refuses an armhole that leaves no body between the chest line and the next. */
export function checkChest(plan: BodicePlan, form: BodyForm, { bust, waist, underbust }: LowerLines): void {
  const underarm = plan.chestDown.value + plan.underarmBelow;
  const pointed = form.panel !== "none" || form.backPanel !== "none" || form.dart !== "none";
  if (pointed && bust !== undefined && underarm > bust.value + MOST_BELOW_BUST) {
    refuse({
      code: "armhole-below-bust",
      conflicts: ["measurements.armhole", "measurements.shoulderToBust", "rules.armholeDepth"],
      numbers: { chest: underarm, bust: bust.value },
      nearest: bust.value + MOST_BELOW_BUST - plan.underarmBelow,
    });
  }
  const below = waist ?? underbust;
  const least = waist === undefined ? 1 : LEAST_CHEST_TO_WAIST;
  if (below === undefined || below.value >= plan.chestDown.value + plan.underarmBelow + least) return;
  refuse({
    code: "armhole-too-deep",
    conflicts: ["rules.armholeDepth", "measurements.frontWaist"],
    numbers: { chest: plan.chestDown.value, waist: below.value },
    nearest: below.value - least - plan.underarmBelow,
  });
}

function checkHip(given: Given): void {
  if (bodyValue(given, "waistToHip") >= LEAST_HIP_DEPTH) return;
  refuse({
    code: "hip-above-waist",
    conflicts: ["measurements.shoulderToHip", "measurements.frontWaist"],
    numbers: { hipDepth: bodyValue(given, "waistToHip") },
    nearest: bodyValue(given, "frontWaist") + LEAST_HIP_DEPTH,
  });
}

/**
 * Where the ribs' line can lie: clear of the bust line, so that there is a cup, and of the waist. Refuses where bust line
 * and waist leave no room for it at all.
 */
function placeRibs(given: Given, bust: Inches, ribs: Inches, waist: Inches): Inches {
  const step = givenStep(given);
  const [least, most] = [roundUpToStep(bust + LEAST_CUP, step), roundDownToStep(waist - LEAST_RIBS_TO_WAIST, step)];
  if (least <= most) return Math.min(most, Math.max(least, ribs));
  return refuse({
    code: "underbust-out-of-place",
    conflicts: ["measurements.shoulderToBust", "measurements.frontWaist", "measurements.shoulderToUnderbust"],
    numbers: { bust, ribs, waist },
  });
}

/** How far the ribs' line had to be moved from where it was measured to lie between bust line and waist. */
export function ribsMoved(given: Given, form: BodyForm): Inches {
  if (!form.usesUnderbust) return 0;
  const [ribs, waist, bust] = [
    settleOnTape(given, [bodyTerm(given, "shoulderToUnderbust")]),
    settleOnTape(given, [halfLength(given, form, "front")]),
    settleOnTape(given, [bodyTerm(given, "shoulderToBust")]),
  ].map(({ value }) => value) as [Inches, Inches, Inches];
  return placeRibs(given, bust, ribs, waist) - ribs;
}

function hemTerms(given: Given, form: BodyForm, side: Side, hip: Sum | undefined): readonly Term[] | undefined {
  if (form.end === "hip" && hip !== undefined) {
    const below: Term = { code: "below-the-hip-line", kind: "style", value: form.belowHip, source: "choice:belowHip" };
    return form.style.hem === "curved" || form.belowHip !== 0 ? [...hip.terms, below] : hip.terms;
  }
  if (form.end !== "hem") return undefined;
  const band: Term = {
    code: "less-the-gathered-band",
    kind: "style",
    value: -form.bandDepth,
    source: "choice:bandDepth",
  };
  const shorter: Term = {
    code: "shorter-than-measured",
    kind: "style",
    value: -form.shorterBy,
    source: "choice:shorterBy",
  };
  return [
    bodyTerm(given, "fullLength"),
    ...shorterBack(given, form, side),
    ...[band, shorter].filter(({ value }) => value < 0),
  ];
}

function planHem(given: Given, form: BodyForm, side: Side, hip: Sum | undefined): Sum | undefined {
  const terms = hemTerms(given, form, side, hip);
  if (terms === undefined) return undefined;
  const hem = settleOnTape(given, terms);
  const least = form.end === "hip" ? (hip?.value ?? 0) - 2 : (hip?.value ?? 0) + LEAST_BELOW_HIP;
  if (hem.value < least) {
    refuse({
      code: "hem-above-hip",
      conflicts: ["measurements.fullLength", "measurements.waistToHip"],
      numbers: { hem: hem.value, hip: hip?.value ?? 0 },
      nearest: least + form.bandDepth + form.shorterBy,
    });
  }
  return hem;
}

/** The ribs' line: on the back only where the body closes round them. */
function planRibs(given: Given, form: BodyForm, side: Side): Sum | undefined {
  if (!form.usesUnderbust || (side === "back" && !form.fitsRibs)) return undefined;
  const trim = form.end === "ribs" ? balanceTrim(given, form, side) : [];
  const moved: Term = {
    code: "kept-clear",
    kind: "style",
    value: ribsMoved(given, form),
    source: "measurement:shoulderToUnderbust",
  };
  return settleOnTape(given, [
    bodyTerm(given, "shoulderToUnderbust"),
    ...(moved.value === 0 ? [] : [moved]),
    ...shorterBack(given, form, side),
    ...trim,
  ]);
}

/** What must be left of a body below its ribs, once its lower edge is trimmed and raised. */
const LEAST_BELOW_RIBS: Inches = 0.5;

/** Refuses a lower edge that a trim, or what it is raised by at the zip, would bring up to the ribs. */
function checkTrimmed(given: Given, form: BodyForm, ribs: Sum | undefined, waist: Sum): void {
  if (ribs === undefined || form.end === "ribs" || form.style.hem !== "join") return;
  const trim = isTrimmed(given, form) ? ruleLength(given, "balanceTrim") : 0;
  const raised = form.opening === "back-zip" ? ruleLength(given, "backLowerEdge") : 0;
  const over = ribs.value + LEAST_BELOW_RIBS + trim + raised - waist.value;
  if (over <= 1e-9 || trim + raised === 0) return;
  refuse({
    code: "trim-reaches-ribs",
    conflicts: [
      ...(trim > 0 ? ["rules.balanceTrim", "rules.balance"] : []),
      ...(raised > 0 ? ["rules.backLowerEdge"] : []),
    ],
    numbers: { trimmed: trim + raised, ribs: ribs.value, waist: waist.value },
    nearest: Math.max(0, (trim > 0 ? trim : raised) - over),
  });
}

/** Settles every guide line that a half uses (craft: bodice, order of work 3). Lines of the back are read on the back. */
export function planLines(given: Given, form: BodyForm, side: Side): LowerLines {
  const half = halfLength(given, form, side);
  const waist = settleOnTape(given, [half, ...balanceTrim(given, form, side)]);
  const bust = form.usesBust ? settleOnTape(given, [bodyTerm(given, "shoulderToBust")]) : undefined;
  const ribs = planRibs(given, form, side);
  if (side === "front") checkTrimmed(given, form, ribs, waist);
  const reachesHip = form.end === "hem" || form.end === "hip";
  if (reachesHip) checkHip(given);
  const hip = reachesHip ? settleOnTape(given, [half, bodyTerm(given, "waistToHip")]) : undefined;
  const hem = planHem(given, form, side, hip);
  return {
    ...(bust ? { bust } : {}),
    ...(ribs ? { underbust: ribs } : {}),
    ...(form.end === "ribs" ? {} : { waist }),
    ...(hip ? { hip } : {}),
    ...(hem ? { hem } : {}),
  };
}

/** How far down the centre a half reaches: its hem, the point of a basque, or the line that it ends at. */
export function centreEnd(form: BodyForm, lines: LowerLines): Inches {
  if (form.style.hem === "basque") return (lines.hip?.value ?? 0) + form.centreDip;
  if (form.end === "ribs") return lines.underbust?.value ?? 0;
  return (lines.hem ?? lines.hip ?? lines.waist)?.value ?? 0;
}

/** Rounds a correction that trues a seam, finer than the tape (craft: house rules, tolerances). */
export function trueingRound(length: Inches): Inches {
  return roundToStep(length, TRUEING_STEP);
}
