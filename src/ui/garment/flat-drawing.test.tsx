import { renderToStaticMarkup } from "react-dom/server";
import { expect, it } from "vitest";
import { flatHandle } from "@/core/formats";
import { garments } from "@/core/garments";
import { workedSheet } from "@/core/garments/worked-client.test-data";
import { FlatDrawing } from "./flat-drawing";

it.each(garments.map(({ id }) => id))("the flat of a %s is a front and a back, with no number that is none", (id) => {
  const drawn = renderToStaticMarkup(<FlatDrawing sheet={workedSheet(id)} />);
  expect(drawn).toMatch(/<figcaption[^>]*>Front/);
  expect(drawn).toMatch(/<figcaption[^>]*>Back/);
  expect(drawn).not.toContain("NaN");
});

it("shows the buttonholes of a shirt, and none on a dress with a zip", () => {
  const holes = (id: string) =>
    (renderToStaticMarkup(<FlatDrawing sheet={workedSheet(id)} />).match(/<circle/g) ?? []).length;
  expect(holes("shirt")).toBeGreaterThan(3);
  expect(holes("straight-dress")).toBe(0);
});

it("closes a front whose halves stop short of the centre with the band that is sewn on, and no other front", () => {
  const band = (id: string) => {
    const drawn = renderToStaticMarkup(<FlatDrawing sheet={workedSheet(id)} />);
    return [...drawn.matchAll(/<rect x="([-\d.]+)" y="[\d.]+" width="([\d.]+)"/g)].map(([, x, width]) => [x, width]);
  };
  // A band of 1½, half of it on either side of the centre.
  expect(band("shirt-dress")).toEqual([["-0.75", "1.5"]]);
  expect(band("shirt")).toEqual([]);
  expect(band("straight-dress")).toEqual([]);
});

it("shows a faced slit of 4 as a line down the centre from the neck, and none without it", () => {
  const down = (choices: object) => {
    const drawn = renderToStaticMarkup(<FlatDrawing sheet={workedSheet("shift-dress", { choices })} />);
    return [...drawn.matchAll(/d="M 0 ([\d.]+) V ([\d.]+)"/g)].map(([, from, to]) => Number(to) - Number(from));
  };
  expect(down({ slitFinish: "faced", slitLength: 4 })).toEqual([4]);
  expect(down({ opening: "none", neckWidth: 5, frontNeckDepth: 6 })).toEqual([]);
});

const dragged = (id: string, worked: object = {}) => {
  const sheet = workedSheet(id, worked);
  const handle = flatHandle(sheet);
  const held = handle === null ? null : { handle, onDrag: () => undefined };
  return renderToStaticMarkup(<FlatDrawing sheet={sheet} held={held} />);
};

it("tells what the hem is round under the front, and takes hold of it on the front alone", () => {
  const drawn = dragged("circle-skirt", { choices: { circleShare: "1" } });
  // A waist of 32½ on a radius of 5 3/16, and 25 long: 2π × 30 3/16 is 189.67.
  expect(drawn).toMatch(/>Front<span[^>]*> · hem 189½ in round</);
  expect(drawn.match(/role="slider"/g)).toHaveLength(1);
  expect(drawn).not.toMatch(/>Back<span/);
});

it("has no handle where nothing moves the hem, nor at the table", () => {
  expect(dragged("shirt")).not.toContain('role="slider"');
  expect(renderToStaticMarkup(<FlatDrawing sheet={workedSheet("circle-skirt")} />)).not.toContain('role="slider"');
});

it("takes hold as large on a wide flat as on a narrow one", () => {
  const share = (id: string) => {
    const drawn = dragged(id);
    const [, wide = "0"] = drawn.match(/viewBox="-[\d.]+ -?[\d.]+ ([\d.]+)/) ?? [];
    const [, r = "0"] = drawn.match(/r="([\d.]+)" fill="var\(--color-next\)"/) ?? [];
    return Number(r) / Number(wide);
  };
  expect(share("circle-skirt")).toBeCloseTo(share("pencil-skirt"), 6);
  expect(share("pencil-skirt")).toBeGreaterThan(0.02);
});
