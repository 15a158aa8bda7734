import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { type CutSheet, type KeptChecks, styleItemsOf, type TableScreen, tableScreens } from "@/core/formats";
import { workedSheet } from "@/core/garments/worked-client.test-data";
import { ScreenSlip } from "./screen-slip";
import { straysOf } from "./table-head";
import { doneSaid } from "./table-nav";
import { isFree } from "./table-view";
import { nextPlace, placeBefore } from "./use-place";
import { measuredNow } from "./use-readings";
import { spokenAt } from "./use-voice";

const nothing = () => undefined;
const spoken = (markup: string): string =>
  markup
    .replace(/<[^>]+>/g, " ")
    .replace(/\u200a/g, " ")
    .replaceAll("&#x27;", "'")
    .replace(/\s+/g, " ");

function screenOf(sheet: CutSheet, id: string): TableScreen {
  const found = tableScreens(sheet, "placements").find((screen) => screen.id === id);
  if (found === undefined) throw new Error(`no screen ${id}`);
  return found;
}

function slip(sheet: CutSheet, id: string, rest: Partial<Parameters<typeof ScreenSlip>[0]> = {}): string {
  return renderToStaticMarkup(
    <ScreenSlip
      orderId="o"
      sheet={sheet}
      screen={screenOf(sheet, id)}
      part={0}
      reading={null}
      style={styleItemsOf(sheet)}
      done={new Set()}
      checks={{}}
      free
      measured={null}
      onMeasure={nothing}
      onTick={nothing}
      onCheck={nothing}
      {...rest}
    />,
  );
}

const dress = workedSheet("straight-dress");

describe("a laying of the tape", () => {
  it("says once where it starts, then each reading with its name, the cut as a cut, and what is drawn then", () => {
    const said = spoken(slip(dress, "front-hem"));
    expect(said).toContain("Across the hem line from the fold, across, on the hem line");
    expect(said).toContain("12 1/4 side 13 3/4 cut at: side");
    expect(said).toContain("Curve the side, by its dots. Rule the hem. Chalk the cutting line of the side.");
    expect(said.match(/from the fold/g)?.length).toBe(1);
  });
  it("one reading is at least 96 px tall, several at least 56", () => {
    expect(slip(dress, "front-tip")).toContain("clamp(96px");
    expect(slip(dress, "front-lengths")).toContain("text-[56px]");
  });
  it("a solved place is said on its tick, and a hair more", () =>
    expect(spoken(slip(workedSheet("armhole-bustier"), "front-panel-upper"))).toContain("9 3/4 a hair more"));
  it("a mark off its line is read on it and then set off plumb; the hip from the waist as well", () => {
    expect(spoken(slip(workedSheet("basque-gown"), "front-hip"))).toContain("then 1 down");
    expect(spoken(slip(dress, "front-lengths"))).toContain("26 hip line or 9 from the waist line");
  });
  it("says each reading as chalked once it is ticked", () =>
    expect(
      slip(dress, "front-waist", { done: new Set(["front-waist-side"]) }).match(/aria-pressed="true"/g)?.length,
    ).toBe(2));
});

describe("read aloud", () => {
  it("line and origin once, then one reading at a time, and what is drawn with the last", () => {
    const at = (reading: number) => spokenAt(dress, screenOf(dress, "front-waist"), 0, reading);
    expect(at(0)).toBe("Across the waist line. from the fold, across, on the waist line. 8 and a half inches. side.");
    expect(at(1)).toBe("10 inches. cut at, side.");
    expect(spokenAt(dress, screenOf(dress, "front-tip"), 0, 0)).toMatch(
      /1 inch\. shoulder tip\. Then\. Rule the shoulder\.$/,
    );
  });
  it("under the shears the edge in hand alone", () => {
    const said = spokenAt(dress, screenOf(dress, "cut-front-neck-front"), 3, 0);
    expect(said).toContain("Cut the side");
    expect(said).not.toContain("shoulder");
  });
});

