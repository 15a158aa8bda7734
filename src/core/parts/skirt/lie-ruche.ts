import { drawOutline, type Given, type PieceSector, ruleLength } from "../../chalk";
import {
  add,
  at,
  joinPaths,
  mapPath,
  type Path,
  type Point,
  pathEnd,
  reversePath,
  straight,
  turnPoint,
} from "../../geometry";
import type { Inches } from "../../length";
import type { RuchedPart } from "./plan-ruche";
import type { SkirtForm } from "./skirt-form";

/** An edge of a part of the front: where it is sewn, what lies outside it, and the marks that it is drawn through. */
export interface RuchedEdge {
  readonly id: "waist" | "side" | "hem" | "slit" | "seam";
  readonly role: "waist" | "side" | "hem" | "join";
  readonly stitch: Path;
  readonly allowance: Inches;
  readonly through: readonly string[];
}

/** Where a part of the front lies on its single layer: from the cloth's left edge and from its top line. */
export interface Lie {
  readonly place: (path: Path) => Path;
  readonly mirrored: boolean;
  /** What of its cutting line lies above its highest stitched place. */
  readonly above: Inches;
  /** All edges, clockwise as it lies. */
  readonly edges: readonly RuchedEdge[];
}

function ruches({ lines }: RuchedPart, end: "seam" | "hinge"): string[] {
  return lines.map((_, index) => `ruche-${index + 1}/${end}`);
}

/** Where the side ends: below the hem line by what it lost over its sectors. */
export function footOf({ spread, lengthened }: RuchedPart): Point {
  const foot = pathEnd(spread.hinge.path);
  return at(foot.x, foot.y + lengthened);
}

/** All edges of a part clockwise from the seam, which runs down its left. */
export function ruchedEdges(given: Given, part: RuchedPart): readonly RuchedEdge[] {
  const { spread, slit, seam } = part;
  const [foot, low] = [pathEnd(spread.hinge.path), footOf(part)];
  const seamed = ruleLength(given, "allowance.panel");
  return [
    {
      id: "waist",
      role: "waist",
      stitch: straight(spread.opened.path.start, spread.hinge.path.start),
      allowance: ruleLength(given, "allowance.waistJoin"),
      through: ["waist/seam", "waist/side"],
    },
    {
      id: "side",
      role: "side",
      stitch: part.lengthened > 0 ? joinPaths([spread.hinge.path, straight(foot, low)]) : spread.hinge.path,
      allowance: ruleLength(given, "allowance.side"),
      through: ["waist/side", ...ruches(part, "hinge"), "hem/side"],
    },
    {
      id: "hem",
      role: "hem",
      stitch: straight(low, pathEnd(slit)),
      allowance: ruleLength(given, "allowance.hem"),
      through: ["hem/side", "hem/slit"],
    },
    { id: "slit", role: "join", stitch: reversePath(slit), allowance: seamed, through: ["hem/slit", "seam/slit-top"] },
    {
      id: "seam",
      role: "join",
      stitch: reversePath(seam),
      allowance: seamed,
      through: ["seam/slit-top", ...ruches(part, "seam").reverse(), "waist/seam"],
    },
  ];
}

/** How far the middle sector has turned: the grain is its own. */
function middleAngle({ spread }: RuchedPart): number {
  return spread.sectors[Math.floor((spread.sectors.length - 1) / 2)]?.move.angle ?? 0;
}

/** Wrong side up the narrow part of the wearer's left has its seam at the right; its partner, and the other side, the other way. */
function isMirrored(form: SkirtForm, { which }: RuchedPart): boolean {
  return (form.rucheSide === "left") === (which === "narrow");
}

/** Mirrored, an outline is walked the other way round. */
function walked(
  [first, ...rest]: readonly RuchedEdge[],
  mirrored: boolean,
  place: Lie["place"],
): readonly RuchedEdge[] {
  if (first === undefined) return [];
  return (mirrored ? [first, ...rest.reverse()] : [first, ...rest]).map((edge) => {
    const stitch = place(edge.stitch);
    return mirrored
      ? { ...edge, stitch: reversePath(stitch), through: [...edge.through].reverse() }
      : { ...edge, stitch };
  });
}

const UNCUT = { onFold: false, mouths: [], turned: [0, 0] } as const;

/** Placed so that nothing lies off the cloth: the cut's leftmost place on its edge, the highest stitched one on the top line. */
export function lieOf(form: SkirtForm, part: RuchedPart, edges: readonly RuchedEdge[]): Lie {
  const mirrored = isMirrored(form, part);
  // The cloth's length runs down the middle sector.
  const grain = middleAngle(part);
  const flip = (point: Point): Point => {
    const turned = turnPoint(point, at(0, 0), -grain);
    return mirrored ? at(-turned.x, turned.y) : turned;
  };
  const loose = walked(edges, mirrored, (path) => mapPath(path, flip));
  const { cut } = drawOutline(loose.map((edge) => ({ ...UNCUT, ...edge })));
  const tops = loose.flatMap(({ stitch }) => [stitch.start.y, ...stitch.segments.map(({ to }) => to.y)]);
  const [left, top] = [-Math.min(...cut.map(({ x }) => x)), Math.min(...tops)];
  const place = (path: Path) => mapPath(path, (point) => add(flip(point), at(left, -top)));
  return {
    place,
    mirrored,
    above: top - Math.min(...cut.map(({ y }) => y)),
    edges: walked(edges, mirrored, place),
  };
}

/** Sectors as they come to lie, each with where it turned about. */
export function sectorsOf(part: RuchedPart, lie: Lie): readonly PieceSector[] {
  const { spread, lines } = part;
  const middle = middleAngle(part);
  return spread.sectors.map((sector, index): PieceSector => {
    const across = straight(pathEnd(sector.opened), pathEnd(sector.hinge));
    // The held one turned about nothing; every other about the hinge that it shares with the one below.
    const about = index < lines.length ? pathEnd(sector.hinge) : sector.hinge.start;
    return {
      n: index + 1,
      path: lie.place(joinPaths([sector.opened, across, reversePath(sector.hinge)])),
      about: lie.place({ start: about, segments: [] }).start,
      angle: (sector.move.angle - middle) * (lie.mirrored ? -1 : 1),
    };
  });
}
