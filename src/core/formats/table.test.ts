import { readFileSync } from "node:fs";
import * as v from "valibot";
import { describe, expect, it } from "vitest";
import { garments } from "../garments";
import { edgeOf, pieceOf, workedSheet } from "../garments/worked-client.test-data";
import { distanceToPath, readPathData } from "../geometry";
import {
  type CutSheet,
  chalkedBefore,
  cutLines,
  flatSvg,
  isMeasured,
  lightsOf,
  placementTape,
  reopened,
  styleItemsOf,
  tableScreens,
  tellTerms,
  waiversOf,
  withChecks,
} from ".";
import { cutSheetSchema } from "./cut-sheet";

const step = (sheet: CutSheet, id: string) => {
  const found = sheet.steps.find((one) => one.id === id);
  if (found === undefined) throw new Error(`no step ${id}`);
  return found;
};

describe("what an act lights", () => {
  const sheet = workedSheet("straight-dress");
  it("a cut lights the cutting line, and no stitching line", () => {
    const { cuts, stitches } = lightsOf(sheet, step(sheet, "cut-side-front"));
    expect([...cuts]).toEqual(["bodice-front/side"]);
    expect([...stitches]).toEqual([]);
  });
  it("an allowance lights the cutting line too, an edge the stitching line", () => {
    expect([...lightsOf(sheet, step(sheet, "front-shoulder-allowance")).cuts]).toEqual(["bodice-front/shoulder"]);
    expect([...lightsOf(sheet, step(sheet, "front-shoulder")).stitches]).toEqual(["bodice-front/shoulder"]);
  });
  it("a tack lights its hole, a notch only itself, a strip all round it", () => {
    const sheath = workedSheet("sheath-dress");
    expect([...lightsOf(sheath, step(sheath, "pierce-dart-end-hole-front")).marks]).toEqual([
      "bodice-front/dart/end-hole",
    ]);
    expect([...lightsOf(sheet, step(sheet, "notch-hip-front")).notches]).toEqual(["bodice-front/side/hip"]);
    const shirt = workedSheet("pocket-shirt");
    expect(lightsOf(shirt, step(shirt, "cut-out-placket")).cuts.size).toBe(4);
  });
  it("in four layers the fuller armhole that is cut through all is found on whichever piece has it", () => {
    const shift = workedSheet("shift-dress");
    for (const cut of shift.steps.filter(({ act }) => act === "cut" || act === "re-cut")) {
      const [name = ""] = lightsOf(shift, cut).cuts;
      const [piece = "", edge = ""] = name.split("/");
      expect(edgeOf(shift, piece, edge).id).toBe(cut.edge);
    }
  });
  it("every act of every garment is known: measured ones have a number, the others words", () => {
    for (const { id } of garments)
      for (const one of workedSheet(id).steps) if (isMeasured(one)) expect(one.reading, one.id).toBeGreaterThan(0);
  });
});

describe("the cutting outline, edge by edge", () => {
  it.each(["straight-dress", "armhole-bustier", "shirt-dress", "basque-gown"])(
    "%s: every stretch lies its own allowance outside its own stitching line",
    (garment) => {
      const sheet = workedSheet(garment, {
        rules: { allowance: { shoulder: 0.625, armhole: 0.375, neck: 0.25, side: 1.25, hem: 1.5, panel: 0.75 } },
      });
      for (const piece of sheet.pieces.filter(({ half }) => half !== null)) {
        for (const [id, data] of Object.entries(cutLines(piece))) {
          const edge = edgeOf(sheet, piece.id, id);
          if (edge.role === "centre" || edge.role === "side") continue;
          const places = [...data.matchAll(/[ML] (-?[\d.e-]+) (-?[\d.e-]+)/g)].map(([, x, y]) => ({
            x: Number(x),
            y: Number(y),
          }));
          const outs = places.slice(1, -1).map((place) => distanceToPath(readPathData(edge.path), place));
          // Corners may lie further out; what lies between them does not.
          const off = outs.filter((out) => Math.abs(out - edge.allowance) > 0.07 && out < edge.allowance);
          expect(off, `${piece.id}/${id}`).toEqual([]);
        }
      }
    },
  );
  it("nothing is cut along a fold", () => {
    const sheet = workedSheet("sheath-dress");
    const lines = cutLines(pieceOf(sheet, "bodice-front"));
    expect(Object.keys(lines).sort()).toEqual(["front-armhole", "front-neck", "hem", "shoulder", "side"]);
    expect(lines["front-neck"]).not.toMatch(/^M 0 \S+ L 0 /);
  });
});

