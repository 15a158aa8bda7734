import type { ChalkAct, Piece } from "../chalk";
import type { TableStep } from "../cloth";
import { at, pathLength, placeAtLength, scale } from "../geometry";
import { type ChalkRun, markIn } from "./run";
import { frame, laying, reading, thenAct, type Use } from "./use";

/** Where the tape is held for a ring. */
const RING_CENTRE = "ring/centre";

/**
 * Strips lie side by side, or one below the other where they run across the cloth: each width is read on from the last,
 * along one tape; their lengths are a second tick.
 */
export function stripUse(run: ChalkRun, step: TableStep, act: Extract<ChalkAct, { kind: "strip" }>): Use {
  const across = act.across !== undefined;
  const before = run.steps.slice(0, run.steps.indexOf(step)).reduce((sum, { act: one }) => {
    if (one.kind !== "strip" || (one.across !== undefined) !== across) return sum;
    return sum + one.depth * (one.across ?? 1);
  }, 0);
  const [deep, long] = across ? (["down", "inwards"] as const) : (["inwards", "down"] as const);
  // Across the cloth its depth counts from the cloth's end, its length from a selvedge.
  const [end, selvedge] = across ? (["cloth-end", "selvedge"] as const) : (["cloth-edge", "cloth-edge"] as const);
  const depths = Array.from({ length: act.across ?? 1 }, (_, index) =>
    reading(step, step.piece, before + (index + 1) * act.depth, "cut", { way: deep, from: end }),
  );
  const length = reading(step, step.piece, act.length, "cut", { way: long, from: selvedge, order: 1 });
  return {
    laying: laying("strips", "strips", { origin: "cloth-edge" }),
    step,
    readings: [...depths, length],
    acts: [],
  };
}

/** The centre of a ring, from the cloth's own edge. */
export function centreUse(step: TableStep, piece: Piece, mark: string): Use {
  const place = markIn(piece, mark).place.stitch;
  const read = reading(step, mark, step.chalk?.reading ?? 0, "guide", { from: "cloth-edge", way: "down", place });
  return { laying: frame, step, readings: [read], acts: [] };
}

/** The tape held at the centre and swung: the stitching line and the cutting line of one edge, dot by dot. */
export function swingUse(
  step: TableStep,
  piece: Piece,
  { edge, radius, cutRadius }: Extract<ChalkAct, { kind: "swing" }>,
): Use {
  // Shown half way round, where neither the fold nor the cloth's edge is in the way.
  const swung = piece.edges.find(({ id }) => id === edge)?.stitch;
  const middle = swung === undefined ? at(0, radius) : placeAtLength(swung, pathLength(swung) / 2).point;
  const swing = laying("swing", "swing", {
    key: `swing-${edge}`,
    origin: "mark",
    originMark: RING_CENTRE,
    direction: "outwards",
  });
  return {
    laying: swing,
    step,
    readings: [
      reading(step, edge, radius, "stitch", { place: middle }),
      reading(step, edge, cutRadius, "cut", { place: scale(middle, cutRadius / radius) }),
    ],
    acts: [thenAct("curve", piece.id, { edge, step: step.id })],
  };
}
