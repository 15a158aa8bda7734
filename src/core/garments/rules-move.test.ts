import { describe, expect, it } from "vitest";
import { ruleIds } from "../rules";
import { garments } from ".";
import { edgeOf, markOn, pieceOf, type Worked, workedSheet } from "./worked-client.test-data";

type Garment = string;
/** Rule, its value, the garment, the piece and mark that it moves, and by how much across and down. */
type MarkRow = readonly [string, unknown, Garment, string, string, number, number, Worked?];

/** Without a sleeve, on a chest line of its own. */
const bare: Worked = { choices: { armholeFinish: "faced" }, rules: { armholeDepth: 9 } };

const marks: readonly MarkRow[] = [
  ["armholeDepth", 10, "straight-dress", "bodice-front", "chest/armhole", 0, 1],
  [
    "armholeFrom",
    "top",
    "straight-dress",
    "bodice-front",
    "chest/armhole",
    0,
    -1,
    { rules: { armholeDepth: "half-armhole" } },
  ],
  ["armholeLine", "cutting", "straight-dress", "bodice-front", "top/shoulder", -0.5, 0],
  ["sleevelessShoulder", 1, "straight-dress", "bodice-front", "top/shoulder", -0.5, 0, bare],
  ["sleevelessRise", 1, "straight-dress", "bodice-front", "chest/side", 0, -0.5, bare],
  ["shoulderSlope", 1.5, "straight-dress", "bodice-front", "shoulder/tip", -0.125, 0.5],
  ["backShoulderSlope", 0.5, "straight-dress", "bodice-back", "shoulder/tip", 0, -0.5],
  ["frontScoop", 1, "straight-dress", "bodice-front", "armhole/middle", -0.5, 0, { rules: { armholeDepth: 9 } }],
  ["backScoop", 0.5, "straight-dress", "bodice-back", "armhole/middle", -0.5, 0, { rules: { armholeDepth: 9 } }],
  ["ease.bust", 4, "straight-dress", "bodice-front", "chest/side", 0.5, 0, { rules: { armholeDepth: 9 } }],
  ["ease.waist", 4, "straight-dress", "bodice-front", "waist/side", 0.5, 0],
  ["ease.hip", 5, "straight-dress", "bodice-front", "hip/side", 0.5, 0],
  ["zipHollow", 1, "straight-dress", "bodice-back", "waist/side", 0.5, 0],
  ["zipHollowGivenBack", false, "straight-dress", "bodice-back", "waist/side", -0.5, 0],
  ["dartlessLength", "mean", "straight-dress", "bodice-front", "waist/side", 0, -0.75],
  ["frontDart.tipBelowBust", 2, "basic-bodice", "bodice-front", "dart/tip", 0, 1],
  ["frontDart.halfWidth", 0.75, "basic-bodice", "bodice-front", "waist/side", 0.5, 0],
  ["frontDart.halfWidth", 0.75, "basic-bodice", "bodice-front", "waist/dart-inner", -0.25, 0],
  ["frontDart.tipAboveHip", 3, "sheath-dress", "bodice-front", "dart/end", 0, -1],
  ["backDart.tipAboveBust", 2, "basic-bodice", "bodice-back", "dart/tip", 0, -1],
  ["backDart.halfWidth", 0.75, "basic-bodice", "bodice-back", "waist/side", 0.5, 0],
  ["backDart.tipAboveHip", 3, "sheath-dress", "bodice-back", "dart/end", 0, -1],
  ["dartLine", "span-plus", "basic-bodice", "bodice-front", "waist/dart-inner", 0.5, 0],
  ["dartLine", "span-plus-at-bust", "basic-bodice", "bodice-front", "waist/dart-inner", 0, 0],
  ["dartLine", "span-plus-at-bust", "basic-bodice", "bodice-front", "bust/point", 0.5, 0],
  // Two seams of ½, less the ⅛ that the wider edge no longer takes out there.
  [
    "panelRoom",
    "at-bust",
    "armhole-bustier",
    "side-front",
    "bust/side",
    0.875,
    0,
    { rules: { panelRoom: "none" }, card: { armhole: 15.5 } },
  ],
  [
    "panelRoom",
    "at-bust",
    "armhole-bustier",
    "side-front",
    "waist/side",
    0,
    0,
    { rules: { panelRoom: "none" }, card: { armhole: 15.5 } },
  ],
  ["underbustTakeOut", 3, "armhole-bustier", "side-front", "underbust/side", 1, 0],
  [
    "underbustTakeOut",
    "by-size",
    "armhole-bustier",
    "side-front",
    "underbust/panel",
    -0.5,
    0,
    { card: { bust: 36, underbust: 31 } },
  ],
  ["takeOutSplit", "even", "armhole-bustier", "centre-front", "underbust/panel", -1, 0],
  ["takeOutSplit", "mostly-side", "armhole-bustier", "centre-front", "underbust/panel", -0.5, 0],
  ["underbustTightening", 0.5, "armhole-bustier", "side-front", "underbust/panel", 0.5, 0],
  ["underbustTightening", 0.5, "armhole-bustier", "centre-front", "underbust/panel", -0.375, 0],
  ["underbustTightening", 0.5, "armhole-bustier", "side-front", "underbust/side", 0, 0],
  ["balance", "none", "basic-bodice", "bodice-back", "waist/side", 0, 1.5],
  ["balanceTrim", 2, "armhole-bustier", "side-back", "waist/side", 0, -1, { rules: { balance: "trim" } }],
  ["balanceTrim", 2, "armhole-bustier", "side-front", "waist/side", 0, -1, { rules: { balance: "trim" } }],
  ["hemPeg", 2.5, "sheath-dress", "bodice-front", "hem/side", -1, 0],
  // 8 of flare on 16: 8 · 16 ÷ 17.889 = 7.155 across, 16² ÷ 17.889 = 14.311 down; 6 kept 5.618 and 14.981.
  ["hemFlare", 8, "a-line-dress", "bodice-back", "hem/side", 7.155 - 5.618, 14.311 - 14.981],
  ["cornerLift", 2, "a-line-dress", "bodice-back", "hem/side", 6 - 5.618, 14 - 14.981],
  ["sideTake", 2, "pencil-skirt", "skirt-front", "waist/side", -0.5, 0, { choices: { skirtDarts: "figure" } }],
  ["skirtDart.frontLength", 3, "pencil-skirt", "skirt-front", "dart/tip", 0, -0.5],
  ["skirtDart.backLength", 6, "pencil-skirt", "skirt-back", "dart/tip", 0, 1],
  // 7 long it ends 2 above the hip line at 9; kept 4 clear it is 5.
  ["skirtDart.aboveHip", 4, "pencil-skirt", "skirt-back", "dart/tip", 0, -2, { rules: { "skirtDart.backLength": 7 } }],
  ["waistRaise", 0.75, "pencil-skirt", "skirt-back", "waist/side", 0, -0.375],
  ["waistDip", 0.5, "pencil-skirt", "skirt-back", "centre/waist", 0, 0.25],
  ["tick", "1/4", "straight-dress", "bodice-front", "top/shoulder", 0.125, 0, { card: { shoulder: 15.25 } }],
];

