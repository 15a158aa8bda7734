import { type Cure, type Draft, type EdgeReference, type Piece, type SeamPlan, sewnLength } from "../chalk";
import { pathLength } from "../geometry";
import type { Inches } from "../length";
import { certain } from "../result";
import type { Finding } from "./finding";

/** Two sewn edges with their stitched lengths. `ease` is how much longer the first is. */
export interface Seam {
  readonly id: string;
  readonly a: readonly EdgeReference[];
  readonly b: readonly EdgeReference[];
  readonly lengthA: Inches;
  readonly lengthB: Inches;
  readonly ease: Inches;
  readonly allowed: readonly [Inches, Inches];
  /** Whether the first is gathered into the second; between notches only its fullness there is told. */
  readonly gathered: false | NonNullable<SeamPlan["gathered"]>;
  /** How long the second is on the garment: as it was measured, or as it is drawn. */
  readonly into: Inches;
  /** Under which name a miss is told. */
  readonly says: NonNullable<SeamPlan["says"]> | "seam-mismatch";
  readonly cure: Cure | null;
  /** Above and below the notch that both edges share, where each part must meet by itself. */
  readonly parts: readonly { readonly lengthA: Inches; readonly lengthB: Inches }[];
}

/** How nearly two seams must meet (DESIGN: promises). */
const MEETING: Inches = 1 / 16;

export function findEdge(pieces: readonly Piece[], reference: EdgeReference) {
  const [pieceId, edgeId] = reference.split("/");
  const piece = pieces.find(({ id }) => id === pieceId);
  // What is sewn on inside a piece is sewn along a line that is chalked on it.
  const crease = piece?.creases?.find(({ id }) => id === edgeId);
  const found = piece?.edges.find(({ id }) => id === edgeId);
  return certain(
    found ?? (crease === undefined ? undefined : { stitch: crease.path, mouths: [] }),
    `edge ${reference}`,
  );
}

/** Lengths of an edge above and below one of its notches, whichever way the edge is walked. */
function splitAtNotch(draft: Draft, reference: EdgeReference, notchId: string): readonly [Inches, Inches] | null {
  const [pieceId, edgeId] = reference.split("/");
  const piece = draft.pieces.find(({ id }) => id === pieceId);
  const notch = piece?.notches.find(({ id, edge }) => id === notchId && edge === edgeId);
  if (piece === undefined || notch === undefined) return null;
  const { stitch } = findEdge(draft.pieces, reference);
  const rest = pathLength(stitch) - notch.at;
  return stitch.start.y < notch.point.y ? [notch.at, rest] : [rest, notch.at];
}

function walkParts(draft: Draft, { a, b, parts }: SeamPlan): Seam["parts"] {
  const [first, second] = [a[0], b[0]];
  if (parts === undefined || first === undefined || second === undefined) return [];
  const [one, other] = [splitAtNotch(draft, first, parts), splitAtNotch(draft, second, parts)];
  if (one === null || other === null) return [];
  return [
    { lengthA: one[0], lengthB: other[0] },
    { lengthA: one[1], lengthB: other[1] },
  ];
}

/** Walks every pair of seams on the real edges, darts closed (craft: ideas 5). */
export function walkSeams(draft: Draft): readonly Seam[] {
  const walk = (edges: readonly EdgeReference[]) =>
    edges.reduce((sum, edge) => sum + sewnLength(findEdge(draft.pieces, edge)), 0);
  return draft.seams.map((plan) => {
    const { id, a, b, ease } = plan;
    const [lengthA, lengthB] = [walk(a), walk(b)];
    return {
      id,
      a,
      b,
      lengthA,
      lengthB,
      ease: lengthA - lengthB,
      allowed: [ease.least - MEETING, ease.most + MEETING],
      gathered: plan.gathered ?? false,
      into: lengthB + (plan.off ?? 0),
      says: plan.says ?? "seam-mismatch",
      cure: plan.cure ?? null,
      parts: walkParts(draft, plan),
    };
  });
}

function misses(seam: Seam): boolean {
  const [least, most] = seam.allowed;
  const apart = seam.parts.some(({ lengthA, lengthB }) => lengthA - lengthB < least || lengthA - lengthB > most);
  return seam.ease < least || seam.ease > most || apart;
}

/** The fullness of every gathered join, so that nobody has to reckon it. */
export function findJoinRatios(seams: readonly Seam[]): readonly Finding[] {
  return seams
    .filter((seam) => seam.gathered === true && !misses(seam))
    .map(({ id, a, lengthA, into }) => ({
      id: "join-ratio",
      level: "note",
      edge: id,
      piece: a[0]?.split("/")[0] ?? "",
      numbers: { lengthA, lengthB: into },
      words: { seam: id, ratio: (lengthA / into).toFixed(2) },
    }));
}

export function findSeamErrors(seams: readonly Seam[]): readonly Finding[] {
  return seams.filter(misses).map(({ id, a, lengthA, lengthB, ease, allowed, says, cure }) => ({
    id: says,
    level: "error",
    edge: id,
    piece: a[0]?.split("/")[0] ?? "",
    numbers: { lengthA, lengthB, ease, short: -ease, least: allowed[0] + MEETING, most: allowed[1] - MEETING },
    words: { seam: id },
    ...(cure === null ? {} : { cure }),
  }));
}
