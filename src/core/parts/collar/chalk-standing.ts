import { STEEPEST_RISE, type StandBlock, standBlock, turnToRise } from "../../blocks";
import {
  type EdgeReference,
  type Given,
  givenStep,
  type OpenEdge,
  onTape,
  type PieceChalk,
  refuse,
  ruleLength,
  type SeamPlan,
  type Sheet,
} from "../../chalk";
import {
  add,
  at,
  curveBetween,
  distance,
  joinPaths,
  mapPath,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  reversePath,
  roundCorner,
  scale,
  splitAtLength,
  straight,
} from "../../geometry";
import { both, type Inches, pickSystem, roundUpToStep } from "../../length";
import type { CollarForm } from "./collar-form";
import type { CollarNeck } from "./collar-neck";
import { chalkCollarPiece } from "./collar-piece";

/** A fall covers its stand by at least this. */
const COVERS = both(0.5, 1.25);
/** The corner of a stand is rounded from so far before it. */
const ROUNDED = both(0.5, 1.25);
/** A shirt's stand rises by a fifth of the front, and by no less than an eighth. */
const USUAL_RISE = 5;
const LEAST_RISE = 8;
/** Front edges of a fall that look as usual. */
const FALL_FRONT = [both(2.5, 6.5), both(3.5, 9)] as const;
/** A tab takes at most so much of half a collar. */
const MOST_TAB = 4;

/** How much longer than the drawn neck a collar's sewn edge is: what reaches beyond the centre, and how it was measured. */
function easeOver({ beyond, off }: CollarNeck, reaches: Inches): SeamPlan["ease"] {
  const more = reaches - beyond + off;
  return { least: more, most: more };
}

/** Promises the sewn edge of half a collar to half the neck. */
function promiseNeck(sheet: Sheet, open: OpenEdge, neck: CollarNeck, edge: EdgeReference, reaches: Inches): void {
  const b = [...open.rows.front, ...open.rows.back];
  sheet.seam({ id: "collar-neck", a: [edge], b, ease: easeOver(neck, reaches) });
}

/** Notches at the shoulder on the sewn edge, and on the upper one, so that the two are not taken for each other. */
function notchEdges(piece: PieceChalk, { back }: CollarNeck, sewn: string, upper: string): void {
  const length = pathLength(piece.edgeOf(sewn).stitch);
  piece.notchAt("shoulder", sewn, length - back, { counts: "from-end" });
  piece.notchAt("top", upper, back, { counts: "from-start" });
}

/** The centre back of half a collar, from its base up to its upper edge. */
function centreUp(from: Inches, to: Inches): Path {
  return straight(at(0, from), at(0, to));
}

/** A collar that turns down over itself, in one with its stand (craft: collars, turn-down). */
export function chalkTurnDown(sheet: Sheet, form: CollarForm, neck: CollarNeck, open: OpenEdge): void {
  const { given } = sheet;
  const { standHeight, fallWidth, fallLean } = form;
  checkFall(given, fallWidth, standHeight);
  const long = neck.front + neck.overlap + neck.back;
  const tab = neck.tab === 0 ? onTape(given, pickSystem(both(1, 2.5), given.metric)) : neck.tab;
  if (tab > long / MOST_TAB)
    refuse({
      code: "overlap-too-wide",
      conflicts: ["choices.bandWidth", "choices.overlapWidth", "choices.collar"],
      numbers: { overlap: tab, most: long / MOST_TAB },
      nearest: (2 * long) / MOST_TAB,
    });
  const high = standHeight + fallWidth;
  const [end, tip] = [at(long, 0), at(long - tab, standHeight)];
  const corner = at(long - tab - fallLean, high);
  const tabEnd: Path = { start: end, segments: [curveBetween(end, at(0, 1), tip, at(-1, 0))] };
  sheet.part("collar", () => {
    const piece = chalkCollarPiece(sheet, {
      id: "collar",
      name: "collar",
      high,
      copies: 2,
      halves: neck.opensBehind,
      marks: [
        { id: "neck/shoulder", place: at(neck.back, 0), why: "collar-base" },
        { id: "neck/front", place: end, why: "collar-base" },
        { id: "stand/front", place: tip, why: "collar-end" },
        { id: "top/front", place: corner, why: "fall-edge" },
      ],
      edges: [
        { id: "top", path: straight(at(0, high), corner), through: ["top/front"], why: "fall-edge" },
        { id: "front", path: straight(corner, tip), through: ["top/front", "stand/front"] },
        { id: "end", path: reversePath(tabEnd), through: ["stand/front", "neck/front"], why: "collar-end" },
        { id: "neck", path: straight(end, at(0, 0)), through: ["neck/front"] },
        { id: "centre", path: centreUp(0, high), through: [] },
      ],
    });
    piece.crease({
      id: "stand",
      path: straight(at(0, fallWidth), at(tip.x, fallWidth)),
      through: ["stand/front"],
      why: "stand-line",
    });
    notchEdges(piece, neck, "neck", "top");
    promiseNeck(sheet, open, neck, "collar/neck", neck.overlap);
    remarkLayers(sheet, "collar");
  });
}

