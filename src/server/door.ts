import { hostname } from "node:os";

/** A name of this machine, or one that the shop set: `INNER_FOLD_HOSTS=workroom.lan, tailor`. */
function ownNames(): readonly string[] {
  const machine = hostname().toLowerCase();
  const set = (process.env.INNER_FOLD_HOSTS ?? "").split(",").map((name) => name.trim().toLowerCase());
  return ["localhost", machine, `${machine}.local`, ...set].filter((name) => name !== "");
}

/** The host without its port; an address of the newer kind stands in brackets. */
function withoutPort(host: string): string {
  return host.toLowerCase().replace(/:\d*$/, "");
}

const ADDRESS = /^(\d{1,3}(\.\d{1,3}){3}|\[[0-9a-f:.]+\])$/;

/**
 * Whether a request asked for this machine. A page elsewhere can point a name of its own at it and then read the book as
 * if it were that page's; it cannot do so with an address, which no name server hands out.
 */
export function isOwnHost(host: string | null, names: readonly string[] = ownNames()): boolean {
  if (host === null || host === "") return false;
  const name = withoutPort(host);
  return ADDRESS.test(name) || names.includes(name);
}

const READS: ReadonlySet<string> = new Set(["GET", "HEAD", "OPTIONS"]);

/** Whether a request only asks. */
export function isReading(method: string): boolean {
  return READS.has(method);
}

/** Whether a request that writes comes from a page of this shop; a program that names no origin is no page. */
export function mayWrite(method: string, origin: string | null, host: string | null): boolean {
  if (isReading(method) || origin === null) return true;
  return URL.canParse(origin) && new URL(origin).host === host;
}

/**
 * Whether a page elsewhere asks for something of ours to show or run it, or merely links to what costs much: a copy of the
 * book, a print, full size. A link to a page opens it as ever.
 */
export function isAskedFromElsewhere(headers: Pick<Headers, "get">, path: string): boolean {
  if (headers.get("sec-fetch-site") !== "cross-site") return false;
  return headers.get("sec-fetch-mode") !== "navigate" || COSTLY.test(path);
}

const COSTLY = /^\/(backup\/|find$|clients\/[^/]+\/(export|flat)|orders\/[^/]+\/(paper|full-size\/.))/;

/** What a page may run and load: its own scripts, and those written into it by this answer, which alone knows the word. */
export function contentPolicy(word: string): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${word}'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "frame-ancestors 'none'",
    "base-uri 'self'",
    "form-action 'self'",
  ].join("; ");
}

/** Whether the path of an address decodes: `%ff` alone is no letter of any. */
export function isReadable(address: string): boolean {
  try {
    decodeURIComponent(new URL(address).pathname);
    return true;
  } catch {
    return false;
  }
}
