import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { open } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, expect, it, vi } from "vitest";
import { clearUnfinished, UnnamedFile } from "./unnamed-file";

afterEach(() => vi.restoreAllMocks());

/** Writes a small file as a copy is written; its head last. */
async function write(place: string, text: string, isWhole = true): Promise<void> {
  const file = await UnnamedFile.beside(place);
  try {
    await file.write(`....${text}`);
    await file.writeHead("head");
    await file.name(async (part) => isWhole && readFileSync(part, "utf8") === `head${text}`);
  } finally {
    await file.drop();
  }
}

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
  await write(join(folder, "shop.json"), " whole");
  expect(seen).toEqual([["shop.json.part"], ["shop.json"]]);
  expect(readFileSync(join(folder, "shop.json"), "utf8")).toBe("head whole");
});

it("leaves nothing behind, and nothing under the name, where it could not be written", async () => {
  const folder = mkdtempSync(join(tmpdir(), "inner-fold-whole-"));
  writeFileSync(join(folder, "shop.json"), "before");
  const probe = await open(join(folder, "probe"), "w");
  const handles = Object.getPrototypeOf(probe) as { sync: () => Promise<void> };
  await probe.close();
  vi.spyOn(handles, "sync").mockRejectedValueOnce(new Error("no space left on the disk"));
  await expect(write(join(folder, "shop.json"), " after")).rejects.toThrow("no space left");
  await expect(write(join(folder, "shop.json"), " after", false)).rejects.toThrow("does not read back");
  expect(readFileSync(join(folder, "shop.json"), "utf8")).toBe("before");
  expect(readdirSync(folder).sort()).toEqual(["probe", "shop.json"]);
});

it("takes away what an earlier writing left, and only that", async () => {
  const folder = mkdtempSync(join(tmpdir(), "inner-fold-whole-"));
  for (const name of ["shop-a.json", "shop-b.json.part", "notes.txt"]) writeFileSync(join(folder, name), "x");
  await clearUnfinished(folder);
  expect(readdirSync(folder).sort()).toEqual(["notes.txt", "shop-a.json"]);
  await clearUnfinished(join(folder, "none"));
});
