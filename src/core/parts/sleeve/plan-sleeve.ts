import {
  bodyTerm,
  bodyValue,
  type Given,
  givenStep,
  type LineId,
  type OpenEdge,
  onTape,
  refuse,
  ruleLength,
  ruleTerm,
  ruleValue,
  type Sum,
  settleOnTape,
  type Term,
} from "../../chalk";
import { at, type Path, type Point, pathEnd, pathLength, roundCorner, straight } from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import { armLong, limbAt } from "../limb";
import { type PlannedCap, planCap } from "./plan-cap";
import { chosenTerm, type SleeveForm } from "./sleeve-form";
import { ON_THE_ARM } from "./sleeve-kinds";

/** A mark of the side: on its line, so far from the fold. */
export interface SideMark {
  readonly line: LineId;
  readonly down: Inches;
  readonly half: Sum;
}

/** Half a sleeve in numbers, from its cap to where it is hemmed, gathered or cut for a cuff. */
export interface SleevePlan {
  readonly form: SleeveForm;
  readonly cap: PlannedCap;
  readonly capDown: Sum;
  readonly biceps: Sum;
  readonly elbowDown: Sum;
  readonly hemDown: Sum;
  /** Elbow and hem, those that the side runs through below the biceps. */
  readonly side: readonly SideMark[];
  /** The stitched side, from the underarm to the hem. */
  readonly sidePath: Path;
  /** Round the limb where it ends. */
  readonly limb: Inches;
  /** How long the flat cuff is between its ends; null where there is none. */
  readonly cuff: Inches | null;
}

/** A band or cuff that finishes the sleeve: as much shorter is the sleeve itself. */
const TIE_DEPTH = both(1, 2.5);
/** A side is rounded at the elbow from so far before it to so far after it. */
const ROUNDED: Inches = 2;
/** A sleeve runs on below its biceps line at least so far. */
const LEAST_BELOW = both(1, 2.5);

/** A sleeve that ends above its wrist line by less than this ends at the wrist. */
const AT_WRIST: Inches = 1;

/** Where the finished sleeve ends, down from the shoulder tip. */
function endTerms(given: Given, { sleeveEnd, of }: SleeveForm): readonly Term[] {
  if (sleeveEnd !== "by-kind") return [chosenTerm("ends-as-told", "sleeveEnd", sleeveEnd)];
  const kind = (value: Inches): Term => chosenTerm("ends-by-kind", "sleeve", value);
  if (typeof of.end === "object") return [kind(pickSystem(of.end, given.metric))];
  if (of.end === "elbow") return [bodyTerm(given, "shoulderToElbow")];
  if (of.end === "long") return [bodyTerm(given, "sleeveLength")];
  return [
    {
      code: "half-the-elbow-and-wrist",
      kind: "body",
      value: (bodyValue(given, "shoulderToElbow") + bodyValue(given, "sleeveLength")) / 2,
      source: "measurement:sleeveLength",
    },
  ];
}

/** What is sewn on below, so that the sleeve itself is shorter; and what it is longer by, to blouse. */
function belowTerms(given: Given, form: SleeveForm): readonly Term[] {
  const less = (value: Inches, choice: Parameters<typeof chosenTerm>[1]): Term =>
    chosenTerm("finished-below", choice, -value);
  if (form.cuff === "buttoned") return [less(form.cuffDepth, "cuffDepth")];
  if (form.kind === "tie-band") return [less(pickSystem(TIE_DEPTH, given.metric), "sleeve")];
  if (form.kind === "flounce") return [less(form.flounceAt, "flounceAt")];
  return form.kind === "gathered" && form.blouse > 0 ? [chosenTerm("blouses-over", "sleeveBlouse", form.blouse)] : [];
}

/** Room where the sleeve ends: the kind's, that at the wrist once it reaches there. */
function roomBelow(given: Given, { of }: SleeveForm, down: Inches): Inches {
  const [above, wrist] = [pickSystem(of.below, given.metric), pickSystem(of.wrist, given.metric)];
  const [elbowDown, long] = [bodyValue(given, "shoulderToElbow"), armLong(given)];
  if (of.end === "three-quarter" || long === null || down <= elbowDown) return above;
  return above + (wrist - above) * Math.min(1, (down - elbowDown) / Math.max(1e-6, long - elbowDown));
}

