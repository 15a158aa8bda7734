import { request as ask } from "node:http";
import { expect, it } from "vitest";
import { seededNumbers } from "../src/core/seeded";
import { address } from "./shop";

const { hostname, port } = new URL(address);

/** A request as a program may send it, that is no browser: any path, any head. */
function send(method: string, path: string, headers: Readonly<Record<string, string>> = {}, body = "") {
  return new Promise<{ status: number; headers: Readonly<Record<string, unknown>> }>((resolve, reject) => {
    const sent = ask(
      { hostname, port, method, path, headers: { host: `${hostname}:${port}`, ...headers } },
      (answer) => {
        answer.resume();
        answer.on("end", () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers }));
      },
    );
    sent.on("error", reject);
    sent.end(body);
  });
}

it("answers to no other name, for pages and files alike, and lets no page elsewhere write or read what costs much", async () => {
  for (const path of ["/", "/clients", "/find", "/icon.svg", "/offline-helper.js", "/backup/shop.json"])
    expect((await send("GET", path, { host: "evil.example" })).status, path).toBe(421);
  expect((await send("POST", "/backup/restore", { host: "evil.example" })).status).toBe(421);
  for (const origin of ["http://evil.example", "null"])
    for (const path of ["/", "/orders/x/place", "/backup/restore?replace=yes"])
      expect((await send("POST", path, { origin })).status, `${origin} ${path}`).toBe(403);
  const link = { "sec-fetch-site": "cross-site", "sec-fetch-mode": "navigate" };
  expect((await send("GET", "/backup/shop.json", link)).status).toBe(403);
  expect((await send("GET", "/", link)).status).toBe(200);
});

it("lets a page run its own scripts only, each known by a word that is new with every answer", async () => {
  const [one, other] = [await send("GET", "/"), await send("GET", "/")];
  const policy = ({ headers }: typeof one) => String(headers["content-security-policy"]);
  expect(policy(one)).toMatch(/script-src 'self' 'nonce-[\w+/=]{20,}'/);
  expect(policy(one)).not.toMatch(/script-src[^;]*unsafe-inline/);
  expect(policy(one)).not.toBe(policy(other));
  expect(one.headers).toMatchObject({ "x-content-type-options": "nosniff", "referrer-policy": "no-referrer" });
  const html = await (await fetch(address)).text();
  const bare = [...html.matchAll(/<script(?![^>]*\bnonce=)[^>]*>/g)].map(([tag]) => tag);
  expect(bare).toEqual([]);
});

it("makes no pictures to order", async () => {
  expect((await send("GET", "/_next/image?url=%2Ficon-512.png&w=640&q=75")).status).toBe(404);
});

it("fails on nothing that a stranger sends: 1,500 mangled requests, none answered with an error of its own", async () => {
  const random = seededNumbers(77);
  const pick = <One>(of: readonly One[]): One => of[Math.floor(random() * of.length)] as One;
  const words = [
    "%ff",
    "%00",
    "..%2F..",
    "%2e%2e",
    "0",
    "null",
    "a".repeat(300),
    "%F0%9F%A7%B5",
    "'",
    "x;y",
    "~",
    "__proto__",
  ];
  const routes = [
    "/",
    "/clients/*",
    "/clients/*/card",
    "/clients/*/export",
    "/clients/*/flat/*",
    "/orders/*",
    "/orders/*/sheet",
  ];
  const more = [
    "/orders/*/table",
    "/orders/*/place",
    "/orders/*/paper/*/*",
    "/orders/*/full-size/*",
    "/backup/copies/*",
  ];
  const queries = ["", "?all=", "?all=%ff", "?all=lost&all=cut", "?_rsc=1", "?card=%00", "?with=%5B%5D"];
  const methods = ["GET", "GET", "GET", "POST", "PUT", "DELETE", "PATCH", "HEAD", "OPTIONS"];
  const heads = [
    {},
    { "next-action": "deadbeef" },
    { "content-type": "text/plain" },
    { rsc: "1" },
    { cookie: "hand=%ff; room=\u0001" },
  ];
  const bodies = ["", "{", "null", "[]", '{"stepId":"\\u0000"}', "x".repeat(5000), '["$F1"]'];
  const failed: string[] = [];
  for (let round = 0; round < 1500; round++) {
    const path = pick([...routes, ...more]).replace(/\*/g, () => pick(words)) + pick(queries);
    const [method, body] = [pick(methods), pick(bodies)];
    const head = pick(heads) as Record<string, string>;
    const { status } = await send(method, path, head, method === "GET" || method === "HEAD" ? "" : body).catch(() => ({
      status: 0,
    }));
    if (status >= 500)
      failed.push(`${status} ${method} ${path.slice(0, 80)} ${JSON.stringify(head)} ${body.slice(0, 20)}`);
  }
  expect(failed).toEqual([]);
});
