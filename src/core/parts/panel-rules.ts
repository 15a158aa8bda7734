import type { ArmholePlan, Side } from "../blocks";
import { bodyTerm, type Given, givenStep, ruleLength, ruleValue, settle, type Term } from "../chalk";
import { at } from "../geometry";
import { both, type Inches, pickSystem } from "../length";
import type { BodyForm } from "./body-form";
import { centreEnd, type LowerLines } from "./body-lines";
import { type HalfStart, NO_ROOM } from "./half-start";
import type { PanelPlan } from "./panel-plan";

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
    label: "The seam that will be sewn there",
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
  const fullness = bust - underbust;
  const step = rule === "by-size" ? (bust <= 36 ? 0 : bust <= 44 ? 1 : 2) : fullness <= 4 ? 0 : fullness <= 6 ? 1 : 2;
  return pickSystem(steps[step], given.metric);
}

function shareOut(given: Given, intake: Inches): { readonly inner: Inches; readonly outer: Inches } {
  const rule = ruleValue(given, "takeOutSplit");
  const inner =
    rule === "even"
      ? intake / 2
      : rule === "mostly-side"
        ? Math.min(intake / 2, pickSystem(HALF_INCH, given.metric))
        : 0;
  return { inner, outer: intake - inner };
}

function shoulderShares(form: BodyForm): { readonly inner: Inches; readonly outer: Inches } {
  const share = { outer: 1 / 3, inner: 2 / 3, even: 1 / 2 }[form.shoulderTakeOutSplit];
  return { inner: form.shoulderTakeOut * share, outer: form.shoulderTakeOut * (1 - share) };
}

/** What the panel takes out above the bust; nothing at the armhole when the bust dart was moved there instead. */
function upperShares(
  given: Given,
  form: BodyForm,
  side: Side,
  kind: PanelPlan["kind"],
  moved: boolean,
): PanelPlan["upper"] {
  if (kind === "shoulder") return moved ? { inner: 0, outer: 0 } : shoulderShares(form);
  if (kind === "yoke") return { inner: form.yokeDart, outer: form.yokeDart };
  if (side === "back") return { inner: 0, outer: pickSystem(HALF_INCH, given.metric) };
  return moved ? { inner: 0, outer: 0 } : shareOut(given, ruleLength(given, "armholeTakeOut"));
}

function lowerShares(given: Given, side: Side): PanelPlan["lower"] {
  if (side === "front") return shareOut(given, underbustIntake(given));
  const half = ruleLength(given, "backDart.halfWidth");
  return { inner: half, outer: half };
}

/** Room for two allowances at the bust point, and where the house makes it up (rule `panelRoom`). */
export function roomAt(given: Given, lines: LowerLines, underarmDown: Inches): (down: Inches) => Inches {
  const rule = ruleValue(given, "panelRoom");
  const room = 2 * ruleLength(given, "allowance.panel");
  const bust = lines.bust?.value ?? 0;
  if (rule === "at-shoulder") return (down) => room * Math.max(0, 1 - down / bust);
  if (rule !== "at-bust") return NO_ROOM;
  const top = Math.min(underarmDown, bust - 1);
  const below = lines.underbust?.value ?? lines.waist?.value ?? bust + 3;
  return (down) => room * Math.max(0, down <= bust ? (down - top) / (bust - top) : (below - down) / (below - bust));
}

/** Where the yoke line runs: above the bust line by choice, but at least this far above the underarm. */
const YOKE_ABOVE_UNDERARM: Inches = 1;

export function yokeDown(form: BodyForm, bustDown: Inches, underarmDown: Inches): Inches {
  return Math.min(bustDown - form.yokeAboveBust, underarmDown - YOKE_ABOVE_UNDERARM);
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
  const runOut =
    lines.hip === undefined
      ? null
      : lines.hip.value - ruleLength(given, `${side === "front" ? "frontDart" : "backDart"}.tipAboveHip`);
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
    yokeDown: kind === "yoke" ? yokeDown(form, bustDown, underarmDown) : 0,
    upper: upperShares(given, form, side, kind, movesDart),
    tipAbove: kind === "yoke" || side === "back" ? 0 : ruleLength(given, "takeOutTipAboveBust"),
    bustDown,
    fullDown: side === "front" ? (lines.underbust?.value ?? waistDown) : waistDown,
    lower: lowerShares(given, side),
    cupLift: side === "front" ? ruleLength(given, "cupLift") : 0,
    tightening: { inner: tight * 0.75, outer: tight },
    waistDown,
    runOut,
    endDown: centreEnd(form, lines),
    flare: form.style.hem === "panel-flare" ? form.panelFlare : 0,
    room: roomAt(given, lines, underarmDown),
  };
}
