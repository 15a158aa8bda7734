import { cutOutline, joinPaths, pathEnd, straight } from "../geometry";
import type { Edge, Piece } from "./draft";

/** Both outlines of a row of edges; the cut one is kept as points, since an offset curve is no cubic. */
export function drawOutline(edges: readonly Edge[]): Piece["outline"] {
  const stitch = joinPaths(edges.map((edge) => edge.stitch));
  const closed = joinPaths([stitch, straight(pathEnd(stitch), stitch.start)]);
  return { stitch: closed, cut: cutOutline(edges) };
}
