import {
  allowanceTerm,
  bodyValue,
  type Given,
  onTape,
  type PieceChalk,
  ruleLength,
  type Sheet,
  settleOnTape,
} from "../../chalk";
import {
  at,
  curveBetween,
  cutLine,
  distance,
  flattenPath,
  joinPaths,
  leftOf,
  type Path,
  type Point,
  pathEnd,
  splitAtLength,
  straight,
} from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import { armShort, type GrownPlan, planGrown } from "./plan-grown";

/** Round the corner under the arm no more than this lies beyond the seam: it is clipped. */
const CORNER = both(0.5, 1);
const MEETS = { least: 0, most: 0 } as const;
type Side = "front" | "back";

function neckDepth({ form }: GrownPlan, side: Side): Inches {
  return side === "front" ? form.frontNeckDepth : form.backNeckDepth;
}

function chalkMarks(piece: PieceChalk, plan: GrownPlan, side: Side): void {
  const { given } = piece;
  const beside = [allowanceTerm(given, "allowance.side")];
  const depth = neckDepth(plan, side);
  piece.mark("top", "neck", { terms: plan.neckWidth.terms, why: "neck-width" });
  piece.centreMark("neck-depth", {
    terms: [{ code: "neck-depth", kind: "style", value: depth, source: `choice:${side}NeckDepth` }],
    why: "neck-curve",
  });
  piece.mark("top", "shoulder", { terms: plan.halfShoulder.terms, why: "armhole-cutting" });
  piece.place({
    id: "shoulder/tip",
    stitch: at(plan.halfShoulder.value, plan.drop.value),
    act: "drop",
    reading: plan.drop,
    from: "top-line",
    direction: "down",
    why: "shoulder-slope",
  });
  const end = plan.join ?? plan.end;
  for (const [id, place] of [
    ["sleeve/top", end.top],
    ["sleeve/end", end.low],
  ] as const)
    piece.at({ id, terms: [], stitch: place, drawn: "on-the-carried-shoulder-line", why: "grown-end" });
  piece.mark("chest", "side", { terms: plan.bust.terms, why: "grown-underarm" });
  piece.mark("waist", "side", { terms: plan.waist.terms, allowance: beside, why: "side-width" });
  piece.mark("hip", "side", { terms: plan.hip.terms, allowance: beside, why: "side-width" });
  piece.mark("hem", "side", { terms: plan.hem.terms, allowance: beside, why: "hem-width" });
}

/** From the sleeve's lower corner, or from where it is joined, round the underarm and down the side. */
function lowerPath(plan: GrownPlan): Path {
  const { under, side, join } = plan;
  if (join === null) return joinPaths([under, side]);
  const [, rest] = splitAtLength(under, distance(under.start, join.low));
  return joinPaths([rest, side]);
}

/** Cut half an inch outside the sleeve and its corner, widening to the waist to what the house has at a side. */
function lowerCut(given: Given, plan: GrownPlan, from: Path): Path {
  const corner = onTape(given, pickSystem(CORNER, given.metric));
  const beside = ruleLength(given, "allowance.side");
  const upper: Path = { start: from.start, segments: from.segments.slice(0, 2) };
  const high = pathEnd(upper).y;
  const widened = ({ x, y }: Point): Point => {
    const share = Math.min(1, Math.max(0, (y - high) / Math.max(1, plan.waistDown.value - high)));
    return at(x + corner + (beside - corner) * share, y);
  };
  const round = cutLine({ stitch: upper, allowance: corner });
  const turned = round.at(-1)?.y ?? high;
  const below = flattenPath(plan.side)
    .map(widened)
    .filter(({ y }) => y > turned + 1 / 16);
  const [start, ...rest] = [...round, ...below] as [Point, ...Point[]];
  return { start, segments: rest.map((to) => ({ kind: "line", to })) };
}

function chalkEdges(piece: PieceChalk, plan: GrownPlan, side: Side): void {
  const { given } = piece;
  const neck = at(plan.neckWidth.value, 0);
  const depth = neckDepth(plan, side);
  const end = plan.join ?? plan.end;
  const start = at(0, depth);
  piece.edge(`${side}-neck`, {
    role: "neck",
    stitch: { start, segments: [curveBetween(start, { x: 1, y: 0 }, neck, leftOf(plan.along))] },
    allowance: ruleLength(given, "allowance.neck"),
    through: ["centre/neck-depth", "top/neck"],
    why: "neck-curve",
  });
  piece.edge("shoulder", {
    role: "shoulder",
    stitch: straight(neck, end.top),
    allowance: ruleLength(given, "allowance.shoulder"),
    through: ["top/neck", "shoulder/tip", "sleeve/top"],
    why: "grown-shoulder",
  });
  piece.edge(plan.join === null ? "sleeve-hem" : "sleeve-join", {
    role: plan.join === null ? "hem" : "join",
    stitch: straight(end.top, end.low),
    allowance: ruleLength(given, plan.join === null ? "allowance.hem" : "allowance.panel"),
    through: ["sleeve/top", "sleeve/end"],
    why: plan.join === null ? "sleeve-hem" : "grown-join",
  });
  const lower = lowerPath(plan);
  const corner = onTape(given, pickSystem(CORNER, given.metric));
  const beside = ruleLength(given, "allowance.side");
  piece.edge("side", {
    role: "side",
    stitch: lower,
    cut: lowerCut(given, plan, lower),
    allowance: Math.max(corner, beside),
    allowanceAt: [
      { mark: "sleeve/end", value: corner },
      { mark: "waist/side", value: beside },
      { mark: "hip/side", value: beside },
      { mark: "hem/side", value: beside },
    ],
    through: ["sleeve/end", "waist/side", "hip/side", "hem/side"],
    why: "grown-underarm",
  });
  const foot = pathEnd(lower);
  piece.edge("hem", {
    role: "hem",
    stitch: straight(foot, at(0, foot.y)),
    allowance: ruleLength(given, "allowance.hem"),
    through: ["hem/side"],
  });
  piece.edge("centre", {
    role: "centre",
    stitch: straight(at(0, foot.y), start),
    allowance: 0,
    through: [],
    onFold: true,
  });
}

