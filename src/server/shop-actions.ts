"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import { readRules } from "@/core/formats";
import { ruleSets } from "@/core/rules";
import { changeShop, countOrdersBySet, database, dropRuleSet, findRuleSet, keepRuleSet } from "@/db";
import { readId } from "./ids";
import { readInput } from "./read-input";
import { type ActionResult, NOT_IN_BOOK, refuseWith } from "./result";

const shopInput = v.object({
  unit: v.picklist(["in", "cm"]),
  dayHolds: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(40)),
  currency: v.optional(v.pipe(v.string(), v.trim(), v.maxLength(8))),
});

/** Keeps what belongs to the whole shop: its tape, how much a day holds, the sign of its money. */
export async function keepShop(input: unknown): Promise<ActionResult<null>> {
  const parsed = readInput(shopInput, input);
  if (!parsed.success) return refuseWith({ field: "", message: "A day holds from 1 to 40 fittings and garments." });
  const { currency, ...rest } = parsed.output;
  await changeShop(await database(), currency === undefined ? rest : { ...rest, currency });
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
