import type { SkirtDartWay } from "../../blocks";
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
  /** Whether the centre back is a seam: for its zip, or for the slit below. */
  readonly seamed: boolean;
};

/** Reads a skirt's choices; under elastic there are neither darts nor an opening, and the waist edge is level. */
export function readSkirtForm(given: DecidedFrom, style: SkirtStyle): SkirtForm {
  const values = decideAll(skirtChoices, style.fixed ?? {}, given);
  const [under, ruched] = [style.underBody === true, style.kind === "ruched"];
  const elastic = !under && values.waistFinish === "elastic";
  // A body may open in ways that no skirt does by itself.
  const opening: string = values.opening;
  const opens = opening === "back-zip" || opening === "side-zip" ? opening : "none";
  return {
    ...values,
    style,
    elastic,
    darts: elastic || ruched ? "none" : values.skirtDarts,
    shaped: !elastic && !under && !ruched && values.waistShape === "shaped",
    opens: elastic ? "none" : opens,
    seamed: values.hemSlit !== "none" || (!elastic && opens === "back-zip"),
  };
}