function chalkHalf(sheet: Sheet, plan: GrownPlan, side: Side): PieceChalk {
  const { given } = sheet;
  const piece = sheet.piece(`bodice-${side}`, {
    name: side,
    half: side,
    origin: "fold",
    originInset: { value: 0, terms: [] },
    topInset: settleOnTape(given, [allowanceTerm(given, "allowance.shoulder")]),
  });
  piece.line("chest", plan.chest, { why: "grown-underarm" });
  piece.line("waist", plan.waistDown);
  piece.line("hip", plan.hipDown);
  piece.line("hem", plan.hemDown);
  chalkMarks(piece, plan, side);
  chalkEdges(piece, plan, side);
  return piece;
}

/**
 * What is joined on where the cloth is too narrow for the sleeve: from the seam to the sleeve's end, its shoulder on top. It
 * is read from the edge of its cloth, where the allowance of its seam is cut.
 */
function chalkJoined(sheet: Sheet, plan: GrownPlan, side: Side): void {
  const { given } = sheet;
  if (plan.join === null) return;
  const seam = ruleLength(given, "allowance.panel");
  const long = seam + distance(plan.join.top, plan.end.top);
  const [wide, high] = [distance(plan.join.top, plan.join.low), distance(plan.end.top, plan.end.low)];
  const piece = sheet.piece(`sleeve-${side}`, {
    name: side === "front" ? "sleeve-end-front" : "sleeve-end-back",
    half: null,
    origin: "cloth-edge",
    originInset: { value: 0, terms: [] },
    topInset: settleOnTape(given, [allowanceTerm(given, "allowance.shoulder")]),
  });
  const place = (id: string, stitch: Point) =>
    piece.at({ id, terms: [], stitch, drawn: "on-the-carried-shoulder-line", why: "grown-end" });
  place("sleeve/top", at(long, 0));
  place("sleeve/end", at(long, high));
  place("join/low", at(seam, wide));
  const corner = onTape(given, pickSystem(CORNER, given.metric));
  piece.edge("shoulder", {
    role: "shoulder",
    stitch: straight(at(seam, 0), at(long, 0)),
    allowance: ruleLength(given, "allowance.shoulder"),
    through: ["sleeve/top"],
    why: "grown-shoulder",
  });
  piece.edge("sleeve-hem", {
    role: "hem",
    stitch: straight(at(long, 0), at(long, high)),
    allowance: ruleLength(given, "allowance.hem"),
    through: ["sleeve/top", "sleeve/end"],
    why: "sleeve-hem",
  });
  piece.edge("under", {
    role: "side",
    stitch: straight(at(long, high), at(seam, wide)),
    allowance: corner,
    through: ["sleeve/end", "join/low"],
    why: "grown-underarm",
  });
  piece.edge("sleeve-join", {
    role: "join",
    stitch: straight(at(seam, wide), at(seam, 0)),
    allowance: seam,
    through: ["join/low"],
    why: "grown-join",
  });
  sheet.seam({
    id: `join-sleeve-${side}`,
    a: [`sleeve-${side}/sleeve-join`],
    b: [`bodice-${side}/sleeve-join`],
    ease: MEETS,
  });
}

function promiseSeams(sheet: Sheet, plan: GrownPlan): void {
  const { given } = sheet;
  if (plan.join !== null)
    for (const id of ["shoulder", "under"] as const)
      sheet.seam({ id: `sleeve-${id}`, a: [`sleeve-front/${id}`], b: [`sleeve-back/${id}`], ease: MEETS });
  for (const id of ["shoulder", "side"] as const)
    sheet.seam({ id, a: [`bodice-front/${id}`], b: [`bodice-back/${id}`], ease: MEETS });
  for (const line of ["waist", "hip"] as const) {
    // A waist that was widened to pass over the bust promises no girth of its own, nor one that the sleeve hangs across.
    if (plan.end.low.y > plan.waistDown.value || plan[line].terms.some(({ code }) => code === "to-pass-over-the-bust"))
      continue;
    sheet.girth({ line, on: line, body: bodyValue(given, line), ease: ruleLength(given, `ease.${line}`) });
  }
}

function remarkGrown(sheet: Sheet, plan: GrownPlan): void {
  const { given } = sheet;
  const short = armShort(given, plan);
  if (short !== null) sheet.remark({ id: "underarm-tight", piece: "bodice-front", numbers: { ...short } });
  if (plan.join === null) return;
  const reaches = plan.end.top.x + ruleLength(given, "allowance.hem");
  sheet.remark({ id: "sleeve-joined-on", piece: "bodice-front", numbers: { reaches, half: given.clothWidth / 2 } });
}

/** A body in a front and a back, each with half of both sleeves grown on: no armhole, the neck lets the head through. */
export function chalkGrown(sheet: Sheet): void {
  const plan = planGrown(sheet.given);
  sheet.part("body", () => {
    for (const side of ["front", "back"] as const) {
      chalkHalf(sheet, plan, side);
      chalkJoined(sheet, plan, side);
    }
    promiseSeams(sheet, plan);
    sheet.openAt("none", null);
    remarkGrown(sheet, plan);
  });
}
