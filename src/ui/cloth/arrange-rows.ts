/** What lies in a row: so wide and so high, in one unit. */
export interface Sized {
  readonly width: number;
  readonly height: number;
}

/** Items beside one another: as wide as all together, as high as the highest. */
export interface Row<Item extends Sized> extends Sized {
  readonly items: readonly Item[];
}

/** Rows no wider than the limit, filled in order; what is wider by itself has a row of its own. */
function fill<Item extends Sized>(items: readonly Item[], limit: number): readonly Row<Item>[] {
  const rows: Row<Item>[] = [];
  for (const item of items) {
    const last = rows.at(-1);
    if (last === undefined || last.width + item.width > limit + 1e-9)
      rows.push({ items: [item], width: item.width, height: item.height });
    else
      rows[rows.length - 1] = {
        items: [...last.items, item],
        width: last.width + item.width,
        height: Math.max(last.height, item.height),
      };
  }
  return rows;
}

/** How large rows are seen in a room one high and `aspect` wide. */
function scaleOf(rows: readonly Sized[], aspect: number): number {
  const width = Math.max(...rows.map((row) => row.width));
  const height = rows.reduce((sum, row) => sum + row.height, 0);
  return Math.min(aspect / width, 1 / height);
}

/**
 * Items in rows, in their order, so that all are seen as large as they can be in one scale.
 *
 * @param aspect how wide the room is for its height
 */
export function arrangeRows<Item extends Sized>(items: readonly Item[], aspect: number): readonly Row<Item>[] {
  const limits = items.flatMap((_, from) =>
    items.slice(from).map((_, count) => items.slice(from, from + count + 1).reduce((sum, { width }) => sum + width, 0)),
  );
  const ways = limits.map((limit) => fill(items, limit)).map((rows) => ({ rows, scale: scaleOf(rows, aspect) }));
  const largest = Math.max(...ways.map(({ scale }) => scale));
  const best = ways.filter(({ scale }) => scale > largest - 1e-9).map(({ rows }) => rows);
  // Where more rows show it no larger, the fewer are read more easily.
  return best.reduce((fewest, rows) => (rows.length < fewest.length ? rows : fewest), best[0] ?? []);
}
