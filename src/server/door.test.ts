import { describe, expect, it } from "vitest";
import { contentPolicy, isAskedFromElsewhere, isOwnHost, isReadable, mayWrite } from "./door";

describe("the name that was asked for", () => {
  it.each([
    "localhost",
    "localhost:4123",
    "127.0.0.1:80",
    "192.168.1.20:4123",
    "[::1]:4123",
    "[fe80::1]",
    "WORKROOM.lan",
  ])("%s is this machine's", (host) => expect(isOwnHost(host, ["localhost", "workroom.lan"])).toBe(true));
  it.each([
    "evil.example",
    "localhost.evil.example",
    "127.0.0.1.evil.example",
    "1.2.3.4.example:80",
    "workroom.lan.x",
    "",
    null,
  ])("%s is not", (host) => expect(isOwnHost(host, ["localhost", "workroom.lan"])).toBe(false));
  it("a machine answers to its own name", () => {
    expect(isOwnHost("localhost")).toBe(true);
    expect(isOwnHost("some-other-machine")).toBe(false);
  });
});

describe("who may write", () => {
  const host = "192.168.1.20:4123";
  it.each([
    ["POST", `http://${host}`, true],
    ["PUT", "http://192.168.1.20:9999", false],
    ["POST", "http://evil.example", false],
    ["DELETE", "null", false],
    ["POST", "not an origin", false],
    ["POST", null, true],
    ["GET", "http://evil.example", true],
  ] as const)("%s from %s: %s", (method, origin, may) => expect(mayWrite(method, origin, host)).toBe(may));
});

it.each([
  ["/orders/%ff", false],
  ["/backup/copies/%", false],
  ["/clients/%C3%98ystein", true],
  ["/?all=%ff", true],
] as const)("%s decodes: %s", (path, decodes) => expect(isReadable(`http://localhost${path}`)).toBe(decodes));

describe("what a page elsewhere may ask for", () => {
  const asked = (site: string | null, mode: string, path: string) =>
    isAskedFromElsewhere({ get: (name) => ({ "sec-fetch-site": site, "sec-fetch-mode": mode })[name] ?? null }, path);
  it("a link opens a page, and nothing that costs much", () => {
    for (const path of ["/", "/orders/a", "/orders/a/full-size", "/clients/a"])
      expect(asked("cross-site", "navigate", path), path).toBe(false);
    for (const path of [
      "/backup/shop.json",
      "/find",
      "/clients/a/export",
      "/orders/a/paper/sheet/a4",
      "/orders/a/full-size/pieces.dxf",
    ])
      expect(asked("cross-site", "navigate", path), path).toBe(true);
  });
  it("shows or runs nothing of ours, and hinders no page of the shop and no program", () => {
    expect(asked("cross-site", "no-cors", "/icon.svg")).toBe(true);
    for (const site of ["same-origin", "none", "same-site", null])
      expect(asked(site, "cors", "/backup/shop.json"), String(site)).toBe(false);
  });
  it("no script runs that the page was not given", () => {
    const policy = contentPolicy("abc");
    expect(policy).toContain("script-src 'self' 'nonce-abc';");
    expect(/script-src[^;]*unsafe/.test(policy)).toBe(false);
  });
});
