/** Fractions that have a glyph of their own, and how they are spelled. */
export const fractionGlyphs: Readonly<Record<string, string>> = {
  "½": "1/2",
  "¼": "1/4",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
  "⅓": "1/3",
  "⅔": "2/3",
};

/** The glyph of a spelled fraction; undefined when it has none. */
export function fractionGlyph(spelled: string): string | undefined {
  return Object.entries(fractionGlyphs).find(([, spelling]) => spelling === spelled)?.[0];
}
