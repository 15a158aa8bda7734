import type { MeasurementId } from "../body";
import { placeAtLength } from "../geometry";
import type { Inches } from "../length";
import { certain, fail, type Result, succeed } from "../result";
import type {
  Crease,
  Draft,
  GirthPlan,
  Mark,
  MeasuredEdge,
  Opening,
  PartId,
  Piece,
  Remark,
  SeamPlan,
  StepReason,
} from "./draft";
import { type Given, givenStep } from "./given";
import { measureJoin, type OpenEdge } from "./join";
import type { JoinId, JoinSide } from "./join-ids";
import { lateUsed, lateWhole, type WholeEdge } from "./late";
import type { Notion } from "./notion";
import type { PieceStart } from "./piece-calls";
import { PieceChalk } from "./piece-chalk";
import { raisePiece } from "./raise-piece";
import { readFromEdge } from "./read-from-edge";
import { type Refusal, RefusalSignal } from "./refusal";
import { settleNotches } from "./settle-notches";
import { settleOnCloth } from "./settle-on-cloth";
import { alongDrawn, sewnLength } from "./sewn";
import { type SplitPlan, splitPieces } from "./split-piece";
import { withCrease } from "./with-crease";

const NO_EASE = { least: 0, most: 0 } as const;

/** What an edge that is left open is known to be, besides its rows. */
type KnownOfEdge = Pick<OpenEdge, "front" | "neck">;

/** A part of the garment while it is chalked: its pieces are finished, split and laid on the cloth as it ends. */
interface OpenPart {
  readonly id: PartId;
  readonly pieces: PieceChalk[];
  readonly splits: SplitPlan[];
  readonly starts: Map<string, { readonly down: Inches; readonly allowance: Inches }>;
  readonly opens: { readonly id: JoinId; readonly rows: OpenEdge["rows"]; readonly knows: KnownOfEdge }[];
}

/** The table a recipe chalks on. Lives only while a recipe runs; what comes out is plain data. */
export class Sheet {
  #seams: readonly SeamPlan[] = [];
  readonly #girths: GirthPlan[] = [];
  readonly #settled: Piece[] = [];
  readonly #strips: Piece[] = [];
  readonly #remarks: Remark[] = [];
  readonly #measured: MeasuredEdge[] = [];
  readonly #notions: Notion[] = [];
  readonly #joins = new Map<JoinId, OpenEdge>();
  #open: OpenPart | null = null;
  #fromEdge = false;
  #opening: Opening = "none";
  #opensTo: Inches | null = null;

  constructor(readonly given: Given) {}

