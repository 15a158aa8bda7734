import type { Dart, Draft, Piece } from "../../src/core/chalk";
import { type Fault, fault, type Seen } from "./seen";
import { acrossAt, chainLength, chainOf, closed, type Spot, turned, walkTo } from "./shapes";

/** A level is looked at this much beside itself, so that one along an edge is still inside the piece. */
const BESIDE = 1 / 64;

/** The stitching outline with a closed bust dart opened again. */
function unturnedOutline(piece: Piece): readonly Spot[] {
  const chain = piece.edges.flatMap((edge) => {
    const [from, to] = edge.turned;
    let start = edge.stitch.start;
    return edge.stitch.segments.flatMap((segment, index) => {
      const stretch = chainOf({ start, segments: [segment] });
      start = segment.to;
      const { turn } = piece;
      return turn !== null && index >= from && index < to
        ? stretch.map((spot) => turned(spot, turn.about, -turn.angle))
        : stretch;
    });
  });
  return closed(chain);
}

function opening(piece: Piece, dart: Dart, level: number): number {
  const [inner, outer] = dart.legs;
  const { turn } = piece;
  const leg = turn?.lines.includes("waist") ? turned(outer, turn.about, -turn.angle) : outer;
  const [left, right] = dart.opens ?? [dart.tip, dart.tip];
  const [foot, outerFoot] = dart.mouth ?? [dart.end, dart.end];
  // Legs that end at the edge are sewn to each other end to end, wherever the turn lifted one of them to.
  if (leg !== outer && foot === null && level > Math.min(inner.y, leg.y) - 2 * BESIDE) return Math.abs(leg.x - inner.x);
  const [a] = acrossAt([left, inner, ...(foot ? [foot] : [])], foot ? level : Math.min(level, inner.y - BESIDE));
  const [b] = acrossAt([right, leg, ...(outerFoot ? [outerFoot] : [])], foot ? level : Math.min(level, leg.y - BESIDE));
  return a === undefined || b === undefined ? 0 : Math.abs(b - a);
}

function startOf(piece: Piece, level: number, crossed: readonly number[]): number {
  if (piece.drawnWith !== null) return Math.min(...crossed);
  if (piece.fromCentre || piece.origin === "fold") return 0;
  const centre = piece.edges.find(({ role }) => role === "centre");
  return (centre && acrossAt(chainOf(centre.stitch), level)[0]) ?? 0;
}

/** Net width of a piece at a level, darts closed; null where the piece does not reach it. */
export function widthOf(piece: Piece, level: number): number | null {
  const crossed = acrossAt(unturnedOutline(piece), level);
  if (crossed.length === 0) return null;
  const side = piece.edges.find(({ role }) => role === "side");
  const darts = piece.darts.filter(({ id }) => !side?.mouths.some(({ closes }) => closes === id));
  const out = darts.reduce((sum, dart) => sum + opening(piece, dart, level), 0);
  return Math.max(...crossed) - startOf(piece, level, crossed) - out;
}

/** Across between the ends of a lower edge that the line runs along, or that was lifted off it; what opens into it left out. */
function widthAlongEdge(piece: Piece, level: number): number | null {
  const edge = piece.edges.find(({ role }) => role === "waist");
  if (edge === undefined || piece.turn?.lines.includes("waist")) return null;
  const chain = chainOf(edge.stitch);
  const [outer, inner] = [chain[0] as Spot, chain.at(-1) as Spot];
  if (level < Math.min(outer.y, inner.y) - 1e-3 || piece.lines.some((line) => line.level > level + 1e-3)) return null;
  const open = edge.mouths.reduce(
    (sum, { from, to }) => sum + Math.abs(walkTo(chain, from).spot.x - walkTo(chain, to).spot.x),
    0,
  );
  const start = piece.drawnWith !== null || piece.origin === "zip-line" ? inner.x : 0;
  const side = piece.edges.find(({ role }) => role === "side");
  const line = piece.lines.find((one) => Math.abs(one.level - level) < 1e-6)?.id;
  const trimmed = piece.marks.find(({ id }) => id === `${line}/side`)?.place.stitch.y ?? level;
  const across = side ? acrossAt(chainOf(side.stitch), trimmed - 1e-4).at(-1) : undefined;
  return (across ?? outer.x) - start - open;
}

