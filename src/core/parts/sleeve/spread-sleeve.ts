import {
  allowanceTerm,
  type PieceChalk,
  type PieceSector,
  ruleLength,
  type Sheet,
  type StepReason,
  settleOnTape,
  type Term,
} from "../../chalk";
import {
  add,
  at,
  cubicTo,
  type Direction,
  directionFrom,
  distance,
  flattenPath,
  joinPaths,
  lengthToAcross,
  mapPath,
  meetingCurve,
  meetLines,
  moveBy,
  movePath,
  type Path,
  type PlaceOnPath,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  reversePath,
  rightOf,
  scale,
  splitAtLength,
  spreadSectors,
  straight,
} from "../../geometry";
import type { Inches } from "../../length";
import { certain } from "../../result";
import { markDrawn } from "../mark-drawn";
import { hemAllowance } from "./chalk-block";
import { openSleeve } from "./open-sleeve";
import type { SleevePlan } from "./plan-sleeve";
import { STRIPS } from "./sleeve-form";

/** Less than this no tape shows. */
const NOTHING: Inches = 1 / 64;
/** In the third strip what was raised at the fold, or lowered there, has run out. */
const RUNS_OUT = 2.5;

/** A half sleeve that was slashed into strips and spread, as it comes to lie. */
export interface SpreadSleeve {
  readonly cap: Path;
  readonly side: Path;
  readonly hem: Path;
  readonly sectors: readonly PieceSector[];
  /** Where cap and hem are drawn through, strip by strip. */
  readonly capPlaces: readonly Point[];
  readonly hemPlaces: readonly Point[];
  /** How far all strips turned. */
  readonly turned: number;
  /** How far its highest place lies above the cap line of the block: raised at the fold, or where strips turned upwards. */
  readonly above: Inches;
}

const LEVEL: Direction = { x: 1, y: 0 };

/** No strip is narrower at the hem: where it would be, the hem is cut into fifths of its own. */
const LEAST_STRIP: Inches = 0.5;

/** Where strips part on a path: at the fold, and plumb at fifths of the width. */
function partsOn(path: Path, half: Inches): readonly Inches[] {
  return Array.from({ length: STRIPS }, (_, index) =>
    index === 0 ? 0 : certain(lengthToAcross(path, (index / STRIPS) * half), "a strip on the sleeve"),
  );
}

/** A curve through places with given ways, each handle a third of its chord. */
function curveThrough(row: readonly PlaceOnPath[]): Path {
  const segments = row.slice(1).map((to, index) => {
    const before = row[index] as PlaceOnPath;
    const handle = distance(before.point, to.point) / 3;
    return cubicTo(
      add(before.point, scale(before.tangent, handle)),
      add(to.point, scale(to.tangent, -handle)),
      to.point,
    );
  });
  return { start: certain(row[0], "a place").point, segments };
}

/**
 * One edge over the strips, level at the fold and along the last strip's own end. Where nothing parts each is left as it
 * goes; where strips part the line would step from one to the next, and runs through their middles as a hand draws it:
 * at each along the straight line between its neighbours.
 */
function overStrips(
  from: Point,
  stretches: readonly Path[],
  { parts, lift }: { readonly parts: boolean; readonly lift: (strip: number) => Inches },
): { readonly path: Path; readonly places: readonly Point[] } {
  const raised = stretches.map((stretch, index) => movePath(stretch, at(0, lift(index))));
  const middles = raised.map((stretch) => placeAtLength(stretch, pathLength(stretch) / 2));
  const between = middles.map((middle, index): PlaceOnPath => {
    const [before, after] = [middles[index - 1]?.point ?? from, middles[index + 1]?.point];
    if (!parts || after === undefined) return middle;
    return { point: middle.point, tangent: directionFrom(before, after) ?? middle.tangent };
  });
  const last = certain(raised.at(-1), "a strip");
  const [, end] = splitAtLength(last, pathLength(last) / 2);
  const path = joinPaths([curveThrough([{ point: from, tangent: LEVEL }, ...between]), end]);
  return { path, places: middles.map(({ point }) => point) };
}

/** A hem level at the fold and square to the side, so that it turns no corner there. */
function squareHem(fold: Point, side: Path): Path {
  const foot = pathEnd(side);
  const { tangent } = placeAtLength(side, pathLength(side));
  const arriving = scale(rightOf(tangent), -1);
  const meet = meetLines(fold, LEVEL, foot, arriving);
  // Where the side hardly leans both ways meet beyond the fold: the hem then rises evenly to its foot.
  if (meet === null || meet.x < fold.x || meet.x > foot.x) {
    const rise = at((foot.x - fold.x) / 2, foot.y - fold.y);
    return curveThrough([
      { point: fold, tangent: LEVEL },
      { point: foot, tangent: directionFrom(at(0, 0), rise) ?? arriving },
    ]);
  }
  return { start: fold, segments: [meetingCurve(fold, LEVEL, foot, arriving)] };
}

/** A lift at the fold that has run out in the third strip. */
const runsOut =
  (lift: Inches) =>
  (strip: number): Inches =>
    lift * Math.max(0, 1 - (strip + 0.5) / RUNS_OUT);

