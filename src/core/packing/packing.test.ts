import { Polygon, point } from "@flatten-js/core";
import { describe, expect, it } from "vitest";
import { cutJigsaw, upAndDown } from "../../../scripts/bench/jigsaw";
import { at, growOutline, type Point, polygonArea } from "../geometry";
import {
  improvePlan,
  makeFirstPlan,
  makePackTable,
  type PackPiece,
  type PackPlan,
  type PackTable,
  repairPlan,
} from ".";
import { makeClearanceField } from "./clearance-field";
import { makeShape } from "./shape";

function jigsawTable(seed: number, count: number) {
  const jigsaw = cutJigsaw(seed, count);
  const pieces = jigsaw.pieces.map((outline, index) => upAndDown(String(index), outline, jigsaw.width));
  return { ...jigsaw, table: makePackTable({ width: jigsaw.width, pieces }) };
}

/** Every outline where the plan puts it. */
function layOut(table: PackTable, plan: PackPlan): readonly (readonly Point[])[] {
  return plan.placements.map(({ stance, x, y }, piece) => {
    const shape = table.stances[(table.first[piece] ?? 0) + stance]?.shape;
    return (shape?.outline ?? []).map((corner) => at(corner.x + x, corner.y + y));
  });
}

/** Square inches that two outlines share, by a library that the search does not use. */
function shared(one: readonly Point[], other: readonly Point[]): number {
  const polygon = (points: readonly Point[]) => new Polygon(points.map(({ x, y }) => point(x, y)));
  // Cut line on cut line is no overlap.
  const [a, b] = [polygon(growOutline(one, -1e-4)), polygon(other)];
  if (!a.box.intersect(b.box)) return 0;
  return a.intersect(b).length === 0 ? (a.contains(b) || b.contains(a) ? 1 : 0) : 1;
}

function expectClear(table: PackTable, plan: PackPlan): void {
  const laid = layOut(table, plan);
  for (const [index, one] of laid.entries()) {
    for (const { x, y } of one) {
      expect(x).toBeGreaterThan(-1e-6);
      expect(x).toBeLessThan(table.task.width + 1e-6);
      expect(y).toBeLessThan(plan.length + 1e-6);
    }
    for (const other of laid.slice(index + 1)) expect(shared(one, other)).toBe(0);
  }
}

function improve(table: PackTable, start: PackPlan, seed: number, steps: number): PackPlan {
  const search = improvePlan(table, start, seed);
  let plan = start;
  for (let step = 0; step < steps; step++) plan = search.next().value;
  return plan;
}

const square = (side: number): readonly Point[] => [at(0, 0), at(side, 0), at(side, side), at(0, side)];

describe("the clearance of two shapes", () => {
  it("of squares of 4 and 2: laid corner on corner they are 2 deep, side by side 0, an inch apart −1", () => {
    const cell = 0.25;
    const field = makeClearanceField(makeShape(square(4), cell / 3), makeShape(square(2), cell / 3), cell);
    const depth = (x: number, y: number) =>
      field.depth[Math.round((y - field.top) / cell) * field.columns + Math.round((x - field.left) / cell)] ??
      Number.NaN;
    expect(depth(0, 0)).toBeCloseTo(2, 1);
    expect(depth(4, 1)).toBeCloseTo(0, 1);
    expect(depth(1, 1)).toBeCloseTo(3, 1);
    expect(depth(-2.25, 1)).toBeCloseTo(-0.25, 1);
  });
});

