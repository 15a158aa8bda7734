import { distanceOutside, distanceToPath, flattenPath, type Path, readPathData } from "../geometry";
import { formatLengthWithUnit, type Inches } from "../length";
import { type Result, succeed } from "../result";
import { type TrimSide, wordTrim } from "../wording";
import { cutLines } from "./cut-lines";
import type { CutSheet, SheetCheck, SheetPiece, SheetStep } from "./cut-sheet";
import type { ReadOrder } from "./read-order";
import type { RefusedOrder } from "./write-refusal";
import { writeSheet } from "./write-sheet";

/** Nobody trims off less than this: the seam takes it. */
const LEAST_TRIM: Inches = 1 / 8 - 1e-6;
/** The narrowest seam that is cut gives so much, and no more. */
const TAKEN_BY_SEAM: Inches = 3 / 8 + 1e-6;
/** Nearer than this a cutting line is the same. */
const SAME: Inches = 1 / 16;

type Sides = NonNullable<SheetPiece["sides"]>;

/** How far one side's outline reaches out of the one that is cut, where it reaches furthest: cloth that will be missing there. */
function outsideBy(chalked: SheetPiece, own: SheetPiece | undefined): Inches {
  if (own === undefined || chalked.strip !== undefined) return 0;
  const outline = flattenPath(readPathData(chalked.outline.cut.replace(/\s*Z\s*$/, "")));
  return Object.values(cutLines(own))
    .flatMap((line) => flattenPath(readPathData(line)))
    .reduce((most, place) => Math.max(most, distanceOutside(place, outline)), 0);
}

/** A trimmed line leaves the one that is cut here. */
const LEAVES: Inches = 1 / 48;

/** The stretches of one side's cutting line that lie inside the chalked one, and how far where they lie furthest: the rest is cut already. */
function insideOf(outline: Path, line: string): { readonly cut: string; readonly most: Inches } {
  const places = flattenPath(readPathData(line));
  const inside = places.map((place) => distanceToPath(outline, place));
  const rows: string[] = [];
  for (const [index, { x, y }] of places.entries()) {
    const near = [index - 1, index, index + 1].some((at) => (inside[at] ?? 0) > LEAVES);
    const before = [index - 2, index - 1, index].some((at) => (inside[at] ?? 0) > LEAVES);
    if (near) rows.push(`${before && rows.length > 0 ? "L" : "M"} ${x} ${y}`);
  }
  return { cut: rows.join(" "), most: Math.max(0, ...inside) };
}

/** What is trimmed off a piece on one side of the wearer, once it is cut as the larger of both. */
function trimOf(chalked: SheetPiece, own: SheetPiece | undefined, side: TrimSide): Sides {
  if (own === undefined || chalked.strip !== undefined) return [];
  const outline = readPathData(chalked.outline.cut.replace(/\s*Z\s*$/, ""));
  const larger = cutLines(chalked);
  const edges = Object.entries(cutLines(own)).flatMap(([edge, line]) => {
    const { cut, most } = insideOf(outline, line);
    return larger[edge] === undefined || most < LEAST_TRIM ? [] : [{ edge, cut, most }];
  });
  return edges.length === 0 ? [] : [{ side, edges }];
}

/** Parts the layers, or opens the fold, then trims one of them: a stop of its own before the notches. */
function trimSteps(sheet: CutSheet, piece: SheetPiece): readonly SheetStep[] {
  const group = sheet.groups.find(({ pieces }) => pieces.includes(piece.id));
  const last = sheet.steps.filter(({ phase, group: own }) => phase === "cut" && own === group?.id).at(-1);
  if (group === undefined || last === undefined) return [];
  return (piece.sides ?? []).map(({ side, edges }): SheetStep => {
    const folded = piece.cut.on === "fold";
    const oneEach = piece.part === "sleeve";
    const words = wordTrim({ piece: piece.name, half: piece.half, side, folded, oneEach, edges, unit: sheet.unit });
    return {
      ...last,
      id: `trim-${side}-${piece.id}`,
      piece: piece.id,
      act: "trim",
      ...words,
      why: null,
      marks: [],
      line: null,
      edge: edges[0]?.edge ?? null,
      reading: null,
      cutReading: null,
      terms: [],
      layers: 1,
      stopUntil: "separated",
      mustNotCut: [],
      movement: `trim-${side}-${piece.id}`,
    };
  });
}

/** One side that the larger of both does not hold everywhere: its other lines were trued elsewhere for it. */
function missingOf(main: CutSheet, own: CutSheet, side: TrimSide): readonly SheetCheck[] {
  const say = (length: Inches) => formatLengthWithUnit(length, main.unit);
  return main.pieces.flatMap((piece): readonly SheetCheck[] => {
    const half = own.pieces.find(({ id }) => id === piece.id);
    const shorter = (piece.strip?.length ?? 0) - (half?.strip?.length ?? piece.strip?.length ?? 0);
    if (shorter >= LEAST_TRIM)
      return [
        caution(
          piece,
          "side-strip",
          `${piece.name}: the one for the wearer's ${side} is ${say(shorter)} shorter, ${say(half?.strip?.length ?? 0)} in all.`,
          "Cut both alike, then that one shorter; write on it whose side it is.",
        ),
      ];
    const out = outsideBy(piece, half);
    if (out <= SAME) return [];
    return [
      caution(
        piece,
        "side-beyond-cut",
        `${piece.name}: on the wearer's ${side} it would reach ${say(out)} beyond what is cut.`,
        out <= TAKEN_BY_SEAM
          ? "Its seam allowance takes it: baste that side first, and sew it so much nearer to the edge."
          : "More than its seam allowance takes: before that layer is cut, chalk the line so much further out there.",
      ),
    ];
  });
}

