import { describe, expect, it } from "vitest";
import { typicalBody } from "../src/core/body";
import { outcomeOf, signatures } from "./sweep/outcome";
import { randomOrder } from "./sweep/random-order";

interface Small {
  readonly garment: string;
  readonly rules?: object;
  readonly choices?: object;
  readonly card?: object;
  readonly figureNotes?: readonly object[];
}

function outcome({ card = {}, ...order }: Small) {
  return outcomeOf({ ...order, client: { card: { measurements: { ...typicalBody, ...card } } } });
}

/** The smallest order of each class of mistake that the random search ever found; what a hand does every day is drawn. */
const drawn: readonly (readonly [string, Small])[] = [
  ["whole give-back, panels from the armhole", { garment: "armhole-bustier", rules: { giveBack: "whole" } }],
  ["whole give-back, panels from the shoulder", { garment: "shoulder-bustier", rules: { giveBack: "whole" } }],
  ["whole give-back, freehand", { garment: "freehand-bustier", rules: { giveBack: "whole" } }],
  [
    "whole give-back under a high chest line",
    { garment: "armhole-bustier", rules: { giveBack: "whole" }, card: { armhole: 14 } },
  ],
  ["room on the bust line alone", { garment: "armhole-bustier", rules: { panelRoom: "at-bust" } }],
  [
    "room on the bust line alone, wide seams",
    { garment: "flared-blouse", rules: { panelRoom: "at-bust", allowance: { panel: 1.5 } } },
  ],
  ["room at the shoulder alone", { garment: "shoulder-bustier", rules: { panelRoom: "at-shoulder" } }],
  ["room at the shoulder alone, below a yoke", { garment: "yoke-gown", rules: { panelRoom: "at-shoulder" } }],
  [
    "room and a closed bust dart",
    {
      garment: "shoulder-bustier",
      rules: { panelRoom: "at-bust" },
      choices: { neckWidth: "13 cm", bustDart: "to-panel" },
    },
  ],
  ["the ½ on the panel line", { garment: "armhole-bustier", rules: { dartLine: "span-plus" } }],
  ["the ½ on the bust line only, with darts", { garment: "lapel-dress", rules: { dartLine: "span-plus-at-bust" } }],
  ["a waist edge told through the ribs' mark", { garment: "armhole-bustier" }],
  ["a hem told through a mark that its side ran past", { garment: "flared-blouse" }],
  ["a shirt cut off near its hip", { garment: "shirt", choices: { belowHip: 2 } }],
  ["a shirt cut off above its hip", { garment: "shirt", choices: { belowHip: -2 } }],
  ["a zip on a flared seam", { garment: "flared-blouse", choices: { opening: "back-zip" } }],
  ["the armhole's middle on a yoke", { garment: "shirt" }],
  ["a slit under a neck that is cut off by its band", { garment: "pocket-shirt" }],
  [
    "a slit under a deep V",
    { garment: "shift-dress", choices: { slitFinish: "bands", slitLength: 8, frontNeck: "v", frontNeckDepth: 7 } },
  ],
  [
    "a slit with a seam inside the fold",
    { garment: "shirt-dress", choices: { slitFinish: "seam", fold: "one-fold", slitLength: 10 } },
  ],
  ["the back's edge trimmed, waist darts", { garment: "basic-bodice", rules: { balance: "trim" } }],
  ["the back's edge trimmed, an overlap", { garment: "lapel-dress", rules: { balance: "trim" } }],
  ["the back's edge trimmed, no panels behind", { garment: "freehand-bustier", rules: { balance: "trim" } }],
  ["ends at the ribs", { garment: "armhole-bustier", choices: { ends: "ribs" } }],
  [
    "a short waist dart that takes the bust dart in: both legs equal, its intake kept",
    {
      garment: "basic-bodice",
      rules: { frontDart: { tipBelowBust: 3, halfWidth: 1 }, tick: "none" },
      choices: { bustDart: "to-waist" },
      card: { waist: 30.25, bust: 36.125, frontWaist: 15.25, backWaist: 14.25, shoulder: 14.625, neck: 13.75 },
    },
  ],
  [
    "ribs, room at the bust and a trimmed side",
    { garment: "armhole-bustier", rules: { panelRoom: "at-bust", balance: "trim" }, choices: { ends: "ribs" } },
  ],
  [
    "a panel that leaves the armhole near its tip",
    {
      garment: "armhole-bustier",
      rules: { "allowance.armhole": 0.875, armholeTakeOut: 0, panelPoint: "4 cm" },
    },
  ],
  [
    "a take-out that would have run out at the waist",
    { garment: "overlap-dress", rules: { frontDart: { tipAboveHip: 6 } }, card: { waistToHip: 6 } },
  ],
  [
    "a roomy armhole over a side that flares out below it",
    {
      garment: "a-line-dress",
      rules: { set: "metric", armholeRoom: "6 in" },
      card: {
        bust: "95.5 cm",
        shoulder: "36.5 cm",
        waist: "81.5 cm",
        hip: "102 cm",
        armhole: "43.5 cm",
        bustSpan: "18.5 cm",
        shoulderToBust: "26.5 cm",
        shoulderToUnderbust: "35.5 cm",
        underbust: "79.5 cm",
        frontWaist: "40 cm",
        backWaist: "35.5 cm",
      },
    },
  ],
  ["a contoured back with panels", { garment: "armhole-bustier", rules: { backContour: "2 cm" } }],
  ["a contoured back with darts", { garment: "lapel-dress", rules: { backContour: 0.75 } }],
  ["a contour under a pleat", { garment: "shirt", rules: { backContour: 0.5 } }],
  ["a contour in four layers", { garment: "shift-dress", rules: { backContour: 1 } }],
  [
    "a flared back, contoured, with a deep neck",
    { garment: "flared-blouse", rules: { set: "metric", backContour: 0.906 }, choices: { backNeckDepth: 6.25 } },
  ],
  ["a hem at the hip", { garment: "pocket-shirt", choices: { belowHip: 0 } }],
  ["a hem just below the hip, panels lifted", { garment: "pocket-shirt", choices: { belowHip: 0.625 } }],
  ["a hem flared within half an inch", { garment: "pocket-shirt", choices: { hemExtra: 5, belowHip: 0.5 } }],
  [
    "back from front with a slit",
    { garment: "shift-dress", choices: { slitFinish: "bands", slitLength: 8, fold: "back-from-front" } },
  ],
  ["four layers with a slit", { garment: "shift-dress", choices: { slitFinish: "bands", slitLength: 0 } }],
  ["wide seams on an overlap", { garment: "lapel-dress", rules: { allowance: { panel: 2 } } }],
  ["outer panels on a quarter tick", { garment: "armhole-bustier", rules: { tick: "1/4" } }],
  ["outer panels on a metric tick", { garment: "yoke-gown", rules: { tick: "0.5cm" } }],
  ["seams in inches on a metric tape", { garment: "shirt-dress", rules: { set: "close", tick: "0.5cm" } }],
  ["seams in centimetres on an inch tape", { garment: "basque-gown", rules: { set: "metric", tick: "1/8" } }],
  ["a yoke in centimetres", { garment: "yoke-gown", rules: { set: "metric" } }],
  [
    "a note for a piece that is not there",
    { garment: "basque-gown", figureNotes: [{ piece: "side-front", line: "hip", amount: 0.5, why: "one hip" }] },
  ],
  ["a zip in the side", { garment: "yoke-gown", choices: { opening: "side-zip" } }],
  [
    "a split below the waist, across the darts",
    {
      garment: "basque-gown",
      rules: { "backDart.tipAboveHip": 4.75 },
      choices: { bodySplit: true, splitAboveWaist: -0.75 },
    },
  ],
  [
    "a split and a hollow that is not given back",
    { garment: "basque-gown", rules: { zipHollowGivenBack: false }, choices: { bodySplit: true } },
  ],
  [
    "a bust dart moved into a low waist dart",
    { garment: "lapel-dress", rules: { "frontDart.tipBelowBust": 3 }, choices: { bustDart: "to-waist" } },
  ],
  [
    "much ease on a trimmed side",
    { garment: "lapel-dress", rules: { "ease.bust": 12, balance: "trim" }, choices: { backWaistDart: false } },
  ],
  [
    "an underarm below where the panel edges meet",
    { garment: "a-line-dress", rules: { armholeRoom: 6 }, choices: { bustDart: "none" } },
  ],
  ["a panel point off the armhole", { garment: "armhole-bustier", rules: { panelPoint: 8 } }],
  ["a raised back edge", { garment: "basic-bodice", rules: { backLowerEdge: 1 } }],
  [
    "a raised back edge under panels",
    { garment: "armhole-bustier", rules: { backLowerEdge: 1 }, choices: { backPanel: "armhole" } },
  ],
  [
    "a neck cut higher than the shoulder",
    { garment: "straight-dress", rules: { allowance: { neck: 1, shoulder: 0.25 } }, choices: { backNeckDepth: 0.5 } },
  ],
  ["a V back beside a zip", { garment: "sheath-dress", choices: { backNeck: "v", backNeckDepth: 6 } }],
  [
    "a folded band under a V",
    { garment: "basic-bodice", choices: { opening: "front-band", frontNeck: "v", frontNeckDepth: 6 } },
  ],
  [
    "a pocket in the sides of a body that is split above its waist",
    { garment: "basque-gown", choices: { sideDip: "1.875 in", bodySplit: true, pocket: "side-seam" } },
  ],
  [
    "a bound neck that is cut on its chalk, by a tape of half centimetres",
    {
      garment: "freehand-bustier",
      choices: { neckFinish: "binding" },
      rules: { neckLine: "cutting", tick: "0.5cm" },
    },
  ],
  [
    "stay on a front that is slit a little way",
    { garment: "shirt-dress", choices: { slitLength: 3, bodyStay: "outside" } },
  ],
  ["a broad lapel cut on, its notch deep", { garment: "lapel-dress", choices: { lapelWidth: 4.875, collarCut: "on" } }],
  ["a band turned in once", { garment: "shirt", rules: { bandTurn: "once" } }],
  ["less at the waist of the side", { garment: "sheath-dress", rules: { "allowance.sideWaist": 0.5 } }],
  ["ribs measured near the bust line", { garment: "armhole-bustier", card: { shoulderToUnderbust: 11.5 } }],
  ["ribs much wider than the bust", { garment: "armhole-bustier", card: { underbust: 60 } }],
];

