import type { MeasurementId } from "../body";
import {
  type Draft,
  type Edge,
  type EdgeRole,
  givenStep,
  type LineId,
  type Piece,
  piecesOf,
  sewnLength,
} from "../chalk";
import { angleBetween, directionFrom, pathEnd, pathLength, placeAtLength, scale } from "../geometry";
import type { Inches } from "../length";
import type { Finding } from "./finding";
import { girthAtDepth, girthOn } from "./girths";

/** A dress passes over the bust when it is at most this much smaller at the waist (craft: bodice, zip back). */
const PASSES_OVER_BUST: Inches = 2;
/** A step needs this much beyond the knee's girth (craft: skirts, stride). */
const STRIDE: Inches = 20;
/** A zip may end this much above the hip line and still let the hips through. */
const ZIP_ABOVE_HIP: Inches = 1;
/** A neckline that turns by more than this at the shoulder shows a point. */
const SMOOTH_JOIN = (6 * Math.PI) / 180;

function reading(draft: Draft, id: MeasurementId): Inches | undefined {
  return draft.given.measurements[id]?.value;
}

/** Edges of the body: what it passes over, and what it must let through, is asked of no other part. */
function edgesOf(draft: Draft, role: EdgeRole): readonly { readonly piece: Piece; readonly edge: Edge }[] {
  return piecesOf(draft, "body").flatMap((piece) =>
    piece.edges.filter((edge) => edge.role === role).map((edge) => ({ piece, edge })),
  );
}

/** The whole round of the sewn neck, both sides; what the facing of a slit takes of it is not sewn round. */
export function neckRound(draft: Draft): Inches {
  return 2 * edgesOf(draft, "neck").reduce((sum, { edge }) => sum + sewnLength(edge), 0);
}

/** One sewn armhole, front and back together. */
export function armholeRound(draft: Draft): Inches {
  return edgesOf(draft, "armhole").reduce((sum, { edge }) => sum + pathLength(edge.stitch), 0);
}

/** The piece of a half that carries an edge of a role: where a finding has its place on the cloth. */
export function placeOf(
  draft: Draft,
  half: "front" | "back",
  role: EdgeRole,
): { readonly piece: string; readonly edge: string } {
  const found = edgesOf(draft, role).find(({ piece }) => piece.half === half);
  return { piece: found?.piece.id ?? "", edge: found?.edge.id ?? "" };
}

/** How far down a line lies on the front; undefined where the front has none. */
function frontLine(draft: Draft, line: LineId): Inches | undefined {
  return piecesOf(draft, "body")
    .filter(({ half }) => half === "front")
    .flatMap(({ lines }) => lines.filter(({ id }) => id === line))
    .at(-1)?.down;
}

/** A slit in front lets whatever lies above its end pass. */
function isOpened(draft: Draft, line: LineId): boolean {
  const down = frontLine(draft, line);
  return draft.opening === "slit" && down !== undefined && (draft.opensTo ?? 0) >= down;
}

/** The narrowest finished girth that the bust must pass: the waist, or the ribs where there is none; infinite when all is open. */
function narrowest(draft: Draft): Inches {
  const girths = (["waist", "underbust"] as const)
    .filter((line) => !isOpened(draft, line))
    .map((line) => girthOn(draft, line))
    .filter((girth) => girth > 0);
  return Math.min(...girths);
}

/** What an opening lets pass by itself: a zip at the back or a front that opens all the way lets everything. */
function opensFully(draft: Draft): boolean {
  const lowest = Math.max(
    ...piecesOf(draft, "body")
      .filter(({ half }) => half === "front")
      .flatMap(({ lines }) => lines.map(({ down }) => down)),
  );
  return (
    draft.opening === "back-zip" ||
    draft.opening === "front-band" ||
    draft.opening === "overlap" ||
    (draft.opening === "slit" && (draft.opensTo ?? 0) >= lowest - 1)
  );
}

/** The neck with what a slit in front opens of it. */
function neckOpening(draft: Draft): Inches {
  const depth =
    piecesOf(draft, "body")
      .find(({ half }) => half === "front")
      ?.marks.find(({ id }) => id === "centre/neck-depth")?.stitch ?? 0;
  return neckRound(draft) + (draft.opening === "slit" ? 2 * Math.max(0, (draft.opensTo ?? depth) - depth) : 0);
}

