import type { Draft, Edge, SeamPlan } from "../../src/core/chalk";
import { edgeByReference, type Fault, fault, type Seen } from "./seen";
import { chainLength, chainOf, type Spot } from "./shapes";

const MEETS = 1 / 16 + 1e-3;

interface Walk {
  readonly length: number;
  /** Notches by id, each at its sewn length from the upper end. */
  readonly notches: readonly (readonly [string, number])[];
}

function closedBefore(edge: Edge, at: number): number {
  return edge.mouths.reduce((sum, { from, to }) => sum + Math.max(0, Math.min(at, to) - from), 0);
}

function isTaken({ mouths }: Edge, at: number): boolean {
  return mouths.some(({ closes, from, to }) => closes === "slit-facing" && at >= from && at < to);
}

function walkEdge(draft: Draft, reference: string, backwards: boolean): Walk {
  const edge = edgeByReference(draft, reference);
  const piece = draft.pieces.find(({ id }) => id === reference.split("/")[0]);
  if (edge === undefined || piece === undefined) return { length: 0, notches: [] };
  const whole = chainLength(chainOf(edge.stitch));
  const length = whole - closedBefore(edge, whole);
  const notches = piece.notches
    // What a slit's facing takes of the neck is sewn to that alone.
    .filter((notch) => notch.edge === edge.id && !isTaken(edge, notch.at))
    .map(({ id, at }) => {
      const sewn = at - closedBefore(edge, at);
      return [closedDart(id), backwards ? length - sewn : sewn] as const;
    });
  return { length, notches };
}

/** Where the waist of a part that was spread meets its side. */
function waistOf(draft: Draft, reference: string): Spot | undefined {
  const piece = draft.pieces.find(({ id }) => id === reference.split("/")[0]);
  if (piece?.sectors === undefined) return undefined;
  return piece.marks.find(({ id }) => id === "waist/side")?.place.stitch;
}

/** Both legs of a dart lie at one place once it is closed: what it meets may have one notch for both. */
function closedDart(id: string): string {
  return id.replace(/^(dart(-\d)?)-(inner|outer)$/, "$1");
}

/** An edge is walked from its upper end; a waist, and one that lies level, from the centre outwards. */
function runsUp(edge: Edge, waist: Spot | undefined): boolean {
  const chain = chainOf(edge.stitch);
  const [start, end] = [chain[0] as Spot, chain.at(-1) as Spot];
  // A part that was spread may lie upside down: there an edge starts at the waist.
  if (waist !== undefined)
    return Math.hypot(start.x - waist.x, start.y - waist.y) > Math.hypot(end.x - waist.x, end.y - waist.y);
  if (edge.role === "waist") return start.x > end.x;
  return Math.abs(start.y - end.y) > 1 ? start.y > end.y : start.x > end.x;
}

function walkRow(draft: Draft, row: readonly string[]): Walk {
  return row.reduce<Walk>(
    (sum, reference) => {
      const edge = edgeByReference(draft, reference);
      const { length, notches } = walkEdge(
        draft,
        reference,
        edge !== undefined && runsUp(edge, waistOf(draft, reference)),
      );
      const moved = notches.map(([id, at]) => [id, at + sum.length] as const);
      return { length: sum.length + length, notches: [...sum.notches, ...moved] };
    },
    { length: 0, notches: [] },
  );
}

/** How far notches of a seam may lie apart: as far as one edge is eased to the other. */
function eased({ ease }: SeamPlan): number {
  return MEETS + Math.max(-ease.least, ease.most);
}

function judgePartners(seam: SeamPlan, a: Walk, b: Walk): readonly Fault[] {
  const missing = (one: Walk, other: Walk) =>
    one.notches.filter(([id]) => !other.notches.some(([partner]) => partner === id)).map(([id]) => id);
  const apart = a.notches.flatMap(([id, at]) => {
    const partner = b.notches.find(([other]) => other === id)?.[1] ?? at;
    return Math.abs(partner - at) > eased(seam) ? [fault(`notch apart ${id}`, seam.id, at, "against", partner)] : [];
  });
  return [...[...missing(a, b), ...missing(b, a)].map((id) => fault(`notch alone ${id}`, seam.id)), ...apart];
}

