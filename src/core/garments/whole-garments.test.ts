import { describe, expect, it } from "vitest";
import { makeSheet } from "../formats";
import { crossAtDepth, pathLength, readPathData } from "../geometry";
import { edgeOf, markOn, pieceOf, type Worked, workedOrder, workedSheet } from "./worked-client.test-data";

type Sheet = ReturnType<typeof workedSheet>;
const idsOf = (sheet: Sheet) => sheet.pieces.map(({ id }) => id);
const checkOf = (sheet: Sheet, id: string) => sheet.checks.find((check) => check.id === id);
const notionOf = (sheet: Sheet, id: string) => sheet.notions?.find((notion) => notion.id === id);
const refusal = (garment: string, worked: Worked) => {
  const outcome = makeSheet(workedOrder(garment, worked));
  return outcome.kind === "refused" ? outcome.refused[0] : undefined;
};
const shirt = (choices: object, rules: object = {}) => workedSheet("shirt", { choices, rules });

describe("patch pockets", () => {
  const sheet = shirt({ pocket: "patch", pocketFlap: true });
  it("6 × 6½ are cut 6½ × 7¾, a flap 7¼ × 7½, two of each", () => {
    expect(pieceOf(sheet, "pocket").strip).toMatchObject({ length: 7.75, depth: 6.5 });
    expect(pieceOf(sheet, "pocket-flap").strip).toMatchObject({ length: 7.25, depth: 7.5 });
    for (const id of ["pocket", "pocket-flap"]) expect(pieceOf(sheet, id).cut.copies).toBe(2);
  });
  it("a box pleat takes 3½ in all: cut 10 wide, and it says where it is stitched", () => {
    const pleated = shirt({ pocket: "box-pleat" });
    expect(pieceOf(pleated, "pocket").strip?.depth).toBe(10);
    expect(checkOf(pleated, "pocket-pleat")?.text).toMatch(/takes 3½ in in all.*stitched 1¾ in/);
  });
  it("lies 7 below the shoulder tip and 1 from the band, chalked and not cut, clear of every buttonhole", () => {
    const tip = markOn(sheet, "bodice-front", "shoulder/tip")[1];
    expect(markOn(sheet, "bodice-front", "pocket/top")).toEqual([1.75, tip + 7]);
    const place = pieceOf(sheet, "bodice-front").creases?.find(({ id }) => id === "pocket");
    expect(pathLength(readPathData(place?.path ?? ""))).toBeCloseTo(2 * (6 + 6.5), 6);
    expect(sheet.steps.find(({ id }) => id === "front-pocket-line")?.text).toMatch(/Do not cut it/);
  });
  it("higher by choice, it lies higher; wider, its cloth is", () => {
    const told = shirt({ pocket: "patch", pocketDown: 6, pocketWidth: 5, pocketHeight: 6 });
    expect(markOn(told, "bodice-front", "pocket/top")[1]).toBe(markOn(sheet, "bodice-front", "pocket/top")[1] - 1);
    expect(pieceOf(told, "pocket").strip).toMatchObject({ length: 7.25, depth: 5.5 });
  });
  it("over a dart or off the front it is refused, with a width that was tried", () => {
    expect(refusal("basic-bodice", { choices: { pocket: "patch" } })?.code).toBe("pocket-misplaced");
    const off = refusal("straight-dress", { choices: { pocket: "patch", pocketWidth: 9, pocketHeight: 10 } });
    const change = off?.change;
    if (change === undefined || !("value" in change)) throw new Error("no way out");
    const id = change.path.replace("choices.", "");
    const cured = { pocket: "patch", pocketWidth: 9, pocketHeight: 10, [id]: change.value };
    expect(makeSheet(workedOrder("straight-dress", { choices: cured })).kind).toBe("sheet");
  });
});

