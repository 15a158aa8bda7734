import { type Lights, noLights } from "@/core/formats";

/** What of a piece is seen, and how: on the table only what is chalked so far. */
export interface ChalkLook {
  /** What is on the cloth; null for all of it. */
  readonly shown: Lights | null;
  readonly lit: Lights;
  /** Cutting lines that must not be cut now, crossed out: `piece/edge`. */
  readonly crossed: ReadonlySet<string>;
  /** Under the shears the net lines and what was ruled from are out of the way. */
  readonly shears: boolean;
}

/** Everything on the cloth, nothing of it in hand. */
export const WHOLE: ChalkLook = { shown: null, lit: noLights, crossed: new Set(), shears: false };

export const CHALK = "var(--color-chalk)";
export const LANTERN = "var(--color-lantern)";

type Kind = keyof Lights;

export const isLit = ({ lit }: ChalkLook, kind: Kind, name: string): boolean => lit[kind].has(name);
export const isShown = (look: ChalkLook, kind: Kind, name: string): boolean =>
  look.shown === null || look.shown[kind].has(name) || isLit(look, kind, name);
