import { type Draft, findShortStride, kneeGirth, type Piece, piecesOf } from "../chalk";
import { distance, pathEnd } from "../geometry";
import { both, type Inches, pickSystem } from "../length";
import type { Finding } from "./finding";
import { girthAtDepth, timesRoundBody } from "./girths";

/** From these down a seam is open, and a step has room. */
const OPENS_BELOW: ReadonlySet<string> = new Set(["centre/slit-top", "centre/vent-top"]);

/** Whether one can walk: the drawn girth against what a step needs, from below the hip to the hem, or to the top of a slit. */
function checkStride(draft: Draft): readonly Finding[] {
  const pieces = piecesOf(draft, "skirt");
  const [front] = pieces;
  const hipDown = front?.lines.find(({ id }) => id === "hip")?.down;
  const hem = front?.edges.find(({ role }) => role === "hem");
  if (front === undefined || hipDown === undefined || hem === undefined) return [];
  const centre = pieces.flatMap(({ marks }) => marks.filter(({ id }) => OPENS_BELOW.has(id)))[0]?.stitch;
  const side = pieces.flatMap(({ notches }) => notches.filter(({ id }) => id === "slit-top"))[0]?.point.y;
  const slit = centre ?? side;
  const lowest = Math.min(hem.stitch.start.y, pathEnd(hem.stitch).y) - 1e-6;
  const short = findShortStride(draft.given, {
    hipDown,
    lowest: Math.min(lowest, slit ?? lowest),
    girthAt: (down) => girthAtDepth(draft, down, down, "skirt"),
  });
  if (short === undefined) return [];
  const words = { knee: draft.given.measurements.knee === undefined ? "guessed" : "taken" };
  return [{ id: "stride", level: "caution", piece: front.id, line: "hem", numbers: { ...short }, words }];
}

/** At the flare line both knees must pass, and a step wants more (craft: skirts, mermaid). */
const BOTH_KNEES = 1.64;
const ABOVE_LINE: readonly Inches[] = [0, 0.25, 0.5, 0.75, 1, 1.25, 1.5, 2];
const KNEES_PASS = both(4, 10);
const KNEES_STEP = both(18, 45);

/** Whether the narrowest place of a mermaid lets both knees through, and a step. */
function checkFlareLine(draft: Draft): readonly Finding[] {
  const [piece] = piecesOf(draft, "skirt");
  const line = piece?.lines.find(({ id }) => id === "flare");
  const knee = kneeGirth(draft.given);
  if (piece === undefined || line === undefined || knee === undefined) return [];
  // Rounded where it turns, it is narrowest a little above its line.
  const girths = ABOVE_LINE.map((above) => girthAtDepth(draft, line.down - above, line.down - above, "skirt"));
  const girth = Math.min(...girths);
  const least = BOTH_KNEES * knee + pickSystem(KNEES_PASS, draft.given.metric);
  const wanted = knee + pickSystem(KNEES_STEP, draft.given.metric);
  const found = { piece: piece.id, line: "flare" } as const;
  if (girth < least - 1e-6)
    return [{ ...found, id: "flare-narrow", level: "error", numbers: { girth, wanted: least } }];
  return girth < wanted - 1e-6 ? [{ ...found, id: "flare-tight", level: "caution", numbers: { girth, wanted } }] : [];
}

/** A round that hangs from the waist goes over the hip with this to spare. */
const ROOM_AT_HIP = both(1, 2.5);

/** How far round a ring goes at a length below its hole: every piece's share of that circle. */
function ringRound(rings: readonly Piece[], below: Inches): Inches {
  return rings.reduce((sum, piece) => {
    const [inner] = piece.edges;
    const [segment] = inner?.stitch.segments ?? [];
    if (inner === undefined || segment?.kind !== "arc") return sum;
    const radius = distance(inner.stitch.start, segment.centre) + below;
    return sum + timesRoundBody(piece) * piece.cut.copies * Math.abs(segment.sweep) * radius;
  }, 0);
}

/** Whether what hangs from the waist in strips, or as a ring, goes round the hip; what ends above it need not. */
function checkHangs(draft: Draft): readonly Finding[] {
  const { hip, waistToHip } = draft.given.measurements;
  const pieces = piecesOf(draft, "skirt");
  const rings = pieces.filter(({ cut, edges }) => cut.on !== "pair" && edges[0]?.stitch.segments[0]?.kind === "arc");
  const [first] = [...rings, ...pieces.filter(({ strip }) => strip?.round !== undefined)];
  if (first === undefined || hip === undefined) return [];
  const round = rings.length > 0 ? ringRound(rings, waistToHip?.value ?? 0) : (first.strip?.round?.sewn ?? 0);
  return round >= hip.value + pickSystem(ROOM_AT_HIP, draft.given.metric) - 1e-6
    ? []
    : [{ id: "ring-tight", level: "caution", piece: first.id, numbers: { round, hip: hip.value } }];
}

/** Whether a skirt can be worn and walked in (craft: skirts, stride). */
export function findSkirtProblems(draft: Draft): readonly Finding[] {
  return [...checkStride(draft), ...checkFlareLine(draft), ...checkHangs(draft)];
}
