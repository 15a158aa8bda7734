import type { Inches } from "../length";
import type { SheetDrawing, SheetPiece } from "./cut-sheet";

/** A number of one sheet beside the same of another; null where one of them has none. */
export interface Compared {
  readonly before: Inches | null;
  readonly after: Inches | null;
}

/** A guide line, a mark or a strip's measure that is otherwise, or is on one of two sheets only. */
export interface MarkChange extends Compared {
  readonly piece: string;
  /** A mark's id, or a guide line's; of a strip what of it is read off the tape; of a ring the edge that is swung. */
  readonly mark: string;
  readonly kind: "line" | "mark" | "strip" | "arc";
  readonly cut: Compared;
}

export interface GirthChange extends Compared {
  readonly line: string;
  /** The line it is measured on: the bust's girth is proven on the chest line too. */
  readonly on: string;
}

/** What another set of rules, card or choice does to a garment. */
export interface SheetComparison {
  readonly marks: readonly MarkChange[];
  readonly girths: readonly GirthChange[];
  /** Pieces that only one of the sheets has. */
  readonly gone: readonly string[];
  readonly added: readonly string[];
  /** How much cloth each buys, in its own unit of selling. */
  readonly cloth: { readonly before: number; readonly after: number; readonly unit: string };
  /** Marks that stay where they are. */
  readonly unmoved: number;
}

/** Less than this no tape shows. */
const SAME: Inches = 1 / 64;

interface Read {
  readonly kind: MarkChange["kind"];
  readonly reading: Inches;
  readonly cut: Inches | null;
}

function readPiece(piece: SheetPiece): ReadonlyMap<string, Read> {
  const lines = piece.lines.map(({ id, down }) => [id as string, { kind: "line", reading: down, cut: null }] as const);
  const marks = piece.marks.map(
    ({ id, reading, cut }) => [id, { kind: "mark", reading, cut: cut ?? null } satisfies Read] as const,
  );
  const { strip } = piece;
  const sides = strip === undefined ? {} : { length: strip.length, depth: strip.depth };
  const strips = Object.entries(sides).map(([id, reading]) => [id, { kind: "strip", reading, cut: null }] as const);
  const arcs = piece.edges.flatMap(({ id, arc }) =>
    arc === undefined ? [] : [[`arc ${id}`, { kind: "arc", reading: arc.radius, cut: arc.cutRadius }] as const],
  );
  return new Map<string, Read>([...lines, ...marks, ...strips, ...arcs]);
}

const moved = ({ before, after }: Compared): boolean =>
  before === null || after === null ? before !== after : Math.abs(after - before) >= SAME;

function comparePiece(
  id: string,
  before: ReadonlyMap<string, Read>,
  after: ReadonlyMap<string, Read>,
): readonly MarkChange[] {
  const names = [...new Set([...before.keys(), ...after.keys()])];
  return names.map((mark): MarkChange => {
    const [old, now] = [before.get(mark), after.get(mark)];
    return {
      piece: id,
      mark,
      kind: (now ?? old)?.kind ?? "mark",
      before: old?.reading ?? null,
      after: now?.reading ?? null,
      cut: { before: old?.cut ?? null, after: now?.cut ?? null },
    };
  });
}

/** What lies elsewhere on another sheet, mark by mark, in the order of chalking. Both in inches, `after` − `before` is the move. */
export function compareSheets(before: SheetDrawing, after: SheetDrawing): SheetComparison {
  const [old, now] = [before, after].map(({ pieces }) => new Map(pieces.map((piece) => [piece.id, readPiece(piece)])));
  const all = [...(now?.keys() ?? [])].flatMap((id) => {
    const [was, is] = [old?.get(id), now?.get(id)];
    return was === undefined || is === undefined ? [] : comparePiece(id, was, is);
  });
  const marks = all.filter((change) => moved(change) || moved(change.cut));
  const girths = new Map([...before.girths, ...after.girths].map(({ line, on }) => [on, { line, on }]));
  const girth = (sheet: SheetDrawing, on: string) => sheet.girths.find((one) => one.on === on)?.drawn ?? null;
  return {
    marks,
    girths: [...girths.values()]
      .map((one) => ({ ...one, before: girth(before, one.on), after: girth(after, one.on) }))
      .filter((change) => moved(change)),
    gone: [...(old?.keys() ?? [])].filter((id) => !now?.has(id)),
    added: [...(now?.keys() ?? [])].filter((id) => !old?.has(id)),
    cloth: { before: before.cloth.buy, after: after.cloth.buy, unit: after.cloth.buyUnit },
    unmoved: all.length - marks.length,
  };
}
