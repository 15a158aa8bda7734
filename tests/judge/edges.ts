import type { Edge, Piece } from "../../src/core/chalk";
import { type Fault, fault, onTick, ruleNumber, type Seen } from "./seen";
import {
  acrossAt,
  chainLength,
  chainOf,
  closed,
  crossesItself,
  fromChain,
  lookAhead,
  type Spot,
  walkTo,
} from "./shapes";

/** What a skirt's front has beyond its folded edge where it opens: the body's band, turned in, or a facing cut on; null where it does not. */
function foldedFront(seen: Seen): number | null {
  const { read, draft } = seen;
  const { choices, metric, rules } = read.given;
  if (choices.waistFinish === "elastic") return null;
  if (draft.opening === "overlap" || (choices.opening === "front-band" && choices.bandWidth === undefined))
    return onTick(seen, metric ? 7.5 / 2.54 : 3);
  if (choices.opening !== "front-band") return null;
  return onTick(seen, Number(choices.bandWidth)) * (rules.bandTurn.value === "once" ? 1 : 2);
}

/**
 * A centre back that is sewn: for its zip, or as a seam; with a slit below, no less than what that is turned in by. The
 * centre front of a skirt that is slit on its fold lies 1 inside it; any other centre is its own cutting line.
 */
function centreAllowance(seen: Seen, piece: Piece): number | null {
  const { choices, metric } = seen.read.given;
  if (piece.part === "skirt" && piece.origin === "centre-line")
    return foldedFront(seen) ?? onTick(seen, metric ? 2.5 / 2.54 : 1);
  if (piece.origin !== "zip-line") return null;
  const zip = choices.opening === "back-zip" && choices.waistFinish !== "elastic";
  const seam = ruleNumber(seen, zip ? "allowance.zip" : "allowance.side");
  const slit = piece.part === "skirt" && choices.hemSlit === "slit" && choices.hemSlitAt === "centre-back";
  return slit ? Math.max(seam, ruleNumber(seen, "allowance.slit")) : seam;
}

/** Bound, the cut edge is the finished edge, but for what the house wants under the binding. */
function boundAllowance(seen: Seen, bound: boolean, rule: "allowance.neck" | "allowance.armhole"): number {
  return ruleNumber(seen, bound ? "allowance.binding" : rule);
}

/** A bound neck that is cut on its chalk is sewn where the binding wraps it. */
function neckSeam(seen: Seen): number {
  const seam = boundAllowance(seen, isBound(seen), "allowance.neck");
  const wraps = isBound(seen) && seen.read.given.rules.neckLine.value === "cutting";
  return wraps ? Math.max(seam, onTick(seen, seen.read.given.metric ? 0.6 / 2.54 : 0.25)) : seam;
}

/** With a slit in it a side has no less than what the slit is turned in by. */
function sideAllowance(seen: Seen, { part }: Piece): number {
  const { choices } = seen.read.given;
  const side = ruleNumber(seen, "allowance.side");
  const slit = part === "skirt" && choices.hemSlit === "slit" && choices.hemSlitAt === "side";
  return slit ? Math.max(side, ruleNumber(seen, "allowance.slit")) : side;
}

/** Under elastic all that lies above the waist line is turned in over it. */
function waistAllowance(seen: Seen): number {
  const { choices, metric } = seen.read.given;
  if (choices.waistFinish !== "elastic") return ruleNumber(seen, "allowance.waistJoin");
  return onTick(seen, Number(choices.elasticWidth)) + (metric ? 2 / 2.54 : 0.75);
}

/** A lower edge that a ruffle or band is gathered to has a seam there, and no hem. */
function isSewnBelow({ draft }: Seen, piece: Piece, edge: Edge): boolean {
  return draft.seams.some(({ gathered, b }) => gathered === true && b.includes(`${piece.id}/${edge.id}`));
}

/** Beyond a sleeve's lower edge, by kind: a seam for what is sewn on, a casing, a rolled edge, or the house's hem. */
function sleeveHem({ read: { given } }: Seen): number | null {
  const { sleeve, sleeveCuff } = given.choices;
  const told = (inches: number, centimetres: number) => (given.metric ? centimetres / 2.54 : inches);
  if (sleeve === "gathered") return told(1.5, 4);
  if (sleeve === "puff") return told(1, 2.5);
  if (sleeve === "petal") return told(0.25, 0.5);
  if (sleeve === "cap") return told(0.5, 1);
  const cuffs = ["short", "elbow", "three-quarter", "long", "shirt"].includes(String(sleeve));
  const cuffed =
    (cuffs && sleeveCuff === "buttoned") || (sleeve === "shirt" && (sleeveCuff ?? "by-kind") === "by-kind");
  return cuffed || sleeve === "tie-band" || sleeve === "flounce" ? told(0.5, 1) : null;
}

