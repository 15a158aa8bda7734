import { type Mouth, type PieceChalk, ruleLength, type Term } from "../chalk";
import {
  distance,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  reversePath,
  splitAtAcross,
  splitAtLength,
  straight,
} from "../geometry";
import type { Inches } from "../length";
import { trueingRound } from "./body-lines";
import type { HalfPieces } from "./chalk-upper";
import type { HalfPlan } from "./half-plan";
import { panelLowerEdge, wholeLowerEdge } from "./lower-edge";
import type { PanelShape } from "./panel-plan";
import { type SideShape, sewnLegs, turnsLower } from "./sides";

function lowerAllowance(piece: PieceChalk, half: HalfPlan): Inches {
  const { given } = piece;
  return half.form.style.hem === "join"
    ? ruleLength(given, "allowance.waistJoin") + half.form.trimLength
    : ruleLength(given, "allowance.hem");
}

function chalkLowerEdge(
  piece: PieceChalk,
  half: HalfPlan,
  stitch: Path,
  rest: { readonly mouths?: readonly Mouth[]; readonly turned?: readonly [number, number] } = {},
): void {
  const join = half.form.style.hem === "join";
  const through = join ? ["waist/side", "underbust/side"] : ["hem/side", "centre/hem"];
  piece.edge(join ? "waist" : "hem", {
    role: join ? "waist" : "hem",
    stitch,
    allowance: lowerAllowance(piece, half),
    through: through.filter((mark) => piece.hasMark(mark)),
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
  const mouth = { closes: `${half.side}-waist`, from: start, to: start + distance(outer, inner) };
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

/** The marks of the panel seam on its lines: where both edges stand at ribs and waist, and what trued them. */
function chalkPanelMarks({ inner, outer }: HalfPieces, half: HalfPlan, panel: PanelShape): void {
  const { line } = half;
  for (const id of ["underbust", "waist"] as const) {
    if (!inner.hasLine(id) || inner.down(id) > pathEnd(panel.inner).y + 1e-6) continue;
    const down = inner.down(id);
    const [at_, beyond] = [panel.innerAt(down), panel.outerAt(down)];
    if (at_ === undefined) continue;
    const centre = line.rest.reduce((sum, term) => sum + term.value, 0);
    const share = (x: Inches): Term => ({
      label: "Take-out of the panel seam",
      kind: "style",
      value: x - centre,
      source: "rule:underbustTakeOut",
    });
    inner.mark(id, "panel", { terms: [...line.rest, share(at_)], step: 0, why: "take-out" });
    if (beyond !== undefined)
      outer.mark(id, "panel", { terms: [...line.rest, share(beyond)], step: 0, why: "take-out" });
    else outer.at({ id: `${id}/panel`, terms: line.rest, stitch: pathEnd(panel.outer), why: "panel-trued" });
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
  chalkPanelMarks(pieces, half, panel);
  const start = ["armhole/panel", "yoke/panel"].filter((id) => inner.hasMark(id));
  const through = [...start, "bust/point", "underbust/panel", "waist/panel"].filter((id) => inner.hasMark(id));
  inner.edge("panel", { role: "panel", stitch: lower.innerEdge, allowance, through, why: "panel-line" });
  chalkLowerEdge(inner, half, lower.inner);
  chalkLowerEdge(outer, half, lower.outer);
  const up = reversePath(lower.outerEdge);
  const last = up.segments.length;
  outer.edge("panel", {
    role: "panel",
    stitch: up,
    allowance,
    through: [...start, "underbust/panel", "waist/panel"].filter((id) => outer.hasMark(id)),
    turned: turned ? [last - 2, last] : [0, 0],
    why: "panel-line",
  });
  inner.notchAt("bust", "panel", panel.bustAlong.inner);
  outer.notchAt("bust", "panel", pathLength(up) - panel.bustAlong.outer);
  if (inner.hasLine("waist") && half.form.style.hem !== "join") {
    const along = trueingRound(panel.bustAlong.inner + panel.bustToWaist);
    inner.notchAt("waist", "panel", along);
    outer.notchAt("waist", "panel", pathLength(up) - panel.bustAlong.outer - (along - panel.bustAlong.inner));
  }
}
