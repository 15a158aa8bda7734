import { describe, expect, it } from "vitest";
import { makeChildren, makeCrowd, makeMen } from "@/core/body";
import { type CutSheet, drawFree, makeSheet, type Order } from "@/core/formats";
import { type Garment, garments } from "@/core/garments";
import { seededNumbers } from "@/core/seeded";

/** Something taken at random, always the same for the same seed. */
function chance(seed: number) {
  const next = seededNumbers(seed);
  const pick = <Value>(values: readonly Value[]): Value => values[Math.floor(next() * values.length)] as Value;
  const eighths = (most: number) => Math.round((2 * next() - 1) * most * 8) / 8;
  const choices = ({ choices: all }: Garment, share: number) =>
    Object.fromEntries(
      Object.entries(all).flatMap(([id, choice]): [string, string | boolean][] => {
        if (next() > share || id === "scale" || (choice.kind !== "option" && choice.kind !== "flag")) return [];
        return [[id, choice.kind === "flag" ? pick([true, false]) : pick(Object.keys(choice.options))]];
      }),
    );
  return { next, pick, eighths, choices };
}

const bodies = makeCrowd(78, 12);
const WIDE = { width: 90 };
const READINGS = ["waist", "hip", "bust", "armhole", "fullLength", "upperArm", "sleeveLength", "frontWaist"] as const;
const idsOf = (rows: readonly { readonly id: string }[]) => rows.map(({ id }) => id);

/** What is wrong with a sheet of which some pieces are cut; nothing where all is well. */
function faults(before: CutSheet, after: CutSheet, cut: ReadonlySet<string>): readonly string[] {
  const of = (sheet: CutSheet, id: string) => JSON.stringify(sheet.pieces.find((piece) => piece.id === id));
  const changed = [...cut].filter((id) => of(before, id) !== of(after, id)).map((id) => `${id} is cut and changed`);
  const chalk = idsOf(after.steps.filter(({ phase }) => phase === "chalk"));
  const placed = (after.placements ?? []).flatMap(({ steps }) => steps);
  const grouped = after.groups.flatMap(({ pieces }) => pieces);
  const twice = (ids: readonly string[]) => ids.filter((id, index) => ids.indexOf(id) !== index);
  return [
    ...changed,
    ...chalk.filter((id) => !placed.includes(id)).map((id) => `${id} lies in no placement`),
    ...placed.filter((id) => !chalk.includes(id)).map((id) => `${id} is placed and not there`),
    ...twice(placed).map((id) => `${id} is placed twice`),
    ...twice(idsOf(after.steps)).map((id) => `step ${id} comes twice`),
    ...idsOf(after.pieces)
      .filter((id) => !grouped.includes(id))
      .map((id) => `${id} is folded nowhere`),
  ];
}

describe("whatever is cut and whatever changes", () => {
  it("what is cut stays, and the rest makes a whole sheet: 120 garments at random", () => {
    const { next, pick, eighths, choices } = chance(1234);
    const drawn = Array.from({ length: 120 }, () => {
      const [garment, body] = [pick(garments), pick(bodies)];
      const told = choices(garment, 0.25);
      const base: Order = {
        garment: garment.id,
        client: { card: { measurements: { ...body } } },
        choices: told,
        cloth: WIDE,
      };
      const before = makeSheet(base);
      if (before.kind !== "sheet") return before.kind;
      const reading = pick(READINGS);
      const measurements = { ...body, [reading]: (body[reading] ?? 20) + eighths(2) };
      const now = next() < 0.5 ? told : { ...told, ...choices(garment, 0.25) };
      const cut = new Set(before.sheet.groups.filter(() => next() < 0.5).flatMap(({ pieces }) => pieces));
      const free = new Set(idsOf(before.sheet.pieces).filter((id) => !cut.has(id)));
      const after = drawFree(before.sheet, { ...base, choices: now, client: { card: { measurements } } }, free);
      if (after.kind === "sheet")
        expect(faults(before.sheet, after.sheet, cut), `${garment.id} ${JSON.stringify({ now, reading })}`).toEqual([]);
      return after.kind;
    });
    expect(drawn.filter((kind) => kind === "sheet").length).toBeGreaterThan(70);
  });
});

/** What cannot be put on or walked in is somebody's choice of a neck, an opening or a hem: it is drawn, and said. */
const CHOSEN: ReadonlySet<string> = new Set(["head-does-not-pass", "body-does-not-pass", "flare-narrow"]);
const isOurs = ({ id, level }: CutSheet["checks"][number]) => level === "error" && !CHOSEN.has(id);

