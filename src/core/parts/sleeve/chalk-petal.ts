import {
  allowanceTerm,
  type Given,
  onTape,
  type PieceChalk,
  ruleLength,
  type Sheet,
  type StepReason,
  settleOnTape,
  type Term,
} from "../../chalk";
import {
  add,
  at,
  boxOf,
  flattenPath,
  mapPath,
  movePath,
  type Path,
  type Point,
  pathEnd,
  placeAtLength,
  reversePath,
  turnPoint,
} from "../../geometry";
import { both, type Inches, pickSystem, roundUpToStep, TRUEING_STEP } from "../../length";
import { markDrawn } from "../mark-drawn";
import { drawPetal, type Petal } from "./petals";
import type { SleevePlan } from "./plan-sleeve";

/** Beyond a free edge that is rolled. */
function rolled(given: Given): Inches {
  return onTape(given, pickSystem(both(0.25, 0.5), given.metric));
}

const drawnTerm = (value: Inches): Term => ({ code: "as-drawn", kind: "drawn", value, source: "choice:petalOverlap" });

function markAt(piece: PieceChalk, id: string, place: Point, why: StepReason): void {
  markDrawn(piece, id, place, { term: drawnTerm, why });
}

function movePetal(petal: Petal, move: (point: Point) => Point): Petal {
  const path = (one: Path) => mapPath(one, move);
  return {
    cap: path(petal.cap),
    side: path(petal.side),
    free: path(petal.free),
    drop: move(petal.drop),
    crossing: move(petal.crossing),
  };
}

/** How far its leftmost place lies left of nought, with what is cut beyond it. */
function leftOf(paths: readonly Path[], beyond: Inches): Inches {
  return beyond - boxOf(paths.flatMap((path) => flattenPath(path))).left;
}

function openPetal(
  sheet: Sheet,
  id: string,
  name: "sleeve" | "sleeve-front" | "sleeve-back",
  above: Inches,
): PieceChalk {
  const { given } = sheet;
  const room: Term = {
    code: "room-for-cut",
    kind: "allowance",
    value: roundUpToStep(above, TRUEING_STEP),
    source: "geometry",
  };
  return sheet.piece(id, {
    name,
    half: null,
    top: "cap",
    origin: "cloth-edge",
    originInset: { value: 0, terms: [] },
    topInset: settleOnTape(given, [allowanceTerm(given, "allowance.armhole"), ...(above > 0 ? [room] : [])]),
  });
}

/** One petal as a piece of its own, cut as a pair from doubled cloth. */
function chalkOne(sheet: Sheet, plan: SleevePlan, half: "front" | "back", beyond: Inches): PieceChalk {
  const { given } = sheet;
  const drawn = drawPetal(plan, beyond);
  const by = leftOf([drawn.cap, drawn.free], rolled(given));
  const petal = movePetal(drawn, (point) => add(point, at(by, 0)));
  const piece = openPetal(sheet, `sleeve-${half}`, `sleeve-${half}`, 0);
  const side = allowanceTerm(given, "allowance.side").value;
  piece.line("biceps", plan.capDown, { why: "biceps-line" });
  piece.line("hem", plan.hemDown);
  markAt(piece, "cap/free", petal.cap.start, "petal-free");
  markAt(piece, "cap/top", at(by, 0), "cap-line");
  const { points } = plan.cap;
  for (const [id, place] of [
    ["cap/raised", points.raised],
    ["cap/middle", points.middle],
    ["cap/sunk", points.sunk],
  ] as const)
    markAt(piece, id, add(place, at(by, 0)), "cap-bow");
  markAt(piece, "biceps/side", pathEnd(petal.cap), "cap-width");
  markAt(piece, "hem/side", pathEnd(petal.side), "sleeve-hem");
  markAt(piece, "free/crossing", petal.crossing, "petal-free");
  markAt(piece, "free/drop", petal.drop, "petal-drop");
  piece.edge("cap", {
    role: "cap",
    stitch: petal.cap,
    allowance: ruleLength(given, "allowance.armhole"),
    through: ["cap/free", "cap/top", "cap/raised", "cap/middle", "cap/sunk", "biceps/side"],
    why: "cap-curve",
  });
  piece.edge("side", {
    role: "side",
    stitch: petal.side,
    allowance: side,
    through: ["biceps/side", "hem/side"],
    why: "sleeve-side",
  });
  piece.edge("free", {
    role: "hem",
    stitch: petal.free,
    allowance: rolled(given),
    through: ["hem/side", "free/crossing", "free/drop", "cap/free"],
    why: "petal-free",
  });
  return piece;
}

