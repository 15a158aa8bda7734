import { describe, expect, it } from "vitest";
import { distanceToPath, flattenPath, readPathData } from "../geometry";
import { of, seamOf, skirt } from "./craft-skirt.test-data";
import { edgeOf, markOn, pieceOf, type Worked, workedSheet } from "./worked-client.test-data";

describe("a mermaid in centimetres (craft: skirts, worked examples)", () => {
  const CM = {
    waist: "87 cm",
    hip: "109 cm",
    waistToHip: "23 cm",
    waistToKnee: "59.5 cm",
    knee: "39.5 cm",
    fullLength: "145 cm",
    frontWaist: "43 cm",
  };
  const mermaid = (worked: Worked = {}) =>
    skirt("mermaid-skirt", {
      ...worked,
      card: { ...CM, ...worked.card },
      choices: { waistShape: "level", ...worked.choices },
      rules: { set: "metric", ...worked.rules },
    });
  const sheet = mermaid();
  const cm = (inches: number) => inches * 2.54;
  it("opens 46.5 down, 4 in from the hip's plumb line; the reading on the hem line is twice the hip's quarter", () => {
    const [x, y] = markOn(sheet, "skirt-front", "flare/side");
    expect([cm(x), cm(y)]).toEqual([expect.closeTo(23.75, 6), expect.closeTo(46.5, 6)]);
    expect(cm(markOn(sheet, "skirt-front", "hem/flare")[0])).toBeCloseTo(55.5, 6);
  });
  it("has its corner at (51.31, 94.67), its side 102.2, its hem 209.1 round", () => {
    const [x, y] = markOn(sheet, "skirt-back", "hem/side");
    expect(cm(x)).toBeCloseTo(51.31, 2);
    expect(cm(y)).toBeCloseTo(94.67, 2);
    expect(cm(edgeOf(sheet, "skirt-back", "side").length)).toBeCloseTo(102.2, 1);
    const round = 2 * (edgeOf(sheet, "skirt-front", "hem").length + edgeOf(sheet, "skirt-back", "hem").length);
    expect(cm(round)).toBeCloseTo(209.1, 1);
  });
  it("is rounded where it turns: narrowest 24.45 from the centre, 97.8 round, and the side lost under ½ cm", () => {
    const places = flattenPath(readPathData(edgeOf(sheet, "skirt-front", "side").path), 0.001);
    const narrowest = Math.min(...places.filter(({ y }) => cm(y) > 30).map(({ x }) => x));
    expect(cm(narrowest)).toBeCloseTo(24.45, 1);
    expect(4 * cm(narrowest)).toBeCloseTo(97.8, 0);
  });
  it("says when both knees do not pass, as an error, and when a step is short, as a caution", () => {
    const narrow = mermaid({ card: { knee: "70 cm" } });
    expect(of(narrow, "flare-narrow")[0]?.level).toBe("error");
    // 97.8 round at its narrowest: 1.64 × 53 + 10 is 96.9, 53 + 45 is 98.
    const tight = mermaid({ card: { knee: "53 cm" } });
    expect(of(tight, "flare-narrow")).toEqual([]);
    expect(of(tight, "flare-tight")[0]?.level).toBe("caution");
    expect([...of(sheet, "flare-narrow"), ...of(sheet, "flare-tight")]).toEqual([]);
  });
  it("opens as low as a short skirt lets it, 15 above the hem", () => {
    const short = mermaid({ card: { fullLength: "98 cm" } });
    expect(cm(pieceOf(short, "skirt-front").lines.find(({ id }) => id === "flare")?.down ?? 0)).toBeCloseTo(40, 6);
  });
  it.each([
    [19, 87, 29],
    [23, 91, 33],
    [21.5, 89.5, 31.5],
  ])(
    "is drawn where hip (%s down) and hem leave it one place alone, and refused 1 cm shorter",
    (hipDown, full, down) => {
      const card = { waistToHip: `${hipDown} cm` };
      const just = mermaid({ card: { ...card, fullLength: `${full} cm` } });
      expect(cm(pieceOf(just, "skirt-front").lines.find(({ id }) => id === "flare")?.down ?? 0)).toBeCloseTo(down, 6);
      expect(() => mermaid({ card: { ...card, fullLength: `${full - 1} cm` } })).toThrow(/too short/);
    },
  );
  it("without a knee opens 18 down, in inches", () => {
    const plain = workedSheet("mermaid-skirt", { card: { fullLength: 57 } });
    expect(pieceOf(plain, "skirt-front").lines.find(({ id }) => id === "flare")?.down).toBe(18);
  });
});

