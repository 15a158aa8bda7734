import * as v from "valibot";
import { describe, expect, it } from "vitest";
import { typicalBody } from "../body";
import { cutSheetSchema, describeCatalogue, makeSheet, neededReadings, pieceSvg, readCard } from ".";

const order = (extra: object = {}, card: object = {}) => ({
  garment: "straight-dress",
  client: { card: { measurements: { ...typicalBody, ...card } } },
  ...extra,
});

function errorsOf(input: unknown) {
  const outcome = makeSheet(input);
  return outcome.kind === "errors" ? outcome.errors : [];
}

describe("orders that cannot be read say where, what to do, and the nearest", () => {
  it.each<[string, unknown, string, unknown]>([
    ["an unknown garment", order({ garment: "strait-dress" }), "garment", "straight-dress"],
    ["an unknown key", order({ garmet: 1 }), "garmet", "garment"],
    ["an unknown key inside", { garment: "straight-dress", client: { nam: "x" } }, "client.nam", "name"],
    ["an unknown reading", order({}, { bustt: 40 }), "client.card.measurements.bustt", "bust"],
    ["an unknown choice", order({ choices: { frontNek: "v" } }), "choices.frontNek", "frontNeck"],
    ["an unknown option", order({ choices: { frontNeck: "vee" } }), "choices.frontNeck", "v"],
    ["a choice out of range", order({ choices: { neckWidth: 9 } }), "choices.neckWidth", 7],
    ["an unknown rule", order({ rules: { armholeDept: 9 } }), "rules.armholeDept", "armholeDepth"],
    ["a rule out of range", order({ rules: { allowance: { side: 9 } } }), "rules.allowance.side", 3],
    ["an unknown set", order({ rules: { set: "clos" } }), "rules.set", "close"],
    ["an absurd reading", order({}, { bust: 415 }), "client.card.measurements.bust", 41.5],
    [
      "a late measure that is none",
      order({ measuredOnGarment: { armhol: 18 } }),
      "measuredOnGarment.armhol",
      "armhole",
    ],
    [
      "a figure note on no line",
      order({ figureNotes: [{ piece: "bodice-back", line: "wast", amount: 1, why: "x" }] }),
      "figureNotes.0.line",
      "waist",
    ],
  ])("%s", (_, input, path, nearest) => expect(errorsOf(input)).toEqual([expect.objectContaining({ path, nearest })]));

  it.each([
    ["zero", 0],
    ["negative", -3],
    ["nonsense", "about 40"],
    ["nothing", ""],
  ])("a reading that is %s names its field", (_, bust) =>
    expect(errorsOf(order({}, { bust }))).toEqual([
      expect.objectContaining({
        path: "client.card.measurements.bust",
        message: expect.stringContaining("Bust girth"),
      }),
    ]),
  );

  it("says all errors at once, missing readings too", () => {
    const errors = errorsOf({
      garment: "straight-dress",
      client: { card: { measurements: { bust: "x", hip: 0 } } },
      choices: { neckWidth: 1 },
    });
    expect(errors.map(({ path }) => path.replace("client.card.measurements.", ""))).toEqual([
      "bust",
      "hip",
      "choices.neckWidth",
      "waist",
      "shoulder",
      "armhole",
      "frontWaist",
      "waistToHip",
      "fullLength",
    ]);
  });
  it.each([
    null,
    7,
    "x",
    [],
    { garment: 3 },
    { garment: "straight-dress", client: [] },
    JSON.parse('{"garment":"straight-dress","choices":{"__proto__":1}}'),
  ])("survives %j", (input) => expect(makeSheet(input).kind).toBe("errors"));
  it("draws the same dress from a card in centimetres as from one in inches", () => {
    const outlines = (unit: "in" | "cm") => {
      const card = Object.fromEntries(
        Object.entries(typicalBody).map(([id, inches]) => [id, unit === "cm" ? `${inches * 2.54} cm` : inches]),
      );
      const outcome = makeSheet(order({ unit }, card));
      return outcome.kind === "sheet" ? outcome.sheet.pieces.map(({ outline }) => outline) : outcome;
    };
    expect(outlines("cm")).toEqual(outlines("in"));
  });
});

