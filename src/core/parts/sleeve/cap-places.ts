import type { PieceChalk, Term } from "../../chalk";
import type { PlannedCap } from "./plan-cap";

/** The slanted line, and the places of the cap that are set off it. */
export function chalkCapPlaces(piece: PieceChalk, cap: PlannedCap): void {
  const { points } = cap;
  piece.known("cap/top", points.top);
  piece.slant(cap.level === null ? "biceps/side" : "biceps/level");
  const off = (value: number): Term => ({ code: "off-the-slant", kind: "style", value, source: "rule:capBow" });
  const places = [
    ["cap/raised", 1 / 4, points.raised, "outwards"],
    ["cap/middle", 1 / 2, points.middle, "outwards"],
    ["cap/sunk", 3 / 4, points.sunk, "inwards"],
  ] as const;
  for (const [id, share, stitch, direction] of places) {
    const bow = id === "cap/middle" ? 0 : points.bow;
    piece.offSlant({
      id,
      along: share * points.slant,
      off: { value: bow, terms: bow === 0 ? [] : [off(bow)] },
      direction,
      stitch,
      why: bow === 0 ? "cap-middle" : "cap-bow",
    });
  }
}
