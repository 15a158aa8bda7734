import type { LineId, Origin } from "./draft";

/** What a piece's lengths are read down from. */
export type TopOrigin = Extract<Origin, "top-line" | "waist-line" | "cap-line">;

/** The origin of a piece's lengths, by the line that is its top: a sleeve's cap line, a skirt's waist line. */
export function topOrigin(top: LineId): TopOrigin {
  return top === "cap" ? "cap-line" : top === "top" ? "top-line" : "waist-line";
}
