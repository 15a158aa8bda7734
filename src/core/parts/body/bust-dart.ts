import { refuse } from "../../chalk";
import {
  add,
  at,
  directionFrom,
  distance,
  joinPaths,
  lengthToDepth,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  type Radians,
  type SideSeamPoints,
  scale,
  sideSeam,
  solveRising,
  splitAtLength,
  straight,
  turnPath,
  turnPoint,
} from "../../geometry";
import type { Inches } from "../../length";
import type { BodyForm } from "./body-form";
import { LEAST_BUST_DART } from "./body-lines";

/** A side with its bust dart: the path as it lies after sewing-open, turning, or nothing. */
export interface DartedSide {
  readonly path: Path;
  /** The marks above the dart where they lie on the cloth. */
  readonly underarm: Point;
  readonly bust: Point | undefined;
  /** The dart's mouth along the path, when it is sewn. */
  readonly mouth: { readonly from: Inches; readonly to: Inches } | null;
  /** The mouth's ends: both at the closing place when the dart was turned shut. */
  readonly legs: readonly [Point, Point];
  /** Angle at the bust point that the dart takes up; 0 without one. */
  readonly angle: Radians;
  /** How far along the sewn side from the underarm the dart opens. */
  readonly opensAt: Inches;
  /** Segments of the path that were turned. */
  readonly turned: readonly [number, number];
}

/** The mouth lies this much above the waist line at least, and this much below the bust mark (craft: bodice, side bust dart). */
const LEAST_ABOVE_WAIST: Inches = 1.5;
const LEAST_BELOW_BUST: Inches = 0.5;
/** A sewn dart stops this short of the bust point. */
export const TIP_SHORT: Inches = 1;
/** Beyond this a side swings out more than it shortens: no dart takes up that much. */
const MOST_ANGLE: Radians = 0.45;

function turnAbove(points: SideSeamPoints, about: Point, angle: Radians): SideSeamPoints {
  const { underarm, bust, ...rest } = points;
  const turned = turnPoint(underarm, about, angle);
  return bust === undefined
    ? { ...rest, underarm: turned }
    : { ...rest, underarm: turned, bust: turnPoint(bust, about, angle) };
}

/**
 * The angle at the bust point that makes the front side, dart closed, as long as the back's: to 1/1000 in. 0 when the front is hardly longer (craft: "solved intake = front side seam − back side seam").
 */
export function solveBustDart(points: SideSeamPoints, about: Point, wanted: Inches): Radians {
  const excess = (angle: Radians) => pathLength(sideSeam(turnAbove(points, about, angle))) - wanted;
  const open = excess(0);
  if (open < LEAST_BUST_DART) return 0;
  const closed = excess(MOST_ANGLE);
  if (closed > 0) {
    refuse({
      code: "bust-dart-too-large",
      conflicts: ["measurements.frontWaist", "measurements.backWaist", "choices.bustDart"],
      numbers: { excess: open },
      nearest: "none",
    });
  }
  return solveRising((angle) => -excess(angle), { at: 0, value: -open }, { at: MOST_ANGLE, value: -closed }, 1e-3);
}

/** Where along the closed side the dart opens: as asked, or higher where that would come too near the waist. */
function mouthAlong(form: BodyForm, closed: Path, points: SideSeamPoints, waistDown: Inches): Inches {
  const least = points.bust === undefined ? 0 : distance(points.underarm, points.bust) + LEAST_BELOW_BUST;
  // Above the ribs' mark too, which must not turn with it.
  const lowest = Math.min(waistDown - LEAST_ABOVE_WAIST, (points.underbust?.y ?? waistDown) - LEAST_BELOW_BUST);
  const reach = lengthToDepth(closed, lowest) ?? 0;
  if (least > reach + 1e-6) {
    const mouth = placeAtLength(closed, least).point.y;
    refuse({
      code: "bust-dart-too-low",
      conflicts: ["measurements.shoulderToBust", "measurements.frontWaist", "choices.bustDart"],
      numbers: { mouth, waist: waistDown },
      nearest: "none",
    });
  }
  return Math.min(Math.max(form.bustDartDepth, least), reach);
}

function plainSide(points: SideSeamPoints): DartedSide {
  const { underarm, bust } = points;
  return {
    path: sideSeam(points),
    underarm,
    bust,
    mouth: null,
    legs: [underarm, underarm],
    angle: 0,
    opensAt: 0,
    turned: [0, 0],
  };
}

/** The opened mouth of a sewn dart, with the point of cloth that is caught in the side seam when it is pressed down. */
function openMouth(about: Point, upper: Point, lower: Point, angle: Radians): Path {
  const axis = directionFrom(about, at((upper.x + lower.x) / 2, (upper.y + lower.y) / 2)) ?? { x: 1, y: 0 };
  const peak = add(about, scale(axis, distance(about, lower) / Math.cos(angle / 2)));
  return straight(upper, peak, lower);
}

/**
 * The front side with its bust dart taken up to the back side's length (craft: bodice, "closed or moved"): everything
 * between the two cuts turns about the bust point. Sewn, it is opened again for the cloth.
 */
export function placeBustDart(form: BodyForm, points: SideSeamPoints, about: Point, wanted: Inches): DartedSide {
  const angle = solveBustDart(points, about, wanted);
  if (angle === 0) return plainSide(points);
  const turned = turnAbove(points, about, angle);
  const closed = sideSeam(turned);
  const along = mouthAlong(form, closed, turned, points.waist?.y ?? points.underbust?.y ?? 99);
  const [upper, lower] = splitAtLength(closed, along);
  const place = lower.start;
  switch (form.dart) {
    case "sewn": {
      const opened = turnPath(upper, about, -angle);
      const mouth = openMouth(about, pathEnd(opened), place, angle);
      const from = pathLength(opened);
      return {
        path: joinPaths([opened, mouth, lower]),
        underarm: points.underarm,
        bust: points.bust,
        mouth: { from, to: from + pathLength(mouth) },
        legs: [pathEnd(opened), place],
        angle,
        opensAt: along,
        turned: [0, 0],
      };
    }
    case "to-panel":
      return {
        path: joinPaths([upper, lower]),
        underarm: turned.underarm,
        bust: turned.bust,
        mouth: null,
        legs: [place, place],
        angle,
        opensAt: along,
        turned: [0, upper.segments.length],
      };
    case "to-waist": {
      const back = turnPath(joinPaths([upper, lower]), about, -angle);
      const closing = turnPoint(place, about, -angle);
      return {
        path: back,
        underarm: points.underarm,
        bust: points.bust,
        mouth: null,
        legs: [closing, closing],
        angle,
        opensAt: along,
        turned: [upper.segments.length, back.segments.length],
      };
    }
    default:
      return plainSide(points);
  }
}