  /** Chalks a part of the garment. As it ends its pieces are final: what comes after reads edges that move no more. */
  part(id: PartId, chalk: () => void): void {
    if (this.#open !== null) throw new Error(`part ${id} begins inside part ${this.#open.id}`);
    const part: OpenPart = { id, pieces: [], splits: [], starts: new Map(), opens: [] };
    this.#open = part;
    chalk();
    this.#open = null;
    const whole = part.pieces.map((piece) => finishPiece(piece, part.starts));
    // What is open is renamed with the seams where its piece is cut across.
    const opens = part.opens.map(({ id, rows }): SeamPlan => ({ id, a: rows.front, b: rows.back, ease: NO_EASE }));
    const split = splitPieces(whole, [...opens, ...this.#seams], part.splits);
    this.#seams = split.seams.slice(opens.length);
    this.#settled.push(...settleOnCloth(split.pieces, givenStep(this.given)));
    for (const [index, { id, knows }] of part.opens.entries()) {
      const { a, b } = certain(split.seams[index], `the open ${id}`);
      const rows = { front: a, back: b };
      const open = { ...measureJoin(id, rows, this.#settled, this.given.late, knows.neck?.beyond), ...knows };
      this.#joins.set(id, open);
      this.#tellMeasured(open);
    }
  }

  /** What was measured is kept beside what was drawn, both to the centre: who sees both learns where the work gives way. */
  #tellMeasured({ id, length, off, neck }: OpenEdge): void {
    if (lateUsed(id, this.given.late).length === 0) return;
    for (const half of ["front", "back"] as const) {
      const measured = length[half] - (half === "front" ? (neck?.beyond ?? 0) : 0);
      this.#measured.push({ join: id, half, drawn: measured - off[half], measured });
    }
  }

  /**
   * A whole edge that something is sewn to, as it was measured on the garment, or else as it is drawn; what was measured is
   * kept beside what was drawn.
   *
   * @returns how long it is, and how much longer than it was drawn
   */
  asSewn(id: WholeEdge, drawn: Inches): { readonly length: Inches; readonly off: Inches } {
    const measured = lateWhole(id, this.given.late);
    if (measured === undefined) return { length: drawn, off: 0 };
    this.#measured.push({ join: id, half: "whole", drawn, measured });
    return { length: measured, off: measured - drawn };
  }

  #inPart(): OpenPart {
    return certain(this.#open ?? undefined, "a part to chalk in");
  }

  piece(id: string, start: Omit<PieceStart, "part">): PieceChalk {
    const part = this.#inPart();
    const piece = new PieceChalk(this.given, id, { ...start, part: part.id });
    part.pieces.push(piece);
    return piece;
  }

  /** Promises that two rows of edges will be sewn together; `ease` in inches is how much longer `a` may be. */
  seam(seam: SeamPlan): void {
    this.#seams = [...this.#seams, seam];
  }

  /** Promises a finished girth of the part in hand, round the whole body. */
  girth(girth: Omit<GirthPlan, "part">): void {
    this.#girths.push({ ...girth, part: this.#inPart().id });
  }

  /** Promises how the garment opens, and how far down from the top line. */
  openAt(opening: Opening, opensTo: Inches | null): void {
    this.#opening = opening;
    this.#opensTo = opensTo;
  }

  /** Cuts a piece that was chalked whole into an upper and a lower one, joined by a seam. */
  splitAcross(plan: SplitPlan): void {
    this.#inPart().splits.push(plan);
  }

  /** A piece that starts below the draft's top line, at a line of its own with a seam above it. */
  startAt(piece: string, down: Inches, allowance: Inches): void {
    this.#inPart().starts.set(piece, { down, allowance });
  }

  /** Says lengths from the cloth's edge instead of the top line. */
  readLengthsFromEdge(): void {
    this.#fromEdge = true;
  }

  /** Leaves an edge of the part in hand open for another part; it is measured as the part ends. */
  opens(id: JoinId, rows: OpenEdge["rows"], knows: KnownOfEdge = {}): void {
    this.#inPart().opens.push({ id, rows, knows });
  }

  /** Whether an earlier part left an edge open that nobody has taken yet. */
  isOpen(id: JoinId): boolean {
    return this.#joins.has(id);
  }

  /** Takes an edge that an earlier part left open, to sew it or to finish it: it is open no more. */
  take(id: JoinId): OpenEdge {
    const open = certain(this.#joins.get(id), `an open ${id}`);
    this.#joins.delete(id);
    return open;
  }

  /**
   * Sets a notch on an open edge, where what is sewn to it has its partner.
   *
   * @param up along the sewn edge from its outer end: an armhole's underarm
   */
  notchOpen({ rows }: OpenEdge, half: JoinSide, id: string, up: Inches): void {
    let rest = up;
    for (const reference of [...rows[half]].reverse()) {
      const [pieceId, edgeId] = reference.split("/");
      const index = this.#settled.findIndex((piece) => piece.id === pieceId);
      const piece = this.#settled[index];
      const edge = piece?.edges.find((one) => one.id === edgeId);
      if (piece === undefined || edge === undefined) continue;
      const length = sewnLength(edge);
      if (rest > length) {
        rest -= length;
        continue;
      }
      const at = alongDrawn(edge, length - rest);
      const notch = { id, edge: edge.id, at, point: placeAtLength(edge.stitch, at).point, counts: "from-end" } as const;
      this.#settled[index] = { ...piece, notches: [...piece.notches, notch] };
      return;
    }
  }

  /** Pieces of earlier parts, as they lie and move no more. */
  get pieces(): readonly Piece[] {
    return this.#settled;
  }

  /** Strips that earlier parts added. */
  get strips(): readonly Piece[] {
    return this.#strips;
  }

  /** Sets a notch on an edge of a piece of an earlier part. @param at along the drawn edge from its start */
  notchOn(pieceId: string, edgeId: string, id: string, at: Inches): void {
    const index = this.#settled.findIndex((piece) => piece.id === pieceId);
    const piece = this.#settled[index];
    const edge = piece?.edges.find((one) => one.id === edgeId);
    if (piece === undefined || edge === undefined) return;
    const notch = { id, edge: edgeId, at, point: placeAtLength(edge.stitch, at).point };
    this.#settled[index] = { ...piece, notches: [...piece.notches, notch] };
  }

  /** Chalks a line on a piece of an earlier part, through places of it: where something is sewn on. */
  creaseOn(pieceId: string, crease: Crease, marks: readonly Mark[], why: StepReason): void {
    const index = this.#settled.findIndex(({ id }) => id === pieceId);
    const piece = this.#settled[index];
    if (piece === undefined) return;
    this.#settled[index] = withCrease(piece, crease, marks, why);
  }

  /** Whether an earlier part has a piece of that name. */
  hasPiece(id: string): boolean {
    return [...this.#settled, ...this.#strips].some((piece) => piece.id === id);
  }

  /** Adds a piece that is no half of the body: a strip. */
  add(piece: Piece): void {
    this.#strips.push(piece);
  }

  /** Tells the tailor something that the recipe did. */
  remark(remark: Remark): void {
    this.#remarks.push(remark);
  }

  /** Says what is bought beside the cloth. */
  notion(notion: Notion): void {
    this.#notions.push(notion);
  }

  finish(garment: string, needed: readonly MeasurementId[]): Draft {
    const [left] = this.#joins.keys();
    if (left !== undefined) throw new Error(`the ${left} is left open: it is neither sewn nor finished`);
    const pieces = settleNotches([...this.#settled, ...this.#strips], this.#seams, givenStep(this.given));
    return {
      garment,
      given: this.given,
      pieces: this.#fromEdge ? pieces.map(readFromEdge) : pieces,
      seams: this.#seams,
      girths: this.#girths,
      opening: this.#opening,
      opensTo: this.#opensTo,
      remarks: this.#remarks,
      measured: this.#measured,
      notions: this.#notions,
      needed,
    };
  }
}

function finishPiece(piece: PieceChalk, starts: OpenPart["starts"]): Piece {
  const start = starts.get(piece.id);
  return start === undefined ? piece.finish() : raisePiece(piece.finish(), start.down, start.allowance);
}

/**
 * Runs a recipe on a fresh sheet. The one border where a refusal is caught.
 *
 * @returns the draft, or the refusal with the readings that conflict and the nearest that works
 */
export function chalkDraft(
  garment: string,
  needed: readonly MeasurementId[],
  given: Given,
  recipe: (sheet: Sheet) => void,
): Result<Draft, Refusal> {
  const sheet = new Sheet(given);
  try {
    recipe(sheet);
  } catch (thrown) {
    if (thrown instanceof RefusalSignal) return fail(thrown.refusal);
    throw thrown;
  }
  return succeed(sheet.finish(garment, needed));
}
