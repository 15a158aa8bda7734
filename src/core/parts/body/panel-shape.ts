import { drawArmhole } from "../../blocks";
import { refuse } from "../../chalk";
import {
  add,
  at,
  crossAtDepth,
  cubicTo,
  directionFrom,
  joinPaths,
  lengthToDepth,
  lineTo,
  mapPath,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  type Radians,
  scale,
  splitAtDepth,
  turnPoint,
} from "../../geometry";
import { certain } from "../../result";
import { trueingRound } from "./body-lines";
import { gapAt, lowerEdge, meetDown, movedOut, toBust, trueLower, withRoom } from "./panel-lower";
import type { PanelPlan, PanelShape } from "./panel-plan";
import { shapeUpper } from "./panel-upper";

function lean(from: Point, to: Point): Radians {
  return Math.atan2(Math.abs(to.x - from.x), Math.abs(to.y - from.y));
}

/** The outer panel's lower edge is lifted by no more than this, and never above the ribs. */
const MOST_LIFTED = 3;

const UNEVEN = ["rules.underbustTakeOut", "rules.takeOutSplit", "rules.underbustTightening"] as const;

/** Refuses a take-out so uneven that the outer panel, trued to the inner one, would end at the ribs or far up the seam. */
function checkLift(plan: PanelPlan, outer: Path, lifted: number): void {
  const ends = pathEnd(outer).y;
  const { ribsDown } = plan;
  const reaches = ribsDown === null || plan.endDown < ribsDown + 1e-6 || ends >= ribsDown;
  if (lifted <= MOST_LIFTED && reaches) return;
  const room = plan.room(plan.bustDown);
  refuse({
    code: "take-out-too-uneven",
    conflicts: [...(room > 0 ? ["rules.panelRoom"] : []), ...UNEVEN],
    numbers: { lifted, takeOut: plan.lower.inner + plan.lower.outer, room },
    words: { cause: room > 0 ? "room" : "take-out" },
    nearest: (plan.lower.inner + plan.lower.outer) / 2,
  });
}

/** Along an edge from the bust line to a depth; 0 where it does not reach it. */
function fromBust(plan: PanelPlan, edge: Path, down: number): number {
  return Math.max(0, (lengthToDepth(edge, down) ?? 0) - toBust(edge, plan.bustDown));
}

/**
 * Both edges of a panel seam on the net draft, with what they take out, trued in two parts so that the bust notches meet
 * (craft: bodice, princess panels steps 1–5, and the deep-neck yoke).
 *
 * @returns refuses when the panel or its take-out does not fit on the armhole, or the cup leaves no room to shape
 */
export function shapePanel(plan: PanelPlan): PanelShape {
  if (plan.fullDown - plan.cupLift < meetDown(plan) + 0.5) {
    refuse({
      code: "underbust-out-of-place",
      conflicts: ["measurements.shoulderToUnderbust", "rules.cupLift"],
      numbers: { bust: plan.bustDown, ribs: plan.fullDown, waist: plan.waistDown },
      nearest: meetDown(plan) + 0.5 + plan.cupLift,
    });
  }
  const upper = shapeUpper(plan);
  if (upper === null) {
    const total = pathLength(drawArmhole(plan.armhole, plan.underarmDown));
    const point = plan.panelPoint ?? total / 2;
    refuse({
      code: "panel-off-armhole",
      conflicts: ["rules.panelPoint", "rules.armholeTakeOut", "measurements.armhole"],
      numbers: { from: point - plan.upper.inner, to: point + plan.upper.outer, armhole: total },
      nearest: total / 2,
    });
  }
  const inner = joinPaths([upper.inner, lowerEdge(plan, -1)]);
  const lower = trueLower(inner, joinPaths([upper.outer, withRoom(plan, lowerEdge(plan, 1))]), plan.bustDown);
  const outer = lower.path;
  checkLift(plan, outer, lower.lifted);
  const gap = gapAt(inner, outer);
  const madeRoom = movedOut(plan, joinPaths([upper.plain, lowerEdge(plan, 1)]), outer);
  const removedAt = (down: number) => gap(down) - madeRoom(down);
  return {
    inner,
    outer,
    bustAlong: { inner: toBust(inner, plan.bustDown), outer: toBust(outer, plan.bustDown) },
    bustPoint: at(plan.bustAcross + madeRoom(plan.bustDown), plan.bustDown),
    ends: { inner: upper.tops.inner, outer: upper.tops.outer },
    trued: { upper: upper.trued, lower: lower.lifted },
    leans: {
      inner: lean(upper.tops.pivot, upper.tops.inner),
      outer: lean(upper.tops.pivot, upper.tops.outer),
    },
    removedAt,
    panelPoint: { used: upper.point, asked: plan.kind === "armhole" ? (plan.panelPoint ?? upper.point) : upper.point },
    madeRoom,
    innerAt: (down) => crossAtDepth(inner, down)[0]?.x,
    outerAt: (down) => crossAtDepth(outer, down)[0]?.x,
    bustToRibs: plan.fullDown < plan.waistDown - 1e-6 ? fromBust(plan, inner, plan.fullDown) : 0,
    bustToWaist: fromBust(plan, inner, plan.waistDown),
    flareLean: plan.flare > 0 ? Math.atan2(plan.flare, plan.endDown - plan.waistDown) : 0,
    overlap: Math.max(0, pathEnd(inner).x - pathEnd(outer).x),
    ...upper.armholes,
  };
}

/** The path with its first place moved; what follows stays. */
function startAt(path: Path, start: Point): Path {
  return { ...path, start };
}

/**
 * A panel whose outer upper part was turned about the bust point to close the bust dart: its edge, armhole and shoulder
 * turned with it, and its edge trued again so that the bust notches still meet.
 */
export function turnPanel(panel: PanelShape, angle: Radians): PanelShape {
  const turn = (point: Point) => turnPoint(point, panel.bustPoint, angle);
  const split = splitAtDepth(panel.outer, panel.bustPoint.y);
  const [above, below] = certain(split ?? undefined, "a panel edge over the bust line");
  const legs = above.segments.slice(0, -1).map(({ to }) => turn(to));
  const rounding = above.segments.at(-1);
  const [first] = legs;
  if (first === undefined || rounding?.kind !== "cubic") return panel;
  // The edge keeps its place on the bust line, where it is half way round; only what lies above turned.
  const [top, crossing] = [turn(panel.outer.start), rounding.to];
  const leaving = directionFrom(top, first) ?? { x: 0, y: 1 };
  const over = cubicTo(turn(rounding.control1), rounding.control2, crossing);
  const edge = joinPaths([{ start: top, segments: [...legs.map(lineTo), over] }, below]);
  const more = trueingRound(panel.bustAlong.inner - toBust(edge, panel.bustPoint.y));
  const moved = add(top, scale(leaving, -more));
  const outer = startAt(edge, moved);
  const turned = (path: Path) => mapPath(path, turn);
  const onShoulder = panel.outerShoulder !== null;
  return {
    ...panel,
    outer,
    outerShoulder: panel.outerShoulder === null ? null : startAt(turned(panel.outerShoulder), moved),
    outerArmhole: onShoulder ? turned(panel.outerArmhole) : startAt(turned(panel.outerArmhole), moved),
    tip: onShoulder ? turn(panel.tip) : panel.tip,
    ends: { ...panel.ends, outer: moved },
    bustAlong: { inner: panel.bustAlong.inner, outer: toBust(outer, panel.bustPoint.y) },
  };
}
