/** Measures what Inner Fold promises about speed and size, against the built app. Run `npm run build` first. */
import { execFileSync, spawn, spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { buildSync } from "esbuild";
import { mostAtTable } from "../src/core/table/most-at-table.test-data";
import { benchBrowser, compareBooks } from "./bench/browser";
import { benchMaking } from "./bench/making";

interface CoreFigures {
  readonly garment: string;
  readonly draftAndChecksMs: number;
  readonly wholeSheetMs: number;
}

const folder = mkdtempSync(join(tmpdir(), "inner-fold-bench-"));
const PORT = 4399;
const address = `http://127.0.0.1:${PORT}`;

function benchCore(): readonly CoreFigures[] {
  const bundle = join(folder, "core.mjs");
  buildSync({ entryPoints: ["scripts/bench/core.ts"], bundle: true, platform: "node", format: "esm", outfile: bundle });
  return JSON.parse(execFileSync(process.execPath, [bundle], { encoding: "utf8" })) as readonly CoreFigures[];
}

interface TableFigures {
  readonly rows: readonly {
    readonly garment: string;
    readonly planMs: number;
    readonly placements: number;
    readonly screens: number;
    readonly single: number;
    readonly readings: number;
    readonly onTape: number;
  }[];
  readonly slips: {
    readonly noticed: number;
    readonly named: number;
    readonly namedByPlace: number;
    readonly falseAlarms: number;
    readonly millisecondsEach: number;
  };
}

/** Layings, screens, planner and tape check. `--table` measures nothing else. */
function benchTable(): TableFigures {
  const bundle = join(folder, "table.mjs");
  buildSync({
    entryPoints: ["scripts/bench/table.ts"],
    bundle: true,
    platform: "node",
    format: "esm",
    outfile: bundle,
  });
  return JSON.parse(execFileSync(process.execPath, [bundle], { encoding: "utf8", maxBuffer: 1 << 24 })) as TableFigures;
}

/** Lays are measured as they run: built, on one core. `--long` looks for a minute at each, not ten seconds. */
function benchLays(): void {
  const bundle = join(folder, "lay.mjs");
  buildSync({ entryPoints: ["scripts/bench/lay.ts"], bundle: true, platform: "node", format: "esm", outfile: bundle });
  const seconds = process.argv.includes("--long") ? ["1", "10", "60"] : ["1", "10"];
  spawnSync(process.execPath, [bundle, ...seconds], { stdio: "inherit" });
}

/** Starts the app on a data folder of its own that a script has filled. */
async function startServer(name: string, fill: string, port = PORT, more: Readonly<Record<string, string>> = {}) {
  const env = { ...process.env, ...more, INNER_FOLD_DATA: join(folder, name), PORT: String(port) };
  spawnSync(process.execPath, ["--import", "tsx", fill], { env });
  const start = performance.now();
  const child = spawn(process.execPath, ["--import", "tsx", "scripts/start.ts"], {
    env,
    stdio: ["ignore", "pipe", "inherit"],
  });
  await new Promise((resolve) =>
    child.stdout.on("data", (chunk: Buffer) => chunk.includes("open at") && resolve(null)),
  );
  const stop = async () => {
    const ended = new Promise((resolve) => child.once("exit", resolve));
    child.kill("SIGTERM");
    await ended;
  };
  return { stop, seconds: (performance.now() - start) / 1000 };
}

function say(name: string, value: number, unit: string, promise: number): void {
  process.stdout.write(
    `${value <= promise ? "kept  " : "MISSED"}  ${name.padEnd(48)} ${value.toFixed(value < 10 ? 2 : 0).padStart(8)} ${unit.padEnd(3)} promised ≤ ${promise} ${unit}\n`,
  );
}

/** Milliseconds for a draft and its checks: a plain dress, any body or skirt, one with a skirt or a sleeve, and the largest of all, with a collar. */
function promisedFor(garment: string): number {
  if (garment === "straight-dress") return 2;
  if (garment.endsWith("with all")) return 15;
  return garment.includes(" with a ") ? 8 : 5;
}

for (const { garment, draftAndChecksMs, wholeSheetMs } of benchCore()) {
  say(`${garment}: draft and checks, median`, draftAndChecksMs, "ms", promisedFor(garment));
  say(`${garment}: whole cut sheet, median`, wholeSheetMs, "ms", 16);
}
const { makeUpMs, learnMs } = benchMaking();
say("make-up order, the slowest garment's median", makeUpMs, "ms", 2);
say("what 6,000 orders teach, median of 9", learnMs, "ms", 200);
const { rows, slips } = benchTable();
for (const { garment, placements, screens, single, planMs } of rows) {
  const [ofPlacements, ofScreens] = mostAtTable[garment] ?? [0, 0];
  say(`${garment}: layings of the tape`, placements, "", ofPlacements);
  say(`${garment}: screens (singly ${single})`, screens, "", ofScreens);
  say(`${garment}: planned in, median`, planMs, "ms", 1);
}
const read = rows.reduce((sum, { readings }) => sum + readings, 0);
say("readings that are on no tick", read - rows.reduce((sum, { onTape }) => sum + onTape, 0), `of ${read}`, 0);
say("slips of the chalk not noticed, of 1,000", (1 - slips.noticed) * 100, "%", 5);
say("of those noticed, the mark not named", (1 - slips.named) * 100, "%", 25);
say("the same, accused by place alone", (1 - slips.namedByPlace) * 100, "%", 100);
say("sound chalk called wrong", slips.falseAlarms * 100, "%", 1);
say("one check judged in, mean", slips.millisecondsEach, "ms", 50);
if (process.argv.includes("--table")) process.exit(0);
benchLays();
const demo = await startServer("demo", "scripts/seed.ts");
say("built tree to first page, address printed", demo.seconds, "s", 6);
const { scriptPerRedraftMs, scriptKb, pageMs, longestInLayMs } = await benchBrowser(address);
say("longest that a lay holds the page up", longestInLayMs, "ms", 50);
say("redraft while dragging, script per move", scriptPerRedraftMs, "ms", 16);
for (const [view, kb] of Object.entries(scriptKb)) say(`scripts of ${view}, gzipped`, kb, "kB", 235);
for (const [view, ms] of Object.entries(pageMs)) say(`page ${view}, to load, median of 5`, ms, "ms", 1000);
await demo.stop();
/** A shop with a made-up book of so many clients, 5 cards and 3 orders each. */
const openBook = (clients: number, port: number) =>
  startServer(`book-${clients}`, "scripts/bench/large-shop.ts", port, { BENCH_CLIENTS: String(clients) });
const [small, large] = [await openBook(8, PORT), await openBook(200, PORT + 1)];
const shares = await compareBooks(address, `http://127.0.0.1:${PORT + 1}`, "Client 003", "Sheath dress");
for (const [view, share] of Object.entries(shares))
  say(`page ${view}, 200 clients in place of 8`, share * 100, "%", 120);
await Promise.all([small.stop(), large.stop()]);
rmSync(folder, { recursive: true, force: true });
