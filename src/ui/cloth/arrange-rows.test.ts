import fc from "fast-check";
import { expect, it } from "vitest";
import { arrangeRows } from "./arrange-rows";

const sized = (width: number, height: number) => ({ width, height });
const counts = (rows: ReturnType<typeof arrangeRows>) => rows.map(({ items }) => items.length);

it("puts three cloths of one size under one another in a high room, and beside one another in a wide one", () => {
  const three = [sized(10, 10), sized(10, 10), sized(10, 10)];
  expect(counts(arrangeRows(three, 1 / 3))).toEqual([1, 1, 1]);
  expect(counts(arrangeRows(three, 3))).toEqual([3]);
});

it("gives a long strip a row of its own, so that the two bodices above it stay large", () => {
  expect(counts(arrangeRows([sized(14, 20), sized(14, 20), sized(54, 12)], 0.8))).toEqual([2, 1]);
});

it("has no row for no cloth", () => {
  expect(arrangeRows([], 1)).toEqual([]);
});

it("keeps every cloth, in its order, in rows as wide and as high as what lies in them; never smaller than in one row", () => {
  const size = fc.record({
    width: fc.double({ min: 1, max: 60, noNaN: true }),
    height: fc.double({ min: 1, max: 60, noNaN: true }),
  });
  fc.assert(
    fc.property(
      fc.array(size, { minLength: 1, maxLength: 9 }),
      fc.double({ min: 0.3, max: 3, noNaN: true }),
      (items, aspect) => {
        const rows = arrangeRows(items, aspect);
        expect(rows.flatMap((row) => row.items)).toEqual(items);
        for (const row of rows) {
          expect(row.width).toBeCloseTo(
            row.items.reduce((sum, { width }) => sum + width, 0),
            9,
          );
          expect(row.height).toBe(Math.max(...row.items.map(({ height }) => height)));
        }
        const seen = Math.min(
          aspect / Math.max(...rows.map(({ width }) => width)),
          1 / rows.reduce((sum, { height }) => sum + height, 0),
        );
        const single = Math.min(
          aspect / items.reduce((sum, { width }) => sum + width, 0),
          1 / Math.max(...items.map(({ height }) => height)),
        );
        expect(seen).toBeGreaterThanOrEqual(single - 1e-9);
      },
    ),
  );
});
