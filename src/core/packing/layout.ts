import type { Inches } from "../length";
import type { FieldView, LaidStance, PackTable } from "./table";
import type { PackPlan, Placement } from "./task";

/** Pieces as they lie now, overlaps allowed: changed in place by the search, one for each search. */
export interface Layout {
  readonly table: PackTable;
  readonly count: number;
  length: Inches;
  /** Index of each piece's stance among the table's. */
  readonly stance: Int32Array;
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly fixed: Uint8Array;
  /** How much each pair's overlap counts, `one * count + other`. */
  readonly weight: Float64Array;
  /** Air that a pair must keep beyond what the net says, where the outlines were seen to touch. */
  readonly extra: Float64Array;
}

export function makeLayout(table: PackTable, plan: PackPlan): Layout {
  const { pieces } = table.task;
  const count = pieces.length;
  return {
    table,
    count,
    length: plan.length,
    stance: Int32Array.from(plan.placements, ({ stance }, index) => (table.first[index] as number) + stance),
    x: Float64Array.from(plan.placements, ({ x }) => x),
    y: Float64Array.from(plan.placements, ({ y }) => y),
    fixed: Uint8Array.from(pieces, ({ pinned }) => (pinned === null ? 0 : 1)),
    weight: new Float64Array(count * count).fill(1),
    extra: new Float64Array(count * count),
  };
}

export function stanceOf(layout: Layout, piece: number): LaidStance {
  return layout.table.stances[layout.stance[piece] as number] as LaidStance;
}

export function placementsOf(layout: Layout): readonly Placement[] {
  return Array.from({ length: layout.count }, (_, piece) => ({
    stance: (layout.stance[piece] as number) - (layout.table.first[piece] as number),
    x: layout.x[piece] as number,
    y: layout.y[piece] as number,
  }));
}

/** Length that the pieces take as they lie. */
export function usedLength(layout: Layout): Inches {
  let used = 0;
  for (let piece = 0; piece < layout.count; piece++)
    used = Math.max(used, (layout.y[piece] as number) + stanceOf(layout, piece).shape.height);
  return used;
}

/** Overlap of a stance at an offset from another, from its field; negative where there is air, 9 cells at most. */
export function lookUp(view: FieldView, cell: Inches, across: Inches, down: Inches): number {
  const { field } = view;
  const u = (view.sign * across + view.across - field.left) / cell;
  const v = (view.sign * down + view.down - field.top) / cell;
  const column = Math.floor(u);
  const row = Math.floor(v);
  if (column < 0 || row < 0 || column >= field.columns - 1 || row >= field.rows - 1) return -9 * cell;
  const node = row * field.columns + column;
  const s = u - column;
  const t = v - row;
  const { depth } = field;
  const upper = (depth[node] as number) * (1 - s) + (depth[node + 1] as number) * s;
  const lower = (depth[node + field.columns] as number) * (1 - s) + (depth[node + field.columns + 1] as number) * s;
  return upper * (1 - t) + lower * t;
}

/** How deep two pieces lie in one another as they are; negative for air, and for two that are both pinned. */
export function depthBetween(layout: Layout, one: number, other: number): number {
  if (layout.fixed[one] === 1 && layout.fixed[other] === 1) return -1;
  const view = layout.table.view(layout.stance[one] as number, layout.stance[other] as number);
  return (
    lookUp(
      view,
      layout.table.cell,
      (layout.x[other] as number) - (layout.x[one] as number),
      (layout.y[other] as number) - (layout.y[one] as number),
    ) + (layout.extra[one * layout.count + other] as number)
  );
}

/** Keeps a piece on the cloth, in its own stretch across and on its repeat. */
export function keepOnCloth(layout: Layout, piece: number): void {
  if (layout.fixed[piece] === 1) return;
  const stance = stanceOf(layout, piece);
  const lowest = Math.max(0, layout.length - stance.shape.height);
  layout.x[piece] = Math.min(Math.max(layout.x[piece] as number, stance.leftMin), stance.leftMax);
  layout.y[piece] = onRepeat(stance, Math.min(Math.max(layout.y[piece] as number, 0), lowest), lowest);
}

/** The nearest place down the cloth at which a stance may lie. */
export function onRepeat(stance: LaidStance, y: Inches, lowest: Inches): Inches {
  if (stance.repeat === null) return y;
  const { every, at } = stance.repeat;
  const nearest = at + Math.round((y - at) / every) * every;
  if (nearest < -1e-9) return nearest + every;
  return nearest > lowest + 1e-9 && nearest - every > -1e-9 ? nearest - every : nearest;
}