/** A sleeve has the body's seams; a jacket's side is wider, what is left over of its level line. */
function sleeveAllowance(seen: Seen, piece: Piece, edge: Edge): number | null {
  if (piece.top !== "cap" || edge.onFold) return null;
  if (edge.role === "cap") return ruleNumber(seen, "allowance.armhole");
  if (edge.role === "hem") return sleeveHem(seen) ?? ruleNumber(seen, "allowance.hem");
  const level = piece.marks.some(({ id }) => id === "biceps/level");
  return edge.role === "side" && !level ? ruleNumber(seen, "allowance.side") : null;
}

/** A neck is bound where no collar is sewn round it; a cape lies on the body, and leaves it bare. */
function isBound({ read }: Seen): boolean {
  const { collar = "none", neckFinish } = read.given.choices;
  return neckFinish === "binding" && (collar === "none" || collar === "cape");
}

/** The allowance that an edge should have, by its role alone; null where the edge is its own cutting line. */
export function wantedAllowance(seen: Seen, piece: Piece, edge: Edge): number | null {
  const choices = seen.read.given.choices;
  const choice = (id: string) => (typeof choices[id] === "number" ? onTick(seen, choices[id] as number) : 0);
  if (piece.part === "sleeve") return sleeveAllowance(seen, piece, edge);
  if (piece.half === null || edge.onFold) return null;
  switch (edge.role) {
    case "neck":
      return neckSeam(seen);
    case "shoulder":
      return ruleNumber(seen, "allowance.shoulder") + choice("shoulderTrim");
    case "armhole":
      return boundAllowance(seen, choices.armholeFinish === "bound", "allowance.armhole");
    case "side":
      return sideAllowance(seen, piece);
    case "hem":
      return ruleNumber(seen, isSewnBelow(seen, piece, edge) ? "allowance.waistJoin" : "allowance.hem");
    case "waist":
      return waistAllowance(seen) + (piece.part === "skirt" ? 0 : choice("trimLength"));
    case "cap":
      return ruleNumber(seen, "allowance.armhole");
    case "panel":
      return ruleNumber(seen, "allowance.panel");
    case "join":
      return choices.bodySplit === true ? ruleNumber(seen, "allowance.waistJoin") : ruleNumber(seen, "allowance.panel");
    case "collar":
      return ruleNumber(seen, "allowance.collar");
    case "centre":
      return centreAllowance(seen, piece);
    default:
      return edge.role satisfies never;
  }
}

/** A cutting line is chalked through marks on the tape, so it may lie half a tick off. */
const TICK_SLACK = 3 / 16;

/** Deep allowances narrow where a neighbour's cutting line leans into them: what is left to trim is room, not seam. */
const DEEP = 1.25;
const NARROWS: ReadonlySet<string> = new Set(["waist", "hem", "shoulder", "panel"]);

/** A side, and a centre whose line is hollowed, are moved out level: square to a slanted stretch there is a little less. */
function leastOf(edge: Edge, wanted: number, way: Spot, besideBound: boolean): number {
  const least = Math.min(wanted, ...(edge.allowanceAt ?? []).map(({ value }) => value));
  if (NARROWS.has(edge.role) && (wanted > DEEP || besideBound)) return 0.55 * wanted;
  return edge.role === "side" || edge.cut !== undefined ? least * Math.max(0.6, 0.9 * Math.abs(way.y)) : least;
}

/** A sweetheart runs back from its crest: in that wedge both cutting lines lie near. */
function isWedge({ role, stitch }: Edge): boolean {
  return role === "neck" && stitch.segments.length > 1 && stitch.segments.some(({ kind }) => kind === "line");
}

