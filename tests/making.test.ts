import { describe, expect, it } from "vitest";
import { typicalBody } from "../src/core/body";
import { choiceParts } from "../src/core/chalk";
import { type CutSheet, makeDrawing, makeSheet, makingOf, type SheetDrawing } from "../src/core/formats";
import { findGarment, garments } from "../src/core/garments";
import { type MakeTask, makeUp, taskIds } from "../src/core/making";
import { seededNumbers } from "../src/core/seeded";

function sheetOf(garment: string, choices: object = {}): CutSheet | null {
  const outcome = makeSheet({ garment, choices, client: { card: { measurements: { ...typicalBody } } } });
  return outcome.kind === "sheet" ? outcome.sheet : null;
}

/** The same without the work at the table: enough to be made up, and quicker. */
function drawingOf(garment: string, choices: object): SheetDrawing | null {
  const outcome = makeDrawing({ garment, choices, client: { card: { measurements: { ...typicalBody } } } });
  return outcome.kind === "sheet" ? outcome.sheet : null;
}

function tasksOf(garment: string, choices: object = {}): readonly MakeTask[] {
  const sheet = sheetOf(garment, choices);
  if (sheet === null) throw new Error(`${garment} ${JSON.stringify(choices)} is not drawn`);
  return makeUp(sheet);
}

const idsOf = (tasks: readonly MakeTask[]) => tasks.map(({ id }) => id);
const taskOf = (tasks: readonly MakeTask[], id: string) => tasks.find((task) => task.id === id);
const comesFirst = (tasks: readonly MakeTask[], first: string, second: string) => {
  const ids: readonly string[] = idsOf(tasks);
  expect(ids).toContain(first);
  expect(ids).toContain(second);
  return ids.indexOf(first) < ids.indexOf(second);
};

/** What is only looked at, or done to the whole garment: being in one of these is not being sewn. */
const NOT_SEWN = new Set([
  "fitting",
  "hem-shape",
  "hang",
  "hem",
  "finish",
  "measure-neck",
  "measure-armhole",
  "measure-waist",
]);

/** What is wrong with a make-up order; nothing where all is well. */
function faults(sheet: SheetDrawing): readonly string[] {
  const tasks = makeUp(sheet);
  const ids = idsOf(tasks);
  const early = tasks.flatMap(({ id, waitsFor }, index) =>
    waitsFor.filter((one) => !ids.slice(0, index).includes(one)).map((one) => `${id} comes before ${one}`),
  );
  const sewn = tasks.filter(({ id }) => !NOT_SEWN.has(id));
  const loose = sheet.pieces
    .filter(({ id }) => !sewn.some(({ pieces }) => pieces.includes(id)))
    .map(({ id }) => `${id} is sewn nowhere`);
  const seams = sheet.seams.flatMap(({ id }) => {
    const in_ = tasks.filter((task) => task.seams.some((seam) => seam.id === id));
    return in_.length === 1 ? [] : [`seam ${id} is in ${in_.map((task) => task.id).join(", ") || "no task"}`];
  });
  const strange = tasks.flatMap(({ id, pieces }) =>
    pieces.filter((one) => !sheet.pieces.some((piece) => piece.id === one)).map((one) => `${id} names ${one}`),
  );
  const twice = new Set(ids).size === ids.length ? [] : ["a task comes twice"];
  const last = ids.at(-1) === "finish" ? [] : ["the last is not to finish"];
  return [...early, ...loose, ...seams, ...strange, ...twice, ...last];
}

describe("every garment has a make-up order in which nothing comes before what it needs", () => {
  it.each(garments.map(({ id }) => id))(
    "%s, as it comes and with each part, finish and school that it offers",
    (id) => {
      const choices = findGarment(id)?.choices ?? {};
      const told = ["skirt", "sleeve", "collar", "opening", "neckFinish", "armholeFinish", "pocket", "lining", "stay"];
      const schools = ["facingOrder", "sleeveSetting", "hemOrder", "hemShape", "hemFinish", "zipOrder", "liningJoin"];
      const variants = [...told, ...schools].flatMap((one): readonly object[] => {
        const choice = choices[one];
        if (choice?.kind === "flag") return [{ [one]: true }];
        return choice?.kind === "option" ? Object.keys(choice.options).map((value) => ({ [one]: value })) : [];
      });
      for (const variant of [{}, ...variants]) {
        const sheet = drawingOf(id, variant);
        if (sheet !== null) expect(faults(sheet), `${id} ${JSON.stringify(variant)}`).toEqual([]);
      }
    },
  );
  it("and so have 150 whole garments, their parts and schools taken at random", () => {
    const random = seededNumbers(171);
    const drawn = Array.from({ length: 150 }, () => {
      const garment = garments[Math.floor(random() * garments.length)] ?? garments[0];
      const choices = Object.fromEntries(
        Object.entries(garment?.choices ?? {}).flatMap(([id, choice]) => {
          if (random() < 0.4 || (choice.kind !== "option" && choice.kind !== "flag") || id === "scale") return [];
          const values = choice.kind === "flag" ? [true, false] : Object.keys(choice.options);
          return [[id, values[Math.floor(random() * values.length)]]];
        }),
      );
      const sheet = drawingOf(garment?.id ?? "", choices);
      if (sheet !== null) expect(faults(sheet), `${garment?.id} ${JSON.stringify(choices)}`).toEqual([]);
      return sheet !== null;
    });
    expect(drawn.filter(Boolean).length).toBeGreaterThan(40);
  });
});

