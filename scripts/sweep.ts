import { makeCrowd, makeExtremes, type Readings } from "@/core/body";
import { checkDraft } from "@/core/checks";
import { readOrder } from "@/core/formats";
import { draftGarment, garments } from "@/core/garments";
import { type RuleSetId, ruleSets } from "@/core/rules";

/** What became of one body in one garment under one set. */
interface Outcome {
  readonly refused: readonly string[];
  readonly findings: readonly { readonly id: string; readonly level: string }[];
}

const SEED = 20261123;

function drawOne(garment: string, set: RuleSetId, measurements: Readings): Outcome {
  const read = readOrder({ garment, rules: { set }, client: { card: { measurements } } });
  if (!read.ok) throw new Error(`${garment}, ${set}: ${JSON.stringify(read.issues)}`);
  const drawn = draftGarment(read.value.garment, read.value.given);
  if (!drawn.ok) return { refused: drawn.issues.map(({ code }) => code), findings: [] };
  for (const piece of drawn.value.pieces)
    for (const { x, y } of piece.outline.cut)
      if (!Number.isFinite(x) || !Number.isFinite(y))
        throw new Error(`${garment}, ${set}: ${piece.id} has a place that is no number`);
  return { refused: [], findings: checkDraft(drawn.value).findings };
}

class Tally {
  readonly counts = new Map<string, number>();
  add(key: string): void {
    this.counts.set(key, (this.counts.get(key) ?? 0) + 1);
  }
  lines(total: number): readonly string[] {
    return [...this.counts]
      .sort((a, b) => b[1] - a[1])
      .map(
        ([key, count]) => `    ${key.padEnd(44)} ${String(count).padStart(6)}  ${((100 * count) / total).toFixed(2)} %`,
      );
  }
}

/** Every garment × set over a crowd: how many are refused, and what was found in the rest. */
export function sweep(
  count: number,
  only: string | undefined,
  say: (line: string) => void,
): { readonly errors: number; readonly worstRefusals: number } {
  const crowd = makeCrowd(SEED, count);
  const extremes = makeExtremes().map(({ body }) => body);
  let errors = 0;
  let worstRefusals = 0;
  for (const garment of garments.filter(({ id }) => only === undefined || id === only))
    for (const set of Object.keys(ruleSets) as RuleSetId[]) {
      const tally = new Tally();
      let refused = 0;
      for (const [index, body] of [...crowd, ...extremes].entries()) {
        const where = index < crowd.length ? "" : "extreme: ";
        const outcome = drawOne(garment.id, set, body);
        if (index < crowd.length && outcome.refused.length > 0) refused += 1;
        for (const code of outcome.refused) tally.add(`${where}refused ${code}`);
        for (const { id, level } of outcome.findings) {
          if (level === "error") errors += 1;
          if (level !== "note" && id !== "reading-doubtful") tally.add(`${where}${level} ${id}`);
        }
      }
      worstRefusals = Math.max(worstRefusals, refused / crowd.length);
      say(`${garment.id}, ${set}: ${((100 * refused) / crowd.length).toFixed(2)} % of ${crowd.length} refused`);
      for (const line of tally.lines(crowd.length)) say(line);
    }
  return { errors, worstRefusals };
}

if (process.argv[1]?.endsWith("sweep.ts")) {
  const { errors, worstRefusals } = sweep(Number(process.argv[2] ?? 2000), process.argv[3], (line) =>
    console.info(line),
  );
  console.info(
    `errors in accepted drafts: ${errors}; most refusals of a garment and set: ${(100 * worstRefusals).toFixed(2)} %`,
  );
  process.exitCode = errors > 0 || worstRefusals >= 0.02 ? 1 : 0;
}
