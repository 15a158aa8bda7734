import { describe, expect, it } from "vitest";
import { typicalBody } from "../body";
import { checkChoice, type RefusalCode, refusalCodes } from "../chalk";
import { planFolds } from "../cloth";
import { garments } from "../garments";
import { checkRuleValue, isRuleId } from "../rules";
import { draftOrder, makeSheet, readOrder } from ".";

interface Wish {
  readonly measuredOnGarment?: object;
  readonly garment: string;
  readonly choices?: Readonly<Record<string, string | number | boolean>>;
  readonly rules?: Readonly<Record<string, string | number | boolean>>;
  readonly card?: object;
}

/** For each refusal an order that meets it, and what the sentence must name. */
const wishes: Readonly<Partial<Record<RefusalCode, readonly [Wish, RegExp]>>> = {
  "shoulder-wider-than-chest": [
    { garment: "basic-bodice", card: { shoulder: 20, bust: 30 } },
    /10 in.* wider than a quarter of the bust/,
  ],
  "armhole-too-small-for-chest": [
    { garment: "shirt", card: { armhole: 10 }, rules: { armholeRoom: 0, "ease.bust": 10 } },
    /shortest that can be drawn/,
  ],
  "armhole-too-deep": [
    { garment: "straight-dress", rules: { armholeDepth: 14 }, card: { frontWaist: 15.5, backWaist: 14.5 } },
    /chest line falls at the waist/,
  ],
  "neck-wider-than-shoulder": [
    { garment: "straight-dress", choices: { neckWidth: 7 } },
    /neck width of 7 in leaves no shoulder/,
  ],
  "neck-below-waist": [
    { garment: "shirt", choices: { collar: "none", frontNeckDepth: 20 } },
    /down to the waist line at 16⅝ in/,
  ],
  "hem-above-hip": [{ garment: "straight-dress", card: { fullLength: 24 } }, /hem \(24 in\)/],
  "hip-above-waist": [{ garment: "sheath-dress", card: { shoulderToHip: 19 } }, /below the waist/],
  "hem-too-narrow": [
    { garment: "straight-dress", card: { hip: 15.5 }, choices: { hemExtra: -2 }, rules: { "ease.hip": -4 } },
    /hem would be only/,
  ],
  "four-layers-need-no-opening": [{ garment: "shift-dress", choices: { opening: "back-zip" } }, /a zip line cannot/],
  "front-not-inside-back": [
    { garment: "shift-dress", rules: { shoulderSlope: 0.25 } },
    /front's shoulder sticks ¾ in out|front's shoulder sticks/,
  ],
  "shoulder-drop-too-steep": [
    { garment: "straight-dress", choices: { neckWidth: 6.25 }, rules: { shoulderSlope: 1.5 } },
    /too steep for a shoulder/,
  ],
  "armhole-below-bust": [
    { garment: "armhole-bustier", rules: { armholeDepth: 14 } },
    /far below the bust line at 10⅜ in/,
  ],
  "underbust-out-of-place": [{ garment: "armhole-bustier", card: { shoulderToBust: 15 } }, /under-bust line/],
  "bust-dart-too-large": [{ garment: "basic-bodice", card: { frontWaist: 21, backWaist: 13 } }, /longer than the back/],
  "bust-dart-too-low": [
    { garment: "basic-bodice", card: { shoulderToBust: 14.5, armhole: 19 } },
    /bust dart would open/,
  ],
  "bust-dart-needs-panel": [
    { garment: "a-line-dress", choices: { panel: "none" } },
    /only be closed into a panel seam/,
  ],
  "bust-dart-needs-waist-dart": [
    { garment: "basic-bodice", choices: { bustDart: "to-waist", frontWaistDart: false } },
    /only be closed into a waist dart/,
  ],
  "skirt-opens-not": [
    { garment: "basic-bodice", choices: { skirt: "ruched", opening: "front-band" } },
    /skirt must open as well/,
  ],
  "slit-in-open-front": [
    {
      garment: "pencil-skirt",
      choices: { opening: "front-band", hemSlit: "slit", hemSlitAt: "centre-front" },
    },
    /buttoned down to the hem is left open/,
  ],
  "skirt-needs-waist": [{ garment: "armhole-bustier", choices: { skirt: "a-line", ends: "ribs" } }, /ends at the ribs/],
  "slit-too-high": [
    { garment: "pencil-skirt", choices: { hemSlit: "slit", hemSlitTop: "10 in" } },
    /must lie between 10¾ in|must lie between 1[01]/,
  ],
  "darts-too-wide": [
    { garment: "pencil-skirt", choices: { skirtDarts: "figure" }, card: { waist: 24, hip: 56 } },
    /6½ in a quarter would be left to the darts; more than 6 in/,
  ],
  "dart-too-short": [
    { garment: "sheath-dress", rules: { "frontDart.tipAboveHip": 6 }, card: { waistToHip: 6.5 } },
    /waist dart would run/,
  ],
  "dart-beyond-side": [{ garment: "basic-bodice", card: { bustSpan: 11, waist: 20 } }, /at or over the side/],
  "panel-off-armhole": [{ garment: "armhole-bustier", rules: { "ease.bust": 12 } }, /would meet the armhole/],
  "slit-longer-than-front": [{ garment: "shirt-dress", choices: { slitLength: 40 } }, /A slit of 40 in is longer/],
  "pleat-needs-yoke": [{ garment: "shirt", choices: { backYoke: false } }, /held by a yoke/],
  "yoke-below-armhole": [{ garment: "shirt", rules: { "ease.bust": 12 } }, /would end below the armhole/],
  "panel-off-shoulder": [
    { garment: "shoulder-bustier", choices: { panelLine: "plumb" }, card: { bustSpan: 7 } },
    /leave the shoulder at 3 in/,
  ],
  "neck-meets-panel": [
    { garment: "armhole-bustier", choices: { frontNeck: "square", neckWidth: 6, frontNeckDepth: 9 } },
    /6 in wide and 9 in deep runs into the panel seam/,
  ],
  "neck-meets-dart": [
    { garment: "lapel-dress", choices: { collar: "none", frontNeck: "sweetheart", frontNeckDepth: 13 } },
    /whose tip lies 11⅜ in down/,
  ],
  "take-out-too-uneven": [{ garment: "yoke-gown", rules: { underbustTakeOut: 4 } }, /With 4 in taken out/],
  "trim-reaches-ribs": [
    {
      garment: "shoulder-bustier",
      rules: { balance: "trim" },
      card: { frontWaist: 15.75, backWaist: 14.5, shoulderToUnderbust: 14.75 },
    },
    /would reach the ribs/,
  ],
  "sweetheart-too-shallow": [
    { garment: "straight-dress", choices: { backNeck: "sweetheart" } },
    /A sweetheart 1 in deep/,
  ],
  "slit-not-for-facing": [{ garment: "shift-dress", choices: { slitLength: 9 } }, /that takes 2 in to 8 in/],
  "split-cuts-dart": [
    { garment: "basque-gown", choices: { bodySplit: true, splitAboveWaist: 2, bustDartDepth: 5 } },
    /cut across the bust dart/,
  ],
  "facing-over-split": [
    {
      garment: "basque-gown",
      choices: { bodySplit: true, bustDart: "none", frontNeckDepth: 15, splitAboveWaist: 3, neckFinish: "facing" },
    },
    /no one facing goes round it/,
  ],
  "flare-line-misplaced": [
    { garment: "mermaid-skirt", choices: { flareLine: 9 } },
    /It would open 9 in below the waist; between 12\S* ?\S* in and \S+ ?\S* in it is clear/,
  ],
  "ratio-under-one": [
    { garment: "tiered-skirt", choices: { tierAdd: 8 }, card: { waist: 50, hip: 41 } },
    /A round of 49⅛ in cannot be gathered into an edge of 50½ in/,
  ],
  "tier-too-shallow": [
    { garment: "tiered-skirt", choices: { tiers: "6", tierDepths: "growing", tierGrowth: 1.6 } },
    /A tier would be only ⅞ in deep/,
  ],
  "godet-too-wide": [
    {
      garment: "mermaid-skirt",
      choices: { flareBy: "godet", godetLength: 4, godetWidth: 12 },
      card: { fullLength: 52 },
    },
    /A godet of 12 in at its hem would be a fan: at its length 6 in is the widest/,
  ],
  "ring-too-small": [
    { garment: "circle-skirt", choices: { circleShare: 3 }, card: { waist: 18 } },
    /with a radius of less than ½ in/,
  ],
  "cap-too-high": [
    { garment: "straight-dress", choices: { sleeve: "long" }, rules: { capHeight: 9 }, card: { armhole: 13 } },
    /A cap that high leaves the sleeve no width/,
  ],
  "no-cap": [
    { garment: "straight-dress", choices: { sleeve: "long" }, card: { armhole: 15, upperArm: 20 } },
    /No sleeve cap of 2 in or more goes over an arm of 20 in/,
  ],
  "sleeve-too-short": [
    { garment: "straight-dress", choices: { sleeve: "short", sleeveEnd: 4 } },
    /A sleeve that ends at 4 in ends within its cap/,
  ],
  "sleeve-slit-too-long": [
    { garment: "straight-dress", choices: { sleeve: "short", sleeveCuff: "buttoned", sleeveSlit: 7 } },
    /A slit of 7 in is longer than the sleeve below its cap/,
  ],
  "cap-sleeve-too-short": [
    {
      garment: "straight-dress",
      choices: { sleeve: "cap", capSleeveEnds: 6 },
      card: { armhole: 12, bust: 30, shoulder: 12 },
    },
    /hardly covers the shoulder/,
  ],
  "flounce-leaves-no-sleeve": [
    { garment: "straight-dress", choices: { sleeve: "flounce", flounceAt: 20 } },
    /A flounce from 20 in above the end leaves no sleeve/,
  ],
  "collar-on-neck": [
    { garment: "straight-dress", choices: { collar: "stand", frontNeck: "square" } },
    /A stand sits on a round neck/,
  ],
  "built-up-too-shallow": [
    { garment: "straight-dress", choices: { frontNeck: "built-up", neckWidth: 2.5, frontNeckDepth: 1.25 } },
    /A built-up neck 1¼ in deep in front closes on the throat: at least 1½ in/,
  ],
  "overlap-too-wide": [
    {
      garment: "shirt",
      choices: { collar: "turn-down", bandWidth: 3 },
      measuredOnGarment: { necklineFront: 2, necklineBack: 1 },
    },
    /overlaps by 1½ in: of this collar at most 1⅛ in/,
  ],
  "fall-too-narrow": [
    { garment: "shirt", choices: { standHeight: 2, fallWidth: 2 } },
    /A fall of 2 in does not cover a stand of 2 in: at least 2½ in/,
  ],
  "break-misplaced": [{ garment: "lapel-dress", choices: { breakAt: 5 } }, /A break 5 in down lies too near/],
  "lapel-too-narrow": [
    { garment: "lapel-dress", choices: { lapelWidth: 2 } },
    /A lapel 2 in wide does not reach beyond the centre front/,
  ],
  "lapel-over-armhole": [
    { garment: "lapel-dress", choices: { lapelWidth: 5 }, card: { shoulder: 13 } },
    /within an inch of the armhole/,
  ],
  "cape-below-bust": [
    { garment: "straight-dress", choices: { collar: "cape", frontNeckDepth: 13 } },
    /below the bust line/,
  ],
  "pocket-misplaced": [
    { garment: "straight-dress", choices: { pocket: "patch", pocketWidth: 9, pocketHeight: 10 } },
    /A pocket 9 in wide, 7 in below the shoulder, would lie over a seam or off the front/,
  ],
  "ruche-turns-too-far": [
    { garment: "ruched-skirt", choices: { rucheSpreads: "3; 3; 3; 3; 3" }, card: { bustSpan: 11 } },
    /would turn by 1\d\d° and lie over itself/,
  ],
};

