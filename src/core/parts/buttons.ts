import type { PieceChalk, Term } from "../chalk";
import { both, type Inches, pickSystem } from "../length";

/** Pitch from buttonhole to buttonhole (craft: front bands). */
const LEAST_PITCH = both(2.5, 6.5);
const USUAL_PITCH = both(3, 7.5);
const MOST_PITCH = both(3.5, 9);
/** From the neck edge down to the first, when the collar stand carries none. */
const BELOW_NECK = both(0.75, 2);
/** No buttonhole within this of the lower edge: it would go through the hem, or a seam. */
const ABOVE_END = { hem: both(3, 7.5), join: both(1, 2.5) };
/** The front of a skirt is buttoned to here; below it one steps (craft: skirts, front band). */
const ABOVE_SKIRT_HEM = both(5, 12.5);

/** Buttonholes down the centre front: where each lies below the top line, and the pitch. */
export interface ButtonPlan {
  readonly downs: readonly Inches[];
  readonly pitch: Inches;
}

/** From one to the next at the usual pitch. */
function evenly(first: Inches, pitch: Inches, last: Inches): ButtonPlan {
  const downs: Inches[] = [];
  for (let down = first; down <= last + 1e-9; down += pitch) downs.push(down);
  return { downs, pitch };
}

/**
 * Buttonholes down the front of a skirt, at the usual pitch from the last one above it: the lowest of the body, or the one
 * in its band.
 *
 * @param above how far above the waist line that one lies; null where there is none
 */
export function planSkirtButtons(above: Inches | null, hemDown: Inches, metric: boolean): ButtonPlan {
  const pitch = pickSystem(USUAL_PITCH, metric);
  const first = Math.max(pickSystem(ABOVE_END.join, metric), pitch - (above ?? 0));
  return evenly(first, pitch, hemDown - pickSystem(ABOVE_SKIRT_HEM, metric));
}

/** With a button on the stand the row begins one pitch below its seam, and falls on the bust line as well. */
function belowStand(
  neckDown: Inches,
  bustDown: Inches,
  last: Inches,
  pick: (length: typeof USUAL_PITCH) => Inches,
): ButtonPlan {
  const span = bustDown - neckDown;
  const spaces = Math.max(1, Math.round(span / pick(USUAL_PITCH)));
  const pitch = span <= pick(LEAST_PITCH) ? pick(USUAL_PITCH) : Math.min(pick(MOST_PITCH), span / spaces);
  return evenly(Math.max(neckDown + pitch, bustDown - (spaces - 1) * pitch), pitch, last);
}

/**
 * Even spaces from the neck with one buttonhole on the bust line, so that the front does not gape there, and none
 * through the hem or a waist seam (craft: front bands and button stands).
 */
export function planButtons(
  neckDown: Inches,
  bustDown: Inches,
  endDown: Inches,
  { metric, end, stand }: { readonly metric: boolean; readonly end: keyof typeof ABOVE_END; readonly stand: boolean },
): ButtonPlan {
  const pick = (length: typeof USUAL_PITCH) => pickSystem(length, metric);
  if (stand) return belowStand(neckDown, bustDown, endDown - pick(ABOVE_END[end]), pick);
  const first = neckDown + pick(BELOW_NECK);
  const last = endDown - pick(ABOVE_END[end]);
  const span = bustDown - first;
  // A neck at or below the bust line starts on it, at the usual pitch.
  const spaces = span <= pick(LEAST_PITCH) / 2 ? 0 : Math.max(1, Math.round(span / pick(USUAL_PITCH)));
  const pitch = spaces === 0 ? pick(USUAL_PITCH) : Math.min(pick(MOST_PITCH), span / spaces);
  const start = spaces === 0 ? Math.max(first, bustDown) : bustDown - spaces * pitch;
  return evenly(start, pitch, last);
}

/** Marks the buttonholes on the centre-front line. */
export function chalkButtons(
  piece: PieceChalk,
  { downs, pitch }: ButtonPlan,
  why: "buttonhole" | "buttonhole-below" | "buttonhole-on-band" = "buttonhole",
): void {
  for (const [index, down] of downs.entries()) {
    const first = downs[0] ?? 0;
    const terms: readonly Term[] = [
      { code: "first-buttonhole", kind: "style", value: first, source: "parts:buttons" },
      ...(index === 0
        ? []
        : [
            {
              code: "pitch-times",
              about: { count: index },
              kind: "style",
              value: down - first,
              source: `parts:buttons:${pitch}`,
            } as const,
          ]),
    ];
    piece.centreMark(`button-${index + 1}`, { terms, why });
  }
}
