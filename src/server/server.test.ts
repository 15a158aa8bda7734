import { describe, expect, it } from "vitest";
import { makeSheet } from "@/core/formats";
import { collarChoices, insideChoices, makingChoices, sleeveChoices } from "@/core/parts";
import type { StoredOrder } from "@/db";
import { readCardInput } from "./card-input";
import { decisionsOf } from "./garment-decisions";
import { readId } from "./ids";
import { orderUnit, writeOrder } from "./order-document";
import { askedReadings, cardReadings } from "./readings";
import { withUnit } from "./with-unit";

const input = (readings: object, more: object = {}) => ({
  name: "Ines Marlowe",
  takenOn: "2026-11-23",
  readings,
  ...more,
});

describe("a card as it comes from the form", () => {
  it("keeps what was typed, each with its own unit, and leaves out what is empty", () => {
    const card = readCardInput(input({ bust: " 38½ ", hip: "104 cm", waist: "" }), "in");
    expect(card).toMatchObject({
      ok: true,
      value: { readings: { bust: { typed: "38½", unit: "in" }, hip: { typed: "104 cm", unit: "cm" } } },
    });
    expect(card.ok && Object.keys(card.value.readings)).toEqual(["bust", "hip"]);
  });
  it("names every field that is wrong, at once", () => {
    const card = readCardInput(input({ bust: "-3", hip: "wide", knee: "0" }), "in");
    expect(card.ok ? [] : card.errors.map(({ field }) => field)).toEqual(["bust", "hip", "knee"]);
  });
  it.each([
    ["no name", input({ bust: "38" }, { name: "  " }), "name"],
    ["a name of signs", input({ bust: "38" }, { name: "A\u0000B" }), "name"],
    ["a name without end", input({ bust: "38" }, { name: "x".repeat(5000) }), "name"],
    ["no day", input({ bust: "38" }, { takenOn: "yesterday" }), "takenOn"],
    ["no reading", input({}), ""],
    ["nothing at all", null, ""],
    ["a reading that is none", input({ girth: "38" }), "girth"],
  ])("refuses %s at its field", (_, typed, field) => {
    const card = readCardInput(typed, "in");
    expect(card.ok ? "taken" : card.errors[0]?.field).toBe(field);
  });
});

describe("lengths keep their unit", () => {
  it.each([
    ["38 1/2", "in", "38 1/2 in"],
    ["34¼", "in", "34¼ in"],
    ["97,5cm", "cm", "97,5cm"],
    ['41 1/2"', "in", '41 1/2"'],
    ["92", "cm", "92 cm"],
    ["5' 4\"", "in", "5' 4\""],
    ["42; 42,5", "cm", "42 cm; 42,5 cm"],
    ["R 17 l 16 1/2; 16 in", "in", "L 16 1/2 in; 16 in R 17 in"],
  ] as const)("%s taken in %s is written %s", (typed, own, written) => expect(withUnit(typed, own)).toBe(written));

  const readings = Object.fromEntries(
    Object.entries({
      bust: "92",
      waist: "74,5",
      hip: "99",
      shoulder: "38,5",
      armhole: "41",
      frontWaist: "43",
      waistToHip: "21",
      fullLength: "104",
    }).map(([id, typed]) => [id, { typed, unit: "cm" as const }]),
  );
  const card = {
    id: "k",
    clientId: "c",
    takenOn: "2026-11-20",
    readings,
    figure: "woman" as const,
    age: null,
    revision: 1,
  };
  const around = { client: { id: "c", name: "A" }, card, notes: [], ownSets: [], shop: "in" as const };
  const order: StoredOrder = {
    id: "o",
    number: 1,
    clientId: "c",
    cardId: "k",
    garment: "straight-dress",
    unit: "in" as const,
    choices: { frontNeckDepth: "4 in" },
    rules: { set: "close" },
    cloth: { width: "60", length: "" },
    state: "drafted",
    promisedOn: null,
    fittings: [],
    spoilt: [],
    fitted: [],
    money: null,
    alteration: null,
  };

  it("a card in centimetres means the same in an inch shop", () =>
    expect(cardReadings(card, "in").bust).toBeCloseTo(92 / 2.54, 9));
  it("another rule set changes the order's unit and no length in it", () => {
    const sheets = ["close", "metric"].map((set) => makeSheet(writeOrder({ ...order, rules: { set } }, around)));
    expect(
      sheets.map(
        (outcome) =>
          outcome.kind === "sheet" && [
            outcome.sheet.unit,
            outcome.sheet.resolved.choices.frontNeckDepth,
            outcome.sheet.cloth.width,
          ],
      ),
    ).toEqual([
      ["in", 4, 60],
      ["cm", 4, 60],
    ]);
    expect(orderUnit({ set: "easy" }, [], "cm")).toBe("cm");
  });
});

it("asks first for what the garments of the catalogue cannot do without", () =>
  expect(askedReadings()).toEqual([
    "shoulder",
    "bust",
    "underbust",
    "waist",
    "hip",
    "armhole",
    "upperArm",
    "elbow",
    "wrist",
    "bustSpan",
    "shoulderToBust",
    "shoulderToUnderbust",
    "frontWaist",
    "backWaist",
    "waistToHip",
    "fullLength",
    "skirtLength",
    "sleeveLength",
    "shoulderToElbow",
  ]));

it("offers every choice of a garment and every rule that moves it, with its why", () => {
  const { choices, rules, sets } = decisionsOf({ garment: "straight-dress", choices: {} }, "woman", []);
  expect(choices.map(({ id }) => id)).toEqual([
    "neckWidth",
    "frontNeck",
    "frontNeckDepth",
    "backNeck",
    "backNeckDepth",
    "builtUpRise",
    "builtUpDip",
    "opening",
    "zipEnd",
    "overlapWidth",
    "hemExtra",
    "shorterBy",
    ...Object.keys(sleeveChoices),
    ...Object.keys(collarChoices),
    "neckFinish",
    "facingDepth",
    "facingWraps",
    "armholeFinish",
    "frontLap",
    "buttonLoops",
    "buttonSize",
    "pocket",
    "pocketFlap",
    "pocketWidth",
    "pocketHeight",
    "pocketDown",
    "tieBelt",
    ...Object.keys(insideChoices),
    // Its sides do not rise: there is no tail to shape on the sewn garment.
    ...Object.keys(makingChoices).filter((id) => id !== "hemShape"),
    "fold",
    "frontCurves",
    "workingPiece",
    "scale",
  ]);
  expect(rules.find(({ id }) => id === "armholeDepth")).toMatchObject({
    range: [5, 14],
    options: [{ id: "solved" }, { id: "half-armhole" }, { id: "bust-sixth" }],
  });
  for (const { why } of [...choices, ...rules]) expect(why.length).toBeGreaterThan(20);
  expect(sets.map(({ id }) => id)).toEqual(["close", "easy", "metric"]);
});

it("lets nothing but an id through to the book", () => {
  expect(readId("00000000-0000-4000-8000-000000000000")).toBeDefined();
  for (const wrong of ["", "no", "\u0000", "' or 1=1", 7, null, {}]) expect(readId(wrong)).toBeUndefined();
});
