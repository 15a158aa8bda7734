import { describe, expect, it } from "vitest";
import type { OpenEdge } from "../chalk";
import { drawFlat, readOrder } from "../formats";
import { flattenPath, readPathData } from "../geometry";
import { chalkSkirt } from "../parts/skirt/chalk-skirt";
import { draftGarment, type Garment, garments } from ".";
import { CRAFT_BODY, of, levelSkirt as skirt } from "./craft-skirt.test-data";
import { edgeOf, markOn, pieceOf, type Worked, workedSheet } from "./worked-client.test-data";

const round = (sheet: ReturnType<typeof skirt>) =>
  2 * (edgeOf(sheet, "skirt-front", "hem").length + edgeOf(sheet, "skirt-back", "hem").length);

describe("a pencil skirt, darts by habit (craft: skirts, worked examples)", () => {
  const sheet = skirt("pencil-skirt");
  it("gives back the dart at the side: 8 11/16 + 1 net, 11 3/16 cut, and 10 7/8 at the hip", () => {
    expect(markOn(sheet, "skirt-front", "waist/side")[0]).toBeCloseTo(9.6875, 6);
    expect(pieceOf(sheet, "skirt-front").marks.find(({ id }) => id === "waist/side")?.cut).toBeCloseTo(11.1875, 6);
    expect(markOn(sheet, "skirt-back", "hip/side")[0]).toBeCloseTo(10.875, 6);
  });
  it("says of the side that it is a width, and of the legs that they are a dart's", () => {
    const why = (id: string) => sheet.steps.find((step) => step.id === `skirt-front-${id}`)?.why;
    expect(why("waist-side")).toMatch(/A quarter of the girth/);
    expect(why("waist-dart-inner")).toMatch(/takes the waist in/);
  });
  it("has its dart under the bust point, legs 3 5/8 and 4 5/8, 3 1/2 long in front and 5 behind", () => {
    expect(markOn(sheet, "skirt-front", "waist/dart-inner")[0]).toBeCloseTo(3.625, 6);
    expect(markOn(sheet, "skirt-front", "waist/dart-outer")[0]).toBeCloseTo(4.625, 6);
    expect(markOn(sheet, "skirt-front", "dart/tip")).toEqual([4.125, 3.5]);
    expect(markOn(sheet, "skirt-back", "dart/tip")).toEqual([4.125, 5]);
  });
  it("stands up between the legs, so that the folded dart reaches the edge: 0.15 in front, 0.10 behind", () => {
    expect(markOn(sheet, "skirt-front", "waist/dart-peak")[1]).toBeCloseTo(-0.146, 3);
    expect(markOn(sheet, "skirt-back", "waist/dart-peak")[1]).toBeCloseTo(-0.101, 3);
  });
  it("carries its pegged foot on to (9 23/64, 25 9/64); the side is 25 11/32, the hem 37 15/32 round", () => {
    const [x, y] = markOn(sheet, "skirt-front", "side/foot");
    expect(x).toBeCloseTo(9.3619, 3);
    expect(y).toBeCloseTo(25.14, 3);
    expect(Math.abs(edgeOf(sheet, "skirt-front", "side").length - (25 + 11 / 32))).toBeLessThan(1 / 64);
    expect(round(sheet)).toBeCloseTo(37.465, 2);
  });
  it("has a band as long as the sewn waist and its overlap: 34 3/4 + 1, with its seams 36 3/4 × 3 1/2", () => {
    const { left, right, top, bottom } = pieceOf(sheet, "waistband").box;
    expect([right - left, bottom - top]).toEqual([3.5, 36.75]);
    const notches = pieceOf(sheet, "waistband").notches.map(({ id, at }) => [id, at]);
    expect(notches).toEqual([
      ["overlap", 1.5],
      ["left-side", expect.closeTo(1.5 + 8.6875, 6)],
      ["front-waist", expect.closeTo(1.5 + 17.375, 6)],
      ["right-side", expect.closeTo(1.5 + 26.0625, 6)],
    ]);
  });
  it("lets a step pass at a peg of 1 1/2 and not at one of 2, which falls short from 25 down", () => {
    expect(of(sheet, "stride")).toEqual([]);
    const narrow = of(skirt("pencil-skirt", { rules: { hemPeg: 2 } }), "stride");
    expect(narrow[0]?.text).toMatch(
      /^At 25 in below the waist the skirt is 35½ in round; a step there wants 36⅜ in \(no knee was taken/,
    );
  });
  it("asks for more room at the knee, or below it, where the house wants more", () => {
    expect(of(skirt("pencil-skirt", { rules: { "stride.knee": 28 } }), "stride")).toHaveLength(1);
    expect(of(skirt("pencil-skirt", { rules: { "stride.calf": 36 } }), "stride")).toHaveLength(1);
  });
});

describe("darts by figure", () => {
  it("takes what the side should not: 11/16 in one dart, legs 3 25/32 and 4 15/32, the side at 9 3/8", () => {
    const sheet = skirt("pencil-skirt", { choices: { skirtDarts: "figure" } });
    expect(markOn(sheet, "skirt-front", "waist/dart-inner")[0]).toBeCloseTo(3.78125, 5);
    expect(markOn(sheet, "skirt-front", "waist/dart-outer")[0]).toBeCloseTo(4.46875, 5);
    expect(markOn(sheet, "skirt-front", "waist/side")[0]).toBeCloseTo(9.375, 6);
  });
  it("shares more between two, with at least an inch of cloth between them and beside the side", () => {
    const sheet = skirt("pencil-skirt", { card: { hip: 49 }, choices: { skirtDarts: "figure" } });
    const { darts } = pieceOf(sheet, "skirt-back");
    expect(darts).toHaveLength(2);
    const [first, second] = darts;
    expect((second?.legs[0][0] ?? 0) - (first?.legs[1][0] ?? 0)).toBeGreaterThanOrEqual(1);
    const side = markOn(sheet, "skirt-back", "waist/side")[0];
    expect(side - (second?.legs[1][0] ?? 0)).toBeGreaterThanOrEqual(1);
    expect(second?.tip[1]).toBe(4);
    expect(of(sheet, "many-darts")).toEqual([]);
  });
  it("has three and says so where the waist is far smaller than the hip", () => {
    const sheet = skirt("pencil-skirt", { card: { waist: 36, hip: 56 }, choices: { skirtDarts: "figure" } });
    expect(pieceOf(sheet, "skirt-back").darts).toHaveLength(3);
    expect(of(sheet, "many-darts")).toHaveLength(2);
  });
  it("says that a side stands hollow when the habit leaves it too much, and no more once the figure decides", () => {
    const far = { card: { hip: 50 } };
    expect(of(skirt("pencil-skirt", far), "side-too-hollow")).toHaveLength(2);
    expect(of(skirt("pencil-skirt", { ...far, choices: { skirtDarts: "figure" } }), "side-too-hollow")).toEqual([]);
  });
  it("has none, and the side runs in, where the waist is the wider", () => {
    const sheet = skirt("pencil-skirt", { card: { waist: 46, hip: 42 } });
    expect(pieceOf(sheet, "skirt-front").darts).toEqual([]);
    expect(of(sheet, "waist-over-hip")).toHaveLength(2);
  });
});

describe("a shaped waist edge", () => {
  const sheet = skirt("pencil-skirt", { choices: { waistShape: "shaped" } });
  it("is 3/8 up at the side, 1/4 down at the centre back, and at most 1/16 a quarter longer than the waist", () => {
    expect(markOn(sheet, "skirt-front", "waist/side")).toEqual([9.6875, -0.375]);
    expect(edgeOf(sheet, "skirt-back", "waist").start).toEqual([0, 0.25]);
    for (const piece of ["skirt-front", "skirt-back"]) {
      expect(edgeOf(sheet, piece, "waist").sewn - 8.6875).toBeGreaterThan(0);
      expect(edgeOf(sheet, piece, "waist").sewn - 8.6875).toBeLessThan(1 / 16);
    }
  });
  it("never sags below its level between centre and side, and both legs of a dart stand equally high", () => {
    for (const hip of [39, 43, 50]) {
      const shaped = skirt("pencil-skirt", { card: { hip }, choices: { waistShape: "shaped" } });
      const { darts } = pieceOf(shaped, "skirt-front");
      for (const { legs } of darts) expect(legs[0][1]).toBeCloseTo(legs[1][1], 9);
      for (const [piece, dip] of [
        ["skirt-front", 0],
        ["skirt-back", 0.25],
      ] as const) {
        const places = flattenPath(readPathData(edgeOf(shaped, piece, "waist").path));
        expect(Math.max(...places.map(({ y }) => y))).toBeLessThan(dip + 1e-6);
      }
    }
  });
  it("is as long as its band", () => {
    const round = 2 * (edgeOf(sheet, "skirt-front", "waist").sewn + edgeOf(sheet, "skirt-back", "waist").sewn);
    const band = pieceOf(sheet, "waistband").box;
    expect(band.bottom - band.top).toBeCloseTo(round + 2, 6);
  });
});

describe("an A-line skirt", () => {
  it("runs straight from waist to flare, 11 1/64 at the hip and declared; corner (13 21/64, 24 47/64), hem 53 3/8", () => {
    const sheet = skirt("a-line-skirt");
    expect(markOn(sheet, "skirt-front", "hem/flare")[0]).toBeCloseTo(13.375, 6);
    expect(markOn(sheet, "skirt-front", "hip/side")[0]).toBeCloseTo(11.015, 3);
    const [x, y] = markOn(sheet, "skirt-front", "hem/side");
    expect(Math.abs(x - (13 + 21 / 64))).toBeLessThan(1 / 64);
    expect(Math.abs(y - (24 + 47 / 64))).toBeLessThan(1 / 64);
    expect(round(sheet)).toBeCloseTo(53.37, 2);
    expect(sheet.girths.find(({ line }) => line === "hip")?.drawn).toBeCloseTo(44.06, 2);
    expect(edgeOf(sheet, "skirt-front", "side").length).toBeCloseTo(25, 6);
  });
  it("without a dart goes round the hip mark, and leans 8.9° from there", () => {
    const sheet = skirt("a-line-skirt", { choices: { skirtDarts: "none" } });
    expect(markOn(sheet, "skirt-front", "hip/side")[0]).toBeCloseTo(10.875, 6);
    const [x, y] = markOn(sheet, "skirt-front", "hem/side");
    expect((Math.atan((x - 10.875) / (y - 9)) * 180) / Math.PI).toBeCloseTo(8.9, 1);
  });
  it("flared from the hip keeps the length of a plumb side from there, and says when it breaks", () => {
    const sheet = skirt("a-line-skirt", { rules: { flareFrom: "hip" } });
    // 2 1/2 out on 16: both shortened by 16 ÷ 16.194.
    expect(markOn(sheet, "skirt-front", "hem/side")[0]).toBeCloseTo(10.875 + 2.47, 2);
    expect(markOn(sheet, "skirt-front", "hem/side")[1]).toBeCloseTo(9 + 15.808, 2);
    expect(of(sheet, "hip-break")).toEqual([]);
    expect(of(skirt("a-line-skirt", { rules: { flareFrom: "hip", hemFlare: 6 } }), "hip-break")).toHaveLength(2);
  });
  it("with elastic is as wide at the waist as it takes to pull it on, has its casing cut on, and no band, dart or zip", () => {
    const sheet = skirt("a-line-skirt", { choices: { waistFinish: "elastic" } });
    expect(sheet.pieces.map(({ id, origin }) => [id, origin])).toEqual([
      ["skirt-front", "fold"],
      ["skirt-back", "fold"],
    ]);
    expect(4 * markOn(sheet, "skirt-front", "waist/side")[0]).toBeCloseTo(44, 6);
    expect(edgeOf(sheet, "skirt-front", "waist").allowance).toBe(1.75);
    // 0.9 of the waist and an inch: 31.825.
    expect(of(sheet, "elastic-to-cut")[0]?.text).toMatch(/^Cut the elastic 31\S* ?\S* in long, 1 in wide/);
  });
});

describe("a skirt's own ease", () => {
  it.each([
    ["close", 0.5, 0.5],
    ["easy", 1, 2],
    ["metric", 1 / 2.54, 2 / 2.54],
  ])("in the %s set is %d at the waist and %d at the hip", (set, waist, hip) => {
    for (const garment of ["pencil-skirt", "a-line-skirt"]) {
      const ease = skirt(garment, { rules: { set } }).girths.map((girth) => girth.ease);
      expect(ease).toEqual([expect.closeTo(waist, 6), expect.closeTo(hip, 6)]);
    }
  });
});

describe("what is asked of a skirt", () => {
  const aLine = garments.find(({ id }) => id === "a-line-skirt");
  it("asks for the width of the elastic only with elastic, and for darts and opening only with a band", () => {
    expect(aLine?.choices.elasticWidth?.when).toEqual({ waistFinish: ["elastic"] });
    const zip = { opening: ["back-zip", "side-zip"] };
    for (const id of ["skirtDarts", "waistShape", "opening"])
      expect(aLine?.choices[id]?.when).toEqual({ waistFinish: ["band", "facing"] });
    // A front that is buttoned has no zip to end, and laps by itself.
    expect(aLine?.choices.zipEnd?.when).toEqual({ waistFinish: ["band", "facing"], ...zip });
    expect(aLine?.choices.waistbandDepth?.when).toEqual({ waistFinish: ["band"] });
    expect(aLine?.choices.waistbandOverlap?.when).toEqual({ waistFinish: ["band"], ...zip });
  });
  it("with a zip in the side lies on the fold, front and back", () => {
    const sheet = skirt("pencil-skirt", { choices: { opening: "side-zip", zipEnd: "1 in" } });
    expect(sheet.pieces.slice(0, 2).map(({ origin }) => origin)).toEqual(["fold", "fold"]);
    for (const piece of ["skirt-front", "skirt-back"])
      expect(pieceOf(sheet, piece).notches.find(({ id }) => id === "zip-end")?.point[1]).toBeCloseTo(10, 1);
    expect(pieceOf(sheet, "waistband").notches.map(({ id }) => id)).toContain("back-waist");
  });
  it("a figure note on one half makes the other's side longer, so that both meet", () => {
    const sheet = workedSheet("pencil-skirt", {
      card: CRAFT_BODY,
      figureNotes: [{ piece: "skirt-back", line: "hip", amount: "1 in", why: "fuller seat" }],
    });
    const seam = sheet.seams.find(({ id }) => id === "skirt-side");
    expect(Math.abs(seam?.ease ?? 9)).toBeLessThan(1 / 16);
    expect(markOn(sheet, "skirt-back", "hip/side")[0] - markOn(sheet, "skirt-front", "hip/side")[0]).toBeCloseTo(1, 6);
  });
});

describe("a skirt under a bodice: one dress (craft: skirts, under a bodice)", () => {
  const dress = (garment: string, { choices = {}, ...rest }: Worked = {}) =>
    workedSheet(garment, { ...rest, choices: { skirt: "pencil", ...choices } });
  const pairs = ["basic-bodice", "armhole-bustier", "shoulder-bustier", "freehand-bustier"].flatMap((garment) =>
    ["pencil", "a-line"].map((kind) => [garment, kind] as const),
  );
  it.each(pairs)("%s with a %s skirt: front and back meet the bodice's sewn waist to 1/16", (garment, kind) => {
    const sheet = dress(garment, { choices: { skirt: kind } });
    for (const half of ["front", "back"]) {
      const seam = sheet.seams.find(({ id }) => id === `waist-join-${half}`);
      expect(Math.abs(seam?.ease ?? 9)).toBeLessThan(1 / 16);
      expect(seam?.lengthA).toBeGreaterThan(5);
    }
    expect(sheet.checks.filter(({ level }) => level === "error")).toEqual([]);
  });
  it.each(pairs)("%s leaves its own pieces as they were, whatever hangs from it (%s)", (garment, kind) => {
    const alone = workedSheet(garment);
    const own = dress(garment, { choices: { skirt: kind } }).pieces.slice(0, alone.pieces.length);
    expect(own).toEqual(alone.pieces);
  });
  it("closes its darts where the bodice's close, along the stitched waist, to an eighth", () => {
    const sheet = dress("basic-bodice");
    const closes = (piece: string, start: number) => (pieceOf(sheet, piece).darts[0]?.legs[0][0] ?? 0) - start;
    expect(closes("skirt-front", 0)).toBeCloseTo(closes("bodice-front", 0), 6);
    // Behind, both edges start at the hollow of the zip.
    expect(Math.abs(closes("skirt-back", 0.5) - closes("bodice-back", 0.5))).toBeLessThanOrEqual(1 / 8);
  });
  it("has no dart by habit under panels, and what the figure needs when it is asked", () => {
    const darts = (choices: object) => pieceOf(dress("armhole-bustier", { choices }), "skirt-front").darts.length;
    expect(darts({})).toBe(0);
    expect(darts({ skirtDarts: "figure" })).toBeGreaterThan(0);
  });
  it("runs the zip and its hollow on: out of the hollow 2 above the hip, the zip to the hip line", () => {
    const sheet = dress("basic-bodice");
    expect(edgeOf(sheet, "skirt-back", "waist").start).toEqual([0.5, 0]);
    expect(edgeOf(sheet, "skirt-back", "centre").path).toMatch(/L 0 7 C .* 0\.5 0$/);
    expect(markOn(sheet, "skirt-back", "centre/zip-end")[1]).toBe(9);
    const row = sheet.ledger.find(({ piece, why }) => piece === "skirt-back" && why.includes("hollow"));
    expect([row?.removed, row?.givenBack]).toEqual([0.5, 0.5]);
    const none = dress("basic-bodice", { choices: { opening: "none" } });
    expect(pieceOf(none, "skirt-back").origin).toBe("fold");
  });
  it("asks for hip and lengths only once a skirt is chosen", () => {
    const bodice = garments.find(({ id }) => id === "basic-bodice");
    const needs = (skirt: string) => bodice?.needs({ rule: () => "front", choices: { skirt } }) ?? [];
    expect(needs("none")).not.toContain("hip");
    for (const id of ["hip", "waistToHip", "skirtLength"]) expect(needs("a-line")).toContain(id);
    expect(bodice?.choices.hemSlit?.when).toEqual({ skirt: ["pencil", "a-line"] });
  });
  it("is drawn as one flat: the skirt hangs from the waist of the bodice", () => {
    const flat = drawFlat(dress("basic-bodice"));
    const front = flat.find(({ half }) => half === "front");
    const top = front?.pieces.find(({ id }) => id === "skirt-front")?.edges.find(({ id }) => id === "centre");
    const waist = edgeOf(dress("basic-bodice"), "bodice-front", "waist").end[1];
    expect(Math.min(...(top?.points.map(({ y }) => y) ?? []))).toBeCloseTo(waist, 6);
    expect(front?.bottom).toBeGreaterThan(waist + 20);
  });
});

describe("an open edge", () => {
  const given = () => {
    const read = readOrder({
      garment: "pencil-skirt",
      client: { card: { measurements: { ...CRAFT_BODY, skirtLength: 25 } } },
    });
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    return read.value;
  };
  const style = { kind: "pencil", offers: {} } as const;
  const openAgain: Garment["recipe"] = (sheet) => {
    chalkSkirt(sheet, style);
    sheet.part("finish", () => sheet.opens("waist", { front: ["skirt-front/waist"], back: ["skirt-back/waist"] }));
  };
  const draw = (recipe: Garment["recipe"]) => draftGarment({ ...given().garment, recipe }, given().given);
  it("that nobody sews or finishes is our own mistake, and so is one taken twice", () => {
    expect(() => draw(openAgain)).toThrow("the waist is left open");
    // The skirt's own band has taken it already.
    const twice: Garment["recipe"] = (sheet) => {
      chalkSkirt(sheet, style);
      sheet.take("waist");
    };
    expect(() => draw(twice)).toThrow("an open waist");
  });
  it("tells how long each half is sewn, and where its darts close along it", () => {
    let open: OpenEdge | undefined;
    draw((sheet) => {
      openAgain(sheet);
      open = sheet.take("waist");
    });
    // 8 11/16 on the tape, and what the shape adds; the dart closes at its inner leg, 3 5/8 from the centre.
    expect(open?.length.front).toBeGreaterThan(8.6);
    expect(open?.length.front).toBeLessThan(8.8);
    expect(open?.darts.front[0]).toBeCloseTo(3.625, 1);
    expect(open?.darts.back).toHaveLength(1);
  });
});
