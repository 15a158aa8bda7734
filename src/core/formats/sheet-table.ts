import * as v from "valibot";
import { clothIds } from "../chalk";
import {
  lengthNames,
  placementDirections,
  placementKinds,
  placementOrigins,
  readingKinds,
  slots,
  thenActs,
} from "../table";

const point = v.tuple([v.number(), v.number()]);
/** A tick of the tape, or just past it. */
const onTape = v.object({ at: v.number(), hair: v.boolean() });

const reading = v.object({
  at: v.number(),
  hair: v.boolean(),
  /** Marks or guide lines that are made there; the first says what the reading is. */
  names: v.array(v.string()),
  piece: v.optional(v.string()),
  is: v.picklist(readingKinds),
  off: v.optional(onTape),
  from: v.optional(v.string()),
  way: v.optional(v.picklist(["down", "up", "inwards", "outwards"])),
  alsoFrom: v.optional(v.object({ origin: v.picklist(placementOrigins), at: v.number() })),
  /** Each name with its piece, what it is, and the step that it ticks. */
  made: v.array(v.object({ name: v.string(), piece: v.string(), is: v.picklist(readingKinds), step: v.string() })),
  /** Where it comes to lie: across from the origin, down from the top line. */
  place: v.nullable(point),
});

const act = v.object({
  act: v.picklist(thenActs),
  piece: v.string(),
  edge: v.nullable(v.string()),
  line: v.nullable(v.string()),
  dart: v.nullable(v.string()),
  from: v.nullable(v.string()),
  to: v.nullable(v.string()),
  names: v.array(v.string()),
  at: v.nullable(onTape),
  step: v.nullable(v.string()),
});

/** One laying of the tape, its readings, and what is drawn once it has gone away (FORMATS: placements). */
export const placementSchema = v.object({
  id: v.string(),
  slot: v.picklist(slots),
  kind: v.picklist(placementKinds),
  group: v.string(),
  piece: v.string(),
  layers: v.number(),
  origin: v.nullable(v.picklist(placementOrigins)),
  originMark: v.nullable(v.string()),
  direction: v.nullable(v.picklist(placementDirections)),
  on: v.nullable(v.union([v.string(), v.array(v.string())])),
  readings: v.array(reading),
  // biome-ignore lint/suspicious/noThenProperty: the name of the open format; no promise is ever made of a placement
  then: v.array(act),
  steps: v.array(v.string()),
});

/** One length of the tape check, as it is expected; what was read stands with the order's progress. */
export const checkLengthSchema = v.object({
  id: v.string(),
  piece: v.string(),
  name: v.picklist(lengthNames),
  how: v.picklist(["straight", "along"]),
  edge: v.nullable(v.string()),
  expected: v.number(),
  tolerance: v.number(),
  ends: v.tuple([point, point]),
  read: v.nullable(v.number()),
  state: v.picklist(["open", "agrees", "missed"]),
  suspects: v.array(v.string()),
});

export const countedPieceSchema = v.object({
  piece: v.string(),
  name: v.string(),
  cloth: v.picklist(clothIds),
  copies: v.number(),
  mirrored: v.boolean(),
});

export type SheetPlacement = v.InferOutput<typeof placementSchema>;
export type SheetReading = SheetPlacement["readings"][number];
export type SheetAct = SheetPlacement["then"][number];
export type SheetLength = v.InferOutput<typeof checkLengthSchema>;
