import { renderToStaticMarkup } from "react-dom/server";
import { expect, it } from "vitest";
import { workedSheet } from "@/core/garments/worked-client.test-data";
import { Checks } from "./checks";

it("says once what is true of front and back alike, and leaves no other finding out", () => {
  const { checks } = workedSheet("mermaid-skirt", { card: { fullLength: 57 }, choices: { waistShape: "level" } });
  const texts = checks.map(({ text }) => text);
  // Otherwise this test would say nothing.
  expect(new Set(texts).size).toBeLessThan(texts.length);
  const drawn = renderToStaticMarkup(<Checks checks={checks} />);
  expect(drawn.match(/<li/g)).toHaveLength(new Set(texts).size);
});

it("says the gravest first, and that there is nothing where there is nothing", () => {
  const check = { piece: null, line: null, edge: null, measurement: null, remedy: "" };
  const drawn = renderToStaticMarkup(
    <Checks
      checks={[
        { ...check, id: "ring-ease", level: "note", text: "ring 30" },
        { ...check, id: "stride", level: "caution", text: "stride 39" },
        { ...check, id: "girth-off", level: "error", text: "waist off" },
      ]}
    />,
  );
  expect([...drawn.matchAll(/ring 30|stride 39|waist off/g)].map(([word]) => word)).toEqual([
    "waist off",
    "stride 39",
    "ring 30",
  ]);
  expect(renderToStaticMarkup(<Checks checks={[]} />)).toContain("Nothing to look at twice.");
});
