import type { Browser } from "playwright-core";
import { afterAll, beforeAll, it } from "vitest";
import { openBrowser } from "./browser";
import { lookAtEveryView } from "./look";

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(() => browser.close());

// How a page is cut into packets is chance on a busy machine; a view that jumps by itself jumps twice.
it("on a phone no view has a barrier, is wider than the screen, jumps while it comes, or fails", { retry: 1 }, () =>
  lookAtEveryView(browser, "phone"),
);