describe("what goes out", () => {
  const outcome = makeSheet(order({ client: { name: "<b>Ada & Co</b>", card: { measurements: typicalBody } } }));
  if (outcome.kind !== "sheet") throw new Error("no sheet");
  const { sheet } = outcome;

  it("is a cut sheet by its own schema, and the same after a journey through JSON", () => {
    const travelled = JSON.parse(JSON.stringify(sheet));
    expect(v.parse(cutSheetSchema, travelled)).toEqual(sheet);
  });
  it("spaces the dots of every curve an inch apart at most", () => {
    for (const piece of sheet.pieces)
      for (const edge of piece.edges.filter(({ dots }) => dots.length > 0)) {
        const chord = Math.hypot(edge.end[0] - edge.start[0], edge.end[1] - edge.start[1]);
        const along = [0, ...edge.dots.map((dot) => dot.along), chord];
        for (const [index, reading] of along.slice(1).entries())
          expect(reading - (along[index] ?? 0)).toBeLessThanOrEqual(1 + 1e-6);
      }
  });
  it("marks every estimate as one", () => {
    const { waistToHip: _, head: __, ...card } = typicalBody;
    const estimated = makeSheet({ garment: "straight-dress", client: { card: { measurements: card } } });
    if (estimated.kind !== "sheet") throw new Error("no sheet");
    expect(estimated.sheet.resolved.measurements.find(({ id }) => id === "waistToHip")).toEqual({
      id: "waistToHip",
      value: 9,
      from: "estimate",
      rule: "average figure, by the front half length",
    });
    expect(estimated.sheet.checks.map(({ id }) => id)).toContain("reading-estimated");
  });
  it("writes a piece as SVG at full size whose outline is the sheet's, with the name escaped", () => {
    const front = sheet.pieces[0];
    if (front === undefined) throw new Error("no front");
    const svg = pieceSvg(sheet, front);
    expect(svg).toContain(`id="stitch" d="${front.outline.stitch}"`);
    expect(svg).toContain(`width="${front.box.right - front.box.left + 1}in"`);
    expect(svg).not.toContain("<b>");
  });
  it("describes every rule, and each is used by a garment", () => {
    const catalogue = describeCatalogue();
    expect(catalogue.rules.filter(({ used }) => !used)).toEqual([]);
    expect(catalogue.garments[0]?.choices.find(({ id }) => id === "frontNeck")).toMatchObject({
      options: ["round", "v", "square", "scoop", "boat", "sweetheart", "built-up"].map((id) =>
        expect.objectContaining({ id }),
      ),
    });
  });
});

describe("a shop's own set and readings taken again, in an order", () => {
  it("draws by the own set, and names a rule in it that is none at its place", () => {
    const outcome = makeSheet(order({ rules: { set: "close", setName: "Canal room", own: { "allowance.side": 1 } } }));
    expect(outcome.kind === "sheet" && outcome.sheet.resolved.rules["allowance.side"]).toEqual({
      value: 1,
      from: "own-set",
    });
    expect(errorsOf(order({ rules: { own: { "allowance.sid": 1 } } }))[0]).toMatchObject({
      path: "rules.own.allowance.sid",
      nearest: "allowance.side",
    });
  });
  it("keeps the middle of three readings, and names the one of them that is none", () => {
    const outcome = makeSheet(order({}, { bust: "38; 41 1/2; 105 cm" }));
    const bust = outcome.kind === "sheet" ? outcome.sheet.resolved.measurements.find(({ id }) => id === "bust") : null;
    expect(bust?.value).toBeCloseTo(105 / 2.54, 6);
    expect(errorsOf(order({}, { bust: "38; wide" }))[0]?.message).toContain("“wide” is not a length");
    expect(errorsOf(order({}, { bust: "38; 415" }))[0]?.nearest).toBe(41.5);
  });
  it("asks for a third reading when two are an inch apart", () =>
    expect(readCard({ bust: "41; 42", waist: "32; 32 1/4" }, "in")).toMatchObject({
      readings: { bust: 41.5, waist: 32.125 },
      wantThird: { bust: 1 },
    }));
  it("says what an order still needs: nothing for what the card has, an estimate where there is one", () => {
    const needs = neededReadings({ garment: "straight-dress" }, { bust: 40, frontWaist: 17 });
    const from = Object.fromEntries(needs.map((need) => [need.id, need.from]));
    expect(from).toMatchObject({ bust: "card", armhole: "estimate", waist: "missing", shoulder: "missing" });
    expect(neededReadings({ garment: "no-such" }, {})).toEqual([]);
  });
});
