import type { Piece } from "../chalk";
import type { Path, Point } from "../geometry";
import type { Inches } from "../length";

/** What the tape check knows of a piece, from a draft or from a sheet that was frozen long ago. */
export interface CheckedPiece {
  readonly id: string;
  readonly marks: readonly {
    readonly id: string;
    readonly line: string | null;
    readonly place: Point;
    /** Which way its tape ran: a reading that was wrong moved it so. */
    readonly way: "across" | "down";
  }[];
  readonly lines: readonly string[];
  /** Clockwise, each with what is added outside it. */
  readonly edges: readonly { readonly id: string; readonly path: Path; readonly allowance: Inches }[];
  /** From the cloth's edge to the line that widths are read from, and to the top line. */
  readonly originInset: Inches;
  readonly topInset: Inches;
  readonly shift: Inches;
  readonly intakes: readonly Inches[];
}

export function checkedPiece(piece: Piece): CheckedPiece {
  const wayOf = (id: string) => {
    const step = piece.steps.find(({ marks, act }) => marks[0] === id && act.kind !== "edge" && act.kind !== "dart");
    return step?.direction === "down" ? ("down" as const) : ("across" as const);
  };
  return {
    id: piece.id,
    marks: piece.marks.map(({ id, line, place }) => ({ id, line, place: place.stitch, way: wayOf(id) })),
    lines: piece.lines.map(({ id }) => id),
    edges: piece.edges.map(({ id, stitch, allowance }) => ({ id, path: stitch, allowance })),
    originInset: piece.originInset,
    topInset: piece.steps.find(({ act }) => act.kind === "top-line")?.reading ?? 0,
    shift: piece.shift,
    intakes: piece.darts.map(({ intake }) => intake),
  };
}