describe("a first plan", () => {
  it("lays two halves of a 10 by 6 rectangle, 5 wide each, side by side: 6 long", () => {
    const half = [at(0, 0), at(5, 0), at(5, 6), at(0, 6)];
    const table = makePackTable({ width: 10, pieces: [upAndDown("one", half, 10), upAndDown("other", half, 10)] });
    expect(makeFirstPlan(table).length).toBeCloseTo(6, 6);
  });
  it.each([1, 2, 3])("never overlaps nor leaves the cloth (jigsaw of 20, seed %i)", (seed) => {
    const { table } = jigsawTable(seed, 20);
    expectClear(table, makeFirstPlan(table));
  });
  it("keeps out of a spot and leaves a pinned piece where it is", () => {
    const spot: PackPiece = {
      id: "spot",
      stances: [{ outline: square(3), turned: false, left: [2, 2], repeat: null }],
      pinned: { stance: 0, x: 2, y: 1 },
    };
    const table = makePackTable({
      width: 8,
      pieces: [spot, upAndDown("one", square(4), 8), upAndDown("other", square(2), 8)],
    });
    const plan = makeFirstPlan(table);
    expect(plan.placements[0]).toEqual({ stance: 0, x: 2, y: 1 });
    expectClear(table, plan);
  });
});

describe("improving a plan", () => {
  it.each([1, 2])("makes it shorter and never lets outlines meet (jigsaw of 12, seed %i, 200 steps)", (seed) => {
    const { table, length } = jigsawTable(seed, 12);
    const first = makeFirstPlan(table);
    const better = improve(table, first, seed, 200);
    expect(better.length).toBeLessThan(first.length * 0.95);
    expect(better.length).toBeGreaterThanOrEqual(length - 1e-6);
    expectClear(table, better);
  });
  it("with the same seed finds the same plan again", () => {
    const { table } = jigsawTable(7, 12);
    const first = makeFirstPlan(table);
    expect(improve(table, first, 3, 60)).toEqual(improve(table, first, 3, 60));
  });
  it("puts pieces back in two triangles of a square: as short as the square, within a hundredth", () => {
    const triangle = [at(0, 0), at(6, 0), at(0, 6)];
    const table = makePackTable({
      width: 6.02,
      pieces: [upAndDown("one", triangle, 6.02), upAndDown("other", triangle, 6.02)],
    });
    const plan = improve(table, makeFirstPlan(table), 1, 200);
    expect(plan.length).toBeLessThan(6.12);
    expectClear(table, plan);
  });
  it("a piece that must meet a repeat of 5 stays on it, its top 2 below a repeat", () => {
    const pieces = jigsawTable(5, 12).table.task.pieces.map((piece) => ({
      ...piece,
      stances: piece.stances.map((stance) => ({ ...stance, repeat: { every: 5, at: 2 } })),
    }));
    const table = makePackTable({ width: 44, pieces });
    const plan = improve(table, makeFirstPlan(table), 1, 60);
    for (const { y } of plan.placements) expect(Math.abs(((y - 2) / 5) % 1)).toBeLessThan(1e-9);
    expectClear(table, plan);
  });
});

describe("a plan with a piece moved by hand", () => {
  it("is repaired round it: the pinned piece stays, nothing overlaps", () => {
    const { table, width } = jigsawTable(4, 12);
    const before = improve(table, makeFirstPlan(table), 1, 40);
    const moved = { ...(before.placements[0] as (typeof before.placements)[number]), x: 3, y: 5 };
    const pieces = table.task.pieces.map((piece, index) => (index === 0 ? { ...piece, pinned: moved } : piece));
    const pinned = makePackTable({ width, pieces });
    const placements = before.placements.map((place, index) => (index === 0 ? moved : place));
    const after = repairPlan(pinned, { placements, length: before.length * 1.5 }, 1, 200);
    expect(after?.placements[0]).toEqual(moved);
    if (after !== null) expectClear(pinned, after);
  });
});

describe("the jigsaws of the bench", () => {
  it.each([1, 2, 3])("cover their rectangle exactly (seed %i)", (seed) => {
    const { pieces, width, length } = cutJigsaw(seed, 25);
    expect(pieces).toHaveLength(25);
    expect(pieces.reduce((sum, piece) => sum + polygonArea(piece), 0)).toBeCloseTo(width * length, 1);
    expect(Math.min(...pieces.map((piece) => polygonArea(growOutline(piece, -0.05))))).toBeGreaterThan(1);
  });
});
