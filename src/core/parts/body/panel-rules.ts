import type { ArmholePlan, Side } from "../../blocks";
import { bodyTerm, type Given, givenStep, onTape, ruleLength, ruleValue, settle, type Term } from "../../chalk";
import { at } from "../../geometry";
import { both, type Inches, isAtMost, pickSystem, roundDownToStep } from "../../length";
import type { BodyForm } from "./body-form";
import { centreEnd, type LowerLines } from "./body-lines";
import { type HalfStart, NO_ROOM } from "./half-start";
import { MEET_BELOW_BUST } from "./panel-lower";
import type { PanelPlan } from "./panel-plan";
import { takeOutEnd } from "./waist-dart";

/** Where dart or panel line runs, as terms: on the bust line, and on every other. */
export interface DartLine {
  readonly bust: readonly Term[];
  readonly rest: readonly Term[];
}

const HALF_INCH = both(0.5, 1.5);

/** Half the bust span, and the seam's ½ where the house adds it (rule `dartLine`). */
export function lineTerms(given: Given): DartLine {
  if (given.measurements.bustSpan === undefined) return { bust: [], rest: [] };
  const span = bodyTerm(given, "bustSpan", 2);
  const rule = ruleValue(given, "dartLine");
  const more: Term = {
    code: "panel-seam-there",
    kind: "style",
    value: pickSystem(HALF_INCH, given.metric),
    source: "rule:dartLine",
  };
  return {
    bust: rule === "span" ? [span] : [span, more],
    rest: rule === "span-plus" ? [span, more] : [span],
  };
}

/** The take-out under the bust: by what bust exceeds ribs, by size, or as the order says (craft: house rules). */
function underbustIntake(given: Given): Inches {
  const rule = ruleValue(given, "underbustTakeOut");
  if (typeof rule === "number") return rule;
  const { bust, underbust } = {
    bust: given.measurements.bust?.value ?? 0,
    underbust: given.measurements.underbust?.value ?? 0,
  };
  const steps = [both(1.5, 4), both(2, 5), both(2.5, 6)] as const;
  const [size, small, middle] = rule === "by-size" ? [bust, 36, 44] : [bust - underbust, 4, 6];
  const step = isAtMost(size, small) ? 0 : isAtMost(size, middle) ? 1 : 2;
  return pickSystem(steps[step], given.metric);
}

function shareOut(given: Given, intake: Inches): { readonly inner: Inches; readonly outer: Inches } {
  const rule = ruleValue(given, "takeOutSplit");
  const whole = onTape(given, intake);
  const inner =
    rule === "even" ? whole / 2 : rule === "mostly-side" ? Math.min(whole / 2, pickSystem(HALF_INCH, given.metric)) : 0;
  return { inner: onTape(given, inner), outer: whole - onTape(given, inner) };
}

function shoulderShares(given: Given, form: BodyForm): { readonly inner: Inches; readonly outer: Inches } {
  const share = { outer: 1 / 3, inner: 2 / 3, even: 1 / 2 }[form.shoulderTakeOutSplit];
  const inner = onTape(given, form.shoulderTakeOut * share);
  return { inner, outer: form.shoulderTakeOut - inner };
}

/** What the panel takes out above the bust; nothing at the armhole when the bust dart was moved there instead. */
function upperShares(
  given: Given,
  form: BodyForm,
  side: Side,
  kind: PanelPlan["kind"],
  moved: boolean,
): PanelPlan["upper"] {
  if (kind === "shoulder") return moved ? { inner: 0, outer: 0 } : shoulderShares(given, form);
  if (kind === "yoke") return { inner: form.yokeDart, outer: form.yokeDart };
  if (side === "back") return { inner: 0, outer: onTape(given, pickSystem(HALF_INCH, given.metric)) };
  return moved ? { inner: 0, outer: 0 } : armholeShares(given);
}

/** The armhole take-out about the panel point: all below it, or half above (rule `armholeTakeOutSplit`). */
function armholeShares(given: Given): PanelPlan["upper"] {
  const intake = ruleLength(given, "armholeTakeOut");
  const inner = ruleValue(given, "armholeTakeOutSplit") === "even" ? onTape(given, intake / 2) : 0;
  return { inner, outer: intake - inner };
}

function lowerShares(given: Given, side: Side): PanelPlan["lower"] {
  if (side === "front") return shareOut(given, underbustIntake(given));
  const half = ruleLength(given, "backDart.halfWidth");
  return { inner: half, outer: half };
}

/**
 * Where room for two allowances is made (rule `panelRoom`). The ½ on the panel line stands for the same seam: with it the
 * panels are not moved apart as well (craft: never both).
 */
