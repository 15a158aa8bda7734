import { type Given, givenStep, readList, type Term } from "../../chalk";
import { both, type Inches, pickSystem } from "../../length";
import { type DecidedAll, decideAll } from "../offers";
import { sleeveChoices } from "./sleeve-choices";
import { type KindOf, kindTable, type SleeveKind } from "./sleeve-kinds";

/** Strips of the half block that puff and cone are cut into. */
export const STRIPS = 5;

/** How far a strip is opened at the top and at the hem. */
export interface Opened {
  readonly top: Inches;
  readonly hem: Inches;
}

/** Every choice of a sleeve decided, and what follows from them. */
export type SleeveForm = Omit<DecidedAll<typeof sleeveChoices>, "sleeve" | "sleeveCuff" | "placketStrip"> & {
  readonly kind: SleeveKind;
  readonly of: KindOf;
  readonly cuff: "none" | "buttoned" | "turn-back";
  readonly placketStrip: Inches;
  /** Each strip of the half block from the fold out; null where nothing is spread. */
  readonly spreads: readonly Opened[] | null;
  readonly blouse: Inches;
};

/** A full sleeve falls so far over its elastic. */
const FULL_BLOUSE = both(3, 8);
const STRIP_MORE = both(0.5, 1);

function pairsOf(text: string): readonly Opened[] {
  const lengths = readList(text);
  return Array.from({ length: STRIPS }, (_, index) => ({
    top: lengths[2 * index] ?? 0,
    hem: lengths[2 * index + 1] ?? 0,
  }));
}

function cuffOf(kind: SleeveKind, cuff: DecidedAll<typeof sleeveChoices>["sleeveCuff"]): SleeveForm["cuff"] {
  if (!["short", "elbow", "three-quarter", "long", "shirt"].includes(kind)) return "none";
  return cuff === "by-kind" ? (kind === "shirt" ? "buttoned" : "none") : cuff;
}

/** Reads a sleeve's choices. */
export function readSleeveForm(given: Given, kind: SleeveKind): SleeveForm {
  const {
    sleeve: _,
    sleeveCuff,
    placketStrip,
    ...values
  } = decideAll(sleeveChoices, {}, { ...given, step: givenStep(given) });
  const spreads =
    kind === "puff"
      ? pairsOf(values.puffSpreads)
      : kind === "cone"
        ? Array.from({ length: STRIPS }, () => ({ top: 0, hem: values.coneSpread }))
        : null;
  const own = kind === "gathered" ? pickSystem(FULL_BLOUSE, given.metric) : 0;
  return {
    ...values,
    kind,
    of: kindTable[kind],
    cuff: cuffOf(kind, sleeveCuff),
    placketStrip:
      placketStrip === "by-width" ? 2 * values.placketWidth + pickSystem(STRIP_MORE, given.metric) : placketStrip,
    spreads,
    // What is asked of other kinds does not reach this one.
    capFrontScoop: kind === "jacket" ? values.capFrontScoop : 0,
    capGathered: kind === "gathered" && values.capGathered,
    puffLift: kind === "puff" ? values.puffLift : 0,
    blouse: values.sleeveBlouse === "by-kind" ? own : values.sleeveBlouse,
  };
}

/** What a choice of the sleeve adds to a reading. */
export function chosenTerm(code: Term["code"], choice: keyof typeof sleeveChoices, value: Inches): Term {
  return { code, kind: "style", value, source: `choice:${choice}` };
}
