import {
  type Dart,
  type Draft,
  type Edge,
  type GirthPlan,
  givenStep,
  isDartLine,
  type LineId,
  type PartId,
  type Piece,
  piecesOf,
  sewnLength,
  TIMES_ROUND,
} from "../chalk";
import { crossAtDepth, type Point, pathEnd, pathLength, placeAtLength, straight, turnPoint } from "../geometry";
import type { Inches } from "../length";
import type { Finding } from "./finding";
import type { LedgerRow } from "./ledger";
import { undoTurn } from "./undo-turn";

/** Marks that a line is only ruled from: they round no width. */
const isRuled = (mark: string): boolean => mark.endsWith("/armhole") || mark.endsWith("-peak") || isDartLine(mark);

/** A finished girth: what was promised, and what the outline really measures. */
export interface Girth {
  readonly line: GirthPlan["line"];
  readonly on: LineId;
  readonly body: Inches;
  readonly ease: Inches;
  /** Differences said openly: a hollow not given back, a figure note. */
  readonly declared: Inches;
  readonly wanted: Inches;
  /** Measured on the outline, over both sides; never from terms. */
  readonly drawn: Inches;
  /** What rounding to the tape may explain: half a tick for each mark round the body. */
  readonly tolerance: Inches;
}

/** What trued corners, rounded to 1/32, may explain where a tape does not round. */
const TRUED: Inches = 1 / 16;
/** What a panel seam or a zip hollow takes out and is too little to give back, a 64th on each quarter. */
const UNSHOWN: Inches = 1 / 16;
/** A lower edge raised at the zip cuts darts off above the waist, where they are a little narrower. */
const RAISED: Inches = 3 / 8;
/** What the edge of a turned panel, rounded over the bust point, may be off when the turn is undone. */
const ROUNDED_OVER: Inches = 1 / 8;

/** How often a piece lies round the whole body. */
export const timesRoundBody = ({ cut }: Piece): number => TIMES_ROUND[cut.on];

/** Legs that were made equally long may end this much above the line that the dart opens into. */
const LIFTED: Inches = 1;

/** How much a dart that hangs from an upper edge takes out: its whole intake there, nothing at its tip. */
function hangingWidthAt({ tip, legs: [inner, outer] }: Dart, down: Inches): Inches {
  const share = (tip.y - down) / (tip.y - Math.max(inner.y, outer.y));
  return Math.min(1, Math.max(0, share)) * Math.abs(outer.x - inner.x);
}

/** How much a dart takes out of a level line: the distance between its legs there. */
function dartWidthAt(piece: Piece, dart: Dart, down: Inches): Inches {
  const [inner, outer] = dart.legs;
  if (dart.tip.y > Math.max(inner.y, outer.y)) return hangingWidthAt(dart, down);
  const unturned = piece.turn?.lines.includes("waist") ? turnPoint(outer, piece.turn.about, -piece.turn.angle) : outer;
  const end = dart.end;
  const [foot, outerFoot] = dart.mouth ?? [end, end];
  const leg = (from: Point, through: Point, to: Point | null) => straight(from, through, ...(to === null ? [] : [to]));
  const [top, bottom] = dart.opens ?? [dart.tip, dart.tip];
  const depth = foot === null ? Math.min(down, inner.y, unturned.y) : down;
  if (down - depth > LIFTED) return 0;
  // A leg that was lifted to be as long as the other still meets it end to end.
  if (piece.turn?.lines.includes("waist") && foot === null && down > Math.min(inner.y, unturned.y) - 1e-6)
    return Math.abs(unturned.x - inner.x);
  const [left, right] = [
    crossAtDepth(leg(top, inner, foot), depth)[0],
    crossAtDepth(leg(bottom, unturned, outerFoot), depth)[0],
  ];
  return left === undefined || right === undefined ? 0 : Math.abs(right.x - left.x);
}

/** Darts that lie along a level line take no width out of it: the bust dart opens into the side. */
function dartsAcross(piece: Piece): readonly Dart[] {
  const side = piece.edges.find(({ role }) => role === "side");
  return piece.darts.filter(({ id }) => !side?.mouths.some(({ closes }) => closes === id));
}

/** The lower edge that a level line runs along, or that was trimmed or trued off it; none where the piece goes on below. */
function edgeAlong(piece: Piece, down: Inches): Edge | undefined {
  return piece.edges.find(({ role, stitch }) => {
    if (role !== "waist") return false;
    return down > Math.min(stitch.start.y, pathEnd(stitch).y) - 1e-6;
  });
}

/** Across between the two ends of a lower edge, what opens into it left out. */
function widthAlong(piece: Piece, edge: Edge, down: Inches): Inches {
  const inner = pathEnd(edge.stitch).x;
  // A side that was carried on past the line is measured on the line, one that was trimmed where it ends.
  const side = piece.edges.find(({ role }) => role === "side");
  const lowest = piece.lines.find(({ level }) => Math.abs(level - down) < 1e-6)?.id;
  const mark = piece.marks.find(({ id }) => id === `${lowest}/side`);
  const outer = (side && crossAtDepth(side.stitch, mark?.place.stitch.y ?? down).at(-1)?.x) ?? edge.stitch.start.x;
  const start = startsOnCentre(piece) ? 0 : inner;
  const open = dartsAcross(piece)
    .filter(({ end }) => end === null)
    .reduce((sum, { legs, mouth = legs }) => sum + Math.abs(mouth[1].x - mouth[0].x), 0);
  return outer - start - open;
}

/** The waist edge that a piece hangs from; none where it is a body's lower edge. */
function upperWaist(piece: Piece): Edge | undefined {
  return piece.top === "waist" ? piece.edges.find(({ role }) => role === "waist") : undefined;
}

