import { mkdtempSync, readdirSync, readFileSync } from "node:fs";
import { open } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, expect, it, vi } from "vitest";
import { writeWhole } from "./write-whole";

afterEach(() => vi.restoreAllMocks());

it("flushes the copy to the disk before it has its name, and the folder after", async () => {
  const folder = mkdtempSync(join(tmpdir(), "inner-fold-whole-"));
  const probe = await open(join(folder, "probe"), "w");
  const handles = Object.getPrototypeOf(probe) as { sync: () => Promise<void> };
  await probe.close();
  const seen: (readonly string[])[] = [];
  const sync = handles.sync;
  vi.spyOn(handles, "sync").mockImplementation(function (this: unknown) {
    seen.push(readdirSync(folder).filter((name) => name.startsWith("shop")));
    return sync.call(this);
  });
  await writeWhole(join(folder, "shop.json"), "whole");
  expect(seen).toEqual([["shop.json.part"], ["shop.json"]]);
  expect(readFileSync(join(folder, "shop.json"), "utf8")).toBe("whole");
});
