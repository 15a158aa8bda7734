import {
  at,
  crossAtDepth,
  distance,
  joinPaths,
  type Path,
  type Point,
  pathEnd,
  pathLength,
  placeAtLength,
  splitAtDepth,
  straight,
} from "../geometry";
import type { Inches } from "../length";
import { certain } from "../result";
import type { PieceName } from "./codes";
import type { ChalkStep, Dart, Edge, EdgeReference, Mark, Notch, Piece, SeamPlan } from "./draft";
import { drawOutline } from "./outline";
import { raisePiece } from "./raise-piece";
import type { Term } from "./term";

export interface SplitPart {
  readonly id: string;
  readonly name: PieceName;
}

/** Where a piece that was chalked whole is cut across into two, and what the seam between them takes. */
export interface SplitPlan {
  readonly piece: string;
  readonly down: Inches;
  readonly upper: SplitPart;
  readonly lower: SplitPart;
  readonly allowance: Inches;
  /** Cloth laid outside the centre line of the lower part, folded into a pleat at the join. */
  readonly pleat: Inches;
}

const HAIR: Inches = 1e-6;

/** Parts of an edge above and below a depth; an edge that does not cross it lies on one side whole. */
function splitEdge(edge: Edge, down: Inches): { readonly above?: Edge; readonly below?: Edge } {
  const middle = placeAtLength(edge.stitch, pathLength(edge.stitch) / 2).point.y;
  const ends = [edge.stitch.start.y, certain(edge.stitch.segments.at(-1), "an edge with a line").to.y];
  const crosses = Math.min(...ends) < down - HAIR && Math.max(...ends) > down + HAIR;
  if (!crosses) return middle < down ? { above: edge } : { below: edge };
  const split = (path: Path) => certain(splitAtDepth(path, down), `${edge.id} crossing ${down}`);
  const [first, second] = split(edge.stitch);
  const cuts = edge.cut === undefined ? undefined : splitAtDepth(edge.cut, down);
  const upTo = pathLength(first);
  const part = (stitch: Path, index: 0 | 1): Edge => {
    const { cut: _, ...rest } = edge;
    const before = index === 0 ? 0 : upTo;
    const mouths = edge.mouths
      .filter(({ from }) => (index === 0 ? from < upTo : from >= upTo))
      .map((mouth) => ({ ...mouth, from: mouth.from - before, to: mouth.to - before }));
    return { ...rest, stitch, ...(cuts ? { cut: cuts[index] } : {}), mouths, turned: [0, 0] };
  };
  const falls = edge.stitch.start.y < down;
  return falls ? { above: part(first, 0), below: part(second, 1) } : { above: part(second, 1), below: part(first, 0) };
}

function joinEdge(stitch: Path, allowance: Inches, mouths: Edge["mouths"] = []): Edge {
  return { id: "join", role: "join", stitch, allowance, onFold: false, mouths, turned: [0, 0] };
}

/** Where two points' straight line reaches a depth. */
function pointAtDepth(a: Point, b: Point, down: Inches): Point {
  const share = (down - a.y) / (b.y - a.y);
  return at(a.x + (b.x - a.x) * share, down);
}

function gap([a, b]: readonly [Point, Point]): Inches {
  return Math.hypot(b.x - a.x, b.y - a.y);
}

/** A dart above or below the cut: one that the cut crosses opens into the seam on both sides. */
function splitDart(dart: Dart, down: Inches): { readonly above?: Dart; readonly below?: Dart } {
  const { tip, end } = dart;
  const lowest = end?.y ?? dart.legs[0].y;
  if (tip.y >= down) return { below: dart };
  if (lowest <= down) return { above: dart };
  const [inner, outer] = dart.legs;
  const across = (a: Point, b: Point) => pointAtDepth(a, b, down);
  if (inner.y > down) {
    const legs = [across(tip, inner), across(tip, outer)] as const;
    return { above: { ...dart, legs, intake: gap(legs), end: null }, below: { ...dart, opens: legs } };
  }
  const foot = certain(end ?? undefined, "a dart that runs on below its widest place");
  const legs = [across(inner, foot), across(outer, foot)] as const;
  return {
    above: { ...dart, end: null, mouth: legs },
    below: { ...dart, legs, intake: gap(legs), opens: legs },
  };
}

