import type { Point } from "../geometry";
import type { Inches } from "../length";
import type { SheetDrawing, SheetPiece } from "./cut-sheet";
import type { FlatPiece } from "./flat-shapes";

/** Worn, a godet stands out at its seam by this share of its width, on each side. */
const STANDS_OUT = 0.3;

/** Where the slots of a piece begin that lie inside its outline: at its centre seam, and slashed into it. */
function insideSlots({ notches, marks }: SheetPiece): readonly Point[] {
  const centre = notches.filter(({ id, edge }) => id === "godet" && edge === "centre").map(({ point }) => point);
  const slashed = marks.flatMap(({ id, at }) =>
    /^godet-.*\/top$/.test(id) && at?.stitch !== undefined && at.stitch !== null ? [at.stitch] : [],
  );
  return [...centre, ...slashed].map(([x, y]) => ({ x, y }));
}

/** A half with its godets as they stand: let into its side, and as two folds where they lie inside it. */
export function letInGodets(sheet: SheetDrawing, hung: readonly FlatPiece[]): readonly FlatPiece[] {
  const godet = sheet.pieces.find(({ id }) => id === "godet");
  const wide: Inches = godet?.edges.find(({ role }) => role === "hem")?.length ?? 0;
  if (wide === 0) return hung;
  return hung.flatMap((piece) => {
    const own = sheet.pieces.find(({ id }) => id === piece.id);
    const hem = piece.edges.find(({ role }) => role === "hem")?.points ?? [];
    if (own === undefined || hem.length === 0) return [piece];
    const corner = hem.reduce((outest, point) => (point.x > outest.x ? point : outest));
    const out: Point = { x: corner.x + STANDS_OUT * wide, y: corner.y };
    const { lift } = piece;
    const atSide = own.notches.find(({ id, edge }) => id === "godet" && edge === "side")?.point;
    const folds = insideSlots(own).flatMap(({ x, y }) =>
      [-1, 1].map((way): readonly Point[] => [
        { x, y: y + lift },
        // A centre's other side is its mirror.
        { x: Math.max(0, x + (way * STANDS_OUT * wide) / 2), y: corner.y },
      ]),
    );
    const whole: FlatPiece = { ...piece, folds: [...piece.folds, ...folds] };
    if (atSide === undefined) return [whole];
    const top: Point = { x: atSide[0], y: atSide[1] + lift };
    const side = piece.edges.find(({ role }) => role === "side")?.points ?? [];
    const slot = side.filter(({ y }) => y > top.y && y < corner.y).sort((a, b) => b.y - a.y);
    return [
      whole,
      {
        id: `${piece.id}-godet`,
        lift,
        darts: [],
        edges: [
          { id: "seam", role: "side", points: [corner, ...slot, top] },
          { id: "side", role: "side", points: [top, out] },
          { id: "hem", role: "hem", points: [out, corner] },
        ],
        folds: [],
      },
    ];
  });
}
