import type { Browser } from "playwright-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { clientPath, findBarriers, openBrowser, openPage, orderPath } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

describe("two browsers in one shop", () => {
  it("who keeps a card second is told, shown both, and loses neither", async () => {
    const [first, second] = [(await openPage(browser)).page, (await openPage(browser)).page];
    const card = `${await clientPath(first, address, "Ludo Farthing")}/card`;
    for (const page of [first, second]) await page.goto(address + card, { waitUntil: "networkidle" });
    await first.locator("#bust").fill("44");
    await second.locator("#bust").fill("45 1/2");
    await first.getByRole("button", { name: "Keep the card" }).click();
    await first.getByRole("heading", { name: "Ludo Farthing", exact: true }).waitFor();
    await second.getByRole("button", { name: "Keep the card" }).click();
    const met = second.getByRole("alert").filter({ hasText: "Somebody else kept a card meanwhile" });
    await met.getByRole("row", { name: /Bust girth 44 45 1\/2/ }).waitFor();
    expect(await findBarriers(second)).toEqual([]);
    await met.getByRole("button", { name: "Keep mine as a card of its own" }).click();
    await second.getByRole("heading", { name: "Ludo Farthing", exact: true }).waitFor();
    const cells = await second.getByRole("region", { name: "Cards" }).getByRole("cell").allInnerTexts();
    expect(cells).toEqual(expect.arrayContaining(["44", expect.stringMatching(/^45\s1\/2$/)]));
  });

  it("who corrects a card second is told, and can leave it as the other corrected it", async () => {
    const [first, second] = [(await openPage(browser)).page, (await openPage(browser)).page];
    const client = await clientPath(first, address, "Odile Quarry");
    for (const page of [first, second])
      await page.goto(`${address}${client}/card?correct`, { waitUntil: "networkidle" });
    await first.locator("#hip").fill("45");
    await second.locator("#hip").fill("54");
    await first.getByRole("button", { name: "Keep the card" }).click();
    await first.getByRole("heading", { name: "Odile Quarry", exact: true }).waitFor();
    await second.getByRole("button", { name: "Keep the card" }).click();
    await second.getByRole("button", { name: "Leave theirs, drop mine" }).click();
    await second.getByRole("heading", { name: "Odile Quarry", exact: true }).waitFor();
    await second.getByRole("button", { name: /Hip girth 45/ }).waitFor();
  });

  it("who decides about a garment second is shown what the other decided, and chooses", async () => {
    const [first, second] = [(await openPage(browser)).page, (await openPage(browser)).page];
    const order = await orderPath(first, address, "Marguerite Sallow", "Bustier, panels from the shoulder");
    const neck = (page: typeof first, name: string) => page.getByRole("radio", { name, exact: true }).first();
    for (const page of [first, second]) await page.goto(address + order, { waitUntil: "networkidle" });
    await neck(first, "Square").check();
    await first.getByText("Kept.", { exact: true }).waitFor();
    await neck(second, "Round").check();
    const met = second.getByRole("alert").filter({ hasText: "Another screen decided otherwise meanwhile" });
    await met.getByRole("row", { name: /Front neck Square Round/ }).waitFor();
    expect(await findBarriers(second)).toEqual([]);
    await met.getByRole("button", { name: "Keep mine" }).click();
    await second.getByText("Kept.", { exact: true }).waitFor();
    // The first one, which knows nothing of it yet, decides once more and takes what it finds.
    await neck(first, "V").check();
    await first.getByRole("button", { name: "Go on with theirs" }).click();
    await first.getByText("Kept.", { exact: true }).waitFor();
    expect(await neck(first, "Round").isChecked()).toBe(true);
  });

  it("one screen that decides faster than the book answers is never taken for two, and keeps the last", async () => {
    const { page } = await openPage(browser);
    const order = await orderPath(page, address, "Wren Castellane", "Circle skirt");
    await page.goto(address + order, { waitUntil: "networkidle" });
    await page.route("**/orders/**", async (route) => {
      if (route.request().method() === "POST") await new Promise((later) => setTimeout(later, 1200));
      await route.continue();
    });
    for (const pieces of ["Two", "Three", "Four"]) {
      await page.getByRole("radio", { name: pieces, exact: true }).first().check();
      await page.waitForTimeout(700);
    }
    await page.getByText("Kept.", { exact: true }).waitFor();
    expect(await page.getByText("Another screen decided otherwise").count()).toBe(0);
    await page.unroute("**/orders/**");
    await page.reload({ waitUntil: "networkidle" });
    expect(await page.getByRole("radio", { name: "Four", exact: true }).first().isChecked()).toBe(true);
  });

  it("a second one follows the first at the table, and ticks of both are kept", async () => {
    const [first, second] = [(await openPage(browser)).page, (await openPage(browser, "phone")).page];
    const order = await orderPath(first, address, "Wren Castellane", "Shift dress");
    for (const page of [first, second]) await page.goto(`${address}${order}/table`, { waitUntil: "networkidle" });
    for (let screen = 0; screen < 3; screen++) await first.keyboard.press("ArrowRight");
    const fourth = await first.getByRole("heading", { level: 2 }).first().innerText();
    await second.getByRole("heading", { name: /· 4 of \d+/ }).waitFor();
    expect(await second.getByRole("heading", { level: 2 }).first().innerText()).toBe(fourth);
    await second.getByRole("button", { name: "All chalked, next" }).click();
    await first.getByRole("heading", { name: /· 5 of \d+/ }).waitFor();
    await first.waitForTimeout(1000);
    await first.goto(`${address}${order}/sheet`, { waitUntil: "networkidle" });
    // The picture, three folding steps, the top line, and all that is read from one laying down the fold.
    const ticked = Number(/^(\d+) of/.exec(await first.getByText(/^\d+ of \d+$/).innerText())?.[1]);
    expect(ticked).toBe(5 + 8);
    // A tick on the sheet is seen there too.
    await first.getByRole("checkbox").first().uncheck();
    await first.getByText(`${ticked - 1} of `).waitFor();
  });
});
