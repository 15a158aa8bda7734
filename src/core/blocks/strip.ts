import { type ChalkStep, drawOutline, type Edge, type Piece, type PieceName } from "../chalk";
import { at, straight } from "../geometry";
import type { Inches } from "../length";

/** A straight strip of cloth, cut size: the seam allowances are within its length and depth. */
export interface StripPlan {
  readonly id: string;
  readonly name: PieceName;
  readonly length: Inches;
  readonly depth: Inches;
  readonly copies: 1 | 2;
}

function stripEdge(id: string, from: readonly [Inches, Inches], to: readonly [Inches, Inches]): Edge {
  const stitch = straight(at(...from), at(...to));
  return { id, role: "join", stitch, allowance: 0, onFold: false, mouths: [], turned: [0, 0] };
}

/**
 * A strip as a piece: its length along the grain, its depth across (craft: plackets, bands and ties are strips). Both
 * outlines are the cut one, since its allowances are counted in its size.
 */
export function chalkStrip({ id, name, length, depth, copies }: StripPlan): Piece {
  const edges = [
    stripEdge("top", [0, 0], [depth, 0]),
    stripEdge("right", [depth, 0], [depth, length]),
    stripEdge("bottom", [depth, length], [0, length]),
    stripEdge("left", [0, length], [0, 0]),
  ];
  const step: ChalkStep = {
    id: "strip",
    act: { kind: "strip", length, depth },
    marks: [],
    from: "cloth-edge",
    direction: "across",
    reading: depth,
    terms: [],
    cutReading: null,
    why: "band",
  };
  return {
    id,
    name,
    part: "finish",
    top: "top",
    half: null,
    lead: false,
    strip: { length, depth },
    cloth: "main",
    cut: { copies, on: copies === 2 ? "pair" : "single", mirrored: false },
    grain: 0,
    origin: "fold",
    originInset: 0,
    shift: 0,
    drawnWith: null,
    fromCentre: false,
    lines: [{ id: "top", down: 0, terms: [], level: 0, start: 0 }],
    marks: [],
    edges,
    takeOuts: [],
    darts: [],
    turn: null,
    notches: [],
    steps: [step],
    outline: drawOutline(edges),
  };
}
