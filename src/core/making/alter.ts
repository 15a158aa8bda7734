import type { Inches } from "../length";
import { KEPT_IN_SEAM } from "./fitting";

/** Where a finished garment is altered (craft: making, alterations of a finished garment). */
export const alterPlaces = [
  "bust",
  "waist",
  "hip",
  "taper",
  "hem",
  "sleeve-length",
  "sleeve-width",
  "shoulder",
  "neck",
  "zip",
  "lining",
  "mend",
] as const;
export type AlterPlace = (typeof alterPlaces)[number];

/** Places that are told in words: nothing of them is measured. */
const IN_WORDS: ReadonlySet<AlterPlace> = new Set(["shoulder", "neck", "zip", "lining", "mend"]);

export function isToldInWords(place: AlterPlace): boolean {
  return IN_WORDS.has(place);
}

/** In, each edge goes no further before the next seam is used as well. */
const MOST_EACH: Inches = 1;
/** Of a hem that is let down so much is kept to turn. */
const KEPT_IN_HEM: Inches = 0.5;

/** Seams that carry a girth, one after the other, and the edges that each adds. */
const GIRTH_SEAMS = [
  ["sides", 4],
  ["darts", 4],
  ["centre-back", 2],
  ["panels", 4],
] as const;
export type AlterSeam = (typeof GIRTH_SEAMS)[number][0] | "hem" | "underarm" | "facing" | "none";

/** What is measured flat on the garment: as found and as wished, whole, and what lies in the seam. */
export interface Alteration {
  readonly place: AlterPlace;
  readonly now: Inches;
  readonly wanted: Inches;
  /** What was found in the seam or the hem; null while nobody looked. */
  readonly found: Inches | null;
}

/** How an alteration is carried: by which seams, how far each edge moves, and whether there is enough in them. */
export interface AlterAnswer {
  readonly seams: readonly AlterSeam[];
  readonly edges: number;
  /** Each edge moves out by this; in, where it is negative. */
  readonly each: Inches;
  /** What must lie in every seam for it; 0 where nothing is let out. */
  readonly needs: Inches;
  /** Null while nobody looked into the seam. */
  readonly enough: boolean | null;
}

function enoughFor(needs: Inches, found: Inches | null): boolean | null {
  if (needs <= 0) return true;
  return found === null ? null : found >= needs - 1e-9;
}

/** A girth is carried by the sides; taken in by more than an inch an edge, by the next seams as well. */
function byGirth({ now, wanted, found }: Alteration): AlterAnswer {
  const by = wanted - now;
  const used: AlterSeam[] = [];
  let edges = 0;
  for (const [seam, more] of GIRTH_SEAMS) {
    if (edges > 0 && (by >= 0 || Math.abs(by) / edges <= MOST_EACH + 1e-9)) break;
    used.push(seam);
    edges += more;
  }
  const each = by / edges;
  const needs = each > 0 ? each + KEPT_IN_SEAM : 0;
  return { seams: used, edges, each, needs, enough: enoughFor(needs, found) };
}

/** A length is cut off, its old allowance kept; let down, as far as half an inch stays to turn, then by a facing. */
function byHem({ now, wanted, found }: Alteration): AlterAnswer {
  const each = wanted - now;
  const needs = each > 0 ? each + KEPT_IN_HEM : 0;
  const enough = enoughFor(needs, found);
  return { seams: enough === false ? ["hem", "facing"] : ["hem"], edges: 1, each, needs, enough };
}

/** Says how a finished garment is altered at one place, and whether there is enough in its seams. */
export function answerAlteration(alteration: Alteration): AlterAnswer {
  const { place, now, wanted, found } = alteration;
  switch (place) {
    case "bust":
    case "waist":
    case "hip":
    case "taper":
      return byGirth(alteration);
    case "hem":
    case "sleeve-length":
      return byHem(alteration);
    case "sleeve-width": {
      const each = (wanted - now) / 2;
      const needs = each > 0 ? each + KEPT_IN_SEAM : 0;
      return { seams: ["underarm"], edges: 2, each, needs, enough: enoughFor(needs, found) };
    }
    default:
      return { seams: ["none"], edges: 0, each: 0, needs: 0, enough: true };
  }
}
