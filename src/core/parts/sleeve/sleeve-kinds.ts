import { type BothUnits, both } from "../../length";

/** Every sleeve that an armhole takes (craft: sleeves, kinds). */
export const sleeveKinds = [
  "cap",
  "short",
  "elbow",
  "three-quarter",
  "long",
  "shirt",
  "jacket",
  "gathered",
  "puff",
  "tie-band",
  "flounce",
  "petal",
  "cone",
] as const;
export type SleeveKind = (typeof sleeveKinds)[number];

/** What a kind is drawn by, where neither a choice nor a rule says otherwise. */
export interface KindOf {
  /** `level`: half the armhole lies level on the biceps line, whatever the house says. */
  readonly mode: "slant" | "level";
  /** The cap as a share of its slant, or a height that the arm may lower. */
  readonly cap: { readonly share: number } | { readonly height: BothUnits };
  readonly ease: BothUnits;
  /** How much ease there may be. */
  readonly range: readonly [number, number];
  /** Room round the upper arm. */
  readonly room: BothUnits;
  /** Room where the sleeve ends: above the wrist, and at it. */
  readonly below: BothUnits;
  readonly wrist: BothUnits;
  readonly end: BothUnits | "elbow" | "three-quarter" | "long";
}

const DRESS_CAP = { share: 0.55 };
const DRESS: Omit<KindOf, "end"> = {
  mode: "slant",
  cap: DRESS_CAP,
  ease: both(1, 2.5),
  range: [0.75, 1.25],
  room: both(1.5, 4),
  below: both(1.5, 4),
  wrist: both(2, 5),
};
const EASY = { ease: both(0.25, 0.5), range: [0, 0.5], room: both(3, 7.5) } as const;

export const kindTable: Readonly<Record<SleeveKind, KindOf>> = {
  cap: { ...DRESS, end: both(3.5, 9) },
  short: { ...DRESS, end: both(9, 23) },
  elbow: { ...DRESS, end: "elbow" },
  "three-quarter": { ...DRESS, end: "three-quarter" },
  long: { ...DRESS, end: "long" },
  shirt: { ...DRESS, ...EASY, cap: { share: 0.44 }, end: "long" },
  jacket: {
    ...DRESS,
    mode: "level",
    cap: { height: both(7, 18) },
    range: [0.75, 1.5],
    below: both(1, 2.5),
    wrist: both(1, 2.5),
    end: "long",
  },
  gathered: { ...DRESS, ...EASY, cap: { height: both(3.5, 9) }, end: "long" },
  puff: { ...DRESS, end: both(9, 23) },
  "tie-band": { ...DRESS, end: both(10, 25) },
  flounce: { ...DRESS, end: "long" },
  petal: { ...DRESS, end: both(9, 23) },
  cone: { ...DRESS, end: "long" },
};

/** Kinds whose lower edge is elastic, gathered or tied round the upper arm itself. */
export const ON_THE_ARM: ReadonlySet<SleeveKind> = new Set(["puff", "tie-band", "petal"]);
/** Kinds that are slashed and spread. */
export const SPREAD: ReadonlySet<SleeveKind> = new Set(["puff", "cone"]);
/** Kinds that may end in a cuff. */
export const cuffKinds = ["short", "elbow", "three-quarter", "long", "shirt"] as const satisfies readonly SleeveKind[];
