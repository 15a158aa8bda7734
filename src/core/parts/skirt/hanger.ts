import {
  bodyTerm,
  bodyValue,
  type EdgeReference,
  easeTerm,
  figureNoteTerms,
  type Given,
  type OpenEdge,
  onTape,
  ruleLength,
  settleOnTape,
} from "../../chalk";
import { both, type Inches, pickSystem } from "../../length";
import type { StripOpening } from "../strip-round";
import type { SkirtForm } from "./skirt-form";

/** What a skirt that hangs from the waist is sewn to: a band of its own, its elastic, or the body above. */
export interface Hanger {
  /** A half of each, from centre to side. */
  readonly length: OpenEdge["length"];
  readonly round: Inches;
  /** Every edge round the body's waist; null for a band that is still to be chalked, or elastic. */
  readonly rows: readonly EdgeReference[] | null;
  readonly opening: StripOpening | null;
  /** How much longer it was measured round than it is drawn. */
  readonly off: Inches;
}

/** Elastic lets the skirt be pulled on when it is this much wider than the hip. */
export const ROOM_TO_PULL_ON = both(1, 2.5);
/** A zip in a side seam wants at least this much on both sides. */
const LEAST_AT_SIDE_ZIP = both(1, 2.5);

function openingOf(given: Given, { opens, front }: SkirtForm): Hanger["opening"] {
  if (opens === "none") return null;
  if (front !== null) return { at: "front", allowance: front.foldIn.value };
  if (opens === "back-zip") return { at: "back", allowance: ruleLength(given, "allowance.zip") };
  const least = pickSystem(LEAST_AT_SIDE_ZIP, given.metric);
  return { at: "side", allowance: onTape(given, Math.max(ruleLength(given, "allowance.side"), least)) };
}

/** What a hanging skirt is sewn to, by the card or as the body above was really drawn. */
export function planHanger(given: Given, form: SkirtForm, above: OpenEdge | null): Hanger {
  const half = (piece: string) =>
    settleOnTape(given, [
      bodyTerm(given, "waist", 4),
      easeTerm(given, "waist"),
      ...figureNoteTerms(given, piece, "waist"),
    ]).value;
  const beyond = form.front?.overlap.value ?? 0;
  const length = above?.length ?? { front: half("skirt-front") + beyond, back: half("skirt-back") };
  const { front = [], back = [] } = above?.rows ?? {};
  return {
    length,
    round: 2 * (length.front + length.back),
    rows: above === null ? null : [...front, ...front, ...back, ...back],
    opening: openingOf(given, form),
    off: above === null ? 0 : 2 * (above.off.front + above.off.back),
  };
}

/** What a skirt must be round at least to be pulled on over the hip, where elastic closes it. */
export function roundToPullOn(given: Given): Inches {
  return bodyValue(given, "hip") + pickSystem(ROOM_TO_PULL_ON, given.metric);
}
