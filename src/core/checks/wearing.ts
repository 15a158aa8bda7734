import type { MeasurementId } from "../body";
import type { Draft, Edge, EdgeRole, Piece } from "../chalk";
import { cross, directionFrom, pathLength, placeAtLength } from "../geometry";
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

function edgesOf(draft: Draft, role: EdgeRole): readonly { readonly piece: Piece; readonly edge: Edge }[] {
  return draft.pieces.flatMap((piece) =>
    piece.edges.filter((edge) => edge.role === role).map((edge) => ({ piece, edge })),
  );
}

/** The whole round of the sewn neck, both sides. */
export function neckRound(draft: Draft): Inches {
  return 2 * edgesOf(draft, "neck").reduce((sum, { edge }) => sum + pathLength(edge.stitch), 0);
}

/** One sewn armhole, front and back together. */
export function armholeRound(draft: Draft): Inches {
  return edgesOf(draft, "armhole").reduce((sum, { edge }) => sum + pathLength(edge.stitch), 0);
}

function checkGettingIn(draft: Draft): readonly Finding[] {
  const head = reading(draft, "head") ?? 22;
  const bust = reading(draft, "bust") ?? 0;
  const neck = neckRound(draft);
  const waist = girthOn(draft, "waist");
  const passes = neck >= head && waist >= bust - PASSES_OVER_BUST;
  if (draft.opening !== "none") {
    return passes ? [{ id: "zip-not-needed", level: "note", numbers: { neck, head, waist, bust } }] : [];
  }
  const findings: Finding[] = [];
  if (neck < head)
    findings.push({
      id: "head-does-not-pass",
      level: "error",
      piece: "bodice-front",
      edge: "front-neck",
      numbers: { neck, head, short: head - neck },
    });
  if (waist < bust - PASSES_OVER_BUST)
    findings.push({
      id: "body-does-not-pass",
      level: "error",
      line: "waist",
      numbers: { waist, bust, short: bust - PASSES_OVER_BUST - waist },
    });
  return findings;
}

function checkZip(draft: Draft): readonly Finding[] {
  return draft.pieces.flatMap((piece): readonly Finding[] => {
    const end = piece.marks.find(({ id }) => id === "centre/zip-end");
    const hip = piece.lines.find(({ id }) => id === "hip");
    if (end === undefined || hip === undefined || end.stitch >= hip.down - ZIP_ABOVE_HIP - 1 / 16) return [];
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

function checkStride(draft: Draft): readonly Finding[] {
  const knee = reading(draft, "knee");
  const waistToKnee = reading(draft, "waistToKnee");
  const [first] = draft.pieces;
  const waist = first?.lines.find(({ id }) => id === "waist")?.down;
  const hem = first?.lines.find(({ id }) => id === "hem")?.down;
  if (knee === undefined || waistToKnee === undefined || waist === undefined || hem === undefined) return [];
  const level = waist + waistToKnee;
  if (hem < level) return [];
  const girth = girthAtDepth(draft, level);
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
  if (bustLine === undefined) return [];
  return draft.pieces.flatMap((piece): readonly Finding[] => {
    const depth = piece.marks.find(({ id }) => id === "centre/neck-depth")?.stitch ?? 0;
    if (piece.id !== "bodice-front" || depth <= bustLine) return [];
    return [
      { id: "neck-below-bust", level: "caution", piece: piece.id, edge: "front-neck", numbers: { depth, bustLine } },
    ];
  });
}

/** How far a curved neckline turns where front and back meet at the sewn shoulder, beyond straight on. */
function turnAtShoulder(draft: Draft): number {
  const turns = edgesOf(draft, "neck").map(({ piece, edge }) => {
    const shoulder = piece.edges.find(({ role }) => role === "shoulder");
    const arriving = placeAtLength(edge.stitch, pathLength(edge.stitch)).tangent;
    const leaving =
      shoulder === undefined ? null : directionFrom(shoulder.stitch.start, placeAtLength(shoulder.stitch, 1).point);
    return leaving === null ? 0 : Math.asin(Math.min(1, Math.abs(cross(arriving, leaving))));
  });
  return turns.reduce((sum, angle) => sum + Math.PI / 2 - angle, 0);
}

function checkNeckJoin(draft: Draft): readonly Finding[] {
  const curved = edgesOf(draft, "neck").every(({ edge }) => edge.stitch.segments.every(({ kind }) => kind === "cubic"));
  return curved && turnAtShoulder(draft) > SMOOTH_JOIN
    ? [{ id: "neck-not-smooth", level: "caution", edge: "front-neck", numbers: {} }]
    : [];
}

/** Whether the garment can be put on, worn and walked in (craft: mistakes, "unwearable"). */
export function findWearingProblems(draft: Draft): readonly Finding[] {
  return [
    ...checkGettingIn(draft),
    ...checkZip(draft),
    ...checkStride(draft),
    ...checkNeckDepth(draft),
    ...checkNeckJoin(draft),
  ];
}
