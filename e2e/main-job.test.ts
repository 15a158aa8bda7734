import { spawnSync } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Browser } from "playwright-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { openBrowser, openLayings, openPage, orderPath } from "./browser";
import { address, folder as shopFolder } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

const CARD = {
  bust: "41 1/2",
  waist: "34¼",
  hip: "109,2 cm",
  shoulder: "15.5",
  armhole: "18",
  frontWaist: "17",
  waistToHip: "9",
  fullLength: "42",
};

describe("the main job, as a tailor does it", () => {
  it("goes from a new client to the chalk, and keeps its place after a reload", async () => {
    const { page, wrong } = await openPage(browser);
    await page.goto(`${address}/clients`);
    await page.getByRole("link", { name: "New client" }).click();
    await page.getByRole("heading", { name: "New client" }).waitFor();
    await page.getByLabel("Name").fill("Juno <b>Pell</b>");
    for (const [id, typed] of Object.entries(CARD)) await page.locator(`#${id}`).fill(typed);
    await page.getByRole("button", { name: "Keep the card" }).click();

    await page.getByRole("heading", { name: "Juno <b>Pell</b>" }).waitFor();
    await page.getByRole("button", { name: /^Straight dress/ }).click();
    // At once on to the sheet: what was decided a moment ago must be on it.
    await page.getByRole("radio", { name: "V" }).first().click();
    await page.getByRole("link", { name: "To the cut sheet" }).click();
    await openLayings(page);
    await page
      .getByRole("button", { name: /^Front neck Join with a straight line/ })
      .first()
      .waitFor();

    // A quarter of 41½ is 10⅜, and ½ of ease: 10⅞ from the fold, cut at 12⅜.
    await page
      .getByRole("button", { name: /^Chest side.*10\s7\/8.*12\s3\/8/ })
      .first()
      .click();
    const inHand = page.getByRole("region", { name: "The reading in hand" });
    await expect
      .poll(() => inHand.innerText())
      .toMatch(/10\s7\/8[\s\S]*Bust girth ÷ 4[\s\S]*Ease, a quarter of 2[\s\S]*12\s3\/8/);
    await page.getByRole("tab", { name: "Proof" }).click();
    await page.getByRole("row", { name: /bust.* 41\s1\/2 2 43\s1\/2/i }).waitFor();

    await page.getByRole("link", { name: "To the table" }).click();
    await page.getByRole("heading", { name: "Is this what the client chose?" }).waitFor();
    await page.getByText("Zip at the centre back").waitFor();
    for (let screen = 0; screen < 3; screen++) await page.keyboard.press("ArrowRight");
    await page.getByRole("heading", { name: "Lengths" }).waitFor();
    await page.keyboard.press("ArrowLeft");
    await page.getByRole("button", { name: "All chalked, next" }).click();
    await page.getByRole("heading", { name: "Lengths" }).waitFor();
    // One reading is ticked, and the laying left half done: so it is found again.
    await page.getByRole("button", { name: /chest line$/ }).click();
    await page.waitForTimeout(500);
    await page.reload();
    await page.getByRole("heading", { name: "Lengths" }).waitFor();
    await page.getByRole("button", { name: /chest line \(chalked\)$/, pressed: true }).waitFor();
    await page.getByRole("button", { name: /^26 ?hip line ?or 9 from the waist line/, pressed: false }).waitFor();
    expect(wrong).toEqual([]);
  });

  it("a sheet that was cut from stays, and a garment that is cut cannot be changed", async () => {
    const { page } = await openPage(browser);
    await page.goto(`${address}${await orderPath(page, address, "Brisa Holloway", "Straight dress")}/sheet`, {
      waitUntil: "networkidle",
    });
    await page.getByRole("button", { name: "It is cut" }).click();
    await page.getByRole("button", { name: "Yes, keep this sheet as cut" }).click();
    await page.getByText("kept as it was").waitFor();
    const garment = page.url().replace("/sheet", "");
    await page.goto(garment, { waitUntil: "networkidle" });
    await page.getByRole("radio", { name: "Square" }).first().click();
    await page.getByText(/Not kept/).waitFor();
    await page.goto(`${garment}/sheet`);
    await openLayings(page);
    expect(await page.getByRole("button", { name: /^Front neck Join with a straight line/ }).count()).toBe(1);
  });
});