function half(term: Term): Term {
  return { ...term, value: term.value / 2 };
}

/** The half width of the sleeve where it ends. */
function hemTerms(given: Given, form: SleeveForm, cap: PlannedCap, down: Inches, cuff: Inches | null): readonly Term[] {
  if (cuff !== null) {
    const more = cuffMore(given, form);
    return [
      { code: "cuff-there", kind: "style", value: cuff / 2, source: "choice:cuffEase" },
      half(chosenTerm("pleat-and-placket", "sleevePleat", more)),
    ];
  }
  if (form.kind === "gathered")
    return [
      { code: "width-from-the-armhole", kind: "drawn", value: cap.half, source: "mark:biceps/side" },
      chosenTerm("full-at-the-hem", "fullAdd", form.fullAdd),
    ];
  const room = roomBelow(given, form, down);
  const limb = ON_THE_ARM.has(form.kind) ? bodyValue(given, "upperArm") : limbAt(given, cap.cap, down);
  const atWrist = armLong(given) !== null && down >= (armLong(given) ?? 0) - 1e-9;
  const round: Term = atWrist
    ? bodyTerm(given, "wrist", 2)
    : ON_THE_ARM.has(form.kind)
      ? bodyTerm(given, "upperArm", 2)
      : { code: "girth-there", kind: "body", value: limb / 2, source: "measurement:elbow" };
  return [round, half({ code: "room-round-the-arm", kind: "ease", value: room, source: "choice:sleeve" })];
}

/** What the flat hem has beyond the cuff: pleat, the seam of the placket and its narrow side, less what stands beyond its seam. */
export function cuffMore(given: Given, form: SleeveForm): Inches {
  const seam = ruleLength(given, "allowance.placket");
  const stands = form.placketStrip - 2 * seam - form.placketWidth;
  return form.sleevePleat + seam + pickSystem(NARROW, given.metric) - stands;
}

/** The narrow side of a slit loses this to its tiny double fold. */
export const NARROW = both(0.25, 0.5);

function cuffOf(given: Given, form: SleeveForm, down: Inches, cap: Inches): Inches | null {
  if (form.cuff !== "buttoned") return null;
  const long = armLong(given);
  const limb = long !== null && down >= long - AT_WRIST ? bodyValue(given, "wrist") : limbAt(given, cap, down);
  return onTape(given, limb + form.cuffEase + form.cuffOverlap);
}

/** Where the stitched underarm lies, and what its reading is made of. */
function bicepsOf(given: Given, { half: width, level, armhole, arm }: PlannedCap): Sum {
  if (level !== null) {
    const half: Term = {
      code: "half-armhole-level",
      kind: "drawn",
      value: (armhole.front + armhole.back + armhole.ease) / 2,
      source: "join:armhole",
    };
    return settleOnTape(given, [half]);
  }
  const room = arm - bodyValue(given, "upperArm");
  const own: readonly Term[] = [
    bodyTerm(given, "upperArm", 2),
    half({ code: "room-round-the-arm", kind: "ease", value: room, source: "rule:sleeveRoom" }),
  ];
  const rest = width - own.reduce((sum, { value }) => sum + value, 0);
  return {
    value: width,
    terms:
      Math.abs(rest) < 1e-9
        ? own
        : [...own, { code: "width-from-the-armhole", kind: "drawn", value: rest, source: "join:armhole" }],
  };
}

/** Straight from the underarm to the hem, or through the elbow, rounded there. */
function sideThrough(underarm: Point, marks: readonly SideMark[]): Path {
  const [elbow, foot] = [marks.find(({ line }) => line === "elbow"), marks.at(-1)];
  const end = at(foot?.half.value ?? underarm.x, foot?.down ?? underarm.y);
  if (elbow === undefined || elbow === foot) return straight(underarm, end);
  const corner = at(elbow.half.value, elbow.down);
  const [before, after] = [straight(underarm, corner), straight(corner, end)];
  const reach = Math.min(ROUNDED, pathLength(before) * 0.8, pathLength(after) * 0.8);
  return roundCorner(before, after, reach);
}

