import type { Browser, Page } from "playwright-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { clientPath, findBarriers, openBrowser, openPage, orderPath, overflowsSideways, walkTable } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

/** The readings of the day's client, in the order in which the card asks for them. */
const READINGS = [
  "15 1/2",
  "40",
  "34",
  "32",
  "42",
  "17 1/2",
  "12",
  "10 1/4",
  "6 1/2",
  "8",
  "10 1/2",
  "14",
  "17",
  "15 1/2",
  "9",
  "42",
];

/** Writes a card with nothing but the keyboard: each reading, and Enter. */
async function writeCard(page: Page, readings: readonly string[]): Promise<void> {
  await page.locator("#shoulder").focus();
  for (const reading of readings) {
    await page.keyboard.type(reading);
    await page.keyboard.press("Enter");
  }
  await page.keyboard.press("Control+Enter");
}

describe("a whole day at the table", () => {
  it("measures, takes the order, chooses, changes a rule, chalks to the last notch, and cuts again from a new card", async () => {
    const { page, wrong } = await openPage(browser);
    // In the morning a new client comes.
    await page.goto(`${address}/clients/new`, { waitUntil: "networkidle" });
    await page.keyboard.type("Hester Vane");
    await writeCard(page, READINGS);
    await page.getByRole("heading", { name: "Hester Vane" }).waitFor();

    // She orders a dress, promised for Saturday.
    await page.goto(`${address}/orders/new`, { waitUntil: "networkidle" });
    await page.getByPlaceholder("A few letters of the name").fill("hester");
    await page.keyboard.press("Enter");
    await page.getByLabel("Promised for").fill("2026-11-28");
    await page.getByRole("button", { name: /^Sheath dress/ }).click();
    await page.getByRole("heading", { name: "Sheath dress for Hester Vane" }).waitFor();
    const garment = page.url();
    await page.getByRole("group", { name: "The garment flat, front and back" }).waitFor();
    await page.getByRole("radio", { name: "Square" }).first().click();
    await page.getByText("Kept.").waitFor();

    // This house sews her side seams 2 wide; the set is the shop's from now on.
    await page.goto(`${address}/rules`, { waitUntil: "networkidle" });
    await page.getByLabel("Set", { exact: true }).selectOption("close");
    await page.getByRole("button", { name: /^Side seam \d/ }).click();
    await page.getByRole("slider", { name: "Side seam" }).fill("2");
    await page
      .getByRole("row", { name: /chest side, cutting line .*\+ 1\/2/i })
      .first()
      .waitFor();
    await page.getByLabel("Keep as a set of our own").fill("Festival");
    await page.getByRole("button", { name: "Keep the set" }).click();
    await page.getByLabel("Our set is called").waitFor();

    await page.goto(garment, { waitUntil: "networkidle" });
    await page.getByText("House rules on this sheet").click();
    await page.getByRole("radio", { name: "Festival" }).click();
    await page.getByText("Kept.").waitFor();
    await page.getByRole("link", { name: "To the cut sheet" }).click();
    await page.getByText(/Festival rules/).waitFor();
    await page.getByRole("tab", { name: "Proof" }).click();
    await page.getByText(/Side seam: 2 in · Festival/).waitFor();

    // At the table every laying is chalked, measured and cut, to the last piece that is counted.
    await page.getByRole("link", { name: "To the table" }).click();
    await page.getByRole("heading", { name: /· 1 of/ }).waitFor();
    const screens = Number(/of (\d+)/.exec(await page.getByRole("heading", { level: 1 }).innerText())?.[1]);
    expect(screens).toBeLessThanOrEqual(37);
    expect(await walkTable(page)).toBeLessThanOrEqual(120);
    await page.getByRole("heading", { name: new RegExp(`· ${screens} of ${screens} · done`) }).waitFor();
    await page.waitForTimeout(2000);
    await page.getByRole("link", { name: "Sheet" }).click();
    const counted = /^(\d+) of (\d+)$/.exec(await page.getByText(/^\d+ of \d+$/).innerText());
    expect(counted?.[1]).toBe(counted?.[2]);
    // The last tick of the shears says that it is cut: nobody is asked again.
    await page.getByText("kept as it was").waitFor();
    expect(await page.getByRole("button", { name: "It is cut" }).count()).toBe(0);

    // In spring she is back: her waist is an inch wider, and she wants the dress again.
    const client = await clientPath(page, address, "Hester Vane");
    await page.goto(`${address}${client}/card`, { waitUntil: "networkidle" });
    await page.getByLabel("Taken on").fill("2027-04-12");
    await writeCard(
      page,
      READINGS.map((reading) => (reading === "32" ? "33" : reading)),
    );
    await page.getByRole("heading", { name: "Hester Vane" }).waitFor();
    await page.getByRole("button", { name: "Show as a chart" }).click();
    await page.locator(".recharts-surface").first().waitFor();
    await page.getByRole("button", { name: "Days of no." }).click();
    await page.getByRole("link", { name: "Cut it again" }).click();
    await page
      .getByRole("row", { name: /waist side .*\+ 1\/4/i })
      .first()
      .waitFor();
    await page.getByRole("button", { name: "Take this order" }).click();
    await page.waitForURL(/\/orders\/[^/]+$/);
    expect(page.url()).not.toBe(garment);
    expect(wrong).toEqual([]);
  });
});

describe("the week", () => {
  it("keeps a fitting and a promise, shows them on their days, and moves a cut garment on", async () => {
    const { page } = await openPage(browser);
    await page.goto(address, { waitUntil: "networkidle" });
    await page.getByRole("button", { name: "Days of no. 3", exact: true }).click();
    const slip = page.getByRole("dialog");
    await slip.getByLabel("Promised for").fill("");
    await slip.getByRole("button", { name: "A fitting" }).click();
    expect(await findBarriers(page)).toEqual([]);
    await slip.getByRole("button", { name: "It is sewn" }).click();
    await page.getByRole("region", { name: /^Sewn/ }).getByText("Marguerite Sallow").waitFor();
  });

  it("says that a day is too full when more is due than it holds", async () => {
    const { page } = await openPage(browser);
    await page.goto(address, { waitUntil: "networkidle" });
    await page.getByRole("region", { name: "The week" }).getByText("too full").first().waitFor();
  });
});

describe("compare", () => {
  it("lays another set, another card and another choice on the same cloth", async () => {
    const { page, wrong } = await openPage(browser);
    const order = await orderPath(page, address, "Brisa Holloway", "Sheath dress");
    await page.goto(`${address}${order}/compare`, { waitUntil: "networkidle" });
    await page.getByLabel("Drawn by").selectOption({ label: "Easy rules" });
    await page
      .getByRole("row", { name: /half across shoulder .*− 1\/2/i })
      .first()
      .waitFor();
    await page.getByRole("radio", { name: "Another card" }).click();
    await page.getByLabel("Drawn from").selectOption({ label: "Card of 14 October 2025" });
    await page
      .getByText(/cannot be drawn|marks? moves?/)
      .first()
      .waitFor();
    await page.getByRole("radio", { name: "Another choice" }).click();
    await page.getByRole("status").filter({ hasText: "Nothing moves" }).waitFor();
    await page.getByRole("slider").fill("4");
    await page
      .getByRole("row", { name: /neck width .*\+ 1/i })
      .first()
      .waitFor();
    expect(await findBarriers(page)).toEqual([]);
    expect(await overflowsSideways(page)).toBe(false);
    expect(wrong).toEqual([]);
  });
});
