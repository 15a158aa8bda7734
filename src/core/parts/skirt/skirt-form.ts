import type { Side, SkirtDartWay } from "../../blocks";
import { type OpenEdge, refuse } from "../../chalk";
import { type DecidedAll, type DecidedFrom, decideAll, type FixedOf, type OffersOf } from "../offers";
import { type SkirtChoiceId, skirtChoices } from "./skirt-choices";
import { frontBelow, ownFront, type SkirtFront } from "./skirt-front";

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
  readonly opens: "back-zip" | "side-zip" | "front-band" | "none";
  /** How its front ends where it opens there; null where it does not. */
  readonly front: SkirtFront | null;
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

/** A body may open in ways that no skirt does by itself: whatever opens its front down to the waist opens the skirt's. */
function opensOf(opening: string, above: OpenEdge | null): SkirtForm["opens"] {
  if (above?.front !== undefined) return "front-band";
  const own = above === null && opening === "front-band";
  return own || opening === "back-zip" || opening === "side-zip" ? opening : "none";
}

/** A front that is buttoned is left open below its last button: a slit there would be cut into nothing. */
function checkSlitInFront(front: SkirtFront | null, slitAt: SkirtForm["slitAt"]): void {
  if (front === null || slitAt !== "front") return;
  const conflicts = ["choices.hemSlitAt", "choices.opening"] as const;
  refuse({ code: "slit-in-open-front", conflicts, numbers: {}, nearest: "side" });
}

/** Reads a skirt's choices; under elastic there are neither darts nor an opening, and the waist edge is level. */
export function readSkirtForm(given: DecidedFrom, style: SkirtStyle, above: OpenEdge | null): SkirtForm {
  const values = decideAll(skirtChoices, style.fixed ?? {}, given);
  const [under, ruched] = [style.underBody === true, style.kind === "ruched"];
  const elastic = !under && values.waistFinish === "elastic";
  const opens = elastic ? "none" : opensOf(values.opening, above);
  const own = above === null ? ownFront(given, values.waistFinish === "band" ? values.waistbandDepth : 0) : null;
  const front = opens !== "front-band" ? null : above === null ? own : frontBelow(above, given);
  const slitAt = slitOf(values);
  checkSlitInFront(front, slitAt);
  return {
    ...values,
    style,
    elastic,
    darts: elastic || ruched ? "none" : values.skirtDarts,
    shaped: !elastic && !under && !ruched && values.waistShape === "shaped",
    opens,
    front,
    slitAt,
    seamed: {
      front: front !== null || (slitAt === "front" && values.slitFinish === "seam"),
      back: slitAt === "back" || opens === "back-zip",
    },
  };
}
