import * as v from "valibot";
import { clothIds, joinIds, lineIds, notionIds, notionUnits, partIds, termKinds, wholeEdges } from "../chalk";
import { layWays, notchWays, phases } from "../cloth";
import { taskIds } from "../making";
import { lateCauses } from "./late-cause";
import { orderSchema } from "./order";
import { checkLengthSchema, countedPieceSchema, placementSchema } from "./sheet-table";
import { waiverSchema } from "./waiver";

const point = v.tuple([v.number(), v.number()]);
const term = v.object({ label: v.string(), kind: v.picklist(termKinds), value: v.number(), source: v.string() });
const ids = v.array(v.string());

const mark = v.object({
  id: v.string(),
  line: v.optional(v.string()),
  stitch: v.optional(v.number()),
  cut: v.optional(v.nullable(v.number())),
  at: v.optional(v.object({ stitch: point, cut: v.nullable(point) })),
  reading: v.number(),
  terms: v.array(term),
  cutTerms: v.array(term),
  /** Of a piece on its fold: the half that it lies on; left out where on both. */
  half: v.optional(v.picklist(["front", "back"])),
});

const edge = v.object({
  id: v.string(),
  role: v.string(),
  onFold: v.boolean(),
  allowance: v.number(),
  /** Where the allowance differs along the edge, at its marks. */
  allowanceAt: v.optional(v.array(v.object({ mark: v.string(), value: v.number() }))),
  length: v.number(),
  sewn: v.number(),
  path: v.string(),
  start: point,
  end: point,
  dots: v.array(v.object({ along: v.number(), across: v.number() })),
  /** Of an edge that is swung about a centre. */
  arc: v.optional(v.object({ centre: point, radius: v.number(), cutRadius: v.number(), sweep: v.number() })),
});

const piece = v.object({
  id: v.string(),
  name: v.string(),
  cloth: v.string(),
  cut: v.object({
    copies: v.number(),
    on: v.picklist(["fold", "across", "quarter", "pair", "single"]),
    mirrored: v.boolean(),
  }),
  origin: v.string(),
  originInset: v.number(),
  /** Left out in sheets that were frozen before garments had parts: then all is body, but for strips. */
  part: v.optional(v.picklist(partIds)),
  half: v.nullable(v.picklist(["front", "back"])),
  shift: v.number(),
  drawnWith: v.nullable(v.string()),
  lines: v.array(v.object({ id: v.picklist(lineIds), down: v.number(), start: v.number(), terms: v.array(term) })),
  marks: v.array(mark),
  edges: v.array(edge),
  outline: v.object({ stitch: v.string(), cut: v.string() }),
  box: v.object({ left: v.number(), top: v.number(), right: v.number(), bottom: v.number() }),
  darts: v.array(
    v.object({
      id: v.string(),
      intake: v.number(),
      tip: point,
      legs: v.tuple([point, point]),
      end: v.nullable(point),
      opens: v.nullable(v.tuple([point, point])),
      /** Where its lower end opens into an edge, when it was cut off there below its widest place. */
      mouth: v.optional(v.tuple([point, point])),
      sewn: v.boolean(),
    }),
  ),
  notches: v.array(
    v.object({
      id: v.string(),
      edge: v.string(),
      at: v.number(),
      point,
      /** Of a piece on its fold: the half that is notched; left out where both are. */
      half: v.optional(v.picklist(["front", "back"])),
    }),
  ),
  grain: v.object({ angle: v.number() }),
  /** Of a piece that was slashed and spread: its sectors as they come to lie, so that no paper is cut. */
  sectors: v.optional(v.array(v.object({ n: v.number(), path: v.string(), about: point, angle: v.number() }))),
  /** Lines inside it that are chalked and never cut: where it turns over, is pressed, or has something sewn on. */
  creases: v.optional(v.array(v.object({ id: v.string(), path: v.string() }))),
  /** Where the wearer's sides differ: what is trimmed of one of them alone, once it is cut as the larger of both. */
  sides: v.optional(
    v.array(
      v.object({
        side: v.picklist(["left", "right"]),
        edges: v.array(v.object({ edge: v.string(), cut: v.string(), most: v.number() })),
      }),
    ),
  ),
  /** A straight strip by its cut size; of a round, how many make it and where they are joined, from the centre back. */
  strip: v.optional(
    v.object({
      length: v.number(),
      depth: v.number(),
      across: v.optional(v.number()),
      sewn: v.optional(v.number()),
      hangs: v.optional(v.number()),
      joins: v.optional(v.array(v.number())),
    }),
  ),
});