describe("what goes wrong is said where it happened, and nothing typed is lost", () => {
  it("names the readings that are none, keeps them, and survives a reload", async () => {
    const { page } = await openPage(browser, "phone");
    await page.goto(`${address}/clients/new`, { waitUntil: "networkidle" });
    await page.getByLabel("Name").fill("Odd Readings");
    await page.locator("#bust").fill("about forty");
    await page.locator("#waist").fill("415");
    await page.locator("#hip").fill("-3");
    await page.getByRole("button", { name: "Keep the card" }).click();
    await page.getByText("3 fields want another look").waitFor();
    expect(await page.locator("#bust-said").innerText()).toContain("is not a length");
    expect(await page.locator("#waist-said").innerText()).toMatch(/Did you mean 41\s1\/2 in/);
    expect(await page.locator("#hip-said").innerText()).toContain("less than nothing");
    await page.reload();
    await expect.poll(() => page.locator("#bust").inputValue()).toBe("about forty");
    expect(await page.getByLabel("Name").inputValue()).toBe("Odd Readings");
  });

  it("a zip in four layers is explained at the choice, and the last good drawing stays", async () => {
    const { page } = await openPage(browser);
    await page.goto(address + (await orderPath(page, address, "Perpetua Lindqvist", "Straight dress")), {
      waitUntil: "networkidle",
    });
    await page.getByRole("radio", { name: "Four layers" }).click();
    await page.getByRole("alert").filter({ hasText: "a zip line cannot" }).first().waitFor();
    await page
      .getByText(/This cannot be drawn/)
      .or(page.getByText(/Not kept: this cannot be drawn/))
      .first()
      .waitFor();
    expect(await page.getByRole("img", { name: /front chalked/ }).count()).toBe(1);
    await page.getByRole("radio", { name: "Back from front" }).click();
    await page.getByText("Kept.").waitFor();
  });

  it("a bust dart closed into panels that are not there is explained at the choice; with them the seam is proven in two parts", async () => {
    const { page, wrong } = await openPage(browser);
    await page.goto(address + (await orderPath(page, address, "Tamsin Oyelaran", "A-line dress")), {
      waitUntil: "networkidle",
    });
    await page.getByRole("radio", { name: "No panels" }).first().click();
    await page.getByRole("alert").filter({ hasText: "only be closed into a panel seam" }).first().waitFor();
    expect(await page.getByRole("img", { name: /centre front and side front chalked/ }).count()).toBe(1);
    await page.getByRole("radio", { name: "Panels from the armhole" }).first().click();
    await page.getByText("Kept.").waitFor();
    await page.getByRole("link", { name: "To the cut sheet" }).click();
    await openLayings(page);
    await page
      .getByRole("button", { name: /^Move the outer panel out/ })
      .first()
      .click();
    await page.getByRole("tab", { name: "Proof" }).click();
    await page.getByRole("row", { name: /Front panels.*above · below the bust.*yes/is }).waitFor();
    expect(wrong).toEqual([]);
  });

  it("cloth that is too short says by how much, and a length that is none is said at its field", async () => {
    const { page } = await openPage(browser);
    await page.goto(address + (await orderPath(page, address, "Perpetua Lindqvist", "Straight dress")), {
      waitUntil: "networkidle",
    });
    await page.getByText(/The cloth is 80 in long/).waitFor();
    await page.getByLabel("Cloth length").fill("three yards");
    await page.getByRole("alert").filter({ hasText: "is not a length" }).waitFor();
    await page.getByLabel("Cloth length").fill("108");
    await page.getByText("Nothing to look at twice.").waitFor();
    await page.getByText("Kept.").waitFor();
  });

  it("an order that is not in the book has its page, not a stack of code", async () => {
    const { page } = await openPage(browser);
    for (const id of ["no-such-order", "%00", "00000000-0000-4000-8000-000000000000", "%3Cscript%3E"]) {
      const answer = await page.goto(`${address}/orders/${id}/sheet`);
      expect(answer?.status(), id).toBe(404);
    }
    expect(await page.getByRole("heading").innerText()).toBe("There is no such page in the book");
  });

  it("a second program on the same data folder is told so and ends", () => {
    const second = spawnSync(process.execPath, ["--import", "tsx", "scripts/start.ts"], {
      env: { ...process.env, INNER_FOLD_DATA: shopFolder, PORT: "0" },
      encoding: "utf8",
      timeout: 30_000,
    });
    expect(second.status).toBe(1);
    expect(second.stderr).toContain("already running on the data folder");
  });
  it("a port that another program has is said, and nothing is called open", () => {
    const second = spawnSync(process.execPath, ["--import", "tsx", "scripts/start.ts"], {
      env: {
        ...process.env,
        INNER_FOLD_DATA: mkdtempSync(join(tmpdir(), "inner-fold-port-")),
        PORT: new URL(address).port,
      },
      encoding: "utf8",
      timeout: 30_000,
    });
    expect(second.status).toBe(1);
    expect(second.stderr).toContain("taken by another program");
    expect(second.stdout).not.toContain("is open");
  });
});
