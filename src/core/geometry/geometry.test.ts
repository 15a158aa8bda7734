import { Polygon } from "@flatten-js/core";
import { Bezier } from "bezier-js";
import { Clipper, FillRule } from "clipper2-ts";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  angleBetween,
  areaOutside,
  at,
  crossAtDepth,
  cubicTo,
  curveBetween,
  cutOutline,
  distance,
  dotsAlong,
  flattenPath,
  isSimple,
  lengthToDepth,
  movePath,
  overlapBeside,
  type Path,
  pathEnd,
  pathLength,
  placeAtLength,
  polygonArea,
  reversePath,
  sideSeam,
  solveRising,
  splitAtAcross,
  splitAtDepth,
  splitAtLength,
  straight,
  turnPath,
  turnPoint,
} from ".";

const quarterCircle: Path = {
  start: at(0, 8),
  segments: [curveBetween(at(0, 8), { x: 1, y: 0 }, at(8, 0), { x: 0, y: -1 })],
};
const square: readonly Path[] = [
  straight(at(0, 0), at(10, 0)),
  straight(at(10, 0), at(10, 20)),
  straight(at(10, 20), at(0, 20)),
  straight(at(0, 20), at(0, 0)),
];

function fine(path: Path): number {
  const points = flattenPath(path, 1e-7);
  return points.slice(1).reduce((sum, point, index) => sum + distance(point, points[index] ?? point), 0);
}

describe("lengths", () => {
  it("makes the house's curve a quarter circle: 4π long for a radius of 8, within 1/100", () =>
    expect(pathLength(quarterCircle)).toBeCloseTo(4 * Math.PI, 2));
  it("agrees with fine subdivision on made-up side seams", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 7, max: 15, noNaN: true }),
        fc.double({ min: 6, max: 14, noNaN: true }),
        fc.double({ min: 8, max: 16, noNaN: true }),
        (chest, waist, hip) => {
          const side = sideSeam({
            underarm: at(chest, 8),
            waist: at(waist, 16),
            hip: at(hip, 25),
            hem: at(hip + 1, 40),
          });
          expect(Math.abs(pathLength(side) - fine(side))).toBeLessThan(1e-4);
          expect(pathLength(reversePath(side))).toBeCloseTo(pathLength(side), 9);
          const reach = flattenPath(side).map((point) => point.x);
          expect(Math.max(...reach)).toBeLessThanOrEqual(Math.max(chest, waist, hip + 1) + 1e-6);
          expect(Math.min(...reach)).toBeGreaterThanOrEqual(Math.min(chest, waist, hip) - 1e-6);
        },
      ),
    );
  });
  it("agrees with a curve library on 300 made-up curves: their lengths, and where a line crosses them", () => {
    const spot = fc.tuple(fc.integer({ min: -200, max: 200 }), fc.integer({ min: -200, max: 200 }));
    fc.assert(
      fc.property(spot, spot, spot, spot, fc.integer({ min: -150, max: 150 }), (...told) => {
        const [start, first, second, end, across] = told;
        const [a, b, c, d] = [start, first, second, end].map(([x, y]) => at(x / 10, y / 10));
        if (a === undefined || b === undefined || c === undefined || d === undefined) return;
        const path: Path = { start: a, segments: [cubicTo(b, c, d)] };
        const curve = new Bezier([a, b, c, d]);
        expect(pathLength(path)).toBeCloseTo(curve.length(), 9);
        // A thousandth off the places it is made of: there rounding alone decides whether an end is met.
        const down = across / 10 + 1e-3;
        const theirs = curve
          .intersects({ p1: at(-99, down), p2: at(99, down) })
          .map(Number)
          .sort((p, q) => p - q);
        const mine = crossAtDepth(path, down).map(({ x }) => x);
        expect(mine).toHaveLength(theirs.length);
        for (const [index, x] of mine.entries())
          expect(x).toBeCloseTo(theirs.map((t) => curve.get(t).x)[index] ?? Number.NaN, 3);
      }),
      { numRuns: 300, seed: 11 },
    );
  });
  it("arrives where it measured: walking to a depth and back gives the same length", () => {
    const side = sideSeam({ underarm: at(10.5, 8), waist: at(9, 16), hip: at(11, 25), hem: at(12, 40) });
    for (const down of [9, 14.5, 16, 20, 33]) {
      const length = lengthToDepth(side, down) ?? 0;
      expect(placeAtLength(side, length).point.y).toBeCloseTo(down, 4);
      expect(placeAtLength(side, length).point.x).toBeCloseTo(crossAtDepth(side, down)[0]?.x ?? 0, 4);
    }
  });
});