function checkGettingIn(draft: Draft): readonly Finding[] {
  if (piecesOf(draft, "body").length === 0) return [];
  const head = reading(draft, "head") ?? 22;
  const bust = reading(draft, "bust") ?? 0;
  const neck = neckOpening(draft);
  const waist = narrowest(draft);
  const headPasses = neck >= head;
  const bodyPasses = waist >= bust - PASSES_OVER_BUST;
  const numbers = { neck, head, waist, bust };
  if (opensFully(draft)) {
    const needless = draft.opening === "back-zip" && headPasses && bodyPasses;
    return needless ? [{ id: "zip-not-needed", level: "note", numbers }] : [];
  }
  const findings: Finding[] = [];
  if (!headPasses) {
    const place = placeOf(draft, "front", "neck");
    findings.push({ id: "head-does-not-pass", level: "error", ...place, numbers: { neck, head, short: head - neck } });
  }
  if (!bodyPasses && draft.opening !== "side-zip")
    findings.push({
      id: "body-does-not-pass",
      level: "error",
      line: "waist",
      numbers: { waist, bust, short: bust - PASSES_OVER_BUST - waist },
    });
  return findings;
}

function checkZip(draft: Draft): readonly Finding[] {
  return [...piecesOf(draft, "body"), ...piecesOf(draft, "skirt")].flatMap((piece): readonly Finding[] => {
    const end = piece.marks.find(({ id }) => id === "centre/zip-end");
    const hip = piece.lines.find(({ id }) => id === "hip");
    const edge = piece.edges.find(({ role }) => role === "centre");
    // A body that ends above its hip line opens to its lower edge.
    const reach = Math.min(hip?.down ?? 0, edge === undefined ? 0 : edge.stitch.start.y);
    // The end is on the tape, and may lie a tick above where it was asked.
    const least = reach - ZIP_ABOVE_HIP - Math.max(1 / 16, givenStep(draft.given));
    if (end === undefined || hip === undefined || end.stitch >= least) return [];
    return [
      {
        id: "zip-too-short",
        level: "caution",
        piece: piece.id,
        edge: "centre",
        numbers: { end: end.stitch, hip: hip.down },
      },
    ];
  });
}

/** The girth at a level; one that lies below a lifted corner of the hem is the hem's own round. */
function girthAtHem(draft: Draft, level: Inches): Inches {
  const hems = edgesOf(draft, "hem").map(({ edge }) => edge);
  const highest = Math.min(...hems.flatMap(({ stitch }) => [stitch.start.y, pathEnd(stitch).y]));
  return level < highest - 1 / 16
    ? girthAtDepth(draft, level)
    : Math.max(girthAtDepth(draft, highest - 1 / 16), 2 * hems.reduce((sum, edge) => sum + sewnLength(edge), 0));
}

function checkStride(draft: Draft): readonly Finding[] {
  const knee = reading(draft, "knee");
  const waistToKnee = reading(draft, "waistToKnee");
  const [first] = piecesOf(draft, "body");
  const waist = first?.lines.find(({ id }) => id === "waist")?.down;
  const hem = first?.lines.find(({ id }) => id === "hem")?.down;
  if (knee === undefined || waistToKnee === undefined || waist === undefined || hem === undefined) return [];
  const level = waist + waistToKnee;
  if (hem < level) return [];
  const girth = girthAtHem(draft, level);
  return girth >= knee + STRIDE
    ? []
    : [
        {
          id: "hem-too-narrow-to-walk",
          level: "caution",
          line: "hem",
          numbers: { girth, wanted: knee + STRIDE, knee },
        },
      ];
}

function checkNeckDepth(draft: Draft): readonly Finding[] {
  const bustLine = reading(draft, "shoulderToBust");
  // An overlapping front is held by its overlap, however deep it is cut.
  if (bustLine === undefined || draft.opening === "overlap") return [];
  return piecesOf(draft, "body").flatMap((piece): readonly Finding[] => {
    const depth = piece.marks.find(({ id }) => id === "centre/neck-depth")?.stitch ?? 0;
    if (piece.half !== "front" || depth <= bustLine) return [];
    const { edge } = placeOf(draft, "front", "neck");
    return [{ id: "neck-below-bust", level: "caution", piece: piece.id, edge, numbers: { depth, bustLine } }];
  });
}

/** Shapes that are called by their measure (craft: bodice, step 5): boat under 2½ and over 4½ wide, scoop deeper than 5. */
const BOAT_DEPTH: Inches = 2.5;
const BOAT_WIDTH: Inches = 4.5;
const SCOOP_DEPTH: Inches = 5;

