import type { Inches } from "../length";
import type { TermCode } from "./codes";
import type { AtChalk } from "./piece-calls";
import type { Term } from "./term";

/** A place reads less by what a contoured centre line has come towards it. */
export function bendTerms(start: Inches): readonly Term[] {
  if (Math.abs(start) < 1e-9) return [];
  return [{ code: "centre-bends", kind: "drawn", value: -start, source: "rule:backContour" }];
}

/** What a closed bust dart moved a mark by, from where its sum puts it. */
export function turnedTerms({ net, stitch, terms }: AtChalk): Term[] {
  if (net === undefined || terms.length === 0) return [];
  const value = stitch.x - net.x;
  return Math.abs(value) < 1e-9 ? [] : [{ code: "turned-with-dart", kind: "trued", value, source: "turn" }];
}

/** What is left of a place once its sum is told: a hair that trues a seam, or all of it where it is read off the drawing. */
export function restTerms(value: Inches, drawn: TermCode | undefined): readonly Term[] {
  if (Math.abs(value) < 1e-9) return [];
  return drawn === undefined
    ? [{ code: "trued", kind: "trued", value, source: "geometry" }]
    : [{ code: drawn, kind: "drawn", value, source: "geometry" }];
}
