"use server";

import { randomInt, randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import type { Order } from "@/core/formats";
import { findGarment, nameGarment } from "@/core/garments";
import { parseLength } from "@/core/length";
import {
  isRight,
  madeUpOrder,
  type PracticeScale,
  practiceQuestions,
  rehearsedOrder,
  rulesOf,
  saySlip,
  slipOf,
} from "@/core/practice";
import {
  addRehearsal,
  changeRehearsal,
  database,
  dropRehearsal,
  emptyTries,
  findCutSheet,
  findOrder,
  findRehearsal,
  findShop,
  type StoredAnswer,
} from "@/db";
import { readId } from "./ids";
import { loadOrder } from "./load";
import { rehearsedLengths, rehearsedSheet } from "./practice";
import { readInput } from "./read-input";
import { type ActionResult, refuseWith } from "./result";

const person = v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(60));
const startInput = v.strictObject({
  person,
  /** A garment of the catalogue for a made-up client, or an order. */
  garment: v.optional(v.pipe(v.string(), v.maxLength(80)), ""),
  orderId: v.optional(v.pipe(v.string(), v.maxLength(80)), ""),
  scale: v.picklist(["0.5", "1"]),
  timed: v.boolean(),
});

const GONE = refuseWith({ field: "", message: "This rehearsal is not in the book any more. Start another one." });
const NAMELESS = refuseWith({ field: "person", message: "Write who practises: a name, or initials." });

const now = () => new Date().toISOString();

/** After so many wrong answers the sum is opened. */
const OPENED_AFTER = 2;

interface ToRehearse {
  readonly title: string;
  readonly document: Order;
  readonly orderId: string | null;
}

/** An order as it is cut, or as it was cut, at the size that is rehearsed. */
async function fromOrder(orderId: string, scale: PracticeScale): Promise<ToRehearse | undefined> {
  const db = await database();
  const known = await findOrder(db, orderId);
  // A finished garment that is altered has no sheet.
  if (known === undefined || known.alteration !== null) return undefined;
  const { order, client, document } = await loadOrder(orderId);
  const frozen = await findCutSheet(db, order.id);
  return {
    title: `${nameGarment(order)} for ${client.name}`,
    document: rehearsedOrder(frozen?.sheet.order ?? document, scale),
    orderId: order.id,
  };
}

async function fromCatalogue(id: string, scale: PracticeScale): Promise<ToRehearse | undefined> {
  const garment = findGarment(id);
  const { unit } = await findShop(await database());
  const document = garment && madeUpOrder(garment.id, randomInt(1, 1_000_000), unit, scale);
  return garment === undefined || document === undefined
    ? undefined
    : { title: `${garment.label}, a made-up client`, document, orderId: null };
}

/** Starts a rehearsal: of an order, or of a garment for a client who is made up. */
export async function startRehearsal(input: unknown): Promise<ActionResult<{ readonly id: string }>> {
  const parsed = readInput(startInput, input);
  if (!parsed.success) return NAMELESS;
  const { garment, orderId, scale, timed } = parsed.output;
  const known = readId(orderId);
  const chosen = known === undefined ? await fromCatalogue(garment, scale) : await fromOrder(known, scale);
  if (chosen === undefined || rehearsedSheet(chosen) === undefined)
    return refuseWith({ field: "garment", message: "Choose a garment that can be drawn: look at its order first." });
  const id = randomUUID();
  await addRehearsal(await database(), { ...chosen, id, person: parsed.output.person, timed, startedAt: now() });
  revalidatePath("/practice");
  return { ok: true, value: { id } };
}

/** What an answer was: right, or what went wrong with it; `opened` once the sum is shown. */
export interface Answered {
  readonly answer: StoredAnswer;
  /** What went wrong, in words; null where it is right. */
  readonly said: string | null;
}

