import type { Browser } from "playwright-core";
import { afterAll, beforeAll, expect, it } from "vitest";
import { addresses } from "./all-views";
import { findBarriers, openBrowser, openPage, overflowsSideways } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

it("every view is as clear in a dim room, for the left hand", async () => {
  const { page, wrong } = await openPage(browser);
  await page.context().addCookies([
    { name: "inner-fold-room", value: "dim", url: address },
    { name: "inner-fold-hand", value: "left", url: address },
  ]);
  for (const [name, path] of Object.entries(await addresses(page))) {
    await page.goto(address + path, { waitUntil: "networkidle" });
    expect(await findBarriers(page, ["color-contrast"]), name).toEqual([]);
  }
  expect(wrong).toEqual([]);
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
