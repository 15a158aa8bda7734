import { addTerms, givenStep, type Mouth, type PieceChalk, ruleLength, type Term } from "../../chalk";
import {
  crossAtDepth,
  distance,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  reversePath,
  splitAtAcross,
  splitAtLength,
  straight,
} from "../../geometry";
import { type Inches, roundToStep } from "../../length";
import { lowerRule } from "./body-form";
import { trueingRound } from "./body-lines";
import type { HalfPieces } from "./chalk-upper";
import type { HalfPlan } from "./half-plan";
import { panelLowerEdge, wholeLowerEdge } from "./lower-edge";
import type { PanelShape } from "./panel-plan";
import { type SideShape, sewnLegs, turnsLower } from "./sides";

function lowerAllowance(piece: PieceChalk, half: HalfPlan): Inches {
  const { form } = half;
  return ruleLength(piece.given, lowerRule(form)) + (form.style.hem === "join" ? form.trimLength : 0);
}

function chalkLowerEdge(
  piece: PieceChalk,
  half: HalfPlan,
  stitch: Path,
  rest: { readonly mouths?: readonly Mouth[]; readonly turned?: readonly [number, number] } = {},
): void {
  const join = half.form.style.hem === "join";
  // Only those that it really runs through are told: a trued side ends at its foot, and not at the mark above it.
  const through = join
    ? ["side/foot", half.form.end === "ribs" ? "underbust/side" : "waist/side", "centre/lower-edge"]
    : ["side/foot", "hem/side", "hem/panel", "centre/hem"];
  piece.edge(join ? "waist" : "hem", {
    role: join ? "waist" : "hem",
    stitch,
    allowance: lowerAllowance(piece, half),
    through,
    ...rest,
    ...(join ? { why: "waist-join" } : {}),
  });
}

/** The lower edge of a half in one piece, and the mouth of a waist dart that opens into it. */
export function chalkPlainLower(piece: PieceChalk, half: HalfPlan, shape: SideShape, centreFoot: Point): void {
  const legs = half.dart?.end === null ? sewnLegs(half, shape) : null;
  if (legs === null) {
    chalkLowerEdge(piece, half, wholeLowerEdge(half, shape.path, centreFoot));
    return;
  }
  const [inner, outer] = legs;
  const from = pathEnd(shape.path);
  const start = distance(from, outer);
  const mouth = { closes: `${half.side}-waist-dart`, from: start, to: start + distance(outer, inner) };
  const turned = turnsLower(half, shape) ? ([0, 1] as const) : ([0, 0] as const);
  chalkLowerEdge(piece, half, straight(from, outer, inner, centreFoot), { mouths: [mouth], turned });
}

interface PanelLower {
  readonly innerEdge: Path;
  readonly outerEdge: Path;
  readonly inner: Path;
  readonly outer: Path;
}

function endAt(path: Path, end: Point): Path {
  const last = path.segments.length - 1;
  return {
    ...path,
    segments: path.segments.map((segment, index) => (index === last ? { ...segment, to: end } : segment)),
  };
}

/** Both panel edges cut where the lower edge meets them, and the stretches of lower edge between. */
function panelLower(half: HalfPlan, panel: PanelShape, shape: SideShape, centre: Path): PanelLower {
  const { inner: innerEdge, outer: outerEdge } = panel;
  if (half.centre.raised > 0 && half.form.style.hem === "join") return raisedLower(panel, shape, pathEnd(centre));
  if (half.form.style.hem !== "flared") {
    const inner = panelLowerEdge(half, innerEdge, centre);
    return { innerEdge, outerEdge, inner, outer: panelLowerEdge(half, shape.path, outerEdge) };
  }
  // A flared hem is one curve over both panels: it is drawn whole and cut at the panel line, edges with it.
  const whole = wholeLowerEdge(half, shape.path, pathEnd(centre));
  const cut = splitAtAcross(whole, pathEnd(innerEdge).x);
  if (cut === null) throw new Error("expected the lower edge to reach the panel line");
  const rise = Math.max(0, pathEnd(innerEdge).y - pathEnd(cut[0]).y);
  const trim = (path: Path) => splitAtLength(path, pathLength(path) - rise)[0];
  const [trimmedInner, trimmedOuter] = [trim(innerEdge), trim(outerEdge)];
  return {
    innerEdge: trimmedInner,
    outerEdge: trimmedOuter,
    inner: { ...cut[1], start: pathEnd(trimmedInner) },
    outer: endAt(cut[0], pathEnd(trimmedOuter)),
  };
}

/** A back that is raised at its zip: the edge runs straight from there to nothing at the side, and both panels end on it. */
function raisedLower({ inner, outer }: PanelShape, shape: SideShape, centre: Point): PanelLower {
  const side = pathEnd(shape.path);
  const levelAt = (x: Inches) => centre.y + ((side.y - centre.y) * (x - centre.x)) / (side.x - centre.x);
  const rise = Math.max(0, pathEnd(inner).y - levelAt(pathEnd(inner).x));
  const trim = (path: Path) => splitAtLength(path, pathLength(path) - rise)[0];
  const [innerEdge, outerEdge] = [trim(inner), trim(outer)];
  return {
    innerEdge,
    outerEdge,
    inner: straight(pathEnd(innerEdge), centre),
    outer: straight(side, pathEnd(outerEdge)),
  };
}

