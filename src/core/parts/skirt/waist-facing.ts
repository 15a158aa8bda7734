import {
  allowanceTerm,
  alongSewn,
  type EdgeReference,
  type Given,
  type PieceChalk,
  type PieceStart,
  ruleLength,
  type Sheet,
  settleOnTape,
  type Term,
} from "../../chalk";
import {
  add,
  at,
  joinPaths,
  mapPath,
  movePath,
  type Path,
  type Point,
  pathBeside,
  pathEnd,
  pathLength,
  placeAtLength,
  reversePath,
  scale,
  smoothOver,
  splitAtLength,
  straight,
  subtract,
  turnPoint,
} from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import type { HalfSkirt } from "./plan-skirt";
import { centreInset } from "./skirt-centre";

/** How deep a waist facing is. */
const DEPTH = both(2.5, 6);

/** The top of half a skirt with its darts closed: its waist edge, and the stretch of its side. */
interface ClosedTop {
  readonly waist: Path;
  readonly side: Path;
}

type Move = (point: Point) => Point;

/** How everything beyond a dart moves as it closes: turned about its tip until both legs meet, and on with what lies nearer. */
function closing(before: Move, tip: Point, inner: Point, outer: Point): Move {
  const [one, other] = [subtract(inner, tip), subtract(outer, tip)];
  const angle = Math.atan2(one.y, one.x) - Math.atan2(other.y, other.x);
  return (point) => before(turnPoint(point, tip, angle));
}

/** The waist edge's stretches between its darts, each where it comes to lie, and the move of the last of them. */
function closedTop({ drawn, numbers }: HalfSkirt, depth: Inches): ClosedTop {
  const stretches: Path[] = [];
  let [move, rest, gone]: [Move, Path, Inches] = [(point) => point, drawn.waist, 0];
  for (const [index, { from, to }] of drawn.mouths.entries()) {
    const [before, after] = splitAtLength(rest, from - gone);
    stretches.push(mapPath(before, move));
    rest = splitAtLength(after, to - from)[1];
    gone = to;
    const [legs, dart] = [drawn.legs[index], numbers.darts[index]];
    if (legs !== undefined && dart !== undefined)
      move = closing(move, at(dart.middle, dart.tip), legs.inner, legs.outer);
  }
  stretches.push(mapPath(rest, move));
  const [side] = splitAtLength(drawn.side, depth);
  // Faired over its closed darts the edge is a little shorter: it is carried on by that, and the side with it.
  const faired = smoothOver(stretches).path;
  const lost = stretches.reduce((sum, stretch) => sum + pathLength(stretch), 0) - pathLength(faired);
  const end = placeAtLength(faired, pathLength(faired));
  const on = scale(end.tangent, Math.max(0, lost));
  const waist = lost > 1e-6 ? joinPaths([faired, straight(end.point, add(end.point, on))]) : faired;
  return { waist, side: movePath(mapPath(side, move), on) };
}

/** Its highest place, where the closed darts have turned the side up, lies on the top line. */
function onTopLine({ waist, side }: ClosedTop): ClosedTop {
  const down = at(0, -Math.min(waist.start.y, pathEnd(waist).y, pathEnd(side).y));
  return { waist: movePath(waist, down), side: movePath(side, down) };
}

const drawnFrom = (value: Inches): Term => ({
  code: "darts-closed",
  kind: "drawn",
  value,
  source: "choice:waistFinish",
});

function mark(piece: PieceChalk, id: string, stitch: Point): void {
  piece.at({ id, terms: [drawnFrom(stitch.x)], stitch, why: "facing" });
}

type CentreStart = Pick<PieceStart, "origin" | "originInset"> & Partial<Pick<PieceStart, "front">>;

/** Where a half of the facing starts, and the seam there: its fold, the zip, or the folded edge of a front that opens. */
function centreOf(
  given: Given,
  { side, form }: HalfSkirt,
): { readonly start: CentreStart; readonly allowance: Inches } {
  if (side === "front" && form.front !== null) {
    const seam = allowanceTerm(given, "allowance.panel");
    const { overlap } = form.front;
    const front = { overlap: overlap.value, foldIn: seam.value };
    return {
      start: { origin: "centre-line", originInset: settleOnTape(given, [seam, overlap]), front },
      allowance: seam.value,
    };
  }
  if (side === "front" || !form.seamed.back)
    return { start: { origin: "fold", originInset: { value: 0, terms: [] } }, allowance: 0 };
  const rule = form.opens === "back-zip" ? "allowance.zip" : "allowance.side";
  return {
    start: { origin: "zip-line", originInset: centreInset(given, form, side) },
    allowance: ruleLength(given, rule),
  };
}

/** One half of the facing: as the skirt's own top, its darts closed; its lower edge has no seam, it is overlocked. */
function chalkHalfFacing(sheet: Sheet, half: HalfSkirt): EdgeReference {
  const { given } = sheet;
  const { side, form } = half;
  const depth = pickSystem(DEPTH, given.metric);
  const top = onTopLine(closedTop(half, depth));
  const centre = centreOf(given, half);
  const id = `facing-waist-${side}`;
  const piece = sheet.piece(id, {
    name: side === "front" ? "waist-facing-front" : "waist-facing-back",
    half: null,
    ...centre.start,
    topInset: settleOnTape(given, [allowanceTerm(given, "allowance.waistJoin")]),
  });
  const low = pathEnd(top.side);
  const lower = reversePath(pathBeside(top.waist, depth, { end: low }));
  const foot = pathEnd(lower);
  mark(piece, "waist/side", pathEnd(top.waist));
  mark(piece, "facing/side", low);
  const seam = ruleLength(given, "allowance.panel");
  piece.edge("waist", {
    role: "waist",
    stitch: top.waist,
    allowance: ruleLength(given, "allowance.waistJoin"),
    through: ["waist/side"],
    why: "facing",
  });
  piece.edge("side", { role: "side", stitch: top.side, allowance: seam, through: ["waist/side", "facing/side"] });
  piece.edge("lower", { role: "join", stitch: lower, allowance: 0, through: ["facing/side"] });
  piece.edge("centre", {
    role: "centre",
    stitch: straight(foot, top.waist.start),
    allowance: centre.allowance,
    through: [],
    onFold: centre.start.origin === "fold",
  });
  if (!form.seamed[side]) piece.notchAt(`${side}-waist`, "waist", 0);
  for (const [index, { from }] of half.drawn.mouths.entries())
    piece.notchAt(index === 0 ? "dart" : `dart-${index + 1}`, "waist", alongSewn({ mouths: half.drawn.mouths }, from));
  return `${id}/waist`;
}

/** A facing inside the waist instead of a band, front and back (craft: skirts, waist finishes). */
export function chalkWaistFacing(sheet: Sheet, halves: readonly HalfSkirt[]): void {
  const { rows } = sheet.take("waist");
  const meets = { least: 0, most: 0 };
  const made: { readonly half: HalfSkirt; readonly edge: EdgeReference }[] = [];
  sheet.part("finish", () => {
    for (const half of halves) made.push({ half, edge: chalkHalfFacing(sheet, half) });
    sheet.seam({ id: "facing-side", a: ["facing-waist-front/side"], b: ["facing-waist-back/side"], ease: meets });
    for (const { half, edge } of made)
      sheet.seam({ id: `waist-facing-${half.side}`, a: [edge], b: rows[half.side], ease: meets });
    sheet.remark({
      id: "facing-stay",
      piece: "facing-waist-front",
      numbers: { depth: pickSystem(DEPTH, sheet.given.metric) },
    });
  });
}
