import type { Figure } from "../../body";
import { type DecidedAll, type DecidedFrom, decideAll, type FixedOf } from "../offers";
import { type BodyChoiceId, bodyChoices, type Offers } from "./body-choices";

/** How the lower edge of a body is made. */
export type HemKind = "beyond-hip" | "pegged" | "flared" | "panel-flare" | "basque" | "curved" | "join";

/** What a garment fixes for its body; everything else is a choice. */
export interface BodyStyle {
  /** Where it stops: at the hem by the full length, a length below the hip, or at the waist (or ribs, by choice). */
  readonly ends: "hem" | "hip" | "waist";
  readonly hem: HemKind;
  /** What is gathered to its lower edge: a ruffle, or a band by its choice. */
  readonly lower?: "ruffle" | "band";
  readonly offers: Offers;
  /** Values of choices that this garment does not offer, where they are not the usual. */
  readonly fixed?: FixedOf<BodyChoiceId>;
}

type Choices = DecidedAll<typeof bodyChoices>;

/** Every choice of a body decided, and what follows from them. */
export type BodyForm = Choices & {
  readonly style: BodyStyle;
  readonly end: "hem" | "hip" | "waist" | "ribs";
  /** The bust dart that is really drawn: none where the house keeps front and back equally long. */
  readonly dart: Choices["bustDart"];
  /** Whether anything points at the bust point, so that its line is chalked. */
  readonly usesBust: boolean;
  readonly usesUnderbust: boolean;
  /** A bustier closes round the ribs; in every other body the side runs on from bust to waist past them. */
  readonly fitsRibs: boolean;
  /** How far a curved hem rises at the side that is shaped once the sides are sewn; 0 where it is cut so. */
  readonly hemShapedLater: number;
  /** Whether something is sewn to its lower edge, which then has a seam there and no hem. */
  readonly sewnBelow: boolean;
};

/** The rule of what lies below the stitching of the lower edge. */
export function lowerRule({ sewnBelow }: Pick<BodyForm, "sewnBelow">): "allowance.waistJoin" | "allowance.hem" {
  return sewnBelow ? "allowance.waistJoin" : "allowance.hem";
}

/** What a form is read from: choices, the shop's system and tape, how the house balances front and back, and whose body it is. */
export type FormGiven = DecidedFrom & { readonly balance: unknown; readonly figure: Figure };

/** Reads a body's choices: what was decided, else what the garment fixes, else the usual; lengths as the tape shows them. */
export function readForm(given: FormGiven, style: BodyStyle): BodyForm {
  const values = decideAll(bodyChoices, style.fixed ?? {}, given);
  const end = style.ends === "waist" ? values.ends : style.ends;
  const hasPanel = values.panel !== "none" || values.backPanel !== "none";
  const dart = given.balance === "bust-dart" ? values.bustDart : "none";
  const waistDarts = values.frontWaistDart || values.backWaistDart;
  return {
    ...values,
    // Shaped on the sewn sides it is cut straight first.
    sideRise: given.choices.hemShape === "after-sides" ? 0 : values.sideRise,
    hemShapedLater: given.choices.hemShape === "after-sides" ? values.sideRise : 0,
    style,
    end,
    dart,
    // Waist darts of a chest without a bust hang from the chest line.
    usesBust: hasPanel || values.bustDart !== "none" || (waistDarts && given.figure.kind === "woman"),
    usesUnderbust: values.panel !== "none" || end === "ribs",
    sewnBelow: style.hem === "join" || style.lower === "ruffle" || (style.lower === "band" && values.bandDepth > 0),
    fitsRibs: style.hem === "join" && (values.panel !== "none" || end === "ribs"),
  };
}