/** Where a dart opens into the line at a depth; null where it does not. */
function mouthAt({ legs, end, opens, mouth }: Dart, down: Inches): readonly [Point, Point] | null {
  const open = [opens, mouth, end === null ? legs : null].filter((pair) => pair !== null && pair !== undefined);
  return open.find(([inner]) => Math.abs(inner.y - down) < HAIR) ?? null;
}

/** Where darts open into the join, along it. */
function mouthsOf(darts: readonly Dart[], path: Path, down: Inches): Edge["mouths"] {
  return darts.flatMap((dart) => {
    const mouth = mouthAt(dart, down);
    if (mouth === null) return [];
    const along = mouth.map(({ x }) => Math.abs(x - path.start.x)).sort((a, b) => a - b);
    return [{ closes: dart.id, from: along[0] ?? 0, to: along[1] ?? 0 }];
  });
}

/** Notches that lie on a part's edges; where an edge was cut, they count from its new start. */
function moveNotches(notches: readonly Notch[], whole: readonly Edge[], edges: readonly Edge[]): readonly Notch[] {
  return notches.flatMap((notch) => {
    const [before, edge] = [whole, edges].map((row) => row.find(({ id }) => id === notch.edge));
    if (before === undefined || edge === undefined) return [];
    const length = pathLength(edge.stitch);
    const starts = distance(edge.stitch.start, before.stitch.start) < HAIR;
    const at = notch.at - (starts ? 0 : pathLength(before.stitch) - length);
    return at < -HAIR || at > length + HAIR ? [] : [{ ...notch, at }];
  });
}

type Part = Pick<Piece, "edges" | "darts" | "lines" | "marks" | "creases">;

/** Whether a part needs a step: it has the marks, lines, edges and darts that the step is about. */
function concerns(part: Part, { act }: ChalkStep): boolean {
  const has = (id: string) => part.marks.some((mark) => mark.id === id);
  switch (act.kind) {
    case "plumb":
    case "guide-line":
      return part.lines.some(({ id }) => id === act.line);
    case "edge":
    case "allowance":
      return part.edges.some(({ id }) => id === act.edge);
    case "crease":
      return part.creases?.some(({ id }) => id === act.crease) ?? false;
    case "dart":
      return part.darts.some(({ id }) => id === act.dart);
    default:
      return "mark" in act ? has(act.mark) : true;
  }
}

/** A step told for a part: an edge has the length and the marks that are left of it; a scoop without its line is read across. */
function tellFor(part: Part, step: ChalkStep, origin: Piece["origin"]): ChalkStep {
  const { act } = step;
  if (act.kind === "edge") {
    const edge = certain(
      part.edges.find(({ id }) => id === act.edge),
      `edge ${act.edge}`,
    );
    const through = act.through.filter((id) => part.marks.some((mark) => mark.id === id));
    return { ...step, act: { ...act, through }, marks: through, reading: pathLength(edge.stitch) };
  }
  if (act.kind === "dart") {
    const cut = part.marks.filter(({ id }) => id.startsWith("join/dart")).map(({ id }) => id);
    const through = [...cut, ...act.through.filter((id) => part.marks.some((mark) => mark.id === id))];
    return { ...step, act: { ...act, through }, marks: through };
  }
  if (act.kind !== "scoop" || part.lines.some(({ id }) => id === "chest")) return step;
  const { x, y } = certain(
    part.marks.find(({ id }) => id === act.mark),
    `mark ${act.mark}`,
  ).place.stitch;
  return {
    ...step,
    act: { kind: "at", mark: act.mark, down: y },
    from: origin,
    direction: "across",
    reading: x,
    terms: acrossTerms(x),
  };
}

function acrossTerms(value: Inches): readonly Term[] {
  return [{ code: "across-as-drawn", kind: "drawn", value, source: "geometry" }];
}

/** A scoop reads inwards from a plumb line that starts on the chest line: a part without one reads it across. */
function readForPart(mark: Mark, lines: Piece["lines"]): Mark {
  if (mark.id !== "armhole/middle" || lines.some(({ id }) => id === "chest")) return mark;
  return { ...mark, stitch: mark.place.stitch.x, terms: acrossTerms(mark.place.stitch.x) };
}