/** How far a stand turns up, by one of both ways; what was held back to what a neck allows is told. */
function turnOf(sheet: Sheet, { standBy, standRise, standShortening, standHeight }: CollarForm, front: Inches): number {
  if (standBy === "shortening") return standShortening / standHeight;
  return turnToRise(front, heldRise(sheet, "collar", standRise, 0, front));
}

/** A rise held between what a front allows; said where it was. */
function heldRise(sheet: Sheet, piece: string, wanted: Inches, least: Inches, front: Inches): Inches {
  const most = front / STEEPEST_RISE;
  const rise = Math.min(most, Math.max(least, wanted));
  if (Math.abs(rise - wanted) > 1 / 64) sheet.remark({ id: "rise-limited", piece, numbers: { wanted, rise } });
  return rise;
}

/** A stand by itself, to the centre front (craft: collars, stand). */
export function chalkStand(sheet: Sheet, form: CollarForm, neck: CollarNeck, open: OpenEdge): void {
  const { standHeight: height, standTopIn } = form;
  sheet.part("collar", () => {
    const turn = turnOf(sheet, form, neck.front);
    const stand = standBlock({ ...neck, height, turn });
    const [top] = splitAtLength(stand.top, pathLength(stand.top) - standTopIn);
    const [corner, end] = [pathEnd(top), pathEnd(stand.base)];
    const high = Math.max(corner.y, pathEnd(stand.top).y, height);
    const rounded = form.standCorner === "rounded";
    const front = straight(corner, end);
    const reach = pickSystem(ROUNDED, sheet.given.metric);
    const [upper, down] = rounded ? roundedCorner(top, front, reach) : [top, front];
    const piece = chalkCollarPiece(sheet, {
      id: "collar",
      name: "collar-stand",
      high,
      copies: 2,
      halves: neck.opensBehind,
      marks: [
        { id: "neck/shoulder", place: at(neck.back, 0), why: "collar-base" },
        { id: "neck/front", place: end, why: "collar-rise" },
        { id: "top/front", place: corner, why: "collar-top" },
        { id: "upper/shoulder", place: at(neck.back, height), why: "collar-top" },
      ],
      edges: [
        { id: "top", path: upper, through: ["upper/shoulder", "top/front"], why: "collar-top" },
        { id: "front", path: down, through: ["top/front", "neck/front"], why: "collar-front" },
        {
          id: "neck",
          path: reversePath(stand.base),
          through: ["neck/front", "neck/shoulder"],
          why: "collar-base",
        },
        { id: "centre", path: centreUp(0, height), through: [] },
      ],
    });
    notchEdges(piece, neck, "neck", "top");
    promiseNeck(sheet, open, neck, "collar/neck", 0);
    remarkLayers(sheet, "collar");
  });
}

/** A corner between two edges rounded: the curve belongs to the upper one. */
function roundedCorner(upper: Path, front: Path, reach: Inches): readonly [Path, Path] {
  const both = roundCorner(upper, front, Math.min(reach, pathLength(front) / 2, pathLength(upper) / 4));
  const cornerAt =
    pathLength(both) - (pathLength(front) - Math.min(reach, pathLength(front) / 2, pathLength(upper) / 4));
  return splitAtLength(both, cornerAt);
}

/** A fall that would not cover its stand. */
function checkFall(given: Given, fall: Inches, stand: Inches): void {
  const least = stand + pickSystem(COVERS, given.metric);
  if (fall >= least - 1e-9) return;
  refuse({
    code: "fall-too-narrow",
    conflicts: ["choices.fallWidth", "choices.standHeight"],
    numbers: { fall, stand, least },
    nearest: roundUpToStep(least, givenStep(given) || 1 / 8),
  });
}

/** The stand of a shirt collar, its end beyond the centre front included. */
interface ShirtStand {
  readonly block: StandBlock;
  readonly base: Path;
  readonly end: Path;
  readonly overlap: Point;
}

function shirtStand(sheet: Sheet, form: CollarForm, neck: CollarNeck): ShirtStand {
  const wanted = form.collarRise === "by-front" ? neck.front / USUAL_RISE : form.collarRise;
  const rise = heldRise(sheet, "collar-stand", wanted, neck.front / LEAST_RISE, neck.front);
  const block = standBlock({ ...neck, height: form.standHeight, turn: turnToRise(neck.front, rise) });
  const front = pathEnd(block.base);
  const overlap = add(front, scale(block.along, neck.tab));
  const base = neck.tab === 0 ? block.base : joinPaths([block.base, straight(front, overlap)]);
  const up = at(-block.along.y, block.along.x);
  const into = scale(block.along, -1);
  const top = pathEnd(block.top);
  const end: Path =
    neck.tab === 0 ? straight(overlap, top) : { start: overlap, segments: [curveBetween(overlap, up, top, into)] };
  return { block, base, end, overlap };
}

