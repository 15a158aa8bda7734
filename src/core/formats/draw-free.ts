import type { Inches } from "../length";
import { sayMovedEdge } from "../wording";
import { changeAfterCut } from "./change-after-cut";
import type { CutSheet, SheetCheck } from "./cut-sheet";
import {
  drawnLength,
  drawnTo,
  type LateEdge,
  type LateMeasured,
  lateEdges,
  lateFields,
  lateSeams,
  waitsFor,
  withMeasured,
} from "./late-sheet";
import { makeSheet } from "./make-sheet";
import { type DrawnAnew, madeWith, mergeSheets } from "./merge-sheets";
import type { Order } from "./order";
import type { SheetOutcome } from "./sheet-outcome";

/** What comes of drawing anew whatever is not cut: the sheet, or why there is none. */
export type DrawnFree =
  | { readonly kind: "sheet"; readonly sheet: CutSheet; readonly anew: DrawnAnew }
  /** Pieces that are cut and that the order would not have any more, would fold with others, or would join of other strips. */
  | { readonly kind: "cut-otherwise"; readonly pieces: readonly string[] }
  | Exclude<SheetOutcome, { readonly kind: "sheet" }>;

/** Two lengths of one sewn edge nearer than this are the same. */
const SAME: Inches = 1 / 64;
const MEETING: Inches = 1 / 16;

const sewnNeck = ({ pieces }: CutSheet, half: "front" | "back"): Inches =>
  pieces
    .filter((piece) => piece.half === half && (piece.part ?? "body") === "body")
    .flatMap(({ edges }) => edges.filter(({ role }) => role === "neck"))
    .reduce((sum, { sewn }) => sum + sewn, 0);

/** An edge as it is cut, told as if it had been measured: what is still free is drawn to that. */
function asCut(frozen: CutSheet, edge: LateEdge): LateMeasured {
  const length = drawnLength(frozen, edge);
  if (edge === "armhole") return { armhole: `${length} in` };
  if (edge === "waist") return { waistEdge: `${2 * length} in` };
  if (edge !== "neck")
    return Object.fromEntries(lateFields(frozen, edge).map((id) => [id, `${length} in`] as const)) as LateMeasured;
  const [front, back] = [sewnNeck(frozen, "front"), sewnNeck(frozen, "back")];
  // A notched collar is sewn to the back alone.
  if (Math.abs(length - back) < SAME || front + back === 0) return { necklineBack: `${length} in` };
  const share = front / (front + back);
  return { necklineFront: `${length * share} in`, necklineBack: `${length * (1 - share)} in` };
}

/** The pieces that have an edge, of those that are sewn there. */
function ownersOf(sheet: CutSheet, edge: LateEdge): readonly string[] {
  const { pieces } = drawnTo(sheet, edge);
  return sheet.seams
    .filter(({ id }) => lateSeams(edge).includes(id))
    .flatMap(({ a, b }) => [...a, ...b].map(pieceOf))
    .filter((id) => !pieces.has(id));
}

type Told = NonNullable<Order["measuredOnGarment"]>;

/** What was measured, and an edge as it is cut: a half that was measured stands beside the round as it was cut. */
function heldAs(before: Told, edge: LateEdge, frozen: CutSheet): Told {
  return edge.startsWith("tier-")
    ? withMeasured(before, edge, asCut(frozen, edge))
    : { ...before, ...asCut(frozen, edge) };
}

/** Edges that are cut while what is sewn to them is still free, and that the new drawing has otherwise. */
function cutEdges(frozen: CutSheet, drawn: CutSheet, free: ReadonlySet<string>): readonly LateEdge[] {
  return lateEdges.filter(
    (edge) =>
      waitsFor(frozen, edge) &&
      ownersOf(frozen, edge).some((id) => !free.has(id)) &&
      // One number that was measured stays; of halves the other one may be as it was cut.
      !frozen.late?.some((one) => one.edge === edge && one.half === "whole") &&
      waitsFor(drawn, edge) &&
      [...drawnTo(drawn, edge).pieces].every((id) => free.has(id)) &&
      Math.abs(drawnLength(frozen, edge) - drawnLength(drawn, edge)) > SAME,
  );
}

const pieceOf = (edge: string): string => edge.slice(0, edge.indexOf("/"));

function sewnEdge({ pieces }: CutSheet, edge: string): Inches | undefined {
  return pieces.find(({ id }) => id === pieceOf(edge))?.edges.find(({ id }) => edge.endsWith(`/${id}`))?.sewn;
}

/**
 * A seam as it is between what is cut and what is drawn anew: each edge as long as its own piece has it.
 *
 * @param held whether the one was drawn to the other as that is cut: then its ease is counted from there
 */
function seamAsMerged(
  drawn: CutSheet,
  merged: CutSheet,
  seam: CutSheet["seams"][number],
  held: boolean,
): CutSheet["seams"][number] {
  // The proof is told at full size, whatever is chalked.
  const scale = Number(drawn.resolved.choices.scale ?? 1);
  const longer = (side: readonly string[]) =>
    side.reduce((sum, edge) => {
      const [now, then] = [sewnEdge(merged, edge), sewnEdge(drawn, edge)];
      return now === undefined || then === undefined ? sum : sum + (now - then) / scale;
    }, 0);
  const [moreA, moreB] = [longer(seam.a), longer(seam.b)];
  if (moreA === 0 && moreB === 0) return seam;
  const [lengthA, lengthB] = [seam.lengthA + moreA, seam.lengthB + moreB];
  const ease = lengthA - lengthB;
  const moved = held ? moreA - moreB : 0;
  const allowed: [Inches, Inches] = [seam.allowed[0] + moved, seam.allowed[1] + moved];
  const meets = ease >= allowed[0] - 1e-9 && ease <= allowed[1] + 1e-9;
  return { ...seam, lengthA, lengthB, ease, allowed, meets, parts: [] };
}

