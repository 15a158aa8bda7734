/** Draws whole garments at random, body × skirt × sleeve × collar, and prints what came of each cell as JSON; bundled and run in a process of its own by the sweep. */
import { makeCrowd } from "../../src/core/body";
import { type Garment, garments } from "../../src/core/garments";
import { ruleSets } from "../../src/core/rules";
import { seededNumbers } from "../../src/core/seeded";
import { outcomeOf, signatures } from "../../tests/sweep/outcome";

/** What came of one composition over the bodies that it was drawn for. */
export interface WholeCell {
  readonly garment: string;
  readonly skirt: string;
  readonly sleeve: string;
  readonly collar: string;
  readonly drawn: number;
  readonly refused: Readonly<Record<string, number>>;
  readonly faults: Readonly<Record<string, number>>;
}

const bodies = garments.filter(({ choices }) => choices.collar !== undefined);
const PARTS = ["skirt", "sleeve", "collar"] as const;

function kindsOf({ choices }: Garment, part: (typeof PARTS)[number]): readonly string[] {
  const choice = choices[part];
  return choice?.kind === "option" ? Object.keys(choice.options) : ["none"];
}

/** Any skirt hangs from a body that opens behind; a lapel or a shawl opens its front. */
function openingFor({ choices }: Garment, skirt: string, collar: string): { readonly opening?: string } {
  const front = collar === "lapel" || collar === "shawl";
  return skirt === "none" || front || choices.opening === undefined ? {} : { opening: "back-zip" };
}

const [from = "0", to = "1000"] = process.argv.slice(2);
const crowd = makeCrowd(20261126, 400);
const cells = new Map<string, { cell: Omit<WholeCell, "drawn">; drawn: number }>();
for (let seed = Number(from); seed < Number(to); seed++) {
  const dice = seededNumbers(seed);
  const pick = <One>(row: readonly One[]): One => row[Math.floor(dice() * row.length)] as One;
  const garment = pick(bodies);
  const [skirt = "none", sleeve = "none", collar = "none"] = PARTS.map((part) => pick(kindsOf(garment, part)));
  const own = Object.fromEntries(
    PARTS.map((part, index) => [part, [skirt, sleeve, collar][index]]).filter(
      ([part]) => garment.choices[String(part)] !== undefined,
    ),
  );
  const order = {
    garment: garment.id,
    choices: { ...own, ...openingFor(garment, skirt, collar) },
    rules: { set: pick(Object.keys(ruleSets)) },
    client: { card: { measurements: pick(crowd) } },
  };
  const outcome = outcomeOf(order);
  const key = [garment.id, skirt, sleeve, collar].join(" ");
  const known = cells.get(key) ?? {
    cell: { garment: garment.id, skirt, sleeve, collar, refused: {}, faults: {} },
    drawn: 0,
  };
  const counts = {
    refused: known.cell.refused as Record<string, number>,
    faults: known.cell.faults as Record<string, number>,
  };
  if (outcome.kind === "drawn") known.drawn++;
  if (outcome.kind === "refused") {
    const code = outcome.refusals[0]?.code ?? "";
    counts.refused[code] = (counts.refused[code] ?? 0) + 1;
  }
  for (const fault of signatures(outcome)) counts.faults[`${fault} (seed ${seed})`] = 1;
  cells.set(key, known);
}
process.stdout.write(JSON.stringify([...cells.values()].map(({ cell, drawn }): WholeCell => ({ ...cell, drawn }))));
