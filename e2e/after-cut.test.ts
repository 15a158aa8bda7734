import type { Browser, Page } from "playwright-core";
import { afterAll, beforeAll, expect, it } from "vitest";
import { clientPath, findBarriers, openBrowser, openPage, orderPath } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

async function cutIt(page: Page, order: string): Promise<void> {
  await page.goto(`${address}${order}/sheet`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "It is cut" }).click();
  await page.getByRole("button", { name: "Yes, keep this sheet as cut" }).click();
  await page.getByText(/cut from on/).waitFor();
}

/** What is seen at a fitting, written down. */
async function writeSeen(page: Page, where: string, what: string, amount: string): Promise<void> {
  await page.getByRole("radio", { name: where, exact: true }).check();
  await page.getByRole("radio", { name: what, exact: true }).check();
  await page.getByLabel(/^How much in all/).fill(amount);
  await page.getByRole("button", { name: "Write it down" }).click();
}

it("cuffs are drawn to the sleeve's end as it was sewn: what moves is shown before it is kept", async () => {
  const { page, wrong } = await openPage(browser);
  const order = await orderPath(page, address, "Bram Teasel", "Shirt");
  await cutIt(page, order);
  await page.goto(`${address}${order}/late?edge=cuff`, { waitUntil: "networkidle" });
  expect(await page.getByText(/^Drawn/).innerText()).toMatch(/^Drawn 9.3\/4in end to end\.$/);
  await page.getByLabel("The whole of it").fill("10 1/4");
  await page.getByRole("button", { name: "Draw the cuffs to it" }).click();
  const came = page.getByRole("list", { name: "What came out" }).getByRole("listitem").first();
  await came.waitFor();
  expect(await came.innerText()).toMatch(/^The whole: drawn 9.3\/4 in, measured 10.1\/4 in, 1\/2 in more$/);
  const moves = await page.getByRole("row", { name: /Length of the strip/ }).innerText();
  expect(moves).toMatch(/10.3\/4\s+11.1\/4\s+\+ 1\/2/);
  expect(await findBarriers(page)).toEqual([]);
  await page.getByRole("button", { name: "Keep these cuffs" }).click();
  await page.getByText("Say why it came out so").waitFor();
  await page.getByRole("radio", { name: "Allowance taken twice" }).check();
  await page.getByRole("button", { name: "Keep these cuffs" }).click();
  await page.getByRole("list", { name: "Measured before" }).getByText("Allowance taken twice").waitFor();
  expect(wrong).toEqual([]);
});

it("a dress is lived from the cut to the counter: made, a piece spoilt, fitted twice, learnt from, paid", async () => {
  const { page, wrong } = await openPage(browser);
  const order = await orderPath(page, address, "Odile Quarry", "Yoke gown");
  await page.goto(`${address}${order}/fitting`, { waitUntil: "networkidle" });
  await page.getByText("This garment is not cut yet").waitFor();
  await cutIt(page, order);

  // Made: one task after the other, each waiting for what it needs.
  await page.getByRole("link", { name: "Making" }).click();
  await page.getByRole("heading", { name: /· 0 of \d+ done/ }).waitFor();
  expect(await findBarriers(page)).toEqual([]);
  const done = page.getByRole("button", { name: "Done, next" });
  await page
    .getByRole("list", { name: "Making" })
    .getByRole("button", { name: /Sew the sides/ })
    .click();
  expect(await done.isDisabled()).toBe(true);
  await page.getByText(/^First: .*sew the shoulders/).waitFor();
  await page
    .getByRole("list", { name: "Making" })
    .getByRole("button", { name: /free to be done/ })
    .first()
    .click();
  await done.click();
  await page.getByRole("heading", { name: /· 1 of \d+ done/ }).waitFor();
  // A second screen sees the tick.
  const second = await openPage(browser);
  await second.page.goto(`${address}${order}/making`, { waitUntil: "networkidle" });
  await second.page.getByRole("heading", { name: /· 1 of \d+ done/ }).waitFor();

  // A back is scorched: it is missing until it is cut again.
  await page.getByRole("link", { name: "Pieces" }).click();
  await page.getByLabel("Which piece").selectOption({ label: "Back" });
  await page.getByRole("radio", { name: "Wearer's left" }).check();
  await page.getByLabel("What happened").fill("torn at the zip");
  await page.getByRole("button", { name: "Write it down" }).click();
  await page.getByText("one is spoilt").waitFor();
  expect(await findBarriers(page)).toEqual([]);
  await page.getByRole("button", { name: "It is cut again" }).click();
  await page.getByText(/^Cut again on/).waitFor();

  // Two fittings: the second counts from the first.
  await page.goto(`${address}${order}/fitting`, { waitUntil: "networkidle" });
  await writeSeen(page, "Waist and back", "Too tight", "a bit");
  await page.getByRole("alert").filter({ hasText: "Write how much in all" }).waitFor();
  expect(await page.getByLabel(/^How much in all/).inputValue()).toBe("a bit");
  await writeSeen(page, "Waist and back", "Too tight", "2");
  const seen = page.getByRole("region", { name: "What was seen" });
  await seen.getByText(/Side seams: let out each of 4 edges by .*is left in each\./).waitFor();
  await writeSeen(page, "Waist and back", "Too tight", "4");
  await seen.getByText(/The seams do not hold|then/).waitFor();
  expect(await findBarriers(page)).toEqual([]);
  await seen.getByRole("button", { name: "Keep as a figure note" }).first().click();
  await page.waitForLoadState("networkidle");

  // The client's page has learnt it, and the next order shows it as a term.
  await page.goto(address + (await clientPath(page, address, "Odile Quarry")), { waitUntil: "networkidle" });
  await page.getByText(/^Too tight at the waist: 2 times on one garment/).waitFor();
  await page.getByText(/panel, waist line: \+/).waitFor();

  // The counter: what is bought, a price that is none, a payment.
  await page.goto(`${address}${order}/counter`, { waitUntil: "networkidle" });
  await page.getByText(/^Zip: /).waitFor();
  await page.getByLabel("Price, €").fill("a hundred");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await page.getByRole("alert").filter({ hasText: "plain numbers" }).waitFor();
  await page.getByLabel("Price, €").fill("165");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await page.getByText("€ 165 to pay").waitFor();
  await page.getByLabel("Paid today, €").fill("65");
  await page.getByRole("button", { name: "Write it down" }).click();
  await page.getByText("€ 100 to pay").waitFor();
  expect(await findBarriers(page)).toEqual([]);

  // And the logbook has all of it.
  await page.goto(`${address}/log?find=Odile`, { waitUntil: "networkidle" });
  await page.getByText("spoilt: torn at the zip").waitFor();
  await page.getByText("€ 165, € 100 to pay").waitFor();
  expect(await findBarriers(page)).toEqual([]);
  expect(wrong).toEqual([]);
  expect(second.wrong).toEqual([]);
});
