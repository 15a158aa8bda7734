import { chmodSync, mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, it } from "vitest";
import { lookAtDisk } from "./disk-room";

const folder = mkdtempSync(join(tmpdir(), "inner-fold-disk-"));

it("is well with room on it, full with less than is asked for, and nothing is said of a folder that is still to be made", () => {
  expect(lookAtDisk(folder, 1)).toBe("well");
  expect(lookAtDisk(folder, Number.MAX_SAFE_INTEGER)).toBe("full");
  expect(lookAtDisk(join(folder, "none"), 1)).toBe("well");
});

it.skipIf(process.getuid?.() === 0)("is read-only where it may not be written to", () => {
  chmodSync(folder, 0o500);
  expect(lookAtDisk(folder, 1)).toBe("read-only");
  chmodSync(folder, 0o700);
});
