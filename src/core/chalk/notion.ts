import type { Term } from "./term";

/** What is bought beside the cloth (craft: making, notions). */
export const notionIds = ["buttons", "elastic", "boning"] as const;
export type NotionId = (typeof notionIds)[number];

/** Something to buy or lay out, with the sum that it comes from. */
export interface Notion {
  readonly id: NotionId;
  /** Lengths in inches, or pieces. */
  readonly unit: "in" | "piece";
  readonly terms: readonly Term[];
}

/** Whether a mark is where a button lies. */
export function isButton({ id }: { readonly id: string }): boolean {
  return id.startsWith("centre/button-");
}