function checkNeckName(draft: Draft): readonly Finding[] {
  const { frontNeck, frontNeckDepth, neckWidth } = draft.given.choices;
  const [depth, width] = [Number(frontNeckDepth ?? 0), Number(neckWidth ?? 0)];
  const boat = frontNeck === "boat" && (depth >= BOAT_DEPTH || width <= BOAT_WIDTH);
  const scoop = frontNeck === "scoop" && depth <= SCOOP_DEPTH;
  if (!boat && !scoop) return [];
  const place = placeOf(draft, "front", "neck");
  const words = { shape: String(frontNeck) };
  return [{ id: "neck-not-as-named", level: "caution", ...place, numbers: { depth, width }, words }];
}

/** A body that flares over the hip promises no hip girth; it must still go round it. */
function checkHip(draft: Draft): readonly Finding[] {
  const hip = reading(draft, "hip");
  if (hip === undefined || girthOn(draft, "hip") === 0 || draft.girths.some(({ line }) => line === "hip")) return [];
  // Flared corners are lifted: the lowest level that still goes all round lies at the highest of them.
  const corners = piecesOf(draft, "body").flatMap(({ edges }) =>
    edges.filter(({ role }) => role === "hem").map(({ stitch }) => stitch.start.y),
  );
  const line = piecesOf(draft, "body").flatMap(({ lines }) =>
    lines.filter(({ id }) => id === "hip").map(({ down }) => down),
  );
  const finished = girthAtDepth(draft, Math.min(...line, ...corners) - 1 / 16);
  return finished >= hip + 1 ? [] : [{ id: "hip-tight", level: "caution", line: "hip", numbers: { finished, hip } }];
}

/** How far a curved neckline turns where front and back meet at the sewn shoulder, beyond straight on. */
function turnAtShoulder(draft: Draft): number {
  const turns = edgesOf(draft, "neck").map(({ piece, edge }) => {
    const shoulder = piece.edges.find(({ role }) => role === "shoulder");
    const arriving = placeAtLength(edge.stitch, pathLength(edge.stitch)).tangent;
    const leaving =
      shoulder === undefined ? null : directionFrom(shoulder.stitch.start, placeAtLength(shoulder.stitch, 1 / 4).point);
    return leaving === null ? Math.PI / 2 : Math.abs(angleBetween(scale(arriving, -1), leaving));
  });
  return Math.abs(turns.reduce((sum, angle) => sum + Math.PI / 2 - angle, 0));
}

function checkNeckJoin(draft: Draft): readonly Finding[] {
  const curved = edgesOf(draft, "neck").every(({ edge }) => edge.stitch.segments.every(({ kind }) => kind === "cubic"));
  return curved && turnAtShoulder(draft) > SMOOTH_JOIN
    ? [{ id: "neck-not-smooth", level: "caution", ...placeOf(draft, "front", "neck"), numbers: {} }]
    : [];
}

/** Where the side only passes the ribs, the panels' take-out must still leave room for them. */
function checkRibs(draft: Draft): readonly Finding[] {
  const ribs = reading(draft, "underbust");
  const finished = girthAtRibs(draft);
  if (ribs === undefined || finished === 0 || draft.girths.some(({ line }) => line === "underbust")) return [];
  return finished >= ribs
    ? []
    : [{ id: "ribs-tight", level: "caution", line: "underbust", numbers: { finished, ribs } }];
}

/** The finished girth round the ribs; the back, which has no line there, as much higher as its waist lies. */
function girthAtRibs(draft: Draft): Inches {
  const lineOf = (half: "front" | "back", line: "underbust" | "waist") =>
    piecesOf(draft, "body")
      .filter((piece) => piece.half === half)
      .flatMap(({ lines }) => lines.filter(({ id }) => id === line))
      .at(-1)?.down;
  const [ribs, front, back] = [lineOf("front", "underbust"), lineOf("front", "waist"), lineOf("back", "waist")];
  if (ribs === undefined || front === undefined || back === undefined) return 0;
  return girthAtDepth(draft, ribs, ribs - (front - back));
}

/** Whether the garment can be put on, worn and walked in (craft: mistakes, "unwearable"). */
export function findWearingProblems(draft: Draft): readonly Finding[] {
  return [
    ...checkGettingIn(draft),
    ...checkZip(draft),
    ...checkStride(draft),
    ...checkNeckDepth(draft),
    ...checkNeckName(draft),
    ...checkHip(draft),
    ...checkRibs(draft),
    ...checkNeckJoin(draft),
  ];
}
