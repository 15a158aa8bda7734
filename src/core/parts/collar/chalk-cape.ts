import {
  allowanceTerm,
  type EdgeReference,
  type Mark,
  type OpenEdge,
  refuse,
  ruleLength,
  type Sheet,
  settleOnTape,
} from "../../chalk";
import {
  add,
  at,
  crossAtDepth,
  curveBetween,
  cutOutline,
  type Direction,
  dot,
  flattenPath,
  joinPaths,
  mapPath,
  type Path,
  type Point,
  pathBeside,
  pathEnd,
  pathLength,
  placeAtLength,
  reversePath,
  rightOf,
  scale,
  straight,
  subtract,
} from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import { certain } from "../../result";
import { type ClosedHalf, closeHalf } from "../closed-half";
import { markDrawn } from "../mark-drawn";
import type { CollarForm } from "./collar-form";

/** At the centre front a cape is sewn on this far above the neck's depth: in its seam. */
const ABOVE_NECK = both(0.25, 0.5);
/** A neck may come so near to the line that the cape is sewn on. */
const INSIDE_LINE = both(0.25, 0.5);

/** Half of the body that a cape lies on: the shoulder, and the lines that it is sewn on and ends at. */
interface CapeHalf {
  readonly half: ClosedHalf;
  /** Along the shoulder from the neck outwards, and square to it, down. */
  readonly along: Direction;
  readonly below: Direction;
  /** On the shoulder: where it starts, and where it ends. */
  readonly from: Point;
  readonly to: Point;
  /** From the shoulder to the centre. */
  readonly inner: Path;
  readonly outer: Path;
}

function startOn(half: ClosedHalf, { capeTipIn, capeDepth }: CollarForm) {
  const length = pathLength(half.shoulder);
  // Beside a built-up neck the shoulder's own line is the one at its tip.
  const { point: tip, tangent: along } = placeAtLength(half.shoulder, length);
  const from = subtract(tip, scale(along, Math.min(capeTipIn, length)));
  return { half, along, below: rightOf(along), from, to: add(from, scale(along, capeDepth)) };
}

function frontOf(sheet: Sheet, form: CollarForm, half: ClosedHalf, depth: Inches): CapeHalf & { readonly end: Path } {
  const start = startOn(half, form);
  const centre = at(0, depth - pickSystem(ABOVE_NECK, sheet.given.metric));
  const inner: Path = {
    start: start.from,
    segments: [curveBetween(start.from, start.below, centre, { x: -1, y: 0 })],
  };
  const corner = add(centre, at(form.capeFrontIn, form.capeFrontFall));
  const end = straight(corner, centre);
  const way = scale(subtract(corner, centre), 1 / Math.hypot(form.capeFrontIn, form.capeFrontFall));
  const outer: Path = {
    start: start.to,
    segments: [curveBetween(start.to, start.below, corner, rightOf(way))],
  };
  return { ...start, inner, outer, end };
}

function backOf(form: CollarForm, half: ClosedHalf, neckDepth: Inches): CapeHalf {
  const start = startOn(half, form);
  const down = neckDepth + form.capeBackDown;
  const centre = at(crossAtDepth(half.centre, down)[0]?.x ?? 0, down);
  const inner: Path = {
    start: start.from,
    segments: [curveBetween(start.from, start.below, centre, { x: -1, y: 0 })],
  };
  const outer = pathBeside(inner, -form.capeDepth, { start: start.to });
  return { ...start, inner, outer };
}

/** Whether a neck lies inside the line that a cape is sewn on, so that there is cloth under all of it. */
function checkInside(sheet: Sheet, { inner, half }: CapeHalf, side: "front" | "back"): void {
  const near = pickSystem(INSIDE_LINE, sheet.given.metric) + 1 / 8;
  const low = pathEnd(inner).y;
  const outside = flattenPath(half.neck.stitch).some((place) => {
    const across = crossAtDepth(inner, place.y)[0]?.x;
    return across === undefined ? place.y > low && place.x > 1 && place.y - low > near : place.x > across + near;
  });
  if (!outside) return;
  refuse({
    code: "collar-on-neck",
    conflicts: [
      `choices.${side}Neck`,
      "choices.neckWidth",
      `choices.${side}NeckDepth`,
      "choices.capeTipIn",
      "choices.collar",
    ],
    numbers: {},
    words: { collar: "cape", of: "outside" },
    nearest: "round",
  });
}

/** The back laid to the front, shoulder line on shoulder line: turned over, as it lies once the shoulder is sewn. */
function laidTo(front: CapeHalf, back: CapeHalf): (place: Point) => Point {
  return (place) => {
    const off = subtract(place, back.from);
    const [out, down] = [dot(off, back.along), dot(off, back.below)];
    return add(front.from, add(scale(front.along, out), scale(front.below, -down)));
  };
}

interface CapeShape {
  readonly inner: Path;
  readonly outer: Path;
  readonly front: Path;
  readonly back: Path;
  readonly places: readonly (readonly [string, Point])[];
}

