import { describe, expect, it } from "vitest";
import { isOwnHost, isReadable, mayWrite } from "./door";

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
