import { at, boxOf, growOutline, joinOutlines, type Point, type Radians, turnPoint } from "../geometry";
import type { Inches } from "../length";
import type { Stance } from "../packing";
import type { Cloth } from "./cloth";
import type { LayUnit } from "./lay-unit";

/** Least distance between two cuts. */
export const BETWEEN_CUTS: Inches = 0.125;

/** How a unit's outline is brought to where it lies: mirrored first, then turned about 0, 0. */
export interface Pose {
  readonly mirrored: boolean;
  readonly turn: Radians;
}

/** A stretch of the folded cloth in which a unit may lie, as it is seen from above. */
export interface Lane {
  readonly from: Inches;
  readonly to: Inches;
  /** Layers that lie there. */
  readonly layers: 1 | 2 | 4;
  /** The side on which it is folded. */
  readonly fold: "left" | "right" | null;
}

/** A piece for the packing with what each of its stances means. */
export interface LayPiece {
  readonly unit: LayUnit;
  readonly copy: number;
  /** What is laid: half a piece on its fold, or the whole of it on open cloth. */
  readonly outline: readonly Point[];
  readonly poses: readonly Pose[];
  readonly lanes: readonly Lane[];
  readonly stances: readonly Stance[];
}

/** Each cut keeps half of the distance; the other half is its neighbour's. */
const AIR = BETWEEN_CUTS / 2;

export function poseOutline(outline: readonly Point[], pose: Pose): readonly Point[] {
  return outline.map((point) => turnPoint(pose.mirrored ? at(-point.x, point.y) : point, at(0, 0), pose.turn));
}

function posesOf(unit: LayUnit, cloth: Cloth, mayMirror: boolean): readonly Pose[] {
  const half = cloth.oneWay ? [0] : [0, Math.PI];
  const turns =
    unit.grain === "bias"
      ? half.flatMap((turn) => [turn + Math.PI / 4, turn - Math.PI / 4])
      : unit.grain === "either" && !cloth.oneWay && cloth.repeat === null
        ? [0, Math.PI, Math.PI / 2, -Math.PI / 2]
        : half;
  const sides = mayMirror ? [false, true] : [false];
  return sides.flatMap((mirrored) => turns.map((turn) => ({ mirrored, turn })));
}

/** Where the box's top may lie so that the level meets the repeat. */
function repeatOf(unit: LayUnit, cloth: Cloth, pose: Pose, top: Inches): Stance["repeat"] {
  if (cloth.repeat === null || unit.level === null) return null;
  const level = turnPoint(at(0, unit.level), at(0, 0), pose.turn).y - top;
  const every = cloth.repeat;
  return { every, at: ((-level % every) + every) % every };
}

/** A pose in a lane as the packing sees it; null where it does not fit, or not on that lane's fold. */
function stanceIn(unit: LayUnit, outline: readonly Point[], cloth: Cloth, pose: Pose, lane: Lane): Stance | null {
  const grown = growOutline(poseOutline(outline, pose), AIR);
  const box = boxOf(grown);
  const width = box.right - box.left;
  const onFold = unit.on === "fold" && lane.layers > 1;
  if (width > lane.to - lane.from + 2 * AIR + 1e-6) return null;
  const left: readonly [number, number] = onFold
    ? foldedLeft(lane, width)
    : [lane.from - AIR, Math.max(lane.from - AIR, lane.to + AIR - width)];
  return {
    outline: grown,
    turned: Math.abs(Math.abs(pose.turn) - Math.PI) < 1e-9,
    left,
    repeat: repeatOf(unit, cloth, pose, box.top),
  };
}

function foldedLeft(lane: Lane, width: Inches): readonly [number, number] {
  const left = lane.fold === "right" ? lane.to + AIR - width : lane.from - AIR;
  return [left, left];
}

/** A half on the fold turned half round would show its open side to the fold: it is mirrored as well, and the other way round. */
function facesFold(unit: LayUnit, pose: Pose, lane: Lane): boolean {
  if (unit.on !== "fold" || lane.layers === 1) return true;
  const foldAtLeft = pose.mirrored === Math.abs(pose.turn) > 1;
  return foldAtLeft === (lane.fold === "left");
}

/**
 * Everything that a unit may do on a folded cloth: half pieces touch a fold, pairs lie once where the cloth is double
 * (either side up) or twice where it is single, others lie as often as they are cut.
 */
export function layPieces(unit: LayUnit, cloth: Cloth, lanes: readonly Lane[]): readonly LayPiece[] {
  const open = lanes.every(({ layers }) => layers === 1);
  const whole =
    unit.on === "fold" && open
      ? joinOutlines([unit.outline, poseOutline(unit.outline, { mirrored: true, turn: 0 })], 0.01)
      : unit.outline;
  const fitting =
    unit.on === "single" ? lanesForSingles(unit, lanes) : lanes.filter(({ layers }) => open || layers > 1);
  const mayMirror = unit.on !== "single" && !open;
  const all = posesOf(unit, cloth, mayMirror).flatMap((pose) =>
    fitting
      .filter((lane) => facesFold(unit, pose, lane))
      .flatMap((lane) => {
        const stance = stanceIn(unit, whole, cloth, pose, lane);
        return stance === null ? [] : [{ pose, lane, stance }];
      }),
  );
  const one = (copy: number, mirrored: boolean): LayPiece => {
    const mine = all.map(({ pose, lane, stance }) =>
      mirrored ? mirrorStance(unit, whole, cloth, pose, lane) : { pose, lane, stance },
    );
    return {
      unit,
      copy,
      outline: whole,
      poses: mine.map(({ pose }) => pose),
      lanes: mine.map(({ lane }) => lane),
      stances: mine.map(({ stance }) => stance),
    };
  };
  return Array.from({ length: copiesIn(unit, open, fitting) }, (_, copy) =>
    one(copy + 1, open && unit.on === "pair" && copy === 1),
  );
}

function mirrorStance(unit: LayUnit, outline: readonly Point[], cloth: Cloth, pose: Pose, lane: Lane) {
  const mirrored = { ...pose, mirrored: true };
  const stance = stanceIn(unit, outline, cloth, mirrored, lane);
  if (stance === null) throw new Error(`${unit.id} fits as it is but not mirrored`);
  return { pose: mirrored, lane, stance };
}

/** Lone pieces lie where the cloth is single when they fit there; else where it is double, two at a cut. */
function lanesForSingles(unit: LayUnit, lanes: readonly Lane[]): readonly Lane[] {
  const width = Math.min(...widths(unit));
  const single = lanes.filter((lane) => lane.layers === 1 && lane.to - lane.from >= width);
  return single.length > 0 ? single : lanes.filter(({ layers }) => layers > 1);
}

function widths(unit: LayUnit): readonly number[] {
  const box = boxOf(unit.outline);
  return unit.grain === "either" ? [box.right - box.left, box.bottom - box.top] : [box.right - box.left];
}

const mostLayers = (lanes: readonly Lane[]): number => Math.max(2, ...lanes.map(({ layers }) => layers));

function copiesIn(unit: LayUnit, open: boolean, lanes: readonly Lane[]): number {
  if (unit.on === "fold") return open ? unit.copies : Math.ceil((2 * unit.copies) / mostLayers(lanes));
  if (unit.on === "pair") return open ? 2 : 1;
  return lanes.some(({ layers }) => layers === 1) ? unit.copies : Math.ceil(unit.copies / 2);
}
