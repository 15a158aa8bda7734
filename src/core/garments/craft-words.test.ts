import { describe, expect, it } from "vitest";
import { pathLength, readPathData } from "../geometry";
import { edgeOf, markOn, pieceOf, type Worked, workedSheet } from "./worked-client.test-data";

const mark = (sheet: ReturnType<typeof workedSheet>, piece: string, id: string) => {
  const found = pieceOf(sheet, piece).marks.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no ${id} on ${piece}`);
  return found;
};
const girth = (sheet: ReturnType<typeof workedSheet>, on: string) => sheet.girths.find((one) => one.on === on);
const step = (sheet: ReturnType<typeof workedSheet>, id: string) => {
  const found = sheet.steps.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no step ${id} among ${sheet.steps.map((one) => one.id).join(", ")}`);
  return found;
};

describe("giving back whole", () => {
  const whole = (garment: string, worked: Worked = {}) =>
    workedSheet(garment, { ...worked, rules: { giveBack: "whole", ...worked.rules } });

  it("gives the whole 1½ back on the chest line and, 1½ below it, on the bust line; not on the ribs 5 below", () => {
    const rows = whole("armhole-bustier").ledger.filter(
      ({ piece, why }) => piece === "side-front" && why === "the whole intake given back",
    );
    expect(rows.map(({ line, givenBack }) => [line, givenBack])).toEqual([
      ["chest", 1.5],
      ["bust", 1.5],
    ]);
  });
  it("says the surplus on each line, as a caution, and the girths still prove: wanted is body, ease and what was declared", () => {
    const sheet = whole("armhole-bustier");
    expect(
      sheet.checks
        .filter(({ id, piece }) => id === "given-back-whole" && piece === "side-front")
        .map(({ line, level }) => [line, level]),
    ).toEqual([
      ["chest", "caution"],
      ["bust", "caution"],
    ]);
    for (const on of ["chest", "bust"]) {
      const found = girth(sheet, on);
      expect(found?.declared).toBeGreaterThan(2);
      expect(Math.abs((found?.drawn ?? 0) - (found?.wanted ?? 99))).toBeLessThanOrEqual(found?.tolerance ?? 0);
    }
  });
  it("solves the sewn armhole with it: 17½ and 1½ of room, as exactly as without", () => {
    const [exact, habit] = [workedSheet("armhole-bustier"), whole("armhole-bustier")].map(
      ({ rounds }) => rounds.armhole,
    );
    expect(exact).toBeCloseTo(19, 0);
    expect(habit).toBeCloseTo(19, 0);
  });
  it("draws panels from the shoulder for a bust of 40, ribs of 34, waist of 32", () =>
    expect(whole("shoulder-bustier").checks.filter(({ level }) => level === "error")).toEqual([]));
});

describe("take-outs shared, each by its own rule", () => {
  const tops = (rules: object) => {
    const sheet = workedSheet("armhole-bustier", { rules: { armholeDepth: 9, ...rules } });
    return pathLength(readPathData(edgeOf(sheet, "centre-front", "front-armhole").path));
  };
  it("the armhole's 1½ lies all below the panel point, or ¾ above it", () =>
    expect(tops({}) - tops({ armholeTakeOutSplit: "even" })).toBeCloseTo(0.75, 1));
  it("the under-bust's split moves no panel point", () =>
    expect(tops({ takeOutSplit: "even" })).toBeCloseTo(tops({}), 6));
});