describe("pockets in the side seams", () => {
  const sheet = workedSheet("straight-dress", { choices: { pocket: "side-seam" } });
  const notch = (piece: string, id: string) => pieceOf(sheet, piece).notches.find((one) => one.id === id);
  it("the mouth starts 2½ below the waist and is 6½ long, at one sewn length on both edges; four bags of 7 × 10", () => {
    const front = ["pocket-top", "pocket-end"].map((id) => notch("bodice-front", id)?.at ?? 0) as [number, number];
    expect(front[1] - front[0]).toBeCloseTo(6.5, 6);
    expect(notch("bodice-front", "pocket-top")?.point[1]).toBeCloseTo(17 + 2.5, 1);
    for (const id of ["pocket-top", "pocket-end"])
      expect(notch("bodice-back", id)?.at).toBeCloseTo(notch("bodice-front", id)?.at ?? 0, 1);
    expect(pieceOf(sheet, "pocket-bag")).toMatchObject({ cut: { copies: 4 }, strip: { length: 10, depth: 7 } });
  });
  it("sides of less than 1 are said; a body that ends at its waist has no room for one", () => {
    const narrow = workedSheet("straight-dress", {
      choices: { pocket: "side-seam" },
      rules: { "allowance.side": 0.75 },
    });
    expect(checkOf(narrow, "pocket-side-narrow")?.level).toBe("caution");
    expect(checkOf(sheet, "pocket-side-narrow")).toBeUndefined();
    expect(refusal("basic-bodice", { choices: { pocket: "side-seam" } })?.code).toBe("pocket-misplaced");
  });
});

