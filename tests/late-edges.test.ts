import { expect, it } from "vitest";
import { makeCrowd } from "@/core/body";
import { type WholeEdge, wholeEdges } from "@/core/chalk";
import { type CutSheet, lateFields, makeSheet, redrawTo, waitsFor } from "@/core/formats";
import { drawnTo, lateSeams } from "@/core/formats/late-sheet";
import { garments } from "@/core/garments";
import { seededNumbers } from "@/core/seeded";

const MANY = Number(process.env.MANY ?? 90);
const next = seededNumbers(Number(process.env.SEED ?? 606));
const pick = <Value>(values: readonly Value[]): Value => values[Math.floor(next() * values.length)] as Value;
const bodies = makeCrowd(606, 12);

const wrong = ({ checks }: CutSheet) => checks.filter(({ level }) => level === "error").map(({ id }) => id);
const lengthOf = (sheet: CutSheet, edge: WholeEdge) => {
  const seam = sheet.seams.find(({ id }) => lateSeams(edge).includes(id));
  return seam?.lengthB ?? 0;
};

/** A garment at random that has a cuff, a flounce or tiers. */
function someSheet(): CutSheet | null {
  const garment = pick(garments.filter(({ choices }) => "sleeve" in choices || "tiers" in choices));
  const outcome = makeSheet({
    garment: garment.id,
    client: { card: { measurements: { ...pick(bodies) } } },
    choices: {
      ...("sleeve" in garment.choices
        ? { sleeve: pick(["shirt", "long", "flounce", "three-quarter"]), sleeveCuff: "buttoned" }
        : {}),
      ...("tiers" in garment.choices
        ? { tiers: pick(["2", "4", "6"]), tierWidths: pick(["ratio", "add"]), tierRatio: 1.25 + next() / 2 }
        : {}),
    },
    rules: { set: pick(["close", "easy", "metric"]) },
    cloth: { width: 60 },
  });
  return outcome.kind === "sheet" ? outcome.sheet : null;
}

it("an edge measured whole moves what is drawn to it and nothing else, whatever garment it is of", () => {
  const seen = new Map<WholeEdge, number>();
  for (let round = 0; round < MANY; round++) {
    const frozen = someSheet();
    if (frozen === null) continue;
    for (const edge of wholeEdges.filter((one) => waitsFor(frozen, one))) {
      const measured = lengthOf(frozen, edge) + Math.round((next() - 0.5) * 24) / 16;
      const outcome = redrawTo(frozen, edge, { [lateFields(frozen, edge)[0] ?? ""]: `${measured} in` });
      if (outcome.kind !== "sheet") throw new Error(JSON.stringify(outcome));
      const { sheet } = outcome;
      const own = drawnTo(frozen, edge).pieces;
      const still = sheet.pieces.filter(({ id }) => !own.has(id) && !id.endsWith("-end"));
      for (const piece of still) expect(piece).toEqual(frozen.pieces.find(({ id }) => id === piece.id));
      expect(wrong(sheet)).toEqual(wrong(frozen));
      expect(sheet.seams.find(({ id }) => lateSeams(edge).includes(id))?.meets).toBe(true);
      expect(sheet.late).toEqual([expect.objectContaining({ edge, half: "whole" })]);
      expect(sheet.late?.[0]?.measured).toBeCloseTo(measured, 6);
      seen.set(edge, (seen.get(edge) ?? 0) + 1);
    }
  }
  expect([...seen.keys()].sort()).toEqual([...wholeEdges].sort());
});
