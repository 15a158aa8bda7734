import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { sayMinutes } from "@/core/wording";
import type { LoggedOrder } from "@/db";
import { LogView } from "./log-view";

const order: LoggedOrder = {
  id: "o",
  number: 8,
  clientId: "c",
  clientName: "Wren Castellane",
  cardId: "k",
  garment: "straight-dress",
  unit: "in",
  choices: {},
  rules: {},
  cloth: {},
  state: "fitted",
  promisedOn: null,
  fittings: [],
  spoilt: [{ id: "s", piece: "sleeve", copies: 1, side: "left", why: "scorched", on: "2026-11-20", again: null }],
  fitted: [],
  money: { price: "165", deposit: "", paid: [{ on: "2026-11-20", amount: "170" }], note: "" },
  alteration: null,
  cutAt: "2026-11-19T10:00:00.000Z",
};
const view = (log: readonly LoggedOrder[], more: Partial<Parameters<typeof LogView>[0]> = {}) =>
  renderToStaticMarkup(
    <LogView log={log} more={false} letters="" garment="" garments={[]} currency="€" usual={{}} {...more} />,
  )
    .replace(/<[^>]+>/g, " ")
    .replace(/\s+/g, " ");

describe("the logbook", () => {
  it("says of each garment what is worth knowing, and leads to it and to cutting it again", () => {
    expect(view([order])).toMatch(
      /Wren Castellane · Straight dress No\. 8 · cut on 19 November 2026 · fitted spoilt: scorched € 165, € 5 to give back Cut it again/,
    );
  });
  it("empty it says why: nothing is cut, or nothing is called so", () => {
    expect(view([])).toContain("Nothing is cut yet.");
    expect(view([], { letters: "zz" })).toContain("Nothing that was cut is called so.");
  });
  it("says how long each stretch takes here, only where enough were timed", () => {
    expect(view([order])).not.toContain("By the ticks");
    const usual = { chalk: { minutes: 24.4, garments: 5 }, sew: { minutes: 190, garments: 3 } };
    expect(view([order], { usual })).toContain("chalking 24 min (of 5), sewing 3 h 10 (of 3).");
    expect([sayMinutes(59.4), sayMinutes(60), sayMinutes(125)]).toEqual(["59 min", "1 h 00", "2 h 05"]);
  });
  it("says that there are more than it shows", () => {
    expect(view([order], { more: true })).toContain("There are more");
  });
});
