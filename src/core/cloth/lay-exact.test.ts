import { Polygon, point } from "@flatten-js/core";
import { describe, expect, it } from "vitest";
import { at, type Point } from "../geometry";
import {
  afterShrinking,
  type Cloth,
  checkLay,
  improveLay,
  type LayPlan,
  type LayUnit,
  plainCloth,
  readLay,
  startLay,
  suffices,
} from ".";

const rectangle = (width: number, height: number): readonly Point[] => [
  at(0, 0),
  at(width, 0),
  at(width, height),
  at(0, height),
];

function strip(id: string, width: number, height: number, grain: LayUnit["grain"] = "length"): LayUnit {
  const outline = rectangle(width, height);
  return {
    id,
    names: ["back"],
    cloth: "main",
    pieces: [id],
    on: "single",
    copies: 1,
    layers: 2,
    together: false,
    small: false,
    outline,
    cuts: [outline],
    level: null,
    grain,
  };
}

function layOpen(units: readonly LayUnit[], cloth: Cloth): LayPlan {
  const groups = units.map(({ id }) => ({
    id,
    pieces: [id],
    fold: "single" as const,
    layers: 1 as const,
    way: "in-turn" as const,
    foldedWidth: 20,
    length: 30,
  }));
  const work = startLay({ units, groups, cloth }, "main", "open");
  if (!work.ok) throw new Error(JSON.stringify(work.issues));
  for (let step = 0; step < 30; step++) improveLay(work.value);
  return readLay(work.value);
}

/** The tops of what was laid, from the cloth's end down. */
const topsOf = (plan: LayPlan) =>
  plan.sections
    .flatMap(({ laid }) => laid.map(({ outline }) => Math.min(...outline.map(({ y }) => y))))
    .sort((one, other) => one - other);

/** The least distance between two pieces of a lay, by a library that the search does not use. */
function nearest({ sections }: LayPlan): number {
  const polygons = sections.flatMap(({ laid }) =>
    laid.map(({ outline }) => new Polygon(outline.map(({ x, y }) => point(x, y)))),
  );
  const apart = polygons.flatMap((one, index) => polygons.slice(index + 1).map((other) => one.distanceTo(other)[0]));
  return Math.min(...apart);
}

describe("between two cuts lies at least an eighth, where the shears go", () => {
  // 45 in cloth has 44 between its selvedges.
  it("21½ and 22 lie side by side on 44: one length of 30", () =>
    expect(layOpen([strip("a", 21.5, 30), strip("b", 22, 30)], plainCloth(45)).used).toBeCloseTo(30, 0));
  it("21 15/16 and 22 would leave a sixteenth: one lies above the other", () =>
    expect(layOpen([strip("a", 21.9375, 30), strip("b", 22, 30)], plainCloth(45)).used).toBeGreaterThanOrEqual(60.125));
  it("the distance is kept between pieces, not at the cloth's own end and selvedges; it wastes less than ½", () => {
    const plan = layOpen([strip("a", 44, 10), strip("b", 44, 10), strip("c", 44, 10)], plainCloth(45));
    const [first = 9, second = 0, third = 0] = topsOf(plan);
    expect(first).toBeCloseTo(0, 1);
    for (const gap of [second - first - 10, third - second - 10]) {
      expect(gap).toBeGreaterThanOrEqual(0.125 - 1e-6);
      expect(gap).toBeLessThan(0.5);
    }
  });
  it("slanted pieces are measured square to their edges: sleeves, wedges and strips together", () => {
    const wedge = (id: string) => ({ ...strip(id, 1, 1), outline: [at(0, 0), at(14, 4), at(9, 20), at(2, 18)] });
    const plan = layOpen([wedge("a"), wedge("b"), wedge("c"), strip("d", 6, 15)], plainCloth(45));
    expect(nearest(plan)).toBeGreaterThanOrEqual(0.125 - 1e-3);
  });
});

describe("a spot is measured from the selvedge, as the cloth lies on the table", () => {
  // A flaw 4 in from the left selvedge and 2 wide, over the whole length: 3½ to 5½ of the 44 that may be cut.
  const flawed = { ...plainCloth(45), spots: [{ across: 4, down: 0, width: 2, length: 200 }] };
  it("a strip of 38 finds room on its right, one of 38⅝ only beyond it", () => {
    const fits = layOpen([strip("a", 38, 20)], flawed);
    expect(fits.used).toBeCloseTo(20, 0);
    expect(checkLay(fits, flawed)).toEqual([]);
    const left = Math.min(...(fits.sections[0]?.laid[0]?.outline ?? []).map(({ x }) => x));
    expect(left).toBeGreaterThanOrEqual(5.5 - 1e-3);
    expect(
      layOpen([strip("a", 38.625, 20)], { ...flawed, spots: [{ ...spotOf(flawed), length: 50 }] }).used,
    ).toBeGreaterThan(60);
  });
  it("a strip of 3½ lies left of it; the check sees one that reaches ½ in onto it", () => {
    const plan = layOpen([strip("a", 3.375, 20)], flawed);
    expect(checkLay(plan, flawed)).toEqual([]);
    const moved = {
      ...plan,
      sections: plan.sections.map((section) => ({
        ...section,
        laid: section.laid.map((one) => ({ ...one, outline: rectangle(4, 20) })),
      })),
    };
    const [fault] = checkLay(moved, flawed);
    expect(fault?.kind).toBe("on-spot");
    // Half an inch of it over 20 down.
    expect(fault?.amount).toBeCloseTo(10, 0);
  });
});

function spotOf(cloth: Cloth) {
  const [spot] = cloth.spots;
  if (spot === undefined) throw new Error("expected a spot");
  return spot;
}

describe("what the first wash leaves", () => {
  it("100 in at 5 % are 95, at 0 % all of it, 90 at 3 % are 87.3", () => {
    expect(afterShrinking(100, { ...plainCloth(45), shrinkage: 5 })).toBe(95);
    expect(afterShrinking(100, plainCloth(45))).toBe(100);
    expect(afterShrinking(90, { ...plainCloth(45), shrinkage: 3 })).toBeCloseTo(87.3, 9);
  });
  it("95 in of pieces fit into 100 that shrink by 5 %, 95⅛ do not; cloth still to be bought always will", () => {
    const cloth = { ...plainCloth(45), length: 100, shrinkage: 5 };
    expect(suffices(95, cloth)).toBe(true);
    expect(suffices(95.125, cloth)).toBe(false);
    expect(suffices(500, { ...cloth, length: null })).toBe(true);
  });
});
