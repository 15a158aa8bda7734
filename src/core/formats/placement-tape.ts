import { pathLength, placeAtLength, readPathData } from "../geometry";
import type { CutSheet, SheetPiece } from "./cut-sheet";
import type { SheetPlacement, SheetReading } from "./sheet-table";
import { markPlace, type Place } from "./step-tape";

/** Where one reading is made on the cloth, from the fold or cloth's edge across and from the top line down. */
export interface TapeFlag {
  readonly reading: SheetReading;
  readonly at: Place;
}

/** A placement as it lies on the cloth: its tape, or one for each line of a walk, and a flag at each reading. */
export interface PlacementTape {
  readonly tapes: readonly (readonly [Place, Place])[];
  /** Edges that the tape follows on its edge, as path data. */
  readonly along: readonly string[];
  readonly flags: readonly TapeFlag[];
  readonly direction: "across" | "down" | "other";
}

interface Laid {
  readonly sheet: CutSheet;
  readonly placement: SheetPlacement;
}

function pieceOf({ sheet }: Laid, id: string | undefined): SheetPiece | undefined {
  return sheet.pieces.find((piece) => piece.id === id);
}

const insetOf = (piece: SheetPiece | undefined): number => piece?.originInset ?? 0;

function lineOf(piece: SheetPiece | undefined, id: string | undefined) {
  return piece?.lines.find((line) => line.id === id);
}

/** A place of a piece, on its cloth. */
function onCloth(piece: SheetPiece | undefined, [x, y]: Place): Place {
  return [x + insetOf(piece), y];
}

/** Where an edge's allowance is shown: half way along it. */
function middleOf(piece: SheetPiece | undefined, edge: string): Place | null {
  const data = piece?.edges.find(({ id }) => id === edge)?.path;
  if (data === undefined) return null;
  const path = readPathData(data);
  const { point } = placeAtLength(path, pathLength(path) / 2);
  return [point.x, point.y];
}

function placeOf(laid: Laid, reading: SheetReading): Place | null {
  const [made] = reading.made;
  const piece = pieceOf(laid, made?.piece);
  if (laid.placement.kind === "frame") {
    if (made !== undefined && made.name === piece?.lines[0]?.id) return [insetOf(piece) + 2, 0];
    return reading.way === "inwards" ? [insetOf(piece), 2] : onCloth(piece, reading.place ?? [0, 0]);
  }
  if (laid.placement.kind === "seams") {
    const middle = middleOf(piece, reading.from ?? made?.name ?? "");
    return middle === null ? null : onCloth(piece, middle);
  }
  return reading.place === null ? null : onCloth(piece, reading.place);
}

/** Where a tape across starts for a reading: on its line, at the piece's origin. */
function startAcross(laid: Laid, flag: TapeFlag): Place {
  const { placement } = laid;
  const piece = pieceOf(laid, flag.reading.made[0]?.piece) ?? pieceOf(laid, placement.piece);
  const line = lineOf(
    piece,
    placement.kind === "walk" ? flag.reading.from : typeof placement.on === "string" ? placement.on : undefined,
  );
  const lead = pieceOf(laid, placement.piece);
  return [insetOf(lead) + (line?.start ?? 0), line?.down ?? flag.at[1]];
}

function acrossTapes(laid: Laid, flags: readonly TapeFlag[]): PlacementTape["tapes"] {
  if (laid.placement.kind === "walk")
    return flags.map((flag) => [startAcross(laid, flag), [flag.at[0], startAcross(laid, flag)[1]]]);
  const last = flags.at(-1);
  if (last === undefined) return [];
  const from = startAcross(laid, last);
  return [[from, [Math.max(...flags.map(({ at }) => at[0])), from[1]]]];
}

function shortTapes(laid: Laid, flags: readonly TapeFlag[]): PlacementTape["tapes"] {
  return flags.flatMap(({ reading, at }): (readonly [Place, Place])[] => {
    const piece = pieceOf(laid, reading.made[0]?.piece);
    const line = lineOf(piece, reading.from?.replace(/-line$/, ""));
    return line === undefined ? [] : [[[at[0], line.down], at]];
  });
}