function shapeCape(front: CapeHalf & { readonly end: Path }, back: CapeHalf): CapeShape {
  const laid = laidTo(front, back);
  const [behindIn, behindOut] = [laid(pathEnd(back.inner)), laid(pathEnd(back.outer))];
  return {
    outer: joinPaths([reversePath(mapPath(back.outer, laid)), front.outer]),
    front: front.end,
    inner: joinPaths([reversePath(front.inner), mapPath(back.inner, laid)]),
    back: straight(behindIn, behindOut),
    places: [
      ["cape/shoulder-inner", front.from],
      ["cape/shoulder-outer", front.to],
      ["cape/front-inner", pathEnd(front.inner)],
      ["cape/front-outer", pathEnd(front.outer)],
      ["cape/back-inner", behindIn],
      ["cape/back-outer", behindOut],
    ],
  };
}

const EDGES = ["outer", "front", "inner", "back"] as const;

function chalkShape(sheet: Sheet, shape: CapeShape): void {
  const { given } = sheet;
  const seam = ruleLength(given, "allowance.collar");
  const cut = cutOutline(EDGES.map((id) => ({ stitch: shape[id], allowance: seam })));
  const highest = Math.min(...EDGES.flatMap((id) => flattenPath(shape[id])).map(({ y }) => y));
  const around = allowanceTerm(given, "allowance.collar");
  const by = at(-Math.min(...cut.map(({ x }) => x)), -highest);
  const inset = settleOnTape(given, [around]);
  const over = -Math.min(...cut.map(({ y }) => y)) + highest - inset.value;
  const piece = sheet.piece("cape", {
    name: "cape",
    half: null,
    origin: "cloth-edge",
    originInset: { value: 0, terms: [] },
    topInset: over < 1 / 32 ? inset : settleOnTape(given, [around, { ...around, code: "room-for-cut", value: over }]),
    copies: 2,
  });
  for (const [id, place] of shape.places)
    markDrawn(piece, id, add(place, by), {
      term: (value) => ({ code: "as-the-body-lies", kind: "drawn", value, source: "join:neck" }),
      why: id.endsWith("inner") ? "cape-join" : "cape-edge",
    });
  for (const id of EDGES) {
    const path = mapPath(shape[id], (place) => add(place, by));
    const through = shape.places.map(([mark]) => mark);
    piece.edge(id, { role: "collar", stitch: path, allowance: seam, through, why: "cape-seam" });
  }
  // The front's stretch of the inner edge ends on the shoulder.
  const { start, segments } = shape.inner;
  piece.notchAt("shoulder", "inner", pathLength({ start, segments: segments.slice(0, 1) }));
}

/** The piece of a half that the line lies on whole; null where panels or a yoke cut it, and it is chalked once they are sewn. */
function pieceUnder({ half, inner }: CapeHalf): string | null {
  const [top, ...rest] = half.pieces;
  if (top === undefined) return null;
  if (rest.length === 0) return top;
  const centre = pathEnd(half.centre).y;
  const lowest = Math.max(...flattenPath(inner).map(({ y }) => y));
  return rest.length === 1 && rest[0]?.startsWith("bodice-") === true && lowest < centre - 1 / 4 ? top : null;
}

function markOn(id: string, place: Point, originX: Inches): Mark {
  const value = place.x - originX;
  return {
    id,
    line: null,
    stitch: value,
    cut: null,
    terms: [{ code: "as-drawn", kind: "drawn", value, source: "geometry" }],
    cutTerms: [],
    place: { stitch: place, cut: null },
  };
}

/** Chalks where the cape is sewn on, on a half of the body. @returns the line, as an edge is called */
function chalkLine(sheet: Sheet, half: CapeHalf, side: "front" | "back"): EdgeReference | null {
  const piece = pieceUnder(half);
  if (piece === null) return null;
  const marks = [markOn("cape/shoulder-inner", half.from, 0), markOn(`cape/${side}-inner`, pathEnd(half.inner), 0)];
  sheet.creaseOn(piece, { id: "cape", path: half.inner }, marks, "cape-seam");
  return `${piece}/cape`;
}

/** A cape over the shoulders: front and back in one without a seam, sewn on along a line on the body (craft: collars, cape). */
export function chalkCape(sheet: Sheet, form: CollarForm, neck: OpenEdge, armhole: OpenEdge): void {
  const known = certain(neck.neck, "what is known of the neck");
  const halves = { front: closeHalf(neck, armhole, "front"), back: closeHalf(neck, armhole, "back") };
  const front = frontOf(sheet, form, halves.front, known.frontDepth);
  const low = pathEnd(front.inner).y;
  if (low > known.bustDown)
    refuse({
      code: "cape-below-bust",
      conflicts: ["choices.frontNeckDepth", "choices.collar"],
      numbers: { depth: low, bust: known.bustDown },
      nearest: known.bustDown,
    });
  const back = backOf(form, halves.back, known.backDepth);
  checkInside(sheet, front, "front");
  checkInside(sheet, back, "back");
  sheet.part("collar", () => {
    chalkShape(sheet, shapeCape(front, back));
    const lines = [chalkLine(sheet, front, "front"), chalkLine(sheet, back, "back")];
    const [ahead, behind] = lines;
    if (ahead !== null && ahead !== undefined && behind !== null && behind !== undefined)
      sheet.seam({ id: "cape", a: ["cape/inner"], b: [ahead, behind], ease: { least: 0, most: 0 } });
    else
      sheet.remark({
        id: "cape-line-later",
        piece: "cape",
        numbers: { in: form.capeTipIn, front: low, back: pathEnd(back.inner).y },
      });
  });
}
