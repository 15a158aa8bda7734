import { CHILD_AGES } from "../body";

type AgeRead = { readonly ok: true; readonly value: number | null } | { readonly ok: false; readonly why: string };

/**
 * A child's age in years as a person writes it: `7`, `7.5`, `7,5`, `7½`; null where nothing is written, the reason where it is
 * none.
 */
export function readAge(typed: string | number): AgeRead {
  const text = String(typed).trim().replace(",", ".").replace("½", ".5");
  if (text === "") return { ok: true, value: null };
  const years = Number(text);
  const [least, most] = CHILD_AGES;
  const said = String(typed).slice(0, 20);
  if (!Number.isFinite(years))
    return { ok: false, why: `The age is a number of years, like 7 or 7,5; it is “${said}”.` };
  if (years < least || years > most)
    return {
      ok: false,
      why: `A child's card is of ${least} to ${most} years; it says ${said}. Older, it is a woman's or a man's card.`,
    };
  return { ok: true, value: years };
}
