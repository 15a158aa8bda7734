import { add, at, type Point, scale } from "../geometry";
import type { Inches } from "../length";
import type { SheetDrawing, SheetPiece } from "./cut-sheet";
import type { FlatEdge, FlatPiece } from "./flat-shapes";

const SLEEVE = "sleeve";
const SLEEVE_END = "sleeve-end";

/** Whether a piece of a flat is a sleeve's: what is asked of the garment's hem does not ask it. */
export const isOfSleeve = (id: string): boolean => id === SLEEVE || id === SLEEVE_END;

/** A sleeve hangs off the plumb by so much, in degrees: a short one stands further out. */
const LEAN = { least: 21, most: 56, from: 8, each: 2.4 } as const;
/** A gathered cap stands so far out of the arm's line. */
const PUFF_OUT: Inches = 2.4;
/** How far a ring or a full hem stands out on each side, of what it is wider. */
const STANDS_OUT = 0.35;
/** Of a wide hem that hangs in folds so much is seen. */
const HANGS_IN = 0.62;
const CURVE_STEPS = 10;
/** How far up the armhole a cap sleeve ends. */
const CAP_ENDS = 0.45;
/** Between a sleeve's lower edge and the body beside it; and how much of a sleeve is seen at least. */
const CLEAR: Inches = 0.5;
const LEAST_SEEN: Inches = 2.5;

/** Where a sleeve hangs from: the shoulder tip and the underarm, as the body lies. */
interface Armhole {
  readonly tip: Point;
  readonly underarm: Point;
  /** The sewn edge, from the underarm up to the tip. */
  readonly edge: readonly Point[];
}

/** What is seen of a sleeve: how long it is, half round at its lower edge, and what is below that. */
interface SeenSleeve {
  readonly kind: string;
  readonly long: Inches;
  readonly end: Inches;
  /** Half round where elastic draws it in; null where it ends as it hangs. */
  readonly below: Inches | null;
  /** A cuff, a band or a flounce below it: how deep, and how wide. */
  readonly band: Inches;
  readonly bandWide: Inches;
  /** How high a cuff is that lies turned back; 0 where there is none. */
  readonly turned: Inches;
}

function armholeOf(pieces: readonly FlatPiece[]): Armhole | null {
  const edges = pieces.flatMap((piece) => piece.edges.filter(({ role }) => role === "armhole"));
  const points = edges.flatMap((edge) => edge.points);
  if (points.length === 0) return null;
  return {
    tip: points.reduce((high, point) => (point.y < high.y ? point : high)),
    underarm: points.reduce((low, point) => (point.y > low.y ? point : low)),
    edge: [...points].sort((one, other) => other.y - one.y),
  };
}

const lengthIn = (value: unknown, otherwise: Inches): Inches => (typeof value === "number" ? value : otherwise);

/** How deep a ring is. */
function depthOfRing(ring: SheetPiece | undefined): Inches {
  const radii = ring?.edges.flatMap(({ arc }) => (arc === undefined ? [] : [arc.radius])) ?? [];
  return radii.length === 0 ? 0 : Math.max(...radii) - Math.min(...radii);
}

/** What its kind makes of the lower edge. */
function lowerEdge({ pieces, resolved }: SheetDrawing, kind: string, own: Inches): Partial<SeenSleeve> {
  const reading = (id: string): Inches => resolved.measurements.find((one) => one.id === id)?.value ?? 0;
  switch (kind) {
    case "gathered":
      return { end: own * HANGS_IN, below: reading("wrist") / 2 + 0.3 };
    case "puff":
      return { end: reading("upperArm") / 2 + PUFF_OUT, below: reading("upperArm") / 2 };
    case "petal":
      return { end: reading("upperArm") / 2 + 1 };
    case "cone":
      return { end: own * HANGS_IN };
    case "tie-band":
      return { band: 1, bandWide: own };
    case "flounce": {
      const deep = depthOfRing(pieces.find(({ id }) => id === "flounce"));
      return { band: deep, bandWide: own + Math.PI * deep * STANDS_OUT };
    }
    default:
      return {};
  }
}

