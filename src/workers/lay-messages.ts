import type { ClothId } from "../core/chalk";
import type { LayFault, LayPin, LayPlan, LayRefusal, LayWay, LeftOver, Purchase, RuleOfThumb } from "../core/cloth";
import type { Order, WhatIf } from "../core/formats";

/** What the page asks of a lay worker. A new `lay` or `answer` takes the place of what was being done. */
export type LayRequest =
  | {
      readonly kind: "lay";
      /** Comes back with every report, so that the answer to an earlier question is known as one. */
      readonly ticket: number;
      readonly order: Order;
      readonly cloth: ClothId;
      readonly pins: readonly LayPin[];
      /** How it lay before a piece was pinned, or when it was kept: the others stay where they can. */
      readonly before: readonly LayPin[];
    }
  | { readonly kind: "answer"; readonly ticket: number; readonly order: Order; readonly cloth: ClothId }
  | { readonly kind: "pause" }
  | { readonly kind: "go-on" }
  | { readonly kind: "stop" };

/** A lay as the page shows it: proved, measured, and how long was looked for it. */
export interface ShownLay {
  readonly plan: LayPlan;
  readonly faults: readonly LayFault[];
  readonly left: readonly LeftOver[];
  readonly purchase: Purchase;
  /** Length of the cloth at hand after its first wash; null when it is still to be bought. */
  readonly given: number | null;
  readonly fits: boolean;
  /** Stands for the outlines that were laid. */
  readonly of: string;
}

export interface WayLine {
  readonly way: LayWay;
  readonly used: number | null;
  readonly refused: LayRefusal | null;
}

export interface WidthLine {
  readonly width: number;
  readonly way: LayWay | null;
  readonly purchase: Purchase | null;
  /** The same by the other yardstick: metres for yards, yards for metres. */
  readonly otherwise: Purchase | null;
  readonly refused: LayRefusal | null;
}

/** What a worker posts: a report, and the question that it belongs to. */
export interface LayPost {
  readonly ticket: number;
  readonly report: LayReport;
}

export type LayReport =
  | { readonly kind: "plan"; readonly shown: ShownLay }
  | { readonly kind: "refused"; readonly refused: LayRefusal }
  | { readonly kind: "undrawable"; readonly message: string }
  | { readonly kind: "progress"; readonly seconds: number; readonly looking: boolean }
  | {
      readonly kind: "ways";
      readonly ways: readonly WayLine[];
      readonly chosen: LayWay | null;
      readonly why: "only-way" | "saves" | "simplest" | null;
      readonly saves: number;
      readonly thumb: RuleOfThumb | null;
    }
  | { readonly kind: "widths"; readonly widths: readonly WidthLine[] }
  | { readonly kind: "what-if"; readonly found: WhatIf }
  | { readonly kind: "answered" };