describe("what once was drawn wrong, or not at all, is drawn and passes every eye of the judge", () => {
  it.each(drawn)("%s", (_, order) => {
    const seen = outcome(order);
    expect(seen.kind).toBe("drawn");
    expect(seen.kind === "drawn" ? seen.faults : []).toEqual([]);
  });
});

/** An impossible wish is refused at the choice, and never drawn with an error. */
const refused: readonly (readonly [Small, string])[] = [
  [{ garment: "lapel-dress", choices: { collar: "none", frontNeckDepth: 16.625 } }, "neck-below-waist"],
  [{ garment: "shoulder-bustier", choices: { panelLine: "plumb" }, card: { bustSpan: 7 } }, "panel-off-shoulder"],
  [{ garment: "shoulder-bustier", choices: { panelLine: "plumb", neckWidth: 3.25 } }, "panel-off-shoulder"],
  [
    { garment: "shoulder-bustier", choices: { panelLine: "plumb", shoulderTakeOutSplit: "inner" } },
    "panel-off-shoulder",
  ],
  [{ garment: "straight-dress", choices: { frontNeck: "sweetheart", frontNeckDepth: 1.5 } }, "sweetheart-too-shallow"],
  [{ garment: "basque-gown", choices: { bodySplit: true, splitAboveWaist: 2, bustDartDepth: 5 } }, "split-cuts-dart"],
  [
    { garment: "armhole-bustier", choices: { frontNeck: "square", neckWidth: 6, frontNeckDepth: 9 } },
    "neck-meets-panel",
  ],
  [{ garment: "lapel-dress", choices: { collar: "none", frontNeck: "square", neckWidth: 6 } }, "neck-meets-dart"],
];

describe("what cannot be drawn is refused", () => {
  it.each(refused)("%j: %s", (order, code) => {
    const seen = outcome(order);
    expect(seen.kind === "refused" ? seen.refusals.map((refusal) => refusal.code) : seen.kind).toEqual([code]);
  });
});

describe("a scoop of 1½ and a panel point of 2", () => {
  it("are drawn with the point moved in, or refused: never crossing", () => {
    const seen = outcome({ garment: "armhole-bustier", rules: { frontScoop: 1.5, panelPoint: 2 } });
    expect(signatures(seen)).toEqual([]);
  });
});

describe("random orders (seeds 0…399)", () => {
  it("none throws, none is drawn with an error, none shows the judge anything", () => {
    const faulty = Array.from({ length: 400 }, (_, seed) => {
      const { kind: _kind, ...order } = randomOrder(seed);
      return [seed, ...signatures(outcomeOf(order))] as const;
    }).filter(([, ...faults]) => faults.length > 0);
    expect(faulty).toEqual([]);
  });
});
