import { readFileSync } from "node:fs";
import { createRequire } from "node:module";
import { type Browser, chromium, type Page } from "playwright-core";

const AXE = readFileSync(createRequire(import.meta.url).resolve("axe-core/axe.min.js"), "utf8");

export const sizes = { tablet: { width: 1280, height: 800 }, phone: { width: 390, height: 844 } } as const;

export function openBrowser(): Promise<Browser> {
  return chromium.launch({
    executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
    args: [
      "--no-sandbox",
      "--disable-gpu",
      "--disable-quic",
      "--no-first-run",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync",
      // Newer ones send what must outlive its page from outside of the page, where no test can answer in the server's place.
      "--disable-features=KeepAliveInBrowserMigration",
    ],
  });
}

/** A page that collects what goes wrong in it: script errors, and requests that leave this machine. */
export async function openPage(
  browser: Browser,
  size: keyof typeof sizes = "tablet",
): Promise<{ readonly page: Page; readonly wrong: readonly string[] }> {
  const context = await browser.newContext({ viewport: sizes[size], bypassCSP: true });
  const page = await context.newPage();
  const wrong: string[] = [];
  page.on("pageerror", (error) => wrong.push(String(error)));
  page.on("request", (request) => {
    if (!/^(http:\/\/127\.0\.0\.1|data:|blob:)/.test(request.url())) wrong.push(`left the machine: ${request.url()}`);
  });
  return { page, wrong };
}

/** The address of an order of the demo week, by its client and garment: `/orders/…`, without a view. */
export async function orderPath(page: Page, address: string, client: string, garment: string): Promise<string> {
  const found = (await (await page.request.get(`${address}/find`)).json()) as { path: string; label: string }[];
  const order = found.find(({ label }) => label === `${client}: ${garment}`);
  if (order === undefined) throw new Error(`no order of ${client} for ${garment}`);
  return order.path.replace(/\/sheet$/, "");
}

export async function clientPath(page: Page, address: string, name: string): Promise<string> {
  const found = (await (await page.request.get(`${address}/find`)).json()) as { path: string; label: string }[];
  const client = found.find(({ label }) => label === name);
  if (client === undefined) throw new Error(`no client ${name}`);
  return client.path;
}

const ALL = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];

/**
 * What the accessibility check finds on the page as it stands. What lies inside a drawing is one picture with a name.
 *
 * @param rules the kinds of rule to look for, or one rule by its name
 */
export async function findBarriers(page: Page, rules: readonly string[] = ALL): Promise<readonly string[]> {
  await page.evaluate(AXE);
  return page.evaluate(async (runOnly) => {
    const { axe } = window as unknown as {
      axe: {
        run: (
          context: object,
          options: object,
        ) => Promise<{ violations: { id: string; nodes: { html: string; failureSummary: string }[] }[] }>;
      };
    };
    const { violations } = await axe.run({ exclude: [["svg[role=img] > *"]] }, { runOnly });
    return violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html.slice(0, 160)} ${nodes[0]?.failureSummary}`);
  }, rules);
}

/** Whether anything on the page is wider than the screen. */
export function overflowsSideways(page: Page): Promise<boolean> {
  return page.evaluate(() => document.documentElement.scrollWidth > window.innerWidth + 1);
}

/** Opens every laying of the tape on a cut sheet into its single marks. */
export async function openLayings(page: Page): Promise<void> {
  await page.getByRole("heading", { name: /^Cut sheet for/ }).waitFor();
  await page.locator("details").first().waitFor();
  await page.evaluate(() => {
    for (const details of document.querySelectorAll("details")) details.open = true;
  });
}

/** Walks on at the table until all is done, every length of the chalk measured and found right. */
export async function walkTable(page: Page): Promise<number> {
  const last = page.getByRole("button", { name: "All done" });
  for (let screen = 1; screen < 400; screen++) {
    const lengths = page.getByRole("list", { name: "Lengths to measure" });
    const open = lengths.getByRole("button", { pressed: false });
    for (let left = await open.count(); left > 0; left = await open.count()) await open.first().click();
    if ((await last.count()) > 0 && (await last.isDisabled())) return screen;
    await page.keyboard.press("ArrowRight");
    await page.waitForTimeout(30);
  }
  throw new Error("the table has no end");
}