/** Rule, its value, the garment, piece and edge whose allowance it is. */
const allowances: readonly (readonly [string, number, Garment, string, string])[] = [
  ["allowance.shoulder", 1, "straight-dress", "bodice-front", "shoulder"],
  ["allowance.armhole", 0.75, "straight-dress", "bodice-front", "front-armhole"],
  ["allowance.neck", 0.25, "straight-dress", "bodice-front", "front-neck"],
  ["allowance.panel", 0.75, "armhole-bustier", "side-front", "panel"],
  ["allowance.waistJoin", 2, "basic-bodice", "bodice-front", "waist"],
  ["allowance.side", 2, "straight-dress", "bodice-front", "side"],
  ["allowance.hem", 2, "straight-dress", "bodice-front", "hem"],
  ["allowance.zip", 2, "straight-dress", "bodice-back", "centre"],
];

/** Rules whose marks are told apart in tests of their own below. */
const toldBelow = [
  "armholeRoom",
  "armholeTakeOut",
  "takeOutTipAboveBust",
  "panelPoint",
  "cupLift",
  "giveBack",
  "backContour",
];
/** Rules whose marks are told apart in craft-words.test.ts. */
const toldBeside = [
  "allowance.sleeveHem",
  "allowance.sideWaist",
  "bandTurn",
  "backContourFrom",
  "backLowerEdge",
  "frontDart.end",
  "armholeTakeOutSplit",
];
/** Rules of skirts that are told in skirts.test.ts. */
const toldOfSkirts = ["stripSelvedge", "flareFrom", "allowance.slit", "stride.knee", "stride.calf"];
/** Rules of how it is cut, that move no mark: in src/core/table. */
const toldAtTable = ["shearsOrder"];
/** Rules of sleeves that are told in sleeves.test.ts. */
const toldOfSleeves = [
  "capHeight",
  "halfArmhole",
  "capEase",
  "sleeveRoom",
  "armholeSource",
  "sleeveNotch",
  "capBow",
  "elasticLess",
  "allowance.placket",
];
/** Rules of necks and collars that are told in collars.test.ts. */
const toldOfCollars = ["neckLine", "turnOfCloth", "allowance.collar", "allowance.binding", "lapelWidthFrom"];
/** Rules of what is inside that are told in whole-garments.test.ts. */
const toldInside = ["stayLayers", "stayGrade"];

