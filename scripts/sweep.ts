/**
 * Looks for drafts that are not sound, in four ways:
 *
 * - `npm run sweep [-- BODIES [GARMENT]]`: every garment, and each skirt, sleeve and collar of it, × three sets × a crowd and
 *   the extremes.
 * - `npm run sweep -- --whole N [--seed S]`: body × skirt × sleeve × collar at random: which cells are full.
 * - `npm run sweep -- --random N [--seed S] [--garment ID]`: random rules, choices, bodies, notes, units and ticks, judged by
 *   an eye of its own; each class of mistake is shown by its smallest order.
 * - `npm run sweep -- --remedies [N] [--seed S]`: follows what refusals offer, and counts how often that draws.
 */
import { execFile } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { availableParallelism, tmpdir } from "node:os";
import { join } from "node:path";
import { parseArgs, promisify } from "node:util";
import { build } from "esbuild";
import { sweepCrowd } from "./sweep/crowd";
import { sweepRandom } from "./sweep/random-figures";
import { sweepWhole } from "./sweep/whole-figures";

const run = promisify(execFile);

/** Bundles a script and hands out a way to run it in a process of its own. */
async function inProcesses(
  script: string,
  work: (run: (words: readonly string[]) => Promise<unknown>) => Promise<boolean>,
): Promise<boolean> {
  const directory = mkdtempSync(join(tmpdir(), "inner-fold-sweep-"));
  const outfile = join(directory, "sweep.mjs");
  await build({ entryPoints: [script], bundle: true, platform: "node", format: "esm", outfile, logLevel: "error" });
  const sound = await work(async (words) => {
    const { stdout } = await run(process.execPath, [outfile, ...words], { maxBuffer: 1 << 26 });
    return JSON.parse(stdout);
  });
  rmSync(directory, { recursive: true });
  return sound;
}

const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    random: { type: "string" },
    whole: { type: "string" },
    seed: { type: "string", default: "1" },
    garment: { type: "string", default: "" },
    remedies: { type: "boolean", default: false },
  },
});
const cores = availableParallelism();
const [first = "", second] = positionals;
const ofWhole = () =>
  inProcesses("scripts/sweep/whole.ts", (draw) =>
    sweepWhole(draw, { count: Number(values.whole), seed: Number(values.seed), cores }),
  );
const ofParts = () =>
  values.random !== undefined || values.remedies
    ? inProcesses("scripts/sweep/random.ts", (draw) =>
        sweepRandom(draw, {
          count: Number(values.random ?? (first || 2000)),
          seed: Number(values.seed),
          garment: values.garment,
          remedies: values.remedies,
          cores,
        }),
      )
    : inProcesses("scripts/sweep/garment.ts", (draw) =>
        sweepCrowd(draw, { bodies: first || "2000", only: second, cores }),
      );
const sound = await (values.whole === undefined ? ofParts() : ofWhole());
process.exitCode = sound ? 0 : 1;
