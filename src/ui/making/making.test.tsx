import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { typicalBody } from "@/core/body";
import { makeSheet, makingOf } from "@/core/formats";
import { SewnPicture } from "./sewn-picture";
import { TaskList } from "./task-list";
import { TaskSlip } from "./task-slip";
import { nextTask, standOf } from "./use-making";

const outcome = makeSheet({
  garment: "straight-dress",
  choices: { sleeve: "long" },
  client: { card: { measurements: { ...typicalBody } } },
});
if (outcome.kind !== "sheet") throw new Error("no sheet");
const { sheet } = outcome;
const steps = makingOf(sheet);
const step = (task: string) => {
  const found = steps.find(({ make }) => make?.task === task);
  if (found === undefined) throw new Error(`no task ${task}`);
  return found;
};
const text = (markup: string): string =>
  markup
    .replace(/<[^>]+>/g, " ")
    .replace(/\s+/g, " ")
    .trim();

describe("which task comes next", () => {
  it("is the first that waits for nothing, and moves on as it is ticked", () => {
    expect(nextTask(standOf(steps, new Set()))).toBe("make-centre-seam");
    expect(nextTask(standOf(steps, new Set(["make-centre-seam"])))).toBe("make-zip");
    const all = new Set(steps.map(({ id }) => id));
    expect(nextTask(standOf(steps, all))).toBe("make-finish");
  });
  it("one that waits says for what, by name, and waits no more once that is done", () => {
    const waits = (done: readonly string[]) =>
      standOf(steps, new Set(done)).find((stand) => stand.step.id === "make-sleeve-set")?.waits;
    expect(waits([])).toEqual(expect.arrayContaining(["Make the sleeves", "Sew the sides"]));
    expect(waits(["make-sleeve-made", "make-measure-armhole", "make-sides"])).toEqual([]);
  });
  it("the list tells done, free and waiting apart in words", () => {
    const stands = standOf(steps, new Set(["make-centre-seam"]));
    const said = text(renderToStaticMarkup(<TaskList stands={stands} inHand="make-zip" onPick={() => {}} />));
    expect(said).toMatch(/Sew the centre seam done .*Set the zip free to be done/);
    expect(said).toMatch(/Sew the sides after: sew the shoulders/);
  });
});

describe("a task in hand", () => {
  const slip = (task: string, isCut = true) =>
    renderToStaticMarkup(<TaskSlip orderId="o" sheet={sheet} step={step(task)} isCut={isCut} />);
  it("shows how wide the seam is, large, and what meets what", () => {
    const said = text(slip("sides"));
    expect(said).toMatch(/underarm down\. 1 1\/2 Front/);
    expect(said).toContain("Front to back: 1 1/2 in on both; waist and hip to be met.");
  });
  it("leads to where the armhole is written down, once the garment is cut", () => {
    expect(slip("measure-armhole")).toContain("/orders/o/late?edge=armhole");
    expect(slip("measure-armhole", false)).not.toContain("/late");
    expect(text(slip("measure-armhole"))).toContain("shoulder seam to side seam");
  });
  it("leads from the fitting to what is seen there, and warns of pins", () => {
    expect(slip("fitting")).toContain("/orders/o/fitting");
    expect(text(slip("fitting"))).toContain("Careful: Count the pins");
  });
});

describe("the picture of a task", () => {
  const bright = (task: string) =>
    [
      ...renderToStaticMarkup(<SewnPicture sheet={sheet} step={step(task)} />).matchAll(
        /stroke="var\(--color-lantern\)"/g,
      ),
    ].length;
  it("has the seam that is sewn now bright, on both pieces, and no other", () => {
    expect(bright("sides")).toBe(2);
    expect(bright("shoulders")).toBe(2);
    expect(bright("centre-seam")).toBe(1);
    expect(bright("fitting")).toBe(0);
  });
});
