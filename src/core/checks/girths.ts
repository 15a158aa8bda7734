import { type Dart, type Draft, type GirthPlan, givenStep, type LineId, type Piece } from "../chalk";
import { crossAtDepth, type Point, pathEnd, straight, turnPoint } from "../geometry";
import type { Inches } from "../length";
import type { Finding } from "./finding";
import type { LedgerRow } from "./ledger";
import { undoTurn } from "./undo-turn";

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
/** What a panel seam takes out and is too little to give back, a 64th on each quarter. */
const UNSHOWN: Inches = 1 / 16;
/** What the edge of a turned panel, rounded over the bust point, may be off when the turn is undone. */
const ROUNDED_OVER: Inches = 1 / 8;

/** How often a piece lies round the whole body. */
function timesRoundBody(piece: Piece): number {
  return piece.cut.on === "single" ? 1 : 2;
}

/** How much a dart takes out of a level line: the distance between its legs there. */
function dartWidthAt(piece: Piece, dart: Dart, down: Inches): Inches {
  const [inner, outer] = dart.legs;
  const unturned = piece.turn?.lines.includes("waist") ? turnPoint(outer, piece.turn.about, -piece.turn.angle) : outer;
  const end = dart.end;
  const leg = (from: Point, through: Point) => straight(from, through, ...(end === null ? [] : [end]));
  const [top, bottom] = dart.opens ?? [dart.tip, dart.tip];
  // Legs that open into an edge were made equally long, so one may end a hair above the line.
  const depth = end === null ? Math.min(down, inner.y, unturned.y) : down;
  if (down - depth > 1 / 8) return 0;
  const [left, right] = [crossAtDepth(leg(top, inner), depth)[0], crossAtDepth(leg(bottom, unturned), depth)[0]];
  return left === undefined || right === undefined ? 0 : Math.abs(right.x - left.x);
}

/** Where a level line that runs along a lower edge meets its inner end: a corner that was trued lies off the line. */
function innerCorner(piece: Piece, down: Inches): readonly Inches[] {
  const edge = piece.edges.find(({ role }) => role === "waist");
  if (edge === undefined || piece.turn?.lines.includes("waist")) return [];
  const [from, to] = [edge.stitch.start, pathEnd(edge.stitch)];
  const within = down > Math.min(from.y, to.y) - 1e-6 && down < Math.max(from.y, to.y) + 1e-6;
  return within ? [to.x] : [];
}

/** Darts that lie along a level line take no width out of it: the bust dart opens into the side. */
function dartsAcross(piece: Piece): readonly Dart[] {
  const side = piece.edges.find(({ role }) => role === "side");
  return piece.darts.filter(({ id }) => !side?.mouths.some(({ closes }) => closes === id));
}

/** The net width of a piece at a depth, measured on its stitching outline with turns undone, less what its darts take. */
function widthAt(piece: Piece, down: Inches): Inches {
  const crossed = crossAtDepth(undoTurn(piece), down).map(({ x }) => x);
  const across = [...crossed, ...innerCorner(piece, down)];
  if (across.length === 0) return 0;
  const darts = dartsAcross(piece).reduce((sum, dart) => sum + dartWidthAt(piece, dart, down), 0);
  return Math.max(...across) - (startsAt(piece, down) ?? Math.min(...across)) - darts;
}

/** Where widths of an inner piece start, also above its neck: at the centre, or where the centre's seam runs. */
function startsAt(piece: Piece, down: Inches): Inches | undefined {
  if (piece.drawnWith !== null) return undefined;
  if (piece.fromCentre || piece.origin === "fold") return 0;
  const centre = piece.edges.find(({ role }) => role === "centre");
  return centre === undefined ? undefined : (crossAtDepth(centre.stitch, down)[0]?.x ?? 0);
}

/** The girth of the whole garment at a depth; the back at one of its own, where its lines lie higher than the front's. */
export function girthAtDepth(draft: Draft, down: Inches, backDown = down): Inches {
  return bodyPieces(draft).reduce(
    (sum, piece) => sum + timesRoundBody(piece) * widthAt(piece, piece.half === "back" ? backDown : down),
    0,
  );
}

/** Pieces that lie round the body; strips do not. */
function bodyPieces(draft: Draft): readonly Piece[] {
  return draft.pieces.filter(({ half }) => half !== null);
}

/** The girth of the whole garment on a line; lines that no piece has measure 0. */
export function girthOn(draft: Draft, line: LineId): Inches {
  return bodyPieces(draft).reduce((sum, piece) => {
    const level = piece.lines.find(({ id }) => id === line)?.level;
    return level === undefined ? sum : sum + timesRoundBody(piece) * widthAt(piece, level);
  }, 0);
}

function measureGirth(draft: Draft, plan: GirthPlan, ledger: readonly LedgerRow[]): Girth {
  const declared = ledger
    .filter((row) => row.line === plan.on && row.declared)
    .reduce((sum, row) => sum + 2 * row.difference, 0);
  const marks = draft.pieces.reduce(
    (sum, piece) =>
      sum +
      timesRoundBody(piece) *
        piece.marks.filter(({ id }) => id.startsWith(`${plan.on}/`) && !id.endsWith("/armhole")).length,
    0,
  );
  const turned = draft.pieces.some(({ turn }) => turn?.lines.includes(plan.on));
  const panelled = draft.pieces.some(({ drawnWith }) => drawnWith !== null);
  const rest = (turned ? ROUNDED_OVER : 0) + (panelled ? UNSHOWN : 0);
  return {
    ...plan,
    declared,
    wanted: plan.body + plan.ease + declared,
    drawn: girthOn(draft, plan.on),
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
