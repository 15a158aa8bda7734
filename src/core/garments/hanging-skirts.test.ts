import { describe, expect, it } from "vitest";
import { drawFlat } from "../formats";
import { of, type Sheet, seamOf, skirt } from "./craft-skirt.test-data";
import { edgeOf, pieceOf, type Worked, workedSheet } from "./worked-client.test-data";

describe("a half circle", () => {
  const sheet = skirt("circle-skirt", { choices: { circleShare: 0.5 } });
  const ring = pieceOf(sheet, "skirt-ring");
  const arc = (id: string) => ring.edges.find((edge) => edge.id === id)?.arc;
  it("for 34 3/4 has radii of 11 1/16 and 36 1/16, cut 10 9/16 and 36 13/16", () => {
    expect(arc("inner")).toMatchObject({ centre: [0, 0], radius: 11.0625, cutRadius: 10.5625 });
    expect(arc("outer")).toMatchObject({ radius: 36.0625, cutRadius: 36.8125 });
  });
  it("has a hem of 113 19/64, on cloth 38 5/16 wide, 73 5/8 long", () => {
    expect(2 * edgeOf(sheet, "skirt-ring", "outer").length).toBeCloseTo(113 + 19 / 64, 1);
    const { left, top, right, bottom } = ring.box;
    expect(bottom - top).toBeCloseTo(38 + 5 / 16, 4);
    expect(2 * (right - left)).toBeCloseTo(73.625, 4);
  });
  it("lies once across the cloth, is swung twice from the fold, and its hole is cut last and short", () => {
    expect(sheet.groups[0]).toMatchObject({ fold: "across", layers: 2 });
    const swings = (sheet.placements ?? []).filter(({ kind }) => kind === "swing");
    expect(swings.map(({ readings }) => readings.map(({ at }) => at))).toEqual([
      [10.5625, 11.0625],
      [36.0625, 36.8125],
    ]);
    const cuts = sheet.steps.filter(({ phase, piece }) => phase === "cut" && piece === "skirt-ring");
    expect(cuts.map(({ edge }) => edge)).toEqual(["outer", "closing", "inner"]);
    expect(cuts.at(-1)?.text).toMatch(/⅛ in inside its cutting line/);
  });
  it("has its ring walked before the cut, and meets its band", () => {
    const check = sheet.steps.find(({ id }) => id === "check-skirt-ring");
    expect(check?.lengths?.find(({ edge }) => edge === "inner")?.expected).toBeCloseTo(34.75 / 2, 2);
    expect(seamOf(sheet, "waistband").meets).toBe(true);
  });
});

