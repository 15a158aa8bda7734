import { describe, expect, it } from "vitest";
import { workedSheet } from "../garments/worked-client.test-data";
import { sayNotion } from "../wording";

const wanted = (garment: string, choices: object = {}, rules: object = {}) =>
  workedSheet(garment, { choices, rules }).notions ?? [];
const one = (id: string, garment: string, choices: object = {}, rules: object = {}) =>
  wanted(garment, choices, rules).find((notion) => notion.id === id);
/** What is said of one thing that is bought, by itself in a list. */
const said = (id: string, garment: string, choices: object = {}) =>
  wanted(garment, choices)
    .filter((notion) => notion.id === id)
    .map((notion) => sayNotion(notion, "in"));

describe("what is bought beside the cloth", () => {
  it("a button for every mark, one for each cuff, one on the stand, and one to spare", () => {
    const sheet = workedSheet("shirt");
    const marks = sheet.pieces.flatMap((piece) => piece.marks).filter(({ id }) => id.includes("button")).length;
    expect(marks).toBeGreaterThan(4);
    expect(said("buttons", "shirt")).toEqual([
      `Buttons: ${marks + 4} (marked on the front ${marks}, at the cuffs 2, on the collar's stand 1, one to spare 1)`,
    ]);
    // Without a stand the row starts higher, and has one more.
    const bare = workedSheet("shirt", { choices: { sleeve: "short", collar: "none" } });
    const more = bare.pieces.flatMap((piece) => piece.marks).filter(({ id }) => id.includes("button")).length;
    expect(said("buttons", "shirt", { sleeve: "short", collar: "none" })).toEqual([
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
    expect(said("elastic", "straight-dress", { sleeve: "gathered" })).toEqual([
      "Elastic: 12 in (round the arm there 6½ in, tighter, to hold − 1 in, lapped where it is sewn ½ in, the other sleeve, the same 6 in)",
    ]);
    expect(one("elastic", "straight-dress", { sleeve: "gathered" }, { elasticLess: 1.5 })?.amount).toBe(11);
  });
  it("elastic at a waist, as the sheet tells it", () => {
    const sheet = workedSheet("a-line-skirt", { choices: { waistFinish: "elastic" } });
    const told = sheet.checks.find(({ id }) => id === "elastic-to-cut")?.text ?? "";
    const elastic = sheet.notions?.find(({ id }) => id === "elastic");
    expect(elastic?.amount).toBeGreaterThan(20);
    expect(told).toContain(String(Math.floor(elastic?.amount ?? 0)));
    expect(elastic?.terms.reduce((sum, { value }) => sum + value, 0)).toBeCloseTo(elastic?.amount ?? 0, 9);
  });
  it("a zip an inch longer than its opening at least, in a length that is sold: 25 → 26", () => {
    const dress = one("zip", "straight-dress");
    const back = workedSheet("straight-dress").pieces.find(({ id }) => id === "bodice-back");
    const at = (id: string) => back?.notches.find((notch) => notch.id === id)?.at ?? 0;
    const opening = at("zip-top") - at("zip-end");
    expect(Math.abs((dress?.terms[0]?.value ?? 0) - opening)).toBeLessThanOrEqual(1 / 16);
    expect(dress?.amount).toBe(
      [7, 9, 12, 14, 16, 18, 20, 22, 24, 26, 30, 36].find((sold) => sold >= opening + 1 - 1 / 16),
    );
    expect(one("zip", "pencil-skirt", { zipEnd: 1 })?.terms[0]?.value).toBeGreaterThan(
      one("zip", "pencil-skirt", { zipEnd: -1 })?.terms[0]?.value ?? 0,
    );
    const metric = one("zip", "straight-dress", {}, { set: "metric" });
    expect([18, 20, 22, 25, 30, 35, 40, 45, 50, 55, 60, 70, 90]).toContain(Math.round((metric?.amount ?? 0) * 2.54));
  });
  it("one that runs on from the body into its skirt opens both", () => {
    const opening = (choices: object) => one("zip", "basic-bodice", choices)?.terms[0]?.value ?? 0;
    expect(opening({ skirt: "pencil" })).toBeGreaterThan(opening({}) + 5);
    expect(opening({ skirt: "circle" })).toBeGreaterThan(opening({}) + 5);
    expect(one("zip", "shirt")).toBeUndefined();
    expect(one("zip", "circle-skirt", { waistFinish: "elastic" })).toBeUndefined();
  });
  it("a hook above a zip that reaches the neck, one for each ⅝ of a waistband; a stud inside a wide overlap", () => {
    expect(one("hooks", "straight-dress")?.amount).toBe(1);
    expect(one("hooks", "pencil-skirt", { waistbandDepth: 2 })?.amount).toBe(3);
    expect(one("hooks", "pencil-skirt", { waistbandDepth: 1 })?.amount).toBe(1);
    expect(one("hooks", "shirt")).toBeUndefined();
    expect(one("studs", "straight-dress", { opening: "overlap", overlapWidth: 4 })?.amount).toBe(1);
    expect(one("studs", "straight-dress", { opening: "overlap", overlapWidth: 2 })).toBeUndefined();
  });
  it("thread: three times the seams, fourteen times the neatened edges, a tenth more, in spools of 100, 250 or 1000 m", () => {
    const plain = one("thread", "straight-dress");
    const sum = plain?.terms.reduce((all, { value }) => all + value, 0);
    expect(plain?.unit).toBe("m");
    expect(sum).toBe(plain?.amount);
    // Sides and zip 34 to 41 long, four times and twice; shoulders, hem: about 286 in, 102 m (craft: what to buy).
    expect(plain?.terms[1]?.value).toBeGreaterThan(90);
    expect(plain?.terms[1]?.value).toBeLessThan(115);
    expect([100, 250, 1000]).toContain(plain?.amount);
    expect(one("thread", "circle-skirt")?.terms[0]?.value).toBeGreaterThan(0);
  });
});
