import {
  allowanceTerm,
  type FrontFacts,
  type FrontShape,
  type Given,
  neckAllowance,
  neckTerm,
  type PieceChalk,
  ruleLength,
  settle,
  settleOnTape,
  type Term,
  turnTerm,
} from "../../chalk";
import {
  add,
  at,
  directionFrom,
  joinPaths,
  leftOf,
  type Path,
  type Point,
  pathEnd,
  reversePath,
  scale,
  straight,
} from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import { type CollarForm, collarTerm } from "./collar-form";
import { type BreakPlan, breakLine, type LapelPlan, outerEdge, planLapel, roomFor } from "./plan-lapel";
import { planShawl, type ShawlPlan } from "./plan-shawl";

/** What a lapel or shawl is known to be once the front it lies on was planned. */
export type PlannedFront =
  | { readonly kind: "lapel"; readonly plan: LapelPlan; readonly facts: FrontFacts }
  | { readonly kind: "shawl"; readonly plan: ShawlPlan; readonly facts: FrontFacts };

/** The roll starts this far up the centre back: a third of the collar's width, within these. */
const ROLL = [both(0.75, 2), both(1.25, 3)] as const;

/** How far the roll lies up the centre back of a collar. */
export function rollUp(given: Given, { collarWidth }: CollarForm): Inches {
  const [least, most] = ROLL.map((one) => pickSystem(one, given.metric)) as [Inches, Inches];
  return Math.min(most, Math.max(least, collarWidth / 3));
}

/** The edge below the break, plumb to where the front ends. */
function belowBreak(edge: Path, endDown: Inches): Path {
  const foot = pathEnd(edge);
  return endDown - foot.y < 1 / 16 ? edge : joinPaths([edge, straight(foot, at(foot.x, endDown))]);
}

/** How far the centre line lies inside the cloth's edge, the seam and the overlap named. */
function beyondSum(given: Given, { overlap }: FrontFacts, beyond: Inches) {
  const seam: Term = {
    code: "front-edge-seam",
    kind: "allowance",
    value: ruleLength(given, "allowance.panel"),
    source: "rule:allowance.panel",
  };
  const over: Term = {
    code: "overlap-beyond-the-centre-front",
    kind: "style",
    value: overlap,
    source: "choice:overlapWidth",
  };
  const rest = collarTerm("room-for-the-lapel", "lapelWidth", beyond - seam.value - overlap);
  return settle([seam, over, ...(rest.value === 0 ? [] : [rest])], 0);
}

/** A place that geometry found, read across from where its piece can be reached: beyond the centre from the cloth's edge. */
function chalkPlace(
  piece: PieceChalk,
  id: string,
  stitch: Point,
  why: "lapel-tip" | "break-point" | "collar-notch" | "collar-back" | "shawl-edge" | "roll-line",
): void {
  const fromEdge = stitch.x < -1 / 64;
  piece.at({
    id,
    terms: fromEdge ? piece.start.originInset.terms : [],
    stitch,
    drawn: "lapel-as-drawn",
    ...(fromEdge ? { from: "cloth-edge" as const } : {}),
    why,
  });
}

/** The roll on a collar that stays on the front: from the neck point up to its centre back. */
function chalkRoll(piece: PieceChalk, form: CollarForm, { neck, sewn, outer }: BreakPlan): void {
  const up = directionFrom(sewn, outer) ?? at(0, -1);
  const end = add(sewn, scale(up, rollUp(piece.given, form)));
  chalkPlace(piece, "collar/roll", end, "roll-line");
  piece.crease({ id: "roll", path: straight(neck, end), through: ["top/neck", "collar/roll"], why: "roll-line" });
}

function chalkNeckPoint(piece: PieceChalk, { terms }: FrontFacts, plan: BreakPlan): void {
  piece.mark("top", "neck", { terms: terms.neckWidth, step: 0, why: "neck-width" });
  const inside: Term = {
    code: "inside-the-neck-point",
    kind: "style",
    value: plan.top.x - plan.neck.x,
    source: "parts:collar",
  };
  piece.mark("top", "break", { terms: [...terms.neckWidth, inside], step: 0, why: "break-line" });
}

function chalkGorge(piece: PieceChalk, { terms }: FrontFacts, cut: boolean): void {
  const allowance = cut ? { allowance: [turnTerm(neckTerm(piece.given))] } : {};
  piece.centreMark("neck-depth", { terms: terms.gorge, step: 0, ...allowance, why: "gorge" });
}

/** The lapel's own upper edge and the gorge that a collar cut apart is sewn to, from the tip to the neck point. */
function chalkApart(piece: PieceChalk, plan: LapelPlan, facts: FrontFacts): void {
  chalkNeckPoint(piece, facts, plan);
  chalkGorge(piece, facts, true);
  chalkPlace(piece, "gorge/tip", plan.tip, "lapel-tip");
  chalkPlace(piece, "gorge/notch", plan.notch, "collar-notch");
  chalkPlace(piece, "waist/break", plan.point, "break-point");
  piece.edge("front-neck", {
    role: "neck",
    stitch: joinPaths([straight(plan.tip, plan.notch), plan.gorge]),
    allowance: neckAllowance(piece.given),
    through: ["gorge/tip", "gorge/notch", "centre/neck-depth", "top/neck"],
    // From the tip to the notch the lapel is sewn to its facing alone.
    mouths: [{ closes: "lapel", from: 0, to: plan.notchIn }],
    why: "gorge",
  });
}

