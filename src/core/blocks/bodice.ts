import {
  allowanceTerm,
  bodyTerm,
  bodyValue,
  choiceTerm,
  easeTerm,
  figureNoteTerms,
  givenStep,
  type LineId,
  type Mark,
  type PieceChalk,
  refuse,
  ruleLength,
  ruleTerm,
  ruleValue,
  settleOnTape,
  type Term,
} from "../chalk";
import {
  add,
  at,
  curveBetween,
  directionFrom,
  leftOf,
  lengthToDepth,
  movePath,
  type Path,
  pathEnd,
  pathLength,
  scale,
  sideSeam,
  straight,
} from "../geometry";
import { type Inches, roundToStep, TRUEING_STEP } from "../length";
import { certain } from "../result";
import { armholeMiddle, drawArmhole } from "./armhole";
import { type BodicePlan, pieceIds } from "./bodice-plan";
import type { Side } from "./shoulder";

/** Lengths that the guide lines of a dress must keep between them to be a garment at all. */
const LEAST_CHEST_TO_WAIST: Inches = 2;
const LEAST_HIP_DEPTH: Inches = 3;
const LEAST_BELOW_HIP: Inches = 1;

/** The half length both pieces share when no bust dart makes up the difference (rule `dartlessLength`). */
function halfLength(piece: PieceChalk): Term {
  const { given } = piece;
  const rule = ruleValue(given, "dartlessLength");
  if (rule === "front") return bodyTerm(given, "frontWaist");
  if (rule === "back") return bodyTerm(given, "backWaist");
  const value = (bodyValue(given, "frontWaist") + bodyValue(given, "backWaist")) / 2;
  return { label: "Mean of both half lengths", kind: "body", value, source: "rule:dartlessLength" };
}

/** Chalks the chest, waist, hip and hem lines of a dartless dress, in that order. */
export function chalkDressLines(piece: PieceChalk, plan: BodicePlan): void {
  const { given } = piece;
  const chest = piece.line("chest", plan.chestDown, "armhole-depth");
  const half = halfLength(piece);
  const waist = piece.line("waist", [half]);
  if (waist.down < chest.down + plan.underarmBelow + LEAST_CHEST_TO_WAIST) {
    refuse({
      code: "armhole-too-deep",
      conflicts: ["rules.armholeDepth", "measurements.frontWaist"],
      numbers: { chest: chest.down, waist: waist.down },
      nearest: waist.down - LEAST_CHEST_TO_WAIST - plan.underarmBelow,
    });
  }
  if (bodyValue(given, "waistToHip") < LEAST_HIP_DEPTH) {
    refuse({
      code: "hip-above-waist",
      conflicts: ["measurements.shoulderToHip", "measurements.frontWaist"],
      numbers: { hipDepth: bodyValue(given, "waistToHip") },
      nearest: bodyValue(given, "frontWaist") + LEAST_HIP_DEPTH,
    });
  }
  const hip = piece.line("hip", [half, bodyTerm(given, "waistToHip")]);
  const hem = piece.line("hem", [bodyTerm(given, "fullLength")]);
  if (hem.down < hip.down + LEAST_BELOW_HIP) {
    refuse({
      code: "hem-above-hip",
      conflicts: ["measurements.fullLength", "measurements.waistToHip"],
      numbers: { hem: hem.down, hip: hip.down },
      nearest: hip.down + LEAST_BELOW_HIP,
    });
  }
}

