import { formatLengthWithUnit, type Unit } from "../../length";
import type { AlterAnswer, AlterPlace, AlterSeam } from "../../making";
import { nameList } from "./names";

/** Where a finished garment is altered, as it is asked. */
export const alterNames: Readonly<Record<AlterPlace, string>> = {
  bust: "Bust",
  waist: "Waist",
  hip: "Hip",
  taper: "Bust, waist and hip together",
  hem: "Hem",
  "sleeve-length": "Length of the sleeves",
  "sleeve-width": "Width of the sleeves",
  shoulder: "Shoulder",
  neck: "Neck",
  zip: "Zip",
  lining: "Lining",
  mend: "Mend",
};

const seams: Readonly<Record<AlterSeam, string>> = {
  sides: "both side seams",
  darts: "the darts",
  "centre-back": "the centre back",
  panels: "the panel seams",
  hem: "the hem",
  underarm: "the underarm seams, running into the sides",
  facing: "a facing",
  none: "",
};

const byHand: Readonly<Partial<Record<AlterPlace, string>>> = {
  shoulder: "Sleeve off, the tip re-cut, sleeve on.",
  neck: "Facing off, the neck re-cut, facing on.",
  zip: "Unpick the old zip; the new one is an inch longer than its opening at least.",
  lining: "Written down, and measured on the garment.",
  mend: "Written down, and looked at by daylight.",
};

/** How an alteration is carried, by how much at each edge, and what must lie in the seams. */
export function sayAlteration(place: AlterPlace, answer: AlterAnswer, unit: Unit): string {
  if (answer.edges === 0) return byHand[place] ?? "";
  const say = (length: number) => formatLengthWithUnit(Math.abs(length), unit);
  const where = nameList(answer.seams.map((seam) => seams[seam]));
  if (answer.each === 0) return "Nothing is moved.";
  if (answer.edges === 1) {
    const way =
      answer.each < 0 ? `${say(answer.each)} is cut off, the old turning kept` : `let down by ${say(answer.each)}`;
    return `At ${where}: ${way}.${saysEnough(answer, say)}`;
  }
  const way = answer.each < 0 ? "taken in" : "let out";
  return `By ${where}: each of ${answer.edges} edges ${way} by ${say(answer.each)}.${saysEnough(answer, say)}`;
}

function saysEnough({ needs, enough }: AlterAnswer, say: (length: number) => string): string {
  if (needs === 0) return "";
  if (enough === null) return ` It needs ${say(needs)} in every seam: look, and write what you find.`;
  return enough
    ? ` There is enough in the seam.`
    : ` There is not enough in the seam: it needs ${say(needs)}. Let a piece in, or wish for less.`;
}
