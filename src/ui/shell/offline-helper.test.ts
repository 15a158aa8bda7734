import { readFileSync } from "node:fs";
import { runInNewContext } from "node:vm";
import { expect, it } from "vitest";

const DAY_MS = 24 * 60 * 60 * 1000;
const SHOP = "http://shop.test";

type Shelf = Map<string, Response>;
type Shop = (path: string) => Response;

const pageOf = (words: string, more: Readonly<Record<string, string>> = {}, age = 0) =>
  new Response(words, {
    headers: { "Content-Type": "text/html; charset=utf-8", Date: new Date(Date.now() - age).toUTCString(), ...more },
  });
const away: Shop = () => {
  throw new TypeError("away");
};

/** The helper of a release in a browser of our own: its shelves, and a shop that answers or is away. */
function openHelper(release: string, shelves: Map<string, Shelf>, shop: Shop = (path) => pageOf(path)) {
  const handlers = new Map<string, (event: object) => void>();
  const urlOf = (request: string | { readonly url: string }) =>
    typeof request === "string" ? new URL(request, SHOP).href : request.url;
  const shelf = (name: string) => {
    const pages = shelves.get(name) ?? (new Map() as Shelf);
    shelves.set(name, pages);
    const add = (url: string) => pages.set(urlOf(url), pageOf(url));
    return {
      addAll: async (all: string[]) => all.map(add),
      add: async (url: string) => add(url),
      match: async (request: string | Request) => pages.get(urlOf(request))?.clone(),
      put: async (request: string | Request, page: Response) => pages.set(urlOf(request), page),
      keys: async () => [...pages.keys()].map((url) => ({ url })),
      delete: async (request: Request) => pages.delete(urlOf(request)),
    };
  };
  runInNewContext(readFileSync("public/offline-helper.js", "utf8"), {
    URL,
    Date,
    Number,
    Promise,
    Response,
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
    fetch: async (request: Request) => shop(new URL(urlOf(request)).pathname),
  });
  const raise = async (name: string) => {
    const waits: Promise<unknown>[] = [];
    handlers.get(name)?.({ waitUntil: (work: Promise<unknown>) => waits.push(work) });
    await Promise.all(waits);
  };
  /** What is shown at an address. */
  const visit = async (path: string): Promise<string | undefined> => {
    let shown: Promise<Response | undefined> = Promise.resolve(undefined);
    const request = { url: `${SHOP}${path}`, method: "GET", mode: "navigate" };
    handlers.get("fetch")?.({ request, respondWith: (given: typeof shown) => (shown = given) });
    const page = await shown;
    await new Promise((resolve) => setTimeout(resolve, 5));
    return page?.clone().text();
  };
  return { raise, visit };
}

const seen = (...pages: readonly (readonly [path: string, age: number])[]): Map<string, Shelf> =>
  new Map([["inner-fold-8", new Map(pages.map(([path, age]) => [`${SHOP}${path}`, pageOf(path, {}, age)]))]]);
const onShelf = (shelves: Map<string, Shelf>) =>
  [...(shelves.get("inner-fold-8")?.keys() ?? [])].map((url) => new URL(url).pathname).sort();

it("puts the shelves of earlier releases away", async () => {
  const shelves = new Map([["inner-fold-7", new Map([[`${SHOP}/orders/a`, pageOf("a")]])]]);
  const { raise } = openHelper("8", shelves);
  await raise("install");
  await raise("activate");
  expect([...shelves.keys()]).toEqual(["inner-fold-8"]);
});

it("shows a page seen three days ago when the shop is away, and none of three weeks ago", async () => {
  const shelves = seen(["/orders/a", 3 * DAY_MS], ["/orders/b", 21 * DAY_MS], ["/away.html", 0]);
  const { visit } = openHelper("8", shelves, away);
  expect(await visit("/orders/a")).toBe("/orders/a");
  expect(await visit("/orders/b")).toBe("/away.html");
});

it("lets pages of three weeks ago go when another is seen, and keeps what says that the shop is away", async () => {
  const shelves = seen(["/orders/b", 21 * DAY_MS], ["/away.html", 30 * DAY_MS]);
  await openHelper("8", shelves).visit("/orders/c");
  expect(onShelf(shelves)).toEqual(["/away.html", "/orders/c"]);
});

it("forgets a page that the shop says is gone", async () => {
  const shelves = seen(["/clients/a", 0], ["/clients/b", 0]);
  const { visit } = openHelper("8", shelves, () => new Response("gone", { status: 404 }));
  expect(await visit("/clients/a")).toBe("gone");
  expect(onShelf(shelves)).toEqual(["/clients/b"]);
});

it("keeps pages and nothing else: no copy of the book, no print", async () => {
  const shelves = seen();
  const book = { "Content-Type": "application/json", "Content-Disposition": 'attachment; filename="shop.json"' };
  const { visit } = openHelper("8", shelves, (path) =>
    path === "/"
      ? pageOf("orders")
      : pageOf("a book", path === "/kept.html" ? { ...book, "Content-Type": "text/html" } : book),
  );
  for (const path of ["/backup/shop.json", "/orders/a/paper/sheet/a4", "/kept.html", "/"]) await visit(path);
  expect(onShelf(shelves)).toEqual(["/", "/away.html"]);
});

it("forgets everything once the book is another: another shop, or somebody was taken out of this one", async () => {
  const shelves = seen(["/clients/a", 0], ["/away.html", 0]);
  let mark = "one";
  const { visit } = openHelper("8", shelves, (path) => pageOf(path, { "X-Inner-Fold-Book": mark }));
  await visit("/orders/b");
  await visit("/orders/c");
  expect(onShelf(shelves)).toEqual(["/away.html", "/book-mark", "/orders/b", "/orders/c"]);
  mark = "two";
  await visit("/orders/d");
  expect(onShelf(shelves)).toEqual(["/away.html", "/book-mark", "/orders/d"]);
});
