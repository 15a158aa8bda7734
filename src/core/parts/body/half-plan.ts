import { type ArmholePlan, type BodicePlan, drawArmhole, type ShoulderPlan, type Side } from "../../blocks";
import {
  bodyTerm,
  type Given,
  givenStep,
  type LineId,
  ruleLength,
  type Sum,
  settle,
  settleOnTape,
  type Term,
} from "../../chalk";
import { type Path, pathEnd, pathLength, type Radians, type SideSeamPoints } from "../../geometry";
import { type Inches, roundUpToStep } from "../../length";
import { type BodyForm, lowerRule } from "./body-form";
import type { BodyLines } from "./body-lines";
import type { CentrePlan } from "./centre-plan";
import { type HalfStart, NO_ROOM, panelKind } from "./half-start";
import type { PanelPlan, PanelShape } from "./panel-plan";
import { type DartLine, lineTerms, panelRoom, planPanel } from "./panel-rules";
import { shapePanel } from "./panel-shape";
import { sewnPanelArmhole, shapeUpper } from "./panel-upper";
import { panelNotes, planWidths, sidePoints } from "./side-widths";
import {
  dartTakenOut,
  givenBackAtUnderarm,
  givenBackOn,
  hollowTakenOut,
  panelTakenOut,
  type TakenOut,
} from "./take-outs";
import { planWaistDart, type WaistDart } from "./waist-dart";

/** Everything of one half settled in numbers, before the first chalk line. Places lie as on the net draft. */
export interface HalfPlan {
  readonly form: BodyForm;
  readonly side: Side;
  readonly lines: BodyLines;
  readonly underarmDown: Inches;
  readonly shoulder: ShoulderPlan;
  readonly armhole: ArmholePlan;
  readonly plainArmhole: Path;
  readonly centre: CentrePlan;
  readonly panel: PanelShape | null;
  /** How far the outer panel is moved out, whole. */
  readonly shift: Sum;
  /** What the house makes up at a depth instead. */
  readonly room: (down: Inches) => Inches;
  readonly dart: WaistDart | null;
  readonly line: DartLine;
  /** Across to the bust point, as it is chalked. */
  readonly pointAcross: Inches;
  readonly takenOut: readonly TakenOut[];
  readonly widths: ReadonlyMap<LineId, Sum>;
  readonly points: SideSeamPoints;
}

/** What a closed bust dart adds to the lean of the panel's outer leg, as a rule. */
const DART_LEAN: Radians = 0.25;

function dartOf({ given, form, side, lines }: HalfStart, chest: Inches): WaistDart | null {
  const wanted = side === "front" ? form.frontWaistDart : form.backWaistDart;
  if (!wanted || panelKind(form, side) !== null || lines.waist === undefined) return null;
  const line = lineTerms(given);
  const step = givenStep(given);
  const across = settle(line.rest, step).value;
  const beside = bodyTerm(given, "waist", 4).value + ruleLength(given, "ease.waist") / 4;
  const full: BodyLines = { ...lines, chest: { value: chest, terms: [] } };
  return planWaistDart(given, side, full, across, beside);
}

/** What a half takes out whatever its panel: waist dart and hollow. */
function plainTakenOut(start: HalfStart, dart: WaistDart | null): readonly TakenOut[] {
  return [...hollowTakenOut(start.given, start.centre), ...dartTakenOut(start.side, dart)];
}

/**
 * One half's sewn armhole at a depth of its underarm, take-outs closed: what the solved depth is measured by. While it is
 * being solved the underarm passes through depths at which no panel fits: there the armhole counts whole.
 */
export function sewnArmhole(
  start: HalfStart,
  shoulder: ShoulderPlan,
  armhole: ArmholePlan,
  underarmDown: Inches,
): Inches {
  const contour = start.contour(underarmDown);
  const plain = plainTakenOut(start, dartOf(start, underarmDown));
  const across = armhole.sideAcross + contour + plain.reduce((sum, { removedAt }) => sum + removedAt(underarmDown), 0);
  const moved = { ...armhole, sideAcross: across };
  const kind = panelKind(start.form, start.side);
  if (kind === null) return pathLength(drawArmhole(moved, underarmDown));
  const back = (removed: Inches) => across + givenBackAtUnderarm(start.given, plan, removed);
  const plan: PanelPlan = planPanel(start, kind, moved, underarmDown, shoulder.neckWidth.value, back);
  const upper = shapeUpper(plan);
  return upper === null ? pathLength(drawArmhole(moved, underarmDown)) : sewnPanelArmhole(upper.armholes);
}

interface UpperBody {
  readonly panel: PanelShape | null;
  readonly dart: WaistDart | null;
  readonly takenOut: readonly TakenOut[];
  readonly chest: Sum;
  readonly armhole: ArmholePlan;
}