/** What a leg takes out beside the panel line: by rule where it is at full width, else as it is drawn there. */
function legTerms(half: HalfPlan, x: Inches, down: Inches, onTape: (value: Inches) => boolean): readonly Term[] {
  const room = half.room(down);
  const line = addTerms(half.line.rest);
  const share = x - line - room;
  const by: Term = onTape(share)
    ? { code: "panel-take-out", kind: "style", value: share, source: "rule:underbustTakeOut" }
    : { code: "panel-leg", kind: "drawn", value: share, source: "rule:underbustTakeOut" };
  const made: Term = { code: "panel-room-made-up", kind: "drawn", value: room, source: "rule:panelRoom" };
  return [...half.line.rest, by, ...(room > 0 ? [made] : [])];
}

/**
 * The marks of the panel seam on its lines: where both edges stand from the ribs down to the lower edge, and what trued
 * them. A line that an edge ends above has no mark of it.
 */
function chalkPanelMarks(
  { inner, outer }: HalfPieces,
  half: HalfPlan,
  panel: PanelShape,
  { innerEdge, outerEdge }: PanelLower,
): void {
  const step = givenStep(inner.given);
  const line = addTerms(half.line.rest);
  // The panel line is settled on the tape, the take-out too: their sum says whether the leg is at full width.
  const settled = (share: Inches) => Math.abs(share + line - roundToStep(share + line, step)) < 1e-6;
  for (const id of ["underbust", "waist"] as const) {
    if (!inner.hasLine(id) || inner.down(id) > pathEnd(panel.inner).y + 1e-6) continue;
    const down = inner.down(id);
    const [at_, beyond] = [panel.innerAt(down), panel.outerAt(down)];
    if (at_ === undefined) continue;
    const terms = (x: Inches) => [...legTerms(half, x, down, settled), ...inner.bendOn(id)];
    inner.mark(id, "panel", { terms: terms(at_), step: 0, why: "take-out" });
    if (beyond !== undefined) outer.mark(id, "panel", { terms: terms(beyond), step: 0, why: "take-out" });
    else {
      const end = pathEnd(panel.outer);
      outer.at({ id: `${id}/panel`, terms: legTerms(half, end.x, down, settled), stitch: end, why: "panel-trued" });
    }
  }
  for (const [piece, path] of [
    [inner, innerEdge],
    [outer, outerEdge],
  ] as const)
    chalkPanelFoot(piece, half, path, settled);
}

/** A panel's corner at the lower edge that lies this near to a line is read on it. */
const ON_LINE: Inches = 1 / 64;

/** Where a panel's edge crosses the hip line, and its corner at the hem: read on its line, or beside it where it left that. */
function chalkPanelFoot(piece: PieceChalk, half: HalfPlan, path: Path, settled: (share: Inches) => boolean): void {
  if (half.form.style.hem === "join") return;
  const end = pathEnd(path);
  const hip = piece.hasLine("hip") && piece.down("hip") < end.y - 1 ? piece.down("hip") : undefined;
  const crossing = hip === undefined ? undefined : crossAtDepth(path, hip)[0];
  if (hip !== undefined && crossing !== undefined) {
    const terms = [...legTerms(half, crossing.x, hip, settled), ...piece.bendOn("hip")];
    piece.mark("hip", "panel", { terms, step: 0, why: "panel-line" });
  }
  const terms = legTerms(half, end.x, end.y, settled);
  const onLine = piece.hasLine("hem") && Math.abs(piece.down("hem") - end.y) < ON_LINE;
  if (onLine) piece.mark("hem", "panel", { terms: [...terms, ...piece.bendOn("hem")], step: 0, why: "panel-line" });
  else piece.at({ id: "hem/panel", terms, stitch: end, why: "panel-line" });
}

/** Notches that both panel edges have, each as far below the bust on either: at the ribs, and at the waist. */
function notchPanels({ inner, outer }: HalfPieces, panel: PanelShape, outerLength: Inches): void {
  inner.notchAt("bust", "panel", panel.bustAlong.inner);
  outer.notchAt("bust", "panel", outerLength - panel.bustAlong.outer);
  const whole = pathLength(inner.edgeOf("panel").stitch);
  for (const [id, below] of [
    ["underbust", panel.bustToRibs],
    ["waist", panel.bustToWaist],
  ] as const) {
    const along = trueingRound(panel.bustAlong.inner + below);
    if (below <= 0 || along > whole - 1 / 4) continue;
    inner.notchAt(id, "panel", along);
    outer.notchAt(id, "panel", outerLength - panel.bustAlong.outer - (along - panel.bustAlong.inner));
  }
}

/** The panel seam on both pieces, their lower edges, and the notches that must meet. */
export function chalkPanels(
  pieces: HalfPieces,
  half: HalfPlan,
  panel: PanelShape,
  shape: SideShape,
  centre: Path,
  turned: boolean,
): void {
  const { inner, outer } = pieces;
  const allowance = ruleLength(inner.given, "allowance.panel");
  const lower = panelLower(half, panel, shape, centre);
  chalkPanelMarks(pieces, half, panel, lower);
  const through = [
    "armhole/panel",
    "shoulder/panel",
    "yoke/panel",
    "bust/point",
    "underbust/panel",
    "waist/panel",
    "hip/panel",
    "hem/panel",
  ];
  inner.edge("panel", { role: "panel", stitch: lower.innerEdge, allowance, through, why: "panel-line" });
  chalkLowerEdge(inner, half, lower.inner);
  chalkLowerEdge(outer, half, lower.outer);
  const up = reversePath(lower.outerEdge);
  const last = up.segments.length;
  outer.edge("panel", {
    role: "panel",
    stitch: up,
    allowance,
    through,
    turned: turned ? [last - 2, last] : [0, 0],
    why: "panel-line",
  });
  notchPanels(pieces, panel, pathLength(up));
}
