import type { Browser } from "playwright-core";
import { afterAll, beforeAll, expect, it } from "vitest";
import { openBrowser, openPage, orderPath } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

it("a gathered skirt is made fuller at the hem of its flat: hem, cloth and choice follow, and it is kept", async () => {
  const { page, wrong } = await openPage(browser);
  const order = await orderPath(page, address, "Perpetua Lindqvist", "Gathered skirt");
  await page.goto(address + order, { waitUntil: "networkidle" });
  const flat = page.getByRole("group", { name: "The garment flat, front and back" });
  const handle = flat.getByRole("slider");
  const hem = async () => Number(/hem (\d+)/.exec((await flat.textContent()) ?? "")?.[1]);
  const ratio = async () => Number(await handle.getAttribute("aria-valuenow"));
  const [hemBefore, ratioBefore] = [await hem(), await ratio()];

  await handle.focus();
  for (const _ of [1, 2, 3]) await page.keyboard.press("ArrowRight");
  await page.getByText("Kept.").waitFor();
  expect(await ratio()).toBeCloseTo(ratioBefore + 0.3, 6);
  // Three tenths more of the same waist.
  expect((await hem()) / hemBefore).toBeCloseTo((ratioBefore + 0.3) / ratioBefore, 1);

  await page.reload({ waitUntil: "networkidle" });
  expect(await ratio()).toBeCloseTo(ratioBefore + 0.3, 6);

  // Dragged inwards with the pointer it is as it was, or less.
  const box = await handle.boundingBox();
  if (box === null) throw new Error("no handle to take hold of");
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 40, y, { steps: 8 });
  await page.mouse.up();
  expect(await ratio()).toBeLessThan(ratioBefore + 0.3);
  expect(await hem()).toBeLessThan(hemBefore * 1.2);
  expect(wrong).toEqual([]);
});

it("a skirt that is chosen for a bustier is brought, drawn below it, and kept; before that nothing of skirts is loaded", async () => {
  const { page, wrong } = await openPage(browser);
  let scripts = 0;
  page.on("response", (response) => {
    if (response.request().resourceType() === "script") scripts++;
  });
  const order = await orderPath(page, address, "Brisa Holloway", "Bustier, panels from the armhole");
  await page.goto(address + order, { waitUntil: "networkidle" });
  const hem = page.getByText(/hem \d+.* round/);
  const atFirst = scripts;
  expect(await hem.count()).toBe(0);

  await page.getByRole("radio", { name: "A-line skirt" }).click();
  await hem.waitFor();
  expect(scripts).toBeGreaterThan(atFirst);
  await page.getByText("Kept.", { exact: true }).waitFor();

  await page.reload({ waitUntil: "networkidle" });
  await hem.waitFor();
  // As it was, for the tests that come after.
  await page.getByRole("radiogroup", { name: "Skirt", exact: true }).getByRole("radio", { name: "None" }).click();
  await hem.waitFor({ state: "detached" });
  await page.getByText("Kept.", { exact: true }).waitFor();
  expect(wrong).toEqual([]);
});
