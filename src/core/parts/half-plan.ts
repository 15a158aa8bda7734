import { type ArmholePlan, type BodicePlan, drawArmhole, pieceIds, type ShoulderPlan, type Side } from "../blocks";
import {
  bodyTerm,
  easeTerm,
  figureNoteTerms,
  type Given,
  givenBackTerms,
  givenStep,
  type LineId,
  refuse,
  ruleLength,
  ruleValue,
  type Sum,
  settle,
  settleOnTape,
  type Term,
} from "../chalk";
import { at, type Path, type SideSeamPoints } from "../geometry";
import { both, type Inches, pickSystem, roundUpToStep } from "../length";
import type { BodyForm } from "./body-form";
import { type BodyLines, centreEnd, isTrimmed, type LowerLines } from "./body-lines";
import { type CentrePlan, HOLLOW, isHollowGivenBack } from "./centre-line";
import { type PanelPlan, type PanelShape, panelFits, shapePanel } from "./panel-shape";
import { planWaistDart, type WaistDart } from "./waist-dart";

/** Cloth that a half takes out, and how it is given back. */
export interface TakenOut {
  readonly id: string;
  readonly why: string;
  readonly label: string;
  readonly removedAt: (down: Inches) => Inches;
  /** Given back on a line instead of what is removed there (house habit, or a style that is not given back). */
  readonly insteadOn: Readonly<Partial<Record<LineId, { readonly amount: Inches; readonly why: string }>>>;
}

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
  /** Where dart or panel line runs, as terms; on the bust line and on the others. */
  readonly line: { readonly bust: readonly Term[]; readonly rest: readonly Term[] };
  readonly takenOut: readonly TakenOut[];
  readonly widths: ReadonlyMap<LineId, Sum>;
  readonly points: SideSeamPoints;
}

/** The bust mark stands clear of the underarm by this much, or the side starts at the chest line alone. */
const BUST_CLEAR: Inches = 0.5;
const NO_ROOM = () => 0;

/** The inner id under which figure notes and the ledger know the piece that carries the side. */
export function sidePieceId(side: Side, hasPanel: boolean): string {
  return hasPanel ? `side-${side}` : pieceIds[side];
}

const HALF_INCH = both(0.5, 1.5);

