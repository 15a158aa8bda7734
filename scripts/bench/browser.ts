import { gzipSync } from "node:zlib";
import type { Browser, Page } from "playwright-core";
import { openBrowser, orderPath } from "../../e2e/browser";

export interface BrowserFigures {
  readonly scriptPerRedraftMs: number;
  readonly sheetScriptKb: number;
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

/** Gzipped size of all scripts that the cut sheet loads. */
async function weighSheet(browser: Browser, sheet: string): Promise<number> {
  const page = await browser.newPage();
  const bodies: Promise<Buffer>[] = [];
  page.on("response", (response) => {
    if (response.request().resourceType() === "script") bodies.push(response.body());
  });
  await page.goto(sheet, { waitUntil: "networkidle" });
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

export async function benchBrowser(address: string): Promise<BrowserFigures> {
  const browser = await openBrowser();
  const page = await browser.newPage();
  const garment = address + (await orderPath(page, address, "Brisa Holloway", "Straight dress"));
  const sheet = `${garment}/sheet`;
  const figures: BrowserFigures = {
    scriptPerRedraftMs: await timeRedraft(page, garment),
    sheetScriptKb: await weighSheet(browser, sheet),
    pageMs: {
      orders: await timePage(page, address),
      garment: await timePage(page, garment),
      sheet: await timePage(page, sheet),
      table: await timePage(page, `${garment}/table`),
    },
  };
  await browser.close();
  return figures;
}
