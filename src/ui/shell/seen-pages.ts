/** Forgets every page that this browser keeps for when the shop's computer is away: nobody who left may stay in one. */
export async function forgetSeenPages(): Promise<void> {
  if (!("caches" in window)) return;
  const names = await window.caches.keys().catch(() => []);
  await Promise.all(names.map((name) => window.caches.delete(name)));
}
