import { describe, expect, it } from "vitest";
import { workedSheet } from "../garments/worked-client.test-data";
import { compareSheets } from ".";

const straight = (more: Parameters<typeof workedSheet>[1] = {}) => workedSheet("straight-dress", more);
const move = (comparison: ReturnType<typeof compareSheets>, mark: string) => {
  const found = comparison.marks.find((change) => change.piece === "bodice-front" && change.mark === mark);
  return found === undefined ? undefined : (found.after ?? 0) - (found.before ?? 0);
};

describe("two sheets of one garment beside each other", () => {
  it("a sheet beside itself moves nothing", () => {
    const same = compareSheets(straight(), straight());
    expect(same.marks).toEqual([]);
    expect(same.girths).toEqual([]);
    expect(same.unmoved).toBeGreaterThan(30);
  });
  it("4 more of ease at the bust puts the bust side 1 further out, and the girth grows by 4", () => {
    const wider = compareSheets(straight(), straight({ rules: { ease: { bust: 6 } } }));
    expect(move(wider, "chest/side")).toBe(1);
    expect(wider.girths.find(({ line }) => line === "bust")).toMatchObject({ before: 42, after: 46 });
    expect(move(wider, "waist/side")).toBeUndefined();
  });
  it("a wider side seam moves the cutting line alone", () => {
    const seam = compareSheets(straight(), straight({ rules: { allowance: { side: 2 } } }));
    const waist = seam.marks.find(({ mark, piece }) => mark === "waist/side" && piece === "bodice-front");
    expect(waist).toMatchObject({ cut: { before: (waist?.before ?? 0) + 1.5, after: (waist?.after ?? 0) + 2 } });
    expect(waist?.before).toBe(waist?.after);
  });
  it("a waist ½ lower on a new card moves the waist line and says so as a line", () => {
    const lower = compareSheets(straight(), straight({ card: { frontWaist: 17.5 } }));
    expect(lower.marks.find(({ mark }) => mark === "waist")).toMatchObject({ kind: "line", before: 17, after: 17.5 });
  });
  it("names the pieces that panels bring", () => {
    const panels = compareSheets(
      workedSheet("a-line-dress", { choices: { panel: "none", bustDart: "sewn" } }),
      workedSheet("a-line-dress"),
    );
    expect(panels.added).toEqual(["centre-front", "side-front"]);
    expect(panels.gone).toEqual(["bodice-front"]);
  });
});
