import { type Point, polygonArea } from "../geometry";
import type { Inches } from "../length";
import { type ClearanceField, makeClearanceField, ROWS_PER_CELL } from "./clearance-field";
import { makeShape, type Shape, turnHalf } from "./shape";
import type { PackTask, Stance } from "./task";

/** A stance made ready for quick questions; those of all pieces stand in one row, `first[piece]` on. */
export interface LaidStance {
  readonly piece: number;
  readonly shape: Shape;
  /** Stances with the same outline, turned or not, have the same number. */
  readonly shapeIndex: number;
  readonly turned: boolean;
  readonly leftMin: Inches;
  readonly leftMax: Inches;
  readonly repeat: Stance["repeat"];
}

/** A field as seen from one stance to another: an offset is multiplied by `sign` and moved before it is looked up. */
export interface FieldView {
  readonly field: ClearanceField;
  readonly sign: 1 | -1;
  readonly across: Inches;
  readonly down: Inches;
  /** The field's depths where the shapes overlap, 0 where there is air. */
  readonly overlap: Float32Array;
  /** Stretch of each row in which the shapes overlap. */
  readonly from: Int16Array;
  readonly to: Int16Array;
}

/** Everything about a task that does not change while it is searched. Fields are made when they are first asked for. */
export interface PackTable {
  readonly task: PackTask;
  readonly cell: Inches;
  readonly stances: readonly LaidStance[];
  /** Index of each piece's first stance. */
  readonly first: readonly number[];
  readonly count: readonly number[];
  readonly area: number;
  readonly view: (from: number, to: number) => FieldView;
}

type Overlap = Pick<FieldView, "field" | "overlap" | "from" | "to">;

function findRanges(field: ClearanceField): Overlap {
  const from = new Int16Array(field.rows).fill(1);
  const to = new Int16Array(field.rows);
  for (let row = 0; row < field.rows; row++) {
    const start = row * field.columns;
    let first = 0;
    while (first < field.columns && (field.depth[start + first] as number) <= 0) first++;
    let last = field.columns - 1;
    while (last > first && (field.depth[start + last] as number) <= 0) last--;
    from[row] = first;
    to[row] = first < field.columns ? last : -1;
  }
  return { field, overlap: field.depth.map((depth) => Math.max(0, depth)), from, to };
}

/** Outlines that lie the same way share a shape and its fields. */
function outlineKey(outline: readonly Point[]): string {
  const left = Math.min(...outline.map(({ x }) => x));
  const top = Math.min(...outline.map(({ y }) => y));
  return outline.map(({ x, y }) => `${(x - left).toFixed(3)},${(y - top).toFixed(3)}`).join(" ");
}

/** Cells of the net across a middling piece: coarser ones miss places, finer ones cost moves (measured: 20, 22, 28, 36, 40). */
const CELLS = 22;

function chooseCell(task: PackTask): Inches {
  const areas = task.pieces.map((piece) => polygonArea(piece.stances[0]?.outline ?? []));
  const mean = areas.reduce((sum, area) => sum + area, 0) / Math.max(1, areas.length);
  return Math.sqrt(mean) / CELLS;
}

export function makePackTable(task: PackTask, cell = chooseCell(task)): PackTable {
  const shapes: { readonly upright: Shape; turned: Shape | null }[] = [];
  const known = new Map<string, number>();
  const shapeOf = (stance: Stance): number => {
    const box = makeShape(stance.outline, 1e9);
    const upright = stance.turned ? turnHalf(box.outline, box.width, box.height) : box.outline;
    const key = outlineKey(upright);
    const found = known.get(key);
    if (found !== undefined) return found;
    known.set(key, shapes.length);
    shapes.push({ upright: makeShape(upright, cell / ROWS_PER_CELL), turned: null });
    return shapes.length - 1;
  };
  const lying = (index: number, turned: boolean): Shape => {
    const shape = shapes[index] as (typeof shapes)[number];
    if (!turned) return shape.upright;
    const { outline, width, height } = shape.upright;
    shape.turned ??= makeShape(turnHalf(outline, width, height), cell / ROWS_PER_CELL);
    return shape.turned;
  };
  const stances = task.pieces.flatMap((piece, index) =>
    piece.stances.map((stance): LaidStance => {
      const shapeIndex = shapeOf(stance);
      return {
        piece: index,
        shape: lying(shapeIndex, stance.turned),
        shapeIndex,
        turned: stance.turned,
        leftMin: stance.left[0],
        leftMax: stance.left[1],
        repeat: stance.repeat,
      };
    }),
  );
  const first: number[] = [];
  let next = 0;
  for (const piece of task.pieces) {
    first.push(next);
    next += piece.stances.length;
  }
  const fields = new Map<number, Overlap>();
  const fieldOf = (a: number, b: number, opposed: boolean) => {
    const key = (a * shapes.length + b) * 2 + (opposed ? 1 : 0);
    const found = fields.get(key);
    if (found !== undefined) return found;
    const field = makeClearanceField(lying(a, false), lying(b, opposed), cell);
    const made = findRanges(field);
    fields.set(key, made);
    return made;
  };
  const views: (FieldView | undefined)[] = new Array(stances.length * stances.length);
  const makeView = (from: number, to: number): FieldView => {
    const [a, b] = [stances[from] as LaidStance, stances[to] as LaidStance];
    if (a.shapeIndex > b.shapeIndex) {
      const { field, overlap, sign, across, down, from: first, to: last } = makeView(to, from);
      return { field, overlap, sign: sign === 1 ? -1 : 1, across, down, from: first, to: last };
    }
    const found = fieldOf(a.shapeIndex, b.shapeIndex, a.turned !== b.turned);
    return {
      field: found.field,
      overlap: found.overlap,
      sign: a.turned ? -1 : 1,
      across: a.turned ? a.shape.width - b.shape.width : 0,
      down: a.turned ? a.shape.height - b.shape.height : 0,
      from: found.from,
      to: found.to,
    };
  };
  return {
    task,
    cell,
    stances,
    first,
    count: task.pieces.map((piece) => piece.stances.length),
    area: task.pieces.reduce((sum, piece) => sum + polygonArea(piece.stances[0]?.outline ?? []), 0),
    view: (from, to) => {
      const index = from * stances.length + to;
      const found = views[index];
      if (found !== undefined) return found;
      const made = makeView(from, to);
      views[index] = made;
      return made;
    },
  };
}