function mostOf(seen: Seen, edge: Edge, wanted: number): number {
  // A notch of a collar that stays on its front is cut straight across, and cut out once it is sewn.
  if (edge.role === "collar" && edge.id === "notch") return Number.POSITIVE_INFINITY;
  if (edge.role === "centre") return wanted + ruleNumber(seen, "zipHollow");
  // At the underarm the side's wider seam comes in over the armhole's, aslant where the side leans.
  if (edge.role === "armhole") return Math.max(wanted, ruleNumber(seen, "allowance.side") + 1 / 4);
  return Math.max(wanted, ...(edge.allowanceAt ?? []).map(({ value }) => value));
}

function sampleEdge(seen: Seen, piece: Piece, edge: Edge, wanted: number): readonly Fault[] {
  const chain = chainOf(edge.stitch);
  const length = chainLength(chain);
  const cut = closed(piece.outline.cut);
  // Near the corners of a short edge its neighbours' cutting lines come first.
  if (length < (edge.role === "armhole" ? 6 : 3) * wanted) return [];
  // Where a panel leaves the armhole its own cutting line comes in at a sharp angle.
  const cutShort = edge.role === "armhole" && piece.edges.some(({ role }) => role === "panel");
  // Beside a neck or an armhole that is cut where it is sewn, the seam that meets it narrows to its end.
  const bound = piece.edges.some(({ role, allowance }) => (role === "neck" || role === "armhole") && allowance === 0);
  const shares = length > 4 * wanted && !isWedge(edge) && !cutShort ? [0.3, 0.5, 0.7] : [cutShort ? 0.5 : 0.3];
  const faults = shares.flatMap((share) => {
    const at = length * share;
    if (edge.mouths.some(({ from, to }) => at > from - wanted && at < to + wanted)) return [];
    const { spot, way } = walkTo(chain, at);
    const out = { x: way.y, y: -way.x };
    const reach = lookAhead(spot, out, cut);
    const [least, most] = [leastOf(edge, wanted, way, bound), mostOf(seen, edge, wanted)];
    const said = (found: number) => [piece.id, edge.id, "has", found, "wants", least] as const;
    // At the fold the other half goes on.
    const atFold = piece.origin === "fold" && spot.x + reach * out.x < 1 / 64;
    if (reach < least - Math.max(TICK_SLACK, (wanted > 1 ? 0.25 : 0.15) * wanted) && !atFold)
      return [fault(`allowance ${edge.role}`, ...said(reach))];
    // Inside a corner the cutting line is nearest aslant.
    const nearest = fromChain(spot, cut);
    return nearest > most + Math.max(edge.role === "neck" ? 1 / 2 : 1 / 4, wanted / 2)
      ? [fault(`allowance ${edge.role} over`, ...said(nearest))]
      : [];
  });
  // Beside a corner a neighbour's wider seam comes in: too much is wrong only along most of an edge.
  const over = faults.filter(({ kind }) => kind.endsWith("over"));
  return over.length > shares.length / 2 ? faults : faults.filter((one) => !over.includes(one));
}

/** Every edge's allowance, sampled on the cutting line. */
export function judgeAllowances(seen: Seen): readonly Fault[] {
  return seen.draft.pieces.flatMap((piece) =>
    piece.edges.flatMap((edge) => {
      const wanted = wantedAllowance(seen, piece, edge);
      return wanted === null ? [] : sampleEdge(seen, piece, edge, wanted);
    }),
  );
}

function crossings(piece: Piece, stitch: readonly Spot[]): readonly Fault[] {
  return [
    ...(crossesItself(stitch) ? [fault("stitch crosses itself", piece.id)] : []),
    ...(crossesItself(piece.outline.cut) ? [fault("cut crosses itself", piece.id)] : []),
  ];
}

/** A corner past the cloth's end by less than this is cut off flat by the cloth itself. */
const FLAT_CORNER = 3 / 16 + 1e-6;

function offCloth(piece: Piece): readonly Fault[] {
  const { cut } = piece.outline;
  const beside = -piece.originInset - Math.min(...cut.map(({ x }) => x));
  const inset = piece.steps.find(({ act }) => act.kind === "top-line")?.reading;
  const above = inset === undefined ? 0 : -inset - Math.min(...cut.map(({ y }) => y));
  return [
    ...(piece.drawnWith === null && beside > 1 / 64 ? [fault("off the folded edge", piece.id, "by", beside)] : []),
    ...(above > FLAT_CORNER ? [fault("off the cloth's end", piece.id, "by", above)] : []),
  ];
}