describe("what waits for what", () => {
  it("darts, then shoulders, then the neck is measured before its collar is sewn", () => {
    const tasks = tasksOf("straight-dress", { collar: "stand" });
    expect(comesFirst(tasks, "shoulders", "measure-neck")).toBe(true);
    expect(comesFirst(tasks, "measure-neck", "neck")).toBe(true);
    expect(taskOf(tasks, "measure-neck")?.measures).toEqual(["necklineFront", "necklineBack"]);
  });
  it("a collar that ends at a zip waits for it; one that closes in front does not", () => {
    expect(taskOf(tasksOf("straight-dress", { collar: "stand" }), "neck")?.waitsFor).toContain("zip");
    expect(taskOf(tasksOf("shirt"), "neck")?.waitsFor).not.toContain("zip");
  });
  it("a sleeve with a low cap is set flat, before the sides; an eased one round, after them; a school decides otherwise", () => {
    const shirt = tasksOf("shirt");
    expect(comesFirst(shirt, "sleeve-set", "sides")).toBe(true);
    expect(taskOf(shirt, "sleeve-set")?.says).toContain("flat-twice");
    const dress = tasksOf("straight-dress", { sleeve: "long" });
    expect(comesFirst(dress, "sides", "sleeve-set")).toBe(true);
    expect(taskOf(dress, "sleeve-set")?.says).toContain("underarm-first");
    expect(comesFirst(tasksOf("shirt", { sleeveSetting: "round" }), "sides", "sleeve-set")).toBe(true);
    expect(
      comesFirst(tasksOf("straight-dress", { sleeve: "long", sleeveSetting: "flat" }), "sleeve-set", "sides"),
    ).toBe(true);
  });
  it("a tail that is shaped on the sewn sides is cut straight, and marked and cut after them, before its hem", () => {
    const later = tasksOf("shirt", { hemShape: "after-sides", hemOrder: "before-sides" });
    expect(comesFirst(later, "sides", "hem-shape")).toBe(true);
    expect(comesFirst(later, "hem-shape", "hem")).toBe(true);
    expect(idsOf(tasksOf("shirt"))).not.toContain("hem-shape");
    expect(taskOf(later, "hem-shape")?.pieces).toEqual(["bodice-front", "bodice-back"]);
    const sideOf = (sheet: SheetDrawing | null) => {
      const front = sheet?.pieces.find(({ id }) => id === "bodice-front");
      const hem = front?.edges.find(({ role }) => role === "hem");
      return Math.min(hem?.start[1] ?? 0, hem?.end[1] ?? 0);
    };
    const [curved, straight] = [drawingOf("shirt", {}), drawingOf("shirt", { hemShape: "after-sides" })];
    expect(sideOf(straight) - sideOf(curved)).toBeCloseTo(2.5, 6);
    expect(straight?.checks.find(({ id }) => id === "hem-shaped-later")?.text).toContain("2½ in up at the side");
    expect(findGarment("straight-dress")?.choices.hemShape).toBeUndefined();
  });
  it("godets are set into the slots that the sides leave open", () => {
    const sides = taskOf(tasksOf("mermaid-skirt", { flareBy: "godet" }), "sides");
    expect(sides?.pieces).toContain("godet");
    expect(sides?.says).toContain("double-pins");
    expect(taskOf(tasksOf("mermaid-skirt"), "sides")?.says).not.toContain("double-pins");
  });
  it("a centre seam that crosses the waist join waits for it; without a skirt it comes before the shoulders", () => {
    expect(comesFirst(tasksOf("basic-bodice", { skirt: "pencil" }), "waist-join", "centre-seam")).toBe(true);
    expect(comesFirst(tasksOf("straight-dress"), "centre-seam", "shoulders")).toBe(true);
  });
  it("facings before the shoulders: the neck is not measured, and the shoulder is sewn between", () => {
    const tasks = tasksOf("shift-dress", { collar: "none", neckFinish: "facing", facingOrder: "before-shoulders" });
    expect(comesFirst(tasks, "neck", "shoulders")).toBe(true);
    expect(idsOf(tasks)).not.toContain("measure-neck");
    expect(taskOf(tasks, "shoulders")?.says).toEqual(["facing-between"]);
    expect(comesFirst(tasksOf("shift-dress", { neckFinish: "facing" }), "shoulders", "neck")).toBe(true);
  });
  it("hems before the sides lie flat; a skirt that must hang is hemmed last all the same", () => {
    expect(comesFirst(tasksOf("shirt", { hemOrder: "before-sides" }), "hem", "sides")).toBe(true);
    const ring = tasksOf("circle-skirt", { hemOrder: "before-sides" });
    expect(comesFirst(ring, "hang", "hem")).toBe(true);
    expect(comesFirst(ring, "fitting", "hem")).toBe(true);
  });
  it("a zip with the lining waits for the lining's body; before it, it does not", () => {
    const lined = (zipOrder: string) => tasksOf("straight-dress", { lining: "body", zipOrder });
    expect(comesFirst(lined("with-lining"), "lining-body", "zip")).toBe(true);
    expect(taskOf(lined("before-lining"), "zip")?.waitsFor).not.toContain("lining-body");
    expect(comesFirst(lined("before-lining"), "zip", "lining-in")).toBe(true);
  });
  it("what a garment does not have it has no task for", () => {
    expect(idsOf(tasksOf("straight-dress", { opening: "none", neckWidth: 6 }))).toEqual([
      "shoulders",
      "sides",
      "fitting",
      "hem",
      "finish",
    ]);
    expect(idsOf(tasksOf("circle-skirt", { waistFinish: "elastic" }))).not.toContain("zip");
  });
  it("a front that laps is not sewn to its other half; one that is slit to a seam is", () => {
    for (const garment of ["lapel-dress", "overlap-dress", "shirt"])
      expect(idsOf(tasksOf(garment)), garment).not.toContain("centre-seam");
    const slit = tasksOf("shift-dress", { slitFinish: "seam", fold: "one-fold" });
    expect(taskOf(slit, "centre-seam")?.pieces).toEqual(["bodice-front"]);
  });
  it("buttons come after the hem and the fitting, on what carries a mark for one", () => {
    const shirt = tasksOf("shirt");
    expect(taskOf(shirt, "buttonholes")?.pieces).toEqual(
      expect.arrayContaining(["bodice-front", "collar-stand", "cuff"]),
    );
    expect(comesFirst(shirt, "fitting", "buttonholes")).toBe(true);
    expect(idsOf(tasksOf("shift-dress"))).not.toContain("buttonholes");
  });
});