/** A collar's centre back and sewn line on the front that it stays on, down to the neck point. */
function chalkBack(piece: PieceChalk, { sewn, outer, neck }: BreakPlan): void {
  const seam = ruleLength(piece.given, "allowance.collar");
  piece.edge("collar-back", {
    role: "collar",
    stitch: straight(outer, sewn),
    allowance: seam,
    through: ["collar/back-outer", "collar/back-inner"],
    why: "collar-back",
  });
  piece.edge("front-neck", {
    role: "neck",
    stitch: straight(sewn, neck),
    allowance: neckAllowance(piece.given),
    through: ["collar/back-inner", "top/neck"],
    why: "collar-lean",
  });
}

/** Cut on: notch, outer edge, centre back and sewn line, one after the other round the collar. */
function chalkOn(piece: PieceChalk, plan: LapelPlan, facts: FrontFacts): void {
  const { given } = piece;
  const seam = ruleLength(given, "allowance.collar");
  chalkNeckPoint(piece, facts, plan);
  chalkGorge(piece, facts, false);
  chalkPlace(piece, "collar/back-outer", plan.outer, "collar-back");
  chalkPlace(piece, "collar/back-inner", plan.sewn, "collar-back");
  chalkPlace(piece, "collar/notch", plan.collarTip, "collar-notch");
  chalkPlace(piece, "gorge/tip", plan.tip, "lapel-tip");
  chalkPlace(piece, "gorge/notch", plan.notch, "collar-notch");
  chalkPlace(piece, "waist/break", plan.point, "break-point");
  const out = scale(leftOf(directionFrom(plan.tip, plan.collarTip) ?? at(0, -1)), seam);
  piece.edge("notch", {
    role: "collar",
    stitch: straight(plan.tip, plan.notch, plan.collarTip),
    // Sewn first, the notch is cut out of the cloth afterwards: it is no wider than its seams.
    cut: straight(add(plan.tip, out), add(plan.collarTip, out)),
    allowance: seam,
    through: ["gorge/tip", "gorge/notch", "collar/notch"],
    why: "collar-notch",
  });
  piece.edge("outer", {
    role: "collar",
    stitch: reversePath(outerEdge(given, plan)),
    allowance: seam,
    through: ["collar/notch", "collar/back-outer"],
    why: "collar-back",
  });
  chalkBack(piece, plan);
}

function chalkShawlNeck(piece: PieceChalk, plan: ShawlPlan, facts: FrontFacts): void {
  chalkNeckPoint(piece, facts, plan);
  chalkGorge(piece, facts, false);
  chalkPlace(piece, "collar/back-outer", plan.outer, "collar-back");
  chalkPlace(piece, "collar/back-inner", plan.sewn, "collar-back");
  chalkPlace(piece, "shawl/outer", plan.widest, "shawl-edge");
  chalkPlace(piece, "waist/break", plan.point, "break-point");
  chalkBack(piece, plan);
}

function chalkBreak(piece: PieceChalk, plan: BreakPlan): void {
  piece.crease({ id: "break", path: breakLine(plan), through: ["waist/break", "top/break"], why: "break-line" });
}

/** The cloth that a collar cut on wants above the top line, beside the shoulder's seam. */
function aboveTerms(given: Given, above: Inches): readonly Term[] {
  const shoulder = settleOnTape(given, [allowanceTerm(given, "allowance.shoulder")]).value;
  return [collarTerm("room-for-the-collar", "collarWidth", above - shoulder)];
}

/** How a front is made that a lapel lies on. */
function lapelFront(given: Given, form: CollarForm, facts: FrontFacts, plan: LapelPlan): FrontShape {
  const { beyond, above } = roomFor(given, plan, Math.max(facts.overlap, -plan.tip.x, -plan.collarTip.x));
  const on = form.collarCut === "on";
  return {
    beyond: beyondSum(given, facts, beyond),
    above: on ? aboveTerms(given, above) : [],
    edge: belowBreak(plan.edge, facts.endDown),
    chalkNeck: (piece) => (on ? chalkOn(piece, plan, facts) : chalkApart(piece, plan, facts)),
    chalkLines: (piece) => {
      chalkBreak(piece, plan);
      if (on) chalkRoll(piece, form, plan);
    },
  };
}

function shawlFront(given: Given, form: CollarForm, facts: FrontFacts, plan: ShawlPlan): FrontShape {
  const outermost = Math.max(facts.overlap, -plan.widest.x);
  const { beyond, above } = roomFor(given, plan, outermost);
  return {
    beyond: beyondSum(given, facts, beyond),
    above: aboveTerms(given, above),
    edge: belowBreak(reversePath(plan.outerEdge), facts.endDown),
    chalkNeck: (piece) => chalkShawlNeck(piece, plan, facts),
    chalkLines: (piece) => {
      chalkBreak(piece, plan);
      chalkRoll(piece, form, plan);
    },
  };
}

/** Plans what lies on a front, and how it is made for that. */
export function planFront(
  given: Given,
  form: CollarForm,
  facts: FrontFacts,
): { readonly planned: PlannedFront; readonly shape: FrontShape } {
  if (form.kind === "shawl") {
    const plan = planShawl(given, form, facts);
    return { planned: { kind: "shawl", plan, facts }, shape: shawlFront(given, form, facts, plan) };
  }
  const plan = planLapel(given, form, facts);
  return { planned: { kind: "lapel", plan, facts }, shape: lapelFront(given, form, facts, plan) };
}
