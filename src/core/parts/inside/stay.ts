import { chalkStrip } from "../../blocks";
import { onTape, type Piece, ruleValue, type Sheet } from "../../chalk";
import { both, pickSystem } from "../../length";
import { type DerivedEdge, derivePiece, nameAfter } from "./derive";

/** The seam that a strip has round it. */
const STRIP_SEAM = both(0.5, 1);
/** On long seams of a body stay ends so far inside the cut. */
const INSIDE_CUT = both(0.25, 0.5);

/** Pieces that carry stay by themselves: what is turned, buttoned or stands. */
const STAYED = /^(collar(-stand|-fall)?|facing-.+|cuff|sleeve-cuff|waistband|placket|under-placket|pocket-flap)$/;
/** What stands by itself: stiff where all else is soft. */
const STIFF = /^stay-(collar-stand|waistband)$/;
/** Strips that are folded lengthwise: the half that shows carries it. */
const FOLDED: ReadonlySet<string> = new Set([
  "cuff",
  "sleeve-cuff",
  "waistband",
  "pocket-flap",
  "placket",
  "under-placket",
]);

/** One layer of a piece: to the stitching line of every edge. */
function netEdges({ edges }: Piece): readonly DerivedEdge[] {
  return edges.map((edge) => {
    const { cut: _, ...plain } = edge;
    return { edge: { ...plain, allowance: 0 }, inside: edge.onFold ? 0 : edge.allowance, why: "stay-net" };
  });
}

function stayStrip(sheet: Sheet, piece: Piece): void {
  const { strip } = piece;
  if (strip === null) return;
  const seam = onTape(sheet.given, pickSystem(STRIP_SEAM, sheet.given.metric));
  const depth = FOLDED.has(piece.id) ? strip.depth / 2 - seam : strip.depth - 2 * seam;
  const copies = piece.cut.copies;
  const made = chalkStrip({
    id: `stay-${piece.id}`,
    name: nameAfter("stay", piece),
    copies,
    length: strip.length - 2 * seam,
    depth,
  });
  sheet.add({ ...made, cloth: "stay" });
}

/** How often a stay is cut: one layer of each piece that is cut twice on the fold, both of a pair. */
function cutOf({ cut }: Piece): Piece["cut"] {
  if (cut.on === "fold") return { ...cut, copies: 1 };
  return { ...cut, copies: Math.min(2, cut.copies) };
}

/** Derives the pieces of stay: one layer each, to the stitching line (craft: making, stay). */
export function chalkStay(sheet: Sheet, bodyStay: boolean): void {
  const { given } = sheet;
  for (const piece of [...sheet.pieces, ...sheet.strips])
    if (STAYED.test(piece.id) && piece.strip !== null) stayStrip(sheet, piece);
    else if (STAYED.test(piece.id))
      sheet.add(
        derivePiece({
          id: `stay-${piece.id}`,
          name: nameAfter("stay", piece),
          cloth: "stay",
          of: piece,
          cut: cutOf(piece),
          edges: netEdges(piece),
        }),
      );
  const inside = onTape(given, pickSystem(INSIDE_CUT, given.metric));
  for (const piece of bodyStay ? sheet.pieces.filter(({ part, half }) => part === "body" && half !== null) : [])
    sheet.add(
      derivePiece({
        id: `stay-${piece.id}`,
        name: nameAfter("stay", piece),
        cloth: "stay",
        of: piece,
        cut: piece.cut,
        edges: piece.edges.map((edge): DerivedEdge => {
          // A slit that leaves its fold is cut as the outside is: a parallel would run over the fold.
          if (edge.cut !== undefined && piece.cut.on === "fold" && edge.role === "centre")
            return { edge, inside: 0, why: "stay-net" };
          const { cut: _, ...plain } = edge;
          const less = edge.onFold ? 0 : Math.min(inside, edge.allowance);
          return { edge: { ...plain, allowance: edge.allowance - less }, inside: less, why: "stay-net" };
        }),
      }),
    );
  const stands = sheet.pieces.some(({ id }) => STIFF.test(id)) || sheet.strips.some(({ id }) => STIFF.test(id));
  const soft = !bodyStay && ruleValue(given, "stayGrade") === "soft";
  const grade = soft ? (stands ? "by-piece" : "soft") : "stiff";
  const layers = Number(ruleValue(given, "stayLayers"));
  sheet.remark({ id: "stay-layers", piece: sheet.pieces[0]?.id ?? "", numbers: { layers }, words: { grade } });
}
