import { type Dart, type Edge, type Notch, type Piece, tipOf, topOrigin } from "../chalk";
import { at, type Point, pathEnd, pathLength } from "../geometry";
import type { Inches } from "../length";
import { certain } from "../result";
import { type CountedPiece, handStep, type NotchWay, type StepPlace, shortName, type TableStep } from "./steps";

/** A dart's tip is pierced this far inside, so that the hole is sewn over. */
const INSIDE: Inches = 1 / 2;
/** Of a dart that is shorter than this, a quarter of its length. */
const SHORT: Inches = 2.5;
/** An allowance that no snip may go into. */
const NARROW: Inches = 1 / 4;

/** A place inside a dart's tip that is pierced or tacked, and never the tip itself (craft: table, after the cut). */
export interface TipHole {
  readonly id: string;
  readonly dart: string;
  readonly tip: string;
  readonly point: Point;
  readonly inside: Inches;
}

function holeAt(id: string, dart: Dart, tip: Point, mark: string, scale: number): TipHole {
  const [inner, outer] = dart.legs;
  const middle = at((inner.x + outer.x) / 2, (inner.y + outer.y) / 2);
  const length = Math.hypot(middle.x - tip.x, middle.y - tip.y);
  const inside = length < SHORT * scale ? length / 4 : INSIDE * scale;
  const share = inside / length;
  const point = at(tip.x + (middle.x - tip.x) * share, tip.y + (middle.y - tip.y) * share);
  return { id, dart: dart.id, tip: mark, point, inside };
}

/**
 * Where a piece's sewn darts are pierced: half an inch inside each tip, on the dart's middle line.
 *
 * @param scale 1, or ½ for a draft that is chalked at half its size
 */
export function tipHoles(piece: Piece, scale: number): readonly TipHole[] {
  return piece.darts
    .filter(({ sewn }) => sewn)
    .flatMap((dart) => {
      const tip = dart.id.endsWith("waist-dart") ? tipOf(dart.id) : "bust/dart-tip";
      const upper = dart.opens === null ? [holeAt(`${tip}-hole`, dart, dart.tip, tip, scale)] : [];
      const lower = dart.end === null ? [] : [holeAt("dart/end-hole", dart, dart.end, "dart/end", scale)];
      return [...upper, ...lower];
    });
}

/** A length along an edge from its upper end, whichever way the edge is walked. */
function fromUpperEnd(edge: Edge, length: Inches): Inches {
  return edge.stitch.start.y > pathEnd(edge.stitch).y + 1 ? pathLength(edge.stitch) - length : length;
}

/** Where a notch lies from the end of its edge that it is counted from. */
function countedAlong(edge: Edge, { at, counts }: Notch): Inches {
  if (counts === undefined) return fromUpperEnd(edge, at);
  return counts === "from-end" ? pathLength(edge.stitch) - at : at;
}

/** A snip goes into the allowance; where that is narrow, and on a collar, where it would show, chalk. */
function notchWay({ role, allowance }: Edge): NotchWay {
  return role === "collar" || allowance <= NARROW + 1e-9 ? "chalk" : "snip";
}

/** Where the stitching stops or changes. */
const STOPS = new Set(["zip-end", "slit-end", "slit-top", "vent-top"]);

/** From which end of its edge a notch is told: a collar's from its centre back, an armhole's from the underarm. */
function countedFrom({ part }: Piece, { counts }: Notch): "edge-start" | "lower-end" | "centre-back" {
  if (counts === undefined) return "edge-start";
  return part === "collar" ? "centre-back" : "lower-end";
}

function notchSteps(place: StepPlace): readonly TableStep[] {
  const { piece } = place;
  return piece.notches.map((notch) => {
    const edge = certain(
      piece.edges.find(({ id }) => id === notch.edge),
      `edge ${notch.edge}`,
    );
    const centre = edge.role === "centre";
    const twice = piece.notches.filter(({ id }) => id === notch.id).length > 1;
    return handStep(place, "notch", twice ? `notch-${notch.id}-${notch.edge}` : `notch-${notch.id}`, {
      kind: "notch",
      notch: notch.id,
      edge: notch.edge,
      at: centre ? notch.point.y : countedAlong(edge, notch),
      from: centre ? topOrigin(piece.top) : countedFrom(piece, notch),
      ...(notch.side === undefined ? {} : { side: notch.side }),
      by: notchWay(edge),
      pins: STOPS.has(notch.id),
    });
  });
}

