import { readFileSync } from "node:fs";
import { toJsonSchema } from "@valibot/to-json-schema";
import { expect, it } from "vitest";
import { cutSheetSchema, makeSheet, orderSchema } from "../src/core/formats";
import { garments, NO_GARMENT } from "../src/core/garments";
import { writeRules } from "../src/server/order-document";
import { demoClientsFor, demoRuleSets } from "./demo-week";

it("keeps docs/schemas as the core reads (npm run schemas writes them)", () => {
  for (const [name, schema] of Object.entries({ order: orderSchema, "cut-sheet": cutSheetSchema })) {
    const kept = JSON.parse(readFileSync(`docs/schemas/${name}.json`, "utf8"));
    expect(kept).toEqual({ title: `inner-fold/${name}`, ...JSON.parse(JSON.stringify(toJsonSchema(schema))) });
  }
});

it("draws the example order of the README", () => {
  const outcome = makeSheet(JSON.parse(readFileSync("docs/examples/straight-dress.json", "utf8")));
  expect(outcome.kind === "sheet" && outcome.sheet.checks).toEqual([]);
});

it("has ten clients in the demo week whose every order for a garment can be drawn, every garment among them, and one to alter", () => {
  const demoClients = demoClientsFor("2026-11-25");
  expect(demoClients).toHaveLength(10);
  const altered = demoClients.flatMap(({ orders }) => orders.filter(({ alteration }) => alteration !== undefined));
  expect(altered.map(({ garment }) => garment)).toEqual([NO_GARMENT]);
  for (const { name, cards, notes = [], orders: all } of demoClients) {
    const orders = all.filter(({ alteration }) => alteration === undefined);
    for (const { garment, choices, rules, cloth } of orders) {
      const card = cards.at(-1);
      const measurements = Object.fromEntries(
        Object.entries(card?.readings ?? {}).map(([id, typed]) => [id, `${typed} ${card?.unit}`]),
      );
      const outcome = makeSheet({
        garment,
        client: { name, card: { figure: card?.figure ?? "woman", measurements } },
        choices,
        rules: writeRules(rules, demoRuleSets),
        figureNotes: notes.filter(({ inUse }) => inUse).map(({ inUse: _, ...note }) => note),
        cloth: Object.fromEntries(Object.entries(cloth)),
      });
      expect(outcome.kind, `${name}: ${JSON.stringify(outcome).slice(0, 300)}`).toBe("sheet");
    }
  }
  expect(new Set(demoClients.flatMap(({ orders }) => orders.map(({ garment }) => garment)))).toEqual(
    new Set([NO_GARMENT, ...garments.map(({ id }) => id)]),
  );
});

it("moves the demo week to the week it is shown in, Mondays to Mondays", () => {
  const [first] = demoClientsFor("2027-03-10");
  expect(first?.orders[0]?.promisedOn).toBe("2027-03-11");
  expect(first?.orders[0]?.fittings).toEqual(["2027-03-09"]);
});
