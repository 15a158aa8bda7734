import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";

const folders = readdirSync("src/core", { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);

describe.each(folders)("the README of core/%s", (folder) => {
  const text = readFileSync(`src/core/${folder}/README.md`, "utf8");
  const examples = [...text.matchAll(/^- `(.+)` → `(.+)`$/gm)].map(
    ([, call = "", answer = ""]) => [call, answer] as const,
  );

  it.each(examples)("%s → %s", async (call, answer) => {
    const face = (await import(`./${folder}/index.ts`)) as Record<string, unknown>;
    const value: unknown = new Function(...Object.keys(face), `return (${call});`)(...Object.values(face));
    expect(value).toEqual(JSON.parse(answer));
  });
  it("has an example", () => expect(examples.length).toBeGreaterThan(0));
});