/** Slashes the half block into five strips and spreads them from the fold out (craft: sleeves, puff and cone). */
export function spreadSleeve(plan: SleevePlan): SpreadSleeve {
  const { cap, side, hem, sectors, capPlaces, hemPlaces, turned } = spreadBlock(plan);
  const above = Math.max(0, -Math.min(...flattenPath(cap).map(({ y }) => y)));
  const by = at(0, above);
  const down = (path: Path) => movePath(path, by);
  return {
    cap: down(cap),
    side: down(side),
    hem: down(hem),
    sectors: sectors.map((sector) => ({ ...sector, path: down(sector.path), about: add(sector.about, by) })),
    capPlaces: capPlaces.map((place) => add(place, by)),
    hemPlaces: hemPlaces.map((place) => add(place, by)),
    turned,
    above,
  };
}

/** The strips as they lie below the cap line of the block. */
function spreadBlock(plan: SleevePlan): Omit<SpreadSleeve, "above"> {
  const { form, cap, hemDown, sidePath } = plan;
  const foot = pathEnd(sidePath);
  const hem = straight(at(0, hemDown.value), foot);
  const wide = pathEnd(cap.curve).x;
  const fifths = foot.x > (wide * (STRIPS - 1)) / STRIPS + LEAST_STRIP ? wide : foot.x;
  const [top, low] = [partsOn(cap.curve, wide), partsOn(hem, fifths)];
  const spreads = form.spreads ?? [];
  const { sectors, turned } = spreadSectors({
    opened: hem,
    hinge: cap.curve,
    held: 0,
    lines: spreads.map((opened, index) => ({
      opened: low[index] ?? 0,
      hinge: top[index] ?? 0,
      spread: opened.hem,
      parts: opened.top,
    })),
  });
  const strips = sectors.slice(1);
  const last = certain(strips.at(-1), "a strip");
  const caps = strips.map(({ hinge }) => hinge);
  const hems = strips.map(({ opened }) => opened);
  const over = overStrips(at(0, -form.puffLift), caps, {
    parts: spreads.some((opened) => opened.top > 0),
    lift: runsOut(-form.puffLift),
  });
  const side = mapPath(sidePath, (point) => moveBy(last.move, point));
  const below = form.kind === "puff" ? form.blouse : 0;
  const fold = at(0, hemDown.value + below);
  const round = overStrips(fold, hems, { parts: true, lift: runsOut(below) });
  const level = form.kind === "cone" ? squareHem(fold, side) : null;
  const under = level ?? round.path;
  return {
    cap: over.path,
    side,
    hem: under,
    sectors: strips.map(({ opened, hinge, move }, index): PieceSector => {
      const across = straight(pathEnd(hinge), pathEnd(opened));
      return {
        n: index + 1,
        path: joinPaths([hinge, across, reversePath(opened)]),
        about: hinge.start,
        angle: move.angle,
      };
    }),
    capPlaces: over.places,
    hemPlaces: level === null ? round.places : [placeAtLength(level, pathLength(level) / 2).point],
    turned,
  };
}

const asSpread = (value: Inches): Term => ({ code: "as-spread", kind: "drawn", value, source: "choice:puffSpreads" });

function markAt(piece: PieceChalk, id: string, place: Point, why: StepReason, allowance?: Inches): void {
  markDrawn(piece, id, place, { term: asSpread, why, allowance });
}

/** A spread sleeve on its fold, drawn as it ends: no paper is slashed. */
export function chalkSpread(sheet: Sheet, plan: SleevePlan, spread: SpreadSleeve): PieceChalk {
  const { given } = sheet;
  const { form } = plan;
  const piece = openSleeve(sheet);
  const raised: Term = { code: "above-the-top-line", kind: "drawn", value: spread.above, source: "choice:puffLift" };
  piece.line("hem", spread.above < NOTHING ? plan.hemDown : settleOnTape(given, [...plan.hemDown.terms, raised]));
  piece.spread(spread.sectors);
  const side = allowanceTerm(given, "allowance.side").value;
  const [underarm, foot] = [spread.side.start, pathEnd(spread.side)];
  for (const [index, place] of spread.capPlaces.entries()) markAt(piece, `cap/strip-${index + 1}`, place, "cap-spread");
  markAt(piece, "biceps/side", underarm, "cap-width", side);
  for (const [index, place] of spread.hemPlaces.entries()) markAt(piece, `hem/strip-${index + 1}`, place, "sleeve-hem");
  markAt(piece, "hem/side", foot, "sleeve-hem", side);
  const { value: allowance } = hemAllowance(given, form);
  piece.edge("cap", {
    role: "cap",
    stitch: spread.cap,
    allowance: ruleLength(given, "allowance.armhole"),
    through: [...spread.capPlaces.map((_, index) => `cap/strip-${index + 1}`), "biceps/side"],
    why: "cap-spread",
  });
  piece.edge("side", {
    role: "side",
    stitch: spread.side,
    allowance: side,
    through: ["biceps/side", "hem/side"],
    why: "sleeve-side",
  });
  piece.edge("hem", {
    role: "hem",
    stitch: reversePath(spread.hem),
    allowance,
    through: ["hem/side", ...spread.hemPlaces.map((_, index) => `hem/strip-${index + 1}`).reverse()],
    why: form.kind === "puff" ? "sleeve-casing" : "sleeve-hem",
  });
  const [top, low] = [spread.cap.start, spread.hem.start];
  piece.edge("centre", { role: "centre", stitch: straight(low, top), allowance: 0, through: [], onFold: true });
  return piece;
}
