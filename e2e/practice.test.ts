import type { Browser } from "playwright-core";
import { afterAll, beforeAll, expect, it } from "vitest";
import { findBarriers, openBrowser, openPage } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

it("a learner says a number wrong twice and one right; the table says which mark, and why", async () => {
  const { page, wrong } = await openPage(browser);
  await page.goto(`${address}/practice`, { waitUntil: "networkidle" });
  await page.getByRole("button", { name: "Begin" }).click();
  await page.getByText("Write who practises").waitFor();
  await page.getByLabel("Who practises").fill("Bo");
  await page.getByRole("combobox", { name: "What", exact: true }).selectOption("shift-dress");
  await page.getByRole("button", { name: "Begin" }).click();
  await page.getByRole("heading", { name: /^Bo: Shift dress/ }).waitFor();
  expect(await findBarriers(page)).toEqual([]);

  const number = page.getByLabel("The number, halved for the scrap");
  const say = async (text: string) => {
    await number.fill(text);
    await number.press("Enter");
  };
  // The first is half a shoulder seam of ½, by the house's own number.
  await page.getByRole("heading", { name: "Top line" }).waitFor();
  expect(await page.getByRole("list", { name: "What it adds up from" }).innerText()).toBe("Shoulder seam");
  await say("a bit");
  await page.getByText("Write the number as the tape shows it").waitFor();
  await say("1/4");
  await page.getByText(/^Right:/).waitFor();
  await page.keyboard.press("Enter");

  // The second is said wrong twice, and opens.
  await say("40");
  await page.getByText(/Once more/).waitFor();
  expect(await page.getByRole("list", { name: "The sum" }).count()).toBe(0);
  await say("41");
  await page.getByRole("list", { name: "The sum" }).waitFor();
  await page.getByText(/^2 of \d+ · 1 right$/).waitFor();

  // A reload loses nothing: it goes on with the third.
  await page.reload({ waitUntil: "networkidle" });
  await page.getByText(/^2 of \d+ · 1 right$/).waitFor();

  await page.getByRole("link", { name: "Practice" }).click();
  const table = page.getByRole("region", { name: "Bo" });
  await table.getByText("3 answers").waitFor();
  await table.getByText("0 of 2").first().waitFor();
  await table.getByText("By house rule").click();
  await table.getByText("Shoulder seam").waitFor();
  expect(await findBarriers(page)).toEqual([]);
  await table.getByRole("button", { name: "Empty this table" }).click();
  await table.waitFor({ state: "detached" });
  // Nobody else's is touched.
  await page.getByRole("region", { name: "Ilse" }).waitFor();
  expect(wrong).toEqual([]);
}, 120_000);

it("a child's card says chest, doubts by age, and its garment is let down and warned of cords", async () => {
  const { page, wrong } = await openPage(browser);
  await page.goto(`${address}/clients/new`, { waitUntil: "networkidle" });
  await page.getByLabel("Name").fill("Hazel Teasel");
  await page.getByRole("radio", { name: "Child" }).check();
  await page.getByLabel("Age in years").fill("seven");
  const fill = async (readings: Readonly<Record<string, string>>) => {
    for (const [label, typed] of Object.entries(readings)) await page.getByLabel(label, { exact: true }).fill(typed);
  };
  await fill({ "Chest girth": "31", "Waist girth": "22 1/2", "Hip girth": "26 1/2", "Across shoulder": "11 1/2" });
  expect(await page.getByLabel("Bust span", { exact: true }).count()).toBe(0);
  await page.getByRole("button", { name: "Keep the card" }).click();
  await page.getByText("The age is a number of years").waitFor();
  await page.getByLabel("Age in years").fill("7");
  await page.getByText(/Chest girth, 31 in, is odd for the age/).waitFor();
  await fill({ "Chest girth": "25", "Front half length": "11 3/4", "Hip depth": "5 1/2", "Full length": "27" });
  expect(await page.getByText(/is odd for the age/).count()).toBe(0);
  await page.getByText(/chest × 0\.46/).waitFor();
  await page.getByRole("button", { name: "Keep the card" }).click();
  await page.getByText("Child, 7 years · 1 card").waitFor();
  await page.getByRole("button", { name: /^Straight dress/ }).click();
  await page.getByRole("heading", { name: "Straight dress for Hazel Teasel" }).waitFor();
  await page.getByText("so that it can be let down as the child grows").waitFor();
  expect(await page.getByText("Side bust dart").count()).toBe(0);
  expect(wrong).toEqual([]);
}, 120_000);