/** Steps that a part needs, told for what is left of it. */
function stepsOf(piece: Piece, part: Part): readonly ChalkStep[] {
  return piece.steps.filter((step) => concerns(part, step)).map((step) => tellFor(part, step, piece.origin));
}

function splitStep(plan: SplitPlan): ChalkStep {
  return {
    id: "split-line",
    act: { kind: "split", upper: plan.upper.id, lower: plan.lower.id },
    marks: [],
    from: "top-line",
    direction: "down",
    reading: plan.down,
    terms: [],
    cutReading: null,
    why: plan.upper.id.startsWith("yoke") ? "yoke" : "split",
  };
}

function joinSteps(plan: SplitPlan): readonly ChalkStep[] {
  return [
    splitStep(plan),
    {
      id: "join-allowance",
      act: { kind: "allowance", edge: "join", allowance: plan.allowance },
      marks: [],
      from: "edge-start",
      direction: "outwards",
      reading: plan.allowance,
      terms: [],
      cutReading: null,
      why: null,
    },
  ];
}

/** The lower part's centre moved out by its pleat, its hem drawn on to there; the join is longer by it until it is folded. */
function pleatCentre(edges: readonly Edge[], pleat: Inches): readonly Edge[] {
  if (pleat === 0) return edges;
  return edges.map((edge) => {
    const end = pathEnd(edge.stitch);
    if (edge.role === "centre")
      return { ...edge, stitch: straight(at(-pleat, edge.stitch.start.y), at(-pleat, end.y)) };
    return edge.role === "hem" ? { ...edge, stitch: joinPaths([edge.stitch, straight(end, at(-pleat, end.y))]) } : edge;
  });
}

/** Where a cut dart's legs meet the join: marks of both parts, read across from the origin. */
function legMarks(darts: readonly Dart[], down: Inches): readonly Mark[] {
  return darts.flatMap((dart) => {
    const legs = mouthAt(dart, down);
    if (legs === null) return [];
    return legs.map((stitch, index): Mark => {
      const terms: readonly Term[] = [{ code: "dart-leg", kind: "drawn", value: stitch.x, source: `dart:${dart.id}` }];
      const id = index === 0 ? "join/dart-inner" : "join/dart-outer";
      return { id, line: null, stitch: stitch.x, cut: null, terms, cutTerms: [], place: { stitch, cut: null } };
    });
  });
}

function legSteps(marks: readonly Mark[], origin: Piece["origin"]): readonly ChalkStep[] {
  return marks.map(({ id, terms, place }) => ({
    id: id.replace("/", "-"),
    act: { kind: "at", mark: id, down: place.stitch.y },
    marks: [id],
    from: origin,
    direction: "across",
    reading: place.stitch.x,
    terms,
    cutReading: null,
    why: "dart",
  }));
}

/** Outline first, then the line of the cut, the legs of a cut dart on it, and last the darts. */
function orderParts(
  own: readonly ChalkStep[],
  join: readonly ChalkStep[],
  legs: readonly ChalkStep[],
): readonly ChalkStep[] {
  const isDart = ({ act }: ChalkStep) => act.kind === "dart";
  return [...own.filter((step) => !isDart(step)), ...join, ...legs, ...own.filter(isDart)];
}

