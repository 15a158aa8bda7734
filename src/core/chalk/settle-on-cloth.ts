import { type Inches, roundUpToStep } from "../length";
import type { ChalkStep, Piece } from "./draft";
import type { Term } from "./term";

/** A corner that reaches past the cloth's end by less than this loses nothing that is sewn: the cloth's own edge cuts it off flat. */
const FLAT_CORNER: Inches = 3 / 16;
const HAIR: Inches = 1 / 64;

function insetStep(piece: Piece, kinds: readonly ChalkStep["act"]["kind"][]): ChalkStep | undefined {
  return piece.steps.find(({ act }) => kinds.includes(act.kind));
}

function widened(step: ChalkStep, more: Inches): ChalkStep {
  const room: Term = { code: "room-for-cut", kind: "allowance", value: more, source: "geometry" };
  return { ...step, reading: step.reading + more, terms: [...step.terms, room] };
}

/** How much further in the origin must lie, so that no cut runs off the folded or cut edge (a flared zip back does). */
function moreBeside(piece: Piece, step: Inches): Inches {
  const left = Math.min(...piece.outline.cut.map(({ x }) => x));
  const over = -left - piece.originInset;
  return piece.drawnWith !== null || over <= HAIR ? 0 : roundUpToStep(over, step || HAIR);
}

/** How much lower the top line must lie, where the neck is cut higher than the shoulder. */
function moreAbove(piece: Piece, step: Inches): Inches {
  const inset = insetStep(piece, ["top-line"]);
  const over = -Math.min(...piece.outline.cut.map(({ y }) => y)) - (inset?.reading ?? 0);
  return inset === undefined || over <= FLAT_CORNER ? 0 : roundUpToStep(over, step || HAIR);
}

/** A cut above the top line has no reading down from it: it is said from the cloth's edge. */
function sayFromEdge(step: ChalkStep, inset: Inches): ChalkStep {
  const { cutReading } = step;
  if (step.act.kind !== "centre-mark" || cutReading === null || cutReading >= -1e-9) return step;
  return { ...step, cutReading: cutReading + inset, cutFrom: "cloth-edge" };
}

/** Steps that read across from the folded or cut edge. */
function startsBeside({ act, from }: ChalkStep): boolean {
  return act.kind === "zip-line" || act.kind === "centre-line" || (act.kind === "at" && from === "cloth-edge");
}

function settlePiece(piece: Piece, step: Inches): Piece {
  const [beside, above] = [moreBeside(piece, step), moreAbove(piece, step)];
  const inset = (insetStep(piece, ["top-line"])?.reading ?? 0) + above;
  const tell = (one: ChalkStep): ChalkStep => {
    if (one.act.kind === "top-line" && above > 0) return widened(one, above);
    if (startsBeside(one) && beside > 0) return widened(one, beside);
    return sayFromEdge(one, inset);
  };
  const steps = piece.steps.map(tell);
  const moved = new Map(steps.filter(({ act }) => act.kind === "at").map((one) => [one.marks[0], one]));
  const marks = piece.marks.map((mark) => {
    const { reading, terms, from } = moved.get(mark.id) ?? {};
    return from === "cloth-edge" && reading !== undefined && terms ? { ...mark, stitch: reading, terms } : mark;
  });
  return { ...piece, originInset: piece.originInset + beside, steps, marks };
}

/**
 * Pieces laid so that every cut lies on the cloth: the top line low enough for the highest cut, the origin far enough in
 * for the widest; what is chalked with an inner panel follows it.
 *
 * @param step of the shop's tape: both lines lie on a tick
 */
export function settleOnCloth(pieces: readonly Piece[], step: Inches): readonly Piece[] {
  const settled = pieces.map((piece) => settlePiece(piece, step));
  return settled.map((piece) => {
    const inner = settled.find(({ id }) => id === piece.drawnWith);
    return inner === undefined ? piece : { ...piece, originInset: inner.originInset };
  });
}
