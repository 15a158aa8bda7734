import { renderToStaticMarkup } from "react-dom/server";
import { expect, it } from "vitest";
import { garments } from "@/core/garments";
import { workedSheet } from "@/core/garments/worked-client.test-data";
import { FlatDrawing } from "./flat-drawing";

it.each(garments.map(({ id }) => id))("the flat of a %s is a front and a back, with no number that is none", (id) => {
  const drawn = renderToStaticMarkup(<FlatDrawing sheet={workedSheet(id)} />);
  expect(drawn).toContain(">Front<");
  expect(drawn).toContain(">Back<");
  expect(drawn).not.toContain("NaN");
});

it("shows the buttonholes of a shirt, and none on a dress with a zip", () => {
  const holes = (id: string) =>
    (renderToStaticMarkup(<FlatDrawing sheet={workedSheet(id)} />).match(/<circle/g) ?? []).length;
  expect(holes("shirt")).toBeGreaterThan(3);
  expect(holes("straight-dress")).toBe(0);
});

it("shows a faced slit of 4 as a line down the centre from the neck, and none without it", () => {
  const down = (choices: object) => {
    const drawn = renderToStaticMarkup(<FlatDrawing sheet={workedSheet("shift-dress", { choices })} />);
    return [...drawn.matchAll(/d="M 0 ([\d.]+) V ([\d.]+)"/g)].map(([, from, to]) => Number(to) - Number(from));
  };
  expect(down({ slitFinish: "faced", slitLength: 4 })).toEqual([4]);
  expect(down({ opening: "none", neckWidth: 5, frontNeckDepth: 6 })).toEqual([]);
});