/** Judges a number that a learner typed, and keeps it with its cause. */
export async function answerRehearsal(
  rehearsalId: unknown,
  questionId: unknown,
  typed: unknown,
): Promise<ActionResult<Answered>> {
  const db = await database();
  const rehearsal = await findRehearsal(db, readId(rehearsalId) ?? "");
  const sheet = rehearsal && rehearsedSheet(rehearsal);
  const question = sheet && practiceQuestions(sheet).find(({ id }) => id === questionId);
  if (rehearsal === undefined || sheet === undefined || question === undefined) return GONE;
  const text = readInput(v.pipe(v.string(), v.trim(), v.maxLength(40)), typed);
  const length = text.success ? parseLength(text.output, sheet.unit) : undefined;
  if (!text.success || length === undefined || !length.ok)
    return refuseWith({
      field: "typed",
      message: `Write the number as the tape shows it, like ${sheet.unit === "cm" ? "26,5" : "10 1/2"}.`,
    });
  const { inches } = length.value;
  const slip = slipOf(question, inches);
  const kept = await changeRehearsal(db, rehearsal.id, ({ answers }) => {
    const before = answers[question.id];
    // What is answered is answered: a second screen changes nothing about it.
    if (before !== undefined && before.state !== "open") return null;
    const all = [...(before?.typed ?? []), text.output];
    const state = isRight(question, inches) ? "right" : all.length >= OPENED_AFTER ? "opened" : "open";
    const one = {
      id: randomUUID(),
      person: rehearsal.person,
      on: now(),
      mark: question.mark,
      rules: rulesOf(question),
      right: slip === null,
      slip,
    };
    return { set: { answers: { ...answers, [question.id]: { typed: all, state, at: Date.now() } } }, tries: [one] };
  });
  const answer = kept?.answers[question.id];
  return answer === undefined ? GONE : { ok: true, value: { answer, said: slip === null ? null : saySlip(slip) } };
}

/** Keeps what the learner, or after her the master, read on the chalk of a rehearsal. */
export async function readRehearsalLength(
  rehearsalId: unknown,
  lengthId: unknown,
  input: unknown,
): Promise<ActionResult<null>> {
  const db = await database();
  const rehearsal = await findRehearsal(db, readId(rehearsalId) ?? "");
  const sheet = rehearsal && rehearsedSheet(rehearsal);
  const length = sheet && rehearsedLengths(sheet).find(({ id }) => id === lengthId);
  if (rehearsal === undefined || sheet === undefined || length === undefined) return GONE;
  const parsed = readInput(
    v.strictObject({ by: v.picklist(["learner", "master"]), typed: v.pipe(v.string(), v.trim(), v.maxLength(40)) }),
    input,
  );
  if (!parsed.success || !parseLength(parsed.output.typed, sheet.unit).ok)
    return refuseWith({ field: "typed", message: "Write the length as the tape shows it." });
  const { by, typed } = parsed.output;
  const kept = await changeRehearsal(db, rehearsal.id, ({ lengths }) => ({
    set: { lengths: { ...lengths, [length.id]: { ...lengths[length.id], [by]: typed } } },
  }));
  return kept === undefined ? GONE : { ok: true, value: null };
}

/** The master's tick: the rehearsal is looked over, by name. */
export async function closeRehearsal(rehearsalId: unknown, master: unknown): Promise<ActionResult<null>> {
  const by = readInput(person, master);
  if (!by.success) return refuseWith({ field: "master", message: "Write who looked it over: a name, or initials." });
  const kept = await changeRehearsal(await database(), readId(rehearsalId) ?? "", ({ person: learner }) =>
    learner.toLowerCase() === by.output.toLowerCase() ? null : { set: { master: by.output, closedAt: now() } },
  );
  if (kept === undefined) return GONE;
  if (kept.closedAt === null)
    return refuseWith({ field: "master", message: "Somebody else looks it over: the tick is the master's." });
  revalidatePath("/practice");
  return { ok: true, value: null };
}

/** Takes a rehearsal away; what was counted of it stays with its person. */
export async function removeRehearsal(rehearsalId: unknown): Promise<ActionResult<null>> {
  await dropRehearsal(await database(), readId(rehearsalId) ?? "");
  revalidatePath("/practice");
  return { ok: true, value: null };
}

/** Empties the table of a person. */
export async function emptyPerson(name: unknown): Promise<ActionResult<null>> {
  const parsed = readInput(person, name);
  if (!parsed.success) return NAMELESS;
  await emptyTries(await database(), parsed.output);
  revalidatePath("/practice");
  return { ok: true, value: null };
}
