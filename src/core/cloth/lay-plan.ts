import type { ClothId, PieceName } from "../chalk";
import { at, boxOf, type Point } from "../geometry";
import type { Inches } from "../length";
import {
  improvePlan,
  makeFirstPlan,
  makePackTable,
  type PackPiece,
  type PackPlan,
  type PackTable,
  repairPlan,
} from "../packing";
import { certain, type Result, succeed } from "../result";
import { type Cloth, SELVEDGE, usableWidth } from "./cloth";
import { type LayFold, unfoldAcross } from "./lay-fold";
import { type LayOrder, type LayRefusal, planSections, type SectionPlan } from "./lay-sections";
import { BETWEEN_CUTS, type LayPiece, type Pose, poseOutline } from "./lay-stances";
import { type LayUnit, unitArea, unitSize } from "./lay-unit";
import type { LayWay } from "./lay-way";

/** Where the tailor laid a piece by hand: its pose, and how far its own 0, 0 was moved within its stretch of cloth. */
export interface LayPin extends Pose {
  readonly unit: string;
  readonly copy: number;
  readonly x: Inches;
  readonly y: Inches;
}

/** A unit as it lies: its outline across from the left edge of the folded cloth and down from the start of its stretch. */
export interface LaidUnit extends LayPin {
  readonly names: readonly PieceName[];
  readonly pieces: readonly string[];
  readonly on: "fold" | "pair" | "single";
  readonly layers: 1 | 2 | 4;
  readonly outline: readonly Point[];
  /** The cutting line of each of its pieces. */
  readonly cuts: readonly (readonly Point[])[];
  readonly pinned: boolean;
}

export interface LaidSection {
  readonly fold: LayFold;
  /** Down the cloth from its squared end. */
  readonly from: Inches;
  /** Length of cloth that it takes: twice what is seen where it is folded end to end. */
  readonly length: Inches;
  readonly laid: readonly LaidUnit[];
}

/** How a whole garment lies on one cloth. */
export interface LayPlan {
  readonly cloth: ClothId;
  readonly way: LayWay;
  readonly width: Inches;
  readonly sections: readonly LaidSection[];
  readonly used: Inches;
  /** Share of the used cloth that goes into the garment. */
  readonly share: number;
  /** No lay on this width can take less. */
  readonly lowerBound: Inches;
}

interface SectionWork {
  readonly plan: SectionPlan;
  readonly from: Inches;
  readonly table: PackTable;
  packed: PackPlan;
  readonly search: Generator<PackPlan, never>;
}

/** A lay that is being improved: changed in place, a little at each step. */
export interface LayWork {
  readonly order: LayOrder;
  readonly cloth: ClothId;
  readonly way: LayWay;
  readonly sections: readonly SectionWork[];
  next: number;
}

const AIR = BETWEEN_CUTS / 2;
const MIRRORED: Pose = { mirrored: true, turn: 0 };
/** Rounds of moving pieces out of each other's way after one was pinned, before a new lay is begun. */
const REPAIR_ROUNDS = 60;

function samePose(one: Pose, other: Pose): boolean {
  return (
    one.mirrored === other.mirrored &&
    Math.abs(Math.cos(one.turn) - Math.cos(other.turn)) < 1e-6 &&
    Math.abs(Math.sin(one.turn) - Math.sin(other.turn)) < 1e-6
  );
}

/** Left and top of a stance's box when the piece's own 0, 0 lies at 0, 0. */
function boxCorner(piece: LayPiece, stance: number): Point {
  const { left, top } = boxOf(certain(piece.stances[stance], "a stance").outline);
  return at(left, top);
}

/** A pin as the packing takes it: the stance in that pose whose lane is nearest, kept on it. */
function pinPlacement(piece: LayPiece, pin: LayPin) {
  const fitting = piece.poses.flatMap((pose, stance) => (samePose(pose, pin) ? [stance] : []));
  const placed = fitting.map((stance) => {
    const corner = boxCorner(piece, stance);
    const [least, most] = certain(piece.stances[stance], "a stance").left;
    const wanted = pin.x + corner.x;
    const x = Math.min(Math.max(wanted, least), most);
    return { stance, x, y: Math.max(0, pin.y + corner.y + AIR), off: Math.abs(x - wanted) };
  });
  const [nearest] = placed.sort((a, b) => a.off - b.off);
  return nearest === undefined ? null : { stance: nearest.stance, x: nearest.x, y: nearest.y };
}

