import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { type CutSheet, tableScreens } from "@/core/formats";
import { type Worked, workedSheet } from "@/core/garments/worked-client.test-data";
import { TableCloth } from "./table-cloth";

/** The cloth as it is drawn at one screen of a garment. */
function clothAt(sheet: CutSheet, id: string, { part = 0, whole = false } = {}): string {
  const screens = tableScreens(sheet, "placements");
  const index = screens.findIndex((screen) => screen.id === id);
  const group = sheet.groups.find((one) => one.id === screens[index]?.group);
  if (group === undefined) throw new Error(`no screen ${id} among ${screens.map((screen) => screen.id).join(" ")}`);
  return renderToStaticMarkup(
    <TableCloth {...{ sheet, group, screens, index, part, whole }} close={false} measured={null} />,
  );
}

const draw = (garment: string, id: string, at = {}, worked: Worked = {}) =>
  clothAt(workedSheet(garment, worked), id, at);

/** What is drawn of a kind, by its name: `bodice-front/side`. */
const seen = (markup: string, kind: "cut" | "stitch" | "mark") =>
  [...markup.matchAll(new RegExp(`data-${kind}="([^"]+)"`, "g"))].map(([, name]) => name);
const bright = (markup: string, kind: "cut" | "stitch") =>
  [...markup.matchAll(new RegExp(`data-${kind}="([^"]+)" data-bright="true"`, "g"))].map(([, name]) => name);
const flags = (markup: string) => [...markup.matchAll(/data-flag="([^"]+)"/g)].map(([, names]) => names);

describe("which line is bright", () => {
  it("under the shears the cutting line of the edge in hand, and only it; no stitching line is there at all", () => {
    for (const [part, edge] of ["front-neck", "shoulder", "front-armhole", "side", "hem"].entries()) {
      const markup = draw("straight-dress", "cut-front-neck-front", { part });
      expect(bright(markup, "cut")).toEqual([`bodice-front/${edge}`]);
      expect(seen(markup, "stitch")).toEqual([]);
      expect(seen(markup, "mark")).toEqual([]);
    }
  });
  it("what must not be cut now is crossed out, on every layer that it is on", () => {
    const markup = draw("shift-dress", "cut-back-neck-body");
    expect(bright(markup, "cut")).toEqual(["bodice-back/back-neck"]);
    const crossed = [...markup.matchAll(/data-cut="([^"]+)" data-crossed="true"/g)].map(([, name]) => name);
    expect(crossed).toEqual(["bodice-front/front-neck", "bodice-front/front-armhole"]);
    expect(markup).toContain("cloth in four layers");
  });
  it("after separating the front's own neck is the bright one", () => {
    const sheet = workedSheet("shift-dress");
    const screen = tableScreens(sheet, "placements").find(({ steps }) => steps.some(({ act }) => act === "re-cut"));
    const markup = clothAt(sheet, screen?.id ?? "", {
      part: screen?.steps.findIndex(({ act }) => act === "re-cut") ?? 0,
    });
    expect(bright(markup, "cut")).toEqual(["bodice-front/front-neck"]);
  });
  it("seam allowances light the cutting lines that they make", () =>
    expect(bright(draw("straight-dress", "front-seams"), "cut")).toEqual([
      "bodice-front/front-neck",
      "bodice-front/shoulder",
      "bodice-front/front-armhole",
    ]));
});

describe("what is not shown yet", () => {
  it("on the chest line there is a neck and a shoulder, no armhole and no side", () => {
    const markup = draw("straight-dress", "front-chest");
    expect(seen(markup, "stitch")).toEqual(["bodice-front/front-neck", "bodice-front/shoulder"]);
    expect(markup).not.toContain('data-mark="bodice-front/waist/side"');
  });
  it("a touch shows the whole", () => {
    const edges = seen(draw("straight-dress", "front-chest", { whole: true }), "stitch");
    expect(edges).toContain("bodice-front/side");
  });
  it("in four layers the front's neck is dotted beside the back's", () => {
    const markup = draw("shift-dress", "body-seams");
    expect(markup).toMatch(/data-stitch="bodice-front\/front-neck"[^>]*stroke-dasharray/);
    expect(markup).not.toMatch(/data-stitch="bodice-back\/back-neck"[^>]*stroke-dasharray/);
  });
});

describe("the tape in hand", () => {
  it("has a flag at each reading, in the order in which the tape rises", () =>
    expect(flags(draw("straight-dress", "front-top"))).toEqual([
      "top/neck",
      "top/neck",
      "top/shoulder",
      "top/shoulder",
    ]));
  it("a walk has a tape on each of its lines", () => {
    const markup = draw("sheath-dress", "front-walk");
    expect(flags(markup)).toEqual(["bust/point", "waist/dart-line", "hip/dart-line"]);
  });
});

describe("a skirt at the table", () => {
  /** The rectangles of the flags, in the order of the tape: left, top, width and height each. */
  const boxes = (markup: string) =>
    markup
      .split("data-flag=")
      .slice(1)
      .map((one) =>
        ["x", "y", "width", "height"].map((key) => Number(new RegExp(`<rect[^>]* ${key}="([^"]+)"`).exec(one)?.[1])),
      );
  it("three readings of one dart each have a flag of their own: none lies on another, none further than two rows away", () => {
    const markup = draw("pencil-skirt", "skirt-front-waist");
    const placed = boxes(markup);
    expect(flags(markup).slice(0, 3)).toEqual(["waist/dart-inner", "waist/dart-peak", "waist/dart-outer"]);
    for (const [index, [x = 0, y = 0, width = 0, height = 0]] of placed.entries()) {
      for (const [left = 0, top = 0, wide = 0, high = 0] of placed.slice(index + 1))
        expect(x + width <= left || left + wide <= x || y + height <= top + 1e-6 || top + high <= y + 1e-6).toBe(true);
      expect(Math.abs(y + height / 2)).toBeLessThan(3 * height);
    }
  });
  it("under the shears lights the waist's cutting line, with the peaks over its darts", () => {
    const markup = draw("pencil-skirt", "cut-side-skirt-front", { part: 1 });
    expect(bright(markup, "cut")).toEqual(["skirt-front/waist"]);
  });
  it("rubs the flare's reading out with the seams, and calls it by its name", () => {
    const { placements } = workedSheet("a-line-skirt");
    const rubbed = placements?.filter(({ then }) =>
      then.some(({ act, names }) => act === "rub-out" && names.includes("hem/flare")),
    );
    expect(rubbed?.map(({ id }) => id)).toEqual(["skirt-front-seams", "skirt-back-seams"]);
    const hem = placements?.find(({ id }) => id === "skirt-front-hem");
    expect(hem?.readings.find(({ names }) => names.includes("hem/flare"))?.is).toBe("help");
  });
});
