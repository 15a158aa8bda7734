import {
  type ChalkStep,
  drawOutline,
  type Edge,
  type Mouth,
  type PartId,
  type Piece,
  type PieceName,
  type StripRound,
} from "../chalk";
import { at, type Point, straight } from "../geometry";
import type { Inches } from "../length";

/** A straight strip of cloth, cut size: the seam allowances are within its length and depth. */
export interface StripPlan {
  readonly id: string;
  readonly name: PieceName;
  readonly length: Inches;
  readonly depth: Inches;
  readonly copies: number;
  readonly part?: PartId;
  /** Of a strip that runs from selvedge to selvedge: the round that it is joined into, and what its ends lose to their seams. */
  readonly across?: { readonly round: StripRound; readonly ends: readonly [Inches, Inches] };
}

function stripEdge(id: string, from: Point, to: Point, mouths: readonly Mouth[] = []): Edge {
  return { id, role: "join", stitch: straight(from, to), allowance: 0, onFold: false, mouths, turned: [0, 0] };
}

/** What an edge loses to the seams at its ends. */
function ends(length: Inches, [first, last]: readonly [Inches, Inches]): readonly Mouth[] {
  return [
    { closes: "join", from: 0, to: first },
    { closes: "join", from: length - last, to: length },
  ];
}

/** All four edges, clockwise; a strip across the cloth is gathered at its top and hemmed, or sewn on, at its bottom. */
function edgesOf({ length, depth, across }: StripPlan): readonly Edge[] {
  const [wide, long] = across === undefined ? [depth, length] : [length, depth];
  const [top, bottom] =
    across === undefined ? [[], []] : [ends(length, across.ends), ends(length, [across.ends[1], across.ends[0]])];
  return [
    stripEdge("top", at(0, 0), at(wide, 0), top),
    stripEdge("right", at(wide, 0), at(wide, long)),
    stripEdge("bottom", at(wide, long), at(0, long), bottom),
    stripEdge("left", at(0, long), at(0, 0)),
  ];
}

/**
 * A strip as a piece: along the grain, or across it from selvedge to selvedge (craft: plackets, bands and ties are strips;
 * rounds that are gathered are several). Both outlines are the cut one, since its allowances are counted in its size.
 */
export function chalkStrip(plan: StripPlan): Piece {
  const { id, name, length, depth, copies, part = "finish", across } = plan;
  const edges = edgesOf(plan);
  const step: ChalkStep = {
    id: "strip",
    act: { kind: "strip", length, depth, ...(across === undefined ? {} : { across: copies }) },
    marks: [],
    from: "cloth-edge",
    direction: "across",
    reading: depth,
    terms: [],
    cutReading: null,
    why: across === undefined ? "band" : "strips",
  };
  return {
    id,
    name,
    part,
    top: "top",
    half: null,
    lead: false,
    strip: { length, depth, ...(across === undefined ? {} : { round: across.round }) },
    cloth: "main",
    cut: { copies, on: "single", mirrored: false },
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