describe("shares of a circle", () => {
  const ring = (circleShare: number, worked: Worked = {}) =>
    skirt("circle-skirt", { ...worked, choices: { circleShare, ...worked.choices } });
  const rings = (sheet: Sheet) => sheet.pieces.filter(({ id }) => id.startsWith("skirt-ring"));
  const told = (sheet: Sheet) => rings(sheet).map(({ id, cut }) => [id, cut.on, cut.copies]);
  it("a whole lies in four on cloth twice its radius wide, in two halves on less", () => {
    expect(told(ring(1, { cloth: { width: 45 } }))).toEqual([["skirt-ring", "across", 2]]);
    expect(told(ring(1, { cloth: { width: 80 } }))).toEqual([["skirt-ring", "quarter", 1]]);
  });
  it("a whole that is opened on a radius is larger by both allowances of that seam: (34 3/4 + 3) ÷ 2π", () => {
    const whole = ring(1, { cloth: { width: 80 } });
    expect(rings(whole)[0]?.edges[0]?.arc?.radius).toBeCloseTo(37.75 / (2 * Math.PI), 1);
    expect(seamOf(whole, "waistband").meets).toBe(true);
    expect(whole.steps.some(({ act }) => act === "cut-radius")).toBe(true);
  });
  it("three quarters are a half and a quarter, the quarter single in a corner", () => {
    const sheet = ring(0.75);
    expect(told(sheet)).toEqual([
      ["skirt-ring", "across", 1],
      ["skirt-ring-quarter", "single", 1],
    ]);
    expect(seamOf(sheet, "waistband").meets).toBe(true);
  });
  it.each([0.2, 0.25, 0.4, 0.5, 0.6, 0.75, 1, 1.5, 2])(
    "%d of a circle goes round its band to 1/32 of radius",
    (share) => {
      const sheet = ring(share, { cloth: { width: 120 } });
      const { lengthA, lengthB, meets } = seamOf(sheet, "waistband");
      expect(meets).toBe(true);
      const open = rings(sheet)[0]?.cut.on === "quarter" ? 3 * share : 0;
      expect(Math.abs(lengthB - open - lengthA)).toBeLessThan((Math.PI * share) / 32 + 1 / 64);
    },
  );
  it("says when it reaches beyond the cloth, and when it is tight at the hip", () => {
    expect(of(ring(0.25, { cloth: { width: 45 } }), "ring-pieced")[0]?.level).toBe("caution");
    expect(of(ring(0.5), "ring-pieced")).toEqual([]);
    // 2π × 0.25 × (22 1/8 + 9) = 48.9: wide enough; of a waist of 41 on a hip of 56 it is not.
    expect(of(ring(0.25), "ring-tight")).toEqual([]);
    expect(of(ring(0.2, { card: { waist: 41, hip: 56 } }), "ring-tight")[0]?.level).toBe("caution");
  });
  it("with elastic is pulled on: the ring goes round the hip and an inch", () => {
    const sheet = ring(1, { choices: { waistFinish: "elastic" } });
    expect(seamOf(sheet, "waistband").lengthA).toBeCloseTo(44, 1);
    expect(pieceOf(sheet, "waistband").notches.map(({ id }) => id)).not.toContain("overlap");
  });
});

describe("tiers on 34 3/4 (tick ⅛)", () => {
  const tiers = (choices: object = {}, worked: Worked = {}) =>
    skirt("tiered-skirt", {
      ...worked,
      choices: { tierAdd: 18, ...choices },
      rules: { tick: "1/8", ...worked.rules },
      cloth: { width: 45, ...worked.cloth },
    });
  const strips = (sheet: Sheet) =>
    sheet.pieces
      .filter(({ id }) => id.startsWith("tier"))
      .map(({ id, cut, strip }) => [id, cut.copies, strip?.length, strip?.depth]);
  it("are 9 3/8, 9 3/8 and 10 1/4 deep to cut, on 61, 79 and 97 with 3, 2 and 3 strips", () => {
    // The two ends at the zip have 1 1/2 for their 1/2: an inch more each.
    expect(strips(tiers())).toEqual([
      ["tier-1", 1, 21.375, 9.375],
      ["tier-1-end", 2, 22.375, 9.375],
      ["tier-2", 2, 40.5, 9.375],
      ["tier-3", 3, 33.375, 10.25],
    ]);
  });
  it("are gathered 1.74, 1.30 and 1.23 times into what is above; a band of 35 on this tape", () => {
    const sheet = tiers();
    const ratio = (id: string) => seamOf(sheet, id).ratio ?? 0;
    expect(ratio("waist-join")).toBeCloseTo(61 / 35, 1);
    expect(ratio("tier-2")).toBeCloseTo(1.3, 1);
    expect(ratio("tier-3")).toBeCloseTo(1.23, 1);
    expect(of(sheet, "join-ratio")).toHaveLength(3);
  });
  it("by ratio are 52 1/8, 78 3/16 and 117 9/32 round", () => {
    const sheet = tiers({ tierWidths: "ratio" }, { rules: { tick: "none" } });
    const round = (id: string) => seamOf(sheet, id).lengthA;
    expect(round("waist-join")).toBeCloseTo(52.125, 2);
    expect(round("tier-2")).toBeCloseTo(78.1875, 2);
    expect(round("tier-3")).toBeCloseTo(117 + 9 / 32, 2);
  });
  it("growing by half share 25 as 1 : 1.5 : 2.25", () => {
    const sheet = tiers({ tierDepths: "growing", tierGrowth: 1.5 }, { rules: { tick: "none" } });
    const depths = ["tier-1", "tier-2", "tier-3"].map((id) => pieceOf(sheet, id).strip?.hangs ?? 0);
    expect(depths[0]).toBeCloseTo(25 / 4.75, 6);
    expect((depths[2] ?? 0) / (depths[1] ?? 1)).toBeCloseTo(1.5, 6);
  });
  it("have no join within 4 of the centre front, which lies half way round", () => {
    for (const width of [36, 45, 54, 60])
      for (const piece of tiers({}, { cloth: { width } }).pieces) {
        const { sewn = 0, joins = [] } = piece.strip ?? {};
        for (const join of joins) expect(Math.abs(join - sewn / 2)).toBeGreaterThanOrEqual(4);
      }
  });
  it("lose the selvedges where the house cuts them off: 79 on 41 takes 3, not 2", () => {
    const count = (rules: object) => pieceOf(tiers({}, { cloth: { width: 41 }, rules }), "tier-2").cut.copies;
    expect(count({})).toBe(2);
    expect(count({ stripSelvedge: "cut-off" })).toBe(3);
  });
  it("leave the first open to an inch above its edge, where both its ends are notched", () => {
    const [notch] = pieceOf(tiers(), "tier-1-end").notches;
    // 8 3/8 deep: open 7 3/8, below a seam of 1/2.
    expect(notch?.point).toEqual([0, 7.875]);
  });
});

