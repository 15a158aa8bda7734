import {
  type ChoiceDefinitions,
  choiceTerm,
  type PieceChalk,
  ruleLength,
  ruleTerm,
  ruleValue,
  type Term,
} from "../chalk";
import { at, crossAtDepth, hollowLine, joinPaths, type Path, reversePath, straight } from "../geometry";
import { both, type Inches, pickSystem } from "../length";

/** The choices of a centre back that may open. */
export const openingChoices = {
  opening: {
    kind: "option",
    label: "Opening",
    options: { "back-zip": "Zip at the centre back", none: "None" },
    default: "back-zip",
    why: "Head, shoulders and waist must pass: without an opening the neck and the waist must be wide enough.",
  },
  zipEnd: {
    kind: "length",
    label: "Zip ends below the hip line",
    default: both(0, 0),
    range: [-1, 1],
    why: "A zip that ends much above the hip does not let the hips through.",
  },
} as const satisfies ChoiceDefinitions;

const HOLLOW = "zip-hollow";
/** The hollow has run out this far above the hip line (craft: house rules, zip hollow). */
const RUN_OUT_ABOVE_HIP = both(2, 5);

function runOut(piece: PieceChalk): Inches {
  return piece.down("hip") - pickSystem(RUN_OUT_ABOVE_HIP, piece.given.metric);
}

/** The stitched centre back from the neck down to the hem, hollowed at the waist. */
function drawHollow(piece: PieceChalk, neckDown: Inches): Path {
  const width = ruleLength(piece.given, "zipHollow");
  const top = at(0, neckDown);
  const hem = at(0, piece.down("hem"));
  if (width === 0) return straight(top, hem);
  const start = at(0, Math.max(piece.down("chest"), neckDown));
  return joinPaths([
    straight(top, start),
    hollowLine(start, width, piece.down("waist"), runOut(piece)),
    straight(at(0, runOut(piece)), hem),
  ]);
}

/** Cloth removed by the hollow at a depth. */
function removedBy(path: Path): (down: Inches) => Inches {
  return (down) => crossAtDepth(path, down)[0]?.x ?? 0;
}

/** Marks the zip hollow on the waist line and registers what it takes out; nothing when the house rule says 0. */
export function chalkZipHollow(piece: PieceChalk, neckDown: Inches): void {
  if (ruleLength(piece.given, "zipHollow") === 0) return;
  piece.takeOut(HOLLOW, "zip hollow", removedBy(drawHollow(piece, neckDown)));
  piece.mark("waist", "hollow", { terms: [ruleTerm(piece.given, "zipHollow")], why: "zip-hollow" });
  if (ruleValue(piece.given, "zipHollowGivenBack") === false)
    piece.declareNotGivenBack(HOLLOW, "waist", "zip hollow, by house rule not given back");
}

/** What the hollow removed on a line, to be added at the side there; nothing when the house rule says not to. */
export function hollowGivenBack(piece: PieceChalk, line: "waist" | "hip"): readonly Term[] {
  const { given } = piece;
  if (ruleLength(given, "zipHollow") === 0 || ruleValue(given, "zipHollowGivenBack") === false) return [];
  return piece.givenBack(HOLLOW, line, "Zip hollow given back");
}

/** The centre-back seam with its zip: the edge, the end of the zip, and its notches. */
export function chalkZipSeam(piece: PieceChalk, neckDown: Inches, hipTerms: readonly Term[]): void {
  const allowance = ruleLength(piece.given, "allowance.zip");
  const path = reversePath(drawHollow(piece, neckDown));
  const end = piece.centreMark("zip-end", {
    terms: [...hipTerms, choiceTerm(piece.given, "zipEnd", "Zip end below the hip line")].filter(
      ({ value }) => value !== 0,
    ),
  });
  // The cloth is cut straight, beside the zip line; only the stitching is hollowed.
  piece.edge("centre", {
    role: "centre",
    stitch: path,
    cut: straight(at(-allowance, piece.down("hem")), at(-allowance, neckDown)),
    allowance,
    through: ["centre/hem", "centre/zip-end", "centre/neck-depth"],
  });
  piece.notchAtDepth("zip-end", "centre", end.stitch);
  piece.notchAtDepth("zip-top", "centre", neckDown);
}

/** The centre on the fold: no seam and no allowance. */
export function chalkFoldEdge(piece: PieceChalk, neckDown: Inches): void {
  piece.edge("centre", {
    role: "centre",
    stitch: straight(at(0, piece.down("hem")), at(0, neckDown)),
    allowance: 0,
    through: [],
    onFold: true,
  });
}
