/**
 * Every garment × three sets × a made-up crowd and the extremes: no crash, no place that is no number, no error in an
 * accepted draft, few refusals. `npm run sweep`, or `npm run sweep -- 200 sheath-dress` for fewer bodies and one garment.
 */
import { execFile } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { availableParallelism, tmpdir } from "node:os";
import { join } from "node:path";
import { promisify } from "node:util";
import { build } from "esbuild";
import { garments } from "../src/core/garments";
import type { Counts, SetFigures } from "./sweep/garment";

const run = promisify(execFile);
/** A correlated crowd may be refused this often at most. */
const MOST_REFUSED = 0.02;

async function bundle(directory: string): Promise<string> {
  const outfile = join(directory, "garment.mjs");
  await build({ entryPoints: ["scripts/sweep/garment.ts"], bundle: true, platform: "node", format: "esm", outfile });
  return outfile;
}

function lines(label: string, counts: Counts, total: number): readonly string[] {
  const rows = Object.entries(counts).sort((a, b) => b[1] - a[1]);
  return rows.map(
    ([key, often]) => `    ${`${label}${key}`.padEnd(48)}${String(often).padStart(6)}  ${percent(often / total)}`,
  );
}

const percent = (share: number): string => `${(100 * share).toFixed(2)} %`;

function report(garment: string, sets: readonly SetFigures[]): string {
  return sets
    .flatMap(({ set, bodies, refused, crowd, extremes }) => [
      `${garment}, ${set}: ${percent(refused / bodies)} of ${bodies} refused`,
      ...lines("", crowd, bodies),
      ...lines("extreme: ", extremes, bodies),
    ])
    .join("\n");
}

/** Runs the garments in as many processes as there are cores; reports each as it is done. */
async function sweep(bodies: string, wanted: readonly string[]): Promise<readonly SetFigures[]> {
  const directory = mkdtempSync(join(tmpdir(), "inner-fold-sweep-"));
  const script = await bundle(directory);
  const waiting = [...wanted];
  const done: SetFigures[] = [];
  const work = async () => {
    for (let garment = waiting.shift(); garment !== undefined; garment = waiting.shift()) {
      const { stdout } = await run(process.execPath, [script, garment, bodies], { maxBuffer: 1 << 24 });
      const sets = JSON.parse(stdout) as readonly SetFigures[];
      process.stdout.write(`${report(garment, sets)}\n`);
      done.push(...sets);
    }
  };
  await Promise.all(Array.from({ length: availableParallelism() }, work));
  rmSync(directory, { recursive: true });
  return done;
}

const [bodies = "2000", only] = process.argv.slice(2);
const wanted = garments.map(({ id }) => id).filter((id) => only === undefined || id === only);
const figures = await sweep(bodies, wanted);
const errors = figures.reduce((sum, one) => sum + one.errors, 0);
const worst = Math.max(...figures.map((one) => one.refused / one.bodies));
const all = figures.reduce((sum, one) => sum + one.refused, 0) / figures.reduce((sum, one) => sum + one.bodies, 0);
process.stdout.write(
  `${wanted.length} garments × ${figures.length / wanted.length} sets: ${errors} accepted drafts with an error; refused ${percent(all)}, at most ${percent(worst)} of a garment and set\n`,
);
process.exitCode = errors > 0 || worst >= MOST_REFUSED ? 1 : 0;
