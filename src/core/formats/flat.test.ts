import { describe, expect, it } from "vitest";
import { garments } from "../garments";
import { workedSheet } from "../garments/worked-client.test-data";
import { drawFlat, type FlatHalf } from ".";

const halfOf = (halves: readonly FlatHalf[], half: "front" | "back"): FlatHalf => {
  const found = halves.find((one) => one.half === half);
  if (found === undefined) throw new Error(`no ${half}`);
  return found;
};
const edges = (half: FlatHalf, role: string) =>
  half.pieces.flatMap((piece) => piece.edges.filter((edge) => edge.role === role));
/** How far the garment reaches to the side at a depth. */
const widthAt = (half: FlatHalf, depth: number) => {
  const side = edges(half, "side").flatMap(({ points }) => points);
  return side.reduce((best, point) => (Math.abs(point.y - depth) < Math.abs(best.y - depth) ? point : best)).x;
};

describe("a flat front and back, from the real pieces", () => {
  it("a straight dress is as wide as its quarters: 10½ on the chest line for a bust of 40 and 2 of ease", () => {
    const front = halfOf(drawFlat(workedSheet("straight-dress")), "front");
    expect(edges(front, "side")[0]?.points[0]?.x).toBeCloseTo(10.5, 6);
    expect(front.bottom).toBeGreaterThanOrEqual(42);
  });
  it("a waist dart of 1 is sewn: the waist of the flat is a quarter of the waist and its ease", () => {
    const sheet = workedSheet("sheath-dress");
    const front = halfOf(drawFlat(sheet), "front");
    const waist = sheet.girths.find(({ line }) => line === "waist");
    expect(widthAt(front, 17)).toBeCloseTo((waist?.drawn ?? 0) / 4, 1);
  });
  it("panels meet: no gap is left between the two sides of their seam", () => {
    const front = halfOf(drawFlat(workedSheet("a-line-dress")), "front");
    const [inner, outer] = edges(front, "panel").map(({ points }) => points);
    let compared = 0;
    for (const { x, y } of outer ?? []) {
      const nearest = (inner ?? []).reduce((best, point) =>
        Math.abs(point.y - y) < Math.abs(best.y - y) ? point : best,
      );
      if (Math.abs(nearest.y - y) >= 0.05) continue;
      expect(Math.abs(nearest.x - x)).toBeLessThan(0.15);
      compared += 1;
    }
    expect(compared).toBeGreaterThan(2);
  });
  it("a lower piece hangs from the yoke above it, not from the top line", () => {
    const front = halfOf(drawFlat(workedSheet("yoke-gown", { card: { fullLength: 50 } })), "front");
    const [yoke, lower] = front.pieces;
    const join = yoke?.edges.find(({ role }) => role === "join")?.points[0]?.y ?? 0;
    expect(join).toBeGreaterThan(5);
    expect(Math.min(...(lower?.edges.flatMap(({ points }) => points.map(({ y }) => y)) ?? []))).toBeCloseTo(join, 3);
  });
  it("a back with a zip hollow closes along its centre", () => {
    const back = halfOf(drawFlat(workedSheet("armhole-bustier")), "back");
    expect(edges(back, "centre")[0]?.points.length).toBeGreaterThan(2);
    for (const { points } of edges(back, "centre")) for (const { x } of points) expect(Math.abs(x)).toBeLessThan(0.02);
  });
  it.each(garments.map(({ id }) => id))(
    "%s has a front and a back, both with a neck, or hanging from a waist, and no place that is none",
    (id) => {
      const halves = drawFlat(workedSheet(id));
      expect(halves.map(({ half }) => half)).toEqual(["front", "back"]);
      for (const half of halves) {
        expect(edges(half, id.endsWith("-skirt") ? "waist" : "neck").length).toBeGreaterThan(0);
        const places = half.pieces.flatMap((piece) => piece.edges.flatMap(({ points }) => points));
        expect(places.every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))).toBe(true);
        expect(half.width).toBeLessThan(40);
      }
    },
  );
});

describe("godets on the flat", () => {
  const drawn = (godetCount: string) =>
    drawFlat(workedSheet("mermaid-skirt", { card: { fullLength: 57 }, choices: { flareBy: "godet", godetCount } }));
  const folds = (half: FlatHalf) => half.pieces.flatMap((piece) => piece.folds);

  it("stand out at the side by 3 of their width of 10, from 12 above the hem", () => {
    const front = halfOf(drawn("4"), "front");
    const skirt = front.pieces.find(({ id }) => id === "skirt-front");
    const corner = Math.max(...(skirt?.edges.find(({ role }) => role === "hem")?.points.map(({ x }) => x) ?? []));
    expect(front.width).toBeCloseTo(Math.max(corner + 3, 10.62), 1);
    const top = front.pieces.find(({ id }) => id === "skirt-front-godet")?.edges[1]?.points[0];
    expect(front.bottom - (top?.y ?? 0)).toBeCloseTo(12, 0);
  });

  it("four lie two at the sides and two in the front; five have one in the seam of the back", () => {
    const four = drawn("4");
    expect([folds(halfOf(four, "front")), folds(halfOf(four, "back"))].map(({ length }) => length)).toEqual([2, 0]);
    const five = drawn("5");
    expect(folds(halfOf(five, "back")).every((points) => points[0]?.x === 0)).toBe(true);
    expect(folds(halfOf(five, "back"))).toHaveLength(2);
  });

  it("are none where the skirt opens by its own edges", () => {
    const plain = drawFlat(workedSheet("mermaid-skirt", { card: { fullLength: 57 } }));
    expect(plain.flatMap(({ pieces }) => pieces).some(({ id }) => id.endsWith("-godet"))).toBe(false);
  });
});
