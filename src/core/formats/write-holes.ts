import type { Given, Piece, TermCode } from "../chalk";
import { tipHoles } from "../cloth";
import type { SheetMark } from "./cut-sheet";
import { writeTerms } from "./write-terms";

/** Where sewn darts are pierced: marks that are made on the cut piece, not with the chalk. */
export function writeHoles(piece: Piece, given: Given): SheetMark[] {
  const inside: TermCode = "inside-the-tip";
  return tipHoles(piece, Number(given.choices.scale ?? 1)).map(({ id, dart, point, inside: value }) => ({
    id,
    reading: value,
    terms: writeTerms([{ code: inside, kind: "style", value, source: `dart:${dart}` }], given.unit),
    cutTerms: [],
    at: { stitch: [point.x, point.y], cut: null },
  }));
}