/** Spots of the cloth as they are seen on a folded stretch: each where any of its layers has it. */
function spotOutlines(cloth: Cloth, fold: LayFold, from: Inches): readonly (readonly Point[])[] {
  const steps = Math.ceil(fold.across * 8);
  return cloth.spots.flatMap((spot) => {
    const hit = Array.from({ length: steps }, (_, index) =>
      unfoldAcross(fold, ((index + 0.5) / steps) * fold.across).some(
        (across) => across + SELVEDGE > spot.across && across + SELVEDGE < spot.across + spot.width,
      ),
    );
    const top = spot.down - from;
    const outlines: (readonly Point[])[] = [];
    for (let start = 0; start < steps; start++) {
      if (!hit[start] || hit[start - 1]) continue;
      let end = start;
      while (hit[end + 1]) end++;
      const [left, right] = [(start / steps) * fold.across, ((end + 1) / steps) * fold.across];
      const [upper, lower] = [Math.max(0, top), top + spot.length];
      if (lower > upper) outlines.push([at(left, upper), at(right, upper), at(right, lower), at(left, lower)]);
    }
    return outlines;
  });
}

function spotPiece(outline: readonly Point[], index: number): PackPiece {
  const { left: x, top: y } = boxOf(outline);
  return {
    id: `spot/${index}`,
    stances: [{ outline, turned: false, left: [x, x], repeat: null }],
    pinned: { stance: 0, x, y },
  };
}

function startSection(
  plan: SectionPlan,
  cloth: Cloth,
  from: Inches,
  pins: readonly LayPin[],
  seed: number,
): SectionWork {
  const pieces = plan.pieces.map((piece): PackPiece => {
    const pin = pins.find(({ unit, copy }) => unit === piece.unit.id && copy === piece.copy);
    return {
      id: `${piece.unit.id}/${piece.copy}`,
      stances: piece.stances,
      pinned: pin === undefined ? null : pinPlacement(piece, pin),
    };
  });
  const spots = spotOutlines(cloth, plan.fold, from).map(spotPiece);
  const table = makePackTable({ pieces: [...pieces, ...spots], width: plan.fold.across });
  const packed = makeFirstPlan(table);
  return { plan, from, table, packed, search: improvePlan(table, packed, seed) };
}

/** Length that the pieces of a stretch take, spots not counted. */
function packedLength({ plan, table, packed }: SectionWork): Inches {
  return Math.max(
    0,
    ...plan.pieces.map((_, index) => {
      const placement = certain(packed.placements[index], "a placement");
      const shape = certain(table.stances[(table.first[index] as number) + placement.stance], "a stance").shape;
      return placement.y + shape.height;
    }),
  );
}

function sectionLength(work: SectionWork): Inches {
  return Math.max(0, packedLength(work) - AIR) * (work.plan.fold.endToEnd ? 2 : 1);
}

function startSections(
  order: LayOrder,
  plans: readonly SectionPlan[],
  pins: readonly LayPin[],
  seed: number,
): readonly SectionWork[] {
  let from = 0;
  return plans.map((plan, index) => {
    const work = startSection(plan, order.cloth, from, pins, seed + index);
    from += sectionLength(work);
    return work;
  });
}

function totalLength(sections: readonly SectionWork[]): Inches {
  return sections.reduce((sum, section) => sum + sectionLength(section), 0);
}

/**
 * Lays a garment on a cloth at once, the shortest of the folds that the way allows; `improveLay` makes it better.
 *
 * @param pins pieces laid by hand, which stay where they are
 */
export function startLay(
  order: LayOrder,
  cloth: ClothId,
  way: LayWay,
  pins: readonly LayPin[] = [],
  seed = 1,
): Result<LayWork, LayRefusal> {
  const plans = planSections(order, way);
  if (!plans.ok) return plans;
  const tried = plans.value.map((sections) => startSections(order, sections, pins, seed));
  const [shortest] = tried.sort((a, b) => totalLength(a) - totalLength(b));
  return succeed({ order, cloth, way, sections: certain(shortest, "a fold to try"), next: 0 });
}