/** Not to be met by an order today: no garment with panels offers a shared fold, and what crosses is refused by its own code first. */
const beyondOrders: readonly RefusalCode[] = ["panels-need-own-fold", "outline-crosses-itself"];

function orderOf({ card = {}, ...wish }: Wish) {
  return { ...wish, client: { card: { measurements: { ...typicalBody, ...card } } } };
}

function refusalOf(wish: Wish) {
  const outcome = makeSheet(orderOf(wish));
  if (outcome.kind !== "refused") throw new Error(`expected a refusal, found ${outcome.kind}`);
  const [first] = outcome.refused;
  if (first === undefined) throw new Error("no refusal");
  return first;
}

it("there is an order for every refusal that an order can meet", () =>
  expect(new Set([...Object.keys(wishes), ...beyondOrders])).toEqual(new Set(refusalCodes)));

describe.each(Object.entries(wishes) as [RefusalCode, readonly [Wish, RegExp]][])("%s", (code, [wish, names]) => {
  const refusal = refusalOf(wish);

  it("is what the order meets, and its sentence names the true cause", () => {
    expect(refusal.code).toBe(code);
    expect(refusal.message).toMatch(names);
    for (const said of [refusal.message, refusal.remedy]) expect(said).not.toMatch(/undefined|NaN|\[object/);
    expect(refusal.remedy).toMatch(/^(Choose|Set|Measure|Go back).+\.$/);
  });

  it("offers only what the garment offers, inside its range, and the garment is drawn with it", () => {
    const { change } = refusal;
    if (change === undefined) {
      expect(refusal.remedy).toMatch(/^Measure .+ again\.$/);
      return;
    }
    if (!("value" in change)) {
      expect(makeSheet(orderOf({ garment: wish.garment, ...(wish.card ? { card: wish.card } : {}) })).kind).toBe(
        "sheet",
      );
      return;
    }
    const { path, value } = change;
    const garment = garments.find(({ id }) => id === wish.garment);
    const [place, ...rest] = path.split(".");
    const id = rest.join(".");
    const choice = garment?.choices[id];
    if (place === "choices") expect(choice && checkChoice(id, choice, value)).toBeUndefined();
    else expect(isRuleId(id) && garment?.uses.includes(id) && checkRuleValue(id, value)).toBeUndefined();
    const field = place === "choices" ? "choices" : "rules";
    expect(makeSheet(orderOf({ ...wish, [field]: { ...wish[field], [id]: value } })).kind).toBe("sheet");
  });

  it("marks the field that cures it first, and no field that the garment does not have", () => {
    const garment = garments.find(({ id }) => id === wish.garment);
    if (refusal.change !== undefined && "value" in refusal.change)
      expect(refusal.conflicts[0]).toBe(refusal.change.path);
    for (const path of refusal.conflicts.filter((one) => one.startsWith("choices.")))
      expect(garment?.choices[path.replace("choices.", "")]).toBeDefined();
  });
});

describe("what no order meets today is still said", () => {
  it("panels share no fold with another half", () => {
    const read = readOrder(orderOf({ garment: "armhole-bustier" }));
    const drawn = read.ok ? draftOrder(read.value) : null;
    if (!drawn?.ok) throw new Error("not drawn");
    const folded = planFolds(drawn.value.full, "four-layers");
    expect(folded.ok ? [] : folded.issues.map(({ code }) => code)).toEqual(["panels-need-own-fold"]);
  });
});

describe("a length that is offered", () => {
  it("lies on the safe side and on the tape: the neck may be 6⅝ at half a shoulder of 7⅝, never 6⅔", () => {
    const { change, remedy } = refusalOf({ garment: "overlap-dress", choices: { neckWidth: 7 } });
    expect(change).toEqual({ path: "choices.neckWidth", value: 6.625 });
    expect(remedy).toBe("Choose 6⅝ in or less for “Neck width, from the centre”.");
  });
  it("is a multiple of ½ cm in a metric shop", () => {
    const measurements = Object.fromEntries(Object.entries(typicalBody).map(([id, value]) => [id, value * 2.54]));
    const choices = { neckWidth: "17.5 cm" };
    const outcome = makeSheet({ garment: "straight-dress", unit: "cm", choices, client: { card: { measurements } } });
    const change = outcome.kind === "refused" ? outcome.refused[0]?.change : undefined;
    const value = change !== undefined && "value" in change ? Number(change.value) * 2.54 : 0;
    expect(value).toBeGreaterThan(10);
    expect(value * 2).toBeCloseTo(Math.round(value * 2), 6);
  });
  it("names the slope when only the slope of the front was changed in four layers", () => {
    const { conflicts, remedy } = refusalOf({ garment: "shift-dress", rules: { shoulderSlope: 0.25 } });
    expect(conflicts).toContain("rules.shoulderSlope");
    expect(remedy).toContain("Shoulder drop");
  });
});