function splitPiece(piece: Piece, plan: SplitPlan): readonly [Piece, Piece] {
  const { down, allowance, pleat } = plan;
  const parts = piece.edges.map((edge) => splitEdge(edge, down));
  const aboveEdges = parts.flatMap(({ above }) => (above ? [above] : []));
  const belowEdges = parts.flatMap(({ below }) => (below ? [below] : []));
  const crossings = crossAtDepth(piece.outline.stitch, down).map(({ x }) => x);
  const [left, right] = [Math.min(...crossings), Math.max(...crossings)];
  const darts = piece.darts.map((dart) => splitDart(dart, down));
  const above = darts.flatMap((dart) => (dart.above ? [dart.above] : []));
  const below = darts.flatMap((dart) => (dart.below ? [dart.below] : []));
  const upperPath = straight(at(right, down), at(left, down));
  const lowerPath = straight(at(left - pleat, down), at(right, down));
  const pleatMouth = pleat === 0 ? [] : [{ closes: "pleat", from: 0, to: pleat }];
  const lastAbove = aboveEdges.findIndex(({ role }) => role === "centre");
  const upperEdges = [
    ...aboveEdges.slice(0, lastAbove),
    joinEdge(upperPath, allowance, mouthsOf(above, upperPath, down)),
    ...aboveEdges.slice(lastAbove),
  ];
  const lowerEdges = [
    joinEdge(lowerPath, allowance, [...pleatMouth, ...mouthsOf(below, lowerPath, down)]),
    ...pleatCentre(belowEdges, pleat),
  ];
  const make = (part: SplitPart, edges: readonly Edge[], own: readonly Dart[], has: (at: Inches) => boolean): Piece => {
    const lines = piece.lines.filter((line) => line.id === "top" || has(line.down));
    const legs = legMarks(own, down);
    const kept = piece.marks.filter(({ place }) => has(place.stitch.y)).map((mark) => readForPart(mark, lines));
    const marks = [...kept, ...legs];
    const creases = piece.creases?.filter(({ path }) => has(path.start.y) && has(pathEnd(path).y));
    const base = { edges, darts: own, lines, marks, ...(creases === undefined ? {} : { creases }) };
    return {
      ...piece,
      ...part,
      ...base,
      // What keeps the id of the whole keeps its name at the table.
      lead: piece.lead && part.id === piece.id,
      takeOuts: piece.takeOuts.map((takeOut) => ({
        ...takeOut,
        removes: takeOut.removes.filter(({ line }) => lines.some(({ id }) => id === line)),
        declared: takeOut.declared.filter(({ line }) => lines.some(({ id }) => id === line)),
      })),
      notches: moveNotches(piece.notches, piece.edges, edges),
      steps: orderParts(
        stepsOf(piece, base),
        part === plan.upper ? joinSteps(plan) : joinSteps(plan).slice(1),
        legSteps(legs, piece.origin),
      ),
      outline: drawOutline(edges),
    };
  };
  const lower = {
    ...make(plan.lower, lowerEdges, below, (depth) => depth > down + HAIR),
    fromCentre: piece.fromCentre || pleat > 0,
    originInset: piece.originInset + pleat,
  };
  return [make(plan.upper, upperEdges, above, (depth) => depth < down + HAIR), raisePiece(lower, down, allowance)];
}

/** Every seam with its edges renamed to the parts they now lie on, in the order of the walk. */
function renameSeam(seam: SeamPlan, plan: SplitPlan, upper: Piece, lower: Piece): SeamPlan {
  const rename = (references: readonly EdgeReference[]): readonly EdgeReference[] =>
    references.flatMap((reference): readonly EdgeReference[] => {
      const [piece, edge] = reference.split("/");
      if (piece !== plan.piece) return [reference];
      return [upper, lower]
        .filter(({ edges }) => edges.some(({ id }) => id === edge))
        .map(({ id }) => `${id}/${edge}` as const);
    });
  return { ...seam, a: rename(seam.a), b: rename(seam.b) };
}

/** Applies every split in order: pieces replaced by their two parts, seams renamed, the join promised as a seam. */
export function splitPieces(
  pieces: readonly Piece[],
  seams: readonly SeamPlan[],
  plans: readonly SplitPlan[],
): { readonly pieces: readonly Piece[]; readonly seams: readonly SeamPlan[] } {
  let result = { pieces, seams };
  for (const plan of plans) {
    const whole = certain(
      result.pieces.find(({ id }) => id === plan.piece),
      `piece ${plan.piece} to split`,
    );
    const [upper, lower] = splitPiece(whole, plan);
    const join: SeamPlan = {
      id: `join-${plan.upper.id}`,
      a: [`${upper.id}/join`],
      b: [`${lower.id}/join`],
      ease: { least: 0, most: 0 },
    };
    result = {
      pieces: result.pieces.flatMap((piece) => (piece === whole ? [upper, lower] : [piece])),
      seams: [...result.seams.map((seam) => renameSeam(seam, plan, upper, lower)), join],
    };
  }
  return result;
}
