import type { Browser, Page } from "playwright-core";
import { afterAll, beforeAll, describe, expect, inject, it } from "vitest";
import { findBarriers, openBrowser, openPage, overflowsSideways, sizes } from "./browser";

const address = inject("address");
let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

async function addresses(page: Page): Promise<Readonly<Record<string, string>>> {
  await page.goto(address);
  const order = await page.getByRole("link", { name: /Tamsin Oyelaran.*A-line/s }).getAttribute("href");
  const client = await page.getByRole("link", { name: "Brisa Holloway", exact: true }).getAttribute("href");
  const garment = (order ?? "").replace("/sheet", "");
  return {
    orders: "/",
    client: client ?? "",
    "new client": "/clients/new",
    "new card": `${client}/card`,
    garment,
    "cut sheet": `${garment}/sheet`,
    table: `${garment}/table`,
    "step list": `${garment}/print`,
  };
}

describe.each(Object.keys(sizes) as (keyof typeof sizes)[])("every view on a %s", (size) => {
  it("has no barrier that the check can find, nothing wider than the screen, and no error", async () => {
    const { page, wrong } = await openPage(browser, size);
    for (const [name, path] of Object.entries(await addresses(page))) {
      await page.goto(address + path, { waitUntil: "networkidle" });
      expect(await findBarriers(page), name).toEqual([]);
      expect(await overflowsSideways(page), `${name} overflows`).toBe(false);
    }
    expect(wrong).toEqual([]);
  });
});

it("stays as wide as a phone with a long sum and with the dots of a curve in hand", async () => {
  const { page } = await openPage(browser, "phone");
  const { "cut sheet": sheet } = await addresses(page);
  await page.goto(address + sheet, { waitUntil: "networkidle" });
  for (const title of [/^Waist side/, /^Side Join/]) {
    await page.getByRole("button", { name: title }).last().click();
    expect(await overflowsSideways(page), String(title)).toBe(false);
    expect(await findBarriers(page)).toEqual([]);
  }
});

it("shows readings at the table at 120 px or more", async () => {
  const { page } = await openPage(browser, "phone");
  const { table } = await addresses(page);
  await page.goto(address + table, { waitUntil: "networkidle" });
  await page.keyboard.press("ArrowRight");
  const size = await page
    .locator("main section p")
    .first()
    .evaluate((node) => Number.parseFloat(getComputedStyle(node).fontSize));
  expect(size).toBeGreaterThanOrEqual(120);
});

it("a new card of a client whose waist grew by 4 asks for the right client", async () => {
  const { page } = await openPage(browser);
  const { "new card": card } = await addresses(page);
  await page.goto(address + card, { waitUntil: "networkidle" });
  await page.locator("#waist").fill("38 1/4");
  await expect.poll(() => page.locator("#waist-said").innerText()).toContain("Right client?");
});