/** How far above its row's lower end a notch lies, on the edges of one half: a sleeve is set from the underarm. */
function aboveUnderarm(draft: Draft, row: readonly string[], id: string): number | undefined {
  const edges = row.map((reference) => {
    const edge = edgeByReference(draft, reference);
    // The back of a cap in one piece with its front starts at the underarm.
    const capped = edge?.role === "cap";
    const rises = capped ? edge.id === "cap-back" : edge !== undefined && runsUp(edge, undefined);
    return walkEdge(draft, reference, rises);
  });
  const index = edges.findIndex(({ notches }) => notches.some(([notch]) => notch === id));
  const own = edges[index];
  const at = own?.notches.find(([notch]) => notch === id)?.[1];
  if (own === undefined || at === undefined) return undefined;
  return edges.slice(index + 1).reduce((sum, { length }) => sum + length, own.length - at);
}

/** Where a cap sleeve ends the body is notched, as far above the underarm as the whole cap goes on below it. */
function judgeCapEnds(draft: Draft, seam: SeamPlan): readonly Fault[] {
  const ends = ["front", "back"].map((half) => {
    const row = seam.b.filter((one) => draft.pieces.find(({ id }) => id === one.split("/")[0])?.half === half);
    return aboveUnderarm(draft, row, "sleeve-end");
  });
  const [front, back] = ends;
  if (front === undefined || back === undefined) return [fault("notch alone sleeve-end", seam.id)];
  return Math.abs(front - back) > 1 / 32 ? [fault("notch apart sleeve-end", seam.id, front, "against", back)] : [];
}

/** The notches of a sleeve's cap, each half from the underarm up; where the cap is gathered only the stretch below is as long. */
function judgeCap(draft: Draft, seam: SeamPlan): readonly Fault[] {
  // A cap sleeve has its own ends for notches: the body says where they come to lie.
  const short = draft.pieces.some(({ marks }) => marks.some(({ id }) => id === "cap/end"));
  if (short) return judgeCapEnds(draft, seam);
  const halfOf = (reference: string) => draft.pieces.find(({ id }) => id === reference.split("/")[0])?.half;
  return ["notch-front", "notch-back", "notch-back-2"].flatMap((id) => {
    const half = id.startsWith("notch-front") ? "front" : "back";
    const body = seam.b.filter((reference) => halfOf(reference) === half);
    const [on, off] = [
      seam.a.map((one) => aboveUnderarm(draft, [one], id)).find((up) => up !== undefined),
      aboveUnderarm(draft, body, id),
    ];
    if (on === undefined || off === undefined) return [fault(`notch alone ${id}`, seam.id)];
    return Math.abs(on - off) > 1 / 32 ? [fault(`notch apart ${id}`, seam.id, on, "against", off)] : [];
  });
}

/** Whether a sleeve's width and cap were told, and nothing solved: as deep as the chest line, or both by number. */
export function tellsWidth({ read: { given } }: Pick<Seen, "read">): boolean {
  const both = typeof given.choices.sleeveWidth === "number" && typeof given.rules.capHeight.value === "number";
  return both || given.choices.fullWidth === "depth";
}

/** Seams of a collar: the body has no notch at its shoulder, it has a seam there. */
const OF_COLLAR: ReadonlySet<string> = new Set(["collar-neck", "collar-back", "gorge", "cape", "facing-lapel", "fall"]);

/** Where a notch lies on an edge, from the centre back. */
function fromFold(draft: Draft, reference: string | undefined, id: string, startsThere: boolean): number | undefined {
  const edge = reference === undefined ? undefined : edgeByReference(draft, reference);
  const piece = draft.pieces.find(({ id: own }) => own === reference?.split("/")[0]);
  const notch = piece?.notches.find((one) => one.id === id && one.edge === edge?.id);
  if (edge === undefined || notch === undefined) return undefined;
  return startsThere ? notch.at : chainLength(chainOf(edge.stitch)) - notch.at;
}