describe("a gathered skirt", () => {
  it("is so many times its waist, and says how full", () => {
    const sheet = skirt("gathered-skirt", { choices: { gatherRatio: 3 } });
    expect(seamOf(sheet, "waist-join").ratio).toBeCloseTo(3, 2);
    expect(of(sheet, "join-ratio")[0]?.text).toMatch(/^Waist join: 104¼ in is gathered into 34¾ in, 3\.00 times/);
  });
  it("with elastic goes over the hip, however slight, and its casing is cut on", () => {
    const sheet = skirt("gathered-skirt", { choices: { gatherRatio: 1, waistFinish: "elastic" } });
    const { strip } = pieceOf(sheet, "skirt-gathered");
    expect(strip?.sewn).toBeCloseTo(44, 6);
    expect((strip?.depth ?? 0) - (strip?.hangs ?? 0)).toBeCloseTo(1.75 + 0.75, 6);
  });
  it("too slight for the hip is a caution", () =>
    expect(of(skirt("gathered-skirt", { choices: { gatherRatio: 1.2 } }), "ring-tight")[0]?.level).toBe("caution"));
  it("along 45 of cloth takes its rows, not a strip: 2 strips of 26 deep take 52", () => {
    const sheet = skirt("gathered-skirt", { cloth: { width: 45 } });
    const { cut, strip } = pieceOf(sheet, "skirt-gathered-end");
    expect(cut.copies).toBe(2);
    expect(sheet.cloth.used).toBeGreaterThan(2 * (strip?.depth ?? 0));
  });
});

