import { TIMES_ROUND } from "../chalk";
import type { Point } from "../geometry";
import type { Inches } from "../length";
import type { SheetDrawing, SheetPiece } from "./cut-sheet";
import type { FlatEdge, FlatPiece } from "./flat-shapes";

/** Where a hanging skirt starts: how far down, how wide a quarter of what it is sewn to looks, and along which edge. */
export interface HangsFrom {
  readonly lift: Inches;
  /** Null where nothing is above it. */
  readonly width: Inches | null;
  /** The edge that it hangs from, from the centre outwards; left out where that is level. */
  readonly edge?: readonly Point[];
}

/** An upper edge as it is followed: its place at a share of the way from the centre to the side. */
type Along = (share: number) => Point;

function alongEdge(edge: readonly Point[]): Along {
  return (share) => {
    const at = share * (edge.length - 1);
    const [low, high] = [edge[Math.floor(at)], edge[Math.min(edge.length - 1, Math.ceil(at))]];
    if (low === undefined || high === undefined) return { x: 0, y: 0 };
    const rest = at - Math.floor(at);
    return { x: low.x + (high.x - low.x) * rest, y: low.y + (high.y - low.y) * rest };
  };
}

/** A layer of hanging cloth: from one round to another, over a depth. */
export interface Layer {
  readonly id: string;
  readonly upper: Inches;
  readonly lower: Inches;
  readonly depth: Inches;
  /** Whether its folds start at its very top, as gathers do; a ring's open further down. */
  readonly gathered: boolean;
}

/** Of what a round is wider below, so much stands out at the sides; the rest falls into folds. */
export const STANDS_OUT = { gathered: 0.35, swung: 0.5 } as const;
/** A fold takes up so much of a round: gathers fall in many small ones. */
const FOLD_TAKES = { gathered: 1.6, swung: 4 } as const;
const MOST_FOLDS = 12;
/** A hem that falls in folds dips by so much between them. */
const DIPS: Inches = 0.45;
/** Folds run differently far: all the way, or only part of it. */
const FOLD_REACH = [1, 0.45, 0.8, 0.3] as const;
const SHORT_FOLD = 0.62;
const RING_FOLDS_FROM = 0.22;
const HEM_STEPS = 6;

/** Folds that a quarter of a layer falls into, from how much rounder it is below. */
function foldsIn({ upper, lower, gathered }: Layer): number {
  const takes = gathered ? FOLD_TAKES.gathered : FOLD_TAKES.swung;
  return Math.min(MOST_FOLDS, Math.max(1, Math.round((lower - upper) / 4 / takes)));
}

/** The hem between folds, from the side in to the centre: each dips a little. */
function wavyHem(bottom: Along, folds: number): readonly Point[] {
  const steps = folds * HEM_STEPS;
  return Array.from({ length: steps + 1 }, (_, index) => {
    const share = 1 - index / steps;
    const { x, y } = bottom(share);
    return { x, y: y + (DIPS * 4 * Math.abs(Math.sin(Math.PI * share * folds))) / Math.max(4, folds) };
  });
}

/** Folds of a layer: gathers start at its top and run differently far, those of a ring open below it and reach the hem. */
function foldLines({ gathered }: Layer, folds: number, top: Along, bottom: Along): readonly (readonly Point[])[] {
  return Array.from({ length: folds }, (_, index): readonly Point[] => {
    const share = (index + 1) / (folds + 0.5);
    const [upper, lower] = [top(share), bottom(share)];
    const at = (down: number): Point => ({
      x: upper.x + (lower.x - upper.x) * down,
      y: upper.y + (lower.y - upper.y) * down,
    });
    if (gathered) return [at(0), at(FOLD_REACH[index % FOLD_REACH.length] ?? 1)];
    return [at(index % 2 === 1 ? SHORT_FOLD : RING_FOLDS_FROM), at(1)];
  });
}

const EDGE_POINTS = 12;

function hangLayer(layer: Layer, top: Along): { readonly piece: FlatPiece; readonly bottom: Along } {
  const out = layer.gathered ? STANDS_OUT.gathered : STANDS_OUT.swung;
  const width = top(1).x;
  const wider = (width + ((layer.lower - layer.upper) / 4) * out) / Math.max(1, width);
  const bottom: Along = (share) => ({ x: top(share).x * wider, y: top(share).y + layer.depth });
  const folds = foldsIn(layer);
  const upper = Array.from({ length: EDGE_POINTS + 1 }, (_, index) => top(index / EDGE_POINTS));
  const edge = (id: string, points: readonly Point[]): FlatEdge => ({ id, role: id, points });
  const piece: FlatPiece = {
    id: layer.id,
    lift: top(0).y,
    edges: [
      edge("waist", upper),
      edge("side", [top(1), bottom(1)]),
      edge("hem", wavyHem(bottom, folds)),
      edge("centre", [bottom(0), top(0)]),
    ],
    darts: [],
    folds: foldLines(layer, folds, top, bottom),
  };
  return { piece, bottom };
}

