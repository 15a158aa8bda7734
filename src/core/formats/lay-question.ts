import { type ClothId, clothIds, type Draft, type Refusal } from "../chalk";
import { type Cloth, type FoldGroup, type LayOrder, layUnits, planFolds } from "../cloth";
import { fail, type Result, succeed } from "../result";
import { wordRefusal } from "../wording";
import { draftOrder } from "./draft-order";
import type { KeptLay, Order } from "./order";
import { outlinePrint } from "./outline-print";
import { type ReadOrder, readOrder } from "./read-order";

/** What is asked of one cloth of a garment: what to lay on it, and how it was kept. */
export interface ClothQuestion {
  readonly id: ClothId;
  readonly lay: LayOrder;
  readonly kept: KeptLay | null;
  /** Stands for the outlines: a kept lay of other outlines is out of date. */
  readonly of: string;
}

export interface LayQuestion {
  readonly read: ReadOrder;
  readonly draft: Draft;
  readonly groups: readonly FoldGroup[];
  readonly cloths: readonly ClothQuestion[];
}

function askCloth(
  id: ClothId,
  cloth: Cloth,
  groups: readonly FoldGroup[],
  draft: Draft,
  order: Order,
): readonly ClothQuestion[] {
  const units = layUnits(draft, groups).filter((unit) => unit.cloth === id);
  if (units.length === 0) return [];
  const lay: LayOrder = { units, groups, cloth };
  const kept = order.lay?.[id] ?? null;
  return [{ id, lay, kept, of: outlinePrint(draft, id) }];
}

/** Draws an order that was read and asks each of its cloths what is to be laid on it. */
export function askLay(read: ReadOrder): Result<LayQuestion, string> {
  const say = (refusal: Refusal) => wordRefusal(refusal, null, read.given.unit).message;
  const drawn = draftOrder(read);
  if (!drawn.ok) return fail(...drawn.issues.map(say));
  const { draft } = drawn.value;
  const groups = planFolds(draft, read.fold);
  if (!groups.ok) return fail(...groups.issues.map(say));
  const cloths = clothIds.flatMap((id) => askCloth(id, read.cloths[id], groups.value, draft, read.order));
  return succeed({ read, draft, groups: groups.value, cloths });
}

/** The same from an order as it was written; the first thing that stands in the way, in words. */
export function readLayQuestion(order: unknown): Result<LayQuestion, string> {
  const read = readOrder(order);
  return read.ok ? askLay(read.value) : fail(...read.issues.map(({ message }) => message));
}
