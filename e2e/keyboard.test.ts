import type { Browser, Page } from "playwright-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { findBarriers, openBrowser, openLayings, openPage, orderPath } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

/** What has the focus, by its accessible name or text. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const node = document.activeElement as HTMLElement | null;
    return node?.getAttribute("aria-label") ?? node?.innerText ?? "";
  });

describe("with nothing but the keyboard", () => {
  it("finds a client by a few letters, and puts the finder away", async () => {
    const { page } = await openPage(browser);
    await page.goto(address, { waitUntil: "networkidle" });
    await page.keyboard.press("Control+k");
    await page.getByRole("dialog", { name: "Find" }).waitFor();
    await page.getByText("Perpetua Lindqvist").first().waitFor();
    expect(await findBarriers(page)).toEqual([]);
    await page.keyboard.press("Escape");
    await page.getByRole("dialog").waitFor({ state: "detached" });
    await page.keyboard.press("Control+k");
    await page.getByRole("option", { name: /^Perpetua Lindqvist client/ }).waitFor();
    await page.keyboard.type("perpetua");
    await page.keyboard.press("Enter");
    await page.getByRole("heading", { name: "Perpetua Lindqvist", exact: true }).waitFor();
  });

  it("shows the map of keys at ?, on every view, and none of it in a field", async () => {
    const { page } = await openPage(browser);
    const order = await orderPath(page, address, "Brisa Holloway", "Sheath dress");
    for (const path of ["/", "/rules", order, `${order}/sheet`, `${order}/table`]) {
      await page.goto(address + path, { waitUntil: "networkidle" });
      await page.keyboard.press("?");
      await page
        .getByRole("dialog", { name: "Keys" })
        .getByText("Done, on to the next laying; read aloud, to the next reading")
        .waitFor();
      expect(await findBarriers(page), path).toEqual([]);
      await page.keyboard.press("Escape");
    }
    await page.goto(`${address}/clients/new`, { waitUntil: "networkidle" });
    await page.keyboard.type("Who?");
    expect(await page.getByLabel("Name").inputValue()).toBe("Who?");
    expect(await page.getByRole("dialog").count()).toBe(0);
  });

  it("walks through a card with Enter and the arrows, and takes a reading twice", async () => {
    const { page } = await openPage(browser);
    await page.goto(`${address}/clients/new`, { waitUntil: "networkidle" });
    await page.keyboard.type("Twice Measured");
    await page.keyboard.press("Enter");
    await page.keyboard.press("Enter");
    await page.keyboard.type("41; 42 1/2");
    await expect.poll(() => page.locator("#bust-said").innerText()).toMatch(/differ by 1\s1\/2 in.*third time/);
    await page.keyboard.type("; 42");
    await expect.poll(() => page.locator("#bust-said").innerText()).toBe("");
    // The middle one of 41, 42 and 42½.
    await page.getByText(/^42in$/).waitFor();
    await page.keyboard.press("ArrowUp");
    expect(await page.evaluate(() => document.activeElement?.id)).toBe("shoulder");
    // The figure shows where the tape goes for the reading in focus.
    await page.getByRole("img", { name: "Across shoulder: shoulder tip to tip, across the back" }).waitFor();
  });

  it("walks through the steps of a sheet with the arrows, and ticks with Space", async () => {
    const { page } = await openPage(browser);
    const order = await orderPath(page, address, "Tamsin Oyelaran", "Straight dress");
    await page.goto(`${address}${order}/sheet`, { waitUntil: "networkidle" });
    const inHand = page.getByRole("region", { name: "The reading in hand" });
    await inHand.getByText("Top line", { exact: true }).waitFor();
    await page.keyboard.press("ArrowDown");
    await inHand.getByText("Neck depth", { exact: true }).waitFor();
    await openLayings(page);
    const tick = page.getByRole("checkbox", { name: "Done: Neck depth" }).first();
    await page.keyboard.press(" ");
    await expect.poll(() => tick.isChecked()).toBe(true);
    await page.keyboard.press(" ");
    await expect.poll(() => tick.isChecked()).toBe(false);
  });

  it("reaches every control of a page in its order, and comes back to the start", async () => {
    const { page } = await openPage(browser);
    await page.goto(address, { waitUntil: "networkidle" });
    const seen: string[] = [];
    for (let press = 0; press < 9; press++) {
      await page.keyboard.press("Tab");
      seen.push(await focused(page));
    }
    expect(seen).toEqual([
      "Inner Fold, to the orders",
      "New order",
      "Find",
      "Keys",
      "Orders",
      "Clients",
      "Logbook",
      "Practice",
      "House rules",
    ]);
  });
});

describe("at the table", () => {
  it("folds at the other side, dims, comes closer, and remembers hand and light after a reload", async () => {
    const { page } = await openPage(browser);
    const order = await orderPath(page, address, "Ludo Farthing", "Shirt dress");
    await page.goto(`${address}${order}/table`, { waitUntil: "networkidle" });
    // Past the picture and the folding: there is something to come closer to.
    for (let screen = 0; screen < 4; screen++) await page.keyboard.press("ArrowRight");
    await page.getByRole("img", { name: /fold at the left/ }).waitFor();
    await page.keyboard.press("l");
    await page.getByRole("img", { name: /fold at the right/ }).waitFor();
    await page.keyboard.press("d");
    const seen = async () => Number((await cloth.getAttribute("viewBox"))?.split(" ")[3]);
    const cloth = page.getByRole("img", { name: /what is chalked so far/ });
    const near = await seen();
    await page.keyboard.press("z");
    await expect.poll(seen).toBeGreaterThan(near * 1.5);
    await page.keyboard.press("w");
    await page.getByRole("img", { name: /everything that will be chalked/ }).waitFor();
    await page.reload({ waitUntil: "networkidle" });
    await page.getByRole("img", { name: /fold at the right/ }).waitFor();
    expect(await page.evaluate(() => document.documentElement.dataset.room)).toBe("dim");
    // Words on the mirrored cloth still read from left to right.
    const turned = await page
      .locator("svg[role=img] text")
      .first()
      .evaluate((node) => (node as SVGGraphicsElement).getScreenCTM()?.a ?? 0);
    expect(turned).toBeGreaterThan(0);
  });

  it("is silent until it is asked to speak, says each step, and says it again", async () => {
    const { page } = await openPage(browser);
    await page.addInitScript(() => {
      const said: string[] = [];
      Object.assign(window, { said });
      window.speechSynthesis.speak = (speech) => said.push(speech.text);
    });
    const said = () => page.evaluate(() => (window as unknown as { said: string[] }).said);
    const order = await orderPath(page, address, "Marguerite Sallow", "Shirt");
    await page.goto(`${address}${order}/table`, { waitUntil: "networkidle" });
    await page.keyboard.press("ArrowRight");
    expect(await said()).toEqual([]);
    await page.keyboard.press("v");
    await expect.poll(said).toHaveLength(1);
    await page.keyboard.press("ArrowRight");
    await expect.poll(async () => (await said()).at(-1)).toMatch(/^Top line.*\. with the short rule.* inch/);
    await page.keyboard.press("r");
    await expect.poll(said).toHaveLength(3);
    await page.keyboard.press("v");
    await page.keyboard.press("ArrowRight");
    expect(await said()).toHaveLength(3);
  });

  it("read aloud, a laying waits at each of its readings, and ticks what was marked", async () => {
    const { page } = await openPage(browser);
    await page.addInitScript(() => {
      const said: string[] = [];
      Object.assign(window, { said });
      window.speechSynthesis.speak = (speech) => said.push(speech.text);
    });
    const last = () => page.evaluate(() => (window as unknown as { said: string[] }).said.at(-1) ?? "");
    const order = await orderPath(page, address, "Odile Quarry", "Straight dress");
    await page.goto(`${address}${order}/table`, { waitUntil: "networkidle" });
    for (let screen = 0; screen < 4; screen++) await page.keyboard.press("ArrowRight");
    await page.getByRole("heading", { name: "Along the top line" }).waitFor();
    await page.keyboard.press("v");
    await expect.poll(last).toMatch(/^Along the top line\. from .*cut at, neck width\.$/);
    await page.keyboard.press("ArrowRight");
    await expect.poll(last).toMatch(/^\d.* neck width\.$/);
    await page.getByRole("heading", { name: "Along the top line" }).waitFor();
    await page
      .getByRole("button", { name: /neck width/, pressed: true })
      .first()
      .waitFor();
    await page.keyboard.press("v");
  });

  it("the shears wait for the tape; who cuts all the same is named on the sheet for good", async () => {
    const { page, wrong } = await openPage(browser);
    const order = await orderPath(page, address, "Ludo Farthing", "Straight dress");
    await page.goto(`${address}${order}/table`, { waitUntil: "networkidle" });
    const measure = page.getByRole("heading", { name: "Measure the chalk" });
    for (let screen = 0; screen < 20 && (await measure.count()) === 0; screen++) {
      await page.keyboard.press("ArrowRight");
      await page.waitForTimeout(250);
    }
    await page
      .getByRole("button", { name: /^The diagonal.* agrees$/ })
      .first()
      .click();
    await page.getByLabel(/^The side.*, as read$/).fill("about 33");
    await page.getByRole("alert").filter({ hasText: "is not a length" }).waitFor();
    expect(await page.getByLabel(/^The side.*, as read$/).inputValue()).toBe("about 33");
    await page.getByLabel(/^The side.*, as read$/).fill("30");
    await page.getByText(/too short/).waitFor();
    expect(await findBarriers(page)).toEqual([]);
    await page.getByRole("button", { name: "Go on, not cutting yet" }).click();
    expect(await page.getByRole("button", { name: "Next edge" }).isDisabled()).toBe(true);
    await page.keyboard.press("ArrowLeft");
    await page.getByText("Cut all the same").first().click();
    await page.getByRole("button", { name: "Cut all the same" }).click();
    await page.getByRole("alert").filter({ hasText: "Who cuts it all the same" }).waitFor();
    await page.getByLabel("Who").fill("Ludo");
    await page.getByRole("button", { name: "Cut all the same" }).click();
    await page.getByRole("button", { name: "To the shears" }).click();
    await page.getByRole("button", { name: "Next edge" }).click();
    await page.waitForTimeout(800);
    await page.goto(`${address}${order}/sheet`, { waitUntil: "networkidle" });
    await page.getByText(/was cut without a passed check: Ludo, /).waitFor();
    expect(wrong).toEqual([]);
  });
});
