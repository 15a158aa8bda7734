import type { NotionId, NotionUnit } from "../../chalk";
import { formatLengthWithUnit, type Inches, type Unit } from "../../length";

/** A row of what is bought, as it stands in a sheet. */
interface ToBuy {
  readonly id: NotionId;
  readonly amount: Inches;
  readonly unit: NotionUnit;
  readonly terms: readonly { readonly label: string; readonly value: number }[];
}

export const notionNames: Readonly<Record<NotionId, string>> = {
  zip: "Zip",
  buttons: "Buttons",
  hooks: "Hooks",
  studs: "Press studs",
  elastic: "Elastic",
  boning: "Boning",
  thread: "Thread",
};

/** What is bought of one thing, and what it is the sum of: `Buttons: 9 (marked on the front 6, at the cuffs 2, one to spare 1)`. */
export function sayNotion({ id, amount, unit, terms }: ToBuy, shop: Unit): string {
  const say = (value: number) =>
    unit === "piece" ? String(value) : unit === "m" ? `${value} m` : formatLengthWithUnit(value, shop);
  const parts = terms.map(({ label, value }) => {
    const said = label.charAt(0).toLowerCase() + label.slice(1);
    return `${said} ${value < 0 ? "− " : ""}${say(Math.abs(value))}`;
  });
  return `${notionNames[id]}: ${say(amount)}${parts.length < 2 ? "" : ` (${parts.join(", ")})`}`;
}
