import type { Inches } from "../length";
import { pathLength, placeAtLength } from "./measure";
import { cubicTo, joinPaths, mapPath, type Path, pathEnd } from "./path";
import {
  add,
  cross,
  type Direction,
  directionFrom,
  distance,
  type Point,
  type Radians,
  scale,
  turnPoint,
} from "./point";
import { splitAtLength } from "./split";

/** A line that a piece is slashed along: from a place of the edge that opens to one of the edge that it hinges on. */
export interface SpreadLine {
  /** Along the edge that opens, from its start. */
  readonly opened: Inches;
  /** Along the hinge edge, from its start. */
  readonly hinge: Inches;
  /** How far both sides part at the opened edge. */
  readonly spread: Inches;
  /** How far they part at the hinge; 0 where they only turn about it. */
  readonly parts: Inches;
}

/** A piece between two edges that are walked side by side, and where it is slashed. Lines follow each other along both. */
export interface SpreadPlan {
  readonly opened: Path;
  readonly hinge: Path;
  readonly lines: readonly SpreadLine[];
  /** The sector that stays where it is, 0 being the one before the first line. */
  readonly held: number;
}

/** A rigid move: turned about nought, then shifted. */
export interface RigidMove {
  readonly angle: Radians;
  readonly shift: Point;
}

/** A stretch of the piece between two lines, as it comes to lie. */
export interface Sector {
  readonly move: RigidMove;
  readonly opened: Path;
  readonly hinge: Path;
}

/** An edge drawn smoothly over its sectors, and half way along each curve between two of them: what it is drawn through. */
export interface SmoothEdge {
  readonly path: Path;
  readonly between: readonly Point[];
}

/** A piece spread: its sectors, and both edges drawn smoothly over them. */
export interface Spread {
  readonly sectors: readonly Sector[];
  readonly opened: SmoothEdge;
  readonly hinge: SmoothEdge;
  /** How far the outermost sectors have turned against each other. */
  readonly turned: Radians;
}

const ORIGIN: Point = { x: 0, y: 0 };
const STILL: RigidMove = { angle: 0, shift: ORIGIN };

export function moveBy({ angle, shift }: RigidMove, point: Point): Point {
  return add(turnPoint(point, ORIGIN, angle), shift);
}

/** First the inner move, then the outer one. */
function after(outer: RigidMove, inner: RigidMove): RigidMove {
  return { angle: outer.angle + inner.angle, shift: moveBy(outer, inner.shift) };
}

function turnAbout(about: Point, angle: Radians): RigidMove {
  const turned = turnPoint(about, ORIGIN, angle);
  return { angle, shift: { x: about.x - turned.x, y: about.y - turned.y } };
}

/**
 * How far a sector turns about its hinge, once it was moved straight out by what parts there, so that the gap at the
 * opened edge is as asked (craft: skirts, slash and spread).
 *
 * @param length of the line from edge to edge
 */
export function spreadAngle(length: Inches, spread: Inches, parts: Inches): Radians {
  const reach = Math.hypot(parts, length);
  const sine = (spread ** 2 - parts ** 2 - 2 * length ** 2) / (2 * length * reach);
  return Math.atan2(length, parts) + Math.asin(Math.max(-1, Math.min(1, sine)));
}

/** How what lies beyond a line moves: out by what parts at the hinge, then about it, away from what is held. */
function moveBeyond({ opened, hinge }: SpreadPlan, line: SpreadLine, away: 1 | -1): RigidMove {
  const from = placeAtLength(opened, line.opened);
  const about = placeAtLength(hinge, line.hinge).point;
  const along = directionFrom(about, from.point) ?? { x: 1, y: 0 };
  const square: Direction = { x: -along.y, y: along.x };
  const onward = Math.sign(square.x * from.tangent.x + square.y * from.tangent.y) || 1;
  const out = scale(square, onward * away);
  const shifted = add(about, scale(out, line.parts));
  const turn = spreadAngle(distance(from.point, about), line.spread, line.parts) * Math.sign(cross(along, out) || 1);
  return after(turnAbout(shifted, turn), { angle: 0, shift: scale(out, line.parts) });
}

/** Stretches of a path between lengths along it. */
function cutInto(path: Path, at: readonly Inches[]): readonly Path[] {
  const parts: Path[] = [];
  let [rest, before] = [path, 0];
  for (const length of at) {
    const [first, second] = splitAtLength(rest, length - before);
    parts.push(first);
    [rest, before] = [second, length];
  }
  return [...parts, rest];
}

/**
 * One edge over spread sectors: through the middle of each, there along the sector's own edge, between two middles one
 * curve with handles a third of their chord; at both ends the outer sectors' own edge. Corners outside it are trimmed,
 * hollows filled.
 */
export function smoothOver(stretches: readonly Path[]): SmoothEdge {
  const halves = stretches.map((stretch) => splitAtLength(stretch, pathLength(stretch) / 2));
  const [first, last] = [halves[0], halves.at(-1)];
  if (first === undefined || last === undefined || halves.length === 1)
    return { path: joinPaths(stretches), between: [] };
  const middles = stretches.map((stretch) => placeAtLength(stretch, pathLength(stretch) / 2));
  const curves = middles.slice(1).map((to, index) => {
    const from = middles[index] as (typeof middles)[number];
    const handle = distance(from.point, to.point) / 3;
    return cubicTo(add(from.point, scale(from.tangent, handle)), add(to.point, scale(to.tangent, -handle)), to.point);
  });
  const between = curves.map((curve, index) => {
    const own: Path = { start: (middles[index] as (typeof middles)[number]).point, segments: [curve] };
    return placeAtLength(own, pathLength(own) / 2).point;
  });
  return { path: joinPaths([first[0], { start: pathEnd(first[0]), segments: curves }, last[1]]), between };
}

/** Slashes a piece along its lines and spreads its sectors, outwards from the one that is held; an edge of it may be nothing. */
export function spreadSectors(plan: SpreadPlan): Pick<Spread, "sectors" | "turned"> {
  const { lines, held } = plan;
  const moves: RigidMove[] = Array.from({ length: lines.length + 1 }, () => STILL);
  for (let index = held; index < lines.length; index++)
    moves[index + 1] = after(moves[index] as RigidMove, moveBeyond(plan, lines[index] as SpreadLine, 1));
  for (let index = held; index > 0; index--)
    moves[index - 1] = after(moves[index] as RigidMove, moveBeyond(plan, lines[index - 1] as SpreadLine, -1));
  const opened = cutInto(
    plan.opened,
    lines.map((line) => line.opened),
  );
  const hinge = cutInto(
    plan.hinge,
    lines.map((line) => line.hinge),
  );
  const sectors = moves.map((move, index): Sector => {
    const lie = (path: Path) => mapPath(path, (point) => moveBy(move, point));
    return { move, opened: lie(opened[index] as Path), hinge: lie(hinge[index] as Path) };
  });
  const angles = moves.map(({ angle }) => angle);
  return { sectors, turned: Math.max(...angles) - Math.min(...angles) };
}

/** Slashes a piece and spreads it, both edges drawn smoothly over its sectors. */
export function spreadPiece(plan: SpreadPlan): Spread {
  const { sectors, turned } = spreadSectors(plan);
  return {
    sectors,
    opened: smoothOver(sectors.map((sector) => sector.opened)),
    hinge: smoothOver(sectors.map((sector) => sector.hinge)),
    turned,
  };
}