describe("a side allowance of its own at the waist", () => {
  const sheet = workedSheet("sheath-dress", { rules: { allowance: { side: 1.5, sideWaist: 1 } } });
  it("cuts 1½ outside the chest, 1 outside the waist, 1½ outside the hip", () => {
    const cutBeyond = (id: string) => {
      const { stitch, cut } = mark(sheet, "bodice-front", id);
      return (cut ?? 0) - (stitch ?? 0);
    };
    expect(["chest/side", "waist/side", "hip/side"].map(cutBeyond)).toEqual([1.5, 1, 1.5]);
  });
  it("tells it on the edge: 1½ at most, and where it differs", () => {
    const edge = edgeOf(sheet, "bodice-front", "side");
    expect(edge.allowance).toBe(1.5);
    expect(edge.allowanceAt).toContainEqual({ mark: "waist/side", value: 1 });
    expect(edgeOf(workedSheet("sheath-dress"), "bodice-front", "side").allowanceAt).toBeUndefined();
  });
  it("says it in the step", () => expect(step(sheet, "front-side-allowance").text).toContain("1 in at the waist side"));
});

describe("where the front dart has run out", () => {
  const dart = (rules: object, garment = "sheath-dress") =>
    pieceOf(workedSheet(garment, { rules }), "bodice-front").darts.find(({ id }) => id === "front-waist-dart");
  it("2 above the hip line at 26: 24; six below the waist at 17: 23; at the hem: 42", () => {
    expect(dart({})?.end?.[1]).toBe(24);
    expect(dart({ "frontDart.end": 6 })?.end?.[1]).toBe(23);
    expect(dart({ "frontDart.end": "hem" })?.end?.[1]).toBe(42);
  });
  it("run out at the hem it still takes 1 × 16 ÷ 25 = 0.64 on the hip line, given back there to the next eighth", () => {
    const sheet = workedSheet("sheath-dress", { rules: { "frontDart.end": "hem" } });
    const row = sheet.ledger.find(
      ({ piece, line, why }) => piece === "bodice-front" && line === "hip" && why === "waist dart",
    );
    expect(row).toMatchObject({ removed: 0.64, givenBack: 0.64 });
    expect(
      markOn(sheet, "bodice-front", "hip/side")[0] - markOn(workedSheet("sheath-dress"), "bodice-front", "hip/side")[0],
    ).toBe(0.625);
  });
  it("a panel's take-out ends by the same rule", () => {
    const ends = (rules: object) => edgeOf(workedSheet("a-line-dress", { rules }), "side-front", "panel").path;
    expect(ends({ "frontDart.end": 6 })).not.toBe(ends({}));
  });
});

describe("the centre back", () => {
  it("a contour of 1 leaves the plumb 5 below the top line, or at the neck: between, its line stands in already", () => {
    const start = (rules: object) => {
      const { lines } = pieceOf(
        workedSheet("straight-dress", { rules: { backContour: 1, armholeDepth: 9, ...rules } }),
        "bodice-back",
      );
      return lines.find(({ id }) => id === "chest")?.start ?? 0;
    };
    expect(start({ backContourFrom: "neck" })).toBeGreaterThan(start({}));
    expect(start({ backContourFrom: 9 })).toBeLessThan(start({}));
  });
  it("a hollow starts at the bust line where one is drawn, else at the chest line", () => {
    const atBust = (worked: Worked, garment: string) =>
      workedSheet(garment, worked).ledger.filter(({ line, why }) => line === "bust" && why === "zip hollow");
    expect(atBust({}, "basic-bodice")).toEqual([]);
    expect(workedSheet("straight-dress").ledger.some(({ line, why }) => line === "waist" && why === "zip hollow")).toBe(
      true,
    );
  });
  it("a lower edge ½ up at the zip runs straight to nothing at the side, and is cut ½ below that", () => {
    const sheet = workedSheet("basic-bodice", { rules: { backLowerEdge: 0.5 } });
    const edge = edgeOf(sheet, "bodice-back", "waist");
    expect(edge.end[1]).toBeCloseTo(edge.start[1] - 0.5, 1);
    expect(mark(sheet, "bodice-back", "centre/lower-edge")).toMatchObject({ stitch: 15, cut: 15.5 });
    expect(girth(sheet, "waist")?.drawn).toBeCloseTo(girth(workedSheet("basic-bodice"), "waist")?.drawn ?? 0, 0);
  });
  it("levels without a zip: on the fold there is no bulge", () =>
    expect(
      pieceOf(
        workedSheet("basic-bodice", { rules: { backLowerEdge: 0.5 }, choices: { opening: "none", neckWidth: 5 } }),
        "bodice-back",
      ).marks.some(({ id }) => id === "centre/lower-edge"),
    ).toBe(false));
});

