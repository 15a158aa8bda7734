/**
 * Opens Inner Fold when the shop's computer is away. Built files never change under their name, so they come from the
 * cache; pages come from the shop, and from what was seen last when it does not answer. Nothing is ever written from here.
 */
const CACHE = "inner-fold-1";
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

async function fromShop(request) {
  const cache = await caches.open(CACHE);
  try {
    const answer = await fetch(request);
    if (answer.ok) {
      cache.put(request, answer.clone());
      keepAway();
    }
    return answer;
  } catch {
    return (await cache.match(request)) ?? (await cache.match(AWAY));
  }
}

self.addEventListener("fetch", (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== "GET" || origin !== self.location.origin) return;
  if (pathname.startsWith("/_next/static/") || pathname === "/icon.svg") event.respondWith(fromCache(request));
  else if (request.mode === "navigate") event.respondWith(fromShop(request));
});
