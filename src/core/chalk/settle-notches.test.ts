import { expect, it } from "vitest";
import { makeCrowd } from "../body";
import { makeSheet } from "../formats";
import { edgeOf, pieceOf, workedSheet } from "../garments/worked-client.test-data";

/** A notch's length along its edge from the end that is sewn first. */
function fromTop(sheet: ReturnType<typeof workedSheet>, piece: string, edge: string, id: string): number {
  const { at } = pieceOf(sheet, piece).notches.find((notch) => notch.id === id && notch.edge === edge) ?? { at: -1 };
  const { start, end, length } = edgeOf(sheet, piece, edge);
  return start[1] > end[1] + 1 ? length - at : at;
}

it("5.308 and 5.323 are both set at 5¼: the first on its tick, the partner moved by the same", () => {
  const sheet = workedSheet("armhole-bustier");
  const [inner, outer] = ["centre-front", "side-front"].map((piece) => fromTop(sheet, piece, "panel", "bust"));
  expect(inner).toBe(5.25);
  expect((outer ?? 0) - (inner ?? 0)).toBeCloseTo(5.3231 - 5.3082, 3);
});

it("on made-up bodies every first notch of a panel or side lies on an eighth, and its partner meets it within 1/16 (seed 19)", () => {
  for (const body of makeCrowd(19, 25)) {
    const outcome = makeSheet({ garment: "armhole-bustier", client: { card: { measurements: body } } });
    if (outcome.kind !== "sheet") continue;
    for (const side of ["front", "back"]) {
      const [inner, outer] = ["centre", "side"].map((part) =>
        fromTop(outcome.sheet, `${part}-${side}`, "panel", "bust"),
      ) as [number, number];
      expect((inner * 8) % 1, side).toBeCloseTo(0, 9);
      expect(Math.abs(outer - inner)).toBeLessThanOrEqual(1 / 16);
    }
  }
});

it("a side that is shorter by less than a sixteenth is not carried on: no foot, no step, and the seam still meets", () => {
  const sheet = workedSheet("armhole-bustier");
  expect(pieceOf(sheet, "side-front").marks.some(({ id }) => id === "side/foot")).toBe(false);
  expect(sheet.steps.some(({ act }) => act === "lengthen")).toBe(false);
  expect(sheet.seams.find(({ id }) => id === "side")).toMatchObject({ meets: true });
  // A straight dress's is 9/32 short: that is chalked.
  expect(workedSheet("straight-dress").steps.some(({ act }) => act === "lengthen")).toBe(true);
});
