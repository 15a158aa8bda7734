import { type ChildProcess, spawn, spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Browser } from "playwright-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { type CutSheet, makingOf, tableScreens } from "../src/core/formats";
import { fractionGlyphs } from "../src/core/length";
import { nameReading, sayTick } from "../src/core/wording";
import { openBrowser, openPage, orderPath } from "./browser";
import { address } from "./shop";

const PORT = "4377";
const ADDRESS = `http://127.0.0.1:${PORT}`;
const folder = mkdtempSync(join(tmpdir(), "inner-fold-kill-"));
const env = { ...process.env, INNER_FOLD_DATA: folder, PORT };
let browser: Browser;
let server: ChildProcess | null = null;

beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(async () => {
  await browser.close();
  server?.kill("SIGTERM");
  rmSync(folder, { recursive: true, force: true });
});

/** Starts the app in a process group of its own, so that a kill takes all of it at once. */
function start(): Promise<ChildProcess> {
  const child = spawn(process.execPath, ["--import", "tsx", "scripts/start.ts"], {
    env,
    stdio: ["ignore", "pipe", "inherit"],
    detached: true,
  });
  return new Promise((resolve) =>
    child.stdout.on("data", (chunk: Buffer) => chunk.includes("open at") && resolve(child)),
  );
}

function killHard(child: ChildProcess): Promise<void> {
  return new Promise((resolve) => {
    child.once("exit", () => resolve());
    process.kill(-(child.pid ?? 0), "SIGKILL");
  });
}

describe("what was kept", () => {
  it("survives a kill: a client is there again, with the card as it was typed", async () => {
    server = await start();
    const { page } = await openPage(browser);
    await page.goto(`${ADDRESS}/clients/new`, { waitUntil: "networkidle" });
    await page.getByLabel("Name").fill("Killed Mid-Chalk");
    await page.locator("#bust").fill("38 4/8");
    await page.getByRole("button", { name: "Keep the card" }).click();
    await page.getByRole("heading", { name: "Killed Mid-Chalk" }).waitFor();
    const client = page.url();
    await killHard(server);
    server = await start();
    await page.goto(client);
    await page.getByRole("heading", { name: "Killed Mid-Chalk" }).waitFor();
    await page.getByRole("cell", { name: "38 4/8" }).waitFor();
  });

  it("is typed, not lost, while the server is away, and is sent by itself when it is back", async () => {
    server ??= await start();
    const { page } = await openPage(browser);
    await page.goto(`${ADDRESS}/clients/new`, { waitUntil: "networkidle" });
    await page.getByLabel("Name").fill("Away Server");
    await page.locator("#waist").fill("30");
    await killHard(server);
    await page.getByRole("button", { name: "Keep the card" }).click();
    await page.getByRole("status").filter({ hasText: "does not answer" }).waitFor();
    expect(await page.locator("#waist").inputValue()).toBe("30");
    await page.getByRole("button", { name: "Copy the card" }).waitFor();
    server = await start();
    await page.getByRole("heading", { name: "Away Server" }).waitFor();
  });
});

describe("screen, command and SVG", () => {
  it("agree on every reading of the example order", async () => {
    const svgs = join(folder, "svg");
    const { stdout } = spawnSync(
      process.execPath,
      ["--import", "tsx", "scripts/draft.ts", "docs/examples/straight-dress.json", "--svg", svgs],
      { encoding: "utf8", maxBuffer: 50_000_000 },
    );
    const sheet = JSON.parse(stdout) as CutSheet;
    writeFileSync(join(folder, "sheet.json"), stdout);
    for (const { id, outline } of sheet.pieces)
      expect(readFileSync(join(svgs, `${id}.svg`), "utf8")).toContain(outline.cut);

    // The demo week's Brisa Holloway has the same card and choices as the example.
    const { page } = await openPage(browser);
    await page.goto(`${address}${await orderPath(page, address, "Brisa Holloway", "Straight dress")}/print`);
    const printed = (await page.getByRole("listitem").allInnerTexts()).map((text) => text.replace(/\s+/g, " "));
    const plain = (text: string) =>
      text
        .replace(
          /(\d)?([½¼¾⅛⅜⅝⅞])/g,
          (_, whole: string | undefined, glyph: string) => `${whole ? `${whole} ` : ""}${fractionGlyphs[glyph]}`,
        )
        .replaceAll("⁄", "/")
        .replace(/\s+/g, " ");
    // One item for each laying of the tape with all its readings, one for every other step.
    const told = tableScreens(sheet, "placements").flatMap(({ placement, steps }) =>
      placement === null
        ? steps.map((step) => [step.text])
        : [placement.readings.map((reading) => `${sayTick(reading, "in", "1/8")} ${nameReading(reading, placement)}`)],
    );
    // What is sewn comes after what is cut, a task an item.
    told.push(...makingOf(sheet).map(({ text }) => [text]));
    expect(printed).toHaveLength(told.length);
    for (const [index, parts] of told.entries())
      for (const part of parts) expect(printed[index]).toContain(plain(part));
  });
});
