import type { Browser, Page } from "playwright-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { findBarriers, openBrowser, openPage, orderPath } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

async function openCloth(page: Page): Promise<string> {
  const order = await orderPath(page, address, "Annika Verhoest", "Straight dress");
  // What is typed before the page has woken up is not heard by it: on a busy machine that takes a while.
  await page.goto(`${address}${order}/cloth`, { waitUntil: "networkidle" });
  // The order keeps the cloth that an earlier test typed last, which may be too narrow for any lay.
  await page.getByLabel("Length", { exact: true }).fill("");
  await page.getByLabel("Width", { exact: true }).fill("60");
  await page
    .getByText("Looked long enough")
    .or(page.getByText(/^Looking for/))
    .waitFor();
  return order;
}

const told = (page: Page) => page.getByRole("region", { name: "What is needed" });

describe("how much cloth, and does mine suffice", () => {
  it("fits, nearly, never: says by how much, offers what would make it fit, and one touch tries it", async () => {
    const { page, wrong } = await openPage(browser);
    await openCloth(page);
    await page.getByLabel("Width", { exact: true }).fill("60");
    await page.getByLabel("Length", { exact: true }).fill("90");
    await told(page)
      .getByText(/^It fits:/)
      .waitFor();

    // Nearly: as it is folded it lacks a few inches, selvedge to selvedge it fits by far.
    await page.getByLabel("Length", { exact: true }).fill("2 yd");
    await told(page)
      .getByText(/^It does not fit:/)
      .waitFor();
    const fit = page.getByRole("region", { name: "What would make it fit" });
    const otherFold = fit.getByRole("listitem").filter({ hasText: "Selvedge to selvedge" });
    await otherFold.getByText("Then it fits.").waitFor();
    await otherFold.getByRole("button", { name: "Try" }).click();
    await told(page)
      .getByText(/^It fits:/)
      .waitFor();
    await page.getByRole("button", { name: "Take it back" }).click();
    await told(page)
      .getByText(/^It does not fit:/)
      .waitFor();

    // Never: nothing that is offered is enough.
    await page.getByLabel("Length", { exact: true }).fill("20");
    await fit.getByText("Not enough alone.").first().waitFor();
    await expect.poll(() => fit.getByText("Looking…").count(), { timeout: 60_000 }).toBe(0);
    expect(await fit.getByText("Then it fits.").count()).toBe(0);
    expect(wrong).toEqual([]);
    await page.context().close();
  });

  it("says at the field what is wrong, and keeps what was typed", async () => {
    const { page } = await openPage(browser);
    await openCloth(page);
    await page.getByLabel("Length", { exact: true }).fill("0");
    await page.getByRole("alert").filter({ hasText: "is zero" }).waitFor();
    await page.getByLabel("Length", { exact: true }).fill("60");
    await page.getByLabel("Repeat").fill("70");
    await page.getByRole("alert").filter({ hasText: "The repeat is longer than the cloth" }).waitFor();
    await page.getByLabel("Repeat").fill("");
    await page.getByLabel("Price a yard").fill("cheap");
    await page.getByRole("alert").filter({ hasText: "Write the price as a number" }).waitFor();
    expect(await page.getByLabel("Price a yard").inputValue()).toBe("cheap");
    await page.getByLabel("Price a yard").fill("");
    // Cloth that is narrower than a piece: which piece, and what would do.
    await page.getByLabel("Width", { exact: true }).fill("20");
    await page
      .getByRole("alert")
      .filter({ hasText: /too wide for this cloth so folded: it wants/ })
      .waitFor();
    await page.context().close();
  });

  it("a piece moved by hand stays where it was put, is kept with the order, and lies there after a reload", async () => {
    const { page, wrong } = await openPage(browser);
    await openCloth(page);
    await page.getByLabel("Width", { exact: true }).fill("60");
    await page.getByLabel("Length", { exact: true }).fill("");
    await page.getByRole("radio", { name: /^Selvedge to selvedge/ }).check();
    const back = page.getByRole("button", { name: /^Back twice, doubled/ });
    await page
      .getByRole("group", { name: /^The cloth as it lies/ })
      .getByText("selvedge on selvedge")
      .waitFor();
    // The piece keeps its focus while better lays come: the arrows go on moving it.
    await back.focus();
    for (let press = 0; press < 6; press++) await page.keyboard.press("ArrowDown");
    await page.getByRole("button", { name: /^Back twice, doubled, pinned/ }).waitFor();
    await page.getByRole("button", { name: "Keep this lay" }).click();
    await page.getByRole("button", { name: "Kept with the order" }).waitFor();
    await page.getByText("This is the lay to cut by").waitFor();
    await page.getByText("Kept.").waitFor();
    // Shorter lays are no longer looked for: what was kept is what stays on the screen.
    await page.waitForTimeout(900);
    await page.getByRole("button", { name: "Kept with the order" }).waitFor();
    await page.reload();
    await page.getByRole("button", { name: /^Back twice, doubled, pinned/ }).waitFor();
    expect(wrong).toEqual([]);
    await page.context().close();
  });

  it("is reached and worked by keyboard and voice, on both sizes", async () => {
    for (const size of ["tablet", "phone"] as const) {
      const { page } = await openPage(browser, size);
      await openCloth(page);
      await page.getByText("On every usual width").waitFor();
      expect(await findBarriers(page)).toEqual([]);
      await page.context().close();
    }
  });
});

describe("at full size", () => {
  it("throws a line of the table at its true size once the square was measured, on the table that ships", async () => {
    const { page, wrong } = await openPage(browser);
    const order = await orderPath(page, address, "Annika Verhoest", "Straight dress");
    await page.goto(`${address}${order}/full-size`);
    await page.getByRole("link", { name: "Throw it on the table" }).click();
    await page.getByLabel("Try it without a projector").check();
    // The tape on the drawn table says 17½ across and 18⅜ down for the square of 480 dots.
    await page.getByRole("button", { name: "That is its size" }).click();
    expect(await page.getByRole("alert").filter({ hasText: "The side" }).count()).toBe(2);
    await page.getByLabel(/^Across/).fill("17 1/2 in");
    await page.getByLabel(/^Down/).fill("18 3/8 in");
    await page.getByRole("button", { name: "That is its size" }).click();
    const picture = page.getByRole("img", { name: /at its true size/ });
    const fold = await picture
      .locator("path")
      .evaluateAll((paths) => Math.max(...paths.map((path) => (path as SVGPathElement).getBBox().height)));
    const response = await page.request.get(`${address}${order}/full-size/pieces.svg`);
    expect(response.headers()["content-type"]).toBe("image/svg+xml");
    // 26.1 dots to an inch of the table: the longest line thrown is as long as the piece, within half a hundredth.
    const longest = Math.max(
      ...[...(await response.text()).matchAll(/class="cut" d="M ([^"]+) Z"/g)]
        .slice(0, 1)
        .map(([, data = ""]) => data.split(" L ").map((place) => Number(place.split(" ")[1])))
        .map((ys) => Math.max(...ys) - Math.min(...ys)),
    );
    expect(Math.abs(fold / 26.1 / longest - 1)).toBeLessThan(0.005);
    for (const [file, type] of [
      ["tiles-a4.pdf", "application/pdf"],
      ["one-page.pdf", "application/pdf"],
      ["pieces.dxf", "image/vnd.dxf"],
    ] as const)
      expect((await page.request.get(`${address}${order}/full-size/${file}`)).headers()["content-type"]).toBe(type);
    expect(wrong).toEqual([]);
    await page.context().close();
  });
});
