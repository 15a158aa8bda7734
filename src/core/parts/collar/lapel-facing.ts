import {
  allowanceTerm,
  type EdgeReference,
  type FrontFacts,
  type Given,
  ruleLength,
  type Sheet,
  settleOnTape,
} from "../../chalk";
import {
  add,
  at,
  curveBetween,
  cutOutline,
  joinPaths,
  mapPath,
  type Path,
  type Point,
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
import type { PlannedFront } from "./chalk-lapel-front";
import type { CollarForm } from "./collar-form";
import { breakAcross, outerEdge } from "./plan-lapel";

/** How wide the facing is on the shoulder, and inside the break line. */
const ON_SHOULDER = both(2, 5);
const INSIDE_BREAK = both(3, 7.5);

/**
 * A facing's edge beyond the front's: the turn of cloth outwards at its upper end, and there as much longer where it ends
 * in a tip; running out to nothing below.
 */
function turnedEdge(edge: Path, more: Inches, longer: Inches): Path {
  if (more === 0) return edge;
  const { tangent } = placeAtLength(edge, 0);
  // Walked downwards its cloth is on the left: outwards is to the right.
  const out = scale(rightOf(tangent), more);
  return { ...edge, start: subtract(add(edge.start, out), scale(tangent, longer)) };
}

/** The upper edges of a facing as the front has them, from the upper end of the lapel to the neck point. */
function upperEdges(
  given: Given,
  { collarCut }: CollarForm,
  front: PlannedFront,
): readonly { readonly id: string; readonly path: Path }[] {
  if (front.kind === "shawl") {
    const { outer, sewn, neck } = front.plan;
    return [
      { id: "collar-back", path: straight(outer, sewn) },
      { id: "neck", path: straight(sewn, neck) },
    ];
  }
  const { plan } = front;
  if (collarCut === "apart") return [{ id: "gorge", path: joinPaths([straight(plan.tip, plan.notch), plan.gorge]) }];
  return [
    { id: "notch", path: straight(plan.tip, plan.notch, plan.collarTip) },
    { id: "outer", path: reversePath(outerEdge(given, plan)) },
    { id: "collar-back", path: straight(plan.outer, plan.sewn) },
    { id: "neck", path: straight(plan.sewn, plan.neck) },
  ];
}

/** From the shoulder to where the front ends: beside the break line down to the break, then plumb. */
function innerEdge(given: Given, plan: PlannedFront["plan"], { shoulder, endDown, gorge }: FrontFacts): Path {
  const [on, inside] = [ON_SHOULDER, INSIDE_BREAK].map((one) => pickSystem(one, given.metric)) as [Inches, Inches];
  const { point: from, tangent } = placeAtLength(shoulder, Math.min(on, pathLength(shoulder) * 0.8));
  const level = inside / Math.cos(plan.lean);
  const beside = (down: Inches) => at(breakAcross(plan, down) + level, down);
  const turn = beside(plan.point.y);
  const low = beside(Math.min(2 * gorge, (from.y + turn.y) / 2));
  const along = { x: -Math.sin(plan.lean), y: Math.cos(plan.lean) };
  // It leaves the shoulder squarely, and runs into the line beside the break.
  const leaving: Path = { start: from, segments: [curveBetween(from, rightOf(tangent), low, along)] };
  const upper = joinPaths([leaving, straight(low, turn)]);
  return endDown - turn.y < 1 / 16 ? upper : joinPaths([upper, straight(turn, at(turn.x, endDown))]);
}

/** The facing of a front that turns over, a pair: its outer edge longer by the turn of cloth, what is cut on is faced with it. */
export function chalkLapelFacing(
  sheet: Sheet,
  form: CollarForm,
  front: PlannedFront,
  { edge, piece: of }: { readonly edge: Path; readonly piece: string },
): void {
  const { given } = sheet;
  const { plan, facts } = front;
  const more = ruleLength(given, "turnOfCloth");
  const seam = ruleLength(given, "allowance.panel");
  const collar = ruleLength(given, "allowance.collar");
  const longer = front.kind === "lapel" ? more : 0;
  const lapel = turnedEdge(edge, more, longer);
  const upper = upperEdges(given, form, front);
  const inner = innerEdge(given, plan, facts);
  const [foot, end] = [pathEnd(inner), pathEnd(edge)];
  const on = placeAtLength(facts.shoulder, 0).point;
  const walked = [
    ...upper.map(({ id, path }, index) => ({
      id,
      path: index === 0 ? startingAt(path, lapel.start) : path,
      allowance: id === "gorge" || id === "neck" ? ruleLength(given, "allowance.neck") : collar,
    })),
    { id: "shoulder", path: straight(on, inner.start), allowance: ruleLength(given, "allowance.shoulder") },
    { id: "inner", path: inner, allowance: 0 },
    { id: "hem", path: straight(foot, end), allowance: ruleLength(given, "allowance.panel") },
    { id: "lapel", path: reversePath(lapel), allowance: seam },
  ];
  const cut = cutOutline(walked.map(({ path, allowance }) => ({ stitch: path, allowance })));
  const by = at(-Math.min(...cut.map(({ x }) => x)), -Math.min(...cut.map(({ y }) => y)));
  const piece = sheet.piece("facing-front", {
    name: "lapel-facing",
    half: null,
    origin: "cloth-edge",
    originInset: { value: 0, terms: [] },
    topInset: settleOnTape(given, [allowanceTerm(given, "allowance.shoulder")]),
    traced: true,
  });
  for (const { id, path, allowance } of walked) {
    const own = mapPath(path, (place) => add(place, by));
    const traced = id !== "inner";
    piece.edge(id, {
      role: id === "shoulder" ? "shoulder" : id === "inner" ? "join" : id === "hem" ? "hem" : "collar",
      stitch: own,
      allowance,
      through: [],
      ...(traced ? { drawn: { kind: "round", pieces: [of] } as const } : {}),
      why: "lapel-facing",
    });
  }
  const centre: EdgeReference = `${of}/centre`;
  sheet.seam({
    id: "facing-lapel",
    a: ["facing-front/lapel"],
    b: [centre],
    ease: { least: Math.min(longer, more), most: Math.max(longer, more / 2) },
  });
}

function startingAt(path: Path, start: Point): Path {
  return { ...path, start };
}
