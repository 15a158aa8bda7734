import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { expect, it } from "vitest";

function sources(folder: string): readonly string[] {
  return readdirSync(folder, { recursive: true, encoding: "utf8" })
    .filter((name) => name.endsWith(".tsx") && !name.endsWith(".test.tsx"))
    .map((name) => join(folder, name));
}

/** In a dim room the colour of what comes next is a ground for letters; words in it could not be read. */
it("no words are written in the colour of grounds", () => {
  const written = [...sources("src/ui"), ...sources("src/app")].filter((file) =>
    /\btext-next(?!-deep)\b/.test(readFileSync(file, "utf8")),
  );
  expect(written).toEqual([]);
});
