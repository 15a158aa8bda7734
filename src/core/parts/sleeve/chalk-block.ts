import {
  allowanceTerm,
  type EdgeChalk,
  type Given,
  onTape,
  type PieceChalk,
  ruleLength,
  ruleValue,
  type Sheet,
  type Term,
} from "../../chalk";
import {
  add,
  at,
  cutLine,
  mapPath,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  scale,
  straight,
  subtract,
} from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import { certain } from "../../result";
import { chalkCapPlaces } from "./cap-places";
import { openSleeve } from "./open-sleeve";
import type { SleevePlan } from "./plan-sleeve";
import type { SleeveForm } from "./sleeve-form";

/** A jacket's side has this much beyond its seam below the underarm. */
const JACKET_SIDE = both(2, 5);
/** What is turned in over elastic: for a full sleeve, and for a puff. */
const CASING = { gathered: both(1.5, 4), puff: both(1, 2.5) };
/** What is sewn to a cuff, a band or a ring. */
const JOINED = both(0.5, 1);
/** Less than this no side leans from its hem to where that is turned up. */
const LEAST_LEAN: Inches = 1 / 16;

/** What lies beyond the hem line, and whether it is turned up. */
export function hemAllowance(given: Given, form: SleeveForm): { readonly value: Inches; readonly turned: boolean } {
  if (form.cuff === "buttoned" || form.kind === "tie-band" || form.kind === "flounce")
    return { value: onTape(given, pickSystem(JOINED, given.metric)), turned: false };
  if (form.kind === "gathered" || form.kind === "puff")
    return { value: onTape(given, pickSystem(CASING[form.kind], given.metric)), turned: true };
  const own = ruleValue(given, "allowance.sleeveHem") === "as-hem" ? "allowance.hem" : "allowance.sleeveHem";
  return { value: ruleLength(given, own), turned: true };
}

/** What lies beyond the stitched side, as the body's does at its chest line. */
export function sideTerm(given: Given, { level }: SleevePlan["cap"]): Term {
  const own = allowanceTerm(given, "allowance.side");
  return level === null ? own : { ...own, value: onTape(given, pickSystem(JACKET_SIDE, given.metric)) };
}

/** The frame of a sleeve: its cap line half an inch below the cloth's edge, and the lines across that it reaches. */
function frameSleeve(sheet: Sheet, plan: SleevePlan): PieceChalk {
  const piece = openSleeve(sheet);
  piece.line("biceps", plan.capDown, { why: "biceps-line" });
  if (plan.side.some(({ line }) => line === "elbow")) piece.line("elbow", plan.elbowDown);
  piece.line("hem", plan.hemDown);
  return piece;
}

/** The underarm: on the biceps line, or where the level half armhole was walked back to. */
function chalkUnderarm(piece: PieceChalk, plan: SleevePlan): void {
  const { given } = piece;
  const { level } = plan.cap;
  if (level === null) {
    const allowance = [sideTerm(given, plan.cap)];
    piece.mark("biceps", "side", { terms: plan.biceps.terms, allowance, why: "cap-width" });
    return;
  }
  piece.mark("biceps", "level", { terms: plan.biceps.terms, why: "level-mark" });
}

function chalkSideMarks(piece: PieceChalk, plan: SleevePlan): void {
  const { given } = piece;
  const allowance = [sideTerm(given, plan.cap)];
  for (const { line, half } of plan.side)
    piece.mark(line, "side", { terms: half.terms, allowance, why: line === "hem" ? "sleeve-hem" : "sleeve-width" });
}

/** A chain of straight lines. */
function throughPoints(points: readonly Point[]): Path {
  const [start, ...rest] = points;
  return { start: certain(start, "a cutting line"), segments: rest.map((to) => ({ kind: "line", to })) };
}

/** The side's cutting line: as far outside it everywhere, or from where the level line ends. */
function sideCut(given: Given, { cap, side, sidePath }: SleevePlan): Path {
  const by = sideTerm(given, cap).value;
  if (cap.level === null) return mapPath(sidePath, ({ x, y }) => at(x + by, y));
  return throughPoints([at(cap.half, cap.cap), ...side.map(({ half, down }) => at(half.value + by, down))]);
}