/** A cuff: buttoned below the sleeve, or turned back on it. */
function cuffOf({ pieces, resolved: { choices } }: SheetDrawing): Partial<SeenSleeve> {
  const cuff = pieces.find(({ id, part }) => part === "sleeve" && id.endsWith("cuff"));
  if (cuff === undefined) return {};
  if (cuff.strip === undefined) return { turned: lengthIn(choices.turnBackHeight, 4) };
  const wide = (cuff.strip.length - 1) / 2;
  return { end: wide + 0.6, band: lengthIn(choices.cuffDepth, 2.5), bandWide: wide };
}

/** What a sleeve looks like worn, from its pieces and choices; null where the garment has none. */
function seenSleeve(sheet: SheetDrawing): SeenSleeve | null {
  const sleeve = sheet.pieces.find(({ id }) => id === "sleeve" || id === "sleeve-front");
  if (sleeve === undefined) return null;
  const kind = String(sheet.resolved.choices.sleeve);
  const own = sleeve.edges.find(({ role }) => role === "hem")?.length ?? 0;
  const long = sleeve.lines.find(({ id }) => id === "hem")?.down ?? 9;
  const plain: SeenSleeve = { kind, long, end: own, below: null, band: 0, bandWide: 0, turned: 0 };
  return { ...plain, ...lowerEdge(sheet, kind, own), ...cuffOf(sheet) };
}

/** A cubic as points. */
function curved(from: Point, one: Point, two: Point, to: Point): readonly Point[] {
  return Array.from({ length: CURVE_STEPS + 1 }, (_, index) => {
    const t = index / CURVE_STEPS;
    const shares = [(1 - t) ** 3, 3 * t * (1 - t) ** 2, 3 * t * t * (1 - t), t ** 3];
    return [from, one, two, to].reduce((sum, point, corner) => add(sum, scale(point, shares[corner] ?? 0)), at(0, 0));
  });
}

type Line = readonly [Point, Point];

const between = ([a, b]: Line, share: number): Point => at(a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share);

/** Lines that gathers fall into, from one edge so far of the way to another. */
function gathers(from: Line, to: Line, share: number): readonly (readonly Point[])[] {
  return [0.2, 0.4, 0.6, 0.8].map((along, index) => {
    const [start, end] = [between(from, along), between(to, along)];
    return [start, between([start, end], index % 2 === 0 ? share : share * 0.6)];
  });
}

const edge = (id: string, role: string, points: readonly Point[]): FlatEdge => ({ id, role, points });

/** A sleeve as it hangs: places along it from the shoulder tip, and across it from its outer line. */
interface Hanging {
  readonly seen: SeenSleeve;
  readonly hole: Armhole;
  readonly along: (length: Inches, across: Inches) => Point;
  /** Its lower edge, from the outer line to the inner one. */
  readonly foot: Line;
}

function hang(seen: SeenSleeve, hole: Armhole): Hanging {
  const { tip, underarm } = hole;
  const degrees = Math.max(LEAN.least, Math.min(LEAN.most, LEAN.most - (seen.long - LEAN.from) * LEAN.each));
  const lean = (degrees * Math.PI) / 180;
  const down = at(Math.sin(lean), Math.cos(lean));
  const inward = at(-down.y, down.x);
  const along = (length: Inches, across: Inches): Point => add(add(tip, scale(down, length)), scale(inward, across));
  // Seen flat it does not lie over the body: what would is folded away behind the arm.
  const room = (tip.x + down.x * seen.long - underarm.x - CLEAR) / Math.max(0.2, down.y);
  const end = Math.min(seen.end, Math.max(LEAST_SEEN, room));
  const out = seen.kind === "puff" ? -PUFF_OUT / 2 : 0;
  // A cap sleeve leaves the armhole above the underarm.
  const low = seen.kind === "cap" ? (hole.edge[Math.floor(hole.edge.length * CAP_ENDS)] ?? underarm) : underarm;
  return {
    seen: { ...seen, end },
    hole: { ...hole, underarm: low, edge: hole.edge.filter(({ y }) => y <= low.y) },
    along,
    foot: [along(seen.long, out), along(seen.long, end)],
  };
}