/** The fall is sewn to the stand's upper edge: both are notched as far from the centre back. */
function judgeFall(draft: Draft, seam: SeamPlan): readonly Fault[] {
  const [on, off] = [fromFold(draft, seam.a[0], "top", false), fromFold(draft, seam.b[0], "top", true)];
  if (on === undefined || off === undefined) return [fault("notch alone top", seam.id)];
  return Math.abs(on - off) > 1 / 32 ? [fault("notch apart top", seam.id, on, "against", off)] : [];
}

/** A collar's shoulder notch meets the body's shoulder seam: as far from the centre back, or from a cape's front, as that. */
function judgeCollar(draft: Draft, seam: SeamPlan): readonly Fault[] {
  if (seam.id === "fall") return judgeFall(draft, seam);
  const [own] = seam.a;
  const edge = own === undefined ? undefined : edgeByReference(draft, own);
  const piece = draft.pieces.find(({ id }) => id === own?.split("/")[0]);
  const notch = piece?.notches.find(({ id, edge: on }) => id === "shoulder" && on === edge?.id);
  if (edge === undefined || (seam.id !== "collar-neck" && seam.id !== "cape")) return [];
  if (notch === undefined) return [fault("notch alone shoulder", seam.id)];
  const half = seam.id === "cape" ? "front" : "back";
  const row = seam.b.filter((one) => draft.pieces.find(({ id }) => id === one.split("/")[0])?.half === half);
  const from = seam.id === "cape" ? notch.at : chainLength(chainOf(edge.stitch)) - notch.at;
  const measured = draft.measured.find(({ join, half: on }) => join === "neck" && on === half)?.measured;
  const to = measured ?? walkRow(draft, row).length;
  return Math.abs(from - to) > 1 / 16 ? [fault("notch apart shoulder", seam.id, from, "against", to)] : [];
}

/** Where the notches of a seam's two rows meet, by what the seam is. */
function judgeNotched(draft: Draft, seam: SeamPlan, a: Walk, b: Walk): readonly Fault[] {
  if (seam.id === "cap") return judgeCap(draft, seam);
  if (OF_COLLAR.has(seam.id)) return judgeCollar(draft, seam);
  // What is gathered meets by quarters, once both edges were folded in four.
  // A band round the whole body is told once; a half on the fold lies against it twice, one of them mirrored.
  const mirrored = new Set(seam.b).size < seam.b.length || seam.gathered !== undefined;
  return mirrored ? [] : judgePartners(seam, a, b);
}

/** Every promised seam walked again, and every notch that both rows have. */
export function judgeSeams(seen: Seen): readonly Fault[] {
  const { draft } = seen;
  return draft.seams.flatMap((seam) => {
    const [a, b] = [walkRow(draft, seam.a), walkRow(draft, seam.b)];
    const over = a.length - b.length;
    // A width that was told is drawn, and its ease said as an error with its cure.
    const told = seam.says === "cap-ease" && tellsWidth(seen);
    const meets = told || (over >= seam.ease.least - MEETS && over <= seam.ease.most + MEETS);
    return [
      ...(meets ? [] : [fault(`seam ${seam.id}`, "differs by", over)]),
      ...(Math.min(a.length, b.length) < 0.25 ? [fault(`seam ${seam.id} empty`, a.length, b.length)] : []),
      ...judgeNotched(draft, seam, a, b),
    ];
  });
}

/** Each notch lies on its edge where it says. */
export function judgeNotches({ draft }: Seen): readonly Fault[] {
  return draft.pieces.flatMap((piece) =>
    piece.notches.flatMap((notch) => {
      const edge = piece.edges.find(({ id }) => id === notch.edge);
      if (edge === undefined) return [fault("notch without edge", piece.id, notch.id)];
      const length = chainLength(chainOf(edge.stitch));
      if (notch.at < -1e-6 || notch.at > length + 1e-3)
        return [fault("notch off its edge", piece.id, notch.id, notch.at)];
      return edge.mouths.some(({ from, to }) => notch.at > from + 0.02 && notch.at < to - 0.02)
        ? [fault("notch in a mouth", piece.id, notch.id)]
        : [];
    }),
  );
}
