/** How far a piece has come; each fixes something more (craft: making, the state of each piece). */
export const pieceStates = ["planned", "folded", "chalked", "checked", "cut", "sewn"] as const;
export type PieceState = (typeof pieceStates)[number];

/** A step of a sheet, as far as its ticks say how a piece stands. */
export interface StandStep {
  readonly id: string;
  readonly phase: string;
  readonly piece: string;
  readonly group: string;
  readonly make?:
    | { readonly seams: readonly { readonly a: readonly string[]; readonly b: readonly string[] }[] }
    | undefined;
}

/** What of a sheet its pieces' states are read from. */
export interface StandSheet {
  readonly pieces: readonly { readonly id: string; readonly cut: { readonly copies: number } }[];
  readonly groups: readonly { readonly id: string; readonly pieces: readonly string[] }[];
  readonly steps: readonly StandStep[];
}

/** A piece that is lost: mis-cut, stained, torn; how many of it, and which. */
export interface SpoiltPiece {
  readonly piece: string;
  readonly copies: number;
  /** Whether it was cut again; until then it is missing. */
  readonly again: boolean;
}

/** A piece as it stands, with what of it is spoilt and not cut again. */
export interface PieceStand {
  readonly piece: string;
  readonly state: PieceState;
  readonly missing: number;
}

function ticked(steps: readonly StandStep[], done: ReadonlySet<string>): boolean {
  return steps.length > 0 && steps.every(({ id }) => done.has(id));
}

/** Whether a piece is joined to another one. */
function isSewn({ steps }: StandSheet, piece: string, done: ReadonlySet<string>): boolean {
  return steps.some(
    ({ id, make }) => done.has(id) && make?.seams.some(({ a, b }) => a.includes(piece) || b.includes(piece)),
  );
}

function stateOf(sheet: StandSheet, piece: string, done: ReadonlySet<string>, isCut: boolean): PieceState {
  const group = sheet.groups.find(({ pieces }) => pieces.includes(piece))?.id;
  const of = (phase: string, own: boolean) =>
    sheet.steps.filter((step) => step.phase === phase && (own ? step.piece === piece : step.group === group));
  if (isSewn(sheet, piece, done)) return "sewn";
  const cuts = of("cut", true);
  if (isCut || ticked(cuts.length > 0 ? cuts : of("cut", false), done)) return "cut";
  const chalked = ticked(of("chalk", true), done);
  if (chalked && ticked(of("check", false), done)) return "checked";
  if (chalked) return "chalked";
  return ticked(of("fold", false), done) ? "folded" : "planned";
}

/**
 * How every piece of a sheet stands, by what is ticked.
 *
 * @param isCut whether the whole sheet was said to be cut, whatever is ticked
 */
export function standOfPieces(
  sheet: StandSheet,
  done: ReadonlySet<string>,
  isCut: boolean,
  spoilt: readonly SpoiltPiece[] = [],
): readonly PieceStand[] {
  return sheet.pieces.map(({ id }) => ({
    piece: id,
    state: stateOf(sheet, id, done, isCut),
    missing: spoilt.filter(({ piece, again }) => piece === id && !again).reduce((sum, { copies }) => sum + copies, 0),
  }));
}

/**
 * Pieces that can still be drawn otherwise: no shears have been near them. A group whose cutting has begun is not free, though
 * none of its pieces is out yet.
 */
export function freePieces(sheet: StandSheet, done: ReadonlySet<string>, isCut: boolean): ReadonlySet<string> {
  const begun = new Set(
    sheet.steps.filter(({ id, phase }) => phase === "cut" && done.has(id)).map(({ group }) => group),
  );
  const untouched = sheet.groups.filter(({ id }) => !begun.has(id)).flatMap(({ pieces }) => pieces);
  const stands = standOfPieces(sheet, done, isCut);
  return new Set(
    stands
      .filter(({ piece, state }) => untouched.includes(piece) && state !== "cut" && state !== "sewn")
      .map(({ piece }) => piece),
  );
}

/** How many pieces are cut, of how many; a copy that is spoilt counts as none. */
export function countCut(stands: readonly PieceStand[]): { readonly cut: number; readonly all: number } {
  const isThere = ({ state, missing }: PieceStand) => (state === "cut" || state === "sewn") && missing === 0;
  return { cut: stands.filter(isThere).length, all: stands.length };
}