function capTerms(given: Given, { form, cap }: { readonly form: SleeveForm; readonly cap: PlannedCap }): Sum {
  const told = typeof ruleValue(given, "capHeight") === "number";
  if (told) return settleOnTape(given, [ruleTerm(given, "capHeight")]);
  const code = "height" in form.of.cap && Math.abs(pickSystem(form.of.cap.height, given.metric) - cap.cap) < 0.1;
  return {
    value: cap.cap,
    terms: [{ code: code ? "cap-by-kind" : "cap-as-solved", kind: "drawn", value: cap.cap, source: "rule:capHeight" }],
  };
}

function checkLength(given: Given, form: SleeveForm, cap: PlannedCap, hemDown: Inches, end: Inches): void {
  const least = cap.cap + pickSystem(LEAST_BELOW, given.metric);
  if (hemDown >= least - 1e-9) return;
  const short = least - hemDown;
  if (form.kind === "flounce")
    refuse({
      code: "flounce-leaves-no-sleeve",
      conflicts: ["choices.flounceAt", "choices.sleeveEnd"],
      numbers: { at: form.flounceAt, left: hemDown, least },
      nearest: form.flounceAt - short,
    });
  refuse({
    code: "sleeve-too-short",
    conflicts: ["choices.sleeveEnd", "measurements.sleeveLength", "choices.cuffDepth"],
    numbers: { end, cap: cap.cap, least: end + short },
    nearest: Math.ceil((end + short) / (givenStep(given) || 1 / 8)) * (givenStep(given) || 1 / 8),
  });
}

/** Below a cap that is far wider than its end, an underarm that leans this much for each inch down cannot be sewn to a side. */
const LEANS_MOST = 2;

/** A wide cap close above a narrow end: its underarm would lie nearly level. */
function checkLean(
  given: Given,
  {
    underarm,
    hem,
    down,
    end,
  }: { readonly underarm: Point; readonly hem: Inches; readonly down: Inches; readonly end: Inches },
): void {
  const [narrows, below] = [underarm.x - hem, down - underarm.y];
  if (narrows <= LEANS_MOST * below + 1e-9) return;
  const step = givenStep(given) || 1 / 8;
  refuse({
    code: "sleeve-too-short",
    conflicts: ["choices.sleeveEnd", "measurements.sleeveLength", "measurements.armhole"],
    numbers: { end, below, wide: underarm.x, narrow: hem },
    words: { of: "leaning" },
    nearest: Math.ceil((end + narrows / LEANS_MOST - below) / step) * step,
  });
}

/** Plans a sleeve for the armhole that is there (craft: sleeves, the block in order). */
export function planSleeve(given: Given, form: SleeveForm, open: OpenEdge): SleevePlan {
  const cap = planCap(given, form, open);
  const end = settleOnTape(given, endTerms(given, form));
  const hemDown = settleOnTape(given, [...endTerms(given, form), ...belowTerms(given, form)]);
  checkLength(given, form, cap, hemDown.value, end.value);
  const elbowDown = settleOnTape(given, [bodyTerm(given, "shoulderToElbow")]);
  const cuff = cuffOf(given, form, end.value, cap.cap);
  const hem = settleOnTape(given, hemTerms(given, form, cap, hemDown.value, cuff));
  const underarm = pathEnd(cap.curve);
  checkLean(given, { underarm, hem: hem.value, down: hemDown.value, end: end.value });
  const shaped = cuff === null && form.kind !== "gathered" && !ON_THE_ARM.has(form.kind);
  const elbowIn = shaped && elbowDown.value > underarm.y + 1 && elbowDown.value < hemDown.value - 1;
  const elbow = settleOnTape(given, [
    bodyTerm(given, "elbow", 2),
    half({
      code: "room-round-the-arm",
      kind: "ease",
      value: pickSystem(form.of.below, given.metric),
      source: "choice:sleeve",
    }),
  ]);
  const side: readonly SideMark[] = [
    ...(elbowIn ? [{ line: "elbow", down: elbowDown.value, half: elbow } as const] : []),
    { line: "hem", down: hemDown.value, half: hem },
  ];
  return {
    form,
    cap,
    capDown: capTerms(given, { form, cap }),
    biceps: bicepsOf(given, cap),
    elbowDown,
    hemDown,
    side,
    sidePath: sideThrough(underarm, side),
    limb: ON_THE_ARM.has(form.kind) ? bodyValue(given, "upperArm") : limbAt(given, cap.cap, end.value),
    cuff,
  };
}