describe("belts, bones, cups and buttons", () => {
  it("a tie belt is the waist and 40 long in two halves, twice its width and its seams deep", () => {
    const belt = pieceOf(workedSheet("straight-dress", { choices: { tieBelt: true } }), "tie-belt");
    expect(belt).toMatchObject({ cut: { copies: 2 }, strip: { length: (32 + 40) / 2 + 1, depth: 5 } });
  });
  it("bones end ½ short of both edges: one for each panel and side seam, twice, counted and summed", () => {
    const sheet = workedSheet("armhole-bustier", { choices: { boning: true } });
    const bones = notionOf(sheet, "boning");
    const seams = [
      edgeOf(sheet, "centre-front", "panel").sewn,
      edgeOf(sheet, "side-front", "side").sewn,
      ...(idsOf(sheet).includes("centre-back") ? [edgeOf(sheet, "centre-back", "panel").sewn] : []),
    ];
    expect(bones?.terms).toHaveLength(seams.length);
    for (const length of seams)
      expect(bones?.terms.some(({ value }) => value / 2 <= length - 1 && value / 2 > length - 1 - 1 / 8)).toBe(true);
  });
  it.each([
    [36, "2¼"],
    [44, "2½"],
    [46, "2¾"],
  ])("a cup for a bust of %d is padded with a circle of %s", (bust, wide) => {
    const sheet = workedSheet("armhole-bustier", {
      choices: { padding: true },
      card: { bust, underbust: bust - 6, waist: bust - 8 },
    });
    expect(checkOf(sheet, "cups-padded")?.text).toContain(`${wide} in across`);
  });
  it("pairs on both panel seams are twelve buttons; a stand has one of its own", () => {
    const pairs = workedSheet("armhole-bustier", { choices: { buttonPairs: true } });
    expect(notionOf(pairs, "buttons")?.amount).toBe(13);
    const terms = notionOf(shirt({}), "buttons")?.terms.map(({ label, value }) => [label, value]);
    expect(terms).toContainEqual(["On the collar's stand", 1]);
  });
  it("below a stand the row begins one pitch under its seam, and one still falls on the bust line", () => {
    const downs = pieceOf(shirt({}), "bodice-front").marks.flatMap(({ id, stitch }) =>
      id.startsWith("centre/button-") ? [stitch ?? 0] : [],
    );
    const pitch = (downs[1] ?? 0) - (downs[0] ?? 0);
    expect(downs[0]).toBeCloseTo(3.5 + pitch, 6);
    expect(downs).toContain(10.5);
  });
  it("left over right is said, with the layer that is meant; right over left goes without saying", () => {
    expect(checkOf(shirt({ frontLap: "left-over-right" }), "front-lap")?.text).toMatch(/the wearer's left front/);
    expect(checkOf(shirt({}), "front-lap")).toBeUndefined();
  });
});

describe("a popover: a front that opens no further than its slit", () => {
  const popover = (choices: object = {}) => shirt({ opening: "slit", slitLength: 6, ...choices });
  const downs = (sheet: Sheet) =>
    pieceOf(sheet, "bodice-front").marks.flatMap(({ id, stitch }) =>
      id.startsWith("centre/button-") ? [stitch ?? 0] : [],
    );
  it("stays on its fold, is slit 6 below its neck, and has strips as long as that and their seams", () => {
    const sheet = popover();
    expect(pieceOf(sheet, "bodice-front").cut.on).toBe("fold");
    for (const id of ["placket", "under-placket"])
      expect(pieceOf(sheet, id).strip?.length).toBeGreaterThanOrEqual(6 + 1);
    expect(pieceOf(sheet, "placket").strip?.depth).toBe(2 * 1.5 + 1);
  });
  it("has its buttonholes between the neck and the slit's end, an inch clear of that, and counts them", () => {
    const sheet = popover({ slitLength: 8 });
    expect(downs(sheet).length).toBeGreaterThan(0);
    for (const down of downs(sheet)) expect(down).toBeLessThanOrEqual(3.5 + 8 - 1);
    expect(downs(popover({ slitLength: 14 })).length).toBeGreaterThan(downs(sheet).length);
    expect(notionOf(sheet, "buttons")?.terms).toContainEqual(
      expect.objectContaining({ label: "Marked on the front", value: downs(sheet).length }),
    );
  });
  it.each([
    ["square", /stitched square across/],
    ["slanted", /snip from the slit's end to both corners, 1½ in apart.*V/],
  ])("its end is %s, and the strips are trimmed to ¾ before they are turned", (slitEnd, told) => {
    const end = checkOf(popover({ slitEnd }), "popover-end");
    expect(end?.text).toMatch(told);
    expect(end?.remedy).toContain("¾ in");
  });
  it("its bands cover the centre: each level is carried onto them; on a folded band it stays where it is", () => {
    const why = (sheet: Sheet) => sheet.steps.find(({ id }) => id === "front-centre-button-1")?.why;
    expect(why(popover())).toMatch(/carry each level onto the middle of its strip/);
    expect(why(shirt({}))).toMatch(/does not gape/);
  });
  it("a slit to the hem is no popover, and a faced one has no strips", () => {
    expect(checkOf(popover({ slitLength: 0 }), "popover-end")).toBeUndefined();
    expect(idsOf(popover({ slitFinish: "faced" }))).not.toContain("under-placket");
  });
});

describe("loops for buttons", () => {
  it("each is 2 × the button and ⅜ long, of bias cut 1¼; one for every button on the front", () => {
    const sheet = shirt({ buttonLoops: true, buttonSize: 0.75 });
    const buttons = pieceOf(sheet, "bodice-front").marks.filter(({ id }) => id.startsWith("centre/button-")).length;
    expect(checkOf(sheet, "loops")?.text).toMatch(new RegExp(`^${buttons} loops, each 1⅞ in of bias cut 1¼ in wide`));
    const side = pieceOf(sheet, "loops").strip?.length ?? 0;
    expect(side ** 2).toBeGreaterThanOrEqual(buttons * 1.875 * 1.25);
    expect(side ** 2).toBeLessThan(buttons * 1.875 * 1.25 + 2);
  });
  it("larger buttons take more cloth; a front that does not open has none", () => {
    const side = (buttonSize: number) => pieceOf(shirt({ buttonLoops: true, buttonSize }), "loops").strip?.length ?? 0;
    expect(side(1)).toBeGreaterThan(side(0.5));
    const closed = workedSheet("straight-dress", { choices: { buttonLoops: true } });
    expect(idsOf(closed)).not.toContain("loops");
  });
});

describe("a lining, derived from the outside", () => {
  const lined = workedSheet("straight-dress", { choices: { lining: "body", sleeve: "long", neckFinish: "facing" } });
  it("lies on its own cloth, cut as the outside at its seams", () => {
    for (const id of ["lining-bodice-front", "lining-bodice-back"]) {
      expect(pieceOf(lined, id).cloth).toBe("lining");
      expect(edgeOf(lined, id, "side").allowance).toBe(edgeOf(lined, id.replace("lining-", ""), "side").allowance);
    }
    expect(lined.pieces.filter(({ cloth }) => cloth === "main").some(({ id }) => id.startsWith("lining"))).toBe(false);
  });
  it("ends where the outside is finished: nothing beyond its lower edge", () => {
    expect(edgeOf(lined, "lining-bodice-front", "hem").allowance).toBe(0);
    expect(lined.steps.find(({ id }) => id === "lining-bodice-front-hem")?.text).toMatch(/1 in inside its hem/);
  });
  it("starts at the facing's inner edge, 2½ inside the neck, with ½ to be sewn to it", () => {
    const [neck, shoulder] = ["front-neck", "shoulder"].map((id) => edgeOf(lined, "lining-bodice-front", id));
    expect(neck?.allowance).toBe(0.5);
    const outside = edgeOf(lined, "bodice-front", "shoulder");
    expect(outside.length - (shoulder?.length ?? 0)).toBeCloseTo(2.5, 6);
  });
  it("is ¼ higher under the arm, where a sleeve is set; without one it is not", () => {
    const bare = workedSheet("straight-dress", { choices: { lining: "body" } });
    const raised = (sheet: Sheet) =>
      edgeOf(sheet, "bodice-front", "front-armhole").end[1] -
      edgeOf(sheet, "lining-bodice-front", "front-armhole").end[1];
    expect(raised(lined)).toBeCloseTo(0.25, 6);
    expect(raised(bare)).toBeCloseTo(0, 6);
    const [side, outside] = ["lining-bodice-front", "bodice-front"].map((id) => edgeOf(lined, id, "side").length);
    expect((side ?? 0) - (outside ?? 0)).toBeCloseTo(0.25, 6);
  });
  it("on the fold behind it has a pleat of ½: an inch more over the body; beside a zip none", () => {
    const folded = workedSheet("shift-dress", { choices: { lining: "body", fold: "one-fold" } });
    const hem = (id: string) => edgeOf(folded, id, "hem").length;
    expect(hem("lining-bodice-back") - hem("bodice-back")).toBeCloseTo(0.5, 6);
    expect(hem("lining-bodice-front")).toBeCloseTo(hem("bodice-front"), 6);
    expect(edgeOf(lined, "lining-bodice-back", "centre").length).toBeGreaterThan(30);
  });
  it("a faced armhole is left to its facing: the lining starts 2 down the side and 2 in from the tip, with ½ to sew", () => {
    const sheet = workedSheet("straight-dress", { choices: { lining: "body", armholeFinish: "faced" } });
    const [armhole, side, shoulder] = ["front-armhole", "side", "shoulder"].map((id) => ({
      own: edgeOf(sheet, "lining-bodice-front", id),
      outside: edgeOf(sheet, "bodice-front", id),
    }));
    expect(armhole?.own.allowance).toBe(0.5);
    expect((side?.outside.length ?? 0) - (side?.own.length ?? 0)).toBeCloseTo(2, 6);
    expect((shoulder?.outside.length ?? 0) - (shoulder?.own.length ?? 0)).toBeCloseTo(2, 6);
    expect(checkOf(sheet, "lining-neck")).toBeUndefined();
    // Over panels the facing is in one, and the lining is not: that is said.
    const panels = workedSheet("a-line-dress", { choices: { lining: "body", armholeFinish: "faced", collar: "none" } });
    expect(checkOf(panels, "lining-neck")?.level).toBe("note");
  });
  it("a flared outside is lined with no more than an inch of flare a quarter, and says where it narrows", () => {
    const sheet = workedSheet("a-line-dress", { choices: { lining: "body" } });
    const hip = pieceOf(sheet, "bodice-back").lines.find(({ id }) => id === "hip")?.down ?? 0;
    const far = (id: string) => edgeOf(sheet, id, "hem").start[0];
    const atHip = crossAtDepth(readPathData(edgeOf(sheet, "bodice-back", "side").path), hip)[0]?.x ?? 0;
    expect(far("bodice-back") - atHip).toBeGreaterThan(4);
    const [own, outside] = ["lining-bodice-back", "bodice-back"].map((id) => edgeOf(sheet, id, "hem").end[0]);
    expect(far("lining-bodice-back") - atHip).toBeCloseTo(1 + (own ?? 0) - (outside ?? 0), 6);
    const step = sheet.steps.find(({ id }) => id === "lining-bodice-back-side");
    expect(step?.text).toMatch(/inside its side/);
    expect(step?.why).toMatch(/nothing at the hip/);
  });
  it("darts become soft pleats, and it says so; a skirt that hangs in folds is lined by another", () => {
    expect(checkOf(workedSheet("basic-bodice", { choices: { lining: "body" } }), "lining-pleats")).toBeDefined();
    const hung = workedSheet("basic-bodice", { choices: { skirt: "circle", lining: "whole" } });
    expect(checkOf(hung, "lining-hangs")?.level).toBe("note");
    expect(idsOf(hung).filter((id) => id.startsWith("lining-skirt"))).toEqual([]);
  });
  it("a sleeve's is 1 shorter and ½ higher under the arm; a skirt's by itself leaves the body alone", () => {
    const whole = workedSheet("basic-bodice", { choices: { sleeve: "long", skirt: "pencil", lining: "whole" } });
    const [own, outside] = ["lining-sleeve", "sleeve"].map((id) => pieceOf(whole, id).edges);
    const down = (edges: typeof own, id: string) => edges?.find((edge) => edge.id === id)?.end[1] ?? 0;
    expect(down(outside, "cap") - down(own, "cap")).toBeCloseTo(0.5, 6);
    expect(down(outside, "side") - down(own, "side")).toBeCloseTo(1, 3);
    const skirt = workedSheet("basic-bodice", { choices: { skirt: "pencil", lining: "skirt" } });
    expect(idsOf(skirt).filter((id) => id.startsWith("lining-"))).toEqual(["lining-skirt-front", "lining-skirt-back"]);
  });
});

describe("stay, derived from what carries it", () => {
  const sheet = shirt({ stay: true });
  it("one layer of each piece that is turned or stands, on its own cloth, to the stitching line", () => {
    const stays = sheet.pieces.filter(({ cloth }) => cloth === "stay");
    expect(stays.map(({ id }) => id).sort()).toEqual([
      "stay-collar-fall",
      "stay-collar-stand",
      "stay-cuff",
      "stay-placket",
    ]);
    expect(pieceOf(sheet, "stay-collar-stand").cut).toEqual({ copies: 1, on: "fold", mirrored: false });
    expect(pieceOf(sheet, "stay-collar-stand").edges.every(({ allowance }) => allowance === 0)).toBe(true);
    expect(edgeOf(sheet, "stay-collar-stand", "neck").length).toBeCloseTo(
      edgeOf(sheet, "collar-stand", "neck").length,
      6,
    );
  });
  it("a skirt by itself has it in its band, and a lining; one whose front is ruched has none, and says so", () => {
    const pencil = workedSheet("pencil-skirt", { choices: { stay: true, lining: "skirt" } });
    const [band, stay] = ["waistband", "stay-waistband"].map((id) => pieceOf(pencil, id).strip);
    expect(stay?.length).toBe((band?.length ?? 0) - 1);
    expect(idsOf(pencil).slice(-2)).toEqual(["lining-skirt-front", "lining-skirt-back"]);
    for (const garment of ["ruched-skirt", "circle-skirt", "tiered-skirt"]) {
      const hung = workedSheet(garment, { choices: { lining: "skirt" } });
      expect(checkOf(hung, "lining-hangs")?.level).toBe("note");
      expect(idsOf(hung).filter((id) => id.startsWith("lining"))).toEqual([]);
    }
  });
  it("a cuff folded lengthwise carries it on the half that shows", () => {
    const [cuff, stay] = ["cuff", "stay-cuff"].map((id) => pieceOf(sheet, id).strip);
    expect([stay?.length, stay?.depth]).toEqual([(cuff?.length ?? 0) - 1, (cuff?.depth ?? 0) / 2 - 0.5]);
  });
  it("says how stiff and how many, by the house; a body that stands by itself is stiff outside", () => {
    expect(checkOf(sheet, "stay-layers")?.text).toMatch(/One layer of stay, stiff in stands and waistbands/);
    expect(checkOf(shirt({ stay: true, collar: "turn-down" }), "stay-layers")?.text).toMatch(/One layer of soft stay/);
    expect(checkOf(shirt({ stay: true }, { stayLayers: "2", stayGrade: "stiff" }), "stay-layers")?.text).toMatch(
      /Two layers of stiff stay/,
    );
    const stiff = workedSheet("armhole-bustier", { choices: { bodyStay: "outside" } });
    expect(checkOf(stiff, "stay-layers")?.text).toMatch(/stiff/);
    // A quarter inside the cut of its long seams.
    expect(edgeOf(stiff, "stay-side-front", "side").allowance).toBe(
      edgeOf(stiff, "side-front", "side").allowance - 0.25,
    );
  });
});