/** Chalks the shoulder: half across on the top line, the drop, and the seam to the neck. */
export function chalkShoulder(piece: PieceChalk, plan: BodicePlan, side: Side): void {
  const { given } = piece;
  const shoulder = plan.shoulder[side];
  const armholeSeam = allowanceTerm(given, "allowance.armhole");
  piece.mark("top", "shoulder", {
    terms: shoulder.across.terms,
    allowance: [armholeSeam],
    step: 0,
    why: "armhole-cutting",
  });
  const cut = add(
    add(shoulder.tip, scale(shoulder.direction, armholeSeam.value)),
    scale(leftOf(shoulder.direction), ruleLength(given, "allowance.shoulder")),
  );
  piece.place({
    id: "shoulder/tip",
    stitch: shoulder.tip,
    cut,
    act: "drop",
    reading: shoulder.drop,
    from: "top-line",
    direction: "down",
    why: "shoulder-slope",
  });
  piece.edge("shoulder", {
    role: "shoulder",
    stitch: straight(at(shoulder.neckWidth.value, 0), shoulder.tip),
    allowance: ruleLength(given, "allowance.shoulder"),
    through: ["top/neck", "shoulder/tip"],
  });
}

/** Chalks the armhole: its plumb line, its scooped middle, quarter bust on the chest line, and the curve through them. */
export function chalkArmhole(piece: PieceChalk, plan: BodicePlan, side: Side): void {
  const { given } = piece;
  const armhole = plan.armhole[side];
  const allowance = ruleLength(given, "allowance.armhole");
  const underarmDown = piece.down("chest") + plan.underarmBelow;
  piece.plumb("chest", "armhole", piece.markAt("top/shoulder"));
  const middle = armholeMiddle(armhole, underarmDown);
  const scoop = settleOnTape(given, [
    {
      label: `${side === "front" ? "Front" : "Back"} armhole scoop`,
      kind: "style",
      value: armhole.scoop,
      source: `rule:${side}Scoop`,
    },
  ]);
  piece.place({
    id: "armhole/middle",
    stitch: middle,
    cut: { ...middle, x: middle.x + allowance },
    act: "scoop",
    reading: scoop,
    from: "armhole-line",
    direction: "inwards",
    why: "scoop",
  });
  chalkSideMark(piece, "chest", plan.chestSide[side].terms, { settled: true });
  piece.edge(`${side}-armhole`, {
    role: "armhole",
    stitch: drawArmhole(armhole, underarmDown),
    allowance,
    through: ["shoulder/tip", "armhole/middle", "chest/side"],
  });
}

function chalkSideMark(
  piece: PieceChalk,
  line: LineId,
  terms: readonly Term[],
  { settled = false }: { readonly settled?: boolean } = {},
): Mark {
  return piece.mark(line, "side", {
    terms,
    allowance: [allowanceTerm(piece.given, "allowance.side")],
    why: "side-width",
    ...(settled ? { step: 0 } : {}),
  });
}

/** Side marks on waist and hip: quarter girth, ease, what the named take-outs removed there, figure notes. */
export function chalkWidths(piece: PieceChalk, side: Side, giveBack: (line: LineId) => readonly Term[]): void {
  const { given } = piece;
  for (const line of ["waist", "hip"] as const) {
    chalkSideMark(piece, line, [
      bodyTerm(given, line, 4),
      easeTerm(given, line),
      ...giveBack(line),
      ...figureNoteTerms(given, pieceIds[side], line),
    ]);
  }
}

/** The hem's side mark: the hip quarter as drawn, and how much wider or narrower the hem shall be. */
export function chalkHemMarks(piece: PieceChalk, side: Side, hipSide: Mark): void {
  const { given } = piece;
  const hip: Term = { label: "Hip quarter as drawn", kind: "body", value: hipSide.stitch, source: "mark:hip/side" };
  const mark = piece.mark("hem", "side", {
    terms: [hip, choiceTerm(given, "hemExtra", "Hem beyond the hip"), ...figureNoteTerms(given, pieceIds[side], "hem")],
    allowance: [allowanceTerm(given, "allowance.side")],
    why: "hem-width",
  });
  if (mark.stitch < 1) {
    refuse({
      code: "hem-too-narrow",
      conflicts: ["choices.hemExtra", "measurements.hip"],
      numbers: { hem: mark.stitch },
    });
  }
  piece.centreMark("hem", {
    terms: [bodyTerm(given, "fullLength")],
    allowance: [ruleTerm(given, "allowance.hem", "allowance")],
  });
}

