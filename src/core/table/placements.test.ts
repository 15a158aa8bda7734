import { describe, expect, it } from "vitest";
import { tableScreens } from "../formats";
import { findGarment, garments } from "../garments";
import { type Worked, workedSheet } from "../garments/worked-client.test-data";
import { collarKinds, sleeveKinds } from "../parts";
import { mostAtTable } from "./most-at-table.test-data";

/** Placements of a sheet as a tailor would tell them: what is read, cuts marked with a c, a hair with +. */
function told(garment: string, worked: Worked = {}) {
  return (workedSheet(garment, worked).placements ?? []).map(
    ({ id, readings }) =>
      `${id}: ${readings.map(({ at, hair, is }) => `${at}${hair ? "+" : ""}${is === "cut" ? "c" : ""}`).join(" ")}`,
  );
}

describe("the straight dress of the craft page, worked by hand", () => {
  it("has the front in ten layings of the tape, each read from its zero on", () =>
    expect(told("straight-dress").filter((line) => line.startsWith("front"))).toEqual([
      "front-frame: 0.5",
      "front-lengths: 3c 3.5 9 17 26 42 43c",
      "front-top: 2.5c 3 7.75 8.25c",
      "front-tip: 1",
      "front-chest: 7.75 10.5 12c",
      "front-middle: 0.5",
      "front-waist: 8.5 10c",
      "front-hip: 11.25 12.75c",
      "front-hem: 12.25 13.75c",
      "front-seams: 0.5c 0.5c 0.5c",
    ]));

  const front = (slot: string) => {
    const found = workedSheet("straight-dress").placements?.find(({ id }) => id === `front-${slot}`);
    if (found === undefined) throw new Error(`no front-${slot}`);
    return found;
  };
  it("reads the hip from the waist as well: 26, or 9 from there", () => {
    const hip = front("lengths").readings.find(({ names }) => names.includes("hip"));
    expect(hip).toMatchObject({ at: 26, is: "guide", alsoFrom: { origin: "waist-line", at: 9 } });
  });
  it("hem line and hem at the centre fall on one tick: one reading with two names", () =>
    expect(front("lengths").readings.find(({ at }) => at === 42)?.names).toEqual(["centre/hem", "hem"]));
  it("squares four lines in one go, and the hem's cutting line with them", () => {
    const { then } = front("lengths");
    expect(then.filter(({ act }) => act === "square").map(({ line }) => line)).toEqual([
      "chest",
      "waist",
      "hip",
      "hem",
    ]);
    expect(then.filter(({ act }) => act === "offset").map(({ edge }) => edge)).toEqual(["hem"]);
  });
  it("draws the side after the last width, through its own cutting dots, and never with the short rule", () => {
    expect(front("hem").then.map(({ act, edge }) => [act, edge])).toEqual([
      ["curve", "side"],
      ["rule", "hem"],
      ["offset", "side"],
    ]);
    expect(front("seams").readings.flatMap(({ names }) => names)).toEqual(["front-neck", "shoulder", "front-armhole"]);
  });
  it("doubles the tape down the armhole line: half of 8 is 4; the plumb line is rubbed out there", () => {
    expect(front("middle").then.map(({ act, at }) => [act, at?.at])).toEqual([
      ["double", 4],
      ["curve", undefined],
      ["rub-out", undefined],
    ]);
  });
  it("says the half across shoulder again on the chest line, as a help", () =>
    expect(front("chest").readings[0]).toMatchObject({ at: 7.75, is: "help", names: ["chest/armhole"] }));
});