/** The line over the shoulder and down the arm. */
function outerLine({ seen, hole, along, foot }: Hanging): readonly Point[] {
  const puffed = seen.kind === "puff";
  const shoulder = add(hole.tip, scale(at(0.95, 0.3), puffed ? PUFF_OUT : seen.long * 0.12));
  const over = puffed ? add(shoulder, at(0, -1.6)) : shoulder;
  return curved(hole.tip, over, along(seen.long * 0.35, puffed ? -1.5 * PUFF_OUT : 0), foot[0]);
}

/** A petal's rounded lower edge, and the free edge of the one that lies over. */
function petalLines({ seen: { long, end }, along, foot: [outer, inner] }: Hanging) {
  return {
    hem: curved(outer, along(long * 1.08, end * 0.3), along(long * 1.08, end * 0.7), inner),
    lap: curved(along(long * 0.22, 0.4), along(long * 0.6, 0.2), along(long * 0.9, end * 0.3), along(long, end * 0.75)),
  };
}

function drawSleeve(hanging: Hanging): FlatPiece {
  const { seen, hole, along, foot } = hanging;
  const { long, end, below, turned } = seen;
  const armhole: Line = [hole.tip, hole.underarm];
  const petal = seen.kind === "petal" ? petalLines(hanging) : null;
  const drawn: Line = below === null ? foot : [along(long, (end - below) / 2), along(long, (end + below) / 2)];
  // A cuff that is turned back lies an inch above the hem, its open points at the sleeve's fold.
  const level = (length: Inches, rise: Inches): Line => [along(length - rise, 0), along(length, end)];
  return {
    id: SLEEVE,
    lift: 0,
    edges: [
      edge("outer", "side", [...outerLine(hanging), drawn[0]]),
      edge("hem", "hem", petal?.hem ?? drawn),
      edge("inner", "side", [drawn[1], foot[1], hole.underarm]),
      edge("armhole", "armhole", hole.edge),
    ],
    darts: [],
    folds: [
      ...(seen.kind === "puff" ? gathers(armhole, foot, 0.5) : []),
      ...(below === null ? [] : gathers(drawn, armhole, 0.45)),
      ...(petal === null ? [] : [petal.lap]),
      ...(turned === 0 ? [] : [level(long - 1, 0), level(long - 1 - turned, 1)]),
    ],
  };
}

/** A cuff, a band or a flounce below the sleeve. */
function drawBand({ seen, along, foot }: Hanging): FlatPiece {
  const { long, end, band, bandWide, kind } = seen;
  const [left, right] = [(end - bandWide) / 2, (end + bandWide) / 2];
  const flounce = kind === "flounce";
  const top: Line = flounce ? foot : [along(long, left), along(long, right)];
  const low: Line = [along(long + band, left), along(long + band, right)];
  return {
    id: SLEEVE_END,
    lift: 0,
    edges: [
      edge("top", "hem", top),
      edge("inner", "side", [top[1], low[1]]),
      edge("bottom", "hem", [low[1], low[0]]),
      edge("outer", "side", [low[0], top[0]]),
    ],
    darts: [],
    folds: flounce ? gathers(low, top, 0.8) : [],
  };
}

/** The sleeve of a half, as it hangs from the armhole: seen, not measured. */
export function hangSleeve(sheet: SheetDrawing, body: readonly FlatPiece[]): readonly FlatPiece[] {
  const [seen, hole] = [seenSleeve(sheet), armholeOf(body)];
  if (seen === null || hole === null) return [];
  const hanging = hang(seen, hole);
  const sleeve = drawSleeve(hanging);
  return seen.band === 0 ? [sleeve] : [sleeve, drawBand(hanging)];
}
