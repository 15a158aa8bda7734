import type { FrontFacts } from "../../chalk";
import {
  allowanceTerm,
  type Given,
  type OpenEdge,
  type PieceChalk,
  ruleLength,
  type Sheet,
  settleOnTape,
  type Term,
} from "../../chalk";
import {
  add,
  at,
  cutOutline,
  directionFrom,
  dot,
  flattenPath,
  joinPaths,
  mapPath,
  type Path,
  type Point,
  pathBeside,
  pathEnd,
  straight,
  subtract,
  turnPoint,
} from "../../geometry";
import { type Inches, TRUEING_STEP } from "../../length";
import { rollUp } from "./chalk-lapel-front";
import type { CollarForm } from "./collar-form";
import { chalkCollarPiece, downFrom } from "./collar-piece";
import { gorgeCurve, type LapelPlan, outerEdge, planLapel } from "./plan-lapel";

/** The edges of a notched collar by themselves: x from its centre back along the sewn line, y up the centre back. */
interface NotchedCollar {
  readonly own: (place: Point) => Point;
  readonly outer: Path;
  readonly front: Path;
  readonly gorge: Path;
  readonly width: Inches;
  readonly back: Inches;
}

/** A place of the front as a collar has it that is laid on its own fold. */
function ownAxes({ sewn, neck, outer }: LapelPlan): (place: Point) => Point {
  const across = directionFrom(sewn, neck) ?? at(1, 0);
  const up = directionFrom(sewn, outer) ?? at(0, 1);
  return (place) => {
    const off = subtract(place, sewn);
    return at(dot(off, across), dot(off, up));
  };
}

function shapeNotched(given: Given, { collarWidth }: CollarForm, plan: LapelPlan, facts: FrontFacts): NotchedCollar {
  const own = ownAxes(plan);
  const place = (path: Path) => mapPath(path, own);
  const { gorge } = facts;
  return {
    own,
    outer: place(outerEdge(given, plan)),
    front: place(straight(plan.collarTip, plan.notch)),
    gorge: place(joinPaths([straight(plan.notch, at(0, gorge)), gorgeCurve(facts)])),
    width: collarWidth,
    back: facts.backNeck,
  };
}

/** The upper collar, cut apart: on its fold, its gorge as the front's (craft: collars, lapel). */
function chalkUpper(sheet: Sheet, form: CollarForm, plan: LapelPlan, shape: NotchedCollar): PieceChalk {
  const { given } = sheet;
  const { own, outer, front, gorge, width, back } = shape;
  const high = Math.max(...flattenPath(outer).map(({ y }) => y), width);
  const piece = chalkCollarPiece(sheet, {
    id: "collar",
    name: "collar-upper",
    high,
    copies: 1,
    halves: false,
    marks: [
      { id: "neck/shoulder", place: at(back, 0), why: "collar-base" },
      { id: "collar/notch", place: own(plan.collarTip), why: "collar-notch" },
      { id: "gorge/notch", place: own(plan.notch), why: "collar-notch" },
      { id: "gorge/depth", place: pathEndOfLevel(gorge), why: "gorge" },
    ],
    edges: [
      { id: "outer", path: outer, through: ["collar/notch"], why: "collar-back" },
      { id: "front", path: front, through: ["collar/notch", "gorge/notch"] },
      { id: "gorge", path: gorge, through: ["gorge/notch", "gorge/depth", "neck/shoulder"], why: "gorge" },
      { id: "neck", path: straight(at(back, 0), at(0, 0)), through: ["neck/shoulder"] },
      { id: "centre", path: straight(at(0, 0), at(0, width)), through: [] },
    ],
  });
  const up = rollUp(given, form);
  const down: Term = { code: "along-the-collar", kind: "drawn", value: high - up, source: "choice:collarWidth" };
  piece.centreMark("roll", { terms: [down], step: TRUEING_STEP, why: "roll-line" });
  const roll = mapPath(straight(at(back, 0), at(0, up)), downFrom(high));
  piece.crease({ id: "roll", path: roll, through: ["neck/shoulder", "centre/roll"], why: "roll-line" });
  return piece;
}

