import { describe, expect, it } from "vitest";
import { type Worked, workedSheet } from "../garments/worked-client.test-data";
import { drawFlat, type FlatHandle, flatHandle, hemRound } from ".";

const CARD = { waistToKnee: 22 };
const sheetOf = (garment: string, worked: Worked = {}) =>
  workedSheet(garment, { ...worked, card: { ...CARD, ...worked.card } });
const handleOf = (garment: string, worked: Worked = {}): FlatHandle => {
  const handle = flatHandle(sheetOf(garment, worked));
  if (handle === null) throw new Error(`nothing to drag on a ${garment}`);
  return handle;
};
/** The same order with a handle's value changed. */
const dragged = (garment: string, handle: FlatHandle, value: number, worked: Worked = {}) => {
  const written = handle.ratio ? value : `${value} in`;
  const own = handle.of === "choice" ? worked.choices : worked.rules;
  return sheetOf(garment, { ...worked, [`${handle.of}s`]: { ...own, [handle.id]: written } });
};
const hemWidth = (sheet: ReturnType<typeof sheetOf>) => {
  const front = drawFlat(sheet).find(({ half }) => half === "front");
  const points = front?.pieces.flatMap(({ edges }) =>
    edges.filter(({ role }) => role === "hem").flatMap((edge) => edge.points),
  );
  return Math.max(...(points ?? []).map(({ x }) => x));
};

describe("the hem of a flat dragged in and out", () => {
  it.each([
    ["pencil-skirt", "rule hemPeg"],
    ["a-line-skirt", "rule hemFlare"],
    ["a-line-dress", "rule hemFlare"],
    ["sheath-dress", "rule hemPeg"],
    ["mermaid-skirt", "choice mermaidOut"],
    ["circle-skirt", "choice circleShare"],
    ["gathered-skirt", "choice gatherRatio"],
    ["tiered-skirt", "choice tierAdd"],
    ["basque-gown", "choice ruffleRatio"],
    ["shirt-dress", "choice gatherRatio"],
    ["flared-blouse", "choice panelFlare"],
  ])("of a %s is %s", (garment, set) => {
    const { of, id } = handleOf(garment, { card: { fullLength: 48 } });
    expect(`${of} ${id}`).toBe(set);
  });
  it.each(["pencil-skirt", "a-line-skirt", "mermaid-skirt", "circle-skirt", "gathered-skirt", "tiered-skirt"])(
    "an inch outwards on a %s makes the picture wider by about an inch, and its hem rounder",
    (garment) => {
      const worked = { card: { fullLength: 52 } };
      const handle = handleOf(garment, worked);
      const before = sheetOf(garment, worked);
      const after = dragged(garment, handle, handle.value + handle.perInch, worked);
      const wider = hemWidth(after) - hemWidth(before);
      expect(wider).toBeGreaterThan(0.45);
      expect(wider).toBeLessThan(1.3);
      expect(hemRound(after)).toBeGreaterThan(hemRound(before));
    },
  );
  it("says what the hem is round: a half circle's, and the last of the tiers'", () => {
    // A waist of 32 1/2: r = 32.5 ÷ π = 10.35, and 25 below it; the half of that circle is 111.
    expect(handleOf("circle-skirt", { choices: { circleShare: 0.5 } }).hem).toBeCloseTo(
      Math.PI * (32.5 / Math.PI + 25),
      0,
    );
    const sheet = sheetOf("tiered-skirt");
    expect(hemRound(sheet)).toBe(sheet.pieces.find(({ id }) => id === "tier-3")?.strip?.sewn);
  });
  it("under a bodice moves the skirt that hangs there, and nothing where none does", () => {
    const worked = (skirt: string) => ({ choices: { skirt, opening: "back-zip" }, card: { skirtLength: 25 } });
    expect(handleOf("basic-bodice", worked("a-line")).id).toBe("hemFlare");
    expect(handleOf("basic-bodice", worked("pencil")).id).toBe("hemPeg");
    expect(handleOf("basic-bodice", worked("circle")).id).toBe("circleShare");
    expect(handleOf("basic-bodice", worked("gathered")).id).toBe("gatherRatio");
    expect(flatHandle(sheetOf("basic-bodice"))).toBeNull();
    expect(flatHandle(sheetOf("straight-dress"))).toBeNull();
  });
  it("keeps to its range", () => {
    for (const garment of ["pencil-skirt", "circle-skirt", "gathered-skirt"]) {
      const { range, value } = handleOf(garment);
      expect(value).toBeGreaterThanOrEqual(range[0]);
      expect(value).toBeLessThanOrEqual(range[1]);
    }
  });
});
