"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import {
  asksAgain,
  asksCause,
  type CutSheet,
  lateCauses,
  redrawSleeves,
  type SheetDrawing,
  sleeveSteps,
  sleevesAlone,
  waitsForArmhole,
  withCause,
} from "@/core/formats";
import { database, findCutSheet, findProgress, type KeptSheet, keepTake } from "@/db";
import { readId } from "./ids";
import { readInput } from "./read-input";
import { type ActionResult, NOT_IN_BOOK, refuseWith } from "./result";
import { outcomeErrors } from "./sheet-errors";

const typed = v.optional(v.pipe(v.string(), v.trim(), v.maxLength(60)), "");
const armholeInput = v.strictObject({ armholeFront: typed, armholeBack: typed, armhole: typed });
const keepInput = v.strictObject({
  measured: armholeInput,
  cause: v.optional(v.picklist(lateCauses)),
  /** That it was measured a second time, where it came out far from what was drawn. */
  again: v.optional(v.boolean(), false),
  /** The take that the screen drew beside. */
  seen: v.number(),
});

/** Sleeves that were drawn to the sewn armhole and are not kept yet. */
export interface LateTried {
  /** The take that they were drawn beside. */
  readonly seen: number;
  readonly after: SheetDrawing;
  readonly late: NonNullable<CutSheet["late"]>;
  readonly checks: CutSheet["checks"];
  readonly asksCause: boolean;
  readonly asksAgain: boolean;
}

const SLEEVES_CUT = refuseWith({
  field: "",
  message:
    "The sleeves are ticked as cut, and what is cut is not drawn again. Where they are not, take back the tick at the table; for a new pair from new cloth, take it back as well.",
});
const NOTHING = refuseWith({
  field: "armholeFront",
  message: "Nothing is written. Measure the front half and the back half of one armhole, or the whole of it.",
});
const TAKEN = refuseWith({
  field: "",
  message: "Another screen has kept sleeves meanwhile. Look at those first; what you wrote stays here.",
});

const DRAWN_TO_CHALK = refuseWith({
  field: "",
  message:
    "By the house rules of this sheet a sleeve is drawn to the chalked armhole, whatever is measured. Ease the difference in; for the next garment change “Armhole that the sleeve is drawn to”.",
});

interface Redrawn {
  readonly kept: KeptSheet;
  readonly sheet: CutSheet;
}

/** The sleeves of a cut order drawn to what was measured, while they are not cut themselves. */
async function redraw(orderId: unknown, measured: v.InferOutput<typeof armholeInput>): Promise<ActionResult<Redrawn>> {
  const db = await database();
  const id = readId(orderId) ?? "";
  const kept = await findCutSheet(db, id);
  if (kept === undefined || !waitsForArmhole(kept.sheet)) return NOT_IN_BOOK;
  if (kept.sheet.resolved.rules.armholeSource?.value === "drawn") return DRAWN_TO_CHALK;
  const told = Object.fromEntries(Object.entries(measured).filter(([, text]) => text !== ""));
  if (Object.keys(told).length === 0) return NOTHING;
  const done = new Set((await findProgress(db, id))?.done);
  if (sleeveSteps(kept.sheet).some((step) => step.phase === "cut" && done.has(step.id))) return SLEEVES_CUT;
  const outcome = redrawSleeves(kept.sheet, told);
  return outcome.kind === "sheet"
    ? { ok: true, value: { kept, sheet: outcome.sheet } }
    : refuseWith(
        ...outcomeErrors(outcome).map(({ field, message }) => ({ field: field.split(".").at(-1) ?? "", message })),
      );
}

/** Draws the sleeves of a cut order to its armhole as measured, to be looked at. */
export async function trySleeves(orderId: unknown, input: unknown): Promise<ActionResult<LateTried>> {
  const parsed = readInput(armholeInput, input);
  if (!parsed.success) return NOTHING;
  const drawn = await redraw(orderId, parsed.output);
  if (!drawn.ok) return drawn;
  const { kept, sheet } = drawn.value;
  const after = sleevesAlone(sheet);
  return {
    ok: true,
    value: {
      seen: kept.take,
      after,
      late: sheet.late ?? [],
      // What the sleeves said before they say still; of the halves only what must be done is said again.
      checks: sheet.checks.filter(
        ({ id, text }) => id !== "late-differs" && !kept.sheet.checks.some((before) => before.text === text),
      ),
      asksCause: asksCause(sheet),
      asksAgain: asksAgain(sheet),
    },
  };
}

/** Keeps the sleeves as they are drawn to the sewn armhole, beside those that were drawn before. */
export async function keepSleeves(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const parsed = readInput(keepInput, input);
  if (!parsed.success) return NOTHING;
  const { measured, cause, again, seen } = parsed.output;
  const drawn = await redraw(orderId, measured);
  if (!drawn.ok) return drawn;
  const { kept, sheet } = drawn.value;
  if (kept.take !== seen) return TAKEN;
  const error = sheet.checks.find(({ level }) => level === "error");
  if (error !== undefined) return refuseWith({ field: "", message: `${error.text} ${error.remedy}` });
  if (asksAgain(sheet) && !again)
    return refuseWith({ field: "", message: "So far from what was drawn, it is measured again first." });
  if (asksCause(sheet) && cause === undefined)
    return refuseWith({ field: "", message: "Say why it came out so: the sheet keeps it for the next time." });
  const take = {
    orderId: readId(orderId) ?? "",
    after: kept.take,
    sheet: withCause(sheet, cause),
    steps: sleeveSteps(kept.sheet).map(({ id }) => id),
  };
  if (!(await keepTake(await database(), randomUUID(), take, new Date().toISOString()))) return TAKEN;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
