import { describe, expect, it } from "vitest";
import { typicalBody } from "@/core/body";
import { checkLay } from "@/core/cloth";
import { mainCloth, type Order, readLayQuestion } from "@/core/formats";
import type { LayReport, LayRequest } from "./lay-messages";
import { workOn } from "./lay-session";

const order = (cloth: NonNullable<Order["cloth"]>): Order => ({
  garment: "straight-dress",
  cloth,
  client: { card: { measurements: typicalBody } },
  lay: { main: { way: "selvedges" } },
});

/** Everything that a request tells, with a clock that goes on by so many milliseconds at each look. */
function work(request: LayRequest, tick = 200): readonly LayReport[] {
  const told: LayReport[] = [];
  let time = 0;
  for (const _ of workOn(
    request,
    (report) => told.push(report),
    () => (time += tick),
  ))
    if (told.length > 2000) break;
  return told;
}

const layRequest = (cloth: NonNullable<Order["cloth"]>): LayRequest => ({
  kind: "lay",
  ticket: 1,
  order: order(cloth),
  cloth: "main",
  pins: [],
  before: [],
});

const plans = (told: readonly LayReport[]) => told.flatMap((report) => (report.kind === "plan" ? [report.shown] : []));

describe("the work of the lay worker", () => {
  it("shows a sound plan first, only shorter ones after it, and rests in the end", () => {
    const told = work(layRequest({ width: 45, length: 90 }));
    expect(told[0]?.kind).toBe("plan");
    const shown = plans(told);
    const main = readLayQuestion(order({ width: 45, length: 90 }));
    const cloth = main.ok ? mainCloth(main.value)?.lay.cloth : undefined;
    for (const [index, { plan, given, fits }] of shown.entries()) {
      if (cloth !== undefined) expect(checkLay(plan, cloth)).toEqual([]);
      if (index > 0) expect(plan.used).toBeLessThan(shown[index - 1]?.plan.used ?? 0);
      expect(given).toBe(90);
      expect(fits).toBe(plan.used <= 90);
    }
    expect(told.at(-1)).toMatchObject({ kind: "progress", looking: false });
  });
  it("looks no longer than a minute of its own clock", () => {
    const seconds = work(layRequest({ width: 45 }), 500).flatMap((one) =>
      one.kind === "progress" ? [one.seconds] : [],
    );
    expect(Math.max(...seconds)).toBeLessThan(62);
  });
  it("on cloth of 20 in says which piece is too wide and what it wants, and shows nothing", () => {
    const told = work(layRequest({ width: 20 }));
    expect(plans(told)).toEqual([]);
    expect(told[0]).toMatchObject({ kind: "refused", refused: { code: "too-wide" } });
  });
  it("an order that cannot be read is told in words", () => {
    const told = work({ ...layRequest({ length: 0 }) });
    expect(told).toHaveLength(1);
    expect(told[0]).toMatchObject({ kind: "undrawable" });
  });
  it("answers for every way and every usual width, yards beside metres, and says when it is done", () => {
    const told = work({ kind: "answer", ticket: 1, order: order({ width: 45, shrinkage: 10 }), cloth: "main" });
    const ways = told.find((report) => report.kind === "ways");
    expect(ways?.kind === "ways" && ways.ways).toHaveLength(5);
    const widths = told.find((report) => report.kind === "widths");
    expect(widths?.kind === "widths" && widths.widths.map(({ width }) => width)).toEqual([36, 45, 54, 60]);
    for (const { purchase, otherwise } of widths?.kind === "widths" ? widths.widths : []) {
      // Shops cut a metre finer than a yard: the same cloth, up to a quarter of a yard apart.
      expect(Math.abs((purchase?.buy ?? 0) * 0.9144 - (otherwise?.buy ?? 0))).toBeLessThan(0.23);
    }
    expect(told.at(-1)).toEqual({ kind: "answered" });
  });
  it("says of a width on which nothing fits which piece is too wide, and of the others how much to buy", () => {
    const body = { ...typicalBody, hip: 52, waist: 46, bust: 50, underbust: 44 };
    const asked: Order = { ...order({ width: 45 }), garment: "a-line-dress", client: { card: { measurements: body } } };
    const told = work({ kind: "answer", ticket: 1, order: asked, cloth: "main" });
    const widths = told.flatMap((report) => (report.kind === "widths" ? report.widths : []));
    for (const { width, purchase, refused } of widths) {
      if (purchase === null) expect(refused?.wanted).toBeGreaterThan(width);
      else expect(refused).toBeNull();
    }
    expect(widths.some(({ refused }) => refused !== null)).toBe(true);
    expect(widths.some(({ purchase }) => purchase !== null)).toBe(true);
  });
  it("tells each what-if after the widths, what it saves, and before it says that it is done", () => {
    const told = work({ kind: "answer", ticket: 1, order: order({ width: 45 }), cloth: "main" });
    const kinds = told.map(({ kind }) => kind);
    const whatIfs = told.flatMap((report) => (report.kind === "what-if" ? [report.found] : []));
    expect(whatIfs.length).toBeGreaterThan(0);
    expect(kinds.indexOf("what-if")).toBeGreaterThan(kinds.indexOf("widths"));
    expect(kinds.lastIndexOf("what-if")).toBe(kinds.length - 2);
  });
  it("a plan after the first is never shown with a fault, and shown plans are proved by the check again", () => {
    const spots = [{ across: 6, down: 10, width: 3, length: 3 }];
    const cloth = { width: 60, length: 120, spots };
    const shown = plans(work(layRequest(cloth), 500));
    expect(shown.length).toBeGreaterThan(0);
    for (const { faults } of shown.slice(1)) expect(faults).toEqual([]);
  });
  it("a piece pinned by hand stays, and the others stay where they lay before where they can", () => {
    const first = plans(work(layRequest({ width: 60 }), 2000)).at(-1);
    const laid = first?.plan.sections.flatMap((section) => section.laid) ?? [];
    const [pinned, ...others] = laid;
    if (pinned === undefined || others.length === 0) throw new Error("expected two pieces");
    const pins = [{ ...pinned, pinned: true }];
    const request = layRequest({ width: 60 });
    if (request.kind !== "lay") throw new Error("expected a lay");
    const again = plans(work({ ...request, pins, before: laid }, 2000));
    const after = again[0]?.plan.sections.flatMap((section) => section.laid) ?? [];
    const found = (unit: string) => after.find((one) => one.unit === unit);
    expect(found(pinned.unit)).toMatchObject({ pinned: true });
    for (const one of laid) {
      expect(found(one.unit)?.x).toBeCloseTo(one.x, 3);
      expect(found(one.unit)?.y).toBeCloseTo(one.y, 3);
    }
  });
});
