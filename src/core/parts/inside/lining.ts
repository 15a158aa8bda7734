import { armholeFinish, type Edge, type Given, neckFinish, onTape, type Piece, type Sheet } from "../../chalk";
import {
  at,
  cubicTo,
  joinPaths,
  type Path,
  pathBeside,
  pathEnd,
  pathLength,
  reversePath,
  splitAtAcross,
  splitAtDepth,
  splitAtLength,
  straight,
} from "../../geometry";
import { both, type Inches, pickSystem } from "../../length";
import { shapeArmholeFacing } from "../facing-shapes";
import { armholeFacingDepth, isForOneFacing } from "../facing-sizes";
import { type DerivedEdge, derivePiece, nameAfter } from "./derive";

/** The pleat at a centre back that lies on the fold, as it is laid outside the centre line. */
const PLEAT = both(0.5, 1);
/** A lining is raised so much under the arm of its body, and at the underarm of its sleeve. */
const RAISED = { body: both(0.25, 0.5), sleeve: both(0.5, 1) } as const;
/** A sleeve's lining is so much shorter. */
const SHORTER = both(1, 2.5);
/** The seam by which it is sewn to a facing. */
const TO_FACING = both(0.5, 1);
const FACING = both(2.5, 6);

const same = (edge: Edge): DerivedEdge => ({ edge, inside: 0, why: "lining-same" });

/** A path whose end is raised: an armhole or a cap at its underarm. */
function endRaised({ start, segments }: Path, by: Inches): Path {
  return {
    start,
    segments: segments.map((segment, index) => {
      if (index < segments.length - 1) return segment;
      const to = at(segment.to.x, segment.to.y - by);
      if (segment.kind !== "cubic") return { kind: "line", to };
      const { control1, control2 } = segment;
      return cubicTo(control1, at(control2.x, control2.y - by), to);
    }),
  };
}

/** Armhole and side of a lining: the underarm a little higher. */
function raisedUnderarm(edges: readonly DerivedEdge[], role: "armhole" | "cap", by: Inches): readonly DerivedEdge[] {
  const low = edges.find(({ edge }) => edge.role === role && edges.some((one) => one.edge.role === "side"))?.edge;
  if (low === undefined) return edges;
  const corner = pathEnd(low.stitch);
  return edges.map((one) => {
    const { edge } = one;
    if (edge === low)
      return { edge: { ...edge, stitch: endRaised(edge.stitch, by) }, inside: -by, why: "lining-underarm" };
    const starts = Math.hypot(edge.stitch.start.x - corner.x, edge.stitch.start.y - corner.y) < 1e-3;
    if (edge.role !== "side" || !starts) return one;
    const { cut: _, ...rest } = edge;
    return {
      ...one,
      edge: { ...rest, stitch: joinPaths([straight(at(corner.x, corner.y - by), corner), edge.stitch]) },
    };
  });
}

/** Cut where the outside is finished, and turned: nothing lies beyond its lower edge. */
function finishedHem(edges: readonly DerivedEdge[]): readonly DerivedEdge[] {
  return edges.map((one) => {
    const { cut: _, ...edge } = one.edge;
    return edge.role === "hem"
      ? { edge: { ...edge, allowance: 0 }, inside: one.edge.allowance, why: "lining-hem" as const }
      : one;
  });
}

/** A shoulder that is shorter than this is no edge to sew. */
const LEAST_SHOULDER: Inches = 0.5;

/** Less what the neck's facing covers: its edge is the facing's inner one; null where the facing is not cut from this piece alone. */
function lessFacing(edges: readonly DerivedEdge[], depth: Inches, seam: Inches): readonly DerivedEdge[] | null {
  const of = (role: Edge["role"]) => edges.find(({ edge }) => edge.role === role)?.edge;
  const [neck, shoulder, centre] = [of("neck"), of("shoulder"), of("centre")];
  if (neck === undefined || shoulder === undefined || centre === undefined) return null;
  if (pathLength(shoulder.stitch) < depth + LEAST_SHOULDER || neck.mouths.length > 0) return null;
  const [, along] = splitAtLength(shoulder.stitch, depth);
  const down = reversePath(centre.stitch);
  const lower = splitAtDepth(down, neck.stitch.start.y + depth)?.[1];
  if (lower === undefined) return null;
  const stitch = pathBeside(neck.stitch, depth, { start: lower.start, end: along.start });
  const { cut: _, ...plain } = centre;
  return edges.map((one) => {
    if (one.edge === neck)
      return {
        edge: { ...neck, stitch, allowance: seam, mouths: [] },
        inside: depth + neck.allowance - seam,
        why: "lining-neck",
      };
    if (one.edge === shoulder) return { ...one, edge: { ...shoulder, stitch: along } };
    return one.edge === centre ? { ...one, edge: { ...plain, stitch: reversePath(lower) } } : one;
  });
}

