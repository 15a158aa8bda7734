import { expect, it } from "vitest";
import { keepLogsQuiet, quietly } from "./quiet-log";

/** As a failed query says itself, names and readings in it. */
function failed(): Error {
  const cause = new Error('duplicate key value violates unique constraint "clients_pkey"');
  return new Error('Failed query: insert into "clients" values ($1, $2)\nparams: c-1,Hester Vane,38 1/2', { cause });
}

it("says what failed and where, and not with whose name or readings", () => {
  const said = String(quietly(failed()));
  expect(said).toContain('insert into "clients"');
  expect(said).toContain("clients_pkey");
  expect(said).toMatch(/at .*quiet-log\.test/);
  expect(said).not.toMatch(/Hester|38 1\/2|params/);
  expect(quietly("query failed\nparams: Hester Vane")).toBe("query failed");
});

it("leaves nothing to the log that is not quiet, and everything else as it was", () => {
  const lines: unknown[][] = [];
  const keep = (...said: unknown[]) => void lines.push(said);
  const log = { error: keep, warn: keep, log: keep };
  keepLogsQuiet(log);
  log.error("⨯", failed());
  log.warn("a port", 4310);
  expect(JSON.stringify(lines)).not.toContain("Hester");
  expect(lines[1]).toEqual(["a port", 4310]);
});