const saidThere = v.object({ id: v.string(), text: v.string() });

const makeSchema = v.object({
  task: v.picklist(taskIds),
  /** What is done, without its seams. */
  does: v.string(),
  /** Ids of steps that are done before. */
  waitsFor: ids,
  pieces: ids,
  seams: v.array(
    v.object({
      id: v.string(),
      a: ids,
      b: ids,
      allowances: v.tuple([v.number(), v.number()]),
      ease: v.number(),
      gathered: v.optional(v.number()),
      notches: ids,
      text: v.string(),
    }),
  ),
  says: v.array(saidThere),
  measures: v.array(saidThere),
});

const step = v.object({
  id: v.string(),
  phase: v.picklist(phases),
  piece: v.string(),
  group: v.string(),
  act: v.string(),
  title: v.string(),
  text: v.string(),
  why: v.nullable(v.string()),
  caution: v.nullable(v.string()),
  marks: ids,
  line: v.nullable(v.string()),
  edge: v.nullable(v.string()),
  from: v.nullable(v.string()),
  direction: v.nullable(v.string()),
  reading: v.nullable(v.number()),
  cutReading: v.nullable(v.number()),
  /** Where the cutting line is read from, when that is not where the step reads from. */
  cutFrom: v.optional(v.literal("cloth-edge")),
  terms: v.array(term),
  layers: v.number(),
  stopUntil: v.nullable(v.string()),
  mustNotCut: ids,
  /** Cut steps that the shears do without stopping; left out in sheets frozen before there were movements. */
  movement: v.optional(v.string()),
  /** How a notch is marked. */
  by: v.optional(v.picklist(notchWays)),
  /** Of a tape check: its lengths, and how far it is. */
  state: v.optional(v.picklist(["open", "passed", "waived"])),
  lengths: v.optional(v.array(checkLengthSchema)),
  waiver: v.optional(waiverSchema),
  /** Of the count: every piece as it lies on the table. */
  counted: v.optional(v.array(countedPieceSchema)),
  /** Of the making: what it waits for, what is joined, what is said and measured there. */
  make: v.optional(makeSchema),
});