describe("the shears wait for the tape", () => {
  const cut = screenOf(dress, "cut-front-neck-front");
  it("until the check of their own group is ticked", () => {
    expect(isFree(dress, "front", new Set())).toBe(false);
    expect(isFree(dress, "front", new Set(["check-back"]))).toBe(false);
    expect(isFree(dress, "front", new Set(["check-front"]))).toBe(true);
    expect(spoken(slip(dress, cut.id, { free: false }))).toContain("Measure the chalk first");
  });
  it("going on from a check ticks nothing: only what is read does", () => {
    const screens = tableScreens(dress, "placements");
    const index = screens.findIndex(({ kind }) => kind === "check");
    expect(nextPlace(screens, { index, part: 0 })).toEqual({ place: { index: index + 1, part: 0 }, ticked: [] });
  });
  it("the order of the edges is told, the one in hand marked; what must stay is named with its piece", () => {
    const said = slip(workedSheet("shift-dress"), "cut-back-neck-body");
    expect(said).toMatch(/aria-current="step"[^>]*>.*?back neck/);
    expect(spoken(said)).toContain("through all four layers");
    expect(spoken(said)).toContain("Not now: the front neck and front armhole");
  });
  it("next at each corner, then on to the next screen; back again the same way", () => {
    const screens = tableScreens(dress, "placements");
    const index = screens.indexOf(screens.find(({ id }) => id === cut.id) as TableScreen);
    const next = nextPlace(screens, { index, part: 0 });
    expect(next).toEqual({ place: { index, part: 1 }, ticked: ["cut-front-neck-front"] });
    expect(nextPlace(screens, { index, part: 4 })).toEqual({
      place: { index: index + 1, part: 0 },
      ticked: ["cut-hem-front"],
    });
    expect(placeBefore(screens, { index: index + 1, part: 0 })).toEqual({ index, part: 4 });
    expect(doneSaid({ screen: cut, part: 0, isLast: false, free: true, waits: false })).toBe("Next edge");
  });
});

describe("the tape check", () => {
  const check = (checks: KeptChecks) => spoken(slip(dress, "check-front", { checks }));
  const read = (id: string, value: number) => ({ [`bodice-front/${id}`]: { typed: String(value), value } });
  it("says what the drawing says, on the tape: the side 33¾, a hair more", () =>
    expect(check({})).toMatch(/side 33 3\/4 a hair more along the net line, tape on its edge/));
  it("a miss says by how much and asks by its amount", () =>
    expect(check({ "check-front": { read: read("shoulder", 5.3541) } })).toContain(
      "1/2 in too long. Did you measure to the cutting line?",
    ));
  it("names the mark that explains everything that was read", () => {
    const lengths = screenOf(dress, "check-front").steps[0]?.lengths ?? [];
    const all = Object.assign({}, ...lengths.map(({ name, expected }) => read(name, expected)));
    const off = { ...all, ...read("neck", 5.46), ...read("shoulder", 4.36) };
    expect(check({ "check-front": { read: off } })).toContain("neck width");
    expect(check({ "check-front": { read: all } })).toContain("All of it agrees: the shears may come.");
  });
  it("the tape lies on the first length that is not read, or on the one that is touched", () => {
    const screen = screenOf(dress, "check-front");
    expect(measuredNow(screen, null, {})?.name).toBe("diagonal");
    expect(measuredNow(screen, null, { "check-front": { read: read("diagonal", 43) } })?.name).toBe("side");
    expect(measuredNow(screen, "bodice-front/neck", {})?.name).toBe("neck");
    expect(measuredNow(cutScreen(), null, {})).toBeNull();
  });
  const cutScreen = () => screenOf(dress, "cut-front-neck-front");
  it("a waiver is shown in place of the form, with who and why", () => {
    const waiver = {
      by: "Odile",
      on: "2026-11-26T08:00:00Z",
      reason: "cloth-moves" as const,
      words: "crepe",
      lengths: [],
    };
    const said = check({ "check-front": { read: {}, waiver } });
    expect(said).toContain("Odile, 26 November 2026, the cloth moves under the tape: crepe");
    expect(said).not.toContain("In words");
  });
});

describe("before and after", () => {
  it("each thing in the picture is ticked, or leads back to its choice", () => {
    const markup = slip(dress, "style");
    expect(markup).toContain('href="/orders/o#opening"');
    expect(spoken(markup)).toContain("Opening Zip at the centre back");
  });
  it("the count says how many, of which cloth, and that a pair is mirrored", () => {
    const said = spoken(slip(dress, "count"));
    expect(said).toContain("3 cut: 3 main.");
    expect(said).toContain("2 Back Main cloth · a pair: left and right");
  });
  it("ticks that belong to an earlier drawing are counted, those of the picture and the count are not", () =>
    expect(straysOf(dress, new Set(["front-chest-line", "style-hem", "count-bodice-front", "cut-yoke-front"]))).toBe(
      1,
    ));
});