describe("below a body", () => {
  it("a basque's ruffle is 3 1/2 times its dipping edge, split or not, and 14 deep", () => {
    for (const bodySplit of [false, true]) {
      const sheet = workedSheet("basque-gown", { choices: { bodySplit } });
      expect(seamOf(sheet, "ruffle").ratio).toBeCloseTo(3.5, 1);
      const { strip } = pieceOf(sheet, "ruffle");
      expect(strip?.hangs).toBeCloseTo(14, 6);
      const lower = bodySplit ? "bodice-front-lower" : "bodice-front";
      // Sewn on, the edge has the seam's allowance and no hem.
      expect(edgeOf(sheet, lower, "hem").allowance).toBe(0.5);
    }
  });
  it("a shirt dress's band is as deep as the body was drawn shorter, and there is none where that is nothing", () => {
    const sheet = workedSheet("shirt-dress", { choices: { bandDepth: 6, gatherRatio: 1.5 } });
    expect(pieceOf(sheet, "band").strip?.hangs).toBeCloseTo(6, 6);
    expect(seamOf(sheet, "band-join").ratio).toBeCloseTo(1.5, 1);
    const plain = workedSheet("shirt-dress", { choices: { bandDepth: 0 } });
    expect(plain.pieces.some(({ id }) => id === "band")).toBe(false);
    expect(edgeOf(plain, "bodice-front", "hem").allowance).toBe(1);
    expect(edgeOf(sheet, "bodice-front", "hem").allowance).toBe(0.5);
  });
  it("opens with a front that is open to its hem: no join there but the two hemmed ends", () => {
    const { strip } = pieceOf(workedSheet("shirt-dress", { choices: { slitLength: 0 } }), "band");
    expect(strip?.joins?.[0]).toBeCloseTo((strip?.sewn ?? 0) / 2, 1);
  });
  it("a tiered dress has its zip running on into the first tier", () => {
    const sheet = workedSheet("tiered-dress", { card: { skirtLength: 25 } });
    expect(pieceOf(sheet, "tier-1-end").notches.map(({ id }) => id)).toEqual(["zip-end"]);
    expect(seamOf(sheet, "waist-join").meets).toBe(true);
  });
});

describe("under a bodice", () => {
  const dress = (kind: string, worked: Worked = {}) =>
    workedSheet("basic-bodice", {
      ...worked,
      card: { waistToHip: 8, skirtLength: 24, waistToKnee: 23, ...worked.card },
      choices: { skirt: kind, opening: "back-zip", ...worked.choices },
    });
  const waist = (sheet: Sheet) =>
    2 * (edgeOf(sheet, "bodice-front", "waist").sewn + edgeOf(sheet, "bodice-back", "waist").sewn);
  it.each(["circle", "peplum", "gathered", "tiered"])(
    "a %s skirt is sewn to the whole waist that was drawn",
    (kind) => {
      const sheet = dress(kind);
      const seam = seamOf(sheet, "waist-join");
      expect(seam.lengthB).toBeCloseTo(waist(sheet), 6);
      expect(seam.meets).toBe(true);
      expect(sheet.pieces.some(({ id }) => id === "waistband")).toBe(false);
      expect(sheet.checks.filter(({ level }) => level === "error")).toEqual([]);
    },
  );
  it.each(["mermaid", "ruched"])("a %s skirt meets it half by half", (kind) => {
    const sheet = dress(kind, { card: { skirtLength: 40 } });
    for (const half of ["front", "back"]) expect(seamOf(sheet, `waist-join-${half}`).meets).toBe(true);
    expect(sheet.checks.filter(({ level }) => level === "error")).toEqual([]);
  });
  it("a peplum is as deep as it was asked", () => {
    const ring = pieceOf(dress("peplum", { choices: { peplumDepth: 5 } }), "peplum-ring");
    const [inner, outer] = ["inner", "outer"].map((id) => ring.edges.find((edge) => edge.id === id)?.arc?.radius ?? 0);
    expect((outer ?? 0) - (inner ?? 0)).toBeCloseTo(5, 6);
  });
  it.each(["circle", "gathered", "tiered", "ruched"])("a %s skirt hangs below it in the flat", (kind) => {
    const [front] = drawFlat(dress(kind));
    const body = front?.pieces.find(({ id }) => id === "bodice-front")?.edges.find(({ role }) => role === "waist");
    const lowest = Math.max(...(body?.points.map(({ y }) => y) ?? [0]));
    expect(front?.bottom).toBeGreaterThan(lowest + 20);
  });
  it("gathers fall in more folds the fuller they are, and a ruche is on one side only", () => {
    const folds = (gatherRatio: number) => {
      const [front] = drawFlat(dress("gathered", { choices: { gatherRatio } }));
      return front?.pieces.flatMap((piece) => piece.folds).length ?? 0;
    };
    expect(folds(4)).toBeGreaterThan(folds(1.5));
    const [front, back] = drawFlat(dress("ruched"));
    expect(front?.once.length).toBeGreaterThan(5);
    expect(front?.once[0]?.[0]?.x).toBeGreaterThan(0);
    expect(back?.once).toEqual([]);
  });
});