/** Everything a tailor needs to chalk, cut and prove a garment (FORMATS: cut sheet). Every number is in inches. */
export const cutSheetSchema = v.object({
  format: v.literal("inner-fold/cut-sheet"),
  version: v.literal(1),
  unit: v.picklist(["in", "cm"]),
  order: orderSchema,
  resolved: v.object({
    measurements: v.array(
      v.object({ id: v.string(), value: v.number(), from: v.string(), rule: v.nullable(v.string()) }),
    ),
    rules: v.record(v.string(), v.object({ value: v.union([v.string(), v.boolean(), v.number()]), from: v.string() })),
    choices: v.record(v.string(), v.union([v.string(), v.boolean(), v.number()])),
  }),
  pieces: v.array(piece),
  groups: v.array(
    v.object({
      id: v.string(),
      pieces: ids,
      fold: v.string(),
      layers: v.number(),
      foldedWidth: v.number(),
      length: v.number(),
      /** Left out in sheets that were frozen before the cloth could be folded for the whole garment. */
      way: v.optional(v.picklist(layWays)),
      /** The larger group beside which enough cloth is left over for it; left out where it is folded off the cloth. */
      leftBeside: v.optional(v.string()),
    }),
  ),
  turns: v.array(v.object({ piece: v.string(), about: point, angle: v.number(), from: v.string(), into: v.string() })),
  ledger: v.array(
    v.object({
      piece: v.string(),
      line: v.string(),
      removed: v.number(),
      givenBack: v.number(),
      difference: v.number(),
      why: v.string(),
      declared: v.boolean(),
      quiet: v.boolean(),
    }),
  ),
  girths: v.array(
    v.object({
      line: v.string(),
      on: v.string(),
      body: v.number(),
      ease: v.number(),
      declared: v.number(),
      wanted: v.number(),
      drawn: v.number(),
      tolerance: v.number(),
      quarter: v.number(),
    }),
  ),
  seams: v.array(
    v.object({
      id: v.string(),
      a: ids,
      b: ids,
      lengthA: v.number(),
      lengthB: v.number(),
      ease: v.number(),
      allowed: v.tuple([v.number(), v.number()]),
      meets: v.boolean(),
      /** Of a gathered join: how many times the second goes into the first. */
      ratio: v.optional(v.number()),
      parts: v.array(v.object({ lengthA: v.number(), lengthB: v.number() })),
    }),
  ),
  rounds: v.object({ neck: v.number(), armhole: v.number() }),
  checks: v.array(
    v.object({
      id: v.string(),
      level: v.picklist(["error", "caution", "note"]),
      text: v.string(),
      remedy: v.string(),
      piece: v.nullable(v.string()),
      line: v.nullable(v.string()),
      edge: v.nullable(v.string()),
      measurement: v.nullable(v.string()),
      /** A change to the order that would mend it, lengths in inches. */
      change: v.optional(v.object({ path: v.string(), value: v.union([v.string(), v.boolean(), v.number()]) })),
    }),
  ),
  /** What is bought beside the cloth; left out where nothing is, and in sheets frozen before it was counted. */
  notions: v.optional(
    v.array(
      v.object({
        id: v.picklist(notionIds),
        amount: v.number(),
        unit: v.picklist(notionUnits),
        terms: v.array(term),
      }),
    ),
  ),
  /** Edges that were measured on the sewn garment, and drawn to; left out where none was. */
  late: v.optional(
    v.array(
      v.object({
        edge: v.picklist([...joinIds, ...wholeEdges]),
        half: v.picklist(["front", "back", "whole"]),
        drawn: v.number(),
        measured: v.number(),
        cause: v.optional(v.picklist(lateCauses)),
      }),
    ),
  ),
  steps: v.array(step),
  /** Layings of the tape; left out in sheets frozen before there were any. */
  placements: v.optional(v.array(placementSchema)),
  cloth: v.object({
    width: v.number(),
    usable: v.number(),
    used: v.number(),
    lowerBound: v.number(),
    buy: v.number(),
    buyUnit: v.picklist(["yd", "m"]),
    fits: v.boolean(),
    left: v.array(v.object({ width: v.number(), length: v.number() })),
    /** What it costs, in the shop's money; null when no price is known. */
    cost: v.optional(v.nullable(v.number())),
    /** `reckoned` from the folds, or `laid` and kept by the tailor. */
    from: v.optional(v.picklist(["reckoned", "laid"])),
  }),
  /** Lining, stay and contrast, each on its own width; left out where none is cut, and in sheets frozen before it was told. */
  otherCloths: v.optional(
    v.array(
      v.object({
        id: v.picklist(clothIds),
        width: v.number(),
        buy: v.number(),
        buyUnit: v.picklist(["yd", "m"]),
        cost: v.nullable(v.number()),
        fits: v.boolean(),
        from: v.picklist(["reckoned", "laid"]),
      }),
    ),
  ),
});

export type CutSheet = v.InferOutput<typeof cutSheetSchema>;
/** A cut sheet without the work at the table: everything that is drawn, proved and bought. */
export type SheetDrawing = Omit<CutSheet, "steps" | "placements">;
export type SheetPiece = CutSheet["pieces"][number];
export type SheetMark = SheetPiece["marks"][number];
export type SheetStep = CutSheet["steps"][number];
export type SheetTerm = SheetMark["terms"][number];
export type SheetCheck = CutSheet["checks"][number];
