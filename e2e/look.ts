import type { Browser, Page } from "playwright-core";
import { expect } from "vitest";
import { addresses } from "./all-views";
import { findBarriers, openPage, overflowsSideways, type sizes } from "./browser";
import { address } from "./shop";

/** Whether the page moved under the eye while it came: the browser's own sum of shifts. */
function layoutShift(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        let sum = 0;
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries()) sum += (entry as unknown as { value: number }).value;
        }).observe({ type: "layout-shift", buffered: true });
        setTimeout(() => resolve(sum), 100);
      }),
  );
}

/** Opens every view in one size and looks: nothing jumps, nothing is wider than the screen, no barrier, no error. */
export async function lookAtEveryView(browser: Browser, size: keyof typeof sizes): Promise<void> {
  const { page, wrong } = await openPage(browser, size);
  for (const [name, path] of Object.entries(await addresses(page))) {
    await page.goto(address + path, { waitUntil: "networkidle" });
    expect(await layoutShift(page), `${name} jumps`).toBeLessThan(0.01);
    expect(await overflowsSideways(page), `${name} overflows`).toBe(false);
    expect(await findBarriers(page), name).toEqual([]);
  }
  expect(wrong).toEqual([]);
}
