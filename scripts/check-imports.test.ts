import { spawnSync } from "node:child_process";
import { cpSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { afterAll, expect, it } from "vitest";

const house = mkdtempSync(join(tmpdir(), "inner-fold-house-"));
cpSync("src", join(house, "src"), { recursive: true });
afterAll(() => rmSync(house, { recursive: true }));

function check() {
  const { status, stderr } = spawnSync(
    process.execPath,
    ["--import", import.meta.resolve("tsx"), resolve("scripts/check-imports.ts")],
    { cwd: house, encoding: "utf8" },
  );
  return { status, stderr };
}

it("finds nothing against the house as it stands", () => expect(check()).toMatchObject({ status: 0, stderr: "" }));

it.each([
  ["core/length/planted.ts", 'import { rules } from "../rules";', "core/length may not import from core/rules"],
  [
    "core/checks/planted.ts",
    'import { garments } from "../garments";',
    "core/checks may not import from core/garments",
  ],
  ["core/parts/planted.ts", 'import { planBodice } from "../blocks/bodice-plan";', "only its index is imported"],
  ["core/formats/planted.ts", 'export * from "../../db";', "core may not import from db"],
  ["db/planted.ts", 'import { saveCard } from "../server/actions";', "db may not import from server"],
  ["ui/planted.tsx", 'import { database } from "@/db";', "ui may import only types from db"],
])("%s that says %s fails with its rule", (file, text, rule) => {
  const path = join(house, "src", file);
  writeFileSync(path, `\n${text}\n`);
  const { status, stderr } = check();
  rmSync(path);
  expect(status).toBe(1);
  expect(stderr).toContain(`src/${file}:2 `);
  expect(stderr).toContain(rule);
});