describe("a folded band of 1½", () => {
  it.each([
    ["twice", 3.75, 3],
    ["once", 2.25, 1.5],
  ] as const)(
    "turned %s has its centre front %d from the cut edge, %d turned in: both said",
    (bandTurn, centre, turned) => {
      const sheet = workedSheet("shirt", { rules: { bandTurn } });
      expect(pieceOf(sheet, "bodice-front").originInset).toBe(centre);
      const { text } = step(sheet, "fold-in-band-front");
      expect(text).toContain(`Turn ${turned === 3 ? "3 in" : "1½ in"} in`);
      expect(text).toContain(bandTurn === "twice" ? "3¾ in from the cut edge" : "2¼ in from the cut edge");
    },
  );
  it("is folded in before the first cut of its group", () => {
    const { steps } = workedSheet("shirt");
    const fold = steps.findIndex(({ id }) => id === "fold-in-band-front");
    const firstCut = steps.findIndex(({ phase, group }) => phase === "cut" && group === "front");
    expect(fold).toBeGreaterThan(0);
    expect(fold).toBeLessThan(firstCut);
  });
  it("under a V 6 deep the turnings mirror the neck: as high at 1½ beyond the folded edge as ¾ inside the centre", () => {
    const sheet = workedSheet("basic-bodice", {
      choices: { opening: "front-band", frontNeck: "v", frontNeckDepth: 6 },
    });
    const points = readPathData(pieceOf(sheet, "bodice-front").outline.cut);
    const upper = [points.start, ...points.segments.map(({ to }) => to)].filter(({ y }) => y < 7);
    const peak = upper.filter(({ x }) => Math.abs(x + 2.25) < 1e-6)[0];
    // The V rises 6 over 3.75 across: 1½ across is 2.4 up, from the folded edge at −¾ to its mirror at −2¼.
    const fold = upper.filter(({ x }) => Math.abs(x + 0.75) < 1e-6)[0];
    expect((fold?.y ?? 0) - (peak?.y ?? 0)).toBeCloseTo(2.4, 3);
  });
});

describe("an edge cut out of a fold", () => {
  it("faced: the fold stays, the facing is 2 × 4 + ½ long and 4 wide, and the sewn neck stops ½ short on each half", () => {
    const sheet = workedSheet("shift-dress");
    expect(edgeOf(sheet, "bodice-front", "centre").onFold).toBe(true);
    expect(pieceOf(sheet, "facing-slit").box).toMatchObject({ right: 4, bottom: 8.5 });
    const neck = edgeOf(sheet, "bodice-front", "front-neck");
    expect(neck.length - neck.sewn).toBeCloseTo(0.5, 1);
    expect(mark(sheet, "bodice-front", "centre/slit-end")).toMatchObject({ stitch: 7.5 });
  });
  it("bands: each half stops half a finished band short", () =>
    expect(edgeOf(workedSheet("shirt-dress"), "bodice-front", "centre").start[0]).toBe(0.75));
  it("a seam: the centre line lies 1 inside the folded edge, which is cut open; readings start at the centre line", () => {
    const sheet = workedSheet("shirt-dress", { choices: { slitFinish: "seam", fold: "one-fold", slitLength: 10 } });
    const front = pieceOf(sheet, "bodice-front");
    expect(front).toMatchObject({ origin: "centre-line", originInset: 1, cut: { copies: 2, on: "pair" } });
    expect(edgeOf(sheet, "bodice-front", "centre")).toMatchObject({ allowance: 1, start: [0, 34] });
    expect(front.notches.find(({ id }) => id === "slit-end")?.point[1]).toBe(13.5);
  });
  it("a slit longer than 8 is not faced, and bands are what is offered", () => {
    expect(() => workedSheet("shift-dress", { choices: { slitLength: 9 } })).toThrow("Bands sewn on");
  });
  it("a slit that runs past the waist opens it: no zip is asked for, however small the waist", () => {
    const passes = (slitLength: number) =>
      !workedSheet("shirt-dress", {
        choices: { waistWidth: "waist", slitLength },
        rules: { "ease.waist": 0 },
      }).checks.some(({ id }) => id === "body-does-not-pass");
    expect(passes(5)).toBe(false);
    expect(passes(15)).toBe(true);
  });
});

