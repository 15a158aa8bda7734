import { allowanceTerm, type PieceChalk, type PieceName, ruleLength, type Sheet, type StepReason } from "../../chalk";
import { at, isStraight, mapPath, type Path, type Point } from "../../geometry";
import type { Inches } from "../../length";
import { markDrawn } from "../mark-drawn";

/** A collar piece as it is drawn: half, x from its centre back, y upward from its base line. */
export interface CollarDrawing {
  readonly id: string;
  readonly name: PieceName;
  /** How high its highest place lies above the base line: its lengths are read down from there. */
  readonly high: Inches;
  /** How often it is cut, whole. */
  readonly copies: number;
  /** Whether it is cut as two halves, with a seam or a zip at the centre back. */
  readonly halves: boolean;
  readonly marks: readonly CollarMark[];
  /** Clockwise from the upper end of the centre back. */
  readonly edges: readonly CollarEdge[];
}

export interface CollarMark {
  readonly id: string;
  readonly place: Point;
  readonly why: StepReason;
}

export interface CollarEdge {
  readonly id: string;
  readonly path: Path;
  readonly through: readonly string[];
  readonly why?: StepReason;
}

/** Places of a collar as its piece has them: down from the highest. */
export const downFrom =
  (high: Inches) =>
  ({ x, y }: Point): Point =>
    at(x, high - y);

/** Chalks a collar piece: its marks across from the centre back, at their depths, and its edges; a collar's seam all round. */
export function chalkCollarPiece(sheet: Sheet, drawing: CollarDrawing): PieceChalk {
  const { given } = sheet;
  const { id, name, high, copies, halves } = drawing;
  const seam = ruleLength(given, "allowance.collar");
  const around = { value: seam, terms: [allowanceTerm(given, "allowance.collar")] };
  const piece = sheet.piece(id, {
    name,
    half: null,
    origin: halves ? "zip-line" : "fold",
    originInset: halves ? around : { value: 0, terms: [] },
    topInset: around,
    copies,
  });
  const down = downFrom(high);
  piece.line("base", {
    value: high,
    terms: [{ code: "collar-height", kind: "drawn", value: high, source: "geometry" }],
  });
  for (const { id: mark, place, why } of drawing.marks) {
    const term = (value: Inches) => ({ code: "along-the-collar", kind: "drawn", value, source: "join:neck" }) as const;
    markDrawn(piece, mark, down(place), { term, why });
  }
  for (const { id: edge, path, through, why } of drawing.edges) {
    const centre = edge === "centre";
    piece.edge(edge, {
      role: centre ? "centre" : "collar",
      stitch: mapPath(path, down),
      allowance: centre && !halves ? 0 : seam,
      through,
      onFold: centre && !halves,
      ...(why === undefined || isStraight(path) ? {} : { why }),
    });
  }
  return piece;
}
