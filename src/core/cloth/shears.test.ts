import { describe, expect, it } from "vitest";
import { pieceOf, type Worked, workedSheet } from "../garments/worked-client.test-data";

/** Edges in the order of the shears, a stop where the hands must, each with its movement. */
function shears(garment: string, worked: Worked = {}, group = "front") {
  return workedSheet(garment, worked)
    .steps.filter((step) => step.phase === "cut" && step.group === group)
    .map(({ act, edge, movement }) => `${movement?.replace(`cut-${group}-`, "")} ${act === "cut" ? edge : act}`);
}

describe("the shears", () => {
  it("neck first by default, in one movement; the fold that becomes an opening is cut last, in another", () => {
    expect(shears("straight-dress")).toEqual(["1 front-neck", "1 shoulder", "1 front-armhole", "1 side", "1 hem"]);
    expect(shears("straight-dress", {}, "back").slice(-2)).toEqual(["1 hem", "2 open-fold"]);
  });
  it("neck last by house rule: small curves when the big cloth is out of the way", () =>
    expect(shears("straight-dress", { rules: { shearsOrder: "neck-last" } })).toEqual([
      "1 shoulder",
      "1 front-armhole",
      "1 side",
      "1 hem",
      "1 front-neck",
    ]));
  it("goes round two panels as they lie, and cuts them apart only after both are notched", () => {
    const { steps } = workedSheet("armhole-bustier");
    const own = steps.filter(({ group }) => group === "front");
    expect(shears("armhole-bustier")).toEqual([
      "1 front-neck",
      "1 shoulder",
      "1 front-armhole",
      "1 front-armhole",
      "1 side",
      "1 waist",
      "1 waist",
      "2 panel",
      "2 panel",
    ]);
    const lastNotch = own.findLastIndex(({ phase }) => phase === "notch");
    expect(lastNotch).toBeLessThan(own.findIndex(({ phase, edge }) => phase === "cut" && edge === "panel"));
    const outline = own.filter(({ phase, edge }) => phase === "cut" && edge !== "panel");
    for (const step of outline) expect(step.mustNotCut, step.id).toEqual(["centre-front/panel", "side-front/panel"]);
  });
  it("in four layers the deeper neck and armhole wait for the layers to be apart, either way round", () => {
    const order = (rules: object) => shears("shift-dress", { rules }, "body").slice(-3);
    expect(order({})).toEqual(["2 separate", "3 re-cut", "3 re-cut"]);
    const recut = (rules: object) =>
      workedSheet("shift-dress", { rules })
        .steps.filter(({ act }) => act === "re-cut")
        .map(({ edge }) => edge);
    expect(recut({})).toEqual(["front-neck", "front-armhole"]);
    expect(recut({ shearsOrder: "neck-last" })).toEqual(["front-armhole", "front-neck"]);
  });
  it("every cut waits for the check of its group, but the stop that the hands make", () => {
    const { steps } = workedSheet("shift-dress");
    for (const step of steps.filter(({ phase }) => phase === "cut"))
      expect(step.stopUntil, step.id).toBe(step.act === "separate" ? "separated" : "checked");
    for (const step of steps.filter(({ phase }) => phase === "fold")) expect(step.stopUntil).toBe("style-agreed");
  });
});

