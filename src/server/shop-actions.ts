"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import { notionIds } from "@/core/chalk";
import { readRules } from "@/core/formats";
import { ruleSets } from "@/core/rules";
import { changeShop, countOrdersBySet, database, dropRuleSet, findRuleSet, keepRuleSet } from "@/db";
import { readId } from "./ids";
import { notANumber, readAmount } from "./money";
import { readInput } from "./read-input";
import { type ActionResult, NOT_IN_BOOK, refuseWith } from "./result";

const shopInput = v.object({
  unit: v.picklist(["in", "cm"]),
  dayHolds: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(40)),
  currency: v.optional(v.pipe(v.string(), v.trim(), v.maxLength(8))),
  hoursADay: v.optional(v.pipe(v.number(), v.minValue(0.5), v.maxValue(400))),
});

const price = v.pipe(v.string(), v.trim(), v.maxLength(20));
const pricesInput = v.strictObject({ hourly: price, notionPrices: v.record(v.picklist(notionIds), price) });

/** Keeps the shop's own prices: what an hour is reckoned at, and what notions cost; an empty one says none. */
export async function keepPrices(input: unknown): Promise<ActionResult<null>> {
  const parsed = readInput(pricesInput, input);
  if (!parsed.success) return refuseWith({ field: "", message: "These are no prices of the shop." });
  const { hourly, notionPrices } = parsed.output;
  const told = Object.entries(notionPrices).filter(([, typed]) => typed !== "");
  const wrong = [["hourly", hourly] as const, ...told].filter(
    ([, typed]) => typed !== "" && readAmount(typed) === null,
  );
  if (wrong.length > 0) return refuseWith(...wrong.map(([field]) => notANumber(field)));
  await changeShop(await database(), { hourly, notionPrices: Object.fromEntries(told) });
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

/** Keeps what belongs to the whole shop: its tape, how much a day holds, the sign of its money. */
export async function keepShop(input: unknown): Promise<ActionResult<null>> {
  const parsed = readInput(shopInput, input);
  if (!parsed.success)
    return refuseWith({
      field: "",
      message: "A day holds from 1 to 40 fittings and garments, and from half an hour to 400 hours of all hands.",
    });
  const { currency, hoursADay, ...rest } = parsed.output;
  await changeShop(await database(), {
    ...rest,
    ...(currency === undefined ? {} : { currency }),
    ...(hoursADay === undefined ? {} : { hoursADay }),
  });
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}

const setInput = v.object({
  id: v.nullable(v.string()),
  name: v.pipe(
    v.string(),
    v.trim(),
    v.regex(/^\P{Cc}*$/u),
    v.minLength(1, "Give the set a name, like Festival week."),
    v.maxLength(60, "The name is too long: 60 letters at most."),
  ),
  base: v.picklist(Object.keys(ruleSets)),
  overrides: v.record(v.string(), v.union([v.boolean(), v.number(), v.pipe(v.string(), v.maxLength(60))])),
});

/** Keeps a set of the shop's own; every rule in it must be one that can be. */
export async function keepOwnSet(input: unknown): Promise<ActionResult<{ readonly id: string }>> {
  const parsed = readInput(setInput, input);
  if (!parsed.success)
    return refuseWith(...parsed.issues.map(({ path, message }) => ({ field: String(path?.[0]?.key ?? ""), message })));
  const { name, base, overrides } = parsed.output;
  const metric = ruleSets[base as keyof typeof ruleSets].metric;
  const { errors } = readRules({ set: base, ...overrides }, metric ? "cm" : "in");
  if (errors.length > 0)
    return refuseWith(...errors.map(({ path, message }) => ({ field: path.replace(/^rules\./, ""), message })));
  const db = await database();
  const known = await findRuleSet(db, readId(parsed.output.id) ?? "");
  const id = known?.id ?? randomUUID();
  await keepRuleSet(db, { id, name, base, overrides });
  revalidatePath("/", "layout");
  return { ok: true, value: { id } };
}

/** Drops a set of the shop's own that no order is drawn by. */
export async function dropOwnSet(id: unknown): Promise<ActionResult<null>> {
  const db = await database();
  const set = await findRuleSet(db, readId(id) ?? "");
  if (set === undefined) return NOT_IN_BOOK;
  const orders = await countOrdersBySet(db, set.id);
  if (orders > 0) {
    const drawn = orders === 1 ? "1 order is drawn by it" : `${orders} orders are drawn by it`;
    return refuseWith({ field: "", message: `“${set.name}” stays: ${drawn}. Choose another set there first.` });
  }
  await dropRuleSet(db, set.id);
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
