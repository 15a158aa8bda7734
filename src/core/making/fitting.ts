import type { Inches } from "../length";

/** What is seen at a fitting (craft: making, fittings). */
export const seenIds = [
  "tight-bust",
  "tight-ribs",
  "tight-waist",
  "tight-hip",
  "loose-bust",
  "loose-ribs",
  "loose-waist",
  "loose-hip",
  "back-stands-off",
  "shoulder-wide",
  "shoulder-narrow",
  "slope-folds",
  "neck-gapes",
  "front-rides-up",
  "armhole-gapes",
  "armhole-cuts",
  "point-high",
  "point-low",
  "sleeve-strains",
  "sleeve-folds",
  "hem-dips",
  "collar-off",
  "collar-tight",
] as const;
export type SeenId = (typeof seenIds)[number];

export const fittingSides = ["both", "left", "right"] as const;
export type FittingSide = (typeof fittingSides)[number];

/** What was seen, where, and how much. */
export interface SeenAtFitting {
  readonly seen: SeenId;
  /** The whole amount, in inches. */
  readonly amount: Inches;
  readonly side: FittingSide;
}

/** Seams that can give or take: each has an allowance on both its edges. */
export const carrierIds = ["sides", "panels", "centre-back", "shoulders", "sleeve-seam", "hem"] as const;
export type CarrierId = (typeof carrierIds)[number];

/** A seam that carries an alteration: how far each of its edges moves, and what is left in it after. */
export interface CarriedBy {
  readonly seam: CarrierId;
  readonly edges: number;
  /** Each edge moves out by this into its allowance; in, where it is negative. */
  readonly each: Inches;
  readonly had: Inches;
  readonly left: Inches;
}

/** What an entry is answered with. */
export interface FittingAnswer {
  readonly seen: SeenId;
  readonly carried: readonly CarriedBy[];
  /** What no seam has room for: a piece is let in. */
  readonly short: Inches;
  /** What the next draft would do by itself: a rule, a reading, or a figure note on a line. */
  readonly next: NextTime;
}

/** Where it is set right for the next time. */
export type NextTime =
  | {
      readonly kind: "note";
      readonly line: string;
      readonly pieces: readonly ("front" | "back")[];
      readonly each: Inches;
      readonly side: FittingSide;
    }
  /** What sets it right moves both sides alike: of one of them nothing can stand. */
  | { readonly kind: "one-side" }
  | { readonly kind: "rule"; readonly rule: string }
  | { readonly kind: "reading"; readonly reading: string };

/** What must stay in a seam that is let out. */
export const KEPT_IN_SEAM: Inches = 3 / 8;
/** In, an edge moves no further before the next seam is taken. */
export const MOST_IN: Inches = 1;

/** What of a sheet its seams' room is read from. */
export interface FittedSheet {
  readonly pieces: readonly {
    readonly id: string;
    readonly cloth: string;
    readonly half: "front" | "back" | null;
    readonly part?: string | undefined;
    readonly cut: { readonly on: string };
    readonly edges: readonly { readonly role: string; readonly onFold: boolean; readonly allowance: Inches }[];
  }[];
}

const CARRIERS: Readonly<Record<CarrierId, { readonly role: string; readonly seams: number }>> = {
  sides: { role: "side", seams: 2 },
  panels: { role: "panel", seams: 2 },
  "centre-back": { role: "centre", seams: 1 },
  shoulders: { role: "shoulder", seams: 2 },
  "sleeve-seam": { role: "side", seams: 2 },
  hem: { role: "hem", seams: 1 },
};

/** What lies in each seam of a garment as it was cut; none where it has no such seam. */
export type SeamRoom = Readonly<Partial<Record<CarrierId, Inches>>>;

/** The room in every seam that can carry an alteration: the least of its edges. */
export function roomInSeams({ pieces }: FittedSheet): SeamRoom {
  const least = (carrier: CarrierId): Inches | null => {
    const allowances = pieces
      .filter(({ cloth, part = "body", half, id }) => {
        if (cloth !== "main" || id.startsWith("facing-")) return false;
        if (carrier === "sleeve-seam") return part === "sleeve" && id === "sleeve";
        return half !== null && (part === "body" || part === "skirt") && (carrier !== "centre-back" || half === "back");
      })
      .flatMap(({ edges }) => edges.filter(({ role, onFold }) => role === CARRIERS[carrier].role && !onFold))
      .map(({ allowance }) => allowance);
    return allowances.length === 0 ? null : Math.min(...allowances);
  };
  return Object.fromEntries(
    carrierIds.flatMap((id) => {
      const room = least(id);
      return room === null ? [] : [[id, room]];
    }),
  );
}

/** What a seam is asked for first, and what after it. */
const ROUND: readonly CarrierId[] = ["sides", "panels", "centre-back"];