const withRule = (worked: Worked | undefined, id: string, value: unknown): Worked => ({
  ...worked,
  rules: { ...worked?.rules, [id]: value },
});

describe("every rule moves the marks that it names", () => {
  it.each(
    marks.map(([id, value, garment, piece, mark, across, down, worked]) => ({
      id,
      value,
      garment,
      piece,
      mark,
      across,
      down,
      worked,
    })),
  )(
    "$id set to $value: on the $garment, $piece $mark moves $across across and $down down",
    ({ id, value, garment, piece, mark, across, down, worked }) => {
      const [x, y] = markOn(workedSheet(garment, worked), piece, mark);
      const [movedX, movedY] = markOn(workedSheet(garment, withRule(worked, id, value)), piece, mark);
      expect(movedX - x).toBeCloseTo(across, 2);
      expect(movedY - y).toBeCloseTo(down, 2);
    },
  );
  it.each(allowances)("%s set to %d is what the %s leaves outside %s %s", (id, value, garment, piece, edge) => {
    expect(edgeOf(workedSheet(garment), piece, edge).allowance).not.toBe(value);
    expect(edgeOf(workedSheet(garment, { rules: { [id]: value } }), piece, edge).allowance).toBe(value);
  });
  it("there is a row for every rule of the table, and a garment that reads it", () => {
    const rows = [
      ...marks.map(([id]) => id),
      ...allowances.map(([id]) => id),
      ...toldBelow,
      ...toldBeside,
      ...toldAtTable,
      ...toldOfSkirts,
      ...toldOfSleeves,
      ...toldOfCollars,
      ...toldInside,
    ];
    expect(new Set(rows)).toEqual(new Set(ruleIds));
    const used = new Set(garments.flatMap(({ uses }) => uses));
    expect(ruleIds.filter((id) => !used.has(id))).toEqual([]);
  });
});

describe("rules of the panels", () => {
  const bustier = (rules: object = {}, card: object = {}) => workedSheet("armhole-bustier", { rules, card });
  /** An armhole small enough that the chest line lies clear above the bust line. */
  const small = { armhole: 15.5 };
  it("sews the armhole to arm and room though 1½ are taken out of it and ½ behind: 17½ + 1½, or + 3", () => {
    expect(Math.abs(bustier().rounds.armhole - 19)).toBeLessThan(0.14);
    expect(Math.abs(bustier({ armholeRoom: 3 }).rounds.armhole - 20.5)).toBeLessThan(0.14);
  });
  it("a panel point 3 from the tip is 3 along the armhole, and the middle is half of what it was before the take-out", () => {
    const inner = pieceOf(bustier({ panelPoint: 3 }), "centre-front");
    expect(inner.marks.find(({ id }) => id === "armhole/panel")?.reading).toBeCloseTo(3, 6);
  });
  it("taking out 1½ rather than ½ at the armhole sets the outer panel's end lower and gives more back at the underarm", () => {
    const fixed = { armholeDepth: 10 };
    const [little, much] = [bustier({ ...fixed, armholeTakeOut: 0.5 }), bustier({ ...fixed, armholeTakeOut: 1.5 })];
    expect(markOn(much, "side-front", "chest/side")[0]).toBeGreaterThan(markOn(little, "side-front", "chest/side")[0]);
    const turned = markOn(much, "side-front", "armhole/panel")[0] - markOn(little, "side-front", "armhole/panel")[0];
    expect(turned).toBeGreaterThan(0.6);
    expect(turned).toBeLessThan(1);
  });
  it("legs that meet 1 above the bust line take nothing out on it", () => {
    const [at, above] = [bustier({}, small), bustier({ takeOutTipAboveBust: 1 }, small)].map((sheet) =>
      sheet.ledger.filter(
        ({ piece, line, why }) => piece === "side-front" && line === "bust" && why === "armhole take-out",
      ),
    );
    expect(at).toHaveLength(1);
    expect(above).toEqual([]);
  });
  it("a cup lift of ½ has the outer edge at full width ½ above the ribs, plumb down from there", () => {
    const [edge, shift] = [
      edgeOf(bustier({ cupLift: 0.5 }), "side-front", "panel"),
      pieceOf(bustier(), "side-front").shift,
    ];
    expect(edge.path).toContain(`${6 + shift} 13.5`);
    expect(edgeOf(bustier(), "side-front", "panel").path).not.toContain(" 13.5");
  });
  it("given back whole, the chest is larger by 1½ less what is removed there, four times over two sides and one front, openly", () => {
    const sheet = bustier({ giveBack: "whole" });
    const row = sheet.ledger.find(({ piece, line }) => piece === "side-front" && line === "chest");
    expect(row).toMatchObject({ givenBack: 1.5, declared: true });
    expect(sheet.checks.map(({ id, level }) => [id, level])).toContainEqual(["given-back-whole", "caution"]);
    const girth = sheet.girths.find(({ on }) => on === "chest");
    expect(girth?.declared).toBeGreaterThan(2);
    expect(Math.abs((girth?.drawn ?? 0) - (girth?.wanted ?? 0))).toBeLessThanOrEqual(girth?.tolerance ?? 0);
  });
  it("a contour of ½ is where the back's readings start: its waist line begins ½ in, the side stands as far out", () => {
    const [plain, shaped] = [
      workedSheet("straight-dress", { rules: { zipHollow: 0 } }),
      workedSheet("straight-dress", { rules: { backContour: 0.5 } }),
    ];
    expect(pieceOf(shaped, "bodice-back").lines.find(({ id }) => id === "waist")?.start).toBe(0.5);
    expect(markOn(shaped, "bodice-back", "waist/side")).toEqual(markOn(plain, "bodice-back", "waist/side"));
    expect(shaped.girths.find(({ on }) => on === "waist")?.drawn).toBeCloseTo(34, 6);
  });
  it("moves the outer panel out by twice the seam over the cosine of the lean, up to the next eighth", () => {
    for (const garment of ["armhole-bustier", "shoulder-bustier"]) {
      const { shift } = pieceOf(workedSheet(garment), "side-front");
      expect(shift * 8).toBe(Math.round(shift * 8));
      expect(shift).toBeGreaterThanOrEqual(1.125);
      expect(shift).toBeLessThanOrEqual(1.5);
    }
  });
});

