import { type ActLook, actLook, chalkActs } from "../chalk";
import { handActs } from "../cloth";
import type { CutSheet, SheetPiece, SheetStep } from "./cut-sheet";
import type { SheetPlacement } from "./sheet-table";

/** Frozen sheets may carry acts that nobody does any more: they light nothing. */
const PLAIN = actLook("none", false, false);

const looks: Readonly<Record<string, ActLook>> = { ...handActs, ...chalkActs };

export function lookOf(act: string): ActLook {
  return looks[act] ?? PLAIN;
}

/** Whether a step's number is the thing to chalk. */
export function isMeasured(step: SheetStep): boolean {
  return step.reading !== null && step.reading > 0 && lookOf(step.act).number;
}

/** Everything on the cloth that is lit, or that is chalked already: `piece/name` each. */
export interface Lights {
  readonly lines: ReadonlySet<string>;
  readonly centres: ReadonlySet<string>;
  readonly marks: ReadonlySet<string>;
  readonly stitches: ReadonlySet<string>;
  readonly cuts: ReadonlySet<string>;
  readonly darts: ReadonlySet<string>;
  readonly notches: ReadonlySet<string>;
}

const kinds = ["lines", "centres", "marks", "stitches", "cuts", "darts", "notches"] as const;
type Kind = (typeof kinds)[number];

export const noLights: Lights = {
  lines: new Set(),
  centres: new Set(),
  marks: new Set(),
  stitches: new Set(),
  cuts: new Set(),
  darts: new Set(),
  notches: new Set(),
};

/** Everything of several, together. */
export function joinLights(all: readonly Lights[]): Lights {
  const together = (kind: Kind) => new Set(all.flatMap((one) => [...one[kind]]));
  return Object.fromEntries(kinds.map((kind) => [kind, together(kind)])) as unknown as Lights;
}

/** The piece of a step's fold that has an edge: front and back that lie together are cut by one another's. */
function pieceWithEdge(sheet: CutSheet, step: SheetStep): SheetPiece | undefined {
  const group = sheet.groups.find(({ id }) => id === step.group);
  const ids = [step.piece, ...(group?.pieces ?? [])];
  return ids
    .flatMap((id) => sheet.pieces.filter((piece) => piece.id === id))
    .find(({ edges }) => edges.some(({ id }) => id === step.edge));
}

function only(kind: Kind, names: readonly string[]): Lights {
  return { ...noLights, [kind]: new Set(names) };
}

/** The line that a step chalks and nobody cuts. */
function creasesOf(piece: SheetPiece | undefined, step: SheetStep): readonly string[] {
  return (piece?.creases ?? [])
    .filter(({ id }) => step.act === "crease" && step.id.endsWith(`-${id}-line`))
    .map(({ id }) => `${step.piece}/${id}`);
}

/** Frozen sheets name a dart without the word. */
function dartsOf(piece: SheetPiece | undefined, step: SheetStep): readonly string[] {
  return (piece?.darts ?? [])
    .filter(({ id }) => step.id.endsWith(id.endsWith("-dart") ? id : `${id}-dart`))
    .map(({ id }) => `${step.piece}/${id}`);
}

function notchesOf(piece: SheetPiece | undefined, step: SheetStep): readonly string[] {
  return (piece?.notches ?? [])
    .filter(({ id, edge }) => edge === step.edge && step.id.startsWith(`notch-${id}-`))
    .map(({ id, edge }) => `${step.piece}/${edge}/${id}`);
}

/** The hole that a pierced tip makes. */
function holeOf(piece: SheetPiece | undefined, step: SheetStep): readonly string[] {
  return (piece?.marks ?? [])
    .filter(({ id }) => id.endsWith("-hole") && step.id.startsWith(`pierce-${id.replace("/", "-")}-`))
    .map(({ id }) => `${step.piece}/${id}`);
}

/** The dotted lines along which one side of the wearer is trimmed: `piece/edge@side`. */
function trimsOf(piece: SheetPiece | undefined, step: SheetStep): readonly string[] {
  const own = (piece?.sides ?? []).filter(({ side }) => step.id.startsWith(`trim-${side}-`));
  return own.flatMap(({ side, edges }) => edges.map(({ edge }) => `${piece?.id}/${edge}@${side}`));
}

/** What one step lights. */
export function lightsOf(sheet: CutSheet, step: SheetStep): Lights {
  const piece = sheet.pieces.find(({ id }) => id === step.piece);
  if (step.act === "trim") return only("cuts", trimsOf(piece, step));
  const edge = step.edge === null ? [] : [`${pieceWithEdge(sheet, step)?.id ?? step.piece}/${step.edge}`];
  switch (lookOf(step.act).lights) {
    case "line":
      return only("lines", [`${step.piece}/${step.line ?? (step.act === "top-line" ? "top" : "")}`]);
    case "centre":
      return only("centres", [step.piece]);
    case "marks":
      return only(
        "marks",
        step.act === "pierce" ? holeOf(piece, step) : step.marks.map((mark) => `${step.piece}/${mark}`),
      );
    case "stitch":
      return only("stitches", step.act === "trace" ? allEdges(piece) : edge);
    case "cut":
      return only("cuts", edge);
    case "cut-out":
      return only("cuts", allEdges(piece));
    case "dart":
      return only("darts", [...dartsOf(piece, step), ...creasesOf(piece, step)]);
    case "notch":
      return only("notches", notchesOf(piece, step));
    default:
      return noLights;
  }
}

function allEdges(piece: SheetPiece | undefined): readonly string[] {
  return (piece?.edges ?? []).filter(({ onFold }) => !onFold).map(({ id }) => `${piece?.id}/${id}`);
}

/** What is rubbed out once a placement is done: helper marks, named with their piece. */
export function rubbedOut({ then }: SheetPlacement): readonly string[] {
  return then
    .filter(({ act }) => act === "rub-out")
    .flatMap(({ names, piece }) => names.map((name) => `${piece}/${name}`));
}
