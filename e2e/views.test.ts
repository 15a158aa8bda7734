import type { Browser, Page } from "playwright-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { clientPath, findBarriers, openBrowser, openPage, orderPath, overflowsSideways, sizes } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

async function addresses(page: Page): Promise<Readonly<Record<string, string>>> {
  const order = await orderPath(page, address, "Tamsin Oyelaran", "A-line dress");
  const client = await clientPath(page, address, "Brisa Holloway");
  return {
    orders: "/",
    "orders of a state": "/?all=drafted",
    "new order": "/orders/new",
    clients: "/clients",
    client,
    "new client": "/clients/new",
    "new card": `${client}/card`,
    correction: `${client}/card?correct`,
    garment: order,
    compare: `${order}/compare`,
    again: `${order}/again`,
    "cut sheet": `${order}/sheet`,
    table: `${order}/table`,
    "on paper": `${order}/print`,
    rules: "/rules",
    shop: "/backup",
    words: "/words",
  };
}

/** Whether the page moved under the eye while it came: the browser's own sum of shifts. */
function layoutShift(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        let sum = 0;
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries()) sum += (entry as unknown as { value: number }).value;
        }).observe({ type: "layout-shift", buffered: true });
        setTimeout(() => resolve(sum), 100);
      }),
  );
}

describe.each(Object.keys(sizes) as (keyof typeof sizes)[])("every view on a %s", (size) => {
  it("has no barrier that the check can find, nothing wider than the screen, nothing that jumps, and no error", async () => {
    const { page, wrong } = await openPage(browser, size);
    for (const [name, path] of Object.entries(await addresses(page))) {
      await page.goto(address + path, { waitUntil: "networkidle" });
      expect(await layoutShift(page), `${name} jumps`).toBeLessThan(0.01);
      expect(await overflowsSideways(page), `${name} overflows`).toBe(false);
      expect(await findBarriers(page), name).toEqual([]);
    }
    expect(wrong).toEqual([]);
  });
});

it("every view is as clear in a dim room, for the left hand", async () => {
  const { page, wrong } = await openPage(browser);
  await page.context().addCookies([
    { name: "inner-fold-room", value: "dim", url: address },
    { name: "inner-fold-hand", value: "left", url: address },
  ]);
  for (const [name, path] of Object.entries(await addresses(page))) {
    await page.goto(address + path, { waitUntil: "networkidle" });
    expect(await findBarriers(page), name).toEqual([]);
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
