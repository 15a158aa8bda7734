import { formatLengthWithUnit, type Inches, type Unit } from "../../length";
import type { CarriedBy, CarrierId, FittingAnswer, FittingSide, Learnt, PieceState, SeenId } from "../../making";
import { nameList } from "./names";

/** Where something is seen at a fitting, and what may be seen there. */
export interface SeenPlace {
  readonly id: string;
  readonly label: string;
  readonly seen: readonly { readonly id: SeenId; readonly label: string }[];
}

/** What may be seen, by its place on the body, from the neck down. */
export const seenPlaces: readonly SeenPlace[] = [
  {
    id: "neck",
    label: "Neck and collar",
    seen: [
      { id: "neck-gapes", label: "Neck gapes" },
      { id: "collar-off", label: "Collar stands off" },
      { id: "collar-tight", label: "Collar too tight" },
    ],
  },
  {
    id: "shoulder",
    label: "Shoulder",
    seen: [
      { id: "shoulder-wide", label: "Too wide" },
      { id: "shoulder-narrow", label: "Too narrow" },
      { id: "slope-folds", label: "Folds from the slope" },
    ],
  },
  {
    id: "armhole",
    label: "Armhole",
    seen: [
      { id: "armhole-gapes", label: "Gapes" },
      { id: "armhole-cuts", label: "Cuts in" },
    ],
  },
  {
    id: "bust",
    label: "Bust",
    seen: [
      { id: "tight-bust", label: "Too tight" },
      { id: "loose-bust", label: "Too loose" },
      { id: "point-high", label: "Point too high" },
      { id: "point-low", label: "Point too low" },
    ],
  },
  {
    id: "ribs",
    label: "Ribs",
    seen: [
      { id: "tight-ribs", label: "Too tight" },
      { id: "loose-ribs", label: "Too loose" },
    ],
  },
  {
    id: "waist",
    label: "Waist and back",
    seen: [
      { id: "tight-waist", label: "Too tight" },
      { id: "loose-waist", label: "Too loose" },
      { id: "back-stands-off", label: "Back stands off" },
      { id: "front-rides-up", label: "Front rides up" },
    ],
  },
  {
    id: "hip",
    label: "Hip",
    seen: [
      { id: "tight-hip", label: "Too tight" },
      { id: "loose-hip", label: "Too loose" },
    ],
  },
  {
    id: "sleeve",
    label: "Sleeve",
    seen: [
      { id: "sleeve-strains", label: "Strains" },
      { id: "sleeve-folds", label: "Folds" },
    ],
  },
  { id: "hem", label: "Hem", seen: [{ id: "hem-dips", label: "Dips" }] },
];

const seenNames: Readonly<Record<SeenId, string>> = {
  "tight-bust": "Too tight at the bust",
  "tight-ribs": "Too tight at the ribs",
  "tight-waist": "Too tight at the waist",
  "tight-hip": "Too tight at the hip",
  "loose-bust": "Too loose at the bust",
  "loose-ribs": "Too loose at the ribs",
  "loose-waist": "Too loose at the waist",
  "loose-hip": "Too loose at the hip",
  "back-stands-off": "The back stands off at the waist",
  "shoulder-wide": "The shoulder is too wide",
  "shoulder-narrow": "The shoulder is too narrow",
  "slope-folds": "Folds from the shoulder's slope",
  "neck-gapes": "The neck gapes",
  "front-rides-up": "The front rides up",
  "armhole-gapes": "The armhole gapes",
  "armhole-cuts": "The armhole cuts in",
  "point-high": "The bust point lies too high",
  "point-low": "The bust point lies too low",
  "sleeve-strains": "The sleeve strains",
  "sleeve-folds": "The sleeve folds",
  "hem-dips": "The hem dips",
  "collar-off": "The collar stands off",
  "collar-tight": "The collar is too tight",
};

export function nameSeen(seen: SeenId): string {
  return seenNames[seen];
}

