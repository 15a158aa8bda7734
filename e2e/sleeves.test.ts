import type { Browser } from "playwright-core";
import { afterAll, beforeAll, expect, it } from "vitest";
import { findBarriers, openBrowser, openPage, orderPath } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

it("a sleeve that is told too narrow says the change that mends it, and one touch takes it", async () => {
  const { page, wrong } = await openPage(browser);
  const order = await orderPath(page, address, "Marguerite Sallow", "Shirt");
  await page.goto(address + order, { waitUntil: "networkidle" });
  const width = page.getByRole("radiogroup", { name: "Half width on the biceps line" });
  await width.getByRole("radio", { name: "a length" }).check();
  const slider = page.locator("#sleeveWidth");
  const cure = page.getByRole("button", { name: "Change it" });
  await slider.focus();
  for (let step = 0; step < 40 && (await cure.count()) === 0; step++) {
    await page.keyboard.press("ArrowLeft");
    await page.waitForTimeout(100);
  }
  await cure.first().click();
  await page.getByText("Kept.", { exact: true }).waitFor();
  // What was offered was tried: nothing of it is left to mend.
  expect(await cure.count()).toBe(0);
  expect(await width.getByRole("radio", { name: "As the armhole gives it" }).isChecked()).toBe(true);
  expect(wrong).toEqual([]);
});

it("the sleeves are drawn to the armhole as it was sewn, its cause is kept, and a second measuring is asked for", async () => {
  const { page, wrong } = await openPage(browser);
  const order = await orderPath(page, address, "Marguerite Sallow", "Shirt");
  await page.goto(`${address}${order}/sheet`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "It is cut" }).click();
  await page.getByRole("button", { name: "Yes, keep this sheet as cut" }).click();
  await page.getByText(/cut from on/).waitFor();
  await page.getByRole("link", { name: "Making" }).click();
  await page.getByRole("link", { name: "Armhole as sewn" }).click();
  await page.getByLabel("Front, half").fill("13 1/2");
  await page.getByRole("button", { name: "Draw the sleeves to it" }).click();
  await page.getByText(/^Front: drawn .* more$/).waitFor();
  expect(await findBarriers(page)).toEqual([]);
  const keep = page.getByRole("button", { name: "Keep these sleeves" });
  await keep.click();
  await page.getByRole("alert").filter({ hasText: "measured again first" }).waitFor();
  await page.getByLabel("I measured it again, and it is so").check();
  await keep.click();
  await page.getByRole("alert").filter({ hasText: "Say why it came out so" }).waitFor();
  await page.getByRole("radio", { name: "Stretched in the hand" }).check();
  await keep.click();
  await page.getByRole("list", { name: "Measured before" }).getByText("Stretched in the hand").waitFor();
  expect(await page.getByLabel("Front, half").inputValue()).toBe("");
  expect(wrong).toEqual([]);
});