describe("godets", () => {
  const LONG = { card: { fullLength: 55 } };
  const sheet = skirt("mermaid-skirt", { ...LONG, choices: { flareBy: "godet", waistShape: "level" } });
  it("are sectors of 12 and 10 at the hem, half an inch at their seams running to a quarter at the point", () => {
    expect(edgeOf(sheet, "godet", "left").length).toBeCloseTo(12, 6);
    expect(edgeOf(sheet, "godet", "hem").length).toBeCloseTo(10, 6);
    const { allowance, allowanceAt } = edgeOf(sheet, "godet", "right");
    expect(allowance).toBe(0.5);
    expect(allowanceAt).toContainEqual({ mark: "godet/point", value: 0.25 });
    expect(pieceOf(sheet, "godet").cut).toEqual({ copies: 4, on: "single", mirrored: false });
  });
  it("leave the skirt plumb below where it is closest, and its side open as long as they are", () => {
    const side = edgeOf(sheet, "skirt-front", "side");
    expect(side.end[0]).toBeCloseTo(markOn(sheet, "skirt-front", "flare/side")[0], 6);
    const notch = pieceOf(sheet, "skirt-front").notches.find(({ id }) => id === "godet");
    expect(side.length - (notch?.at ?? 0)).toBeCloseTo(12, 6);
    expect(of(sheet, "flare-kept")).toEqual([]);
  });
  it("go into the side seams first, then the centre back, then evenly: four are two and a slash on each side of the front", () => {
    const marks = (id: string) =>
      pieceOf(sheet, id)
        .marks.map((mark) => mark.id)
        .filter((mark) => mark.startsWith("godet"));
    expect(marks("skirt-front")).toEqual(["godet-1/top"]);
    expect(marks("skirt-back")).toEqual([]);
    // A slash stops a quarter of an inch short of the point.
    expect(markOn(sheet, "skirt-front", "godet-1/top")[1]).toBeCloseTo(38 - 12 + 0.25, 6);
    const five = skirt("mermaid-skirt", { ...LONG, choices: { flareBy: "godet", godetCount: "5" } });
    expect(
      pieceOf(five, "skirt-back")
        .notches.filter(({ id }) => id === "godet")
        .map(({ edge }) => edge),
    ).toEqual(["side", "centre"]);
    const fold = skirt("mermaid-skirt", {
      ...LONG,
      choices: { flareBy: "godet", godetCount: "3", opening: "side-zip" },
    });
    expect(markOn(fold, "skirt-front", "godet-centre/top")[0]).toBeCloseTo(0, 9);
  });
  it("so long that they reach the hip are refused, with the longest that do not", () => {
    expect(() => skirt("mermaid-skirt", { choices: { flareBy: "godet", godetLength: 20 } })).toThrow(/godets' slots/);
  });
});

describe("a ruched front", () => {
  const sheet = skirt("ruched-skirt");
  it("is 4 9/16 and 12 13/16 at the waist; its seams 19 15/32 and 19 1/2, alike to 1/16", () => {
    expect(edgeOf(sheet, "skirt-front-narrow", "waist").length).toBeCloseTo(4.5625, 6);
    expect(edgeOf(sheet, "skirt-front-wide", "waist").length).toBeCloseTo(12.8125, 6);
    expect(edgeOf(sheet, "skirt-front-narrow", "seam").length).toBeCloseTo(19 + 15 / 32, 2);
    expect(edgeOf(sheet, "skirt-front-wide", "seam").length).toBeCloseTo(19.5, 1);
    expect(seamOf(sheet, "ruche-seam").meets).toBe(true);
  });
  it("turns by 76° and 33°", () => {
    const turned = (id: string) => {
      const angles = (pieceOf(sheet, id).sectors ?? []).map(({ angle }) => (angle * 180) / Math.PI);
      return Math.max(...angles) - Math.min(...angles);
    };
    expect(turned("skirt-front-narrow")).toBeCloseTo(76, 0);
    expect(turned("skirt-front-wide")).toBeCloseTo(33, 0);
  });
  it("keeps the length of its sides, so that both meet the plain back", () => {
    for (const id of ["skirt-side", "skirt-side-wide"]) expect(seamOf(sheet, id).meets).toBe(true);
    const spread = skirt("ruched-skirt", { choices: { rucheSpreads: "2; 2; 3; 3; 3" } });
    for (const id of ["skirt-side", "skirt-side-wide", "ruche-seam"]) expect(seamOf(spread, id).meets).toBe(true);
    expect(of(spread, "ruche-turns-far")).toHaveLength(1);
  });
  it("has a casing of 20 1/2 × 2 1/2 for cords of 1/2, and two cords of 29 1/2", () => {
    const round = (value = 0) => Math.round(value * 32) / 32;
    const { strip: casing } = pieceOf(sheet, "casing");
    expect([round(casing?.length), casing?.depth]).toEqual([20.5, 2.5]);
    const tie = pieceOf(sheet, "tie");
    expect([round(tie.strip?.length), tie.strip?.depth, tie.cut.copies]).toEqual([29.5, 2, 2]);
    expect(of(sheet, "cords")[0]?.remedy).toMatch(/child/);
  });
  it("for the wearer's right lies mirrored: seam for side", () => {
    const x = (side: string, mark: string) =>
      markOn(skirt("ruched-skirt", { choices: { rucheSide: side } }), "skirt-front-narrow", mark)[0];
    expect(x("left", "waist/seam")).toBeGreaterThan(x("left", "waist/side"));
    expect(x("right", "waist/seam")).toBeLessThan(x("right", "waist/side"));
  });
  it("has the grain of its middle sector, and the slit bends 1 1/2 off the seam's line", () => {
    for (const id of ["skirt-front-narrow", "skirt-front-wide"]) {
      const angles = (pieceOf(sheet, id).sectors ?? []).map(({ angle }) => angle);
      expect(angles[2]).toBeCloseTo(0, 9);
      expect(Math.sign(angles[0] ?? 0)).toBe(-Math.sign(angles[5] ?? 0));
      const slit = edgeOf(sheet, id, "slit");
      // From the notch 14 down and 1 1/2 out: the straight line is as long as both make it.
      expect(Math.hypot(slit.end[0] - slit.start[0], slit.end[1] - slit.start[1])).toBeCloseTo(Math.hypot(14, 1.5), 2);
    }
  });
  it("lies wholly on its cloth, and is chalked from its edge", () => {
    for (const id of ["skirt-front-narrow", "skirt-front-wide"]) {
      expect(pieceOf(sheet, id).box.left).toBeGreaterThanOrEqual(-1e-6);
      expect(pieceOf(sheet, id).cut).toEqual({ copies: 1, on: "single", mirrored: false });
    }
    expect(sheet.placements?.some(({ origin, group }) => origin === "cloth-edge" && group === "skirt-front-wide")).toBe(
      true,
    );
  });
});

describe("a waist facing", () => {
  const faced = (worked: Worked = {}) =>
    skirt("pencil-skirt", { ...worked, choices: { waistFinish: "facing", ...worked.choices } });
  it.each([
    ["one dart", {}],
    ["two darts", { card: { hip: 49 }, choices: { skirtDarts: "figure" } }],
    ["a level edge", { choices: { waistShape: "level" } }],
    ["no dart", { choices: { skirtDarts: "none" } }],
  ] as const)("is as long as the sewn waist, to 1/32, with %s; its sides meet", (_, worked) => {
    const sheet = faced(worked);
    for (const half of ["front", "back"]) {
      const { lengthA, lengthB } = seamOf(sheet, `waist-facing-${half}`);
      expect(Math.abs(lengthA - lengthB)).toBeLessThan(1 / 32 + 1 / 64);
    }
    expect(seamOf(sheet, "facing-side").ease).toBeCloseTo(0, 6);
    expect(sheet.pieces.some(({ id }) => id === "waistband")).toBe(false);
  });
  it("is 2 1/2 deep everywhere, and its lower edge has no seam", () => {
    const sheet = faced();
    const [upper, lower] = (["waist", "lower"] as const).map((id) =>
      readPathData(edgeOf(sheet, "facing-waist-front", id).path),
    );
    if (upper === undefined || lower === undefined) throw new Error("no edges");
    for (const place of flattenPath(lower, 0.001)) {
      expect(distanceToPath(upper, place)).toBeGreaterThan(2.5 - 1 / 16);
      expect(distanceToPath(upper, place)).toBeLessThan(2.5 + 1 / 16);
    }
    expect(edgeOf(sheet, "facing-waist-front", "lower").allowance).toBe(0);
    expect(pieceOf(sheet, "facing-waist-back").cut.on).toBe("pair");
    expect(pieceOf(sheet, "facing-waist-front").cut.on).toBe("fold");
  });
});
