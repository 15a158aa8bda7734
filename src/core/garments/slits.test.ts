import { describe, expect, it } from "vitest";
import { skirt as bare, of, levelSkirt as skirt } from "./craft-skirt.test-data";
import { edgeOf, markOn, pieceOf, type Worked } from "./worked-client.test-data";

describe("a slit in the centre back", () => {
  const slit = (worked: Worked = {}) =>
    skirt("pencil-skirt", { ...worked, choices: { hemSlit: "slit", ...worked.choices } });
  const topOf = (sheet: ReturnType<typeof skirt>) => markOn(sheet, "skirt-back", "centre/slit-top")[1];
  it("by stride starts 19 down at a peg of 2, so that it is 6 long, and one can walk", () => {
    const sheet = slit({ rules: { hemPeg: 2 } });
    expect(topOf(sheet)).toBe(19);
    expect(of(sheet, "stride")).toEqual([]);
    const notch = pieceOf(sheet, "skirt-back").notches.find(({ id }) => id === "slit-top");
    expect(notch).toMatchObject({ edge: "centre", point: [0, 19] });
    expect(sheet.steps.find(({ id }) => id === "notch-slit-top-skirt-back")?.text).toMatch(
      /19 in down from the waist line.*Two pins/,
    );
  });
  it("by stride starts higher where the skirt is narrow higher up, and 4 below the hip line at the highest", () => {
    expect(topOf(slit({ rules: { hemPeg: 3 } }))).toBeLessThan(19);
    expect(topOf(slit({ rules: { hemPeg: 3, "stride.knee": 30, "stride.calf": 36 } }))).toBe(13);
  });
  it("where it was asked for must clear the zip by 2 and the hem by 2", () => {
    expect(topOf(slit({ choices: { hemSlitTop: "12 in" } }))).toBe(12);
    for (const [top, nearest] of [
      ["10 in", "11 in"],
      ["24 in", "23 in"],
    ])
      expect(() => slit({ choices: { hemSlitTop: top } })).toThrow(nearest);
    expect(topOf(slit({ choices: { hemSlitTop: "9 in", opening: "side-zip" } }))).toBe(9);
  });
  it("is turned in with 1 1/4: where the seam's own allowance is less, the whole centre back has it", () => {
    const allowance = (rules: object, choices: object = {}) =>
      edgeOf(slit({ rules, choices }), "skirt-back", "centre").allowance;
    expect(allowance({})).toBe(1.5);
    expect(allowance({ "allowance.zip": 1 })).toBe(1.25);
    expect(allowance({ "allowance.zip": 1, "allowance.slit": 2 })).toBe(2);
    expect(allowance({ "allowance.side": 1 }, { opening: "side-zip" })).toBe(1.25);
    expect(edgeOf(skirt("pencil-skirt", { rules: { "allowance.zip": 1 } }), "skirt-back", "centre").allowance).toBe(1);
  });
});

describe("a slit elsewhere", () => {
  const slit = (hemSlitAt: string, worked: Worked = {}) =>
    skirt("pencil-skirt", {
      ...worked,
      choices: { hemSlit: "slit", hemSlitAt, hemSlitTop: "16 in", ...worked.choices },
    });
  it("in front opens the fold: the centre line lies 1 inside it, sewn from the waist to 16", () => {
    const sheet = slit("centre-front");
    const front = pieceOf(sheet, "skirt-front");
    expect([front.cut.on, front.originInset]).toEqual(["pair", 1]);
    expect(edgeOf(sheet, "skirt-front", "centre")).toMatchObject({ onFold: false, allowance: 1 });
    expect(front.notches.find(({ id }) => id === "slit-top")).toMatchObject({ edge: "centre", point: [0, 16] });
    expect(sheet.steps.some(({ act, piece }) => act === "open-fold" && piece === "skirt-front")).toBe(true);
    // The back has its zip and nothing else, and the band meets a seam where it met a fold.
    expect(pieceOf(sheet, "skirt-back").marks.some(({ id }) => id === "centre/slit-top")).toBe(false);
    expect(pieceOf(sheet, "waistband").notches.map(({ id }) => id)).not.toContain("front-waist");
    expect(pieceOf(slit("centre-back"), "waistband").notches.map(({ id }) => id)).toContain("front-waist");
  });
  it("in the sides is notched on both, as far down, and has room to be turned in", () => {
    const sheet = slit("side", { rules: { "allowance.side": 1 } });
    for (const piece of ["skirt-front", "skirt-back"]) {
      const notch = pieceOf(sheet, piece).notches.find(({ id }) => id === "slit-top");
      expect(notch?.edge).toBe("side");
      expect(notch?.point[1]).toBeCloseTo(16, 2);
      expect(edgeOf(sheet, piece, "side").allowance).toBe(1.25);
    }
    expect(pieceOf(sheet, "skirt-front").cut.on).toBe("fold");
    expect(edgeOf(slit("side"), "skirt-front", "side").allowance).toBe(1.5);
  });
  it("lets one step as well as one behind does", () => {
    const narrow = { rules: { hemPeg: 2 }, choices: { hemSlitTop: "by-stride" } };
    for (const at of ["centre-back", "centre-front", "side"]) expect(of(slit(at, narrow), "stride"), at).toEqual([]);
    expect(of(skirt("pencil-skirt", { rules: { hemPeg: 2 } }), "stride")).toHaveLength(1);
  });
  it("clears the zip only where it shares its seam", () => {
    const high = { choices: { hemSlitTop: "9.5 in", opening: "side-zip" } };
    expect(() => slit("side", high)).toThrow("11 in");
    expect(slit("centre-front", high).pieces.length).toBeGreaterThan(2);
  });
  it("a vent lies at the centre back, wherever a slit was asked for before", () => {
    const sheet = skirt("pencil-skirt", { choices: { hemSlit: "vent", hemSlitAt: "side", hemSlitTop: "17 in" } });
    expect(markOn(sheet, "skirt-back", "centre/vent-top")[1]).toBe(17);
    expect(pieceOf(sheet, "skirt-front").notches.some(({ id }) => id === "slit-top")).toBe(false);
  });
});

