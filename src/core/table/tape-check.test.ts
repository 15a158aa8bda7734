import { describe, expect, it } from "vitest";
import { type CutSheet, checkChalk, readChecked } from "../formats";
import { garments } from "../garments";
import { workedSheet } from "../garments/worked-client.test-data";
import { toleranceOf } from ".";

function checkOf(sheet: CutSheet, group: string) {
  const step = sheet.steps.find(({ id }) => id === `check-${group}`);
  if (step?.lengths === undefined) throw new Error(`no check of ${group}`);
  return { step, lengths: step.lengths };
}

/** Every length read as it is drawn, but for some that are read otherwise. */
function read(lengths: ReturnType<typeof checkOf>["lengths"], off: Readonly<Record<string, number>> = {}) {
  return Object.fromEntries(lengths.map(({ id, name, expected }) => [id, expected + (off[name] ?? 0)]));
}

describe("the front of the craft page's straight dress", () => {
  const sheet = workedSheet("straight-dress");
  const { step, lengths } = checkOf(sheet, "front");
  it("is measured from corner to corner, along its edges, and slanting to each line", () => {
    // The diagonal by Pythagoras: 9¼ across, 42 down; the slants 9¼… the waist's 8½ across, 8 down from the chest line.
    expect(lengths.map(({ name, how, expected }) => [name, how, Math.round(expected * 100) / 100])).toEqual([
      ["diagonal", "straight", 43.01],
      ["side", "along", 33.82],
      ["armhole", "along", 9.76],
      ["shoulder", "straight", 4.85],
      ["hem", "straight", 12.25],
      ["neck", "along", 5.04],
      ["centre", "straight", 38.5],
      ["across-armhole", "straight", 7.25],
      ["across-waist", "straight", 11.67],
      ["across-hip", "straight", 14.41],
    ]);
  });
  it("agrees when all of it is read as drawn, within an eighth", () => {
    expect(checkChalk(sheet, step, read(lengths)).state).toBe("agrees");
    expect(checkChalk(sheet, step, read(lengths, { armhole: 0.12, side: 0.24 })).state).toBe("agrees");
    expect(checkChalk(sheet, step, read(lengths, { armhole: 0.13 })).state).toBe("missed");
    expect(checkChalk(sheet, step, {}).state).toBe("open");
  });
  it.each([
    ["armhole", 0.5, "read-to-cut"],
    ["shoulder", 1, "read-to-cut"],
    ["diagonal", 0.5, "from-top-edge"],
    ["hem", -1, "tape-from-one"],
    ["armhole", -0.3, null],
  ] as const)("%s off by %d: asked is %s", (name, off, cause) =>
    expect(checkChalk(sheet, step, read(lengths, { [name]: off })).misses[0]).toMatchObject({ cause }),
  );
  it("names the waist line when it was set an inch too low: its slant is longer, the hip's shorter", () => {
    const verdict = checkChalk(sheet, step, read(lengths, { "across-waist": 0.71, "across-hip": -0.65 }));
    expect(verdict.suspects.map(({ id }) => id)).toContain("waist");
  });
  it("names the neck width when neck and shoulder disagree the opposite way", () => {
    const verdict = checkChalk(sheet, step, read(lengths, { neck: 0.42, shoulder: -0.49 }));
    expect(verdict.suspects.map(({ id }) => id)).toContain("top/neck");
  });
});

it("a zip back's hem read from the edge is off by the zip allowance, and asked so", () => {
  const sheet = workedSheet("straight-dress");
  const { step, lengths } = checkOf(sheet, "back");
  expect(checkChalk(sheet, step, read(lengths, { hem: 1.5 })).misses[0]?.cause).toBe("read-to-cut");
  expect(checkChalk(sheet, step, read(lengths, { "across-hip": 1.5 })).misses[0]?.cause).toBe("from-cloth-edge");
});