function caution({ id: piece }: SheetPiece, id: string, text: string, remedy: string): SheetCheck {
  return { id, level: "caution", text, remedy, piece, line: null, edge: null, measurement: null };
}

/** Each half by itself: what is wrong on one of them is said with its side. */
function checksOf(main: CutSheet, own: CutSheet, side: TrimSide): readonly SheetCheck[] {
  const known = new Set(main.checks.map(({ id, piece, edge }) => `${id} ${piece} ${edge}`));
  return own.checks
    .filter(({ id, level, piece, edge }) => level === "error" && !known.has(`${id} ${piece} ${edge}`))
    .map((check) => ({ ...check, text: `On the wearer's ${side}: ${check.text}` }));
}

function between(main: CutSheet, left: CutSheet, right: CutSheet): CutSheet["girths"] {
  return main.girths.map((girth) => {
    const halves = [left, right].flatMap(({ girths }) => girths.filter(({ line }) => line === girth.line));
    const [one, other] = halves;
    if (one === undefined || other === undefined) return girth;
    const middle = (of: "declared" | "wanted" | "drawn") => (one[of] + other[of]) / 2;
    return { ...girth, declared: middle("declared"), wanted: middle("wanted"), drawn: middle("drawn") };
  });
}

const armholeOf = ({ seams }: CutSheet): Inches => seams.find(({ id }) => id === "cap")?.lengthB ?? 0;

/**
 * What is chalked where armholes differ: the body by the smaller, which leaves more cloth, and the sleeve by the larger, as if
 * that had been measured.
 */
function withLargerSleeve(read: ReadOrder, main: CutSheet, sides: readonly CutSheet[]): CutSheet {
  const armhole = Math.max(...sides.map(armholeOf));
  const measured = ["armhole", "armholeFront", "armholeBack"] as const;
  const { late } = read.given;
  if (armhole - armholeOf(main) < SAME || measured.some((id) => late[id] !== undefined)) return main;
  const drawn = writeSheet({ ...read, given: { ...read.given, late: { ...late, armhole } } });
  const errors = ({ checks }: CutSheet) => checks.filter(({ level }) => level === "error").length;
  if (!drawn.ok || errors(drawn.value) > errors(main)) return main;
  // Nobody measured it: it is not told as if somebody had.
  const { late: told = [], ...sheet } = drawn.value;
  const others = told.filter(({ edge }) => edge !== "armhole");
  return {
    ...sheet,
    ...(others.length === 0 ? {} : { late: others }),
    checks: sheet.checks.filter(
      ({ id, text }) => !id.startsWith("late-") || main.checks.some((one) => one.text === text),
    ),
  };
}

/**
 * Draws an order whose figure is not alike on both sides: the larger of both is chalked and cut through both layers, then the
 * smaller is trimmed on its own layer; girths and checks are worked out for each side.
 */
export function writeSided(read: ReadOrder): Result<CutSheet, RefusedOrder> {
  const drawn = writeSheet(read);
  if (!drawn.ok || read.sides === null) return drawn;
  const halves = (["left", "right"] as const).map((side) => ({
    side,
    drawn: writeSheet({ ...read, given: { ...read.given, ...read.sides?.[side] } }),
  }));
  const [left, right] = halves;
  if (left === undefined || right === undefined || !left.drawn.ok) return left?.drawn ?? drawn;
  if (!right.drawn.ok) return right.drawn;
  const own = { left: left.drawn.value, right: right.drawn.value };
  const main = withLargerSleeve(read, drawn.value, [own.left, own.right]);
  const pieces = main.pieces.map((piece): SheetPiece => {
    const sides = (["left", "right"] as const).flatMap((side) =>
      trimOf(
        piece,
        own[side].pieces.find(({ id }) => id === piece.id),
        side,
      ),
    );
    return sides.length === 0 ? piece : { ...piece, sides };
  });
  const sheet = { ...main, pieces };
  const trims = pieces.flatMap((piece) => trimSteps(sheet, piece));
  const lastCut = (group: string) =>
    main.steps.filter((step) => step.phase === "cut" && step.group === group).at(-1)?.id ?? "";
  return succeed({
    ...sheet,
    girths: between(main, own.left, own.right),
    steps: main.steps.flatMap((step) =>
      step.id === lastCut(step.group) ? [step, ...trims.filter(({ group }) => group === step.group)] : [step],
    ),
    checks: [
      ...main.checks,
      ...(["left", "right"] as const).flatMap((side) => [
        ...checksOf(main, own[side], side),
        ...missingOf(main, own[side], side),
      ]),
    ],
  });
}