/** Half the bust span, and the seam's ½ where the house adds it (rule `dartLine`). */
function lineTerms(given: Given): HalfPlan["line"] {
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
function roomAt(given: Given, lines: LowerLines, underarmDown: Inches): (down: Inches) => Inches {
  const rule = ruleValue(given, "panelRoom");
  const room = 2 * ruleLength(given, "allowance.panel");
  const bust = lines.bust?.value ?? 0;
  if (rule === "at-shoulder") return (down) => room * Math.max(0, 1 - down / bust);
  if (rule !== "at-bust") return NO_ROOM;
  const top = Math.min(underarmDown, bust - 1);
  const below = lines.underbust?.value ?? lines.waist?.value ?? bust + 3;
  return (down) => room * Math.max(0, down <= bust ? (down - top) / (bust - top) : (below - down) / (below - bust));
}

interface Settled {
  readonly given: Given;
  readonly form: BodyForm;
  readonly side: Side;
  readonly lines: LowerLines;
  readonly contour: (down: Inches) => Inches;
  readonly movesDart: boolean;
}

function panelKind(form: BodyForm, side: Side): PanelPlan["kind"] | null {
  const kind = side === "front" ? form.panel : form.backPanel;
  return kind === "none" ? null : kind;
}

const sumOf = (terms: readonly Term[]): Inches => terms.reduce((sum, term) => sum + term.value, 0);

/** Where the yoke line runs: above the bust line by choice, but at least this far above the underarm. */
export const YOKE_ABOVE_UNDERARM: Inches = 1;

export function yokeDown(form: BodyForm, bustDown: Inches, underarmDown: Inches): Inches {
  return Math.min(bustDown - form.yokeAboveBust, underarmDown - YOKE_ABOVE_UNDERARM);
}

/** The panel of a half on an armhole, as a plan to be shaped. */
function panelPlan(
  settled: Settled,
  kind: PanelPlan["kind"],
  armhole: ArmholePlan,
  underarmDown: Inches,
  neckWidth: Inches,
  sideAcross: (removed: Inches) => Inches,
): PanelPlan {
  const { given, form, side, lines, movesDart } = settled;
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

function dartOf({ given, form, side, lines }: Settled, chest: Inches): WaistDart | null {
  const wanted = side === "front" ? form.frontWaistDart : form.backWaistDart;
  if (!wanted || panelKind(form, side) !== null || lines.waist === undefined) return null;
  const line = lineTerms(given);
  const step = givenStep(given);
  const across = { tip: settle(line.bust, step).value, waist: settle(line.rest, step).value };
  const beside = bodyTerm(given, "waist", 4).value + ruleLength(given, "ease.waist") / 4;
  const full: BodyLines = { ...lines, chest: { value: chest, terms: [] } };
  return planWaistDart(given, side, full, across, beside);
}

function dartTakenOut(side: Side, dart: WaistDart | null): readonly TakenOut[] {
  if (dart === null) return [];
  const { removedAt } = dart;
  return [{ id: `${side}-waist-dart`, why: "waist dart", label: "Waist dart given back", removedAt, insteadOn: {} }];
}

function hollowTakenOut(given: Given, centre: CentrePlan): readonly TakenOut[] {
  if (centre.kind !== "zip" && centre.kind !== "seam") return [];
  const insteadOn = isHollowGivenBack(given)
    ? {}
    : { waist: { amount: 0, why: "zip hollow, by house rule not given back" } };
  return [{ id: HOLLOW, why: "zip hollow", label: "Zip hollow given back", removedAt: centre.removedAt, insteadOn }];
}

const upperNames = {
  armhole: "Armhole take-out",
  shoulder: "Shoulder take-out",
  yoke: "Take-out below the yoke",
} as const;

/** What a panel takes out, above and below the bust line told apart. */
function panelTakenOut(
  { given, side, lines }: Settled,
  plan: PanelPlan,
  shape: Pick<PanelShape, "removedAt">,
): readonly TakenOut[] {
  const name = side === "back" ? "Back panel take-out" : upperNames[plan.kind];
  const intake = plan.upper.inner + plan.upper.outer;
  const whole = ruleValue(given, "giveBack") === "whole" && intake > 0;
  const bustDown = plan.bustDown;
  const tight = plan.tightening.inner + plan.tightening.outer;
  const ribs = lines.underbust?.value;
  return [
    {
      id: `${side}-${plan.kind}-take-out`,
      why: name.toLowerCase(),
      label: `${name} given back`,
      removedAt: (down) => (down <= bustDown ? shape.removedAt(down) : 0),
      insteadOn: whole ? { chest: { amount: intake, why: `${name.toLowerCase()} given back whole` } } : {},
    },
    {
      id: `${side}-underbust-take-out`,
      why: side === "front" ? "under-bust take-out" : "waist take-out of the back panel",
      label: side === "front" ? "Under-bust take-out given back" : "Back panel's waist given back",
      removedAt: (down) => (down > bustDown ? shape.removedAt(down) : 0),
      insteadOn:
        tight > 0 && ribs !== undefined
          ? { underbust: { amount: shape.removedAt(ribs) - tight, why: "rib line tightened, not given back" } }
          : {},
    },
  ];
}

/** What the take-outs of a half are given back on a line. */
function givenBackOn(takenOut: readonly TakenOut[], line: LineId, level: Inches): readonly Term[] {
  return takenOut.flatMap(({ id, label, removedAt, insteadOn }) =>
    givenBackTerms(id, label, insteadOn[line]?.amount ?? removedAt(level)),
  );
}

function notesOn({ given, side, form }: Settled, line: LineId): readonly Term[] {
  const ids = panelKind(form, side) === null ? [pieceIds[side]] : [pieceIds[side], `centre-${side}`, `side-${side}`];
  return ids.flatMap((id) => figureNoteTerms(given, id, line));
}

/** A shift's waist: as wide as its chest, and brought in by choice. */
function waistStyle(form: BodyForm, chest: Inches, waist: Inches): readonly Term[] {
  const out: Term = {
    label: "Let out to the chest's width",
    kind: "style",
    value: chest - waist,
    source: "declared:waistWidth",
  };
  const brought: Term = {
    label: "Brought in at the side",
    kind: "style",
    value: -form.sideIn,
    source: "declared:sideIn",
  };
  return [...(form.waistWidth === "chest" && chest > waist ? [out] : []), ...(form.sideIn > 0 ? [brought] : [])];
}

function sideTerms(settled: Settled, line: "bust" | "underbust" | "waist" | "hip"): readonly Term[] {
  const { given } = settled;
  const ease = line === "underbust" ? easeTerm(given, "bust") : easeTerm(given, line);
  return [bodyTerm(given, line, 4), ease];
}

interface UpperBody {
  readonly panel: PanelShape | null;
  readonly dart: WaistDart | null;
  readonly takenOut: readonly TakenOut[];
  readonly chest: Sum;
  readonly armhole: ArmholePlan;
}

/** Armhole, panel and chest width of a half at a depth of the underarm; exact while solving, settled to chalk. */
function planUpper(
  settled: Settled,
  plan: Pick<BodicePlan, "shoulder">,
  chestTerms: readonly Term[],
  armhole: ArmholePlan,
  underarmDown: Inches,
  hollow: readonly TakenOut[],
  exact: boolean,
): UpperBody {
  const { given, side, contour } = settled;
  const dart = dartOf(settled, underarmDown);
  const plain = [...hollow, ...dartTakenOut(side, dart)];
  const kind = panelKind(settled.form, side);
  const settleWidth = (takenOut: readonly TakenOut[]): Sum => {
    const terms = [...chestTerms, ...givenBackOn(takenOut, "chest", underarmDown)];
    return exact ? settle(terms, 0) : settleOnTape(given, terms);
  };
  const start = contour(underarmDown);
  if (kind === null) {
    const chest = settleWidth(plain);
    return { panel: null, dart, takenOut: plain, chest, armhole: { ...armhole, sideAcross: start + chest.value } };
  }
  const moved = { ...armhole, sideAcross: start + sumOf(chestTerms) };
  const taken = (removed: Inches) => [...plain, ...panelTakenOut(settled, shaped, { removedAt: () => removed })];
  const shaped: PanelPlan = panelPlan(
    settled,
    kind,
    moved,
    underarmDown,
    plan.shoulder[side].neckWidth.value,
    (removed) => start + settleWidth(taken(removed)).value,
  );
  // While the depth is being solved the armhole passes through depths at which no panel fits: there it counts plain.
  if (exact && !panelFits(shaped))
    return { panel: null, dart, takenOut: plain, chest: settleWidth(plain), armhole: moved };
  const panel = shapePanel(shaped);
  const takenOut = [...plain, ...panelTakenOut(settled, shaped, panel)];
  return { panel, dart, takenOut, chest: settleWidth(takenOut), armhole: moved };
}

export interface HalfStart {
  readonly lines: LowerLines;
  readonly movesDart: boolean;
}

function settledOf(given: Given, form: BodyForm, side: Side, start: HalfStart, centre: CentrePlan): Settled {
  return {
    given,
    form,
    side,
    lines: start.lines,
    contour: centre.start.contour ?? NO_ROOM,
    movesDart: start.movesDart,
  };
}

/** One half's sewn armhole at a depth of its underarm, take-outs closed: what the solved depth is measured by. */
export function sewnArmholeOf(
  given: Given,
  form: BodyForm,
  side: Side,
  start: HalfStart,
  centre: CentrePlan,
  plan: Pick<BodicePlan, "shoulder">,
  armhole: ArmholePlan,
  underarmDown: Inches,
): { readonly panel: PanelShape | null; readonly armhole: ArmholePlan } {
  const settled = settledOf(given, form, side, start, centre);
  const base: Term = { label: "Quarter", kind: "body", value: armhole.sideAcross, source: "measurement:bust" };
  return planUpper(settled, plan, [base], armhole, underarmDown, hollowTakenOut(given, centre), true);
}

const isRounding = (term: Term): boolean => term.kind === "rounding";

/** Where both edges flare they cross below the waist: the panels move out until their hems have room, corners included. */
function flareRoom(given: Given, { flareLean, overlap }: PanelShape): Inches {
  if (flareLean === 0) return 0;
  const seams = (2 * ruleLength(given, "allowance.panel")) / Math.cos(flareLean);
  return overlap + seams + 2 * ruleLength(given, "allowance.hem") * Math.tan(flareLean);
}

/** How far the outer panel moves out: twice the allowance along the lean of the legs, up to the next eighth (craft: 6a). */
function shiftOf(given: Given, panel: PanelShape | null, turn: Inches): Sum {
  if (panel === null || ruleValue(given, "panelRoom") !== "apart") return { value: 0, terms: [] };
  const allowance = ruleLength(given, "allowance.panel");
  const wanted =
    allowance / Math.cos(panel.leans.inner) + allowance / Math.cos(Math.min(1.2, panel.leans.outer + turn));
  const value = roundUpToStep(
    Math.max(wanted, flareRoom(given, panel)),
    given.metric ? givenStep(given) || 1 / 8 : 1 / 8,
  );
  return {
    value,
    terms: [{ label: "Room for two panel allowances", kind: "allowance", value, source: "rule:panelRoom" }],
  };
}

function checkPanelRoom(given: Given, panel: PanelShape | null): void {
  if (panel === null || ruleValue(given, "dartLine") === "span" || ruleValue(given, "panelRoom") !== "apart") return;
  refuse({ code: "panel-room-twice", conflicts: ["rules.dartLine", "rules.panelRoom"], numbers: {}, nearest: "span" });
}

/** Side marks below the chest line. */
function planWidths(settled: Settled, takenOut: readonly TakenOut[], chest: Sum): ReadonlyMap<LineId, Sum> {
  const { given, form, lines } = settled;
  const widths = new Map<LineId, Sum>([["chest", chest]]);
  for (const line of ["bust", "underbust", "waist", "hip"] as const) {
    const down = lines[line];
    if (down === undefined || (line === "hip" && form.style.hem === "panel-flare")) continue;
    const body = sideTerms(settled, line);
    const style = line === "waist" ? waistStyle(form, chest.value, sumOf(body)) : [];
    const back = givenBackOn(takenOut, line, down.value);
    widths.set(line, settleOnTape(given, [...body, ...style, ...back, ...notesOn(settled, line)]));
  }
  return widths;
}

/** Settles one half completely, but for its sides, which wait for the other half. */
export function planHalf(
  given: Given,
  form: BodyForm,
  side: Side,
  start: HalfStart,
  centre: CentrePlan,
  plan: BodicePlan,
): HalfPlan {
  const settled = settledOf(given, form, side, start, centre);
  const underarmDown = plan.chestDown.value + plan.underarmBelow;
  const chestTerms = plan.chestSide[side].terms.filter((term) => !isRounding(term));
  const hollow = hollowTakenOut(given, centre);
  const upper = planUpper(settled, plan, chestTerms, plan.armhole[side], underarmDown, hollow, false);
  checkPanelRoom(given, upper.panel);
  const widths = planWidths(settled, upper.takenOut, upper.chest);
  const lines: BodyLines = { ...start.lines, chest: plan.chestDown };
  const room = upper.panel === null ? NO_ROOM : roomAt(given, lines, underarmDown);
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
    shift: shiftOf(given, upper.panel, start.movesDart ? DART_LEAN : 0),
    room,
    dart: upper.dart,
    line: lineTerms(given),
    takenOut: upper.takenOut,
    widths,
    points: sidePoints(settled, widths, underarmDown, room, lines),
  };
}

/** What a closed bust dart adds to the lean of the panel's outer leg, at most as a rule. */
const DART_LEAN = 0.25;

/** Where the side marks lie, from the underarm down. */
function sidePoints(
  { given, form, contour, side }: Settled,
  widths: ReadonlyMap<LineId, Sum>,
  underarmDown: Inches,
  room: (down: Inches) => Inches,
  lines: BodyLines,
): SideSeamPoints {
  const point = (line: LineId, down: Inches) => {
    const width = widths.get(line);
    return width === undefined ? undefined : at(contour(down) + width.value + room(down), down);
  };
  const trim = side === "front" && isTrimmed(given, form) ? ruleLength(given, "balanceTrim") : 0;
  const end = form.end === "ribs" ? "underbust" : "waist";
  const at_ = (line: LineId & keyof BodyLines) => {
    const down = lines[line]?.value;
    if (down === undefined) return undefined;
    const place = point(line, down);
    return place === undefined || trim === 0 || line !== end ? place : at(place.x, place.y - trim);
  };
  const next = Math.min(lines.underbust?.value ?? 99, lines.waist?.value ?? 99);
  const bust = lines.bust;
  const clear = bust !== undefined && bust.value >= underarmDown + BUST_CLEAR && bust.value <= next - BUST_CLEAR;
  const marks = {
    bust: clear ? at_("bust") : undefined,
    underbust: at_("underbust"),
    waist: at_("waist"),
    hip: at_("hip"),
  };
  return {
    underarm: point("chest", underarmDown) ?? at(0, underarmDown),
    ...(marks.bust ? { bust: marks.bust } : {}),
    ...(marks.underbust ? { underbust: marks.underbust } : {}),
    ...(marks.waist ? { waist: marks.waist } : {}),
    ...(marks.hip ? { hip: marks.hip } : {}),
  };
}