describe("whoever wears it", () => {
  it("men and children in 120 garments at random: drawn, asked for more, or refused with a reason", () => {
    const { pick, choices } = chance(4321);
    const men = makeMen(3, 8).map((body) => ({ figure: "man" as const, body }));
    const children = makeChildren(3, 8).map(({ age, body }) => ({ figure: "child" as const, age, body }));
    const wrong = Array.from({ length: 120 }, () => {
      const garment = pick(garments);
      const { body, ...card } = pick<(typeof men)[number] | (typeof children)[number]>([...men, ...children]);
      const outcome = makeSheet({
        garment: garment.id,
        client: { card: { ...card, measurements: body } },
        choices: choices(garment, 0.3),
        rules: { set: pick(["close", "easy", "metric"]) },
        cloth: WIDE,
      });
      return outcome.kind !== "sheet" ? [] : outcome.sheet.checks.filter(isOurs);
    }).flat();
    expect(wrong).toEqual([]);
  });
  it("sides that differ in 80 garments at random: what is trimmed lies inside what is cut, or is said", () => {
    const { next, pick, eighths } = chance(99);
    const trimmed = Array.from({ length: 80 }, () => {
      const figureNotes = Array.from({ length: 1 + Math.floor(3 * next()) }, () => ({
        piece: pick(["bodice-front", "bodice-back", "side-front", "side-back", "skirt-front", "skirt-back"]),
        line: pick(["chest", "bust", "waist", "hip", "hem"]),
        amount: eighths(1.5),
        why: "one side fuller",
        side: pick(["left", "right", "both"] as const),
      }));
      const garment = pick(garments).id;
      const outcome = makeSheet({
        garment,
        client: { card: { measurements: { ...pick(bodies) } } },
        figureNotes,
        cloth: WIDE,
      });
      if (outcome.kind !== "sheet") return false;
      const { sheet } = outcome;
      expect(sheet.checks.filter(isOurs)).toEqual([]);
      const steps = sheet.steps.filter(({ act }) => act === "trim");
      const sides = sheet.pieces.flatMap(({ sides: own = [] }) => own);
      expect(steps).toHaveLength(sides.length);
      for (const { edges } of sides)
        for (const { cut, most } of edges) {
          expect(cut).toMatch(/^M /);
          expect(most).toBeGreaterThan(1 / 8 - 1e-3);
        }
      return steps.length > 0;
    });
    expect(trimmed.filter(Boolean).length).toBeGreaterThan(10);
  });
  it("arms and legs that differ, in 80 garments at random: each side is trimmed, or said", () => {
    const { next, pick, eighths, choices } = chance(Number(process.env.SEED ?? 1717));
    const SIDED = ["armhole", "upperArm", "elbow", "wrist", "sleeveLength", "waistToHip", "shoulderToBust"] as const;
    const sheets = Array.from({ length: Number(process.env.MANY ?? 80) }, () => {
      const [garment, body] = [pick(garments), pick(bodies)];
      const sided = Array.from({ length: 1 + Math.floor(3 * next()) }, () => {
        const id = pick(SIDED);
        const value = body[id] ?? 10;
        return [id, { left: value, right: value + eighths(1.25) }] as const;
      });
      const worn = (readings: object): Order => ({
        garment: garment.id,
        client: { card: { measurements: { ...body, ...readings } } },
        choices: told,
        rules: { set },
        cloth: WIDE,
      });
      const [told, set] = [choices(garment, 0.2), pick(["close", "easy"])];
      const both = (side: "left" | "right") =>
        makeSheet(worn(Object.fromEntries(sided.map(([id, sides]) => [id, sides[side]]))));
      const [outcome, ...halves] = [makeSheet(worn(Object.fromEntries(sided))), both("left"), both("right")];
      // What is chosen wrong is wrong for a body that is alike on both sides as well.
      const known = halves.flatMap((one) => (one.kind === "sheet" ? idsOf(one.sheet.checks.filter(isOurs)) : []));
      return outcome.kind === "sheet" ? [{ sheet: outcome.sheet, known }] : [];
    }).flat();
    for (const { sheet, known } of sheets) {
      expect(sheet.checks.filter((one) => isOurs(one) && !known.includes(one.id))).toEqual([]);
      expect(faults(sheet, sheet, new Set())).toEqual([]);
      const steps = sheet.steps.filter(({ act }) => act === "trim");
      expect(steps).toHaveLength(sheet.pieces.flatMap(({ sides = [] }) => sides).length);
    }
    expect(sheets.length).toBeGreaterThan(50);
    expect(
      sheets.filter(({ sheet: { pieces } }) => pieces.some(({ sides }) => sides !== undefined)).length,
    ).toBeGreaterThan(15);
  });
});
