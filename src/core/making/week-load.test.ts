import { describe, expect, it } from "vitest";
import { findShortDays, minutesOf, type PromisedWork, timedStages } from ".";

const usual = {
  chalk: { minutes: 60, garments: 4 },
  cut: { minutes: 30, garments: 4 },
  sew: { minutes: 240, garments: 3 },
};
const whole = (on: string): PromisedWork => ({ on, stages: timedStages });
/** Wednesday to Friday, eight hours each. */
const DAYS = ["2026-11-25", "2026-11-26", "2026-11-27"];

describe("a day that cannot be done", () => {
  it("adds up what is promised until its end: 5½ h a garment, two on an 8 h day are 3 h too many", () => {
    expect(findShortDays([whole("2026-11-25"), whole("2026-11-25")], usual, DAYS, 480)).toEqual([
      { day: "2026-11-25", needed: 660, there: 480 },
    ]);
    expect(findShortDays([whole("2026-11-26"), whole("2026-11-26")], usual, DAYS, 480)).toEqual([]);
  });
  it("counts what is due before and what is late with the days that it takes away from", () => {
    const work = [whole("2026-11-20"), whole("2026-11-26"), whole("2026-11-26")];
    expect(findShortDays(work, usual, DAYS, 480)).toEqual([{ day: "2026-11-26", needed: 990, there: 960 }]);
    // On a day for which nothing is promised nothing can be broken.
    expect(findShortDays([whole("2026-11-20"), whole("2026-11-20")], usual, DAYS, 480)).toEqual([]);
  });
  it("a garment that is cut has only its sewing left, and just enough is enough", () => {
    const cut: PromisedWork = { on: "2026-11-25", stages: ["sew"] };
    expect(findShortDays([cut, cut], usual, DAYS, 480)).toEqual([]);
    expect(findShortDays([cut, cut], usual, DAYS, 479)).toEqual([{ day: "2026-11-25", needed: 480, there: 479 }]);
  });
  it("says nothing before all of the work was timed", () => {
    const { sew: _, ...untimed } = usual;
    expect(minutesOf(timedStages, untimed)).toBeNull();
    expect(minutesOf(["cut"], untimed)).toBe(30);
    expect(findShortDays([whole("2026-11-25"), whole("2026-11-25")], untimed, DAYS, 60)).toEqual([]);
  });
});
