import type { Side, SkirtDartWay } from "../../blocks";
import { type DecidedAll, type DecidedFrom, decideAll, type FixedOf, type OffersOf } from "../offers";
import { type SkirtChoiceId, skirtChoices } from "./skirt-choices";

/** Skirts that lie on the hip, and how each goes on below it; and those that hang from the waist. */
export const fittedKinds = ["pencil", "a-line", "mermaid"] as const;
export const hungKinds = ["ruched", "circle", "peplum", "gathered", "tiered"] as const;
export const skirtKinds = [...fittedKinds, ...hungKinds] as const;
export type SkirtKind = (typeof skirtKinds)[number];

/** What a garment fixes for its skirt; everything else is a choice. */
export interface SkirtStyle {
  readonly kind: SkirtKind;
  readonly offers: OffersOf<SkirtChoiceId>;
  readonly fixed?: FixedOf<SkirtChoiceId>;
  /** Whether it hangs from a body: its waist edge is level, it opens as the body does, and has no finish of its own. */
  readonly underBody?: boolean;
}

/** Every choice of a skirt decided, and what follows from them. */
export type SkirtForm = DecidedAll<typeof skirtChoices> & {
  readonly style: SkirtStyle;
  readonly elastic: boolean;
  readonly darts: SkirtDartWay;
  readonly shaped: boolean;
  /** Where it really opens: elastic needs no opening. */
  readonly opens: "back-zip" | "side-zip" | "none";
  /** Where a slit or a vent is; null where there is none. */
  readonly slitAt: "front" | "back" | "side" | null;
  /** Whether a centre is a seam: for a zip, or for the slit below. */
  readonly seamed: Readonly<Record<Side, boolean>>;
};

/** A vent lies at the centre back; a slit where it was asked. */
function slitOf({ hemSlit, hemSlitAt }: DecidedAll<typeof skirtChoices>): SkirtForm["slitAt"] {
  if (hemSlit === "none") return null;
  if (hemSlit === "vent" || hemSlitAt === "centre-back") return "back";
  return hemSlitAt === "centre-front" ? "front" : "side";
}

/** Reads a skirt's choices; under elastic there are neither darts nor an opening, and the waist edge is level. */
export function readSkirtForm(given: DecidedFrom, style: SkirtStyle): SkirtForm {
  const values = decideAll(skirtChoices, style.fixed ?? {}, given);
  const [under, ruched] = [style.underBody === true, style.kind === "ruched"];
  const elastic = !under && values.waistFinish === "elastic";
  // A body may open in ways that no skirt does by itself.
  const opening: string = values.opening;
  const opens = opening === "back-zip" || opening === "side-zip" ? opening : "none";
  const slitAt = slitOf(values);
  return {
    ...values,
    style,
    elastic,
    darts: elastic || ruched ? "none" : values.skirtDarts,
    shaped: !elastic && !under && !ruched && values.waistShape === "shaped",
    opens: elastic ? "none" : opens,
    slitAt,
    seamed: { front: slitAt === "front", back: slitAt === "back" || (!elastic && opens === "back-zip") },
  };
}
