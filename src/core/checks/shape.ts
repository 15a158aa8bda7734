import { type Draft, type Piece, ruleValue, type TakeOutCode } from "../chalk";
import { type Point, STEEP, steepness } from "../geometry";
import type { Inches } from "../length";
import type { Finding } from "./finding";

const SIDE_MARKS = ["chest/side", "bust/side", "underbust/side", "waist/side", "hip/side", "hem/side"] as const;

/** The marks of a piece's side from top to bottom, where they lie. */
function sidePlaces(piece: Piece): readonly Point[] {
  const places = SIDE_MARKS.flatMap((id) => piece.marks.find((mark) => mark.id === id)?.place.stitch ?? []);
  return [...places].sort((a, b) => a.y - b.y);
}

/** Sides that run further across than down by twice: drawn, and said (craft: a finding, never a refusal). */
function findSteepSides(draft: Draft): readonly Finding[] {
  return draft.pieces.flatMap((piece) => {
    const row = sidePlaces(piece);
    return row.slice(1).flatMap((mark, index): readonly Finding[] => {
      const above = row[index] as Point;
      if (mark.y - above.y < 1 / 16 || steepness(above, mark) <= STEEP) return [];
      const numbers = { across: Math.abs(mark.x - above.x), down: mark.y - above.y };
      return [{ id: "side-steep", level: "caution", piece: piece.id, edge: "side", numbers }];
    });
  });
}

/** A waist dart over this on each side buckles. */
const WIDE_DART: Inches = 1;

function findWideDarts(draft: Draft): readonly Finding[] {
  return draft.pieces.flatMap((piece) =>
    piece.darts
      .filter(({ id, intake }) => id.endsWith("waist-dart") && intake / 2 > WIDE_DART + 1 / 16)
      .map(
        ({ intake }): Finding => ({
          id: "dart-wide",
          level: "caution",
          piece: piece.id,
          numbers: { half: intake / 2, most: WIDE_DART },
        }),
      ),
  );
}

/** What is usually taken out by panels: above the bust, and under it. */
const USUAL_UPPER: Inches = 2;
const USUAL_LOWER: Inches = 2.5;

interface LargeTakeOut {
  readonly why: TakeOutCode;
  readonly intake: Inches;
  readonly usual: Inches;
}

/** Take-outs of a panel beyond the usual (craft: a finding, never a refusal). */
function findLargeTakeOuts(draft: Draft): readonly Finding[] {
  const outer = draft.pieces.find(
    ({ part, half, drawnWith }) => part === "body" && half === "front" && drawnWith !== null,
  );
  if (outer === undefined) return [];
  const numberOf = (id: "armholeTakeOut" | "underbustTakeOut") => {
    const value = ruleValue(draft.given, id);
    return typeof value === "number" ? value : 0;
  };
  const rows: readonly LargeTakeOut[] = [
    { why: "armhole-take-out", intake: numberOf("armholeTakeOut"), usual: USUAL_UPPER },
    { why: "under-bust-take-out", intake: numberOf("underbustTakeOut"), usual: USUAL_LOWER },
  ];
  const used = (why: TakeOutCode) => outer.takeOuts.some((takeOut) => takeOut.why === why);
  return rows
    .filter(({ intake, usual, why }) => intake > usual + 1e-6 && used(why))
    .map(({ why, intake, usual }) => ({
      id: "take-out-large",
      level: "caution",
      piece: outer.id,
      numbers: { intake, usual },
      words: { why },
    }));
}

/** Notes of the figure that moved no mark: their piece or line is not one of this garment's. */
function findUnusedNotes(draft: Draft): readonly Finding[] {
  const sources = new Set(
    draft.pieces.flatMap(({ marks }) => marks.flatMap(({ terms }) => terms.map(({ source }) => source))),
  );
  return draft.given.figureNotes
    .filter(({ piece, line, amount }) => amount !== 0 && !sources.has(`figure-note:${piece}/${line}`))
    .map(({ piece, line, why }) => ({
      id: "figure-note-unused",
      level: "caution",
      piece,
      numbers: {},
      words: { why, line },
    }));
}

/** What a tailor may do on purpose, drawn and said with its numbers. */
export function findShapeProblems(draft: Draft): readonly Finding[] {
  return [...findSteepSides(draft), ...findWideDarts(draft), ...findLargeTakeOuts(draft), ...findUnusedNotes(draft)];
}