function pierceSteps(place: StepPlace, scale: number): readonly TableStep[] {
  return tipHoles(place.piece, scale).map(({ id, dart, tip, inside }) =>
    handStep(place, "notch", `pierce-${id.replace("/", "-")}`, { kind: "pierce", mark: id, dart, tip, inside }),
  );
}

/** Where a mark that is made on the cut piece lies. */
function markAt({ marks }: Piece, id: string): Point | undefined {
  return marks.find((mark) => mark.id === id)?.place.stitch;
}

/** A sleeve's slit is cut in both at once, so that they come out mirrored; then its pleat is chalked. */
function slitSteps(place: StepPlace): readonly TableStep[] {
  const { piece } = place;
  const [hem, top] = [markAt(piece, "hem/slit"), markAt(piece, "slit/top")];
  if (piece.part !== "sleeve" || hem === undefined || top === undefined) return [];
  const slit = handStep(place, "notch", "slit", {
    kind: "slit-pair",
    across: hem.x,
    up: hem.y - top.y,
    on: hem.x < 1e-9 ? "fold" : "back",
  });
  const [first, second] = [markAt(piece, "hem/pleat-1"), piece.marks.find(({ id }) => id === "hem/pleat-2")];
  if (first === undefined || second === undefined) return [slit];
  const pleat = handStep(place, "notch", "pleat", {
    kind: "pleat",
    first: first.x,
    second: second.place.stitch.x,
    passesFold: second.side === "front",
  });
  return [slit, pleat];
}

/** What the front of a cap is hollowed more than the back. */
function hollowSteps(place: StepPlace): readonly TableStep[] {
  const [sunk, scooped] = [markAt(place.piece, "cap/sunk"), markAt(place.piece, "cap/scooped")];
  if (sunk === undefined || scooped === undefined) return [];
  const by = Math.hypot(scooped.x - sunk.x, scooped.y - sunk.y);
  return [handStep(place, "notch", "hollow", { kind: "hollow-front", by })];
}

function nameStep(place: StepPlace): TableStep {
  const { name, cut, notches } = place.piece;
  const copies = copiesOf(place.piece);
  const halves = notches.some(({ side }) => side !== undefined);
  return handStep(place, "notch", "name", { kind: "name", name, copies, mirrored: cut.mirrored, halves });
}

/** A round of strips is joined and quartered once, with the last of its strips. */
function quarterSteps(place: StepPlace): readonly TableStep[] {
  const round = place.piece.strip?.round;
  const inner = round?.opens === true && round.count > 1 && !place.piece.id.endsWith("-end");
  return round === undefined || inner ? [] : [handStep(place, "notch", "quarter", { kind: "quarter", round })];
}

/** Pieces of cloth that a piece is cut into: a half on the fold is one, a pair two. */
function copiesOf({ cut }: Piece): number {
  return cut.copies;
}

/** What is done to a cut piece before it is lifted: notches, dart tips, and its name last. */
export function afterCut(place: StepPlace, scale: number): readonly TableStep[] {
  // Two pieces of one group each have their notches: the step's id carries the piece, not the group.
  const own = { ...place, group: shortName(place.piece) };
  return [
    ...notchSteps(own),
    ...pierceSteps(own, scale),
    ...hollowSteps(own),
    ...slitSteps(own),
    nameStep(own),
    ...quarterSteps(own),
  ].map((step) => ({
    ...step,
    group: place.group,
  }));
}

/** Every piece as it lies on the table when all is cut. */
export function countPieces(pieces: readonly Piece[]): readonly CountedPiece[] {
  return pieces.map((piece) => ({
    piece: piece.id,
    name: piece.name,
    cloth: piece.cloth,
    copies: copiesOf(piece),
    mirrored: piece.cut.mirrored,
  }));
}
