import type { Draft } from "../chalk";
import type { TableStep } from "../cloth";
import type { Point } from "../geometry";
import { checkLengths, type Placement, type Reading, type ThenAct } from "../table";
import { wordPieceName } from "../wording";
import type { SheetStep } from "./cut-sheet";
import type { SheetLength, SheetPlacement, SheetReading } from "./sheet-table";

const place = ({ x, y }: Point): [number, number] => [x, y];

function writeReading(reading: Reading, several: boolean): SheetReading {
  const { at, hair, made, off, from, way, alsoFrom } = reading;
  const [first] = made;
  return {
    at,
    hair,
    names: made.map(({ name }) => name),
    is: first?.is ?? "help",
    ...(several && first !== undefined ? { piece: first.piece } : {}),
    ...(off === null ? {} : { off: { ...off } }),
    ...(from === null ? {} : { from }),
    ...(way === null ? {} : { way }),
    ...(alsoFrom === null ? {} : { alsoFrom: { ...alsoFrom } }),
    made: made.map((one) => ({ ...one })),
    place: reading.place === null ? null : place(reading.place),
  };
}

function writeAct(act: ThenAct): SheetPlacement["then"][number] {
  return { ...act, names: [...act.names], at: act.at === null ? null : { ...act.at } };
}

/** A placement as other programs read it. */
export function writePlacement(placement: Placement): SheetPlacement {
  const { readings, acts, on, ...rest } = placement;
  const pieces = new Set(readings.flatMap(({ made }) => made.map(({ piece }) => piece)));
  return {
    ...rest,
    on: typeof on === "string" || on === null ? on : [...on],
    readings: readings.map((reading) => writeReading(reading, pieces.size > 1)),
    // biome-ignore lint/suspicious/noThenProperty: the name of the open format
    then: acts.map(writeAct),
    steps: [...rest.steps],
  };
}

/** What the tape check of a group measures. */
function writeLengths(draft: Draft, pieces: readonly string[]): SheetLength[] {
  const measured = pieces.flatMap((id) => draft.pieces.filter((piece) => piece.id === id));
  return checkLengths(measured, draft.given.metric).map(({ ends, ...length }) => ({
    ...length,
    ends: [place(ends[0]), place(ends[1])],
    read: null,
    state: "open",
    suspects: [],
  }));
}

/** What a step says beside its words: the movement it belongs to, the lengths that are measured, the pieces that are counted. */
export function writeTableParts(
  draft: Draft,
  { act, movement }: TableStep,
): Pick<SheetStep, "movement" | "state" | "lengths" | "counted" | "by"> {
  const moving = movement === null ? {} : { movement };
  switch (act.kind) {
    case "check":
      return { ...moving, state: "open", lengths: writeLengths(draft, act.pieces) };
    case "count":
      return { ...moving, counted: act.pieces.map((piece) => ({ ...piece, name: wordPieceName(piece.name) })) };
    case "notch":
      return { ...moving, by: act.by };
    case "pierce":
      return { ...moving, by: "tack" };
    default:
      return moving;
  }
}
