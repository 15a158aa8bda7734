import { type Worked, workedSheet } from "./worked-client.test-data";

/** The body of the craft page's worked examples; exact, so that the sums on paper are the sums here. */
export const CRAFT_BODY = {
  bust: 41.5,
  waist: 34.25,
  hip: 43,
  frontWaist: 17,
  waistToHip: 9,
  waistToKnee: 23.5,
  bustSpan: 8.25,
  fullLength: 42,
};

/** A skirt of that body, without a tick. */
export const skirt = (garment: string, { card = {}, choices = {}, rules = {}, ...rest }: Worked = {}) =>
  workedSheet(garment, { ...rest, card: { ...CRAFT_BODY, ...card }, choices, rules: { tick: "none", ...rules } });

/** The same with a level waist edge, where its sums are those of the page. */
export const levelSkirt = (garment: string, { choices = {}, ...worked }: Worked = {}) =>
  skirt(garment, { ...worked, choices: { waistShape: "level", ...choices } });

export type Sheet = ReturnType<typeof skirt>;

/** What was found under a code. */
export const of = (sheet: Sheet, id: string) => sheet.checks.filter((check) => check.id === id);

export const seamOf = (sheet: Sheet, id: string) => {
  const found = sheet.seams.find((seam) => seam.id === id);
  if (found === undefined) throw new Error(`no seam ${id}`);
  return found;
};
