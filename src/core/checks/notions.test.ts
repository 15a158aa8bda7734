import { describe, expect, it } from "vitest";
import { workedSheet } from "../garments/worked-client.test-data";
import { sayNotion } from "../wording";

const wanted = (garment: string, choices: object = {}, rules: object = {}) =>
  workedSheet(garment, { choices, rules }).notions ?? [];
const said = (garment: string, choices: object = {}) => wanted(garment, choices).map((one) => sayNotion(one, "in"));

describe("what is bought beside the cloth", () => {
  it("a button for every mark, one for each cuff, one on the stand, and one to spare", () => {
    const sheet = workedSheet("shirt");
    const marks = sheet.pieces.flatMap((piece) => piece.marks).filter(({ id }) => id.includes("button")).length;
    expect(marks).toBeGreaterThan(4);
    expect(said("shirt")).toEqual([
      `Buttons: ${marks + 4} (marked on the front ${marks}, at the cuffs 2, on the collar's stand 1, one to spare 1)`,
    ]);
    // Without a stand the row starts higher, and has one more.
    const bare = workedSheet("shirt", { choices: { sleeve: "short", collar: "none" } });
    const more = bare.pieces.flatMap((piece) => piece.marks).filter(({ id }) => id.includes("button")).length;
    expect(said("shirt", { sleeve: "short", collar: "none" })).toEqual([
      `Buttons: ${more + 1} (marked on the front ${more}, one to spare 1)`,
    ]);
    expect(more).toBeGreaterThan(marks);
  });
  it("buttons of a front that goes on over a skirt, whether they are marked there or told", () => {
    const at = (skirt: string) => {
      const choices = { opening: "front-band", ...(skirt === "" ? {} : { skirt }) };
      return wanted("basic-bodice", choices).find(({ id }) => id === "buttons")?.amount ?? 0;
    };
    expect(at("circle")).toBeGreaterThan(at("") + 3);
    expect(at("a-line")).toBeGreaterThan(at("") + 3);
  });
  it("elastic for both sleeves: the arm's round there, an inch less, lapped ½", () => {
    // The wrist of 6½ less 1 and ½ to lap: 6, twice.
    expect(said("straight-dress", { sleeve: "gathered" })).toEqual([
      "Elastic: 12 in (round the arm there 6½ in, tighter, to hold − 1 in, lapped where it is sewn ½ in, the other sleeve, the same 6 in)",
    ]);
    const tighter = wanted("straight-dress", { sleeve: "gathered" }, { elasticLess: 1.5 });
    expect(tighter[0]?.amount).toBe(11);
  });
  it("elastic at a waist, as the sheet tells it", () => {
    const sheet = workedSheet("a-line-skirt", { choices: { waistFinish: "elastic" } });
    const told = sheet.checks.find(({ id }) => id === "elastic-to-cut")?.text ?? "";
    const elastic = sheet.notions?.find(({ id }) => id === "elastic");
    expect(elastic?.amount).toBeGreaterThan(20);
    expect(told).toContain(String(Math.floor(elastic?.amount ?? 0)));
    expect(elastic?.terms.reduce((sum, { value }) => sum + value, 0)).toBeCloseTo(elastic?.amount ?? 0, 9);
  });
  it("nothing where nothing is wanted", () => {
    expect(workedSheet("straight-dress").notions).toBeUndefined();
  });
});
