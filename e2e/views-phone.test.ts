import type { Browser } from "playwright-core";
import { afterAll, beforeAll, it } from "vitest";
import { openBrowser } from "./browser";
import { lookAtEveryView } from "./look";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

it("on a phone no view has a barrier, is wider than the screen, jumps while it comes, or fails", () =>
  lookAtEveryView(browser, "phone"));