describe("after the cut", () => {
  it("a waist dart is tacked ½ inside both tips on its middle line, a bust dart inside its one", () => {
    const sheet = workedSheet("sheath-dress");
    const front = pieceOf(sheet, "bodice-front");
    const hole = (id: string) => front.marks.find((mark) => mark.id === id)?.at?.stitch;
    const dart = front.darts.find(({ id }) => id === "front-waist-dart");
    expect(hole("dart/tip-hole")).toEqual([dart?.tip[0], (dart?.tip[1] ?? 0) + 0.5]);
    expect(hole("dart/end-hole")).toEqual([dart?.end?.[0], (dart?.end?.[1] ?? 0) - 0.5]);
    const [tip, inside] = [front.darts.find(({ id }) => id === "bust-dart")?.tip, hole("bust/dart-tip-hole")];
    expect(Math.hypot((inside?.[0] ?? 0) - (tip?.[0] ?? 0), (inside?.[1] ?? 0) - (tip?.[1] ?? 0))).toBeCloseTo(0.5, 9);
    const tacks = sheet.steps.filter(({ act, piece }) => act === "pierce" && piece === "bodice-front");
    expect(tacks.map(({ id, by, reading }) => [id, by, reading])).toEqual([
      ["pierce-dart-tip-hole-front", "tack", null],
      ["pierce-dart-end-hole-front", "tack", null],
      ["pierce-bust-dart-tip-hole-front", "tack", null],
    ]);
  });
  it("a dart shorter than 2½ is tacked at a quarter of its length", () => {
    const sheet = workedSheet("basic-bodice", {
      rules: { "frontDart.tipBelowBust": 3 },
      card: { shoulderToBust: 11.75 },
    });
    const front = pieceOf(sheet, "bodice-front");
    const dart = front.darts.find(({ id }) => id === "front-waist-dart");
    const length = (dart?.legs[0][1] ?? 0) - (dart?.tip[1] ?? 0);
    expect(length).toBeLessThan(2.5);
    const hole = front.marks.find(({ id }) => id === "dart/tip-hole")?.at?.stitch;
    expect((hole?.[1] ?? 0) - (dart?.tip[1] ?? 0)).toBeCloseTo(length / 4, 9);
  });
  it("a notch is snipped into an allowance, and chalked where that is a quarter inch or less", () => {
    const ways = (neck: number) =>
      workedSheet("straight-dress", { rules: { allowance: { neck } } })
        .steps.filter(({ id }) => id === "notch-centre-neck-front")
        .map(({ by }) => by);
    expect(ways(0.5)).toEqual(["snip"]);
    expect(ways(0.25)).toEqual(["chalk"]);
  });
  it("two pins side by side where a zip or a slit stops", () => {
    const said = (garment: string, id: string) => workedSheet(garment).steps.find((step) => step.id === id)?.text;
    expect(said("straight-dress", "notch-zip-end-back")).toContain("Two pins side by side");
    expect(said("shift-dress", "notch-slit-end-front")).toContain("Two pins side by side");
    expect(said("straight-dress", "notch-waist-back")).not.toContain("pins");
  });
  it("every piece is counted with its copies and its cloth", () => {
    const count = workedSheet("pocket-shirt").steps.find(({ phase }) => phase === "count");
    expect(count?.counted?.map(({ piece, copies }) => [piece, copies])).toEqual([
      ["centre-front", 2],
      ["side-front", 2],
      ["bodice-back", 2],
      ["sleeve", 2],
      ["placket", 1],
      ["under-placket", 1],
      ["cuff", 2],
      ["sleeve-placket", 2],
    ]);
    expect(count?.text).toMatch(/^14 cut: 14 main\./);
  });
});

describe("a working piece", () => {
  const worked = { choices: { workingPiece: true } };
  const fold = (group: string) =>
    workedSheet("straight-dress", worked)
      .steps.filter((step) => step.phase === "fold" && step.group === group)
      .map(({ act }) => act);
  it("is cut off an inch longer than the longest cut, twice the larger width, and halved for front and back", () => {
    expect(fold("front")).toEqual(["prepare", "cut-off", "halve", "fold-in"]);
    expect(fold("back")).toEqual(["fold-in"]);
    const sheet = workedSheet("straight-dress", worked);
    const most = (of: "length" | "foldedWidth") => Math.max(...sheet.groups.map((group) => group[of]));
    const off = sheet.steps.find(({ act }) => act === "cut-off");
    expect(off?.reading).toBe(most("length") + 1);
    expect(off?.text).toContain(`${2 * most("foldedWidth")}`.split(".")[0]);
  });
  it("is nobody's where four layers are folded", () =>
    expect(workedSheet("shift-dress", worked).steps.some(({ act }) => act === "cut-off" || act === "halve")).toBe(
      false,
    ));
});