/** Where the gorge turns from its level stretch into the neck's curve. */
function pathEndOfLevel(gorge: Path): Point {
  return gorge.segments[0]?.to ?? pathEnd(gorge);
}

/** How a piece lies that is cut on the bias: turned by half a right angle, its cut edges at the cloth's. */
function laidOnBias(edges: readonly { readonly path: Path; readonly allowance: Inches }[]): (place: Point) => Point {
  const turned = (place: Point) => turnPoint(at(place.x, -place.y), at(0, 0), Math.PI / 4);
  const cut = cutOutline(edges.map(({ path, allowance }) => ({ stitch: mapPath(path, turned), allowance })));
  const left = Math.min(...cut.map(({ x }) => x));
  const top = Math.min(...cut.map(({ y }) => y));
  return (place) => add(turned(place), at(-left, -top));
}

/** The collar underneath: two halves on the bias, smaller by the turn of cloth where it turns over. */
function chalkUnder(sheet: Sheet, { outer, front, gorge, width, back }: NotchedCollar): void {
  const { given } = sheet;
  const seam = ruleLength(given, "allowance.collar");
  const less = ruleLength(given, "turnOfCloth");
  // Walked with its cloth on the left, up being up: inwards is to the right of the walk once it lies with down down.
  const inner = mapPath(pathBeside(mapPath(outer, flip), less), flip);
  const tip = pathEnd(inner);
  const edges = [
    { id: "outer", path: inner },
    { id: "front", path: straight(tip, pathEnd(front)) },
    { id: "gorge", path: gorge },
    { id: "neck", path: straight(at(back, 0), at(0, 0)) },
    { id: "centre", path: straight(at(0, 0), inner.start) },
  ].map((edge) => ({ ...edge, allowance: seam }));
  const laid = laidOnBias(edges);
  const piece = sheet.piece("collar-under", {
    name: "collar-under",
    half: null,
    origin: "cloth-edge",
    originInset: { value: 0, terms: [] },
    topInset: settleOnTape(given, [allowanceTerm(given, "allowance.collar")]),
    traced: true,
  });
  for (const { id, path } of edges) {
    const drawn = id === "centre" ? {} : { drawn: { kind: "round", pieces: ["collar"] } as const };
    piece.edge(id, {
      role: id === "centre" ? "centre" : "collar",
      stitch: mapPath(path, laid),
      allowance: seam,
      through: [],
      ...drawn,
      why: "under-layer",
    });
  }
  sheet.remark({ id: "under-collar-bias", piece: "collar-under", numbers: { less, width } });
}

const flip = ({ x, y }: Point): Point => at(x, -y);

/**
 * The collar of a lapel that is cut apart: its gorge sewn to the front's, its sewn line to the back neck.
 *
 * @param back half the back neck, as drawn or as measured on the garment
 */
export function chalkNotched(sheet: Sheet, form: CollarForm, drawn: FrontFacts, open: OpenEdge): void {
  const { given } = sheet;
  // The front is drawn to the back neck as it was planned; what is cut later is drawn to the one that is there.
  const facts = { ...drawn, backNeck: open.length.back };
  const plan = planLapel(given, form, facts);
  const shape = shapeNotched(given, form, plan, facts);
  const piece = chalkUpper(sheet, form, plan, shape);
  piece.notchAt("shoulder", "neck", 0, { counts: "from-end" });
  chalkUnder(sheet, shape);
  sheet.seam({ id: "gorge", a: ["collar/gorge"], b: open.rows.front, ease: { least: 0, most: 0 } });
  const more = open.off.back;
  sheet.seam({ id: "collar-back", a: ["collar/neck"], b: open.rows.back, ease: { least: more, most: more } });
}