describe("what is said at a seam", () => {
  const steps = makingOf(sheetOf("shirt", { backPleat: 1 }) as CutSheet);
  const step = (id: string) => steps.find((one) => one.make?.task === id);
  it("which edges, with their allowances and the notches that must meet", () => {
    const [side] = step("sides")?.make?.seams ?? [];
    expect(side).toMatchObject({ id: "side", a: ["bodice-front"], b: ["bodice-back"], allowances: [1.5, 1.5] });
    expect(side?.notches).toContain("waist");
    expect(side?.text).toBe("Front to back: 1½ in on both; waist and hip to be met.");
    expect(step("sides")?.text).toContain("1½ in on both");
  });
  it("two seams that differ are told apart, and a gathered one says how full", () => {
    const sheet = sheetOf("gathered-skirt") as CutSheet;
    const join = makingOf(sheet).find(({ make }) => make?.task === "waistband")?.make;
    expect(join?.seams[0]?.text).toMatch(/gathered \d\.\d to 1/);
    expect(join?.says.map(({ id }) => id)).toEqual(["gather"]);
  });
  it("a caution where the work can hurt, and a cord's where there is one", () => {
    expect(step("darts")).toBeUndefined();
    expect(step("buttonholes")?.caution).toMatch(/away from the hand/);
    expect(step("finish")?.caution).toMatch(/pins/i);
    const ruched = makingOf(sheetOf("ruched-skirt") as CutSheet).find(({ make }) => make?.task === "flat-parts");
    expect(ruched?.caution).toMatch(/children's clothes no cord/);
  });
  it("how the hem is held, by its choice", () => {
    const says = (hemFinish: string) => taskOf(tasksOf("straight-dress", { hemFinish }), "hem")?.says;
    expect(says("stitched")).toEqual([]);
    expect(says("fusible")).toEqual(["hem-fused"]);
    expect(says("blind")).toEqual(["hem-blind"]);
  });
  it("every task of every garment has words of its own, and waits for the count", () => {
    const seen = new Map<string, string>();
    for (const { id } of garments)
      for (const one of makingOf(sheetOf(id) as CutSheet)) {
        expect(one.stopUntil).toBe("counted");
        expect(one.text.length).toBeGreaterThan(15);
        seen.set(one.make?.task ?? "", one.title);
      }
    expect(new Set(seen.values()).size).toBe(seen.size);
    expect([...seen.keys()].every((id) => (taskIds as readonly string[]).includes(id))).toBe(true);
  });
  it("a sheet that was frozen before there was a making is made up all the same", () => {
    const sheet = sheetOf("straight-dress") as CutSheet;
    const old = { ...sheet, steps: sheet.steps.filter(({ phase }) => phase !== "make") };
    expect(makingOf(old)).toEqual(makingOf(sheet));
  });
});

describe("schools are choices of the making", () => {
  it("they stand together, and move no mark", () => {
    expect(choiceParts).toContain("making");
    const [plain, other] = [{}, { hemOrder: "before-sides", hemFinish: "blind", sleeveSetting: "flat" }].map(
      (choices) => sheetOf("shirt", choices),
    );
    expect(other?.pieces).toEqual(plain?.pieces);
    expect(other?.seams).toEqual(plain?.seams);
  });
});
