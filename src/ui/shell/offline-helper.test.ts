import { readFileSync } from "node:fs";
import { runInNewContext } from "node:vm";
import { expect, it } from "vitest";

const DAY_MS = 24 * 60 * 60 * 1000;
const SHOP = "http://shop.test";

interface Page {
  readonly url: string;
  readonly age: number;
}

/** The helper of a release in a browser of our own: its shelves, and a shop that answers or is away. */
function openHelper(release: string, shelves: Map<string, Map<string, Page>>, isAway = false) {
  const handlers = new Map<string, (event: object) => void>();
  const urlOf = (request: string | { readonly url: string }) =>
    typeof request === "string" ? new URL(request, SHOP).href : request.url;
  const answer = ({ url, age }: Page) => ({
    url,
    ok: true,
    clone: () => ({ url, age }),
    headers: { get: () => new Date(Date.now() - age).toUTCString() },
  });
  const shelf = (name: string) => {
    const pages = shelves.get(name) ?? new Map<string, Page>();
    shelves.set(name, pages);
    return {
      addAll: async (all: string[]) => all.map((url) => pages.set(urlOf(url), { url: urlOf(url), age: 0 })),
      add: async (url: string) => pages.set(urlOf(url), { url: urlOf(url), age: 0 }),
      match: async (request: string | Page) => {
        const page = pages.get(urlOf(request));
        return page === undefined ? undefined : answer(page);
      },
      put: async (request: Page, page: Page) => pages.set(urlOf(request), { url: urlOf(request), age: page.age ?? 0 }),
      keys: async () => [...pages.values()],
      delete: async (request: Page) => pages.delete(urlOf(request)),
    };
  };
  runInNewContext(readFileSync("public/offline-helper.js", "utf8"), {
    URL,
    Date,
    Number,
    Promise,
    self: {
      location: { href: `${SHOP}/offline-helper.js?release=${release}`, origin: SHOP },
      addEventListener: (name: string, handler: (event: object) => void) => handlers.set(name, handler),
      skipWaiting: () => undefined,
      clients: { claim: () => undefined },
    },
    caches: {
      open: async (name: string) => shelf(name),
      keys: async () => [...shelves.keys()],
      delete: async (name: string) => shelves.delete(name),
    },
    fetch: async (request: Page) => {
      if (isAway) throw new Error("away");
      return answer({ url: urlOf(request), age: 0 });
    },
  });
  const raise = async (name: string) => {
    const waits: Promise<unknown>[] = [];
    handlers.get(name)?.({ waitUntil: (work: Promise<unknown>) => waits.push(work) });
    await Promise.all(waits);
  };
  const visit = async (path: string): Promise<string | undefined> => {
    let shown: Promise<{ readonly url: string } | undefined> = Promise.resolve(undefined);
    const request = { url: `${SHOP}${path}`, method: "GET", mode: "navigate" };
    handlers.get("fetch")?.({ request, respondWith: (given: typeof shown) => (shown = given) });
    const page = await shown;
    await new Promise((resolve) => setTimeout(resolve, 5));
    return page === undefined ? undefined : new URL(page.url).pathname;
  };
  return { raise, visit };
}

const page = (path: string, age: number): [string, Page] => [`${SHOP}${path}`, { url: `${SHOP}${path}`, age }];

it("puts the shelves of earlier releases away", async () => {
  const shelves = new Map([["inner-fold-7", new Map([page("/orders/a", 0)])]]);
  const { raise } = openHelper("8", shelves);
  await raise("install");
  await raise("activate");
  expect([...shelves.keys()]).toEqual(["inner-fold-8"]);
});

it("shows a page seen three days ago when the shop is away, and none of three weeks ago", async () => {
  const shelves = new Map([
    ["inner-fold-8", new Map([page("/orders/a", 3 * DAY_MS), page("/orders/b", 21 * DAY_MS), page("/away.html", 0)])],
  ]);
  const { visit } = openHelper("8", shelves, true);
  expect(await visit("/orders/a")).toBe("/orders/a");
  expect(await visit("/orders/b")).toBe("/away.html");
});

it("lets pages of three weeks ago go when another is seen, and keeps what says that the shop is away", async () => {
  const shelves = new Map([
    ["inner-fold-8", new Map([page("/orders/b", 21 * DAY_MS), page("/away.html", 30 * DAY_MS)])],
  ]);
  const { visit } = openHelper("8", shelves);
  await visit("/orders/c");
  expect([...(shelves.get("inner-fold-8")?.keys() ?? [])].map((url) => new URL(url).pathname).sort()).toEqual([
    "/away.html",
    "/orders/c",
  ]);
});
