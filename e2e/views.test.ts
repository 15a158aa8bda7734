import type { Browser } from "playwright-core";
import { afterAll, beforeAll, expect, it } from "vitest";
import { addresses } from "./all-views";
import { findBarriers, openBrowser, openLayings, openPage, overflowsSideways } from "./browser";
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
  await openLayings(page);
  for (const title of [/^Waist side/, /^Side Join/]) {
    await page.getByRole("button", { name: title }).last().click();
    expect(await overflowsSideways(page), String(title)).toBe(false);
    expect(await findBarriers(page)).toEqual([]);
  }
});

it("shows a single reading at the table at 96 px or more, several at 56, on a phone too", async () => {
  for (const size of ["phone", "tablet"] as const) {
    const { page } = await openPage(browser, size);
    const { table } = await addresses(page);
    await page.goto(address + table, { waitUntil: "networkidle" });
    const readings = page.getByRole("list", { name: "Readings on this tape" });
    for (let screen = 0; screen < 12; screen++) {
      await page.keyboard.press("ArrowRight");
      await page.waitForTimeout(60);
      const sizes = await readings
        .locator("button > span:first-child")
        .evaluateAll((nodes) => nodes.map((node) => Number.parseFloat(getComputedStyle(node).fontSize)));
      if (sizes.length > 0) expect(Math.min(...sizes), size).toBeGreaterThanOrEqual(sizes.length === 1 ? 96 : 56);
      expect(await overflowsSideways(page), size).toBe(false);
    }
    await page.context().close();
  }
});

it("the cloth takes half of a tablet's screen at the table, and most of a phone's upper half", async () => {
  for (const [size, least] of [
    ["tablet", 0.5],
    ["phone", 0.35],
  ] as const) {
    const { page } = await openPage(browser, size);
    const { table } = await addresses(page);
    await page.goto(address + table, { waitUntil: "networkidle" });
    for (let screen = 0; screen < 5; screen++) await page.keyboard.press("ArrowRight");
    const cloth = page.getByRole("img", { name: /what is chalked so far/ });
    await cloth.waitFor();
    const box = await cloth.boundingBox();
    const screen = page.viewportSize();
    const share = ((box?.width ?? 0) * (box?.height ?? 0)) / ((screen?.width ?? 1) * (screen?.height ?? 1));
    expect(share, size).toBeGreaterThanOrEqual(least);
    await page.context().close();
  }
});

it("a new card of a client whose waist grew by 4 asks for the right client", async () => {
  const { page } = await openPage(browser);
  const { "new card": card } = await addresses(page);
  await page.goto(address + card, { waitUntil: "networkidle" });
  await page.locator("#waist").fill("38 1/4");
  await expect.poll(() => page.locator("#waist-said").innerText()).toContain("Right client?");
});
