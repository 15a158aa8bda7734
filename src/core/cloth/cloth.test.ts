import { describe, expect, it } from "vitest";
import { makeCrowd, typicalBody } from "../body";
import { readOrder } from "../formats";
import { draftGarment } from "../garments";
import { polygonArea } from "../geometry";
import { defaultCloth, type FoldKind, findClothProblems, measureCloth, orderSteps, plainCloth, planFolds } from ".";

const OPEN = { opening: "none", neckWidth: 5, frontNeckDepth: 6, backNeckDepth: 3 };

function draw(choices: object = {}, set = "close", body = typicalBody) {
  const read = readOrder({
    garment: "straight-dress",
    choices,
    rules: { set },
    client: { card: { measurements: body } },
  });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const draft = draftGarment(read.value.garment, read.value.given);
  if (!draft.ok) throw new Error(JSON.stringify(draft.issues));
  return draft.value;
}

function fold(kind: FoldKind, choices: object = {}, set = "close") {
  const draft = draw(choices, set);
  const groups = planFolds(draft, kind);
  if (!groups.ok) throw new Error(JSON.stringify(groups.issues));
  return { draft, groups: groups.value };
}

describe("the fold", () => {
  it("is as wide as the widest cutting mark and ½, to the eighth above: 13⅝ at the hem of the front, 1½ more for the zip of the back", () => {
    const { groups, draft } = fold("one-fold");
    const widest = draft.pieces.map(({ outline }) => Math.max(...outline.cut.map(({ x }) => x)));
    expect(groups.map(({ foldedWidth }) => foldedWidth)).toEqual([
      Math.ceil(((widest[0] ?? 0) + 0.5) * 8) / 8,
      Math.ceil(((widest[1] ?? 0) + 2) * 8) / 8,
    ]);
    // Typical hip 41½: a quarter 10⅜ + ¾ ease + 1 hem + 1½ seam = 13⅝; the slanting side runs on a little to the cut hem.
    expect(widest[0]).toBeGreaterThanOrEqual(13.625);
    expect(widest[0]).toBeLessThan(13.75);
  });
  it("has two layers, or four that hold front and back at once", () => {
    expect(fold("one-fold").groups.map(({ layers, pieces }) => [layers, pieces])).toEqual([
      [2, ["bodice-front"]],
      [2, ["bodice-back"]],
    ]);
    expect(fold("four-layers", OPEN).groups.map(({ layers, pieces }) => [layers, pieces])).toEqual([
      [4, ["bodice-back", "bodice-front"]],
    ]);
  });
});

describe("how much cloth", () => {
  it("takes both lengths one after another, and buys to the next quarter yard with 2 to square the end", () => {
    const { draft, groups } = fold("one-fold");
    const need = measureCloth(draft, groups, defaultCloth(false));
    expect(need.used).toBe((groups[0]?.length ?? 0) + (groups[1]?.length ?? 0));
    expect(need.buy * 36).toBeGreaterThanOrEqual(need.used + 2);
    expect(need.buy * 36).toBeLessThan(need.used + 2 + 9);
    expect(need.buy * 4).toBe(Math.round(need.buy * 4));
  });
  it("buys metric cloth in tenths of a metre", () => {
    const { draft, groups } = fold("one-fold", {}, "metric");
    const need = measureCloth(draft, groups, defaultCloth(true));
    expect(need.buyUnit).toBe("m");
    expect(need.buy * 10).toBeCloseTo(Math.round(need.buy * 10), 9);
    expect(need.width * 2.54).toBeCloseTo(115, 9);
  });
  it("never needs less than its own lower bound, on 100 made-up bodies (seed 31)", () => {
    for (const body of makeCrowd(31, 100)) {
      const draft = draw({}, "close", body);
      const groups = planFolds(draft, "one-fold");
      const need = measureCloth(draft, groups.ok ? groups.value : [], plainCloth(60));
      expect(need.used).toBeGreaterThanOrEqual(need.lowerBound);
      const area = draft.pieces.reduce((sum, piece) => sum + 2 * polygonArea(piece.outline.cut), 0);
      expect(need.lowerBound).toBeGreaterThanOrEqual(area / need.usable - 1e-9);
    }
  });
  it("in four layers lies once along wide cloth, and is folded again across on narrow cloth", () => {
    const { draft, groups } = fold("four-layers", OPEN);
    const length = groups[0]?.length ?? 0;
    expect(measureCloth(draft, groups, plainCloth(60)).used).toBe(length);
    expect(measureCloth(draft, groups, plainCloth(45)).used).toBe(2 * length);
  });
  it("warns when one-way cloth would be turned, and only then", () => {
    const { draft, groups } = fold("four-layers", OPEN);
    const find = (width: number) => {
      const cloth = { ...plainCloth(width), oneWay: true };
      return findClothProblems(groups, cloth, measureCloth(draft, groups, cloth)).map(({ id }) => id);
    };
    expect(find(45)).toEqual(["cloth-one-way-turned"]);
    expect(find(60)).toEqual([]);
  });
});

describe("the order of the hand", () => {
  it.each(["one-fold", "back-from-front"] as const)(
    "%s: each piece is folded before it is chalked, and chalked before it is cut",
    (kind) => {
      const { draft, groups } = fold(kind);
      for (const group of groups) {
        const phases = orderSteps(draft, groups, 44)
          .filter(({ group: own, phase }) => own === group.id && phase !== "style" && phase !== "count")
          .map(({ phase }) => phase);
        expect(phases[0]).toBe("fold");
        expect(phases.indexOf("chalk")).toBeLessThan(phases.indexOf("check"));
        expect(phases.indexOf("check")).toBeLessThan(phases.indexOf("cut"));
        expect(phases.indexOf("cut")).toBeLessThan(phases.indexOf("notch"));
        expect(phases.at(-1)).toBe("notch");
      }
    },
  );
  it("cuts every edge of both pieces once in one fold: neck, shoulder, armhole, side, hem", () => {
    const { draft, groups } = fold("one-fold");
    const cut = orderSteps(draft, groups, 44).flatMap(({ act, group }) =>
      act.kind === "cut" ? act.edges.map((edge) => `${group} ${edge}`) : [],
    );
    expect(cut).toEqual([
      "front front-neck",
      "front shoulder",
      "front front-armhole",
      "front side",
      "front hem",
      "back back-neck",
      "back shoulder",
      "back back-armhole",
      "back side",
      "back hem",
    ]);
  });
  it("cuts the back's fold open, since its centre is a seam, and never the front's", () => {
    const { draft, groups } = fold("one-fold");
    expect(
      orderSteps(draft, groups, 44)
        .filter(({ act }) => act.kind === "open-fold")
        .map(({ group }) => group),
    ).toEqual(["back"]);
  });
});