/** Takes over how the pieces lay before one of them was pinned, or when the lay was kept: they stay where they can. */
export function resumeLay(work: LayWork, laid: readonly LayPin[]): LayWork {
  const sections = work.sections.map((section) => {
    const placements = section.packed.placements.map((placement, index) => {
      const piece = section.plan.pieces[index];
      const old = piece && laid.find(({ unit, copy }) => unit === piece.unit.id && copy === piece.copy);
      if (old === undefined || section.table.task.pieces[index]?.pinned !== null) return placement;
      return pinPlacement(piece as LayPiece, old) ?? placement;
    });
    const length = packedLength({ ...section, packed: { placements, length: 0 } });
    const repaired = repairPlan(section.table, { placements, length }, 1, REPAIR_ROUNDS);
    if (repaired === null || repaired.length > section.packed.length) return section;
    return { ...section, packed: repaired, search: improvePlan(section.table, repaired, 1) };
  });
  return { ...work, sections };
}

/** Goes on looking for a short while, one stretch of cloth after the other. @returns whether the lay became shorter */
export function improveLay(work: LayWork): boolean {
  const section = certain(work.sections[work.next % work.sections.length], "a stretch of cloth");
  work.next++;
  const before = section.packed.length;
  section.packed = section.search.next().value;
  return section.packed.length < before - 1e-6;
}

function readUnit(section: SectionWork, index: number, piece: LayPiece): LaidUnit {
  const placement = certain(section.packed.placements[index], "a placement");
  const pose = certain(piece.poses[placement.stance], "a pose");
  const lane = certain(piece.lanes[placement.stance], "a lane");
  const corner = boxCorner(piece, placement.stance);
  const [x, y] = [placement.x - corner.x, placement.y - corner.y - AIR];
  const lie = (outline: readonly Point[]) => poseOutline(outline, pose).map((point) => at(point.x + x, point.y + y));
  // A half on open cloth lies unfolded: its other side is cut as well.
  const isWhole = piece.unit.on === "fold" && lane.layers === 1;
  return {
    unit: piece.unit.id,
    copy: piece.copy,
    names: piece.unit.names,
    pieces: piece.unit.pieces,
    on: piece.unit.on,
    layers: lane.layers,
    mirrored: pose.mirrored,
    turn: pose.turn,
    x,
    y,
    outline: lie(piece.outline),
    cuts: [...piece.unit.cuts, ...(isWhole ? piece.unit.cuts.map((cut) => poseOutline(cut, MIRRORED)) : [])].map(lie),
    pinned: section.table.task.pieces[index]?.pinned !== null,
  };
}

function readSections(work: LayWork): readonly LaidSection[] {
  const keepStarts = work.order.cloth.spots.length > 0;
  let from = 0;
  return work.sections.map((section) => {
    const length = sectionLength(section);
    // Spots were reckoned from where the stretch began: it stays there.
    const start = keepStarts ? section.from : from;
    from = start + length;
    return {
      fold: section.plan.fold,
      from: start,
      length,
      laid: section.plan.pieces.map((piece, index) => readUnit(section, index, piece)),
    };
  });
}

function leastLength(unit: LayUnit): Inches {
  const { width, height } = unitSize(unit);
  return unit.grain === "length" ? height : Math.min(width, height);
}

/** No lay takes less than the pieces' area over the width, nor less than the longest piece. */
export function lowerBoundOf({ units, cloth }: LayOrder): Inches {
  const area = units.reduce((sum, unit) => sum + unitArea(unit), 0);
  return Math.max(area / usableWidth(cloth), ...units.map(leastLength));
}

/** The lay as it is now. */
export function readLay(work: LayWork): LayPlan {
  const sections = readSections(work);
  const used = Math.max(...sections.map(({ from, length }) => from + length));
  const area = work.order.units.reduce((sum, unit) => sum + unitArea(unit), 0);
  return {
    cloth: work.cloth,
    way: work.way,
    width: work.order.cloth.width,
    sections,
    used,
    share: area / (usableWidth(work.order.cloth) * used),
    lowerBound: lowerBoundOf(work.order),
  };
}
