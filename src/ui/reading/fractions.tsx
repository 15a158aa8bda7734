import { Fragment } from "react";
import { fractionGlyphs } from "@/core/length";

/** Either a fraction glyph, or digits round a slash. */
const FRACTION = /(\s?(?:[½¼¾⅛⅜⅝⅞⅓⅔]|\d+[⁄/]\d+))/;

function spell(fraction: string): string {
  const bare = fraction.trim();
  return fractionGlyphs[bare] ?? bare.replace("⁄", "/");
}

/** A whole number is set apart from its fraction, for the eye and for a voice that reads it: 14 5/8, not 145/8. */
const HAIR_SPACE = "\u200a";

interface Part {
  readonly key: string;
  readonly text: string;
  readonly isFraction: boolean;
}

function splitFractions(text: string): readonly Part[] {
  return text.split(FRACTION).map((part, index, parts) => {
    const isFraction = index % 2 === 1;
    const apart = isFraction && /\d$/.test(parts[index - 1] ?? "") ? HAIR_SPACE : "";
    return {
      key: `${index}-${part}`,
      isFraction,
      text: isFraction ? `${apart || (/^\s/.test(part) ? " " : "")}${spell(part)}` : part,
    };
  });
}

interface FractionsProps {
  readonly text: string;
}

/** Text whose fractions are drawn by the typeface as true fractions, at every size. */
export function Fractions({ text }: FractionsProps) {
  return splitFractions(text).map(({ key, text: said, isFraction }) =>
    isFraction ? (
      <span key={key} className="fraction">
        {said}
      </span>
    ) : (
      <Fragment key={key}>{said}</Fragment>
    ),
  );
}

/** The same inside a drawing. */
export function SvgFractions({ text }: FractionsProps) {
  return splitFractions(text).map(({ key, text: said, isFraction }) => (
    <tspan key={key} style={isFraction ? { fontFeatureSettings: '"frac","tnum"' } : undefined}>
      {said}
    </tspan>
  ));
}