/** What a skirt's waist edge measures once its darts are closed: it hangs from it, wherever it is raised or lowered. */
function sewnWaist(piece: Piece, on: string): number | null {
  const edge = piece.edges.find(({ role }) => role === "waist");
  if (on !== "waist" || piece.top !== "waist" || edge === undefined) return null;
  const open = edge.mouths.reduce((sum, { from, to }) => sum + to - from, 0);
  // What laps beyond a centre front goes round nobody.
  const laps = piece.origin === "centre-line" ? Math.max(0, -(chainOf(edge.stitch)[0] as Spot).x) : 0;
  return chainLength(chainOf(edge.stitch)) - open - laps;
}

/** Round the whole body on a guide line, over every piece that lies round it. */
function roundOn(draft: Draft, on: string, part: string): number {
  return draft.pieces
    .filter((piece) => piece.half !== null && piece.part === part)
    .reduce((sum, piece) => {
      const line = piece.lines.find(({ id }) => id === on);
      if (line === undefined) return sum;
      const beside = on === "chest" ? BESIDE : -BESIDE;
      return (
        sum +
        2 * (sewnWaist(piece, on) ?? widthAlongEdge(piece, line.level) ?? widthOf(piece, line.level + beside) ?? 0)
      );
    }, 0);
}

/** Body and ease from card and rules, not from the plan; what the ledger declares added. */
export function judgeGirths(seen: Seen): readonly Fault[] {
  const { draft, report, read } = seen;
  return report.girths.flatMap((girth, index) => {
    const part = draft.girths[index]?.part ?? "body";
    const body = read.given.measurements[girth.line]?.value ?? 0;
    const ease = read.given.rules[`ease.${girth.line === "underbust" ? "bust" : girth.line}`].value as number;
    const own = new Set(draft.pieces.filter((piece) => piece.part === part).map(({ id }) => id));
    const declared = report.ledger
      .filter((row) => row.declared && row.line === girth.on && own.has(row.piece))
      .reduce((sum, row) => sum + 2 * row.difference, 0);
    const drawn = roundOn(draft, girth.on, part);
    const off = drawn - body - ease - declared;
    const limit = girth.tolerance + 3 / 32;
    return Math.abs(off) > limit
      ? [fault(`girth ${girth.on}`, "off by", off, "of", body + ease, "allowed", limit)]
      : [];
  });
}

/** What a panel seam really removes on each line, against what the ledger says it does. */
export function judgeLedger({ draft, report }: Seen): readonly Fault[] {
  return draft.pieces.flatMap((outer) => {
    const inner = draft.pieces.find(({ id }) => id === outer.drawnWith);
    if (inner === undefined || outer.turn !== null) return [];
    const edges = [inner, outer].map((piece) => piece.edges.find(({ role }) => role === "panel"));
    return outer.lines.flatMap((line) => {
      const [left, right] = edges.map((edge) =>
        edge ? acrossAt(chainOf(edge.stitch), line.level - BESIDE)[0] : undefined,
      );
      if (left === undefined || right === undefined) return [];
      const rows = report.ledger.filter(
        (row) =>
          row.piece === outer.id &&
          row.line === line.id &&
          !/hollow|note|not-given-back-by-rule/.test(row.why) &&
          row.removed > 0,
      );
      if (rows.length === 0 || draft.given.rules.panelRoom.value !== "apart") return [];
      const removed = rows.reduce((sum, row) => sum + row.removed, 0);
      const measured = right - outer.shift - left;
      return Math.abs(measured - removed) > 3 / 32
        ? [fault(`ledger ${line.id}`, outer.id, "removes", measured, "told", removed)]
        : [];
    });
  });
}
