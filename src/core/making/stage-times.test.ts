import { describe, expect, it } from "vitest";
import { typicalBody } from "../body";
import { makeSheet } from "../formats";
import { stageMinutes, stageOf, usualMinutes } from "./stage-times";

const at = (minute: number) => 1_795_000_000_000 + minute * 60_000;

describe("how long a stretch of the work takes, from its ticks", () => {
  it("every step of a sheet belongs to chalking, cutting or sewing by its phase", () => {
    const outcome = makeSheet({
      garment: "shirt",
      choices: { pocket: "patch" },
      client: { card: { measurements: { ...typicalBody } } },
    });
    const steps = outcome.kind === "sheet" ? outcome.sheet.steps : [];
    const wanted = { fold: "chalk", chalk: "chalk", cut: "cut", notch: "cut", count: "cut", make: "sew" } as const;
    for (const { id, phase } of steps)
      if (phase === "style" || phase === "check") expect(stageOf(id), id).toBeNull();
      else expect(stageOf(id), id).toBe(wanted[phase]);
  });
  it("is the time from tick to tick, each counted to the stretch that it ends in", () => {
    const times = { "front-top": at(0), "front-chest-side": at(4), "cut-side-front": at(10), "make-sides": at(25) };
    expect(stageMinutes(times)).toEqual({ chalk: 4, cut: 6, sew: 15 });
  });
  it("leaves pauses out, and is the same in whatever order the ticks are kept", () => {
    const times = { "make-zip": at(100), "make-sides": at(25), "front-top": at(0), "make-hem": at(110) };
    expect(stageMinutes(times)).toEqual({ sew: 35 });
    expect(stageMinutes({ "front-top": at(0) })).toEqual({});
  });
  it("is told from three garments on, and is the middle of them: one that lay for a day moves it little", () => {
    const garment = (minutes: number) => ({ "front-top": at(0), "front-hem": at(minutes) });
    expect(usualMinutes([garment(10), garment(12)])).toEqual({});
    expect(usualMinutes([garment(10), garment(29), garment(12)])).toEqual({ chalk: { minutes: 12, garments: 3 } });
  });
});