function caution(text: string, remedy: string, piece: string | null): SheetCheck {
  return { id: "change-after-cut", level: "caution", text, remedy, piece, line: null, edge: null, measurement: null };
}

/** What is drawn now, and what it takes the place of. */
function together(one: DrawnAnew, other: DrawnAnew): DrawnAnew {
  const both = (of: keyof DrawnAnew) => new Set([...one[of], ...other[of]]);
  return { pieces: both("pieces"), groups: both("groups"), steps: both("steps") };
}

/** What the change asks of every piece that is cut, one line a piece (craft: making, a change after the first cut). */
function askOfCut(frozen: CutSheet, drawn: CutSheet, free: ReadonlySet<string>): readonly SheetCheck[] {
  return changeAfterCut(frozen, drawn, free)
    .filter((change) => !change.free)
    .map(({ piece, name, edges, again }) =>
      caution(
        `${name}, cut before the order changed: ${edges.map((edge) => sayMovedEdge(edge, drawn.unit)).join(" ")}`,
        again ? "Cut it again from what is left, or leave it as it is there." : "Baste and look before you sew.",
        piece,
      ),
    );
}

/** Seams between what is cut and what is drawn anew that do not meet. */
function missedSeams(seams: CutSheet["seams"], { pieces }: DrawnAnew): readonly SheetCheck[] {
  const touches = (side: readonly string[]) => side.some((edge) => pieces.has(pieceOf(edge)));
  return seams
    .filter(({ a, b, meets, ease }) => !meets && touches([...a, ...b]) && Math.abs(ease) > MEETING)
    .map(({ id, a, b }) =>
      caution(
        `What is cut and what is drawn now do not meet at the ${id.replaceAll("-", " ")}.`,
        "See the seams of the proof: ease what is longer, or cut the first piece again.",
        [...a, ...b].map(pieceOf).find((piece) => pieces.has(piece)) ?? null,
      ),
    );
}

/**
 * A garment of which some pieces are cut, as its order says now: what is free is drawn anew, to the edges that are cut where
 * it is sewn to them; what is cut stays as it was, and is told what the change asks of its seams.
 *
 * @param free pieces of the frozen sheet that are not cut
 */
export function drawFree(frozen: CutSheet, order: Order, free: ReadonlySet<string>): DrawnFree {
  const { measuredOnGarment = {} } = frozen.order;
  const first = makeSheet({ ...order, measuredOnGarment });
  if (first.kind !== "sheet") return first;
  const there = new Set(first.sheet.pieces.map(({ id }) => id));
  const before = new Set(frozen.pieces.map(({ id }) => id));
  // A round that is cut takes no more strips than it was cut of.
  const takesMore = (id: string) => there.has(`${id}-end`) && !before.has(`${id}-end`);
  const gone = frozen.pieces
    .filter(({ id }) => !free.has(id) && (!there.has(id) || takesMore(id)))
    .map(({ name }) => name);
  if (gone.length > 0) return { kind: "cut-otherwise", pieces: gone };
  // What the order has now and had not is free as well.
  const isCut = new Set(frozen.pieces.filter(({ id }) => !free.has(id)).map(({ id }) => id));
  const now = new Set(first.sheet.pieces.filter(({ id }) => !isCut.has(id)).map(({ id }) => id));
  const held = cutEdges(frozen, first.sheet, now);
  const told = held.reduce((before, edge) => heldAs(before, edge, frozen), measuredOnGarment);
  const second = held.length === 0 ? first : makeSheet({ ...order, measuredOnGarment: told });
  if (second.kind !== "sheet") return second;
  const { sheet } = second;
  const anew = together(madeWith(sheet, now), madeWith(frozen, free));
  // What is cut cannot be folded together with what is free.
  const mixed = sheet.groups
    .filter(({ id }) => anew.groups.has(id))
    .flatMap(({ pieces }) => pieces.filter((id) => isCut.has(id)));
  if (mixed.length > 0)
    return {
      kind: "cut-otherwise",
      pieces: frozen.pieces.filter(({ id }) => mixed.includes(id)).map(({ name }) => name),
    };
  const merged = mergeSheets(frozen, sheet, anew, "as-drawn");
  const seams = merged.seams.map((seam) =>
    seamAsMerged(
      sheet,
      merged,
      seam,
      held.some((edge) => lateSeams(edge).includes(seam.id)),
    ),
  );
  // Nobody measured these edges: they are as they were cut.
  const { late = [], ...rest } = merged;
  const measured = late.filter(({ edge }) => !held.some((one) => one === edge));
  return {
    kind: "sheet",
    anew,
    sheet: {
      ...rest,
      ...(measured.length === 0 ? {} : { late: measured }),
      order: Object.keys(measuredOnGarment).length === 0 ? order : { ...order, measuredOnGarment },
      seams,
      checks: [
        ...merged.checks.filter(({ id }) => id !== "seam-mismatch" && !(held.length > 0 && id.startsWith("late-"))),
        ...askOfCut(frozen, first.sheet, now),
        ...missedSeams(seams, anew),
      ],
    },
  };
}
