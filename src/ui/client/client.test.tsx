import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { measurementIds, WOMAN } from "@/core/body";
import { doubtsByField, standInFor } from "./card-doubts";
import { cardMoments } from "./card-moments";
import { Figure } from "./figure";
import { figureTapes, level } from "./figure-tapes";

describe("the drawn figure", () => {
  it.each(measurementIds)("shows where the tape goes for %s, on the figure and nowhere beside it", (id) => {
    const tape = figureTapes[id];
    const places =
      tape.kind === "round"
        ? [tape.level, (tape.middle ?? 0) + tape.half]
        : [...tape.path.matchAll(/-?\d+(?:\.\d+)?/g)].map(([number]) => Number(number));
    expect(Math.max(...places)).toBeLessThan(level.floor);
    expect(Math.min(...places)).toBeGreaterThan(-80);
    const drawn = renderToStaticMarkup(<Figure reading={id} said={id} />);
    expect(drawn).toContain("figure-tape");
    expect(drawn).toContain(`aria-label="${id}"`);
  });
  it("goes round the body from the head down: each girth at its own level", () => {
    const levels = (["head", "neck", "bust", "underbust", "waist", "hip", "knee"] as const).map((id) => {
      const tape = figureTapes[id];
      return tape.kind === "round" ? tape.level : Number.NaN;
    });
    expect(levels).toEqual([...levels].sort((a, b) => a - b));
    expect(new Set(levels).size).toBe(7);
  });
});

describe("beside the fields of a card", () => {
  it("asks for the right client when a waist grew by 4, and for a third reading before any other doubt", () => {
    const read = { readings: { bust: 41.5, waist: 36 }, sides: {}, wantThird: { bust: 1 }, errors: [] };
    const said = doubtsByField(read, { bust: 41, waist: 32 }, "in", WOMAN);
    expect(said.waist).toContain("Right client?");
    expect(said.bust).toBe("The two differ by 1 in. Take it a third time; the middle one is kept.");
  });
  it("says what becomes of a left and a right that differ", () => {
    const with_ = (right: number) => {
      const sides = { armhole: { left: 17, right } };
      return doubtsByField({ readings: { armhole: 17 }, sides, wantThird: {}, errors: [] }, {}, "in", WOMAN).armhole;
    };
    expect(with_(16.75)).toBe("Left 17 in, right 16¾ in: the larger is drawn for both.");
    expect(with_(16.5)).toContain("the other side is trimmed once it is cut");
    expect(with_(15)).toContain("measure both again");
  });
  it("says what stands in for a reading that was not taken, and nothing where nothing does", () => {
    expect(standInFor("armhole", { bust: 40 }, "in", "woman")).toContain("17⅝ in is used");
    expect(standInFor("waist", { bust: 40 }, "in", "woman")).toBeUndefined();
  });
  it("stands cards on a chart from the oldest to the newest, in the shop's unit", () => {
    const cards = [
      { takenOn: "2026-11-16", readings: { bust: 41.5 } },
      { takenOn: "2025-10-14", readings: { bust: 40 } },
    ];
    expect(cardMoments(cards, "in").map(({ bust }) => bust)).toEqual([40, 41.5]);
    expect(cardMoments(cards, "cm")[0]?.bust).toBeCloseTo(101.6, 9);
  });
});
