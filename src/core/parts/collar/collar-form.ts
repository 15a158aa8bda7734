import { type Given, givenStep, type Term } from "../../chalk";
import type { Inches } from "../../length";
import { type DecidedAll, decideAll } from "../offers";
import { type CollarChoiceId, collarChoices } from "./collar-choices";
import type { CollarKind } from "./collar-kinds";

/** Every choice of a collar decided. */
export type CollarForm = Omit<DecidedAll<typeof collarChoices>, "collar"> & { readonly kind: CollarKind };

/** Reads a collar's choices. */
export function readCollarForm(given: Given, kind: CollarKind): CollarForm {
  const { collar: _, ...values } = decideAll(collarChoices, {}, { ...given, step: givenStep(given) });
  return { ...values, kind };
}

/** What a choice of the collar adds to a reading. */
export function collarTerm(code: Term["code"], choice: CollarChoiceId, value: Inches): Term {
  return { code, kind: "style", value, source: `choice:${choice}` };
}