/** Two pieces: a stand that reaches over the band, and the fall that is sewn to its top edge (craft: collars, shirt collar). */
export function chalkShirtCollar(sheet: Sheet, form: CollarForm, neck: CollarNeck, open: OpenEdge): void {
  const { given } = sheet;
  checkFall(given, form.fallWidth, form.standHeight);
  sheet.part("collar", () => {
    const stand = shirtStand(sheet, form, neck);
    chalkShirtStand(sheet, form, neck, stand);
    promiseNeck(sheet, open, neck, "collar-stand/neck", neck.tab);
    chalkFall(sheet, form, neck, stand);
    sheet.seam({ id: "fall", a: ["collar-fall/neck"], b: ["collar-stand/top"], ease: { least: 0, most: 0 } });
    if (neck.tab > 0)
      sheet.notion({
        id: "buttons",
        unit: "piece",
        terms: [{ code: "button-on-the-stand", kind: "style", value: 1, source: "choice:collar" }],
      });
    remarkLayers(sheet, "collar-fall");
  });
}

function chalkShirtStand(sheet: Sheet, { standHeight }: CollarForm, neck: CollarNeck, stand: ShirtStand): void {
  const { block, base, end, overlap } = stand;
  const [front, top] = [pathEnd(block.base), pathEnd(block.top)];
  const piece = chalkCollarPiece(sheet, {
    id: "collar-stand",
    name: "collar-stand",
    high: Math.max(top.y, standHeight, overlap.y),
    copies: 2,
    halves: neck.opensBehind,
    marks: [
      { id: "neck/shoulder", place: at(neck.back, 0), why: "collar-base" },
      { id: "neck/front", place: front, why: "collar-rise" },
      ...(neck.tab === 0 ? [] : [{ id: "neck/overlap", place: overlap, why: "collar-end" } as const]),
      { id: "top/front", place: top, why: "collar-top" },
      { id: "upper/shoulder", place: at(neck.back, standHeight), why: "collar-top" },
    ],
    edges: [
      { id: "top", path: block.top, through: ["upper/shoulder", "top/front"], why: "collar-top" },
      { id: "end", path: reversePath(end), through: ["top/front", "neck/overlap"], why: "collar-end" },
      {
        id: "neck",
        path: reversePath(base),
        through: ["neck/overlap", "neck/front", "neck/shoulder"],
        why: "collar-base",
      },
      { id: "centre", path: centreUp(0, standHeight), through: [] },
    ],
  });
  notchEdges(piece, neck, "neck", "top");
  const length = pathLength(piece.edgeOf("neck").stitch);
  if (neck.tab > 0) piece.notchAt("front", "neck", length - neck.back - neck.front, { counts: "from-end" });
}

/** The fall's sewn edge is the stand's top turned over in the level line through its front end, so that its centre stays plumb. */
function chalkFall(sheet: Sheet, form: CollarForm, neck: CollarNeck, { block }: ShirtStand): void {
  const { given } = sheet;
  const tip = pathEnd(block.top);
  const sewn = mapPath(block.top, ({ x, y }) => at(x, tip.y - y));
  const behind = sewn.start.y;
  const high = behind + form.fallWidth;
  const point = at(pathLength(block.top) + form.fallPoint, high);
  const front = at(tip.x, 0);
  const piece = chalkCollarPiece(sheet, {
    id: "collar-fall",
    name: "collar-fall",
    high,
    copies: 2,
    halves: neck.opensBehind,
    marks: [
      { id: "outer/point", place: point, why: "fall-point" },
      { id: "neck/shoulder", place: at(neck.back, behind), why: "fall-back" },
      { id: "stand/front", place: front, why: "fall-back" },
    ],
    edges: [
      { id: "outer", path: straight(at(0, high), point), through: ["outer/point"] },
      { id: "front", path: straight(point, front), through: ["outer/point", "stand/front"] },
      { id: "neck", path: reversePath(sewn), through: ["stand/front", "neck/shoulder"], why: "fall-back" },
      { id: "centre", path: centreUp(behind, high), through: [] },
    ],
  });
  const length = pathLength(piece.edgeOf("neck").stitch);
  piece.notchAt("top", "neck", length - neck.back, { counts: "from-end" });
  const long = distance(point, front);
  const [least, most] = FALL_FRONT.map((one) => pickSystem(one, given.metric)) as [Inches, Inches];
  if (long < least - 1e-9 || long > most + 1e-9)
    sheet.remark({ id: "fall-front", piece: "collar-fall", numbers: { long, least, most } });
}

/** How the layer underneath is cut smaller, and which one has the stay. */
function remarkLayers(sheet: Sheet, piece: string): void {
  const less = ruleLength(sheet.given, "turnOfCloth");
  if (less > 0) sheet.remark({ id: "under-layer-less", piece, numbers: { less } });
}
