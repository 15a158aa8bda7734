import { describe, expect, it } from "vitest";
import { levelSkirt, of, seamOf, skirt } from "./craft-skirt.test-data";
import { edgeOf, markOn, pieceOf, type Worked, workedSheet } from "./worked-client.test-data";

describe("a skirt that is buttoned down its front", () => {
  const buttoned = (worked: Worked = {}) =>
    levelSkirt("pencil-skirt", { ...worked, choices: { opening: "front-band", ...worked.choices } });
  const sheet = buttoned();
  const front = pieceOf(sheet, "skirt-front");

  it("has its centre 4 inside the cloth's edge: a facing of 3 cut on, and 1 to lap", () => {
    expect([front.cut.on, front.originInset]).toEqual(["pair", 4]);
    const centre = edgeOf(sheet, "skirt-front", "centre");
    expect(centre).toMatchObject({ onFold: false, allowance: 3 });
    expect(front.box.left).toBeCloseTo(-4, 6);
  });
  it("keeps its waist and hip, and the back lies on its fold", () => {
    // Craft body: a quarter of 34 3/4 is 8 11/16, its dart of 1 given back; the hip's 10 7/8.
    expect(markOn(sheet, "skirt-front", "waist/side")[0]).toBeCloseTo(9 + 11 / 16, 6);
    expect(markOn(sheet, "skirt-front", "hip/side")[0]).toBeCloseTo(10.875, 6);
    expect(pieceOf(sheet, "skirt-back").cut.on).toBe("fold");
    expect(sheet.checks.filter(({ level }) => level === "error")).toEqual([]);
  });
  it("cuts its facing as it will lie once it is folded under: along waist and hem, 4 out from the centre", () => {
    expect(front.outline.cut).toMatch(/-4[ ,]-0?\.5\b/);
    expect(front.outline.cut).toMatch(/-4[ ,]26\b/);
  });
  it("has a button every 3 from the one in its band, the lowest at least 5 above the hem", () => {
    const downs = front.marks.flatMap(({ id, stitch }) => (id.startsWith("centre/button-") ? [stitch ?? 0] : []));
    expect(downs).toEqual([2.375, 5.375, 8.375, 11.375, 14.375, 17.375]);
    expect(25 - (downs.at(-1) ?? 0)).toBeGreaterThanOrEqual(5);
  });
  it("has a band longer by 1 at both ends, and none to lie under", () => {
    const band = pieceOf(sheet, "waistband");
    expect(band.box.bottom - band.box.top).toBeCloseTo(34.75 + 2 + 2 * 0.5, 6);
    expect(seamOf(sheet, "waistband").meets).toBe(true);
    expect(band.notches.map(({ id }) => id)).toEqual(["left-side", "back-waist", "right-side"]);
  });
  it("takes its width from the tailor's own tape in centimetres: 2.5 to lap, 7.5 cut on", () => {
    const metric = workedSheet("pencil-skirt", {
      choices: { opening: "front-band" },
      rules: { set: "metric" },
    });
    expect(pieceOf(metric, "skirt-front").originInset).toBeCloseTo(10 / 2.54, 2);
  });
  it("with a facing instead of a band is faced to its folded edge", () => {
    const faced = buttoned({ choices: { waistFinish: "facing" } });
    expect(seamOf(faced, "waist-facing-front").meets).toBe(true);
    expect(pieceOf(faced, "facing-waist-front").cut.on).toBe("pair");
  });
  it("takes a slit at the back and in its sides, and in front says why not", () => {
    expect(of(buttoned({ choices: { hemSlit: "vent" } }), "stride")).toEqual([]);
    expect(() => buttoned({ choices: { hemSlit: "slit", hemSlitAt: "centre-front" } })).toThrow(/slit-in-open-front/);
  });
});