export function panelRoom(given: Given): string {
  const room = String(ruleValue(given, "panelRoom"));
  return room === "apart" && ruleValue(given, "dartLine") !== "span" ? "none" : room;
}

/** Room that the house makes up on a line alone: how much at a depth, and where it stops growing. */
interface MadeRoom {
  readonly room: (down: Inches) => Inches;
  readonly bends: readonly Inches[];
}

/** From nothing to all of it, leaving and arriving plumb: an edge that is moved so keeps its roundness. */
function ease(share: number): number {
  const within = Math.min(1, Math.max(0, share));
  return within * within * (3 - 2 * within);
}

/** Room for two allowances at the bust point, and where the house makes it up; `middleDown` is the middle of the armhole. */
function madeRoom(given: Given, lines: LowerLines, middleDown: Inches): MadeRoom {
  const rule = panelRoom(given);
  const room = 2 * ruleLength(given, "allowance.panel");
  const bust = lines.bust?.value ?? 0;
  if (rule === "at-shoulder") return { room: (down) => room * Math.max(0, 1 - down / bust), bends: [bust] };
  if (rule !== "at-bust") return { room: NO_ROOM, bends: [] };
  const top = Math.min(middleDown, bust - 2);
  const below = lines.underbust?.value ?? lines.waist?.value ?? bust + 3;
  return {
    room: (down) => room * ease(down <= bust ? (down - top) / (bust - top) : (below - down) / (below - bust)),
    bends: [bust],
  };
}

/** Where the yoke line runs: above the bust line by choice, but at least this far above the underarm. */
const YOKE_ABOVE_UNDERARM: Inches = 1;

function yokeDown({ given, form }: HalfStart, bustDown: Inches, underarmDown: Inches): Inches {
  const lowest = roundDownToStep(underarmDown - YOKE_ABOVE_UNDERARM, givenStep(given));
  return Math.min(bustDown - form.yokeAboveBust, lowest);
}

/** A cup wants this much between where the edges meet and its full width. */
const LEAST_CUP: Inches = 0.5;

/** How far the outer leg is set above the ribs: by house rule, and no further than the cup has room for. */
export function cupLift(given: Given, lines: LowerLines): Inches {
  const wanted = ruleLength(given, "cupLift");
  const [bust, ribs] = [lines.bust?.value ?? 0, (lines.underbust ?? lines.waist)?.value ?? 0];
  const room = roundDownToStep(ribs - bust - MEET_BELOW_BUST - LEAST_CUP, givenStep(given));
  return Math.min(wanted, Math.max(0, room));
}

/** The panel of a half on an armhole, as a plan to be shaped. */
export function planPanel(
  start: HalfStart,
  kind: PanelPlan["kind"],
  armhole: ArmholePlan,
  underarmDown: Inches,
  neckWidth: Inches,
  sideAcross: (removed: Inches) => Inches,
): PanelPlan {
  const { given, form, side, lines, movesDart } = start;
  const line = lineTerms(given);
  const step = givenStep(given);
  const bustDown = lines.bust?.value ?? 0;
  const waistDown = lines.waist?.value ?? lines.underbust?.value ?? 0;
  const tight = side === "front" ? ruleLength(given, "underbustTightening") : 0;
  const across = settle(line.rest, step).value;
  const point = ruleValue(given, "panelPoint");
  const runOut = takeOutEnd(given, side, lines);
  const made = madeRoom(given, lines, (armhole.tip.y + underarmDown) / 2);
  return {
    kind,
    across,
    bustAcross: settle(line.bust, step).value,
    armhole,
    sideAcross,
    underarmDown,
    neckPoint: at(neckWidth, 0),
    panelPoint: typeof point === "number" ? point : null,
    shoulderAcross: form.panelLine === "plumb" ? across : (neckWidth + armhole.tip.x) / 2,
    yokeDown: kind === "yoke" ? yokeDown(start, bustDown, underarmDown) : 0,
    upper: upperShares(given, form, side, kind, movesDart),
    tipAbove: kind === "yoke" || side === "back" ? 0 : ruleLength(given, "takeOutTipAboveBust"),
    bustDown,
    ribsDown: lines.underbust?.value ?? null,
    fullDown: side === "front" ? (lines.underbust?.value ?? waistDown) : waistDown,
    lower: lowerShares(given, side),
    cupLift: side === "front" ? cupLift(given, lines) : 0,
    tightening: { inner: onTape(given, tight * 0.75), outer: tight },
    waistDown,
    runOut,
    endDown: centreEnd(form, lines),
    flare: form.style.hem === "panel-flare" ? form.panelFlare : 0,
    room: made.room,
    roomBends: made.bends,
  };
}
