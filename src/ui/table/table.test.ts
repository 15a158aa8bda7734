import { expect, it } from "vitest";
import { isMeasured } from "@/core/formats";
import { workedSheet } from "@/core/garments/worked-client.test-data";
import { sayDirection } from "@/ui/reading/say-direction";
import { readPreferences } from "@/ui/shell/kept-preferences";
import { keyMap } from "@/ui/shell/keys";
import { tableTools } from "./table-tools";

const sheet = workedSheet("a-line-dress");
const step = (act: string) => {
  const found = sheet.steps.find((one) => one.act === act);
  if (found === undefined) throw new Error(`no step ${act}`);
  return found;
};

it("says where the tape starts and which way it goes, for every step that is measured", () => {
  for (const one of sheet.steps.filter(isMeasured).filter(({ phase }) => phase === "chalk"))
    expect(sayDirection(one), one.title).toMatch(/^(from|along|outside)/);
  expect(sayDirection(step("allowance"))).toBe("outside the stitching line");
});

it("shows a number only where it is the thing to chalk", () => {
  expect(isMeasured(step("edge"))).toBe(false);
  expect(isMeasured(step("mark"))).toBe(true);
});

it("has every tool on the map of keys", () => {
  const state = { close: false, whole: false, single: false, left: false, dim: false, speaks: false };
  const act = () => undefined;
  const tools = tableTools(state, {
    close: act,
    whole: act,
    single: act,
    left: act,
    dim: act,
    speaks: act,
    repeat: act,
    keys: act,
  });
  const mapped = keyMap.flatMap(({ keys }) => keys.flatMap(({ keys: own }) => own.map((key) => key.toLowerCase())));
  for (const { id } of tools) expect(mapped).toContain(id);
});

it("reads hand, light and voice from what was kept, and anything else as usual", () => {
  const kept: Readonly<Record<string, string>> = { "inner-fold-hand": "left", "inner-fold-room": "pitch dark" };
  expect(readPreferences((name) => kept[name])).toEqual({
    hand: "left",
    room: "bright",
    voice: "off",
    steps: "placements",
  });
});