describe("hanging skirts that are buttoned", () => {
  it("a circle is cut in halves, its edges as far beyond the centre front as they lap", () => {
    const sheet = skirt("circle-skirt", { choices: { opening: "front-band", circlePieces: "1" } });
    const ring = pieceOf(sheet, "skirt-ring");
    expect([ring.cut.copies, ring.cut.on]).toEqual([2, "across"]);
    expect(seamOf(sheet, "waistband").meets).toBe(true);
    // Radius of a whole circle for 34 3/4 and 1 on each side.
    expect(ring.edges.find(({ id }) => id === "inner")?.arc?.radius).toBeCloseTo(36.75 / (2 * Math.PI), 1);
    expect(of(sheet, "front-buttons")[0]?.text).toMatch(
      /^Down the centre front 6 buttonholes, .* the first 2⅜ in below the waist, then one every 3 in/,
    );
  });
  it("tiers are all open in front, no join within 4 of the centre but the opening's", () => {
    const sheet = skirt("tiered-skirt", { choices: { opening: "front-band" }, cloth: { width: 45 } });
    for (const id of ["waist-join", "tier-2", "tier-3"]) expect(seamOf(sheet, id).meets).toBe(true);
    const ends = sheet.pieces.filter(({ id }) => /^tier-\d-end$/.test(id));
    expect(ends.length).toBe(3);
    expect(sheet.pieces.flatMap(({ notches }) => notches).map(({ id }) => id)).not.toContain("zip-end");
  });
});

describe("a skirt under a body that opens in front", () => {
  const dress = (worked: Worked = {}) =>
    workedSheet("basic-bodice", {
      ...worked,
      choices: { opening: "front-band", skirt: "pencil", ...worked.choices },
    });
  it("goes on with the body's band: as far beyond the centre, turned in as often", () => {
    for (const bandTurn of ["once", "twice"]) {
      const sheet = dress({ rules: { bandTurn } });
      const [body, below] = [pieceOf(sheet, "bodice-front"), pieceOf(sheet, "skirt-front")];
      expect(below.originInset).toBeCloseTo(body.originInset, 6);
      expect(below.box.left).toBeCloseTo(body.box.left, 6);
      for (const side of ["front", "back"]) expect(seamOf(sheet, `waist-join-${side}`).meets).toBe(true);
    }
  });
  it("closes its dart where the body's closes, measured from the centre and not from the edge that laps", () => {
    const along = (opening: string) => markOn(dress({ choices: { opening } }), "skirt-front", "dart/tip")[0];
    expect(along("front-band")).toBeCloseTo(along("none"), 1);
  });
  it("is buttoned on, nowhere further apart than the body's pitch and a seam's room", () => {
    const sheet = dress();
    const of = (piece: string) =>
      pieceOf(sheet, piece).marks.flatMap(({ id, stitch }) => (id.startsWith("centre/button-") ? [stitch ?? 0] : []));
    const waist = pieceOf(sheet, "bodice-front").lines.find(({ id }) => id === "waist")?.down ?? 0;
    const downs = [...of("bodice-front"), ...of("skirt-front").map((down) => waist + down)];
    const gaps = downs.slice(1).map((down, index) => down - (downs[index] ?? 0));
    expect(downs.every((down) => Math.abs(down - waist) >= 1)).toBe(true);
    expect(Math.max(...gaps)).toBeLessThanOrEqual(4.5);
    // Alone the body keeps clear of its raw edge as of a hem.
    const alone = dress({ choices: { skirt: "none" } });
    expect(pieceOf(alone, "bodice-front").marks.length).toBeLessThanOrEqual(
      pieceOf(sheet, "bodice-front").marks.length,
    );
  });
  it("under an overlap has a facing of its own cut on, 3 wide", () => {
    for (const skirtKind of ["pencil", "a-line", "mermaid", "circle", "gathered", "tiered", "peplum"]) {
      const sheet = workedSheet("lapel-dress", { choices: { skirt: skirtKind } });
      expect(sheet.checks.filter(({ level }) => level === "error")).toEqual([]);
      if (skirtKind === "pencil") expect(edgeOf(sheet, "skirt-front", "centre").allowance).toBe(3);
    }
    expect(() => workedSheet("lapel-dress", { choices: { skirt: "ruched" } })).toThrow(/skirt-opens-not/);
  });
});