function frameTapes(flags: readonly TapeFlag[]): PlacementTape["tapes"] {
  return flags.map(({ reading, at }) =>
    reading.way === "inwards" ? [[0, at[1]], at] : [[at[0], at[1] - reading.at], at],
  );
}

/** From the mark that the tape hangs from, or the armhole line, to the mark it makes. */
function markTapes(laid: Laid, flags: readonly TapeFlag[]): PlacementTape["tapes"] {
  const { placement } = laid;
  return flags.map(({ reading, at }) => {
    const piece = pieceOf(laid, reading.made[0]?.piece);
    const origin = piece?.marks.find(({ id }) => id === placement.originMark);
    if (piece !== undefined && origin !== undefined) return [onCloth(piece, markPlace(piece, origin)), at];
    return [[at[0] + reading.at, at[1]], at];
  });
}

/** One tape down the slanted line under a cap, whatever is set off it. */
function slantTape(laid: Laid): PlacementTape["tapes"] {
  const piece = pieceOf(laid, laid.placement.piece);
  const [from, to] = [laid.placement.originMark, laid.placement.on].map((id) =>
    piece?.marks.find((mark) => mark.id === id),
  );
  if (piece === undefined || from === undefined || to === undefined) return [];
  return [[onCloth(piece, markPlace(piece, from)), onCloth(piece, markPlace(piece, to))]];
}

/** The tape at the start, the middle and the end of its swing. */
const SWUNG = [0, 0.5, 1] as const;

function swingTapes(laid: Laid, flags: readonly TapeFlag[]): PlacementTape["tapes"] {
  const piece = pieceOf(laid, laid.placement.piece);
  const arc = piece?.edges.find(({ id }) => id === laid.placement.readings[0]?.made[0]?.name)?.arc;
  const longest = Math.max(0, ...flags.map(({ reading }) => reading.at));
  if (arc === undefined) return [];
  const [x, y] = arc.centre;
  const sweep = Math.abs(arc.sweep);
  return SWUNG.map((share) => [
    onCloth(piece, [x, y]),
    onCloth(piece, [x + longest * Math.sin(sweep * share), y + longest * Math.cos(sweep * share)]),
  ]);
}

/** A placement's tape and flags on its cloth. */
export function placementTape(sheet: CutSheet, placement: SheetPlacement): PlacementTape {
  const laid = { sheet, placement };
  const flags = placement.readings.flatMap((reading): TapeFlag[] => {
    const at = placeOf(laid, reading);
    return at === null ? [] : [{ reading, at }];
  });
  const { kind, direction, origin, on } = placement;
  const base = { flags, along: [] };
  switch (kind) {
    case "frame":
      return { ...base, tapes: frameTapes(flags), direction: "other" };
    case "short":
      return { ...base, tapes: shortTapes(laid, flags), direction: "other" };
    case "seams":
    case "strips":
      return { ...base, tapes: [], direction: "other" };
    case "swing":
      return { ...base, tapes: swingTapes(laid, flags), direction: "other" };
    case "along": {
      const edge = pieceOf(laid, placement.piece)?.edges.find(({ id }) => id === on);
      if (edge === undefined) return { ...base, tapes: [], direction: "other" };
      // Beside an edge that runs down its flags hide no mark of another.
      const runsDown = Math.abs(edge.end[1] - edge.start[1]) > Math.abs(edge.end[0] - edge.start[0]);
      return { ...base, tapes: [], along: [edge.path], direction: runsDown ? "down" : "other" };
    }
    case "walk":
      return { ...base, tapes: acrossTapes(laid, flags), direction: "across" };
    case "line": {
      if (placement.slot === "slant") return { ...base, tapes: slantTape(laid), direction: "other" };
      if (origin === "mark" || origin === "armhole-line")
        return { ...base, tapes: markTapes(laid, flags), direction: "other" };
      if (direction !== "down") return { ...base, tapes: acrossTapes(laid, flags), direction: "across" };
      const inset = insetOf(pieceOf(laid, placement.piece));
      const deepest = Math.max(0, ...flags.map(({ at }) => at[1]));
      return {
        ...base,
        tapes: [
          [
            [inset, 0],
            [inset, deepest],
          ],
        ],
        direction: "down",
      };
    }
    default:
      return kind satisfies never;
  }
}