const carriers: Readonly<Record<CarrierId, string>> = {
  sides: "side seams",
  panels: "panel seams",
  "centre-back": "centre back",
  shoulders: "shoulder seams",
  "sleeve-seam": "sleeve seams",
  hem: "hem",
};

export function nameCarrier(id: CarrierId): string {
  return carriers[id];
}

/** What is done where no seam carries it. */
const byHand: Readonly<Partial<Record<SeenId, string>>> = {
  "shoulder-wide": "Re-cut the tip along the armhole, and ease the sleeve to it",
  "shoulder-narrow": "Let the tip out into the armhole's seam as far as it reaches; for more a piece is let in",
  "front-rides-up": "Sew the bust dart deeper by it",
  "armhole-cuts": "Scoop the armhole, by ½ at most",
  "point-high": "Move the dart's tip, or the panel's curve, down by it",
  "point-low": "Move the dart's tip, or the panel's curve, up by it",
  "sleeve-folds": "Set the sleeve anew, turned by ¼",
};

export function sayFittingSide(side: FittingSide): string {
  return side === "both" ? "both sides" : `the wearer's ${side}`;
}

function sayCarried({ seam, edges, each, left }: CarriedBy, say: (length: Inches) => string): string {
  const way = each > 0 ? "let out" : "take in";
  const where = seam === "hem" ? "level the hem" : `${carriers[seam]}: ${way} each of ${edges} edges`;
  return `${where} by ${say(Math.abs(each))}; ${say(left)} is left ${seam === "hem" ? "in it" : "in each"}`;
}

/** What is done now about something seen: which seam, by how much, what is left in it; and what is missing. */
export function sayNow({ seen, carried, short }: FittingAnswer, unit: Unit): string {
  const say = (length: Inches) => formatLengthWithUnit(length, unit);
  const seams = carried.map((one) => sayCarried(one, say));
  const done = seams.length > 0 ? `${capitalised(seams.join("; then "))}.` : "";
  if (short > 0)
    return `${done}${done === "" ? "" : " "}The seams do not hold ${say(short)} of it: let a piece in, or change the line.`;
  return done === "" ? `${byHand[seen] ?? "There is no such seam here: look at it on the body"}.` : done;
}

const capitalised = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** What it changes the next time, as a question. @param nameOf what a rule or a reading is called */
export function sayNext(
  { next }: FittingAnswer,
  unit: Unit,
  nameOf: (kind: "rule" | "reading", id: string) => string,
): string {
  if (next.kind === "note") {
    const amount = formatLengthWithUnit(Math.abs(next.each), unit);
    const pieces = nameList(next.pieces.map((piece) => (piece === "front" ? "front" : "back")));
    return `Keep it as a note on this figure: ${amount} ${next.each < 0 ? "less" : "more"} on ${pieces}, ${next.line === "underbust" ? "under-bust" : next.line} line${next.side === "both" ? "" : `, ${sayFittingSide(next.side)}`}`;
  }
  if (next.kind === "one-side") return "Look at it again: what sets this right moves both sides alike";
  return next.kind === "rule"
    ? `Look at the house rule “${nameOf("rule", next.rule)}”`
    : `Measure “${nameOf("reading", next.reading)}” again on the next card`;
}

/** What keeps being altered, in one sentence. */
export function sayLearnt({ seen, times, orders, usual }: Learnt, unit: Unit): string {
  const often = times === 1 ? "once" : `${times} times`;
  const on = orders === times ? "" : ` on ${orders === 1 ? "one garment" : `${orders} garments`}`;
  return `${seenNames[seen]}: ${often}${on}, usually ${formatLengthWithUnit(usual, unit)}`;
}

const states: Readonly<Record<PieceState, string>> = {
  planned: "not begun",
  folded: "folded",
  chalked: "chalked",
  checked: "measured",
  cut: "cut",
  sewn: "sewn",
};

export function namePieceState(state: PieceState): string {
  return states[state];
}
