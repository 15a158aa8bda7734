import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import type { ShortDay } from "@/core/making";
import type { ListedOrder } from "@/db";
import { StillNeeds } from "@/ui/client/still-needs";
import { nextActs } from "./next-acts";
import { OrderList } from "./order-list";
import { WeekStrip } from "./week-strip";

const text = (markup: string): string =>
  markup
    .replace(/<[^>]+>/g, " ")
    .replace(/\s+/g, " ")
    .trim();

const listed = (id: string, more: Partial<ListedOrder>): ListedOrder => ({
  id,
  number: 1,
  clientId: "c",
  clientName: "Brisa Holloway",
  cardId: "k",
  garment: "straight-dress",
  unit: "in",
  choices: {},
  rules: {},
  cloth: {},
  state: "drafted",
  promisedOn: null,
  fittings: [],
  spoilt: [],
  fitted: [],
  money: null,
  alteration: null,
  ...more,
});

describe("the week", () => {
  const strip = (due: readonly ListedOrder[], dayHolds: number, short: readonly ShortDay[] = []) =>
    text(
      renderToStaticMarkup(
        <WeekStrip monday="2026-11-23" days={14} today="2026-11-25" due={due} dayHolds={dayHolds} short={short} />,
      ),
    );
  const due = [
    listed("a", { promisedOn: "2026-11-26", fittings: ["2026-11-24"] }),
    listed("b", { promisedOn: "2026-11-26" }),
  ];
  it("shows a fitting and a promise on their days, today, and no day that is past and empty", () => {
    const said = strip(due, 4);
    expect(said).toContain("Tuesday 24 November 1 of 4 Brisa Holloway fitting");
    expect(said).toContain("Thursday 26 November 2 of 4");
    expect(said).toContain("Wednesday 25 November Free");
    expect(said).not.toContain("Monday 23 November");
    expect(said).not.toContain("Sunday 29 November");
  });
  it("says that a day with two things is too full for a shop whose day holds one", () =>
    expect(strip(due, 1)).toContain("Thursday 26 November too full"));
  it("says of which day the hours do not reach, never that 32 are more than 32", () => {
    const said = strip(due, 4, [{ day: "2026-11-26", needed: 60 * 32 + 5, there: 60 * 32 }]);
    expect(said).toMatch(/Thursday 26 November 2 of 4 Cannot be done: 33.h of work until here, 32.h there/);
    expect(strip(due, 4)).not.toContain("Cannot be done");
  });
});

describe("orders", () => {
  it("says that a promise is past, unless the garment was collected", () => {
    const say = (state: ListedOrder["state"]) =>
      text(
        renderToStaticMarkup(
          <OrderList orders={[listed("a", { state, promisedOn: "2026-11-24" })]} today="2026-11-25" />,
        ),
      );
    expect(say("drafted")).toContain("late: was promised for Tuesday 24 November");
    expect(say("collected")).not.toContain("late");
  });
  it("leads every state but the last to the next, and only past the shears by a word", () => {
    const after = Object.entries(nextActs).map(([state, act]) => [state, act.after?.state ?? null]);
    expect(after).toEqual([
      ["measured", null],
      ["drafted", null],
      ["cutting", null],
      ["cut", "sewn"],
      ["sewn", "fitted"],
      ["fitted", "finished"],
      ["finished", "collected"],
      ["collected", null],
    ]);
  });
  it("says what an order still needs, and which of it is estimated", () => {
    const own = [
      { id: "waist", from: "missing" },
      { id: "armhole", from: "estimate" },
    ] as const;
    const said = text(
      renderToStaticMarkup(<StillNeeds wants={[{ order: listed("a", {}), wants: own }]} clientId="c" />),
    );
    expect(said).toContain("Straight dress , no. 1: waist girth, armhole girth (estimated)");
    expect(renderToStaticMarkup(<StillNeeds wants={[]} clientId="c" />)).toBe("");
  });
});
