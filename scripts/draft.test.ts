import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, it } from "vitest";

const folder = mkdtempSync(join(tmpdir(), "inner-fold-draft-"));
const EXAMPLE = "docs/examples/straight-dress.json";

function run(words: readonly string[], input?: string) {
  const { status, stdout, stderr } = spawnSync(process.execPath, ["--import", "tsx", "scripts/draft.ts", ...words], {
    encoding: "utf8",
    input,
    maxBuffer: 50_000_000,
  });
  return { status, json: JSON.parse(stdout || "null"), stderr };
}

function file(name: string, text: string): string {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
}

it("prints the cut sheet of an order, from a file and from standard input alike, and writes a piece an SVG", () => {
  const fromFile = run([EXAMPLE, "--svg", folder]);
  expect(fromFile.status).toBe(0);
  expect(fromFile.json.format).toBe("inner-fold/cut-sheet");
  expect(run(["-"], readFileSync(EXAMPLE, "utf8")).json).toEqual(fromFile.json);
  for (const piece of fromFile.json.pieces)
    expect(readFileSync(join(folder, `${piece.id}.svg`), "utf8")).toContain(piece.outline.cut);
});

it.each([
  ["no file", () => ["no-such-order.json"]],
  ["a broken file", () => [file("broken.json", '{ "garment": ')]],
  ["10 MB", () => [file("large.json", JSON.stringify({ garment: "x".repeat(10_000_000) }))]],
  ["no order at all", () => []],
  ["an unknown word", () => ["--svgs", "x"]],
  [
    "a reading of nothing",
    () => [
      file("zero.json", JSON.stringify({ garment: "straight-dress", client: { card: { measurements: { bust: 0 } } } })),
    ],
  ],
])("ends with 2 and says what to do for %s", (_, words) => {
  const { status, json, stderr } = run(words());
  expect(status).toBe(2);
  expect(json.errors[0].message.length).toBeGreaterThan(10);
  expect(stderr).toBe("");
});

it("ends with 3 and names the conflict for what cannot be drawn", () => {
  const order = JSON.parse(readFileSync(EXAMPLE, "utf8"));
  order.choices = { fold: "four-layers" };
  const { status, json } = run([file("refused.json", JSON.stringify(order))]);
  expect(status).toBe(3);
  expect(json.refused[0]).toMatchObject({
    code: "four-layers-need-no-opening",
    conflicts: ["choices.fold", "choices.opening"],
  });
});

it("describes the catalogue", () => {
  const { status, json } = run(["--describe"]);
  expect(status).toBe(0);
  expect(json.rules.length).toBeGreaterThan(40);
});

it("is piped into a reader that stops early without a stack trace", () => {
  const { stdout, stderr } = spawnSync(
    "sh",
    ["-c", `"${process.execPath}" --import tsx scripts/draft.ts ${EXAMPLE} | head -c 20`],
    {
      encoding: "utf8",
    },
  );
  expect(stdout).toBe('{\n  "format": "inner');
  expect(stderr).toBe("");
});
