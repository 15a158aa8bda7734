import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  arcTo,
  at,
  boxOf,
  crossAtDepth,
  distance,
  distanceToPath,
  flattenPath,
  mapPath,
  type Path,
  pathEnd,
  pathLength,
  placeAtLength,
  readPathData,
  reversePath,
  splitAtLength,
  toPathData,
  turnPath,
} from ".";

/** A ring's edge: from a place right of its centre, swung to the right hand (y is down). */
function swung(radius: number, sweep: number, centre = at(3, 2)): Path {
  const start = at(centre.x + radius, centre.y);
  return { start, segments: [arcTo(start, centre, sweep)] };
}

const radii = fc.double({ min: 0.5, max: 60, noNaN: true });
const sweeps = fc.oneof(
  fc.double({ min: 0.1, max: 2 * Math.PI, noNaN: true }),
  fc.double({ min: -2 * Math.PI, max: -0.1, noNaN: true }),
);
const rings = fc.tuple(radii, sweeps);

describe("a true arc", () => {
  it("is radius times sweep long: half a circle of radius 11 1/16 measures 34¾, the waist it was drawn for", () => {
    expect(pathLength(swung(11.0625, Math.PI))).toBeCloseTo(34.754, 3);
    expect(pathLength(swung(11.0625, -Math.PI))).toBeCloseTo(34.754, 3);
  });
  it("lies at its radius everywhere, drawn as a chain too, and the chain is never a thousandth off", () => {
    fc.assert(
      fc.property(rings, ([radius, sweep]) => {
        const arc = swung(radius, sweep);
        for (const share of [0, 0.2, 0.5, 0.9, 1]) {
          const { point, tangent } = placeAtLength(arc, share * pathLength(arc));
          expect(distance(point, at(3, 2))).toBeCloseTo(radius, 9);
          // The chalk runs square to the tape that is swung.
          expect((point.x - 3) * tangent.x + (point.y - 2) * tangent.y).toBeCloseTo(0, 6);
        }
        const chain = flattenPath(arc, 1e-3);
        for (const [index, point] of chain.slice(1).entries()) {
          const before = chain[index] ?? point;
          expect(distance(at((point.x + before.x) / 2, (point.y + before.y) / 2), at(3, 2))).toBeGreaterThan(
            radius - 1.1e-3,
          );
        }
      }),
      { seed: 41 },
    );
  });
  it("goes the way it is swung: to the right hand down from the right end, to the left hand up", () => {
    expect(pathEnd(swung(10, Math.PI / 2)).y).toBeCloseTo(12, 9);
    expect(pathEnd(swung(10, -Math.PI / 2)).y).toBeCloseTo(-8, 9);
    expect(placeAtLength(swung(10, -1), 0).tangent.y).toBeCloseTo(-1, 9);
  });
  it("is crossed by a level line where Pythagoras says, and by none beyond its radius", () => {
    const half = swung(10, Math.PI);
    expect(crossAtDepth(half, 8).map(({ x }) => x)).toEqual([expect.closeTo(11, 9), expect.closeTo(-5, 9)]);
    expect(crossAtDepth(half, 1)).toEqual([]);
    expect(crossAtDepth(half, 12.01)).toEqual([]);
    const whole = swung(10, 2 * Math.PI);
    expect(crossAtDepth(whole, -4).map(({ x }) => x)).toEqual([expect.closeTo(-5, 9), expect.closeTo(11, 9)]);
  });
  it("cut anywhere is as long as its parts, and both parts are swung about the same centre", () => {
    fc.assert(
      fc.property(rings, fc.double({ min: 0.05, max: 0.95, noNaN: true }), ([radius, sweep], share) => {
        const arc = swung(radius, sweep);
        const total = pathLength(arc);
        const [first, second] = splitAtLength(arc, share * total);
        expect(pathLength(first)).toBeCloseTo(share * total, 6);
        expect(pathLength(second)).toBeCloseTo((1 - share) * total, 6);
        expect(distance(pathEnd(first), second.start)).toBeLessThan(1e-9);
        for (const part of [first, second])
          expect(distance(placeAtLength(part, pathLength(part) / 2).point, at(3, 2))).toBeCloseTo(radius, 6);
      }),
    );
  });
  it("stays an arc when it is turned, mirrored, halved or walked backwards", () => {
    fc.assert(
      fc.property(rings, ([radius, sweep]) => {
        const arc = swung(radius, sweep);
        const middle = (path: Path) => placeAtLength(path, pathLength(path) / 2).point;
        const mirrored = mapPath(arc, ({ x, y }) => at(-x, y));
        expect(middle(mirrored).x).toBeCloseTo(-middle(arc).x, 6);
        expect(middle(mirrored).y).toBeCloseTo(middle(arc).y, 6);
        expect(pathLength(mirrored)).toBeCloseTo(pathLength(arc), 9);
        expect(pathLength(mapPath(arc, ({ x, y }) => at(x / 2, y / 2)))).toBeCloseTo(pathLength(arc) / 2, 9);
        expect(
          distance(middle(turnPath(arc, at(0, 0), 0.7)), middle(turnPath(reversePath(arc), at(0, 0), 0.7))),
        ).toBeLessThan(1e-6);
      }),
    );
  });
  it("is the same arc once it was written as path data and read back, a whole circle in quarters", () => {
    fc.assert(
      fc.property(rings, ([radius, sweep]) => {
        const arc = swung(radius, sweep);
        const read = readPathData(toPathData(arc));
        expect(Math.abs(pathLength(read) - pathLength(arc))).toBeLessThan(2e-5);
        for (const share of [0.1, 0.4, 0.8])
          expect(
            distance(
              placeAtLength(arc, share * pathLength(arc)).point,
              placeAtLength(read, share * pathLength(read)).point,
            ),
          ).toBeLessThan(2e-5);
      }),
      { seed: 43 },
    );
    expect(toPathData(swung(10, 2 * Math.PI)).match(/A /g)).toHaveLength(4);
  });
  it("tells how far a place lies from it", () => {
    expect(distanceToPath(swung(10, Math.PI), at(3, 2))).toBeCloseTo(10, 1);
    expect(distanceToPath(swung(10, Math.PI), at(3, 15))).toBeCloseTo(3, 1);
    const { left, right } = boxOf(flattenPath(swung(10, Math.PI)));
    expect(right - left).toBeCloseTo(20, 2);
  });
});
