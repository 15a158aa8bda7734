import { type Draft, findShortStride, piecesOf } from "../chalk";
import { pathEnd } from "../geometry";
import type { Finding } from "./finding";
import { girthAtDepth } from "./girths";

/** From these down a seam is open, and a step has room. */
const OPENS_BELOW: ReadonlySet<string> = new Set(["centre/slit-top", "centre/vent-top"]);

/** Whether one can walk: the drawn girth against what a step needs, from below the hip to the hem, or to the top of a slit. */
function checkStride(draft: Draft): readonly Finding[] {
  const pieces = piecesOf(draft, "skirt");
  const [front] = pieces;
  const hipDown = front?.lines.find(({ id }) => id === "hip")?.down;
  const hem = front?.edges.find(({ role }) => role === "hem");
  if (front === undefined || hipDown === undefined || hem === undefined) return [];
  const slit = pieces.flatMap(({ marks }) => marks.filter(({ id }) => OPENS_BELOW.has(id)))[0]?.stitch;
  const lowest = Math.min(hem.stitch.start.y, pathEnd(hem.stitch).y) - 1e-6;
  const short = findShortStride(draft.given, {
    hipDown,
    lowest: Math.min(lowest, slit ?? lowest),
    girthAt: (down) => girthAtDepth(draft, down, down, "skirt"),
  });
  if (short === undefined) return [];
  const words = { knee: draft.given.measurements.knee === undefined ? "guessed" : "taken" };
  return [{ id: "stride", level: "caution", piece: front.id, line: "hem", numbers: { ...short }, words }];
}

/** Whether a skirt can be worn and walked in (craft: skirts, stride). */
export function findSkirtProblems(draft: Draft): readonly Finding[] {
  return checkStride(draft);
}
