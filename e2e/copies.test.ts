import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { parse } from "csv-parse/sync";
import type { Browser, Page } from "playwright-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { clientPath, openBrowser, openPage, orderPath } from "./browser";
import { address, folder } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

async function download(page: Page, name: string): Promise<string> {
  const [file] = await Promise.all([page.waitForEvent("download"), page.getByRole("link", { name }).click()]);
  const path = join(folder, file.suggestedFilename());
  await file.saveAs(path);
  return path;
}

async function choose(page: Page, path: string): Promise<void> {
  await page.getByLabel("A file that was kept").setInputFiles(path);
  await page.getByRole("button", { name: "Look what is in it" }).click();
}

describe("the whole shop in a file, and back", () => {
  it("refuses a cut, a changed and a foreign file, and brings a whole one back after a client was taken out", async () => {
    const { page, wrong } = await openPage(browser);
    await page.goto(`${address}/backup`, { waitUntil: "networkidle" });
    const copy = await download(page, "The whole shop, as a file");
    const text = readFileSync(copy, "utf8");
    const bad = {
      "cut short": text.slice(0, Math.floor(text.length / 2)),
      "checksum does not agree": text.replace("Tamsin", "Thomas"),
      "another kind": '{"a":1}',
    };
    for (const [index, [said, content]] of Object.entries(bad).entries()) {
      const path = join(folder, `bad-${index}.json`);
      writeFileSync(path, content);
      await choose(page, path);
      await page.getByRole("alert").filter({ hasText: said }).waitFor();
      await page.getByRole("alert").filter({ hasText: "Nothing was changed." }).waitFor();
    }

    const client = await clientPath(page, address, "Annika Verhoest");
    await page.goto(address + client, { waitUntil: "networkidle" });
    const own = JSON.parse(readFileSync(await download(page, "Everything about Annika Verhoest"), "utf8"));
    expect(own).toMatchObject({ format: "inner-fold/client", name: "Annika Verhoest" });
    expect(own.orders).toHaveLength(4);
    await page.getByText("Take Annika Verhoest out of the book").click();
    await page.getByLabel("Write the name to be sure").fill("Annika");
    await page.getByRole("button", { name: "Take out" }).click();
    await page.getByRole("alert").filter({ hasText: "Nothing was taken out" }).waitFor();
    await page.getByLabel("Write the name to be sure").fill("Annika Verhoest");
    await page.getByRole("button", { name: "Take out" }).click();
    await page.waitForURL(`${address}/clients`);
    // Nor does a page of the client stay in this browser.
    const kept = await page.evaluate(async () => {
      const requests = await Promise.all((await caches.keys()).map(async (name) => (await caches.open(name)).keys()));
      return requests.flat().map(({ url }) => url);
    });
    expect(kept.filter((url) => url.endsWith(client))).toEqual([]);
    expect((await page.goto(address + client))?.status()).toBe(404);

    await page.goto(`${address}/backup`, { waitUntil: "networkidle" });
    await choose(page, copy);
    await page.getByText(/It is whole/).waitFor();
    await page.getByRole("button", { name: "Put it in the book's place" }).click();
    await page.getByRole("alert").filter({ hasText: "kept as a copy" }).waitFor();
    expect((await page.goto(address + client))?.status()).toBe(200);
    await page.goto(`${address}/backup`);
    await page.getByText("before a copy was brought back").waitFor();
    expect(wrong).toEqual([]);
  });

  it("gives every card as a table that another program reads", async () => {
    const { page } = await openPage(browser);
    const csv = await (await page.request.get(`${address}/backup/cards.csv`)).text();
    const rows = parse(csv, { columns: true, bom: true }) as Record<string, string>[];
    const brisa = rows.filter(({ Client }) => Client === "Brisa Holloway");
    expect(brisa.map((row) => row["Bust girth"])).toEqual(["40 in", "41 in", "41 1/2 in"]);
  });

  it("lets no page of another origin put a copy in the book's place", async () => {
    const { page } = await openPage(browser);
    const answer = await page.request.post(`${address}/backup/restore?replace=yes`, {
      headers: { origin: "http://elsewhere.example" },
      data: "{}",
    });
    expect(answer.status()).toBe(403);
    expect((await page.request.get(`${address}/backup/copies/..%2F..%2Fsecret.json`)).status()).toBe(404);
  });
});

it("prints the steps and the sheet as PDF on either paper, and says no to any other", async () => {
  const { page } = await openPage(browser);
  const order = await orderPath(page, address, "Brisa Holloway", "Sheath dress");
  for (const kind of ["steps", "sheet"])
    for (const paper of ["a4", "letter"]) {
      const answer = await page.request.get(`${address}${order}/paper/${kind}/${paper}`);
      expect(answer.headers()["content-type"]).toBe("application/pdf");
      expect((await answer.body()).subarray(0, 5).toString()).toBe("%PDF-");
    }
  expect((await page.request.get(`${address}${order}/paper/steps/poster`)).status()).toBe(404);
});
