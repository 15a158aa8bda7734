import {
  type ChalkStep,
  drawOutline,
  type Edge,
  type Mark,
  type PartId,
  type Piece,
  type PieceName,
  type Term,
} from "../chalk";
import {
  arcTo,
  at,
  type Path,
  type Point,
  pathLength,
  placeAtLength,
  type Radians,
  straight,
  turnPoint,
} from "../geometry";
import { type Inches, roundUpToStep } from "../length";

/** How the cloth lies under a ring: in four, folded once across, or single. */
export type RingFold = "quarter" | "across" | "single";

/** One piece of the circle family: a share of a circle between two radii (craft: skirts, circles and rings). */
export interface RingPlan {
  readonly id: string;
  readonly name: PieceName;
  readonly part: PartId;
  readonly copies: number;
  readonly fold: RingFold;
  /** Of a whole circle, 1 for a ring in one piece. */
  readonly share: number;
  readonly inner: { readonly radius: Inches; readonly terms: readonly Term[]; readonly allowance: Inches };
  readonly outer: { readonly radius: Inches; readonly terms: readonly Term[]; readonly allowance: Inches };
  /** Of the straight edges that are sewn together; none on a whole ring. */
  readonly closing: Inches;
  readonly closingTerms: readonly Term[];
  readonly step: Inches;
}

const CENTRE = at(0, 0);
/** Where the tape is held. */
export const RING_CENTRE = "ring/centre";

/** How far round a ring is drawn, from plumb below the centre: half of what it covers where it lies on a fold. */
function drawnSweep({ fold, share }: RingPlan): Radians {
  if (fold === "quarter") return Math.PI / 2;
  return (fold === "across" ? Math.PI : 2 * Math.PI) * share;
}

const below = (radius: Inches): Point => at(0, radius);
const round = (radius: Inches, sweep: Radians): Point => turnPoint(below(radius), CENTRE, -sweep);

/** An arc from plumb below the centre to its far end, or back. */
function arc(radius: Inches, sweep: Radians, back = false): Path {
  const start = back ? round(radius, sweep) : below(radius);
  return { start, segments: [arcTo(start, CENTRE, back ? sweep : -sweep)] };
}

function ringEdges(plan: RingPlan): readonly Edge[] {
  const { inner, outer, closing, fold } = plan;
  const sweep = drawnSweep(plan);
  const folded = fold !== "single";
  const edge = (id: string, role: Edge["role"], stitch: Path, allowance: Inches, rest: Partial<Edge> = {}): Edge => ({
    id,
    role,
    stitch,
    allowance,
    onFold: false,
    mouths: [],
    turned: [0, 0],
    ...rest,
  });
  const [near, far] = [inner.radius - inner.allowance, outer.radius + outer.allowance];
  const out = straight(round(inner.radius, sweep), round(outer.radius, sweep));
  const back = straight(below(outer.radius), below(inner.radius));
  return [
    edge("inner", "waist", arc(inner.radius, sweep), inner.allowance, { cut: arc(near, sweep) }),
    edge("closing", "join", out, fold === "quarter" ? 0 : closing, { onFold: fold === "quarter" }),
    edge("outer", "hem", arc(outer.radius, sweep, true), outer.allowance, { cut: arc(far, sweep, true) }),
    edge(folded ? "centre" : "closing-2", folded ? "centre" : "join", back, folded ? 0 : closing, { onFold: folded }),
  ];
}

/** The steps of the hand: the centre, both swings, and the straight edges that close it. */
function ringSteps(
  plan: RingPlan,
  edges: readonly Edge[],
  centreDown: Inches,
  terms: readonly Term[],
): readonly ChalkStep[] {
  const base = { marks: [], terms: [], cutReading: null, why: null } as const;
  const swing = (edge: "inner" | "outer", cutRadius: Inches): ChalkStep => ({
    ...base,
    id: `${edge}-swing`,
    act: { kind: "swing", edge, radius: plan[edge].radius, cutRadius },
    from: "ring-centre",
    direction: "outwards",
    reading: plan[edge].radius,
    terms: plan[edge].terms,
    cutReading: cutRadius,
    why: edge === "inner" ? "ring-inner" : "ring-outer",
  });
  const closed = edges.filter(({ role, onFold }) => role === "join" && !onFold);
  return [
    {
      ...base,
      id: "ring-centre",
      act: { kind: "ring-centre", mark: RING_CENTRE },
      marks: [RING_CENTRE],
      from: "cloth-edge",
      direction: "down",
      reading: centreDown,
      terms,
      why: "ring-centre",
    },
    swing("inner", plan.inner.radius - plan.inner.allowance),
    swing("outer", plan.outer.radius + plan.outer.allowance),
    ...closed.flatMap(({ id, stitch, allowance }): readonly ChalkStep[] => [
      {
        ...base,
        id,
        act: { kind: "edge", edge: id, curved: false, through: [] },
        from: "edge-start",
        direction: "along",
        reading: pathLength(stitch),
      },
      {
        ...base,
        id: `${id}-allowance`,
        act: { kind: "allowance", edge: id, allowance },
        from: "edge-start",
        direction: "outwards",
        reading: allowance,
      },
    ]),
  ];
}

/** Inside the selvedge the centre has the seam that closes the ring, and room where that edge slants up beyond it. */
function centreTerms({ closing, closingTerms }: RingPlan, centreDown: Inches): readonly Term[] {
  if (centreDown === 0) return [];
  const rest = centreDown - closing;
  const room: Term = { code: "room-for-cut", kind: "drawn", value: rest, source: "geometry" };
  return Math.abs(rest) < 1e-9 ? closingTerms : [...closingTerms, room];
}

/** Chalks one ring piece: its edges are swung about the centre, which lies on the fold or at the corner of the cloth. */
export function chalkRing(plan: RingPlan): Piece {
  const { id, name, part, copies, fold, step } = plan;
  const edges = ringEdges(plan);
  const outline = drawOutline(edges);
  const above = Math.max(0, -Math.min(...outline.cut.map(({ y }) => y)));
  const centreDown = above < 1e-6 ? 0 : roundUpToStep(above - 1e-6, step);
  const terms = centreTerms(plan, centreDown);
  const inset = fold === "single" ? plan.closing : 0;
  const centre: Mark = {
    id: RING_CENTRE,
    line: null,
    stitch: centreDown,
    cut: null,
    terms,
    cutTerms: [],
    place: { stitch: CENTRE, cut: null },
  };
  const [first] = edges;
  const along = first === undefined ? 0 : pathLength(first.stitch);
  const notch = (name: string, at: Inches) => ({
    id: name,
    edge: "inner",
    at,
    point: first === undefined ? CENTRE : placeAtLength(first.stitch, at).point,
  });
  return {
    id,
    name,
    part,
    top: "waist",
    half: null,
    lead: true,
    strip: null,
    cloth: "main",
    cut: { copies, on: fold, mirrored: false },
    grain: fold === "across" ? Math.PI / 2 : 0,
    origin: "fold",
    originInset: inset,
    shift: 0,
    drawnWith: null,
    fromCentre: false,
    lines: [{ id: "waist", down: 0, terms: [], level: 0, start: 0 }],
    marks: [centre],
    edges,
    takeOuts: [],
    darts: [],
    turn: null,
    notches: [
      ...(fold === "single" ? [] : [notch("ring-fold", 0)]),
      ...(copies === 1 && fold === "across" ? [notch("ring-quarter", along / 2)] : []),
      ...(fold === "quarter" ? [notch("ring-quarter", along)] : []),
    ],
    steps: ringSteps(plan, edges, centreDown, terms),
    outline,
  };
}
