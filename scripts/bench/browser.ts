import { gzipSync } from "node:zlib";
import type { Browser, Page } from "playwright-core";
import { clientPath, openBrowser, orderPath } from "../../e2e/browser";

export interface BrowserFigures {
  readonly scriptPerRedraftMs: number;
  /** The longest that the page was held up while a lay was looked for. */
  readonly longestInLayMs: number;
  /** Gzipped size of all scripts that each view loads. */
  readonly scriptKb: Readonly<Record<string, number>>;
  readonly pageMs: Readonly<Record<string, number>>;
}

const DRAGS = 60;

/** Script time of one redraft while the neck depth is dragged, a frame between moves. */
async function timeRedraft(page: Page, garment: string): Promise<number> {
  await page.goto(garment, { waitUntil: "networkidle" });
  const session = await page.context().newCDPSession(page);
  await session.send("Performance.enable");
  const scriptSeconds = async () => {
    const { metrics } = await session.send("Performance.getMetrics");
    return metrics.find(({ name }) => name === "ScriptDuration")?.value ?? 0;
  };
  const drag = (count: number) =>
    page.evaluate(async (moves) => {
      const slider = document.querySelector<HTMLInputElement>("#frontNeckDepth");
      const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
      for (let move = 0; move < moves; move++) {
        setter?.call(slider, String(3 + (move % 24) / 8));
        slider?.dispatchEvent(new Event("input", { bubbles: true }));
        await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
      }
    }, count);
  await drag(20);
  const before = await scriptSeconds();
  await drag(DRAGS);
  return (((await scriptSeconds()) - before) * 1000) / DRAGS;
}

/** Gzipped size of all scripts that a view loads in a browser that has seen nothing yet. */
async function weighScripts(browser: Browser, url: string): Promise<number> {
  const page = await (await browser.newContext({ serviceWorkers: "block" })).newPage();
  const bodies: Promise<Buffer>[] = [];
  page.on("response", (response) => {
    if (response.request().resourceType() === "script") bodies.push(response.body());
  });
  await page.goto(url, { waitUntil: "networkidle" });
  const sizes = (await Promise.all(bodies)).map((body) => gzipSync(body).length);
  return sizes.reduce((sum, size) => sum + size, 0) / 1024;
}

/** Time to the load event of a later page, in a browser that has seen the app: the median of five. */
async function timePage(page: Page, url: string): Promise<number> {
  const times: number[] = [];
  for (let round = 0; round < 6; round++) {
    const start = performance.now();
    await page.goto(url, { waitUntil: "load" });
    times.push(performance.now() - start);
  }
  return times.slice(1).sort((a, b) => a - b)[2] ?? 0;
}

/** The longest that the page was held up in ten seconds of looking for a lay, once it has arrived. */
async function timeLay(page: Page, address: string): Promise<number> {
  await page.goto(address);
  await page.getByText(/^Looking for/).waitFor();
  return page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        let longest = 0;
        new PerformanceObserver((list) => {
          for (const { duration } of list.getEntries()) longest = Math.max(longest, duration);
        }).observe({ type: "longtask" });
        setTimeout(() => resolve(longest), 10_000);
      }),
  );
}

/** Every view by its name, for one order of one client. */
function viewsOf(order: string, client: string): Readonly<Record<string, string>> {
  return {
    orders: "/",
    "new order": "/orders/new",
    clients: "/clients",
    client,
    card: `${client}/card`,
    garment: order,
    compare: `${order}/compare`,
    again: `${order}/again`,
    sheet: `${order}/sheet`,
    table: `${order}/table`,
    cloth: `${order}/cloth`,
    "full size": `${order}/full-size`,
    projector: `${order}/projector`,
    paper: `${order}/print`,
    rules: "/rules",
    shop: "/backup",
    words: "/words",
  };
}

export async function benchBrowser(address: string): Promise<BrowserFigures> {
  const browser = await openBrowser();
  const page = await browser.newPage();
  const order = await orderPath(page, address, "Brisa Holloway", "Straight dress");
  const views = viewsOf(order, await clientPath(page, address, "Brisa Holloway"));
  const scriptPerRedraftMs = await timeRedraft(page, address + order);
  const scriptKb: Record<string, number> = {};
  const pageMs: Record<string, number> = {};
  for (const [name, path] of Object.entries(views)) {
    scriptKb[name] = await weighScripts(browser, address + path);
    pageMs[name] = await timePage(page, address + path);
  }
  const longestInLayMs = await timeLay(page, `${address}${order}/cloth`);
  await browser.close();
  return { scriptPerRedraftMs, scriptKb, pageMs, longestInLayMs };
}

const median = (times: readonly number[]): number => [...times].sort((a, b) => a - b)[times.length >> 1] ?? 0;

/** Rounds before the first that counts: a server that has just started is still warming up. */
const WARM_UP = 6;
const ROUNDS = 21;

/**
 * How much longer the pages that could grow with the book take in a large one than in a small one, as a share: the same
 * client's pages in two shops that run at once, asked in turns, so that a busy moment of this machine falls on both.
 */
export async function compareBooks(
  small: string,
  large: string,
  client: string,
  garment: string,
): Promise<Readonly<Record<string, number>>> {
  const browser = await openBrowser();
  const shops = await Promise.all(
    [small, large].map(async (address) => {
      const page = await browser.newPage();
      const order = await orderPath(page, address, client, garment);
      const own = await clientPath(page, address, client);
      return { page, address, paths: { orders: "/", client: own, garment: order, sheet: `${order}/sheet` } };
    }),
  );
  const shares: Record<string, number> = {};
  for (const view of ["orders", "client", "garment", "sheet"] as const) {
    const times: [number[], number[]] = [[], []];
    for (let round = 0; round < WARM_UP + ROUNDS; round++)
      for (const [index, { page, address, paths }] of shops.entries()) {
        const start = performance.now();
        await page.goto(address + paths[view], { waitUntil: "load" });
        if (round >= WARM_UP) times[index]?.push(performance.now() - start);
      }
    shares[view] = median(times[1]) / median(times[0]);
  }
  await browser.close();
  return shares;
}
