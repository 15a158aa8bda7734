/** Measures what Inner Fold promises about speed and size, against the built app. Run `npm run build` first. */
import { execFileSync, spawn, spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { buildSync } from "esbuild";
import { benchBrowser, timeBook } from "./bench/browser";

interface CoreFigures {
  readonly garment: string;
  readonly draftAndChecksMs: number;
  readonly wholeSheetMs: number;
}

const folder = mkdtempSync(join(tmpdir(), "inner-fold-bench-"));
const address = "http://127.0.0.1:4399";

function benchCore(): readonly CoreFigures[] {
  const bundle = join(folder, "core.mjs");
  buildSync({ entryPoints: ["scripts/bench/core.ts"], bundle: true, platform: "node", format: "esm", outfile: bundle });
  return JSON.parse(execFileSync(process.execPath, [bundle], { encoding: "utf8" })) as readonly CoreFigures[];
}

/** Starts the app on a data folder of its own that a script has filled. */
async function startServer(name: string, fill: string, more: Readonly<Record<string, string>> = {}) {
  const env = { ...process.env, ...more, INNER_FOLD_DATA: join(folder, name), PORT: "4399" };
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

for (const { garment, draftAndChecksMs, wholeSheetMs } of benchCore()) {
  say(`${garment}: draft and checks, median`, draftAndChecksMs, "ms", garment === "straight-dress" ? 2 : 5);
  say(`${garment}: whole cut sheet, median`, wholeSheetMs, "ms", 16);
}
const demo = await startServer("demo", "scripts/seed.ts");
say("built tree to first page, address printed", demo.seconds, "s", 6);
const { scriptPerRedraftMs, scriptKb, pageMs } = await benchBrowser(address);
say("redraft while dragging, script per move", scriptPerRedraftMs, "ms", 16);
for (const [view, kb] of Object.entries(scriptKb)) say(`scripts of ${view}, gzipped`, kb, "kB", 250);
for (const [view, ms] of Object.entries(pageMs)) say(`page ${view}, to load, median of 5`, ms, "ms", 1000);
await demo.stop();
/** Loading times of one client's pages in a made-up book of so many clients, 5 cards and 3 orders each. */
async function timeMadeUpBook(clients: number) {
  const shop = await startServer(`book-${clients}`, "scripts/bench/large-shop.ts", { BENCH_CLIENTS: String(clients) });
  const times = await timeBook(address, "Client 003", "Sheath dress");
  await shop.stop();
  return times;
}
const small = await timeMadeUpBook(8);
for (const [view, ms] of Object.entries(await timeMadeUpBook(200)))
  say(`page ${view}, 200 clients in place of 8`, (ms / (small[view] ?? ms)) * 100, "%", 120);
rmSync(folder, { recursive: true, force: true });