/** Less what the armhole's facing covers; null where that is not cut from this piece alone. */
function lessArmhole(edges: readonly DerivedEdge[], depth: Inches, seam: Inches): readonly DerivedEdge[] | null {
  const of = (role: Edge["role"]) => edges.find(({ edge }) => edge.role === role)?.edge;
  const [shoulder, armhole, side] = [of("shoulder"), of("armhole"), of("side")];
  if (shoulder === undefined || armhole === undefined || side === undefined) return null;
  if (pathLength(shoulder.stitch) < depth + LEAST_SHOULDER || side.mouths.some(({ from }) => from < depth)) return null;
  const { inner } = shapeArmholeFacing(
    { shoulder: shoulder.stitch, armhole: armhole.stitch, side: side.stitch },
    depth,
  );
  const [kept] = splitAtLength(shoulder.stitch, pathLength(shoulder.stitch) - depth);
  const [, below] = splitAtLength(side.stitch, depth);
  const { cut: _, ...plain } = side;
  return edges.map((one) => {
    if (one.edge === armhole)
      return {
        edge: { ...armhole, stitch: reversePath(inner), allowance: seam },
        inside: depth + armhole.allowance - seam,
        why: "lining-armhole",
      };
    if (one.edge === shoulder) return { ...one, edge: { ...shoulder, stitch: kept } };
    return one.edge === side ? { ...one, edge: { ...plain, stitch: below } } : one;
  });
}

/** Less what the facings cover, as far as they are cut from this piece; whether all of them are. */
function lessFacings(
  given: Given,
  edges: readonly DerivedEdge[],
): { readonly edges: readonly DerivedEdge[]; readonly whole: boolean } {
  const has = (role: Edge["role"]) => edges.some(({ edge }) => edge.role === role);
  const [neck, armhole] = [
    neckFinish(given) === "facing" && has("neck"),
    armholeFinish(given) === "faced" && has("armhole"),
  ];
  const shoulder = edges.find(({ edge }) => edge.role === "shoulder")?.edge;
  const narrow = shoulder !== undefined && isForOneFacing(given, pathLength(shoulder.stitch));
  if (neck && armhole && narrow) return { edges, whole: false };
  const seam = onTape(given, pickSystem(TO_FACING, given.metric));
  const depth =
    typeof given.choices.facingDepth === "number" ? given.choices.facingDepth : pickSystem(FACING, given.metric);
  const lessNeck = neck ? lessFacing(edges, depth, seam) : edges;
  const after = lessNeck ?? edges;
  const lessBoth = armhole ? lessArmhole(after, armholeFacingDepth(given), seam) : after;
  return { edges: lessBoth ?? after, whole: lessNeck !== null && lessBoth !== null };
}

/** No lining is wider at its hem than the hip and this, a quarter: folds of its own would show. */
const MOST_FLARE = both(1, 2.5);

/** The flare below the hip taken off, but for what a step needs. */
function lessFlare(given: Given, piece: Piece, edges: readonly DerivedEdge[]): readonly DerivedEdge[] {
  const hip = piece.lines.find(({ id }) => id === "hip")?.down;
  const [side, hem] = ["side", "hem"].map((role) => edges.find(({ edge }) => edge.role === role)?.edge);
  if (hip === undefined || side === undefined || hem === undefined) return edges;
  const upper = splitAtDepth(side.stitch, hip)?.[0];
  if (upper === undefined) return edges;
  const most = pathEnd(upper).x + pickSystem(MOST_FLARE, given.metric);
  if (pathEnd(side.stitch).x <= most + 1e-6) return edges;
  const rest = splitAtAcross(hem.stitch, most)?.[1];
  if (rest === undefined) return edges;
  const { cut: _, ...plain } = side;
  return edges.map((one) => {
    if (one.edge === hem) return { ...one, edge: { ...hem, stitch: rest } };
    if (one.edge !== side) return one;
    const stitch = joinPaths([upper, straight(pathEnd(upper), rest.start)]);
    return { edge: { ...plain, stitch }, inside: pathEnd(side.stitch).x - most, why: "lining-flare" };
  });
}

/** The centre back on the fold laid outside its centre line: a pleat over the body. */
function pleated(edges: readonly DerivedEdge[], pleat: Inches): readonly DerivedEdge[] {
  // Below a yoke the outside may have a pleat of its own there.
  const across = edges.find(({ edge }) => edge.role === "centre")?.edge.stitch.start.x ?? 0;
  const by = pleat - across;
  return edges.map((one) => {
    const { edge } = one;
    const [start, end] = [edge.stitch.start, pathEnd(edge.stitch)];
    if (edge.role === "centre")
      return { ...one, edge: { ...edge, stitch: straight(at(-by, start.y), at(-by, end.y)) } };
    if (Math.abs(start.x - across) < 1e-6)
      return { ...one, edge: { ...edge, stitch: joinPaths([straight(at(-by, start.y), start), edge.stitch]) } };
    if (Math.abs(end.x - across) < 1e-6)
      return { ...one, edge: { ...edge, stitch: joinPaths([edge.stitch, straight(end, at(-by, end.y))]) } };
    return one;
  });
}