describe("dots", () => {
  it("puts a dot at each inch and measures 3.314 across in the middle of a quarter circle of radius 8", () => {
    const dots = dotsAlong(quarterCircle, 1);
    expect(dots).toHaveLength(11);
    // The middle of the arc lies 8 − 8/√2 = 2.343 from its chord; the dots at 5 and 6 stand beside it.
    expect(Math.abs(dots[5]?.across ?? 0)).toBeCloseTo(Math.sqrt(64 - (6 - 4 * Math.SQRT2) ** 2) - 4 * Math.SQRT2, 2);
  });
});

describe("cutting outline", () => {
  it("gives each edge its own allowance: a 10 × 20 piece with ½, 1½, 1 and a fold becomes 11½ × 21½", () => {
    const outline = cutOutline(square.map((stitch, index) => ({ stitch, allowance: [0.5, 1.5, 1, 0][index] ?? 0 })));
    expect(polygonArea(outline)).toBeCloseTo(11.5 * 21.5, 4);
  });
  it("stays whole where the allowance is wider than the curve is round (a tight neck)", () => {
    const neck: Path = {
      start: at(0, 0.6),
      segments: [curveBetween(at(0, 0.6), { x: 1, y: 0 }, at(3, 0), { x: 0, y: -1 })],
    };
    const edges = [
      neck,
      straight(at(3, 0), at(8, 1)),
      straight(at(8, 1), at(8, 20)),
      straight(at(8, 20), at(0, 20)),
      straight(at(0, 20), at(0, 0.6)),
    ];
    const outline = cutOutline(edges.map((stitch, index) => ({ stitch, allowance: index === 4 ? 0 : 0.5 })));
    expect(isSimple(outline)).toBe(true);
    expect(
      areaOutside(
        edges.flatMap((edge) => flattenPath(edge).slice(1)),
        outline,
      ),
    ).toBeLessThan(0.01);
  });
  it("cuts off every loop of a tight neck as a clipping library does, and keeps the area", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.15, max: 0.7, noNaN: true }),
        fc.double({ min: 2.5, max: 3.5, noNaN: true }),
        fc.double({ min: 0.75, max: 1.5, noNaN: true }),
        (depth, width, allowance) => {
          const corners = [at(width, 0), at(8, 1), at(8, 20), at(0, 20), at(0, depth)];
          const neck: Path = {
            start: at(0, depth),
            segments: [curveBetween(at(0, depth), { x: 1, y: 0 }, at(width, 0), { x: 0, y: -1 })],
          };
          const sides = corners.slice(1).map((to, index) => straight(corners[index] ?? to, to));
          const outline = cutOutline(
            [neck, ...sides].map((stitch, index) => ({ stitch, allowance: index === 0 ? allowance : 0 })),
          );
          expect(isSimple(outline)).toBe(true);
          const [clean] = Clipper.unionD([outline.map(({ x, y }) => ({ x, y }))], [], FillRule.NonZero, 5);
          expect(polygonArea(clean ?? [])).toBeCloseTo(polygonArea(outline), 3);
          expect(
            areaOutside(
              [neck, ...sides].flatMap((side) => flattenPath(side).slice(1)),
              outline,
            ),
          ).toBeLessThan(0.01);
        },
      ),
    );
  });
  it("knows a bow tie from a piece", () => expect(isSimple([at(0, 0), at(4, 4), at(4, 0), at(0, 4)])).toBe(false));
  it("agrees with a library on whether 300 made-up outlines cross themselves", () => {
    const places = fc.array(fc.tuple(fc.integer({ min: 0, max: 4000 }), fc.integer({ min: 0, max: 4000 })), {
      minLength: 4,
      maxLength: 9,
    });
    fc.assert(
      fc.property(places, (spots) => {
        const points = spots.map(([x, y], index) => at(x / 100 + index * 1e-3, y / 100));
        // The library also calls an outline that only touches itself crossed; made-up places never just touch.
        expect(isSimple(points)).toBe(new Polygon(points.map(({ x, y }): [number, number] => [x, y])).isValid());
      }),
      { numRuns: 300, seed: 5 },
    );
  });
  it("keeps the allowance everywhere on a curve: no stitched place nearer than ½ less 1/100 to the cut", () => {
    const moved = movePath(quarterCircle, at(1, 1));
    const edges = [moved, straight(at(9, 1), at(9, 20)), straight(at(9, 20), at(1, 20)), straight(at(1, 20), at(1, 9))];
    const outline = cutOutline(edges.map((stitch) => ({ stitch, allowance: 0.5 })));
    for (const point of flattenPath(moved).slice(2, -2)) {
      const near = Math.min(
        ...outline.flatMap((a, index) => {
          const b = outline[(index + 1) % outline.length] ?? a;
          return Array.from({ length: 20 }, (_, k) =>
            distance(point, at(a.x + ((b.x - a.x) * k) / 20, a.y + ((b.y - a.y) * k) / 20)),
          );
        }),
      );
      expect(near).toBeGreaterThan(0.49);
      expect(near).toBeLessThan(0.53);
    }
  });
});