describe("a vent in the centre back", () => {
  const vent = (worked: Worked = {}) =>
    skirt("pencil-skirt", { ...worked, choices: { hemSlit: "vent", hemSlitTop: "17 in", ...worked.choices } });
  it("slants out to 2 beyond the centre from its top, and runs plumb to the hem, with the seam all round", () => {
    const sheet = vent();
    const centre = edgeOf(sheet, "skirt-back", "centre");
    expect(centre.path).toBe("M -2 25 L -2 19 L 0 17 L 0 0");
    expect(centre.allowance).toBe(1.5);
    expect(edgeOf(sheet, "skirt-back", "hem").end).toEqual([-2, 25]);
    expect(edgeOf(sheet, "skirt-front", "hem").end).toEqual([0, 25]);
    // Cut 1½ beyond the vent's outer edge: the centre line lies 3½ in from the fold.
    expect(pieceOf(sheet, "skirt-back").originInset).toBe(3.5);
    expect(pieceOf(sheet, "skirt-back").box.left).toBeCloseTo(-3.5, 6);
  });
  it("has both its corners read from the cloth's own edge, 1½ in, and stops the stitching at its top", () => {
    const { marks, notches } = pieceOf(vent(), "skirt-back");
    expect(marks.filter(({ id }) => id.startsWith("vent/")).map(({ reading }) => reading)).toEqual([1.5, 1.5]);
    expect(notches.find(({ id }) => id === "vent-top")?.point).toEqual([expect.closeTo(0, 9), 17]);
  });
  it("takes nothing from waist or hip, and gives a step room", () => {
    const [plain, open] = [skirt("pencil-skirt"), vent({ rules: { hemPeg: 3 } })];
    expect(open.girths.map(({ drawn }) => drawn)).toEqual(plain.girths.map(({ drawn }) => drawn));
    expect(of(vent({ rules: { hemPeg: 2 } }), "stride")).toEqual([]);
  });
});

describe("a short slit in front that is faced", () => {
  const faced = (hemSlitTop: string, slitFinish = "faced") =>
    skirt("pencil-skirt", {
      choices: { hemSlit: "slit", hemSlitAt: "centre-front", slitFinish, hemSlitTop },
    });
  it("leaves the fold whole, with a facing twice as long as the slit and a half, four wide", () => {
    const sheet = faced("19 in");
    expect(pieceOf(sheet, "skirt-front").cut.on).toBe("fold");
    expect(pieceOf(sheet, "facing-slit").strip).toMatchObject({ length: 12.5, depth: 4 });
    expect(markOn(sheet, "skirt-front", "centre/slit-top")[1]).toBe(19);
    expect(faced("19 in", "seam").pieces.some(({ id }) => id === "facing-slit")).toBe(false);
  });
  it("is no longer than 8, and a seam is offered instead", () => {
    expect(pieceOf(faced("17 in"), "facing-slit").strip?.length).toBe(16.5);
    expect(() => faced("16 in")).toThrow(/slit-not-for-facing.*"value":"seam"/);
  });
});

describe("a skirt under a body that is said from the shoulder", () => {
  const dress = (skirtReadFrom: string) =>
    bare("basic-bodice", { choices: { skirt: "pencil", skirtReadFrom }, card: { skirtLength: 25 } });
  it("says its hip as shoulder to hip less half length, and lies where it lay", () => {
    const [waist, shoulder] = [dress("waist"), dress("shoulder")];
    const terms = (sheet: ReturnType<typeof skirt>, id: string) =>
      sheet.steps.find((step) => step.id === id)?.terms.map(({ value }) => value);
    expect(terms(waist, "skirt-back-hip-line")).toEqual([9]);
    expect(terms(shoulder, "skirt-back-hip-line")).toEqual([26, -17]);
    expect(terms(shoulder, "skirt-back-centre-hem")?.slice(0, 2)).toEqual([42, -17]);
    expect(pieceOf(shoulder, "skirt-back").outline).toEqual(pieceOf(waist, "skirt-back").outline);
  });
});
