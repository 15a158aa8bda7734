import { describe, expect, it } from "vitest";
import {
  at,
  crossAtDepth,
  curveBetween,
  distanceToPath,
  flattenPath,
  type Path,
  pathBeside,
  pathEnd,
  pathLength,
  straight,
} from ".";

const quarter = (radius: number): Path => ({
  start: at(0, 0),
  segments: [curveBetween(at(0, 0), { x: 1, y: 0 }, at(radius, -radius), { x: 0, y: -1 })],
});

describe("a path beside another", () => {
  it("of a straight line is as long, as far off all along", () => {
    const beside = pathBeside(straight(at(0, 0), at(3, -4)), 2);
    expect(pathLength(beside)).toBeCloseTo(5, 9);
    // To the right of the walk: 2 · (4, 3) ÷ 5.
    expect(beside.start).toMatchObject({ x: expect.closeTo(1.6, 9), y: expect.closeTo(1.2, 9) });
  });
  it("of a corner that opens is drawn on until both sides meet: 6 down and 3 across, 2½ outside them", () => {
    const beside = pathBeside(straight(at(0, 6), at(3, 6), at(3, 0)), 2.5);
    expect(flattenPath(beside).map(({ x, y }) => [x, y])).toEqual([
      [0, 8.5],
      [5.5, 8.5],
      [5.5, 0],
    ]);
  });
  it.each([0.5, 2, 4])("of a quarter circle of 5 is one of %d more, to 1/100", (by) => {
    const beside = pathBeside(quarter(5), by);
    expect(pathLength(beside)).toBeCloseTo(((5 + by) * Math.PI) / 2, 2);
    for (const place of flattenPath(beside))
      expect(Math.abs(distanceToPath(quarter(5), place) - by)).toBeLessThan(0.01);
  });
  it("ends where it is told, and leaves the rest of it alone", () => {
    const [free, ended] = [pathBeside(quarter(5), 2), pathBeside(quarter(5), 2, { end: at(7.25, -5) })];
    expect(pathEnd(ended)).toEqual(at(7.25, -5));
    expect(ended.start).toEqual(free.start);
    expect(crossAtDepth(ended, 1.5)[0]?.x).toBeCloseTo(crossAtDepth(free, 1.5)[0]?.x ?? 0, 6);
  });
});