/** Both petals across the underarm in one piece: their side seams on one another, no seam there. */
function chalkJoined(
  sheet: Sheet,
  plan: SleevePlan,
  beyond: { readonly front: Inches; readonly back: Inches },
): PieceChalk {
  const { given } = sheet;
  const [front, back] = [drawPetal(plan, beyond.front), drawPetal(plan, beyond.back)];
  const way = placeAtLength(front.side, 0).tangent;
  // The underarm hangs plumb, the front to its left; the back lies mirrored to its right.
  const turn = Math.PI / 2 - Math.atan2(way.y, way.x);
  const underarm = front.side.start;
  const upright = (petal: Petal) =>
    movePetal(petal, (point) => turnPoint(add(point, at(-underarm.x, -underarm.y)), at(0, 0), turn));
  const left = upright(front);
  const right = movePetal(upright(back), ({ x, y }) => at(-x, y));
  const box = boxOf([left, right].flatMap(({ cap, free }) => [...flattenPath(cap), ...flattenPath(free)]));
  const edge = rolled(given);
  // At the tip of the front petal the cap's allowance runs out over the rolled edge's: as much as the wider is kept free.
  const inside = Math.max(edge, ruleLength(given, "allowance.armhole")) - box.left;
  const move = (path: Path) => movePath(path, at(inside, -box.top));
  const piece = openPetal(sheet, "sleeve", "sleeve", 0);
  const edges = {
    front: move(left.cap),
    back: reversePath(move(right.cap)),
    backFree: reversePath(move(right.free)),
    frontFree: move(left.free),
  };
  const place = (id: string, point: Point, why: StepReason) => markAt(piece, id, point, why);
  const shift = (point: Point) => add(point, at(inside, -box.top));
  place("cap/front-free", edges.front.start, "petal-free");
  place("cap/underarm", pathEnd(edges.front), "cap-width");
  place("cap/back-free", pathEnd(edges.back), "petal-free");
  place("free/back-drop", shift(right.drop), "petal-drop");
  place("free/back-crossing", shift(right.crossing), "petal-free");
  place("hem/underarm", pathEnd(edges.backFree), "sleeve-hem");
  place("free/front-crossing", shift(left.crossing), "petal-free");
  place("free/front-drop", shift(left.drop), "petal-drop");
  const cap = { role: "cap", allowance: ruleLength(given, "allowance.armhole"), why: "cap-curve" } as const;
  const free = { role: "hem", allowance: edge, why: "petal-free" } as const;
  piece.edge("cap-front", { ...cap, stitch: edges.front, through: ["cap/front-free", "cap/underarm"] });
  piece.edge("cap-back", { ...cap, stitch: edges.back, through: ["cap/underarm", "cap/back-free"] });
  piece.edge("free-back", {
    ...free,
    stitch: edges.backFree,
    through: ["cap/back-free", "free/back-drop", "free/back-crossing", "hem/underarm"],
  });
  piece.edge("free-front", {
    ...free,
    stitch: edges.frontFree,
    through: ["hem/underarm", "free/front-crossing", "free/front-drop", "cap/front-free"],
  });
  return piece;
}

/** Chalks a petal sleeve: two petals that lap over the shoulder notch, as two pieces or as one. */
export function chalkPetals(
  sheet: Sheet,
  plan: SleevePlan,
  notch: Inches,
): { readonly front: PieceChalk; readonly back: PieceChalk } {
  const { petalOverlap, petalJoined } = plan.form;
  // Each reaches half the overlap beyond the shoulder notch, which lies off the fold where the armholes differ.
  const beyond = { front: petalOverlap / 2 + notch, back: petalOverlap / 2 - notch };
  const numbers = { overlap: petalOverlap };
  sheet.remark({ id: "petals-lap", piece: petalJoined ? "sleeve" : "sleeve-front", numbers });
  if (petalJoined) {
    const piece = chalkJoined(sheet, plan, beyond);
    return { front: piece, back: piece };
  }
  return { front: chalkOne(sheet, plan, "front", beyond.front), back: chalkOne(sheet, plan, "back", beyond.back) };
}