describe("what is notched, and what is cut", () => {
  it("panels carry the ribs' notch on both edges, as far below the bust on either", () => {
    const sheet = workedSheet("armhole-bustier");
    const below = (piece: string) => {
      const at = (id: string) =>
        pieceOf(sheet, piece).notches.find((notch) => notch.id === id && notch.edge === "panel")?.at ?? 0;
      return Math.abs(at("underbust") - at("bust"));
    };
    expect(below("centre-front")).toBeGreaterThan(3);
    expect(below("side-front")).toBeCloseTo(below("centre-front"), 6);
  });
  it("the end of a zip in the side lies at one sewn length on both halves", () => {
    const sheet = workedSheet("yoke-gown", { choices: { opening: "side-zip" } });
    const at = (piece: string) => pieceOf(sheet, piece).notches.find(({ id }) => id === "zip-end")?.at ?? 0;
    expect(at("bodice-back")).toBeCloseTo(at("side-front"), 6);
  });
  it("plackets are cut out, after they are chalked and before they are named", () => {
    const ids = workedSheet("shirt-dress")
      .steps.filter(({ piece, phase }) => piece === "placket" && phase !== "make")
      .map(({ act }) => act);
    expect(ids).toEqual(["strip", "check", "cut-out", "name"]);
  });
  it("a zip on a flared seam lies on that seam, and the whole flare lies on the cloth", () => {
    const back = pieceOf(workedSheet("flared-blouse"), "centre-back");
    const [across] = mark(workedSheet("flared-blouse"), "centre-back", "centre/zip-end").at?.stitch ?? [0];
    expect(back.box.left).toBeGreaterThanOrEqual(-back.originInset - 1 / 64);
    expect(across).toBe(0);
  });
});

describe("the tape", () => {
  it("a seam of 0.6 in is chalked at ⅝ on an eighth's tape and at 1.5 cm on a metric one", () => {
    const seam = (tick: string) =>
      edgeOf(
        workedSheet("straight-dress", { rules: { tick, allowance: { shoulder: 0.6 } } }),
        "bodice-front",
        "shoulder",
      ).allowance;
    expect(seam("1/8")).toBe(0.625);
    expect(seam("0.5cm") * 2.54).toBeCloseTo(1.5, 9);
  });
  it("a fullness of exactly 4 in takes out 1½, typed in inches or as 88.9 and 78.74 cm", () => {
    const out = (bust: number | string, underbust: number | string) =>
      workedSheet("armhole-bustier", { card: { bust, underbust } }).ledger.find(
        ({ piece, line, why }) => piece === "side-front" && line === "waist" && why === "under-bust take-out",
      )?.removed;
    expect(out(35, 31)).toBeCloseTo(1.5, 6);
    expect(out("88.9 cm", "78.74 cm")).toBeCloseTo(1.5, 6);
  });
  it("a neck cut above the top line is said from the cloth's edge: ½ deep, cut 1 higher, on a top line 1½ down", () => {
    const sheet = workedSheet("straight-dress", {
      choices: { backNeckDepth: 0.5 },
      rules: { allowance: { neck: 1, shoulder: 1.5 } },
    });
    expect(step(sheet, "back-centre-neck-depth")).toMatchObject({ reading: 0.5, cutReading: 1, cutFrom: "cloth-edge" });
    expect(step(sheet, "back-centre-neck-depth").text).toContain("from the cloth's edge");
  });
});
