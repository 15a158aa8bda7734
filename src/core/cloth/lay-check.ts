import { at, boxOf, sharedArea } from "../geometry";
import type { Inches } from "../length";
import { type Cloth, SELVEDGE } from "./cloth";
import { type LayFold, unfoldAcross } from "./lay-fold";
import type { LaidSection, LaidUnit, LayPlan } from "./lay-plan";

/** Something that would be cut wrong if a lay were followed. */
export interface LayFault {
  readonly kind: "overlap" | "outside" | "on-spot" | "off-fold";
  readonly units: readonly string[];
  /** Square inches that two pieces share, or inches that one sticks out. */
  readonly amount: number;
}

/** Rounding of the sums; no thread of cloth. */
const NOTHING = 1e-4;

const label = ({ unit, copy }: LaidUnit): string => `${unit}/${copy}`;

function findOverlaps({ laid }: LaidSection): readonly LayFault[] {
  return laid.flatMap((one, index) =>
    laid.slice(index + 1).flatMap((other): readonly LayFault[] => {
      const [a, b] = [boxOf(one.outline), boxOf(other.outline)];
      if (a.right < b.left || b.right < a.left || a.bottom < b.top || b.bottom < a.top) return [];
      const amount = sharedArea(one.outline, other.outline);
      return amount > NOTHING ? [{ kind: "overlap", units: [label(one), label(other)], amount }] : [];
    }),
  );
}

/** From where to where the cloth has as many layers as a unit needs. */
function stretchesFor({ layers }: LaidUnit, fold: LayFold): readonly (readonly [Inches, Inches])[] {
  const right = fold.across - fold.second;
  if (fold.kind === "open") return [[0, fold.across]];
  if (layers === 1) return [[fold.doubled, right]];
  return fold.beside > 0
    ? [
        [0, fold.doubled],
        [right, fold.across],
      ]
    : [[0, fold.across]];
}

/** How far a unit sticks out of the cloth that has as many layers as it needs. */
function stickOut(unit: LaidUnit, section: LaidSection): Inches {
  const { fold } = section;
  const box = boxOf(unit.outline);
  const length = fold.endToEnd ? section.length / 2 : section.length;
  const beyond = ([from, to]: readonly [Inches, Inches]) => Math.max(0, from - box.left, box.right - to);
  const across = Math.min(...stretchesFor(unit, fold).map(beyond));
  return Math.max(across, -box.top, box.bottom - length);
}

function findOutside(section: LaidSection): readonly LayFault[] {
  return section.laid.flatMap((unit): readonly LayFault[] => {
    const amount = stickOut(unit, section);
    return amount > NOTHING ? [{ kind: "outside", units: [label(unit)], amount }] : [];
  });
}

/** A half piece must touch a fold with the whole of its straight side. */
function findOffFold({ laid, fold }: LaidSection): readonly LayFault[] {
  const folds = [0, ...(fold.second > 0 ? [fold.across] : [])];
  return laid.flatMap((unit): readonly LayFault[] => {
    if (unit.on !== "fold" || unit.layers === 1) return [];
    const { left, right } = boxOf(unit.outline);
    const amount = Math.min(...folds.map((edge) => Math.min(Math.abs(left - edge), Math.abs(right - edge))));
    return amount > NOTHING ? [{ kind: "off-fold", units: [label(unit)], amount }] : [];
  });
}

/** The spots of the cloth that a section covers, as they are seen on it while it is folded. */
function findOnSpots(section: LaidSection, cloth: Cloth): readonly LayFault[] {
  const steps = Math.ceil(section.fold.across * 8);
  return cloth.spots.flatMap((spot) => {
    const [top, bottom] = [spot.down - section.from, spot.down + spot.length - section.from];
    const strips = Array.from({ length: steps }, (_, index) => (index + 0.5) * (section.fold.across / steps)).filter(
      (across) =>
        unfoldAcross(section.fold, across).some(
          (open) => open + SELVEDGE > spot.across && open + SELVEDGE < spot.across + spot.width,
        ),
    );
    const half = section.fold.across / steps / 2;
    return section.laid.flatMap((unit): readonly LayFault[] => {
      const amount = strips.reduce(
        (sum, across) =>
          sum +
          sharedArea(unit.outline, [
            at(across - half, top),
            at(across + half, top),
            at(across + half, bottom),
            at(across - half, bottom),
          ]),
        0,
      );
      return amount > NOTHING ? [{ kind: "on-spot", units: [label(unit)], amount }] : [];
    });
  });
}

/**
 * Proves a lay on the outlines that will be cut, with a library that the search does not use: nothing overlaps, sticks
 * out of its layers, leaves its fold or lies on a spot.
 */
export function checkLay(plan: LayPlan, cloth: Cloth): readonly LayFault[] {
  return plan.sections.flatMap((section) => [
    ...findOverlaps(section),
    ...findOutside(section),
    ...findOffFold(section),
    ...findOnSpots(section, cloth),
  ]);
}
