import { expect, it } from "vitest";
import { nameGarment } from "./name-garment";

it.each([
  ["basic-bodice", {}, "Basic bodice"],
  ["basic-bodice", { skirt: "none" }, "Basic bodice"],
  ["basic-bodice", { skirt: "circle" }, "Basic bodice, circle skirt"],
  ["tiered-dress", {}, "Tiered dress"],
  ["tiered-dress", { skirt: "tiered" }, "Tiered dress"],
  ["tiered-dress", { skirt: "peplum" }, "Tiered dress, peplum"],
  ["tiered-dress", { skirt: "none" }, "Tiered dress"],
  ["pencil-skirt", { skirt: "circle" }, "Pencil skirt"],
  ["basic-bodice", { skirt: "of-a-later-build" }, "Basic bodice"],
  ["of-a-later-build", { skirt: "circle" }, "of-a-later-build"],
])("a %s with %o is called %s", (garment, choices, name) => {
  expect(nameGarment({ garment, choices })).toBe(name);
});
