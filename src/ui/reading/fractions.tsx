import { Fragment } from "react";
import { fractionGlyphs } from "@/core/length";

/** A fraction with the whole number before it: a glyph, or digits round a slash. */
const FRACTION = /((?:\d+\s?)?[½¼¾⅛⅜⅝⅞⅓⅔]|(?:\d+\s)?\d+[⁄/]\d+)/;
const PARTS = /^(\d*?)\s?([½¼¾⅛⅜⅝⅞⅓⅔]|\d+[⁄/]\d+)$/;

function spell(fraction: string): string {
  return fractionGlyphs[fraction] ?? fraction.replace("⁄", "/");
}

/** A whole number is set apart from its fraction, for the eye and for a voice that reads it: 14 5/8, not 145/8. */
const HAIR_SPACE = "\u200a";

interface Part {
  readonly key: string;
  /** The text, or the whole number before a fraction. */
  readonly text: string;
  readonly fraction: string | null;
}

function splitFractions(text: string): readonly Part[] {
  return text.split(FRACTION).map((part, index) => {
    const key = `${index}-${part}`;
    if (index % 2 === 0) return { key, text: part, fraction: null };
    const [, whole = "", fraction = ""] = PARTS.exec(part) ?? [];
    return { key, text: whole, fraction: `${whole === "" ? "" : HAIR_SPACE}${spell(fraction)}` };
  });
}

interface FractionsProps {
  readonly text: string;
}

/** Text whose fractions are drawn by the typeface as true fractions, at every size; a number never breaks in two. */
export function Fractions({ text }: FractionsProps) {
  return splitFractions(text).map(({ key, text: said, fraction }) =>
    fraction === null ? (
      <Fragment key={key}>{said}</Fragment>
    ) : (
      <span key={key} className="whitespace-nowrap">
        {said}
        <span className="fraction">{fraction}</span>
      </span>
    ),
  );
}

/** The same inside a drawing. */
export function SvgFractions({ text }: FractionsProps) {
  return splitFractions(text).map(({ key, text: said, fraction }) => (
    <Fragment key={key}>
      <tspan>{said}</tspan>
      {fraction !== null && <tspan style={{ fontFeatureSettings: '"frac","tnum"' }}>{fraction}</tspan>}
    </Fragment>
  ));
}
