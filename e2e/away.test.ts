import type { Browser } from "playwright-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { clientPath, openBrowser, openPage, orderPath } from "./browser";
import { address } from "./shop";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

describe("while the shop's computer does not answer", () => {
  it("a decision about a garment waits, says so, and is kept when it answers again", async () => {
    const { page } = await openPage(browser);
    const order = await orderPath(page, address, "Tamsin Oyelaran", "Straight dress");
    await page.goto(address + order, { waitUntil: "networkidle" });
    await page.context().setOffline(true);
    await page.getByRole("radio", { name: "Boat" }).first().click();
    await page.getByText(/Not kept yet: the shop's computer does not answer/).waitFor();
    await page.context().setOffline(false);
    await page.getByText("Kept.", { exact: true }).waitFor();
    await page.reload({ waitUntil: "networkidle" });
    expect(await page.getByRole("radio", { name: "Boat" }).first().isChecked()).toBe(true);
  });

  it("ticks at the table wait, and none is lost", async () => {
    const { page } = await openPage(browser);
    const order = await orderPath(page, address, "Perpetua Lindqvist", "Overlap dress");
    await page.goto(`${address}${order}/table`, { waitUntil: "networkidle" });
    await page.context().setOffline(true);
    // The picture, two folding steps, and the top and centre lines in one laying.
    for (let screen = 0; screen < 3; screen++) await page.keyboard.press("ArrowRight");
    await page.getByText(/Place not kept yet/).waitFor();
    await page.context().setOffline(false);
    await page.getByText(/Place not kept yet/).waitFor({ state: "detached" });
    await page.goto(`${address}${order}/sheet`, { waitUntil: "networkidle" });
    await page.getByText("5 of ").waitFor();
  });

  it("ticks that were answered with an error wait as well, and say so", async () => {
    const { page } = await openPage(browser);
    const order = await orderPath(page, address, "Wren Castellane", "Straight dress");
    await page.goto(`${address}${order}/table`, { waitUntil: "networkidle" });
    await page.route("**/place", (route) =>
      route.request().method() === "PUT" ? route.fulfill({ status: 500, body: "" }) : route.continue(),
    );
    for (let screen = 0; screen < 2; screen++) await page.keyboard.press("ArrowRight");
    await page.getByText(/answered with an error\. It is sent again/).waitFor();
    await page.unroute("**/place");
    await page.getByText(/answered with an error/).waitFor({ state: "detached" });
    await page.goto(`${address}${order}/sheet`, { waitUntil: "networkidle" });
    expect(await page.getByRole("checkbox", { checked: true }).count()).toBeGreaterThanOrEqual(2);
  });

  it("pages seen before open from this device; others say what to do", async () => {
    const { page } = await openPage(browser);
    const client = await clientPath(page, address, "Brisa Holloway");
    await page.goto(address + client, { waitUntil: "networkidle" });
    await page.evaluate(() => navigator.serviceWorker.ready);
    // The first visit came before the helper; the second is the one it keeps.
    await page.reload({ waitUntil: "networkidle" });
    await page.context().setOffline(true);
    await page.reload();
    await page.getByRole("heading", { name: "Brisa Holloway", exact: true }).waitFor();
    await page.goto(`${address}/clients/new`);
    await page.getByRole("heading", { name: "The shop's computer does not answer" }).waitFor();
    await page.context().setOffline(false);
    await page.getByRole("button", { name: "Try again" }).click();
    await page.getByRole("heading", { name: "New client" }).waitFor();
  });

  it("can be kept among the device's own programs", async () => {
    const { page } = await openPage(browser);
    const manifest = await (await page.request.get(`${address}/manifest.webmanifest`)).json();
    expect(manifest).toMatchObject({ name: "Inner Fold", display: "standalone", start_url: "/" });
    for (const { src } of manifest.icons) expect((await page.request.get(address + src)).status(), src).toBe(200);
  });
});