/** A piece of lining: what its outside is, laid on the lining's own cloth with these edges. */
function addLining(sheet: Sheet, piece: Piece, edges: readonly DerivedEdge[]): void {
  const [id, name] = [`lining-${piece.id}`, nameAfter("lining", piece)];
  sheet.add(derivePiece({ id, name, cloth: "lining", of: piece, cut: piece.cut, edges }));
}

function lineBody(sheet: Sheet, piece: Piece): boolean {
  const { given } = sheet;
  const pick = (length: typeof PLEAT) => onTape(given, pickSystem(length, given.metric));
  const own = lessFlare(given, piece, finishedHem(piece.edges.map(same)));
  const less = lessFacings(given, own);
  const sleeved = given.choices.sleeve !== undefined && given.choices.sleeve !== "none";
  const raised = sleeved ? raisedUnderarm(less.edges, "armhole", pick(RAISED.body)) : less.edges;
  const pleat = piece.half === "back" && piece.cut.on === "fold";
  const edges = pleat ? pleated(raised, pick(PLEAT)) : raised;
  addLining(sheet, piece, edges);
  return less.whole;
}

/** An edge that runs down to a hem, cut off where a shorter one lies. */
function cutShort(one: DerivedEdge, down: Inches): DerivedEdge {
  const { cut: _, ...edge } = one.edge;
  const parts = edge.role === "side" || edge.role === "centre" ? splitAtDepth(edge.stitch, down) : null;
  if (parts === null) return { ...one, edge };
  return { ...one, edge: { ...edge, stitch: edge.role === "side" ? parts[0] : parts[1] } };
}

/** A sleeve's own lining: higher under the arm, and shorter. */
function lineSleeve(sheet: Sheet, piece: Piece): void {
  const { given } = sheet;
  const shorter = onTape(given, pickSystem(SHORTER, given.metric));
  const raised = raisedUnderarm(piece.edges.map(same), "cap", onTape(given, pickSystem(RAISED.sleeve, given.metric)));
  const hem = piece.edges.find(({ role }) => role === "hem");
  const down = (hem?.stitch.start.y ?? 0) - shorter;
  const short = raised.map((one) => cutShort(one, down));
  const of = (role: Edge["role"]) => short.find(({ edge }) => edge.role === role)?.edge.stitch;
  const [side, centre] = [of("side"), of("centre")];
  const edges = short.map((one): DerivedEdge => {
    if (one.edge.role !== "hem" || side === undefined || centre === undefined) return one;
    const stitch = straight(pathEnd(side), centre.start);
    return { edge: { ...one.edge, stitch }, inside: shorter, why: "lining-hem" };
  });
  addLining(sheet, piece, edges);
}

/** Sleeves whose lining is their own shape; what is spread or gathered is not lined. */
const LINED_SLEEVES: ReadonlySet<string> = new Set(["short", "elbow", "three-quarter", "long", "shirt", "jacket"]);

/** Only a piece with a side or a panel seam of its own is cut from its outside: what hangs in folds has none. */
function isCuttable({ edges, sectors, cut }: Piece): boolean {
  const seamed = edges.some(({ role }) => role === "side" || role === "panel" || role === "neck");
  return sectors === undefined && (cut.on === "fold" || cut.on === "pair") && seamed;
}

/** Derives the lining of a body, a skirt, or all of it (craft: making, lining). */
export function chalkLining(sheet: Sheet, of: "body" | "skirt" | "whole"): void {
  const { choices } = sheet.given;
  const wants = (part: string) => of === "whole" || of === part;
  const own = [...sheet.pieces];
  const lined = own.filter(({ part, half }) => (part === "body" || part === "skirt") && wants(part) && half !== null);
  const alike = lined.filter(isCuttable);
  // A skirt whose front hangs or is gathered is not lined by its back alone.
  const covers = (["front", "back"] as const).every((side) =>
    alike.some(({ part, half }) => part === "skirt" && half === side),
  );
  const cuttable = alike.filter(({ part }) => part !== "skirt" || covers);
  const whole = cuttable.map((piece) => lineBody(sheet, piece));
  if (of === "whole" && LINED_SLEEVES.has(String(choices.sleeve ?? "none")))
    for (const piece of own.filter(({ id }) => id === "sleeve")) lineSleeve(sheet, piece);
  const skirted = (choices.skirt ?? "none") !== "none" || own.some(({ part }) => part === "skirt");
  const hangs = wants("skirt") && skirted && !covers;
  const piece = cuttable.length === 0 ? (own[0]?.id ?? "") : `lining-${cuttable[0]?.id}`;
  if (hangs || cuttable.length === 0) sheet.remark({ id: "lining-hangs", piece, numbers: {} });
  if (cuttable.some(({ darts }) => darts.length > 0)) sheet.remark({ id: "lining-pleats", piece, numbers: {} });
  if (whole.includes(false)) sheet.remark({ id: "lining-neck", piece, numbers: {} });
}