export interface ChalkedSide {
  readonly piece: PieceChalk;
  readonly side: Side;
  readonly marks: Readonly<Record<"chest" | "waist" | "hip" | "hem", Mark>>;
}

function drawSide(chalked: ChalkedSide, underarmBelow: Inches): Path {
  const { chest, waist, hip, hem } = chalked.marks;
  return sideSeam({
    underarm: add(chest.place.stitch, at(0, underarmBelow)),
    waist: waist.place.stitch,
    hip: hip.place.stitch,
    hem: hem.place.stitch,
  });
}

/** The path drawn on past its end, straight, by `more`. */
function lengthen(path: Path, more: Inches): Path {
  const end = pathEnd(path);
  const before = path.segments.at(-2)?.to ?? path.start;
  const foot = add(end, scale(directionFrom(before, end) ?? { x: 0, y: 1 }, more));
  return { ...path, segments: [...path.segments.slice(0, -1), { kind: "line", to: foot }] };
}

/**
 * Chalks both side seams equally long: what was given back at the waist makes one side straighter and so shorter; it
 * runs on past the hem line until both meet within 1/32, and its hem is drawn to there (craft: mistakes, "side seams differ").
 * The waist and hip notches of the back are set by walking the front's lengths, so that they meet when sewn.
 */
export function chalkSides(front: ChalkedSide, back: ChalkedSide, underarmBelow: Inches): void {
  const paths = [front, back].map((chalked) => drawSide(chalked, underarmBelow));
  const lengths = paths.map(pathLength);
  const longest = Math.max(...lengths);
  for (const [index, chalked] of [front, back].entries()) {
    const more = roundToStep(longest - (lengths[index] ?? longest), TRUEING_STEP);
    chalkSide(chalked, lengthen(certain(paths[index], "a side for each piece"), more), more);
  }
  const frontSide = front.piece.edgePath("side");
  for (const line of ["waist", "hip"] as const) {
    const along = certain(lengthToDepth(frontSide, front.piece.down(line)), `the ${line} on the side seam`);
    const reading = roundToStep(along, givenStep(front.piece.given));
    front.piece.notchAt(line, "side", reading);
    back.piece.notchAt(line, "side", reading);
  }
}

function chalkSide({ piece, side }: ChalkedSide, path: Path, more: Inches): void {
  const { given } = piece;
  const allowance = ruleLength(given, "allowance.side");
  const foot = pathEnd(path);
  if (more > 0) {
    const reading = {
      value: more,
      terms: [
        {
          label: `Trued to the ${side === "front" ? "back" : "front"} side`,
          kind: "trued",
          value: more,
          source: "seam:side",
        } as const,
      ],
    };
    piece.place({
      id: "side/foot",
      stitch: foot,
      cut: add(foot, at(allowance, 0)),
      act: "lengthen",
      reading,
      from: "hem-line",
      direction: "down",
      why: "hem-trued",
    });
  }
  piece.edge("side", {
    role: "side",
    stitch: path,
    cut: movePath(path, at(allowance, 0)),
    allowance,
    through: ["chest/side", "waist/side", "hip/side", "hem/side"],
    why: "side-seam",
  });
  const centreHem = at(0, piece.down("hem"));
  const arriving = { x: -1, y: 0 };
  const hem =
    more > 0
      ? { start: foot, segments: [curveBetween(foot, directionFrom(foot, centreHem) ?? arriving, centreHem, arriving)] }
      : straight(foot, centreHem);
  piece.edge("hem", {
    role: "hem",
    stitch: hem,
    allowance: ruleLength(given, "allowance.hem"),
    through: [more > 0 ? "side/foot" : "hem/side", "centre/hem"],
  });
}
