import { isAsked, TIMES_ROUND } from "../chalk";
import { findGarment, type Garment } from "../garments";
import type { Point } from "../geometry";
import type { Inches } from "../length";
import { isRuleId, ruleDefinition } from "../rules";
import type { SheetDrawing } from "./cut-sheet";
import { drawFlat, hangs } from "./flat";
import { layersOf, STANDS_OUT } from "./flat-hanging";
import { isOfSleeve } from "./flat-sleeve";

/** Something that is made wider or narrower by dragging the hem of the flat. */
export interface FlatHandle {
  readonly of: "choice" | "rule";
  readonly id: string;
  readonly label: string;
  readonly value: number;
  readonly range: readonly [number, number];
  /** Whether its number is so many times something, and no length. */
  readonly ratio: boolean;
  /** How much the value changes for each inch that the hem's corner is dragged outwards. */
  readonly perInch: number;
  /** The hem's corner on the right of the front, from its centre line. */
  readonly at: Point;
  /** What the hem is round. */
  readonly hem: Inches;
}

type Wanted = Pick<FlatHandle, "of" | "id" | "perInch">;

/** What the hem is round: the last round of strips, the outer ring, or every lower edge on both sides. */
export function hemRound(sheet: SheetDrawing): Inches {
  const hung = layersOf(sheet).at(-1);
  if (hung !== undefined) return hung.lower;
  // A sleeve's lower edge is no hem of the garment.
  return sheet.pieces
    .filter(hangs)
    .reduce(
      (sum, { cut, edges }) =>
        sum + TIMES_ROUND[cut.on] * edges.reduce((own, { role, sewn }) => own + (role === "hem" ? sewn : 0), 0),
      0,
    );
}

/** What the garment's hem is set by, the likeliest first, and how far it goes for each inch of the picture. */
function wantedOf(sheet: SheetDrawing, garment: Garment): readonly Wanted[] {
  const { skirt, tierWidths } = sheet.resolved.choices;
  const layers = layersOf(sheet);
  const [first] = layers;
  const depth = first?.depth ?? 1;
  const hung: readonly Wanted[] =
    first === undefined
      ? []
      : [
          { of: "choice", id: "circleShare", perInch: 4 / (2 * Math.PI * depth * STANDS_OUT.swung) },
          { of: "choice", id: "gatherRatio", perInch: 4 / (first.upper * STANDS_OUT.gathered) },
          { of: "choice", id: "ruffleRatio", perInch: 4 / (first.upper * STANDS_OUT.gathered) },
          ...(tierWidths === "ratio"
            ? []
            : [{ of: "choice", id: "tierAdd", perInch: 4 / (layers.length * STANDS_OUT.gathered) } as const]),
        ];
  const fitted: readonly Wanted[] = [
    { of: "choice", id: "mermaidOut", perInch: 1 },
    { of: "choice", id: "panelFlare", perInch: 0.5 },
    { of: "rule", id: "hemFlare", perInch: 1 },
    { of: "rule", id: "hemPeg", perInch: -1 },
  ];
  // Under a body only the skirt that hangs there moves its hem.
  const own = skirt === undefined ? fitted : fitted.filter(({ id }) => OF_SKIRT[id] === skirt);
  return [...hung, ...own].filter(({ of, id }) =>
    of === "choice" ? garment.choices[id] !== undefined : isRuleId(id) && garment.uses.includes(id),
  );
}

/** Which skirt each is about, where a body carries several by choice. */
const OF_SKIRT: Readonly<Record<string, string>> = { mermaidOut: "mermaid", hemFlare: "a-line", hemPeg: "pencil" };

/** Whether a choice matters under what else is chosen. */
function isAskedNow(sheet: SheetDrawing, garment: Garment, { of, id }: Wanted): boolean {
  return of !== "choice" || isAsked(garment.choices[id] ?? {}, sheet.resolved.choices);
}

/** A choice that is still one of its named ways starts from what is drawn. */
function valueNow(sheet: SheetDrawing, { of, id }: Wanted): number | null {
  const value = of === "choice" ? sheet.resolved.choices[id] : sheet.resolved.rules[id]?.value;
  if (typeof value === "number") return value;
  if (id !== "mermaidOut") return null;
  const hip = sheet.pieces
    .find(({ id: piece }) => piece === "skirt-front")
    ?.marks.find((mark) => mark.id === "hip/side");
  return hip?.stitch ?? null;
}

/** What can be dragged at the hem of a garment's flat; null where nothing there sets its width. */
export function flatHandle(sheet: SheetDrawing): FlatHandle | null {
  const garment = findGarment(sheet.order.garment);
  const front = drawFlat(sheet).find(({ half }) => half === "front");
  if (garment === undefined || front === undefined) return null;
  const wanted = wantedOf(sheet, garment).find((one) => isAskedNow(sheet, garment, one));
  const value = wanted === undefined ? null : valueNow(sheet, wanted);
  if (wanted === undefined || value === null) return null;
  const corners = front.pieces
    .filter(({ id }) => !isOfSleeve(id))
    .flatMap(({ edges }) => edges.filter(({ role }) => role === "hem").flatMap(({ points }) => points));
  const corner = corners.reduce<Point | null>((far, one) => (far === null || one.x > far.x ? one : far), null);
  const choice = wanted.of === "choice" ? garment.choices[wanted.id] : undefined;
  const rule = wanted.of === "rule" && isRuleId(wanted.id) ? ruleDefinition(wanted.id) : undefined;
  const sized = choice?.kind === "length" || choice?.kind === "ratio" ? choice.range : rule?.range;
  if (corner === null || sized === undefined) return null;
  return {
    ...wanted,
    label: choice?.label ?? rule?.label ?? wanted.id,
    value,
    range: sized,
    ratio: choice?.kind === "ratio",
    at: corner,
    hem: hemRound(sheet),
  };
}
