import { describe, expect, it } from "vitest";
import { type CutSheet, makeSheet } from "../formats";

const CARD = {
  bust: "41 1/2",
  waist: 34.25,
  hip: 43,
  shoulder: "15 1/2",
  armhole: 18,
  frontWaist: 17,
  backWaist: "15 1/2",
  waistToHip: 9,
  fullLength: 42,
  head: 22,
};

interface Extra {
  readonly choices?: object;
  readonly rules?: object;
  readonly card?: object;
  readonly figureNotes?: readonly object[];
  readonly cloth?: object;
}

function order({ card = {}, ...rest }: Extra = {}) {
  return { garment: "straight-dress", client: { card: { measurements: { ...CARD, ...card } } }, ...rest };
}

function sheet(extra: Extra = {}): CutSheet {
  const outcome = makeSheet(order(extra));
  if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
  return outcome.sheet;
}

function mark(of: CutSheet, piece: "front" | "back", id: string) {
  const found = of.pieces.find((one) => one.id === `bodice-${piece}`)?.marks.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no ${id}`);
  return found;
}

const down = (of: CutSheet, line: string) => of.pieces[0]?.lines.find(({ id }) => id === line)?.down;
const girth = (of: CutSheet, line: string) => of.girths.find((one) => one.line === line);
const checkIds = (of: CutSheet) => of.checks.map(({ id }) => id);

describe("the straight dress for a bust of 41½, worked by hand", () => {
  const dress = sheet();
  // Quarters: 41½ ÷ 4 = 10⅜; 34¼ ÷ 4 = 8.5625; 43 ÷ 4 = 10¾; ease 2, 2, 3 → ½, ½, ¾ a quarter.
  it.each([
    ["front", "chest/side", 10.875, 12.375],
    ["front", "waist/side", 9.125, 10.625],
    ["front", "hip/side", 11.5, 13],
    ["front", "hem/side", 12.5, 14],
    ["back", "chest/side", 10.875, 12.375],
    ["back", "waist/side", 9.625, 11.125],
    ["back", "hip/side", 11.5, 13],
    ["front", "top/shoulder", 7.75, 8.25],
    ["front", "centre/neck-depth", 3.5, 3],
    ["front", "centre/hem", 42, 43],
    ["back", "top/neck", 3, 2.5],
    ["back", "waist/hollow", 0.5, null],
    ["back", "centre/zip-end", 26, null],
  ] as const)("%s %s is chalked at %d and cut at %s", (piece, id, stitch, cut) => {
    expect(mark(dress, piece, id).stitch).toBe(stitch);
    expect(mark(dress, piece, id).cut).toBe(cut);
  });
  it("says the waist of the back as 8 9/16 + ½ ease + ½ given back, and the 1/16 that rounding adds", () =>
    expect(mark(dress, "back", "waist/side").terms.map(({ kind, value }) => [kind, value])).toEqual([
      ["body", 8.5625],
      ["ease", 0.5],
      ["given-back", 0.5],
      ["rounding", 0.0625],
    ]));
  it("reads every back mark from the zip line, 1½ inside the edge, and every front mark from the fold", () => {
    expect(dress.pieces.map(({ origin, originInset, cut }) => [origin, originInset, cut.on])).toEqual([
      ["fold", 0, "fold"],
      ["zip-line", 1.5, "pair"],
    ]);
    expect(dress.steps.find(({ id }) => id === "back-waist-side")?.from).toBe("zip-line");
  });
  it("finishes at bust 43½, waist 36¼ (drawn 36½ by rounding), hip 46, and says so", () => {
    expect(girth(dress, "bust")).toMatchObject({ wanted: 43.5, drawn: expect.closeTo(43.5, 6) });
    expect(girth(dress, "waist")).toMatchObject({ wanted: 36.25, drawn: expect.closeTo(36.5, 6), tolerance: 0.375 });
    expect(girth(dress, "hip")).toMatchObject({ wanted: 46, drawn: expect.closeTo(46, 6) });
    expect(dress.checks).toEqual([]);
  });
  it("adds up: the terms of every mark make its reading, and the allowance its cutting line", () => {
    for (const piece of dress.pieces)
      for (const one of piece.marks) {
        expect(one.terms.reduce((sum, term) => sum + term.value, 0)).toBeCloseTo(one.reading, 9);
        if (typeof one.cut === "number")
          expect(one.cutTerms.reduce((sum, term) => sum + term.value, 0)).toBeCloseTo(one.cut - one.reading, 9);
      }
  });
  it("carries the straighter back side on past the hem, so that both sides meet", () => {
    expect(mark(dress, "back", "side/foot").reading).toBeGreaterThan(0.1);
    for (const seam of dress.seams) expect(Math.abs(seam.ease)).toBeLessThan(1 / 16);
  });
  it("draws the cutting line through the chalked cutting marks, to the eighth", () => {
    for (const piece of dress.pieces) {
      const corners = [...piece.outline.cut.matchAll(/[ML] (\S+) (\S+)/g)].map(
        ([, x, y]) => [Number(x), Number(y)] as const,
      );
      for (const one of piece.marks.filter(
        ({ line, cut }) => line !== "top" && line !== "hem" && typeof cut === "number",
      )) {
        const [x, y] =
          one.line === "centre"
            ? [0, one.cut ?? 0]
            : [one.cut ?? 0, piece.lines.find(({ id }) => id === one.line)?.down ?? 0];
        const near = Math.min(
          ...corners.map(([px, py], index) => {
            const [qx, qy] = corners[(index + 1) % corners.length] ?? [px, py];
            const share = Math.max(
              0,
              Math.min(1, ((x - px) * (qx - px) + (y - py) * (qy - py)) / ((qx - px) ** 2 + (qy - py) ** 2 || 1)),
            );
            return Math.hypot(px + share * (qx - px) - x, py + share * (qy - py) - y);
          }),
        );
        expect(near, `${piece.id} ${one.id}`).toBeLessThan(1 / 16);
      }
    }
  });
});

describe("rules move the marks that they name", () => {
  it("solves the sewn armhole to the arm and its room: 18 + 1½, within an eighth; 21 with room 3", () => {
    expect(Math.abs(sheet().rounds.armhole - 19.5)).toBeLessThan(0.13);
    expect(Math.abs(sheet({ rules: { armholeRoom: 3 } }).rounds.armhole - 21)).toBeLessThan(0.13);
  });
  it("A: half of 18 puts the chest line at 1 + 9 = 10 from the tip, 9 from the top line", () => {
    expect(down(sheet({ rules: { armholeDepth: "half-armhole" } }), "chest")).toBe(10);
    expect(down(sheet({ rules: { armholeDepth: "half-armhole", armholeFrom: "top" } }), "chest")).toBe(9);
  });
  it("B: 41½ ÷ 6 + 1½ = 8.4167 from a drop of 1: 9⅜", () =>
    expect(down(sheet({ rules: { armholeDepth: "bust-sixth" } }), "chest")).toBe(9.375));
  it("C: a fixed 9 counts from the top line unless told", () => {
    expect(down(sheet({ rules: { armholeDepth: 9 } }), "chest")).toBe(9);
    expect(down(sheet({ rules: { armholeDepth: 9, armholeFrom: "tip" } }), "chest")).toBe(10);
  });
  it("gradient: a shoulder of 7¾ beyond a neck of 3 drops 4¾ ÷ 5 = .95, chalked 1; from a neck of 5 it drops .55, chalked ½", () => {
    expect(
      mark(sheet({ rules: { shoulderSlope: "gradient", backShoulderSlope: "gradient" } }), "front", "shoulder/tip")
        .reading,
    ).toBe(1);
    expect(
      mark(
        sheet({ rules: { shoulderSlope: "gradient", backShoulderSlope: "gradient" }, choices: { neckWidth: 5 } }),
        "front",
        "shoulder/tip",
      ).reading,
    ).toBe(0.5);
  });
  it("trues the front shoulder to the back when their drops differ by ½", () => {
    const dress = sheet({ rules: { shoulderSlope: 1.5 } });
    expect(mark(dress, "front", "top/shoulder").terms.map(({ kind }) => kind)).toContain("trued");
    expect(Math.abs(dress.seams.find(({ id }) => id === "shoulder")?.ease ?? 9)).toBeLessThan(1 / 32);
    expect(dress.steps.find(({ id }) => id === "back-chest-line")?.reading).toBe(down(dress, "chest"));
  });
  it("scoops ½ up to a bust of 44 and ¾ over", () => {
    expect(mark(sheet(), "front", "armhole/middle").reading).toBe(0.5);
    expect(mark(sheet({ card: { bust: 44.5 } }), "front", "armhole/middle").reading).toBe(0.75);
  });
  it("with the chalked armhole as the cutting line the finished shoulder is ½ narrower and the underarm ½ lower", () => {
    const dress = sheet({ rules: { armholeLine: "cutting", armholeDepth: 9 } });
    expect(mark(dress, "front", "top/shoulder")).toMatchObject({ stitch: 7.25, cut: 7.75 });
    expect(dress.pieces[0]?.edges.find(({ id }) => id === "side")?.start).toEqual([10.875, 9.5]);
    expect(girth(dress, "bust")?.drawn).toBeCloseTo(43.5, 1);
  });
  it("not giving the hollow back makes the waist 1 smaller, openly", () => {
    const dress = sheet({ rules: { zipHollowGivenBack: false } });
    expect(mark(dress, "back", "waist/side").stitch).toBe(9.125);
    expect(girth(dress, "waist")).toMatchObject({ declared: -1, wanted: 35.25, drawn: expect.closeTo(35.5, 6) });
    expect(checkIds(dress)).toEqual(["not-given-back-by-rule"]);
  });
  it("a figure note of −½ on the back waist is a term of its own and is declared in the girth", () => {
    const dress = sheet({ figureNotes: [{ piece: "bodice-back", line: "waist", amount: -0.5, why: "hollow back" }] });
    expect(mark(dress, "back", "waist/side").terms.find(({ kind }) => kind === "figure-note")).toMatchObject({
      label: "hollow back",
      value: -0.5,
    });
    expect(girth(dress, "waist")?.declared).toBe(-1);
  });
  it("moves with every rule that it says it uses, and with no other", () => {
    const other: Record<string, unknown> = {
      armholeDepth: "bust-sixth",
      armholeFrom: "top",
      armholeLine: "cutting",
      shoulderSlope: 1.5,
      backShoulderSlope: 0.5,
      frontScoop: 1,
      zipHollowGivenBack: false,
      dartlessLength: "back",
      tick: "1/4",
      giveBack: "whole",
      balance: "none",
      dartLine: "span-plus",
      capHeight: 5,
    };
    const base = JSON.stringify(sheet().pieces);
    const used = [
      "armholeDepth",
      "armholeRoom",
      "armholeLine",
      "shoulderSlope",
      "backShoulderSlope",
      "frontScoop",
      "backScoop",
      "ease.bust",
      "ease.waist",
      "ease.hip",
      "allowance.shoulder",
      "allowance.armhole",
      "allowance.neck",
      "allowance.side",
      "allowance.hem",
      "allowance.zip",
      "zipHollow",
      "zipHollowGivenBack",
      "dartlessLength",
      "tick",
    ];
    for (const id of used)
      expect(JSON.stringify(sheet({ rules: { [id]: other[id] ?? 0.75 } }).pieces), id).not.toBe(base);
    for (const id of ["giveBack", "balance", "dartLine", "capHeight", "hemPeg", "armholeTakeOut"])
      expect(JSON.stringify(sheet({ rules: { [id]: other[id] ?? 1 } }).pieces), id).toBe(base);
  });
  it("in the metric set chalks half centimetres: bust 100 gives 25 + 1.25 = 26.5 from the fold, side seam 1.5", () => {
    const dress = sheet({ card: { bust: "100 cm" }, rules: { set: "metric" } });
    expect((mark(dress, "front", "chest/side").stitch ?? 0) * 2.54).toBeCloseTo(26.5, 9);
    expect(
      ((mark(dress, "front", "chest/side").cut ?? 0) - (mark(dress, "front", "chest/side").stitch ?? 0)) * 2.54,
    ).toBeCloseTo(1.5, 9);
  });
});

describe("necks", () => {
  it("a square keeps its width down to the depth; a V runs straight and is cut 1⅜ above its stitched point", () => {
    expect(sheet({ choices: { frontNeck: "square", frontNeckDepth: 6 } }).pieces[0]?.edges[0]?.path).toBe(
      "M 0 6 L 3 6 L 3 0",
    );
    const v = sheet({ choices: { frontNeck: "v", frontNeckDepth: 7.5 } });
    expect(v.pieces[0]?.edges[0]?.path).toBe("M 0 7.5 L 3 0");
    // ½ square to a line that rises 7½ over 3: ½ ÷ sin(21.8°) = 1.346.
    expect(mark(v, "front", "centre/neck-depth").cut).toBe(6.125);
  });
});

describe("cloth and folds", () => {
  it("in four layers without an opening cuts the back's neck and armhole first, stops, and re-cuts the front alone", () => {
    const dress = sheet({
      choices: { opening: "none", fold: "four-layers", neckWidth: 5, frontNeckDepth: 6, backNeckDepth: 3 },
      rules: { "ease.waist": 6 },
    });
    expect(checkIds(dress).filter((id) => id.endsWith("not-pass"))).toEqual([]);
    const ids = dress.steps.map(({ id }) => id);
    const stop = ids.indexOf("separate-front");
    expect(dress.steps[stop]).toMatchObject({
      stopUntil: "separated",
      mustNotCut: ["bodice-front/front-neck", "bodice-front/front-armhole"],
    });
    expect(ids.indexOf("cut-back-neck-body")).toBeLessThan(stop);
    expect(ids.indexOf("re-cut-front-neck-body")).toBeGreaterThan(stop);
    expect(dress.steps.slice(0, stop).some(({ text }) => text.includes("Cut the front neck"))).toBe(false);
    expect(dress.steps.filter(({ title }) => title === "Waist line")).toHaveLength(1);
    expect(new Set(ids).size).toBe(ids.length);
  });
  it("back from front traces the front and chalks only what lies elsewhere: zip line, hollow, the waist given back", () => {
    const dress = sheet({ choices: { fold: "back-from-front" } });
    const ids = dress.steps.map(({ id }) => id);
    expect(ids).toEqual(
      expect.arrayContaining([
        "lay-on-back",
        "back-zip-line",
        "back-waist-hollow",
        "back-waist-side",
        "back-side-foot",
      ]),
    );
    expect(ids).not.toContain("back-hip-side");
    expect(ids.indexOf("trace-back")).toBeLessThan(ids.indexOf("separate-front"));
    expect(new Set(ids).size).toBe(ids.length);
  });
  it("refuses a zip in four layers and a front neck that is not inside the back's", () => {
    expect(makeSheet(order({ choices: { fold: "four-layers" } }))).toMatchObject({
      kind: "refused",
      refused: [{ code: "four-layers-need-no-opening" }],
    });
    expect(
      makeSheet(order({ choices: { fold: "back-from-front", backNeckDepth: 5, frontNeckDepth: 3 } })),
    ).toMatchObject({ kind: "refused", refused: [{ code: "front-not-inside-back" }] });
  });
  it("takes two lengths of the dress: 108 suffice, 80 do not, and 24 wide is too narrow", () => {
    expect(sheet({ cloth: { width: 45, length: 108 } }).cloth).toMatchObject({ fits: true, buy: 2.5, buyUnit: "yd" });
    expect(checkIds(sheet({ cloth: { width: 45, length: 80 } }))).toEqual(["cloth-too-short"]);
    expect(checkIds(sheet({ cloth: { width: 24 } }))).toEqual(["cloth-too-narrow", "cloth-too-narrow"]);
  });
});

describe("wearing", () => {
  it("without an opening a small neck and a fitted waist are errors that say by how much", () => {
    const dress = sheet({ choices: { opening: "none" } });
    expect(checkIds(dress)).toEqual(["head-does-not-pass", "body-does-not-pass"]);
    expect(dress.checks[0]?.text).toContain("the head, 22 in, does not pass");
  });
  it("asks for room to walk when the knee is known", () =>
    expect(
      checkIds(sheet({ card: { knee: 26, hip: 34, waist: 30, waistToKnee: 22 }, choices: { hemExtra: -2 } })),
    ).toContain("hem-too-narrow-to-walk"));
});

describe("what cannot be drawn says which readings conflict", () => {
  it.each([
    [{ card: { shoulder: 24 } }, "shoulder-wider-than-chest"],
    [{ card: { armhole: 12, bust: 50 } }, "armhole-too-small-for-chest"],
    [{ card: { fullLength: 25 } }, "hem-above-hip"],
    [{ choices: { neckWidth: 7 } }, "neck-wider-than-shoulder"],
    [{ card: { armhole: 40 } }, "armhole-too-deep"],
  ])("%j", (extra, code) => expect(makeSheet(order(extra))).toMatchObject({ kind: "refused", refused: [{ code }] }));
});
