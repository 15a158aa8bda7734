import type { Browser } from "playwright-core";
import { afterAll, beforeAll, expect, it } from "vitest";
import { findBarriers, openBrowser, openPage, orderPath, walkTable } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

it("a collar is chosen by its name, the flat wears it, and without one the deep V is back", async () => {
  const { page, wrong } = await openPage(browser);
  const order = await orderPath(page, address, "Annika Verhoest", "Lapel dress");
  await page.goto(address + order, { waitUntil: "networkidle" });
  const collar = page.getByRole("radiogroup", { name: "Collar", exact: true });
  const neck = page.getByRole("radiogroup", { name: "Front neck", exact: true });
  expect(await neck.getByRole("radio", { name: "Round" }).isChecked()).toBe(true);
  await collar.getByRole("radio", { name: "Shawl" }).check();
  await page.getByText("Width of the shawl", { exact: true }).waitFor();
  await page.getByText("Kept.", { exact: true }).waitFor();
  // Nothing told the neck otherwise: without a collar the garment has its own again.
  await collar.getByRole("radio", { name: "None" }).check();
  await neck.getByRole("radio", { name: "V", exact: true, checked: true }).waitFor();
  await collar.getByRole("radio", { name: "Lapel with a notched collar" }).check();
  await neck.getByRole("radio", { name: "Round", checked: true }).waitFor();
  await page.getByText("Kept.", { exact: true }).waitFor();
  expect(await findBarriers(page)).toEqual([]);
  expect(wrong).toEqual([]);
});

it("the collar is drawn to the neck as it was sewn: of a lapel the back alone is asked", async () => {
  const { page, wrong } = await openPage(browser);
  const order = await orderPath(page, address, "Annika Verhoest", "Lapel dress");
  await page.goto(`${address}${order}/sheet`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "It is cut" }).click();
  await page.getByRole("button", { name: "Yes, keep this sheet as cut" }).click();
  await page.getByText(/cut from on/).waitFor();
  await page.getByRole("link", { name: "Making" }).click();
  await page.getByRole("link", { name: "Neck as sewn" }).click();
  await page.getByRole("heading", { name: "The neck, as it is sewn" }).waitFor();
  expect(await page.getByLabel("Front, half").count()).toBe(0);
  await page.getByLabel("Back, half").fill("9.5 cm");
  await page.getByRole("button", { name: "Draw the collar to it" }).click();
  await page.getByText(/^Back: drawn .* more$/).waitFor();
  expect(await findBarriers(page)).toEqual([]);
  await page.getByRole("radio", { name: "Cut on the chalked line" }).check();
  await page.getByRole("button", { name: "Keep this collar" }).click();
  await page.getByRole("list", { name: "Measured before" }).getByText("Cut on the chalked line").waitFor();
  expect(wrong).toEqual([]);
});

it.each([
  ["Ludo Farthing", "Pocket shirt"],
  ["Annika Verhoest", "Lapel dress"],
])("%s's %s is chalked, measured and cut with all its parts, to the last notch", async (client, garment) => {
  const { page, wrong } = await openPage(browser);
  const order = await orderPath(page, address, client, garment);
  await page.goto(`${address}${order}/table`, { waitUntil: "networkidle" });
  await page.getByRole("heading", { name: /· 1 of/ }).waitFor();
  const screens = Number(/of (\d+)/.exec(await page.getByRole("heading", { level: 1 }).innerText())?.[1]);
  await walkTable(page);
  await page.getByRole("heading", { name: new RegExp(`· ${screens} of ${screens} · done`) }).waitFor();
  expect(wrong).toEqual([]);
});