describe("what is on the cloth when a screen begins", () => {
  const sheet = workedSheet("straight-dress");
  const screens = tableScreens(sheet, "placements");
  const at = (id: string) =>
    chalkedBefore(
      sheet,
      screens,
      screens.findIndex((screen) => screen.id === id),
    );
  it("nothing that comes later, and nothing of the other piece", () => {
    expect([...at("front-top").lines]).toEqual(
      ["top", "chest", "waist", "hip", "hem"].map((id) => `bodice-front/${id}`),
    );
    expect([...at("front-top").stitches]).toEqual([]);
    expect([...at("front-seams").cuts]).toEqual(["bodice-front/hem", "bodice-front/side"]);
    expect([...at("back-lengths").lines]).toEqual(["bodice-back/top"]);
  });
  it("the foot of the plumb line stands until the armhole is curved, and is gone then", () => {
    expect(at("front-middle").marks.has("bodice-front/chest/armhole")).toBe(true);
    expect(at("front-waist").marks.has("bodice-front/chest/armhole")).toBe(false);
  });
  it("taking back a chalk tick opens the check of its own group alone", () => {
    expect(reopened(sheet, ["front-waist-side"])).toEqual(["check-front"]);
    expect(reopened(sheet, ["cut-hem-front"])).toEqual([]);
  });
});

describe("the tape of a placement on the cloth", () => {
  it("is as long as its last reading, across and down", () => {
    const sheet = workedSheet("sheath-dress");
    for (const placement of sheet.placements ?? []) {
      const { tapes, flags, direction } = placementTape(sheet, placement);
      expect(flags.length, placement.id).toBe(placement.readings.length);
      const last = placement.readings.at(-1);
      const [tape] = tapes;
      if (placement.kind !== "line" || direction === "other" || tape === undefined || last === undefined) continue;
      const [[x0, y0], [x1, y1]] = tape;
      expect(Math.hypot(x1 - x0, y1 - y0), placement.id).toBeCloseTo(last.at, 1);
    }
  });
});

describe("flags of a tape on its edge", () => {
  it("stand beside a side, above a shoulder: neither hides the marks of the other dart leg or of the panel", () => {
    const flags = (garment: Parameters<typeof workedSheet>[0], slot: string) => {
      const sheet = workedSheet(garment);
      const placement = (sheet.placements ?? []).find((one) => one.slot === slot);
      return placement === undefined ? null : placementTape(sheet, placement).direction;
    };
    expect(flags("sheath-dress", "side-dart")).toBe("down");
    expect(flags("shoulder-bustier", "panel")).toBe("other");
  });
});

describe("a sheet that was frozen before there were placements", () => {
  const frozen = v.parse(
    cutSheetSchema,
    JSON.parse(readFileSync("src/core/formats/frozen-before-placements.test-data.json", "utf8")),
  );
  it("opens, and is walked step by step as it was", () => {
    const screens = tableScreens(frozen, "placements");
    const chalk = frozen.steps.filter(({ phase }) => phase === "chalk").length;
    expect(screens.filter(({ kind }) => kind === "chalk").length).toBe(chalk);
    expect(screens.flatMap(({ steps }) => steps.map(({ id }) => id))).toEqual(frozen.steps.map(({ id }) => id));
  });
  it("its cuts light their cutting lines too", () => {
    const piece = frozen.pieces[0];
    if (piece === undefined) throw new Error("no piece");
    expect(Object.keys(cutLines(piece))).toContain("side");
    expect([...lightsOf(frozen, step(frozen, "cut-side-front")).cuts]).toEqual(["bodice-front/side"]);
  });
  it("keeps the ids by which its steps were ticked: all of them are ids still", () => {
    const now = new Set(workedSheet("basic-bodice").steps.map(({ id }) => id));
    expect(frozen.steps.map(({ id }) => id).filter((id) => !now.has(id))).toEqual([]);
  });
});

