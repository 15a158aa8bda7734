import type { Browser, Page } from "playwright-core";
import { afterAll, beforeAll, expect, it } from "vitest";
import { openBrowser, openPage } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

const READINGS: Readonly<Record<string, string>> = {
  "Neck girth": "14 1/2",
  "Across shoulder": "15 1/2",
  "Bust girth": "40",
  "Waist girth": "32",
  "Hip girth": "42",
  "Armhole girth": "17 1/2",
  "Upper-arm girth": "12",
  "Elbow girth": "10 1/2",
  "Wrist girth": "6 1/2",
  "Front half length": "17",
  "Back half length": "15 1/2",
  "Hip depth": "9",
  "Full length": "42",
  "Sleeve length": "23",
};

/** Something seen at a fitting, written down. */
async function writeSeen(page: Page, where: string, what: string, amount: string, side?: string): Promise<void> {
  await page.getByRole("radio", { name: where, exact: true }).check();
  await page.getByRole("radio", { name: what, exact: true }).check();
  if (side !== undefined) await page.getByRole("radio", { name: side, exact: true }).check();
  await page.getByLabel(/^How much in all/).fill(amount);
  await page.getByRole("button", { name: "Write it down" }).click();
}

async function go(page: Page, path: string): Promise<void> {
  await page.goto(`${address}${path}`, { waitUntil: "networkidle" });
}

/** What is ticked at the table, sent as the table sends it. */
async function tick(page: Page, order: string, steps: readonly string[]): Promise<void> {
  const body = JSON.stringify({ stepId: steps.at(-1), ticked: steps, unticked: [] });
  await page.evaluate(async ([path, text]) => void (await fetch(`${path}/place`, { method: "PUT", body: text })), [
    order,
    body,
  ] as const);
}

it("a dress is lived from measuring to collecting, and the next one shows what it taught", async () => {
  const { page, wrong } = await openPage(browser);

  // Measured.
  await go(page, "/clients/new");
  await page.getByLabel("Name").fill("Ottilie Brook");
  await page.getByText("More readings").click();
  for (const [label, typed] of Object.entries(READINGS)) await page.getByLabel(label, { exact: true }).fill(typed);
  await page.getByRole("button", { name: "Keep the card" }).click();
  await page.getByText("1 card, the newest from").waitFor();
  const client = new URL(page.url()).pathname;

  // Decided: a long sleeve and a stand collar.
  await page.getByRole("button", { name: /^Straight dress/ }).click();
  await page.getByRole("heading", { name: "Straight dress for Ottilie Brook" }).waitFor();
  const order = new URL(page.url()).pathname;
  await page.getByRole("radio", { name: "Long", exact: true }).check();
  await page
    .getByRole("radio", { name: /^Stand/ })
    .first()
    .check();
  await page.getByText("Kept.").waitFor();

  // The front is cut: from then on it stays, and a sleeve that is still free can be another one.
  await go(page, `${order}/sheet`);
  const front = ["front-neck", "shoulder", "front-armhole", "side", "hem"].map((edge) => `cut-${edge}-front`);
  await tick(page, order, front);
  await go(page, `${order}/sheet`);
  await page.getByText(/· 1 of \d+ cut ·/).waitFor();
  await go(page, order);
  await page.getByText("Pieces of it are cut.").waitFor();
  await page.getByRole("radio", { name: "Three-quarter", exact: true }).check();
  await page.getByText("Kept.").waitFor();
  await page.getByRole("link", { name: "What a change does" }).click();
  await page.getByRole("heading", { name: /^Sleeve · not cut yet/ }).waitFor();
  await page.getByRole("button", { name: "Draw what is free anew" }).click();
  await page.getByText(/· 1 of \d+ cut ·/).waitFor();
  await page.getByRole("button", { name: "It is cut" }).click();
  await page.getByRole("button", { name: "Yes, keep this sheet as cut" }).click();
  await page.getByText("kept as it was").waitFor();

  // A sleeve is spoilt and cut again.
  await go(page, `${order}/pieces`);
  await page.getByLabel("Which piece").selectOption({ label: "Sleeve" });
  await page.getByRole("radio", { name: "Wearer's left" }).check();
  await page.getByLabel("What happened").fill("scorched");
  await page.getByRole("button", { name: "Write it down" }).click();
  await page.getByText("one is spoilt").waitFor();
  await page.getByRole("button", { name: "It is cut again" }).click();
  await page.getByText(/^Cut again on/).waitFor();

  // The neck came out otherwise than drawn: the collar is drawn to it.
  await go(page, `${order}/late?edge=neck`);
  await page.getByLabel("Front, half").fill("5 1/2");
  await page.getByLabel("Back, half").fill("3 1/2");
  await page.getByRole("button", { name: "Draw the collar to it" }).click();
  await page.getByText(/^Back: drawn/).waitFor();
  const again = page.getByLabel("I measured it again, and it is so");
  if ((await again.count()) > 0) await again.first().check();
  const cause = page.getByRole("radio", { name: "Stretched in the hand" });
  if ((await cause.count()) > 0) await cause.first().check();
  await page.getByRole("button", { name: "Keep this collar" }).click();
  await page.getByRole("list", { name: "Measured before" }).waitFor();

  // Two fittings: the first on both sides, the second on one.
  await go(page, `${order}/fitting`);
  const seen = page.getByRole("region", { name: "What was seen" });
  await writeSeen(page, "Waist and back", "Too loose", "1");
  await seen
    .getByText(/take in/i)
    .first()
    .waitFor();
  await writeSeen(page, "Hip", "Too tight", "1 1/2", "Wearer's left");
  await seen
    .getByText(/the wearer's left/i)
    .first()
    .waitFor();
  const keep = seen.getByRole("button", { name: "Keep as a figure note" });
  await keep.nth(1).click();
  await page.waitForLoadState("networkidle");

  // The lesson stands on the client's page, and the next order trims the side that is smaller.
  await go(page, client);
  await page
    .getByText(/hip line, the wearer's left: \+/)
    .first()
    .waitFor();
  await page.getByRole("button", { name: /^Straight dress/ }).click();
  await page.getByRole("heading", { name: "Straight dress for Ottilie Brook" }).waitFor();
  const next = new URL(page.url()).pathname;
  await go(page, `${next}/sheet`);
  await page.getByText("Trim the wearer's right").first().waitFor();

  // Paid and collected.
  await go(page, `${order}/counter`);
  await page.getByLabel("Price, €").fill("150");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await page.getByText("€ 150 to pay").waitFor();
  await page.getByText(/^Together, beside the price you agree/).waitFor();
  await page.getByLabel("Paid today, €").fill("150");
  await page.getByRole("button", { name: "Write it down" }).click();
  await page.getByText("All paid").waitFor();
  await go(page, "/log?find=Ottilie");
  await page.getByText("spoilt: scorched").waitFor();
  expect(wrong).toEqual([]);
}, 240_000);
