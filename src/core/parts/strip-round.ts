import { chalkStrip, type StripPlan } from "../blocks";
import {
  type EdgeReference,
  type Given,
  givenStep,
  type Notch,
  type PartId,
  type Piece,
  type PieceName,
  ruleValue,
  type Sheet,
  type StripRound,
} from "../chalk";
import { pathLength, placeAtLength } from "../geometry";
import { both, type Inches, pickSystem, roundUpToStep } from "../length";
import { certain } from "../result";

/** Joins of strips are so wide, each: a selvedge lies inside. */
const JOIN = both(0.5, 1.25);
/** No join may fall nearer to the centre front. */
const CLEAR_OF_FRONT = both(4, 10);
/** Cloth so narrow that more strips than these make a round is no cloth for it. */
const MOST_STRIPS = 60;

/** Where a round opens: at the centre back, in the left side a quarter on, or half way at the front; and what its ends have for their seams. */
export interface StripOpening {
  readonly at: "back" | "side" | "front";
  readonly allowance: Inches;
}

export interface RoundOpening extends StripOpening {
  /** How far down from the sewn upper edge it is left open; null where it opens all the way. */
  readonly reach: Inches | null;
}

/** A round that is cut as strips across the cloth (craft: skirts, strips; cloth, widths). */
export interface StripRoundPlan {
  readonly round: Omit<StripRound, "hangs">;
  /** Cut length of each; the two at an opening are longer by what their seams are wider. */
  readonly length: Inches;
  readonly endLength: Inches;
}

/** How far a place is from the centre front, which lies half way round. */
function offFront(round: Inches, along: Inches): Inches {
  return Math.abs((along % round) - round / 2);
}

/** Where so many strips are joined, from the centre back round; null where a join would fall at the centre front. */
function joinsOf(given: Given, sewn: Inches, count: number, opening: StripOpening | null): readonly Inches[] | null {
  const each = sewn / count;
  const [start, whole] = [
    opening === null ? 0 : sewn * OPENS_AT[opening.at],
    Array.from({ length: count }, (_, index) => index),
  ];
  // What opens at the front is no join there.
  const atFront = opening?.at === "front" ? 1 : 0;
  const rows = opening === null ? [0, each / 2] : [start];
  const clear = Math.min(pickSystem(CLEAR_OF_FRONT, given.metric), each / 4);
  return (
    rows
      .map((from) => whole.map((index) => from + index * each))
      .find((row) => row.slice(atFront).every((along) => offFront(sewn, along) >= clear - 1e-9)) ?? null
  );
}

const OPENS_AT = { back: 0, side: 0.25, front: 0.5 } as const;

/** The strips that a round takes on this cloth: the fewest, equally long, none joined near the centre front. */
export function planStripRound(given: Given, sewn: Inches, opening: StripOpening | null): StripRoundPlan {
  const join = pickSystem(JOIN, given.metric);
  const cutOff = ruleValue(given, "stripSelvedge") === "cut-off" ? 2 * join : 0;
  const open = opening?.allowance ?? join;
  // A single strip has both its ends at the opening.
  const gives = (count: number) =>
    given.clothWidth - cutOff - 2 * join - Math.max(0, open - join) * (count === 1 ? 2 : 1);
  for (let count = 1; ; count++) {
    if (count < MOST_STRIPS && sewn / count > gives(count) + 1e-6) continue;
    const joins = joinsOf(given, sewn, count, opening);
    if (joins === null && count < MOST_STRIPS) continue;
    const step = givenStep(given);
    const cut = (seams: Inches) => roundUpToStep(sewn / count + seams, step);
    const length = cut(2 * join);
    const [ends, seams] = count === 1 ? [1, 2 * open] : [2, join + open];
    const endLength = cut(seams);
    // What is really sewn: the strips as the tape has them.
    const drawn =
      opening === null
        ? count * (length - 2 * join)
        : (count - ends) * (length - 2 * join) + ends * (endLength - seams);
    return { round: { sewn: drawn, count, joins: joins ?? [], opens: opening !== null }, length, endLength };
  }
}

interface StripRoundChalk {
  readonly id: string;
  readonly name: PieceName;
  /** The two at an opening. */
  readonly ends?: { readonly id: string; readonly name: PieceName };
  /** Cut depth, and what of it is above and below the stitching. */
  readonly depth: Inches;
  readonly seams: readonly [Inches, Inches];
  readonly part: PartId;
  readonly opening: RoundOpening | null;
}

/** Where an opening ends, on the ends of a strip that meet there: the stitching of that join starts below it. */
function openedAt(piece: Piece, down: Inches | null, edges: readonly ("left" | "right")[]): Piece {
  if (down === null) return piece;
  const notches = edges.map((edge): Notch => {
    const { stitch } = certain(
      piece.edges.find(({ id }) => id === edge),
      `the ${edge} end`,
    );
    const at = edge === "right" ? down : pathLength(stitch) - down;
    return { id: "zip-end", edge, at, point: placeAtLength(stitch, at).point };
  });
  return { ...piece, notches };
}

/** Chalks a round as strips. @returns its upper edges, in the order in which they are joined */
export function chalkStripRound(sheet: Sheet, plan: StripRoundPlan, chalk: StripRoundChalk): readonly EdgeReference[] {
  const { id, name, ends, depth, seams, part, opening } = chalk;
  const join = pickSystem(JOIN, sheet.given.metric);
  const { length, endLength } = plan;
  const round: StripRound = { ...plan.round, hangs: depth - seams[0] - seams[1] };
  const add = (own: Pick<StripPlan, "id" | "name" | "length" | "copies">, lost: readonly [Inches, Inches]): Piece =>
    chalkStrip({ ...own, depth, part, across: { round, ends: lost } });
  const repeat = (times: number, piece: string): readonly EdgeReference[] =>
    Array.from({ length: times }, (): EdgeReference => `${piece}/top`);
  if (opening === null || ends === undefined) {
    sheet.add(add({ id, name, length, copies: round.count }, [join, join]));
    return repeat(round.count, id);
  }
  const { allowance, reach } = opening;
  const zipEnd = reach === null ? null : seams[0] + reach;
  if (round.count === 1) {
    const strip = add({ id, name, length: endLength, copies: 1 }, [allowance, allowance]);
    sheet.add(openedAt(strip, zipEnd, ["left", "right"]));
    return repeat(1, id);
  }
  if (round.count > 2) sheet.add(add({ id, name, length, copies: round.count - 2 }, [join, join]));
  // The opening lies at the left end of one and at the right end of the other.
  const outer = add({ ...ends, length: endLength, copies: 2 }, [allowance, join]);
  sheet.add(openedAt({ ...outer, cut: { ...outer.cut, mirrored: true } }, zipEnd, ["left"]));
  return [...repeat(round.count - 2, id), ...repeat(2, ends.id)];
}

/** What is sewn into the lower edge of a round of strips: the same strips, walked along their bottoms. */
export function bottomsOf(tops: readonly EdgeReference[]): readonly EdgeReference[] {
  return tops.map((one): EdgeReference => `${one.split("/")[0]}/bottom`);
}
