import { makeCrowd } from "../../src/core/body";
import type { Draft, Piece } from "../../src/core/chalk";
import { draftOrder, readOrder } from "../../src/core/formats";
import { garments } from "../../src/core/garments";
import { type CheckLength, type CheckPair, checkedPiece, checkLengths, judgeCheck } from "../../src/core/table";
import { accuseByPlace } from "./by-place";
import { chalkSlips } from "./chalk-slip";

/** How well the tape check does on slips of the chalk that somebody made up. */
export interface SlipFigures {
  /** Share of the slips that some length shows. */
  readonly noticed: number;
  /** Of those, the share in which the right mark is among the two that are named. */
  readonly named: number;
  /** The same, by the accusations of the craft page. */
  readonly namedByPlace: number;
  /** Share of sound chalk that is called wrong. */
  readonly falseAlarms: number;
  readonly millisecondsEach: number;
}

function makeRandom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state / 2147483648;
  };
}

/** Panels are measured together, so that their edges are held against each other. */
function together(draft: Draft, piece: Piece): readonly Piece[] {
  const inner = piece.drawnWith ?? piece.id;
  return draft.pieces.filter(({ id, drawnWith }) => id === inner || drawnWith === inner);
}

/** A garment on a body; null where it cannot be drawn, and where it is all rings and strips: those have lengths alone. */
function drawHalves(garment: string, measurements: object): Draft | null {
  const read = readOrder({ garment, client: { card: { measurements } } });
  const drawn = read.ok ? draftOrder(read.value) : undefined;
  if (drawn?.ok !== true) return null;
  const { draft } = drawn.value;
  return draft.pieces.some(({ half }) => half !== null) ? draft : null;
}

function pairsOf(draft: Draft, lengths: readonly CheckLength[]): readonly CheckPair[] {
  const idOf = (reference: string | undefined) =>
    lengths.find(({ piece, edge }) => `${piece}/${edge}` === reference)?.id;
  return draft.seams.flatMap(({ a, b }): CheckPair[] => {
    const [one, other] = [a.length === 1 ? idOf(a[0]) : undefined, b.length === 1 ? idOf(b[0]) : undefined];
    return one === undefined || other === undefined ? [] : [[one, other]];
  });
}

/**
 * Single slips of ½ to 1½, one mark or guide line each, on made-up bodies and every garment; every length is read with a
 * sixteenth of noise. The chalk is bent by a hand of its own (`chalk-slip`), not by the search that finds the slip.
 */
export function sweepSlips(count: number, seed: number): SlipFigures {
  const random = makeRandom(seed);
  const pick = <One>(all: readonly One[]): One => all[Math.floor(random() * all.length)] as One;
  const noise = () => (random() - 0.5) / 8;
  const crowd = makeCrowd(seed, 40);
  let [tried, noticed, named, byPlace, alarms, took] = [0, 0, 0, 0, 0, 0];
  while (tried < count) {
    const draft = drawHalves(pick(garments).id, pick(crowd));
    if (draft === null) continue;
    const piece = pick(draft.pieces.filter(({ half }) => half !== null));
    const pieces = together(draft, piece);
    const lengths = checkLengths(pieces, false);
    const slip = pick(chalkSlips(piece));
    const amount = (0.5 + random()) * (random() < 0.5 ? -1 : 1);
    const readings = Object.fromEntries(
      lengths.map((length) => {
        const measured = length.piece === piece.id ? slip.measured(length, amount) : length.expected;
        return [length.id, measured + noise()];
      }),
    );
    const sound = Object.fromEntries(lengths.map(({ id, expected }) => [id, expected + noise()]));
    const checked = pieces.map(checkedPiece);
    const pairs = pairsOf(draft, lengths);
    const began = performance.now();
    const verdict = judgeCheck(checked, lengths, readings, pairs, false);
    took += performance.now() - began;
    tried += 1;
    if (judgeCheck(checked, lengths, sound, pairs, false).state === "missed") alarms += 1;
    if (verdict.state !== "missed") continue;
    noticed += 1;
    if (verdict.suspects.some(({ id }) => id === slip.id)) named += 1;
    if (accuseByPlace(checked, lengths, readings).includes(slip.id)) byPlace += 1;
  }
  return {
    noticed: noticed / tried,
    named: named / noticed,
    namedByPlace: byPlace / noticed,
    falseAlarms: alarms / tried,
    millisecondsEach: took / tried,
  };
}
