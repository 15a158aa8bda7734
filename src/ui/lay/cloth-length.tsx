import { toldLength } from "@/core/cloth";
import type { Unit } from "@/core/length";
import { Reading } from "@/ui/reading/reading";

/** A length of cloth as it is told: to the eighth, or half centimetre. */
export function ClothLength({ value, unit }: { readonly value: number; readonly unit: Unit }) {
  return <Reading value={toldLength(value, unit === "cm")} unit={unit} withUnit />;
}

const quarters = ["", "¼", "½", "¾"] as const;

/** What is asked for in the shop: 2¼ yd, 1.9 m. */
export function sayPurchase(buy: number, buyUnit: "yd" | "m"): string {
  if (buyUnit === "m") return `${buy} m`;
  const whole = Math.floor(buy + 1e-9);
  const quarter = quarters[Math.round((buy - whole) * 4)] ?? "";
  return `${whole === 0 && quarter !== "" ? "" : whole}${quarter} yd`;
}
