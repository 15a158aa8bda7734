"use server";

import { randomUUID } from "node:crypto";
import { revalidatePath } from "next/cache";
import * as v from "valibot";
import { lateIds } from "@/core/chalk";
import {
  asksAgain,
  asksCause,
  type CutSheet,
  type LateEdge,
  lateCauses,
  lateEdges,
  lateFields,
  lateSteps,
  partAlone,
  redrawTo,
  type SheetDrawing,
  waitsFor,
  withCause,
} from "@/core/formats";
import { database, findCutSheet, findProgress, type KeptSheet, keepTake } from "@/db";
import { readId } from "./ids";
import { readInput } from "./read-input";
import { type ActionResult, NOT_IN_BOOK, refuseWith } from "./result";
import { outcomeErrors } from "./sheet-errors";

const typed = v.optional(v.pipe(v.string(), v.trim(), v.maxLength(60)), "");
const lateInput = v.strictObject({
  edge: v.picklist(lateEdges),
  measured: v.record(v.picklist(lateIds), typed),
});
const keepInput = v.strictObject({
  ...lateInput.entries,
  cause: v.optional(v.picklist(lateCauses)),
  /** That it was measured a second time, where it came out far from what was drawn. */
  again: v.optional(v.boolean(), false),
  /** The take that the screen drew beside. */
  seen: v.number(),
});

/** What was drawn to a sewn edge and is not kept yet. */
export interface LateTried {
  /** The take that it was drawn beside. */
  readonly seen: number;
  readonly after: SheetDrawing;
  readonly late: NonNullable<CutSheet["late"]>;
  readonly checks: CutSheet["checks"];
  readonly asksCause: boolean;
  readonly asksAgain: boolean;
}

interface LateSaid {
  /** What is said where it is ticked as cut already, where nothing is written, and where another screen was first. */
  readonly cut: string;
  readonly nothing: { readonly field: string; readonly message: string };
  readonly taken: string;
}

/** What is said of one thing that is drawn to an edge: `The collar is`, `it is`, `a collar`. */
function ofPart(cut: string, not: string, fresh: string, another: string): Omit<LateSaid, "nothing"> {
  const that = not === "they are" ? "those" : "that";
  return {
    cut: `${cut} ticked as cut, and what is cut is not drawn again. Where ${not} not, take back the tick at the table; for ${fresh} from new cloth, take it back as well.`,
    taken: `Another screen has kept ${another} meanwhile. Look at ${that} first; what you wrote stays here.`,
  };
}

function tierSaid(field: string): LateSaid {
  return {
    ...ofPart("A tier below is", "it is", "a new one", "tiers"),
    nothing: {
      field,
      message: "Nothing is written. Lay the work flat and measure the tier’s lower edge, the whole round.",
    },
  };
}

const SLEEVE_END = "Nothing is written. Measure the sleeve’s end along its stitching, the whole of it.";

const SAID: Readonly<Record<LateEdge, LateSaid>> = {
  neck: {
    ...ofPart("The collar is", "it is", "a new one", "a collar"),
    nothing: {
      field: "necklineFront",
      message: "Nothing is written. Measure half the front neck and half the back neck.",
    },
  },
  waist: {
    ...ofPart("The skirt is", "it is", "a new one", "a skirt"),
    nothing: {
      field: "waistFront",
      message: "Nothing is written. Measure half of the front waist and half of the back waist, or the whole round.",
    },
  },
  armhole: {
    ...ofPart("The sleeves are", "they are", "a new pair", "sleeves"),
    nothing: {
      field: "armholeFront",
      message: "Nothing is written. Measure the front half and the back half of one armhole, or the whole of it.",
    },
  },
  cuff: {
    ...ofPart("The cuffs are", "they are", "a new pair", "cuffs"),
    nothing: { field: "cuffEdge", message: SLEEVE_END },
  },
  flounce: {
    ...ofPart("The flounces are", "they are", "a new pair", "flounces"),
    nothing: { field: "flounceEdge", message: SLEEVE_END },
  },
  "tier-1": tierSaid("tierEdge1"),
  "tier-2": tierSaid("tierEdge2"),
  "tier-3": tierSaid("tierEdge3"),
  "tier-4": tierSaid("tierEdge4"),
  "tier-5": tierSaid("tierEdge5"),
};

