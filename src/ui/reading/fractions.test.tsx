import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { Fractions } from "./fractions";
import { Reading } from "./reading";
import { SumStrip } from "./sum-strip";

/** What a voice would read: the text without its tags. */
function spoken(markup: string): string {
  return markup.replace(/<[^>]+>/g, "").replace(/\u200a/g, " ");
}

describe("fractions", () => {
  it.each([
    ["14⅝", "14 5/8"],
    ["½", "1/2"],
    ["10 3⁄16", "10 3/16"],
    ["9⅛ in, then 10⅝ in", "9 1/8 in, then 10 5/8 in"],
    ["15 1/2", "15 1/2"],
    ["27⁄32 in", "27/32 in"],
    ["14 27⁄32 and 1½", "14 27/32 and 1 1/2"],
    ["no number", "no number"],
  ])("%s is read %s, never 145/8", (text, said) =>
    expect(spoken(renderToStaticMarkup(<Fractions text={text} />))).toBe(said),
  );
  it("only the fraction is drawn as one: the 14 of 14⅝ stays as it is, and never stands at the end of a line", () =>
    expect(renderToStaticMarkup(<Fractions text="14⅝" />)).toMatch(
      /^<span class="whitespace-nowrap">14<span class="fraction">.5\/8<\/span><\/span>$/,
    ));
  it("keeps markup in a name as text", () =>
    expect(renderToStaticMarkup(<Fractions text="<b>½</b>" />)).not.toContain("<b>"));
});

describe("readings", () => {
  it.each([
    [10.375, "in", "10 3/8"],
    [27.5 / 2.54, "cm", "27.5"],
  ] as const)("%d in %s is read %s", (value, unit, said) =>
    expect(spoken(renderToStaticMarkup(<Reading value={value} unit={unit} />))).toBe(said),
  );
});

describe("the sum", () => {
  const terms = [
    { label: "Waist girth ÷ 4", kind: "body", value: 8.5625, source: "measurement:waist" },
    { label: "Ease, a quarter of 2", kind: "ease", value: 0.5, source: "rule:ease.waist" },
    { label: "To the nearest tick", kind: "rounding", value: 0.0625, source: "tape" },
  ] as const;
  const said = spoken(
    renderToStaticMarkup(
      <SumStrip
        terms={[...terms]}
        cutTerms={[{ label: "Side seam", kind: "allowance", value: 1.5, source: "rule:allowance.side" }]}
        total={9.125}
        cut={10.625}
        unit="in"
      />,
    ),
  );

  it("says each term with its kind, what they come to, and where it is cut", () => {
    expect(said).toContain("+ 8 9/16Waist girth ÷ 4 (body)");
    expect(said).toContain("+ 1/2Ease, a quarter of 2 (ease)");
    expect(said).toContain("= 9 1/8in");
    expect(said).toContain("+ 1 1/2Side seam (allowance)");
    expect(said).toMatch(/cut at\s*10 5\/8in/);
  });
  it("gives longer terms more of the strip", () => {
    const markup = renderToStaticMarkup(
      <SumStrip terms={[...terms]} cutTerms={[]} total={9.125} cut={null} unit="in" />,
    );
    const shares = [...markup.matchAll(/flex-grow:([\d.]+)/g)].map(([, share]) => Number(share));
    expect(shares[0]).toBeGreaterThan(shares[1] ?? 0);
  });
});
