import { describe, expect, it } from "vitest";
import { workedSheet } from "../garments/worked-client.test-data";
import { changeAfterCut } from "./change-after-cut";

const cut = workedSheet("straight-dress");
const NONE: ReadonlySet<string> = new Set();
const changed = (card: object, free = NONE, rules: object = {}) =>
  changeAfterCut(cut, workedSheet("straight-dress", { card, rules }), free);
const edgeOf = (changes: ReturnType<typeof changed>, piece: string, edge: string) =>
  changes.find((one) => one.piece === piece)?.edges.find((one) => one.edge === edge);

describe("a reading that is corrected after the first cut", () => {
  it("changes nothing where nothing changed", () => {
    expect(changed({})).toEqual([]);
  });
  it("a waist 2 wider moves the sides out by ½ at most: 1½ of allowance take it", () => {
    const changes = changed({ waist: 34 });
    for (const piece of ["bodice-front", "bodice-back"]) {
      const side = edgeOf(changes, piece, "side");
      expect(side?.move).toBeGreaterThan(0.3);
      expect(side?.move).toBeLessThanOrEqual(0.5 + 1e-6);
      expect(side).toMatchObject({ allowance: 1.5, absorbed: true });
    }
    expect(changes.some(({ again }) => again)).toBe(false);
  });
  it("a hip 6 wider moves them out by 1½: there is no seam left, and the pieces are named to be cut again", () => {
    const changes = changed({ hip: 48 });
    expect(edgeOf(changes, "bodice-front", "side")).toMatchObject({ absorbed: false });
    // The hem is longer, and lies where it lay.
    expect(edgeOf(changes, "bodice-front", "hem")).toBeUndefined();
    expect(changes.filter(({ again }) => again).map(({ piece }) => piece)).toEqual(["bodice-front", "bodice-back"]);
  });
  it("a hem that lies far above where it was has moved, however near the sides are to it", () => {
    const changes = changed({ fullLength: 28 });
    expect(edgeOf(changes, "bodice-front", "hem")).toMatchObject({ absorbed: false });
    expect(edgeOf(changes, "bodice-front", "hem")?.move).toBeLessThan(-8);
  });
  it("smaller, the edge moves in, and is sewn further in by up to an inch", () => {
    const slim = edgeOf(changed({ waist: 29 }), "bodice-front", "side");
    expect(slim?.move).toBeLessThan(-0.4);
    expect(slim?.absorbed).toBe(true);
  });
  it("longer, it is the hem that moves and not the side that runs down to it", () => {
    const changes = changed({ fullLength: 42.5 });
    expect(edgeOf(changes, "bodice-front", "hem")?.move).toBeCloseTo(0.5, 6);
    expect(edgeOf(changes, "bodice-front", "side")).toBeUndefined();
    expect(edgeOf(changes, "bodice-front", "hem")?.absorbed).toBe(true);
    // An inch of hem holds half an inch, and ⅜ to turn; it does not hold an inch.
    expect(edgeOf(changed({ fullLength: 43 }), "bodice-front", "hem")?.absorbed).toBe(false);
  });
  it("a piece that is not cut yet is free: it is drawn anew, and named by nothing", () => {
    const changes = changed({ hip: 48 }, new Set(["bodice-back"]));
    const back = changes.find(({ piece }) => piece === "bodice-back");
    expect(back).toMatchObject({ free: true, again: false });
    expect(changes.find(({ piece }) => piece === "bodice-front")?.again).toBe(true);
  });
});