describe("panels", () => {
  it("the inner leg is walked, once on each line, before anything is read for the outer panel", () => {
    const walk = workedSheet("armhole-bustier").placements?.find(({ id }) => id === "front-walk");
    expect(walk).toMatchObject({ kind: "walk", on: ["bust", "underbust", "waist"] });
    expect(walk?.readings.map(({ at, names }) => [at, names[0]])).toEqual([
      [4, "bust/point"],
      [4, "underbust/panel"],
      [4, "waist/panel"],
    ]);
  });
  it("the outer panel's upper end was solved: 9 13/16 is 9¾ and a hair more", () => {
    const upper = workedSheet("armhole-bustier").placements?.find(({ id }) => id === "front-panel-upper");
    expect(upper?.readings).toMatchObject([{ at: 9.75, hair: true, is: "stitch" }]);
  });
  it("marks of the outer panel are read in the same laying as the inner one's, its move included", () => {
    const hem = workedSheet("overlap-dress").placements?.find(({ id }) => id === "front-hem");
    expect(hem?.readings.map(({ names, made }) => [names[0], made[0]?.piece])).toEqual([
      ["hem/panel", "side-front"],
      ["hem/side", "side-front"],
      ["hem/side", "side-front"],
    ]);
  });
});

describe("four layers", () => {
  it("both necks are read in one laying, both scoops in another; the slit on the front alone", () => {
    const lines = told("shift-dress");
    expect(lines).toContain("body-lengths: 0.5c 1 3c 3.5 8.5 17 26 42 43c");
    expect(lines).toContain("body-middle: 0 0.5");
    expect(lines).toContain("body-bodice-front-alone-slit: 7.5");
  });
  it("chalked after separating, the front has three layings more", () => {
    const after = told("shift-dress", { choices: { frontCurves: "after-separating" } });
    expect(after.length).toBe(told("shift-dress").length + 3);
    expect(after).toContain("body-lengths: 0.5c 1 8.5 17 26 42 43c");
  });
});

it("all strips of a cloth lie side by side on one tape: 4, and 3½ on from there", () => {
  const strips = workedSheet("pocket-shirt").placements?.find(({ id }) => id === "strips");
  expect(strips?.readings.slice(0, 2).map(({ at, names }) => [at, names[0]])).toEqual([
    [4, "placket"],
    [7.5, "under-placket"],
  ]);
});

it("lengths read from the cloth's edge start there, ticks for single levels too", () => {
  const [top, edge] = ["top-line", "cloth-edge"].map((lengthsFrom) =>
    workedSheet("basic-bodice", { choices: { lengthsFrom } }).placements?.find(({ id }) => id === "front-lengths"),
  );
  expect(edge?.origin).toBe("cloth-edge");
  expect(edge?.readings.map(({ at }) => at - 0.5)).toEqual(top?.readings.map(({ at }) => at));
});

const bare = (id: string) => (findGarment(id)?.choices.sleeve === undefined ? {} : { sleeve: "none", collar: "none" });

it.each(sleeveKinds)("a sleeve (%s) is chalked in at most nine layings", (sleeve) => {
  const { placements = [] } = workedSheet("straight-dress", { choices: { sleeve } });
  const most = Math.max(
    ...["sleeve", "sleeve-front", "sleeve-back"].map((id) => placements.filter(({ group }) => group === id).length),
  );
  expect(most).toBeGreaterThan(2);
  expect(most).toBeLessThanOrEqual(9);
});

it.each(collarKinds)("each piece of a collar (%s) is chalked in at most seven layings", (collar) => {
  const { placements = [], pieces } = workedSheet("straight-dress", { choices: { collar } });
  const own = pieces.filter(({ part }) => part === "collar").map(({ id }) => id);
  expect(own.length).toBeGreaterThan(0);
  for (const id of own) expect(placements.filter(({ group }) => group === id).length, id).toBeLessThanOrEqual(7);
});

it.each(garments.map(({ id }) => [id, ...(mostAtTable[id] ?? [0, 0])] as const))(
  "%s: at most %d layings of the tape and %d screens",
  (id, placements, screens) => {
    // Sleeves and collars have layings of their own: what the body takes is what it took before.
    const sheet = workedSheet(id, { choices: bare(id) });
    expect(sheet.placements?.length).toBeLessThanOrEqual(placements);
    expect(tableScreens(sheet, "placements").length).toBeLessThanOrEqual(screens);
  },
);