const isSkirt = ({ part }: SheetPiece): boolean => part === "skirt";

/** Rounds of strips from the waist down; the two ends of one that opens are the same round. */
function stripLayers(sheet: SheetDrawing): readonly Layer[] {
  const rounds = sheet.pieces.filter(({ strip, id }) => strip?.sewn !== undefined && !isEnd(sheet, id));
  return rounds.map(({ id, strip, part }, index): Layer => {
    const seam = sheet.seams.find(({ a }) =>
      a.some((edge) => edge.split("/")[0]?.replace(/-end$/, "") === id.replace(/-end$/, "")),
    );
    const before = rounds[index - 1]?.strip?.sewn;
    const [lower, depth] = [strip?.sewn ?? 0, strip?.hangs ?? 0];
    return {
      id,
      upper: seam?.lengthB ?? before ?? elasticWaist(sheet) ?? lower,
      lower,
      depth,
      gathered: part === "skirt",
    };
  });
}

/** What elastic draws an upper edge in to: the waist that was read. */
function elasticWaist({ resolved }: SheetDrawing): Inches | undefined {
  return resolved.measurements.find(({ id }) => id === "waist")?.value;
}

function isEnd(sheet: SheetDrawing, id: string): boolean {
  return id.endsWith("-end") && sheet.pieces.some((piece) => piece.id === id.replace(/-end$/, ""));
}

/** A ring as one layer: from what its hole is round to its hem. */
function ringLayers(sheet: SheetDrawing): readonly Layer[] {
  const rings = sheet.pieces.filter((piece) => isSkirt(piece) && piece.edges[0]?.arc !== undefined);
  const [first] = rings;
  const arc = first?.edges[0]?.arc;
  if (first === undefined || arc === undefined) return [];
  const outer = first.edges.find(({ id }) => id === "outer")?.arc?.radius ?? arc.radius;
  const swept = rings.reduce(
    (sum, { cut, edges }) => sum + TIMES_ROUND[cut.on] * cut.copies * Math.abs(edges[0]?.arc?.sweep ?? 0),
    0,
  );
  return [
    { id: first.id, upper: swept * arc.radius, lower: swept * outer, depth: outer - arc.radius, gathered: false },
  ];
}

/** Every layer that hangs, from the top down. */
export function layersOf(sheet: SheetDrawing): readonly Layer[] {
  return [...ringLayers(sheet), ...stripLayers(sheet)];
}

/** What hangs in folds from the waist or a lower edge, as it looks worn: front and back alike (rings, gathers, tiers, ruffles). */
export function hangSkirt(sheet: SheetDrawing, { lift, width, edge }: HangsFrom): readonly FlatPiece[] {
  const layers = layersOf(sheet);
  const [first] = layers;
  if (first === undefined) return [];
  const level = width ?? first.upper / 4;
  let top: Along = edge === undefined ? (share) => ({ x: level * share, y: lift }) : alongEdge(edge);
  return layers.map((layer) => {
    const hung = hangLayer(layer, top);
    top = hung.bottom;
    return hung.piece;
  });
}

/** How far the strokes of a gathered seam reach to each side of it. */
const STROKE: Inches = 1.1;
const STROKE_EVERY: Inches = 0.9;

/** The seam of a ruched front and the gathers along it, on the side that the wearer has it: one side only. */
export function rucheLines(sheet: SheetDrawing, { lift }: HangsFrom): readonly (readonly Point[])[] {
  const narrow = sheet.pieces.find(({ id }) => id === "skirt-front-narrow");
  const back = sheet.pieces.find(({ id }) => id === "skirt-back");
  const [waist, whole] = [narrow, back].map((piece) => piece?.edges.find(({ role }) => role === "waist")?.sewn);
  const hem = back?.lines.find(({ id }) => id === "hem")?.down;
  if (waist === undefined || whole === undefined || hem === undefined) return [];
  const { rucheSide, rucheNotch, slitOut } = sheet.resolved.choices;
  // Worn, the wearer's left is at the right of the picture.
  const x = (whole - waist) * (rucheSide === "right" ? -1 : 1);
  const notch = typeof rucheNotch === "number" ? rucheNotch : hem / 2;
  const strokes = Array.from({ length: Math.floor(notch / STROKE_EVERY) }, (_, index): readonly Point[] => {
    const y = lift + (index + 0.7) * STROKE_EVERY;
    const reach = STROKE * (index % 2 === 1 ? 0.6 : 1);
    return [
      { x: x - reach, y: y + reach * 0.3 },
      { x, y },
      { x: x + reach, y: y + reach * 0.3 },
    ];
  });
  const out = typeof slitOut === "number" ? slitOut : 0;
  const edge = (way: number): readonly Point[] => [
    { x, y: lift },
    { x, y: lift + notch },
    { x: x + way * out, y: lift + hem },
  ];
  return [edge(-1), edge(1), ...strokes];
}
