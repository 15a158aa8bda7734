import {
  allowanceTerm,
  type EdgeReference,
  type EdgeRole,
  type PieceChalk,
  type PieceName,
  ruleLength,
  type Sheet,
  settleOnTape,
  type Term,
} from "../../chalk";
import { at, flattenPath, pathEnd } from "../../geometry";
import { type Inches, TRUEING_STEP } from "../../length";
import type { ClosedHalf } from "../closed-half";
import { type FacingShape, facingEdges, moveFacing } from "../facing-shapes";

/** What a facing is called, and how it lies. */
export interface FacingPlan {
  readonly id: string;
  readonly name: PieceName;
  readonly shape: FacingShape;
  /** The half that it is chalked round. */
  readonly of: ClosedHalf;
  readonly onFold: boolean;
  /** Whether its centre is cut as the garment's own. */
  readonly centreAsCut: boolean;
  /** Whether the neck that it faces has a notch at its centre. */
  readonly notched: boolean;
  /** What its own edges have beyond the seam. */
  readonly allowances: { readonly centre: Inches; readonly armhole: Inches; readonly neck: Inches };
  /** How deep it is from the edge that it faces. */
  readonly depth: Inches;
}

type FacingEdge = keyof FacingShape;

const ROLES: Readonly<Record<FacingEdge, EdgeRole>> = {
  neck: "neck",
  shoulder: "shoulder",
  armhole: "armhole",
  side: "side",
  inner: "join",
  centre: "centre",
};

/** A facing lies with its highest place on the top line and, where it has no fold, its cut at the cloth's edge. */
function laidOnCloth({ shape, onFold, allowances }: FacingPlan): FacingShape {
  const points = facingEdges(shape).flatMap(([, path]) => flattenPath(path));
  const left = Math.min(...points.map(({ x }) => x));
  const high = Math.min(...points.map(({ y }) => y));
  const beyond = shape.centre === undefined ? 0 : allowances.centre;
  return moveFacing(shape, at(onFold ? 0 : beyond - left, -high));
}

/** Whether it serves neck and armhole: its lower edge then runs beside neither. */
function isInOne({ neck, armhole }: FacingShape): boolean {
  return neck !== undefined && armhole !== undefined;
}

/** Where the lower edge of a facing in one ends: under the arm, and at the centre. */
function chalkLowEnds(piece: PieceChalk, { depth }: FacingPlan, { inner }: FacingShape): void {
  const [low, foot] = [inner.start, pathEnd(inner)];
  piece.at({ id: "facing/side", terms: [], stitch: low, drawn: "as-the-body-lies", why: "facing-low" });
  const neckDown: Term = {
    code: "as-the-body-lies",
    kind: "drawn",
    value: foot.y - depth,
    source: "edge:neck",
  };
  const deep: Term = { code: "facing-depth", kind: "style", value: depth, source: "choice:facingDepth" };
  piece.centreMark("facing", { terms: [neckDown, deep], step: TRUEING_STEP, across: foot.x, why: "facing-low" });
}

function chalkEdge(piece: PieceChalk, plan: FacingPlan, edge: FacingEdge, shape: FacingShape): void {
  const { given } = piece;
  const path = shape[edge];
  if (path === undefined) return;
  const base = { role: ROLES[edge], stitch: path, through: [] };
  const seam: Readonly<Record<FacingEdge, Inches>> = {
    neck: plan.allowances.neck,
    shoulder: ruleLength(given, "allowance.shoulder"),
    armhole: plan.allowances.armhole,
    side: ruleLength(given, "allowance.side"),
    inner: 0,
    centre: plan.allowances.centre,
  };
  if (edge === "centre") {
    piece.edge(edge, {
      ...base,
      allowance: plan.onFold ? 0 : seam.centre,
      onFold: plan.onFold,
      ...(plan.centreAsCut ? { drawn: { kind: "round", pieces: plan.of.pieces }, why: "facing-traced" } : {}),
    });
    return;
  }
  if (edge === "inner" && isInOne(shape)) {
    chalkLowEnds(piece, plan, shape);
    piece.edge("lower", { ...base, allowance: 0, through: ["facing/side", "centre/facing"], why: "facing-inner" });
    return;
  }
  if (edge === "inner") {
    const faced = shape.neck === undefined ? "armhole" : "neck";
    // It is chalked from the line that was chalked before: the one to cut.
    const by = plan.depth + seam[faced];
    piece.edge(edge, { ...base, allowance: 0, drawn: { kind: "beside", of: faced, by }, why: "facing-inner" });
    return;
  }
  piece.edge(edge, {
    ...base,
    allowance: seam[edge],
    drawn: { kind: "round", pieces: plan.of.pieces },
    why: "facing-traced",
  });
}

/** Chalks a facing round the half that it faces; its edges by their names. */
export function chalkFacing(sheet: Sheet, plan: FacingPlan): (edge: FacingEdge) => EdgeReference {
  const { given } = sheet;
  const piece = sheet.piece(plan.id, {
    name: plan.name,
    half: null,
    origin: plan.onFold ? "fold" : "cloth-edge",
    originInset: { value: 0, terms: [] },
    ...(isInOne(plan.shape) ? {} : { traced: true }),
    topInset: settleOnTape(given, [allowanceTerm(given, "allowance.shoulder")]),
  });
  const shape = laidOnCloth(plan);
  for (const [edge] of facingEdges(shape)) chalkEdge(piece, plan, edge, shape);
  if (plan.notched && shape.neck !== undefined) piece.notchAt("centre-neck", "neck", 0);
  return (edge) => `${plan.id}/${edge}`;
}