describe("what was read on the chalk", () => {
  const sheet = workedSheet("straight-dress");
  const waiver = { by: "Odile", on: "2026-11-26T09:00:00Z", reason: "practice" as const, words: "", lengths: [] };
  const checks = {
    "check-front": {
      read: { "bodice-front/side": { typed: "33 3/4", value: 33.75 }, "bodice-front/hem": { typed: "11", value: 11 } },
    },
    "check-back": { read: {}, waiver },
  };
  const frozen = withChecks(sheet, checks, ["check-front"]);
  it("is frozen with the sheet: passed or waived, each length agreeing, missed or open", () => {
    const lengths = step(frozen, "check-front").lengths ?? [];
    expect(lengths.slice(0, 5).map(({ name, state }) => [name, state])).toEqual([
      ["diagonal", "open"],
      ["side", "agrees"],
      ["armhole", "open"],
      ["shoulder", "open"],
      ["hem", "missed"],
    ]);
    expect(step(frozen, "check-front").state).toBe("passed");
    expect(step(frozen, "check-back").state).toBe("waived");
    expect(v.safeParse(cutSheetSchema, frozen).success).toBe(true);
  });
  it("a waiver is told from the frozen sheet as from the one that is still open", () => {
    expect(waiversOf(frozen, {})).toEqual([{ group: "back", waiver }]);
    expect(waiversOf(sheet, checks)).toEqual([{ group: "back", waiver }]);
  });
});

describe("sums as a person reads them", () => {
  const term = (value: number, kind: "body" | "ease" | "rounding") => ({ label: kind, kind, value, source: "" });
  it("10 9/32 and ½, less 1/32 to the tape, are read 10 5/16 and ½ less 1/16: 10¾", () => {
    const told = tellTerms([term(10.28125, "body"), term(0.5, "ease"), term(-0.03125, "rounding")], 10.75, "in");
    expect(told.map(({ value }) => value)).toEqual([10.3125, 0.5, -0.0625]);
  });
  it("a rounding that vanishes is not told, one that is needed is", () => {
    expect(tellTerms([term(10.25, "body"), term(0.01, "rounding")], 10.25, "in").length).toBe(1);
    expect(tellTerms([term(0.03, "body"), term(0.03, "ease")], 0.0625, "in").map(({ value }) => value)).toEqual([
      0, 0, 0.0625,
    ]);
  });
  it("every sum of every garment adds up to what is read below it", () => {
    for (const { id } of garments)
      for (const { terms, reading, id: own } of workedSheet(id).steps.filter(({ terms: own }) => own.length > 0)) {
        const sum = tellTerms(terms, reading ?? 0, "in").reduce((all, { value }) => all + value, 0);
        expect(sum * 16, `${id} ${own}`).toBeCloseTo(Math.round((reading ?? 0) * 16 + 1e-7), 6);
      }
  });
});

it("the picture is held against every choice that shows: neck, opening, darts, hem; what is not chosen is said too", () => {
  const items = styleItemsOf(workedSheet("sheath-dress", { choices: { frontNeck: "v" } }));
  const said = Object.fromEntries(items.map(({ id, said: words, choice }) => [id, [words, choice]]));
  expect(said["neck-front"]?.[0]).toMatch(/^V · /);
  expect(said.opening).toEqual(["Zip at the centre back", "opening"]);
  expect(said["shaping-front"]?.[0]).toContain("Waist darts in front");
  expect(said.collar).toEqual(["None", "collar"]);
});

it("a garment's small picture is one drawing of front and back, and nothing but paths", () => {
  const svg = flatSvg(workedSheet("armhole-bustier")) ?? "";
  expect(svg).toMatch(/^<svg [^>]*viewBox="[-\d. ]+"><g/);
  // Each half, and what lies over each, is drawn twice, once mirrored.
  expect(svg.match(/scale\(-1 1\)/g)?.length).toBe(4);
  expect(svg).not.toMatch(/NaN|undefined|<script/);
});

describe("what the hand does to a piece once it is notched", () => {
  it.each([
    ["shirt", ["slit-pair", "pleat", "name"]],
    ["lapel-dress", ["hollow-front", "name"]],
  ])("%s: stands on a screen of its own, after the notches", (garment, acts) => {
    const screens = tableScreens(workedSheet(garment), "placements").filter(
      ({ kind, group }) => kind === "notch" && group === "sleeve",
    );
    expect(screens.map(({ steps }) => steps.map(({ act }) => act))).toEqual([
      ["notch", "notch", "notch", "notch"],
      acts,
    ]);
  });
  it("a sleeve that only is notched is named on that screen", () => {
    const sheet = workedSheet("straight-dress", { choices: { sleeve: "short" } });
    const screens = tableScreens(sheet, "placements").filter(
      ({ kind, group }) => kind === "notch" && group === "sleeve",
    );
    expect(screens.map(({ steps }) => steps.at(-1)?.act)).toEqual(["name"]);
  });
});