/** What lies beyond the side; where half the armhole was laid level, what is left over of it at the underarm. */
function sideAllowance(
  given: Given,
  { cap, side }: SleevePlan,
  beside: Inches,
): Pick<EdgeChalk, "allowance" | "allowanceAt"> {
  if (cap.level === null) return { allowance: beside };
  const over = onTape(given, cap.level.leftAcross);
  const below = side.map(({ line }) => ({ mark: `${line}/side`, value: beside }));
  return { allowance: Math.max(over, beside), allowanceAt: [{ mark: "biceps/side", value: over }, ...below] };
}

/** Where the hem's allowance ends at the side: turned up, it must reach as far as the sleeve is wide there. */
function turnedCorner(sidePath: Path, allowance: Inches): Point | null {
  const { point, tangent } = placeAtLength(sidePath, pathLength(sidePath));
  const lean = (tangent.x / Math.max(0.1, tangent.y)) * allowance;
  return Math.abs(lean) < LEAST_LEAN ? null : at(point.x - lean, point.y + allowance);
}

/** Side and hem, the hem's allowance mirroring the side where it is turned up. */
function chalkLower(piece: PieceChalk, plan: SleevePlan): void {
  const { given } = piece;
  const { sidePath, cap, form } = plan;
  const beside = sideTerm(given, cap);
  const { value: allowance, turned } = hemAllowance(given, form);
  const foot = pathEnd(sidePath);
  const corner = turned ? turnedCorner(sidePath, allowance) : null;
  if (corner !== null) {
    const mirrored: Term = {
      code: "hem-mirrors-the-side",
      kind: "drawn",
      value: corner.x - foot.x,
      source: "edge:side",
    };
    const own = plan.side.at(-1)?.half.terms ?? [];
    piece.at({ id: "hem/turn", terms: [...own, mirrored], stitch: corner, allowance: beside.value, why: "hem-turned" });
  }
  const cut = sideCut(given, plan);
  const turn = corner === null ? null : at(corner.x + beside.value, corner.y);
  piece.edge("side", {
    role: "side",
    stitch: sidePath,
    cut: turn === null ? cut : { start: cut.start, segments: [...cut.segments, { kind: "line", to: turn }] },
    ...sideAllowance(given, plan, beside.value),
    through: ["biceps/side", "elbow/side", "hem/side"],
    why: "sleeve-side",
  });
  piece.edge("hem", {
    role: "hem",
    stitch: straight(foot, at(0, foot.y)),
    ...(turn === null ? {} : { cut: straight(turn, at(0, turn.y)) }),
    allowance,
    through: ["hem/side"],
    why: turned ? (allowance > 1.25 && form.kind === "gathered" ? "sleeve-casing" : "sleeve-hem") : "cuff-edge",
  });
  piece.edge("centre", {
    role: "centre",
    stitch: straight(at(0, foot.y), at(0, 0)),
    allowance: 0,
    through: [],
    onFold: true,
  });
}

/** Where the front of a tailored cap is hollowed more once both halves lie apart: further in, at its third quarter. */
function markHollow(piece: PieceChalk, { form, cap }: SleevePlan): void {
  if (form.capFrontScoop === 0) return;
  const { sunk, foot, slant, bow } = cap.points;
  const share = (bow + form.capFrontScoop) / Math.max(1e-6, bow);
  const on = at(foot.x * 0.75, foot.y * 0.75);
  if (slant > 0) piece.known("cap/scooped", add(on, scale(subtract(sunk, on), share)), "front");
}

/** Half a sleeve on its fold, from the cap line to the hem: everything but its notches. */
export function chalkBlock(sheet: Sheet, plan: SleevePlan): PieceChalk {
  const { given } = sheet;
  const piece = frameSleeve(sheet, plan);
  const { level, curve } = plan.cap;
  chalkUnderarm(piece, plan);
  chalkCapPlaces(piece, plan.cap);
  const allowance = ruleLength(given, "allowance.armhole");
  piece.edge("cap", {
    role: "cap",
    stitch: curve,
    ...(level === null ? {} : { cut: throughPoints(cutLine({ stitch: level.whole, allowance })) }),
    allowance,
    through: ["cap/raised", "cap/middle", "cap/sunk", level === null ? "biceps/side" : "biceps/level"],
    why: "cap-curve",
  });
  if (level !== null)
    piece.along({
      id: "biceps/side",
      edge: "cap",
      reading: plan.biceps,
      stitch: level.underarm,
      why: "underarm-walked",
    });
  chalkSideMarks(piece, plan);
  chalkLower(piece, plan);
  markHollow(piece, plan);
  return piece;
}