it("two panel edges that each are nearly right and do not fit one another are a miss of both", () => {
  const sheet = workedSheet("armhole-bustier");
  const { step, lengths } = checkOf(sheet, "front");
  const panels = lengths.filter(({ name }) => name === "panel");
  const [inner, outer] = panels.map(({ id }) => id) as [string, string];
  const apart = {
    ...read(lengths),
    [inner]: (panels[0]?.expected ?? 0) + 0.1,
    [outer]: (panels[1]?.expected ?? 0) - 0.1,
  };
  const verdict = checkChalk(sheet, step, apart);
  expect(verdict.misses).toEqual([]);
  expect(verdict.pairs).toMatchObject([{ a: inner, b: outer }]);
  expect(verdict.state).toBe("missed");
});

it("every group is measured before its first cut, a strip by length and width alone", () => {
  const sheet = workedSheet("pocket-shirt");
  const first = (group: string, phase: string) =>
    sheet.steps.findIndex((step) => step.group === group && step.phase === phase);
  for (const { id } of sheet.groups) expect(first(id, "check"), id).toBeLessThan(first(id, "cut"));
  expect(checkOf(sheet, "placket").lengths.map(({ name, expected }) => [name, expected])).toEqual([
    ["length", 26.625],
    ["depth", 4],
  ]);
});

it.each([
  ["straight", 24, 0.125],
  ["straight", 24.1, 0.25],
  ["along", 12, 0.125],
  ["along", 12.1, 0.25],
] as const)("a %s length of %d may be off by %d", (how, expected, most) =>
  expect(toleranceOf(how, expected, false)).toBe(most),
);
it("a metric tape is allowed 3 and 6 mm", () => {
  expect(toleranceOf("along", 5, true) * 25.4).toBeCloseTo(3, 9);
  expect(toleranceOf("along", 20, true) * 25.4).toBeCloseTo(6, 9);
});

it.each([
  ["10 1/2", { value: 10.5 }],
  ["26 cm", { value: 26 / 2.54 }],
])("%s is read at the table", (typed, value) => expect(readChecked(typed, "The armhole", "in")).toEqual(value));
it.each(["ten", "-3", "0"])("%s is not a length, and the sentence says which one it is about", (typed) => {
  const found = readChecked(typed, "The armhole", "in");
  expect("problem" in found && found.problem).toMatch(/^The armhole /);
});

describe("what is sewn to a neck", () => {
  const shown = (garment: string, group: string, choices: object) =>
    checkOf(workedSheet(garment, { choices }), group).lengths.map(({ name, how, expected }) => [
      name,
      how,
      Math.round(expected * 100) / 100,
    ]);
  it("a fall of 2 is measured from corner to corner, on both edges, and at its centre", () => {
    // Sewn to the stand's upper edge of 7.927; its point lies ½ further out: 8.427. From the centre's top 2 up and about 8.08 out.
    expect(shown("shirt", "collar-fall", { collar: "shirt" })).toEqual([
      ["diagonal", "straight", 8.33],
      ["neck", "along", 7.93],
      ["outer", "straight", 8.43],
      ["centre", "straight", 2],
    ]);
  });
  it("a cape by the page's own numbers: inner 7.756 + 9.066, outer 11.625 + 13.495, 3¼ deep", () => {
    const cape = shown("a-line-dress", "cape", { collar: "cape" });
    expect(cape.map(([name]) => name)).toEqual(["diagonal", "neck", "outer", "centre"]);
    for (const [at, wanted] of [16.822, 25.12, 3.25].entries())
      expect(Math.abs(Number(cape[at + 1]?.[2]) - wanted)).toBeLessThan(1 / 32);
  });
  it.each(["turn-down", "stand", "shirt", "lapel", "shawl", "cape"])(
    "no %s on any garment, with all that lies inside, waits for a check that asks nothing",
    (collar) => {
      const inside = { lining: "whole", stay: true, bodyStay: "outside" };
      const drawn = garments.flatMap(({ id, choices }) => {
        if (choices.collar === undefined) return [];
        try {
          return [workedSheet(id, { choices: { collar, ...inside } })];
        } catch {
          // That a garment refuses this collar is told elsewhere.
          return [];
        }
      });
      expect(drawn.length).toBeGreaterThan(3);
      const checks = drawn.flatMap(({ steps }) => steps.filter(({ phase }) => phase === "check"));
      expect(checks.filter(({ lengths }) => (lengths ?? []).length === 0).map(({ id }) => id)).toEqual([]);
    },
  );
});
