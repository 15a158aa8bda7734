/**
 * Opens Inner Fold when the shop's computer is away. Built files never change under their name, so they come from the
 * cache; pages come from the shop, and from what was seen last when it does not answer. Nothing is ever written from here.
 */
const RELEASE = new URL(self.location.href).searchParams.get("release") ?? "1";
/** Each release has a shelf of its own; the shelves of earlier ones go when it is put up. */
const CACHE = `inner-fold-${RELEASE}`;
/** A page that was seen longer ago says nothing true any more. */
const OLDEST_MS = 14 * 24 * 60 * 60 * 1000;
/** So many pages are kept at most. */
const MOST_PAGES = 200;
const AWAY = "/away.html";

self.addEventListener("install", (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => cache.addAll([AWAY, "/icon.svg"])));
  self.skipWaiting();
});

self.addEventListener("activate", (event) => {
  const old = caches.keys().then((names) => Promise.all(names.filter((n) => n !== CACHE).map((n) => caches.delete(n))));
  event.waitUntil(old.then(() => self.clients.claim()));
});

async function fromCache(request) {
  const cache = await caches.open(CACHE);
  const kept = await cache.match(request);
  if (kept !== undefined) return kept;
  const answer = await fetch(request);
  if (answer.ok) cache.put(request, answer.clone());
  return answer;
}

/** Pages may have been forgotten since; what to say when the shop is away must be there all the same. */
async function keepAway() {
  const cache = await caches.open(CACHE);
  if ((await cache.match(AWAY)) === undefined) await cache.add(AWAY);
}

const isBuilt = (url) => new URL(url).pathname.startsWith("/_next/static/");

function ageOf(answer) {
  const written = Date.parse(answer?.headers.get("date") ?? "");
  return Number.isNaN(written) ? 0 : Date.now() - written;
}

/** Pages seen too long ago go, and the oldest of too many. */
async function tidy() {
  const cache = await caches.open(CACHE);
  const pages = (await cache.keys()).filter(
    ({ url }) => !isBuilt(url) && ![AWAY, MARK].includes(new URL(url).pathname),
  );
  const aged = await Promise.all(pages.map(async (page) => ({ page, age: ageOf(await cache.match(page)) })));
  aged.sort((a, b) => a.age - b.age);
  const gone = aged.filter(({ age }, index) => age > OLDEST_MS || index >= MOST_PAGES);
  await Promise.all(gone.map(({ page }) => cache.delete(page)));
}

/** Which book the pages on the shelf are of. */
const MARK = "/book-mark";

/** Another shop, or this one after somebody was taken out of it: nothing that was seen before is kept. */
async function forgetOtherBook(cache, mark) {
  if (mark === null) return;
  const kept = await cache.match(MARK);
  if (kept !== undefined && (await kept.text()) === mark) return;
  const pages = (await cache.keys()).filter(({ url }) => !isBuilt(url) && new URL(url).pathname !== AWAY);
  await Promise.all(pages.map((page) => cache.delete(page)));
  await cache.put(MARK, new Response(mark));
}

/** A page that is shown: no file that is kept, and never a copy of the book. */
const isPage = (answer) =>
  answer.ok &&
  (answer.headers.get("content-type") ?? "").startsWith("text/html") &&
  !(answer.headers.get("content-disposition") ?? "").startsWith("attachment");

async function fromShop(request) {
  const cache = await caches.open(CACHE);
  try {
    const answer = await fetch(request);
    await forgetOtherBook(cache, answer.headers.get("x-inner-fold-book"));
    if (isPage(answer)) {
      await cache.put(request, answer.clone());
      keepAway();
      tidy();
    } else if (answer.status === 404 || answer.status === 410) await cache.delete(request);
    return answer;
  } catch {
    const seen = await cache.match(request);
    return seen !== undefined && ageOf(seen) <= OLDEST_MS ? seen : cache.match(AWAY);
  }
}

self.addEventListener("fetch", (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== "GET" || origin !== self.location.origin) return;
  if (pathname.startsWith("/_next/static/") || pathname === "/icon.svg") event.respondWith(fromCache(request));
  else if (request.mode === "navigate") event.respondWith(fromShop(request));
});
