import type { Term } from "./term";

/** What is bought beside the cloth (craft: making, notions). */
export const notionIds = ["zip", "buttons", "hooks", "studs", "elastic", "boning", "thread"] as const;
export type NotionId = (typeof notionIds)[number];

export const notionUnits = ["in", "piece", "m"] as const;
export type NotionUnit = (typeof notionUnits)[number];

/** How a notion is sold, so that one price says it: each, by the yard or metre, or by 100 m. */
export type SoldBy = "each" | "length" | "hundred-metres";
export const notionSoldBy: Readonly<Record<NotionId, SoldBy>> = {
  zip: "each",
  buttons: "each",
  hooks: "each",
  studs: "each",
  elastic: "length",
  boning: "length",
  thread: "hundred-metres",
};

/** Something to buy or lay out, with the sum that it comes from. */
export interface Notion {
  readonly id: NotionId;
  /** Lengths in inches, pieces, or metres of what is sold so everywhere. */
  readonly unit: NotionUnit;
  readonly terms: readonly Term[];
}

/** Whether a mark is where a button lies. */
export function isButton({ id }: { readonly id: string }): boolean {
  return id.startsWith("centre/button-");
}