/** Armhole, panel and chest width of a half once the depth of its underarm is known. */
function planUpper(
  start: HalfStart,
  shoulder: ShoulderPlan,
  chestTerms: readonly Term[],
  armhole: ArmholePlan,
  underarmDown: Inches,
): UpperBody {
  const { given, form, side } = start;
  const dart = dartOf(start, underarmDown);
  const plain = plainTakenOut(start, dart);
  const settleWidth = (takenOut: readonly TakenOut[]) =>
    settleOnTape(given, [...chestTerms, ...givenBackOn(takenOut, "chest", underarmDown)]);
  const contour = start.contour(underarmDown);
  const kind = panelKind(form, side);
  const chest = settleWidth(plain);
  const moved = { ...armhole, sideAcross: contour + chest.value };
  if (kind === null) return { panel: null, dart, takenOut: plain, chest, armhole: moved };
  const taken = (removed: Inches) => [...plain, ...panelTakenOut(start, shaped, { removedAt: () => removed })];
  const across = (removed: Inches) => contour + settleWidth(taken(removed)).value;
  const shaped: PanelPlan = planPanel(start, kind, moved, underarmDown, shoulder.neckWidth.value, across);
  const panel = shapePanel(shaped);
  const takenOut = [...plain, ...panelTakenOut(start, shaped, panel)];
  return { panel, dart, takenOut, chest: settleWidth(takenOut), armhole: moved };
}

/** Where both edges flare they cross below the waist: the panels move out until their hems have room, corners included. */
function flareRoom(given: Given, { flareLean, overlap }: PanelShape): Inches {
  if (flareLean === 0) return 0;
  const seams = (2 * ruleLength(given, "allowance.panel")) / Math.cos(flareLean);
  return overlap + seams + 2 * ruleLength(given, "allowance.hem") * Math.tan(flareLean);
}

/** Levels at which two panel edges are looked at, from the bust line's neighbourhood down. */
const LOOK: Inches = 0.5;
/** A share of an edge's lean is read over this much of its depth. */
const LEANS_OVER: Inches = 0.1;

/** What both cutting lines need between the stitched edges at some level, where a seam leans away from the plumb below the bust. */
function roomBelow(
  { innerAt, outerAt, bustPoint, inner, outer }: PanelShape,
  allowance: Inches,
  lower: Inches,
): Inches {
  const end = Math.min(pathEnd(inner).y, pathEnd(outer).y) - LEANS_OVER;
  const slope = (at: (down: Inches) => Inches | undefined, down: Inches): number =>
    ((at(down + LEANS_OVER) ?? 0) - (at(down) ?? 0)) / LEANS_OVER;
  const lean = (at: (down: Inches) => Inches | undefined, down: Inches): number => Math.hypot(1, slope(at, down));
  // Edges that still come together at the lower end go on doing so through its allowance.
  const meeting = Math.max(0, slope(innerAt, end) - slope(outerAt, end));
  let most =
    lower * meeting - Math.max(0, (outerAt(end) ?? 0) - (innerAt(end) ?? 0)) + (meeting > 0 ? 2 * allowance : 0);
  for (let down = bustPoint.y; down < end; down += LOOK) {
    const [left, right] = [innerAt(down), outerAt(down)];
    if (left === undefined || right === undefined || outerAt(down + LEANS_OVER) === undefined) break;
    const gap = right - left;
    most = Math.max(most, allowance * (lean(innerAt, down) + lean(outerAt, down)) - gap);
  }
  return most;
}

/** How far the outer panel moves out: twice the allowance along the lean of the legs, up to the next eighth (craft: 6a). */
function shiftOf({ given, form }: HalfStart, panel: PanelShape | null, turned: Radians): Sum {
  // Panels that flare run over one another below the waist, whatever the house makes of their allowances.
  if (panel === null || (panelRoom(given) !== "apart" && panel.flareLean === 0)) return { value: 0, terms: [] };
  const allowance = ruleLength(given, "allowance.panel");
  const { inner, outer } = panel.leans;
  const lower = ruleLength(given, lowerRule(form)) + (form.style.hem === "join" ? form.trimLength : 0);
  const wanted = allowance / Math.cos(inner) + allowance / Math.cos(Math.min(1.2, outer + turned));
  const value = roundUpToStep(
    Math.max(wanted, flareRoom(given, panel), roomBelow(panel, allowance, lower)),
    givenStep(given) || 1 / 8,
  );
  return {
    value,
    terms: [{ code: "panel-room", kind: "allowance", value, source: "rule:panelRoom" }],
  };
}

/** Settles one half completely, but for its sides, which wait for the other half. */
export function planHalf(start: HalfStart, plan: BodicePlan): HalfPlan {
  const { given, form, side, centre } = start;
  const underarmDown = plan.chestDown.value + plan.underarmBelow;
  const settled = plan.chestSide[side].terms.filter(({ kind }) => kind !== "rounding");
  const chestTerms = [...settled, ...panelNotes(start, "chest")];
  const upper = planUpper(start, plan.shoulder[side], chestTerms, plan.armhole[side], underarmDown);
  const widths = planWidths(start, upper.takenOut, upper.chest);
  const lines: BodyLines = { ...start.lines, chest: plan.chestDown };
  const line = lineTerms(given);
  const room = upper.panel?.madeRoom ?? NO_ROOM;
  return {
    form,
    side,
    lines,
    underarmDown,
    shoulder: plan.shoulder[side],
    armhole: upper.armhole,
    plainArmhole: drawArmhole(upper.armhole, underarmDown),
    centre,
    panel: upper.panel,
    shift: shiftOf(start, upper.panel, start.movesDart ? DART_LEAN : 0),
    room,
    dart: upper.dart,
    line,
    pointAcross: settle(line.bust, givenStep(given)).value,
    takenOut: upper.takenOut,
    widths,
    points: sidePoints(start, widths, underarmDown, room, lines),
  };
}
