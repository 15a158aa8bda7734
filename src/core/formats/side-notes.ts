import type { FigureNote } from "../chalk";
import type { Inches } from "../length";
import type { TrimSide } from "../wording";

/** The figure's notes as each half of it has them, and the larger of both on every line, which is chalked. */
export interface SidedNotes {
  readonly larger: readonly FigureNote[];
  readonly left: readonly FigureNote[];
  readonly right: readonly FigureNote[];
}

/** Less difference between the halves than this is kept and not drawn (craft: making, left ≠ right). */
const LEAST_APART: Inches = 1 / 4;
const isOn =
  (side: TrimSide) =>
  ({ side: own = "both" }: FigureNote): boolean =>
    own === "both" || own === side;

/** Notes of a figure whose halves differ; null where none differs by as much as is drawn. */
export function sideNotes(notes: readonly FigureNote[]): SidedNotes | null {
  const [left, right] = [notes.filter(isOn("left")), notes.filter(isOn("right"))];
  const places = [...new Set(notes.map(({ piece, line }) => `${piece}/${line}`))];
  const of = (side: readonly FigureNote[], place: string) =>
    side.filter(({ piece, line }) => `${piece}/${line}` === place);
  const sum = (side: readonly FigureNote[]) => side.reduce((all, { amount }) => all + amount, 0);
  const rows = places.map((place) => ({ left: of(left, place), right: of(right, place) }));
  const isApart = (row: (typeof rows)[number]) => Math.abs(sum(row.left) - sum(row.right)) >= LEAST_APART - 1e-9;
  const larger = rows.flatMap((row) => (sum(row.left) > sum(row.right) ? row.left : row.right));
  if (!rows.some(isApart)) return null;
  // Where the halves differ by less than is drawn, both have the larger.
  const drawn = (side: "left" | "right") =>
    rows.flatMap((row) => (isApart(row) ? row[side] : sum(row.left) > sum(row.right) ? row.left : row.right));
  return { larger, left: drawn("left"), right: drawn("right") };
}