describe("cutting, turning and solving", () => {
  const curve: Path = {
    start: at(0, 0),
    segments: [cubicTo(at(1, 3), at(4, 5), at(5, 9)), { kind: "line", to: at(6, 12) }],
  };
  it("a path cut anywhere is as long as its parts, and each part lies on it", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.99, noNaN: true }), (share) => {
        const total = pathLength(curve);
        const [first, second] = splitAtLength(curve, share * total);
        expect(pathLength(first)).toBeCloseTo(share * total, 4);
        expect(pathLength(first) + pathLength(second)).toBeCloseTo(total, 5);
        expect(pathEnd(first)).toEqual(second.start);
        const down = second.start.y;
        expect(splitAtDepth(curve, down)?.[1].start.x).toBeCloseTo(second.start.x, 4);
        expect(splitAtAcross(curve, second.start.x)?.[1].start.y).toBeCloseTo(down, 3);
      }),
    );
    expect(splitAtDepth(curve, 13)).toBeNull();
  });
  it("turned there and back a path lies where it lay, and is as long on the way", () => {
    fc.assert(
      fc.property(fc.double({ min: -3, max: 3, noNaN: true }), (angle) => {
        const turned = turnPath(curve, at(2, 7), angle);
        expect(pathLength(turned)).toBeCloseTo(pathLength(curve), 6);
        expect(pathEnd(turnPath(turned, at(2, 7), -angle)).x).toBeCloseTo(6, 9);
      }),
    );
    // A quarter turn to the right hand about the origin takes what lies right of it below it.
    expect(turnPoint(at(1, 0), at(0, 0), Math.PI / 2).y).toBeCloseTo(1, 9);
    expect(angleBetween(at(1, 0), at(0, 1))).toBeCloseTo(Math.PI / 2, 9);
  });
  it("finds where a rising function is nought", () => {
    const cube = (x: number) => x ** 3 - 5;
    const found = solveRising(cube, { at: 0, value: -5 }, { at: 4, value: 59 }, 1e-6);
    expect(found).toBeCloseTo(Math.cbrt(5), 5);
  });
  it("measures how far a square runs over its right neighbour as a library clips it", () => {
    const square = (left: number, top: number, side: number) => [
      at(left, top),
      at(left + side, top),
      at(left + side, top + side),
      at(left, top + side),
    ];
    fc.assert(
      fc.property(fc.integer({ min: -8, max: 8 }), fc.integer({ min: 0, max: 6 }), (halves, top) => {
        const [one, other] = [square(0, 0, 6), square(6 + halves / 2, top, 6)];
        const shared = halves >= 0 ? 0 : (-halves / 2) * Math.max(0, 6 - top);
        expect(overlapBeside(one, other)).toBeCloseTo(shared, 6);
        expect(polygonArea(one) - areaOutside(one, other)).toBeCloseTo(Math.min(shared, 36), 3);
      }),
    );
  });
  it("measures what of one outline sticks out of another as a library clips it, within a twentieth: half of what a front may stick out", () => {
    const spot = fc.tuple(fc.integer({ min: 0, max: 90 }), fc.integer({ min: 0, max: 90 }));
    const corner = fc.tuple(spot, spot, spot);
    fc.assert(
      fc.property(corner, corner, (one, other) => {
        const [inner, outer] = [one, other].map((spots) => spots.map(([x, y]) => at(x / 10, y / 10)));
        if (inner === undefined || outer === undefined) return;
        const clipped = Clipper.differenceD([[...inner]], [[...outer]], FillRule.NonZero, 5);
        const theirs = clipped.reduce((sum, part) => sum + Clipper.areaD(part), 0);
        expect(Math.abs(areaOutside(inner, outer) - theirs)).toBeLessThan(0.05);
      }),
      { seed: 3 },
    );
  });
  it("a side seam runs through every mark it is given and is never wider between two of them", () => {
    const points = {
      underarm: at(10.5, 9),
      bust: at(10.4, 10.5),
      underbust: at(10.6, 14),
      waist: at(9.5, 17),
      hip: at(11.5, 26),
      hem: at(12, 42),
    };
    const path = sideSeam(points);
    for (const point of Object.values(points)) expect(crossAtDepth(path, point.y)[0]?.x).toBeCloseTo(point.x, 6);
    for (let down = 17; down < 26; down += 0.5)
      expect(crossAtDepth(path, down)[0]?.x ?? 99).toBeLessThanOrEqual(11.5 + 1e-6);
  });
});