/** By how much a waist edge that rises to the side may be longer than a level one: as it rises, and as it slopes at the side. */
function shapedBy(edge: Edge | undefined): Inches {
  if (edge === undefined) return 0;
  const [start, end] = [edge.stitch.start, pathEnd(edge.stitch)];
  const rise = Math.abs(end.y - start.y);
  const { x, y } = placeAtLength(edge.stitch, pathLength(edge.stitch)).tangent;
  const slope = Math.abs(y) / Math.max(1e-3, Math.abs(x));
  return rise * (slope / 2 + rise / Math.max(1, end.x - start.x));
}

/** The net width of a piece at a depth, measured on its stitching outline with turns undone, less what its darts take. */
function widthAt(piece: Piece, down: Inches): Inches {
  const upper = upperWaist(piece);
  // A shaped waist edge leaves its line: what goes round the waist is what is sewn.
  const laps = upper !== undefined && startsOnCentre(piece) ? Math.max(0, -upper.stitch.start.x) : 0;
  if (upper !== undefined && down < 1e-6) return sewnLength(upper) - laps;
  const lowest = Math.max(...piece.lines.map((line) => line.level));
  const along = down > lowest - 1e-6 && !piece.turn?.lines.includes("waist");
  const lower = along ? edgeAlong(piece, down) : undefined;
  if (lower !== undefined) return widthAlong(piece, lower, down);
  const across = crossAtDepth(undoTurn(piece), down).map(({ x }) => x);
  if (across.length === 0) return 0;
  const darts = dartsAcross(piece).reduce((sum, dart) => sum + dartWidthAt(piece, dart, down), 0);
  return Math.max(...across) - (startsAt(piece, down) ?? Math.min(...across)) - darts;
}

/** Whether widths of a piece count from a plumb centre line: its fold, or a front line that its edge lies beside. */
function startsOnCentre(piece: Piece): boolean {
  return piece.drawnWith === null && (piece.fromCentre || piece.origin === "fold");
}

/** Where widths of an inner piece start, also above its neck: at the centre, or where the centre's seam runs. */
function startsAt(piece: Piece, down: Inches): Inches | undefined {
  if (piece.drawnWith !== null) return undefined;
  if (startsOnCentre(piece)) return 0;
  const centre = piece.edges.find(({ role }) => role === "centre");
  return centre === undefined ? undefined : (crossAtDepth(centre.stitch, down)[0]?.x ?? 0);
}

/** The girth of a part at a depth; the back at one of its own, where its lines lie higher than the front's. */
export function girthAtDepth(draft: Draft, down: Inches, backDown = down, part: PartId = "body"): Inches {
  return piecesOf(draft, part).reduce(
    (sum, piece) => sum + timesRoundBody(piece) * widthAt(piece, piece.half === "back" ? backDown : down),
    0,
  );
}

/** The girth of a part on a line; lines that no piece of it has measure 0. */
export function girthOn(draft: Draft, line: LineId, part: PartId = "body"): Inches {
  return piecesOf(draft, part).reduce((sum, piece) => {
    const level = piece.lines.find(({ id }) => id === line)?.level;
    return level === undefined ? sum : sum + timesRoundBody(piece) * widthAt(piece, level);
  }, 0);
}

function measureGirth(draft: Draft, plan: GirthPlan, ledger: readonly LedgerRow[]): Girth {
  const { part, ...promised } = plan;
  const own = piecesOf(draft, part);
  const declared = ledger
    .filter((row) => row.line === plan.on && row.declared && own.some(({ id }) => id === row.piece))
    .reduce((sum, row) => sum + 2 * row.difference, 0);
  const marks = own.reduce(
    (sum, piece) =>
      sum + timesRoundBody(piece) * piece.marks.filter(({ id }) => id.startsWith(`${plan.on}/`) && !isRuled(id)).length,
    0,
  );
  const turned = own.some(({ turn }) => turn?.lines.includes(plan.on));
  const unshown = own.some(
    ({ drawnWith, takeOuts }) =>
      drawnWith !== null ||
      takeOuts.some(({ why, removes }) => why === "zip-hollow" && !removes.some(({ line }) => line === plan.on)),
  );
  const raised = own.some((piece) => piece.marks.some(({ id }) => id === "centre/lower-edge"));
  const shaped = plan.on === "waist" ? own.reduce((sum, piece) => sum + 2 * shapedBy(upperWaist(piece)), 0) : 0;
  const rest = (turned ? ROUNDED_OVER : 0) + (unshown ? UNSHOWN : 0) + (raised ? RAISED : 0) + shaped;
  return {
    ...promised,
    declared,
    wanted: plan.body + plan.ease + declared,
    drawn: girthOn(draft, plan.on, part),
    tolerance: Math.max((marks * givenStep(draft.given)) / 2, TRUED) + rest,
  };
}

/** Every promised girth measured on the drawn outline (craft: ideas 4): the proof that ease and give-backs were done. */
export function measureGirths(draft: Draft, ledger: readonly LedgerRow[]): readonly Girth[] {
  return draft.girths.map((plan) => measureGirth(draft, plan, ledger));
}

export function findGirthErrors(girths: readonly Girth[]): readonly Finding[] {
  return girths
    .filter((girth) => Math.abs(girth.drawn - girth.wanted) > girth.tolerance + 1e-4)
    .map((girth) => ({
      id: "girth-off",
      level: "error",
      line: girth.on,
      numbers: { drawn: girth.drawn, wanted: girth.wanted, difference: girth.drawn - girth.wanted },
      words: { girth: girth.line },
    }));
}
