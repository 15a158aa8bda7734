/** Measures what Inner Fold promises about speed and size, against the built app. Run `npm run build` first. */
import { execFileSync, spawn, spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { buildSync } from "esbuild";
import { benchBrowser } from "./bench/browser";

interface CoreFigures {
  readonly garment: string;
  readonly draftAndChecksMs: number;
  readonly wholeSheetMs: number;
}

const folder = mkdtempSync(join(tmpdir(), "inner-fold-bench-"));
const address = "http://127.0.0.1:4399";
const env = { ...process.env, INNER_FOLD_DATA: join(folder, "data"), PORT: "4399" };

function benchCore(): readonly CoreFigures[] {
  const bundle = join(folder, "core.mjs");
  buildSync({ entryPoints: ["scripts/bench/core.ts"], bundle: true, platform: "node", format: "esm", outfile: bundle });
  return JSON.parse(execFileSync(process.execPath, [bundle], { encoding: "utf8" })) as readonly CoreFigures[];
}

async function startServer() {
  spawnSync(process.execPath, ["--import", "tsx", "scripts/seed.ts"], { env });
  const start = performance.now();
  const child = spawn(process.execPath, ["--import", "tsx", "scripts/start.ts"], {
    env,
    stdio: ["ignore", "pipe", "inherit"],
  });
  await new Promise((resolve) =>
    child.stdout.on("data", (chunk: Buffer) => chunk.includes("open at") && resolve(null)),
  );
  return { child, seconds: (performance.now() - start) / 1000 };
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
const { child, seconds } = await startServer();
say("built tree to first page, address printed", seconds, "s", 6);
const figures = await benchBrowser(address);
say("redraft while dragging, script per move", figures.scriptPerRedraftMs, "ms", 16);
say("scripts of the cut sheet, gzipped", figures.sheetScriptKb, "kB", 250);
for (const [page, ms] of Object.entries(figures.pageMs)) say(`page ${page}, to load, median of 5`, ms, "ms", 1000);
const ended = new Promise((resolve) => child.once("exit", resolve));
child.kill("SIGTERM");
await ended;
rmSync(folder, { recursive: true, force: true });
