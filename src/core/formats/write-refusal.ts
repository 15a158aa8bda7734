import type { Refusal, Remedy } from "../chalk";
import { wordRefusal } from "../wording";
import { findRemedy } from "./find-remedy";
import type { ReadOrder } from "./read-order";

/** A refusal ready to be said. */
export interface RefusedOrder {
  readonly code: string;
  readonly message: string;
  readonly conflicts: readonly string[];
  readonly remedy: string;
  /** The change that the remedy says, as it would be made to the order: lengths in inches; left out where readings are asked for again. */
  readonly change?:
    | { readonly path: string; readonly value: string | number | boolean }
    | { readonly path: "defaults" };
}

function writeChange(remedy: Remedy): Pick<RefusedOrder, "change"> {
  switch (remedy.kind) {
    case "choice":
    case "rule":
      return { change: { path: `${remedy.kind}s.${remedy.id}`, value: remedy.value } };
    case "defaults":
      return { change: { path: "defaults" } };
    case "measure":
      return {};
    default:
      return remedy satisfies never;
  }
}

/** A field that this garment does not have is nobody's to change. */
function isOffered({ garment }: ReadOrder, path: string): boolean {
  if (path.startsWith("choices.")) return garment.choices[path.slice("choices.".length)] !== undefined;
  return !path.startsWith("rules.") || garment.uses.some((id) => `rules.${id}` === path);
}

/** The first conflict is what the remedy changes, so that the field which cures it is the one that is marked. */
export function writeRefusal(read: ReadOrder, refusal: Refusal): RefusedOrder {
  const remedy = findRemedy(read, refusal);
  const cured = remedy.kind === "choice" || remedy.kind === "rule" ? [`${remedy.kind}s.${remedy.id}`] : [];
  return {
    code: refusal.code,
    ...wordRefusal(refusal, remedy, read.given.unit),
    conflicts: [...new Set([...cured, ...refusal.conflicts.filter((path) => isOffered(read, path))])],
    ...writeChange(remedy),
  };
}
