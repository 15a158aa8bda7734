import { expect, it } from "vitest";
import { sayError } from "./say-error";

it.each([
  [new Error("no space left on the disk"), "no space left on the disk"],
  [{ message: "the log is damaged" }, "the log is damaged"],
  [{ errno: 28, code: "ENOSPC" }, '{"errno":28,"code":"ENOSPC"}'],
  ["plain words", "plain words"],
  [null, "null"],
  [undefined, "undefined"],
])("%j is said as %s", (error, said) => {
  expect(sayError(error)).toBe(said);
  expect(sayError(error)).not.toContain("[object");
});
