import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { makeSheet } from "@/core/formats";
import { workedOrder, workedSheet } from "@/core/garments/worked-client.test-data";
import { problemsByPath } from "@/ui/garment/use-decisions";
import { sayMove } from "./comparison-table";
import { SideBySide } from "./side-by-side";

const beside = (after: ReturnType<typeof makeSheet>): string =>
  renderToStaticMarkup(<SideBySide before={workedSheet("straight-dress")} after={after} />)
    .replace(/<[^>]+>/g, " ")
    .replace(/\s+/g, " ");

describe("what moves, in words", () => {
  it.each([
    [10, 10.375, "in", "+ ⅜"],
    [17, 16, "in", "− 1"],
    [10, 10.03125, "in", "less than the tape shows"],
    [10, 10, "in", "stays"],
    [null, 4, "in", "new"],
    [4, null, "in", "gone"],
    [10, 10 + 1 / 2.54, "cm", "+ 1"],
  ] as const)("from %d to %d in %s is said %s", (before, after, unit, said) =>
    expect(sayMove({ before, after }, unit)).toBe(said),
  );
  it("a waist 1 wider moves the waist side by a quarter of it, and nothing else that the tape shows", () => {
    const said = beside(makeSheet(workedOrder("straight-dress", { card: { waist: 33 } })));
    expect(said).toContain("waist side 8 1/2 8 3/4 + 1/4");
    expect(said).toContain("waist 34 35 + 1");
    expect(said).not.toContain("hip side");
  });
  it("says that nothing moves, of a sheet beside itself", () =>
    expect(beside(makeSheet(workedOrder("straight-dress")))).toContain("Nothing moves."));
  it("says why the other cannot be drawn, in place of its cloth, at the choice that stands in the way", () => {
    const refused = makeSheet(workedOrder("straight-dress", { choices: { fold: "four-layers" } }));
    expect(beside(refused)).toContain("This cannot be drawn");
    expect(Object.keys(problemsByPath(refused))).toContain("choices.fold");
  });
});