const DRAWN_TO_CHALK = refuseWith({
  field: "",
  message:
    "By the house rules of this sheet a sleeve is drawn to the chalked armhole, whatever is measured. Ease the difference in; for the next garment change “Armhole that the sleeve is drawn to”.",
});

interface Redrawn {
  readonly kept: KeptSheet;
  readonly sheet: CutSheet;
}

/** What is sewn to an edge of a cut order drawn to what was measured, while it is not cut itself. */
async function redraw(
  orderId: unknown,
  { edge, measured }: v.InferOutput<typeof lateInput>,
): Promise<ActionResult<Redrawn>> {
  const db = await database();
  const id = readId(orderId) ?? "";
  const kept = await findCutSheet(db, id);
  if (kept === undefined || !waitsFor(kept.sheet, edge)) return NOT_IN_BOOK;
  if (edge === "armhole" && kept.sheet.resolved.rules.armholeSource?.value === "drawn") return DRAWN_TO_CHALK;
  const asked = lateFields(kept.sheet, edge);
  const told = Object.fromEntries(
    Object.entries(measured).filter(([one, text]) => text !== "" && asked.some((field) => field === one)),
  );
  if (Object.keys(told).length === 0) return refuseWith(SAID[edge].nothing);
  const done = new Set((await findProgress(db, id))?.done);
  if (lateSteps(kept.sheet, edge).some((step) => step.phase === "cut" && done.has(step.id)))
    return refuseWith({ field: "", message: SAID[edge].cut });
  const outcome = redrawTo(kept.sheet, edge, told);
  return outcome.kind === "sheet"
    ? { ok: true, value: { kept, sheet: outcome.sheet } }
    : refuseWith(
        ...outcomeErrors(outcome).map(({ field, message }) => ({ field: field.split(".").at(-1) ?? "", message })),
      );
}

const UNREAD = refuseWith({ field: "", message: "That is no measure of an edge that waits for one." });

/** Draws what is sewn to an edge of a cut order to that edge as measured, to be looked at. */
export async function tryLate(orderId: unknown, input: unknown): Promise<ActionResult<LateTried>> {
  const parsed = readInput(lateInput, input);
  if (!parsed.success) return UNREAD;
  const { edge } = parsed.output;
  const drawn = await redraw(orderId, parsed.output);
  if (!drawn.ok) return drawn;
  const { kept, sheet } = drawn.value;
  return {
    ok: true,
    value: {
      seen: kept.take,
      after: partAlone(sheet, edge),
      late: (sheet.late ?? []).filter((one) => one.edge === edge),
      // What it said before it says still; of the halves only what must be done is said again.
      checks: sheet.checks.filter(
        ({ id, text }) => id !== "late-differs" && !kept.sheet.checks.some((before) => before.text === text),
      ),
      asksCause: asksCause(sheet, edge),
      asksAgain: asksAgain(sheet, edge),
    },
  };
}

/** Keeps what is drawn to the sewn edge, beside what was drawn before. */
export async function keepLate(orderId: unknown, input: unknown): Promise<ActionResult<null>> {
  const parsed = readInput(keepInput, input);
  if (!parsed.success) return UNREAD;
  const { edge, measured, cause, again, seen } = parsed.output;
  const drawn = await redraw(orderId, { edge, measured });
  if (!drawn.ok) return drawn;
  const { kept, sheet } = drawn.value;
  const taken = refuseWith({ field: "", message: SAID[edge].taken });
  if (kept.take !== seen) return taken;
  const error = sheet.checks.find(({ level }) => level === "error");
  if (error !== undefined) return refuseWith({ field: "", message: `${error.text} ${error.remedy}` });
  if (asksAgain(sheet, edge) && !again)
    return refuseWith({ field: "", message: "So far from what was drawn, it is measured again first." });
  if (asksCause(sheet, edge) && cause === undefined)
    return refuseWith({ field: "", message: "Say why it came out so: the sheet keeps it for the next time." });
  const take = {
    orderId: readId(orderId) ?? "",
    after: kept.take,
    sheet: withCause(sheet, edge, cause),
    steps: lateSteps(kept.sheet, edge).map(({ id }) => id),
  };
  if (!(await keepTake(await database(), randomUUID(), take, new Date().toISOString()))) return taken;
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
