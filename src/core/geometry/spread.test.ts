import { describe, expect, it } from "vitest";
import {
  at,
  distance,
  distanceToPath,
  flattenPath,
  moveBy,
  type Path,
  pathEnd,
  pathLength,
  placeAtLength,
  type SpreadLine,
  spreadAngle,
  spreadPiece,
  straight,
  turnPoint,
} from ".";

const CURVED: Path = {
  start: at(6, 0),
  segments: [{ kind: "cubic", control1: at(7.5, 3), control2: at(8, 5), to: at(8, 12) }],
};
const EDGE = straight(at(0, 0), at(0, 12));

/** Lines square from the opened edge, a little unevenly apart. */
function linesOf(spreads: readonly number[], parts: readonly number[] = []): readonly SpreadLine[] {
  return spreads.map((spread, index) => ({
    opened: 1.5 + index * 2.1,
    hinge: 1.6 + index * 2.05,
    spread,
    parts: parts[index] ?? 0,
  }));
}

/** How far both sides of a line lie apart once spread, at the opened edge and at the hinge. */
function gaps({ sectors }: ReturnType<typeof spreadPiece>, index: number): readonly [number, number] {
  const [above, below] = [sectors[index], sectors[index + 1]];
  if (above === undefined || below === undefined) throw new Error("no such line");
  return [distance(pathEnd(above.opened), below.opened.start), distance(pathEnd(above.hinge), below.hinge.start)];
}

describe("slash and spread", () => {
  it("turns by twice the arcsine of half the spread over the line, where nothing parts at the hinge", () => {
    expect(spreadAngle(5, 2, 0)).toBeCloseTo(2 * Math.asin(0.2), 9);
    expect(spreadAngle(13, 1, 0)).toBeCloseTo(2 * Math.asin(1 / 26), 9);
  });
  it("only moves, and turns not at all, where both ends part alike", () => {
    for (const spread of [0.5, 1, 3]) expect(spreadAngle(7, spread, spread)).toBeCloseTo(0, 9);
  });
  it.each([
    [[1, 1.5, 2, 2], []],
    [[2, 0, 1, 3], []],
    [
      [1, 1, 1, 1],
      [1, 1, 1, 1],
    ],
    [
      [2, 2, 2, 2],
      [0.5, 1, 0, 1.5],
    ],
  ])(
    "opens each line by what was asked, %j at the edge and %j at the hinge, whichever sector is held",
    (spreads, parts) => {
      for (const held of [0, 2, 4]) {
        const spread = spreadPiece({ opened: EDGE, hinge: CURVED, lines: linesOf(spreads, parts), held });
        for (const [index, wanted] of spreads.entries()) {
          const [opened, hinge] = gaps(spread, index);
          expect(opened).toBeCloseTo(wanted, 6);
          expect(hinge).toBeCloseTo(parts[index] ?? 0, 6);
        }
      }
    },
  );
  it("moves every sector as it is: no length of it changes, and the held one does not move", () => {
    const lines = linesOf([1, 2, 2]);
    const { sectors } = spreadPiece({ opened: EDGE, hinge: CURVED, lines, held: 1 });
    expect(sectors[1]?.move).toEqual({ angle: 0, shift: at(0, 0) });
    const sum = (side: "opened" | "hinge") => sectors.reduce((total, sector) => total + pathLength(sector[side]), 0);
    expect(sum("opened")).toBeCloseTo(12, 6);
    expect(sum("hinge")).toBeCloseTo(pathLength(CURVED), 5);
    for (const { move } of sectors) expect(distance(moveBy(move, at(0, 0)), moveBy(move, at(3, 4)))).toBeCloseTo(5, 9);
  });
  it("lies the same whichever is held, but for the piece as a whole", () => {
    const lines = linesOf([1, 1.5, 2]);
    const [first, last] = [0, 3].map((held) => spreadPiece({ opened: EDGE, hinge: CURVED, lines, held }));
    const chord = (spread: typeof first) =>
      distance(spread?.opened.path.start ?? at(0, 0), pathEnd(spread?.opened.path ?? EDGE));
    expect(chord(first)).toBeCloseTo(chord(last), 9);
    expect(first?.turned).toBeCloseTo(last?.turned ?? 0, 9);
  });
  it("is drawn through the middle of each sector, within 1/8 of every corner, and keeps its length to 1/16", () => {
    const lines = linesOf([1, 1, 1, 1]);
    const spread = spreadPiece({ opened: EDGE, hinge: CURVED, lines, held: 4 });
    for (const { opened } of spread.sectors.slice(1)) {
      const middle = placeAtLength(opened, pathLength(opened) / 2).point;
      expect(distanceToPath(spread.opened.path, middle)).toBeLessThan(0.01);
      expect(distanceToPath(spread.opened.path, opened.start)).toBeLessThan(1 / 8);
    }
    expect(Math.abs(pathLength(spread.opened.path) - 16)).toBeLessThan(1 / 16);
    expect(Math.abs(pathLength(spread.hinge.path) - pathLength(CURVED))).toBeLessThan(1 / 16);
    expect(spread.opened.between).toHaveLength(4);
    for (const place of spread.opened.between) expect(distanceToPath(spread.opened.path, place)).toBeLessThan(0.01);
  });
  it("without a line is the piece as it was", () => {
    const spread = spreadPiece({ opened: EDGE, hinge: CURVED, lines: [], held: 0 });
    expect(spread.turned).toBe(0);
    expect(flattenPath(spread.opened.path)).toEqual(flattenPath(EDGE));
  });
  it("opens away from what is held: a turned piece spread comes out turned", () => {
    const turn = (point: { x: number; y: number }) => turnPoint(point, at(2, 3), 1.1);
    const [edge, hinge] = [straight(turn(at(0, 0)), turn(at(0, 12))), straight(turn(at(7, 0)), turn(at(7, 12)))];
    const plain = spreadPiece({ opened: EDGE, hinge: straight(at(7, 0), at(7, 12)), lines: linesOf([2, 2]), held: 2 });
    const turned = spreadPiece({ opened: edge, hinge, lines: linesOf([2, 2]), held: 2 });
    const expected = turn(plain.sectors[0]?.opened.start ?? at(0, 0));
    expect(distance(turned.sectors[0]?.opened.start ?? at(0, 0), expected)).toBeLessThan(1e-9);
  });
});