/** Outlines that cross themselves, have places that are no numbers or edges of no length, or leave the cloth. */
export function judgeOutlines({ draft }: Seen): readonly Fault[] {
  return draft.pieces.flatMap((piece) => {
    const stitch = piece.edges.flatMap(({ stitch: path }) => chainOf(path));
    const places = [...piece.outline.cut, ...stitch];
    if (places.some(({ x, y }) => !Number.isFinite(x + y))) return [fault("no number", piece.id)];
    const empty = piece.edges.filter((edge) => chainLength(chainOf(edge.stitch)) < 0.05);
    return [
      ...crossings(piece, stitch),
      ...offCloth(piece),
      ...empty.map(({ id }) => fault("edge of no length", piece.id, id)),
    ];
  });
}

function nextTo(piece: Piece, edges: readonly Edge[]): readonly Fault[] {
  return edges.flatMap((edge, index) => {
    const next = edges[(index + 1) % edges.length] as Edge;
    const end = chainOf(edge.stitch).at(-1) as Spot;
    const apart = Math.hypot(end.x - next.stitch.start.x, end.y - next.stitch.start.y);
    return apart > 1 / 64 ? [fault("edges do not join", piece.id, edge.id, next.id, apart)] : [];
  });
}

/** Each edge starts where the last one ends: what lies between is nobody's edge and is neither walked nor told. */
export function judgeRing({ draft }: Seen): readonly Fault[] {
  return draft.pieces.flatMap((piece) => nextTo(piece, piece.edges));
}

/** How far a mark may lie from an edge that runs through it. */
function reachOf(seen: Seen, mark: string): number {
  // Chalked as the line to cut, the armhole ends on the chest line and is sewn a seam below it.
  const cutting = seen.read.given.rules.armholeLine.value === "cutting";
  if (mark === "chest/side" && cutting) return 3 / 16 + ruleNumber(seen, "allowance.armhole");
  // The seam is rounded over the bust point, so that it does not peak.
  if (mark === "flare/side") return 13 / 16;
  return mark === "bust/point" ? 5 / 16 : 1 / 16;
}

function judgeNamed(seen: Seen, piece: Piece, edge: Edge, through: readonly string[]): readonly Fault[] {
  const chain = chainOf(edge.stitch);
  return through.flatMap((id) => {
    const mark = piece.marks.find((one) => one.id === id);
    if (mark === undefined) return [fault("edge through a mark that is not there", piece.id, edge.id, id)];
    const off = fromChain(mark.place.stitch, chain);
    return off > reachOf(seen, id) ? [fault(`mark off its edge ${edge.id} ${id}`, piece.id, off)] : [];
  });
}

/** Marks that a step names for an edge lie on that edge, or the hand would join the wrong places. */
export function judgeThrough(seen: Seen): readonly Fault[] {
  return seen.draft.pieces.flatMap((piece) =>
    piece.steps.flatMap(({ act }) => {
      if (act.kind !== "edge") return [];
      const edge = piece.edges.find(({ id }) => id === act.edge);
      return edge === undefined
        ? [fault("step for an edge that is not there", piece.id, act.edge)]
        : judgeNamed(seen, piece, edge, act.through);
    }),
  );
}

/** Darts lie inside their piece, legs equally long, and do not reach past the side. */
export function judgeDarts({ draft }: Seen): readonly Fault[] {
  return draft.pieces.flatMap((piece) => {
    const outline = closed(piece.edges.flatMap(({ stitch }) => chainOf(stitch)));
    return piece.darts.flatMap((dart) => {
      const [inner, outer] = dart.legs;
      const [a, b] = [
        Math.hypot(inner.x - dart.tip.x, inner.y - dart.tip.y),
        Math.hypot(outer.x - dart.tip.x, outer.y - dart.tip.y),
      ];
      const faults: Fault[] = [];
      if (dart.opens === null && Math.abs(a - b) > 1 / 16)
        faults.push(fault(`dart legs differ ${dart.id}`, piece.id, a, b));
      const reach = acrossAt(outline, dart.tip.y);
      if (dart.opens === null && (dart.tip.x < (reach[0] ?? 0) || dart.tip.x > (reach.at(-1) ?? 99)))
        faults.push(fault(`dart outside ${dart.id}`, piece.id));
      return faults;
    });
  });
}
