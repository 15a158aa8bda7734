import { Fragment } from "react";

const SPELLED: Readonly<Record<string, string>> = {
  "½": "1/2",
  "¼": "1/4",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
};

/** Either a fraction glyph, or digits round a fraction slash. */
const FRACTION = /(\s?(?:[½¼¾⅛⅜⅝⅞]|\d+⁄\d+))/;

function spell(fraction: string): string {
  const bare = fraction.trim();
  return SPELLED[bare] ?? bare.replace("⁄", "/");
}

interface FractionsProps {
  readonly text: string;
}

/** Text whose fractions are drawn by the typeface as true fractions, at every size. */
export function Fractions({ text }: FractionsProps) {
  return text.split(FRACTION).map((part, index) => {
    const key = `${index}-${part}`;
    return index % 2 === 0 ? (
      <Fragment key={key}>{part}</Fragment>
    ) : (
      <span key={key} className="fraction">
        {spell(part)}
      </span>
    );
  });
}

/** The same inside a drawing. */
export function SvgFractions({ text }: FractionsProps) {
  return text.split(FRACTION).map((part, index) => {
    const key = `${index}-${part}`;
    return index % 2 === 0 ? (
      <tspan key={key}>{part}</tspan>
    ) : (
      <tspan key={key} style={{ fontFeatureSettings: '"frac","tnum"' }} dx="0.08em">
        {spell(part)}
      </tspan>
    );
  });
}