describe("choices and rules that do not go together are said at the choice", () => {
  it.each([
    ["a-line-dress", { choices: { panel: "none" } }, "bust-dart-needs-panel", "choices.bustDart"],
    [
      "basic-bodice",
      { choices: { bustDart: "to-waist", frontWaistDart: false } },
      "bust-dart-needs-waist-dart",
      "choices.bustDart",
    ],
    ["basic-bodice", { choices: { frontNeckDepth: 17 } }, "neck-below-waist", "choices.frontNeckDepth"],
    [
      "lapel-dress",
      { choices: { collar: "none", frontNeck: "v", frontNeckDepth: 18 } },
      "neck-below-waist",
      "choices.frontNeckDepth",
    ],
    ["yoke-gown", { choices: { frontNeckDepth: 9 } }, "neck-below-waist", "choices.frontNeckDepth"],
    ["shift-dress", { choices: { opening: "back-zip" } }, "four-layers-need-no-opening", "choices.fold"],
    ["shirt-dress", { choices: { slitLength: 40 } }, "slit-longer-than-front", "choices.slitLength"],
    ["shift-dress", { choices: { slitLength: 9 } }, "slit-not-for-facing", "choices.slitFinish"],
    ["shirt", { choices: { backYoke: false } }, "pleat-needs-yoke", "choices.backPleat"],
    ["shirt", { choices: { backYokeDepth: 6, backNeckDepth: 3 } }, "yoke-below-armhole", "choices.backYokeDepth"],
    ["sheath-dress", { choices: { fold: "back-from-front" } }, "front-not-inside-back", "choices.fold"],
    ["armhole-bustier", { card: { shoulderToBust: 15 } }, "underbust-out-of-place", "measurements.shoulderToBust"],
    ["basic-bodice", { card: { frontWaist: 21, backWaist: 13 } }, "bust-dart-too-large", "measurements.frontWaist"],
    ["sheath-dress", { card: { shoulderToHip: 19.5 } }, "hip-above-waist", "measurements.shoulderToHip"],
    [
      "sheath-dress",
      { rules: { "frontDart.tipAboveHip": 6 }, card: { waistToHip: 6.5 } },
      "dart-too-short",
      "choices.frontWaistDart",
    ],
    ["basic-bodice", { card: { bustSpan: 11, waist: 20 } }, "dart-beyond-side", "measurements.bustSpan"],
    ["basic-bodice", { card: { armhole: 26 } }, "armhole-below-bust", "measurements.armhole"],
    ["yoke-gown", { rules: { underbustTakeOut: 4 } }, "take-out-too-uneven", "rules.underbustTakeOut"],
  ] as const)("%s with %j: %s, at %s", (garment, worked, code, conflict) => {
    let refused: { readonly code: string; readonly conflicts: readonly string[]; readonly remedy: string } | undefined;
    try {
      workedSheet(garment, worked);
    } catch (thrown) {
      refused = JSON.parse((thrown as Error).message).refused?.[0];
    }
    expect(refused).toMatchObject({ code });
    expect(refused?.conflicts).toContain(conflict);
    expect(refused?.remedy.length).toBeGreaterThan(20);
  });
});