const carriersOf: Readonly<Record<SeenId, readonly CarrierId[]>> = {
  "tight-bust": ROUND,
  "tight-ribs": ROUND,
  "tight-waist": ROUND,
  "tight-hip": ROUND,
  "loose-bust": ROUND,
  "loose-ribs": ROUND,
  "loose-waist": ROUND,
  "loose-hip": ROUND,
  "back-stands-off": ["centre-back"],
  "shoulder-wide": [],
  "shoulder-narrow": [],
  "slope-folds": ["shoulders"],
  "neck-gapes": ["shoulders"],
  "front-rides-up": [],
  "armhole-gapes": ["panels"],
  "armhole-cuts": [],
  "point-high": [],
  "point-low": [],
  "sleeve-strains": ["sleeve-seam"],
  "sleeve-folds": [],
  "hem-dips": ["hem"],
  "collar-off": ["shoulders"],
  "collar-tight": ["shoulders"],
};

/** Which of them let out; every other one is taken in. */
const LETS_OUT: ReadonlySet<SeenId> = new Set([
  "tight-bust",
  "tight-ribs",
  "tight-waist",
  "tight-hip",
  "sleeve-strains",
  "collar-tight",
]);

const LINES: Readonly<Record<string, string>> = { bust: "bust", ribs: "underbust", waist: "waist", hip: "hip" };

function nextOf({ seen, amount, side }: SeenAtFitting): NextTime {
  const [kind, place = ""] = seen.split("-");
  const line = LINES[place];
  // Of the whole body it is shared by four quarters; of one side by the two that are there.
  const quarters = side === "both" ? 4 : 2;
  if ((kind === "tight" || kind === "loose") && line !== undefined)
    return {
      kind: "note",
      line,
      pieces: ["front", "back"],
      each: (kind === "tight" ? 1 : -1) * (amount / quarters),
      side,
    };
  if (side !== "both") return { kind: "one-side" };
  const next: Readonly<Partial<Record<SeenId, NextTime>>> = {
    "back-stands-off": { kind: "rule", rule: "zipHollow" },
    "shoulder-wide": { kind: "reading", reading: "shoulder" },
    "shoulder-narrow": { kind: "reading", reading: "shoulder" },
    "slope-folds": { kind: "rule", rule: "shoulderSlope" },
    "neck-gapes": { kind: "rule", rule: "armholeTakeOut" },
    "front-rides-up": { kind: "reading", reading: "frontWaist" },
    "armhole-gapes": { kind: "rule", rule: "armholeTakeOut" },
    "armhole-cuts": { kind: "rule", rule: "armholeRoom" },
    "point-high": { kind: "reading", reading: "shoulderToBust" },
    "point-low": { kind: "reading", reading: "shoulderToBust" },
    "sleeve-strains": { kind: "rule", rule: "sleeveRoom" },
    "sleeve-folds": { kind: "rule", rule: "capHeight" },
    "collar-off": { kind: "rule", rule: "neckLine" },
    "collar-tight": { kind: "rule", rule: "neckLine" },
  };
  return next[seen] ?? { kind: "note", line: "hem", pieces: ["front", "back"], each: amount, side };
}

/** How many edges of a seam carry an amount: of one side alone it is half of them; a hem has it whole at its one edge. */
function edgesOf(carrier: CarrierId, side: FittingSide): number {
  if (carrier === "hem") return 1;
  const { seams } = CARRIERS[carrier];
  return 2 * (side === "both" || seams === 1 ? seams : 1);
}

/** How far each edge of one seam moves for what is still wanted, and what is left in it; null where it gives nothing. */
function carry(seam: CarrierId, had: Inches, wanted: Inches, { seen, side }: SeenAtFitting): CarriedBy | null {
  const out = LETS_OUT.has(seen);
  const edges = edgesOf(seam, side);
  const most = out ? Math.max(0, had - KEPT_IN_SEAM) : MOST_IN;
  const each = Math.min(most, wanted / edges);
  if (each <= 1e-9) return null;
  return { seam, edges, each: out ? each : -each, had, left: out ? had - each : had + each };
}

/** What one entry asks of the seams, one after the other; the room is less by it afterwards. */
function answerOne(left: Partial<Record<CarrierId, Inches>>, entry: SeenAtFitting): FittingAnswer {
  const carried: CarriedBy[] = [];
  let rest = entry.amount;
  for (const seam of carriersOf[entry.seen]) {
    const had = left[seam];
    const one = had === undefined || rest <= 1e-9 ? null : carry(seam, had, rest, entry);
    if (one === null) continue;
    left[seam] = one.left;
    rest -= Math.abs(one.each) * one.edges;
    carried.push(one);
  }
  const short = carriersOf[entry.seen].length === 0 || rest < 1e-9 ? 0 : rest;
  return { seen: entry.seen, carried, short, next: nextOf(entry) };
}

/**
 * What is done now about what was seen, seam after seam: out only while ⅜ stays in it, in by no more than 1 an edge, then
 * the next seam; and what is left in each after. Entries are answered one after the other, so that a second fitting counts
 * from the first (craft: making, fittings).
 *
 * @param room what lies in each seam as it was cut
 * @returns an answer for each entry, and the room that is left after all of them
 */
export function answerFitting(
  room: SeamRoom,
  entries: readonly SeenAtFitting[],
): { readonly answers: readonly FittingAnswer[]; readonly left: SeamRoom } {
  const left: Partial<Record<CarrierId, Inches>> = { ...room };
  return { answers: entries.map((entry) => answerOne(left, entry)), left };
}
