import type { StoredMoney } from "@/db";
import type { FieldError } from "./result";

/** Nothing agreed, nothing paid. */
export const NO_MONEY: StoredMoney = { price: "", deposit: "", paid: [], note: "" };

/** Two decimals at most, a comma or a point, no sign and no words. */
const AMOUNT = /^\d{1,7}([.,]\d{1,2})?$/;

/** An amount as it was typed in hundredths; null where it is none. */
export function readAmount(typed: string): number | null {
  const text = typed.trim().replace(/\s/g, "");
  if (!AMOUNT.test(text)) return null;
  const [whole = "0", part = ""] = text.split(/[.,]/);
  return Number(whole) * 100 + Number(part.padEnd(2, "0"));
}

/** Said where money was typed that is none. */
export function notANumber(field: string): FieldError {
  return { field, message: "Write plain numbers, two decimals at most: 165 or 12,50. No words and no sign." };
}

/** What was paid so far, in hundredths. */
function paidOf({ paid }: StoredMoney): number {
  return paid.reduce((sum, { amount }) => sum + (readAmount(amount) ?? 0), 0);
}

/**
 * What is still to be paid, in hundredths; less than nothing where it is to be given back, null where no price was agreed:
 * then nothing is owed either way.
 */
export function balanceOf(money: StoredMoney): number | null {
  const price = readAmount(money.price);
  return price === null ? null : price - paidOf(money);
}

/** Hundredths with the shop's sign: `€ 115`, `€ 12.50`. */
export function sayMoney(hundredths: number, currency: string): string {
  const amount = Math.abs(hundredths) / 100;
  return `${currency === "" ? "" : `${currency} `}${Number.isInteger(amount) ? amount : amount.toFixed(2)}`;
}

/** What is left to be said of a balance: to pay, paid, or to give back; or that no price was agreed. */
export function sayBalance(money: StoredMoney, currency: string): string {
  const rest = balanceOf(money);
  if (rest === null) {
    const paid = paidOf(money);
    return paid === 0 ? "No price agreed yet" : `${sayMoney(paid, currency)} paid, no price agreed yet`;
  }
  if (rest === 0) return "All paid";
  return rest > 0 ? `${sayMoney(rest, currency)} to pay` : `${sayMoney(rest, currency)} to give back`;
}
