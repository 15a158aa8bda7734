import {
  addTerms,
  allowanceTerm,
  type Given,
  type LineId,
  type Mouth,
  type PieceChalk,
  ruleLength,
  ruleTerm,
  type Term,
  turnTerm,
} from "../../chalk";
import { add, at, type Point, pathEnd, pathLength, splitAtLength, turnPoint } from "../../geometry";
import type { Inches } from "../../length";
import { lowerRule } from "./body-form";
import { TIP_SHORT } from "./bust-dart";
import type { HalfPlan } from "./half-plan";
import { sideCutOff } from "./lower-edge";
import { type SideAllowance, sideCut, sideTerms } from "./side-allowance";
import { bustPointOf, type SideShape, turnsLower } from "./sides";

/** A side mark: on its line, or where a turn or a trim put it. */
export function chalkSideMark(
  piece: PieceChalk,
  half: HalfPlan,
  allowance: SideAllowance,
  line: LineId,
  place: Point | undefined,
  net: Point | undefined,
): void {
  const width = half.widths.get(line);
  if (width === undefined || place === undefined || net === undefined) return;
  const level = line === "chest" ? half.underarmDown : piece.down(line);
  const room = half.room(level);
  const more: Term = {
    code: "panel-room-made-up",
    kind: "drawn",
    value: room,
    source: "rule:panelRoom",
  };
  const terms = room > 0 ? [...width.terms, more] : width.terms;
  const onLine = Math.abs(place.y - level) < 1e-6;
  if (onLine && Math.abs(place.x - net.x) < 1e-6) {
    piece.mark(line, "side", { terms, step: 0, ...sideTerms(piece.given, allowance, line), why: "side-width" });
    return;
  }
  const moved = Math.abs(place.x - net.x) > 1e-6;
  piece.at({
    id: `${line}/side`,
    terms,
    stitch: place,
    net,
    ...(allowance.level ? { allowance: allowance.at(net.y) } : {}),
    why: moved ? "dart-turned" : "balance-trim",
  });
}

/** Side marks below the chest line. */
export function chalkSideMarks(piece: PieceChalk, half: HalfPlan, shape: SideShape, allowance: SideAllowance): void {
  const { points } = shape;
  chalkSideMark(piece, half, allowance, "bust", shape.bust, points.bust);
  const about = bustPointOf(half);
  for (const line of ["underbust", "waist", "hip"] as const) {
    const net = points[line];
    const turned = net !== undefined && about !== null && turnsLower(half, shape);
    chalkSideMark(piece, half, allowance, line, turned ? turnPoint(net, about, -shape.angle) : net, net);
  }
}

const hemReasons = {
  flared: "corner-lift",
  "panel-flare": "corner-lift",
  basque: "basque",
  curved: "curved-hem",
  pegged: "hem-peg",
  "beyond-hip": "hem-width",
  join: "hem-width",
} as const;

/** What the hem's side mark is made of, by the kind of hem. */
function hemTerms(piece: PieceChalk, half: HalfPlan): readonly Term[] {
  const { given } = piece;
  const { form, widths } = half;
  const hip: Term = {
    code: "hip-quarter",
    kind: "body",
    value: widths.get("hip")?.value ?? 0,
    source: "mark:hip/side",
  };
  switch (form.style.hem) {
    case "pegged":
      return [hip, { code: "pegged-in", kind: "style", value: -ruleLength(given, "hemPeg"), source: "rule:hemPeg" }];
    case "beyond-hip":
      return [hip, { code: "hem-beyond-the-hip", kind: "style", value: form.hemExtra, source: "choice:hemExtra" }];
    case "flared":
      return [hip, { code: "flare", kind: "style", value: ruleLength(given, "hemFlare"), source: "rule:hemFlare" }];
    case "panel-flare": {
      const waist = widths.get("waist")?.value ?? 0;
      return [
        { code: "waist-side", kind: "body", value: waist, source: "mark:waist/side" },
        { code: "flare-of-the-panel-edge", kind: "style", value: form.panelFlare, source: "choice:panelFlare" },
      ];
    }
    default:
      return [hip];
  }
}

/** How far a lifted corner comes in from where its flare was asked. */
function liftTerms(terms: readonly Term[], across: Inches, start: Inches): readonly Term[] {
  const value = across - start - addTerms(terms);
  return Math.abs(value) < 1e-9
    ? terms
    : [...terms, { code: "corner-lifted", kind: "drawn", value, source: "rule:cornerLift" }];
}

/** The lowest side mark, where the body goes on below the waist. */
export function chalkHemSide(piece: PieceChalk, half: HalfPlan, shape: SideShape, allowance: SideAllowance): void {
  const { given } = piece;
  const kind = half.form.style.hem;
  if (kind === "join") return;
  const why = hemReasons[kind];
  const terms = hemTerms(piece, half);
  if ((kind === "beyond-hip" || kind === "pegged") && sideCutOff(half) === null) {
    piece.mark("hem", "side", { terms, ...sideTerms(given, allowance, "hem"), step: 0, why });
    return;
  }
  const [path] = splitAtLength(shape.path, pathLength(shape.path) - shape.lengthened);
  const stitch = pathEnd(path);
  piece.at({
    id: "hem/side",
    terms: liftTerms(terms, stitch.x, 0),
    stitch,
    ...(allowance.level ? { allowance: allowance.at(stitch.y) } : {}),
    why,
  });
}

/** The lower edge's mark down the centre. */
export function chalkHemCentre(piece: PieceChalk, half: HalfPlan, foot: Point): void {
  const { given } = piece;
  const { form } = half;
  if (form.style.hem === "join") return;
  const dip: Term = { code: "centre-dip", kind: "style", value: form.centreDip, source: "choice:centreDip" };
  const basque = form.style.hem === "basque";
  const raised = lowerEdgeTerms(given, half);
  const terms = [...(basque ? [...piece.lineTerms("hip"), dip] : piece.lineTerms("hem")), ...raised];
  const allowance = [allowanceTerm(given, lowerRule(form))];
  if (form.style.hem === "panel-flare" && foot.x < -1e-6) {
    const inside: Term = {
      code: "inside-cloth-edge",
      kind: "drawn",
      value: piece.start.originInset.value + foot.x,
      source: "choice:panelFlare",
    };
    piece.at({ id: "centre/hem", terms: [inside], stitch: foot, from: "cloth-edge", why: "corner-lift" });
    return;
  }
  piece.centreMark("hem", { terms, allowance, step: 0, ...(basque ? { why: "basque" } : {}) });
}

/** What the back's lower edge is raised by at the zip (rule `backLowerEdge`). */
function lowerEdgeTerms(given: Given, { centre }: HalfPlan): readonly Term[] {
  return centre.raised === 0 ? [] : [turnTerm(ruleTerm(given, "backLowerEdge"))];
}

/** Where a back that ends at a join is raised at the zip: a mark of its own, above the line that it ends at. */
export function chalkRaisedCentre(piece: PieceChalk, half: HalfPlan, trim: Inches): void {
  const { given } = piece;
  const { form, centre } = half;
  if (form.style.hem !== "join" || centre.raised === 0) return;
  const terms = [...piece.lineTerms(form.end === "ribs" ? "underbust" : "waist"), ...lowerEdgeTerms(given, half)];
  const join = allowanceTerm(given, "allowance.waistJoin");
  const more: Term = { code: "to-trim", kind: "allowance", value: trim, source: "choice:trimLength" };
  piece.centreMark("lower-edge", { terms, step: 0, allowance: trim > 0 ? [join, more] : [join], why: "back-raised" });
}

/** The sewn bust dart: its mouth along the side, its tip short of the bust point, and the lines that join them. */
export function chalkBustDart(piece: PieceChalk, half: HalfPlan, shape: SideShape): void {
  const about = half.panel?.bustPoint ?? bustPointOf(half);
  if (shape.mouth === null || about === null) return;
  const [upper, lower] = shape.legs;
  const middle = at((upper.x + lower.x) / 2, (upper.y + lower.y) / 2);
  const short = TIP_SHORT / Math.hypot(middle.x - about.x, middle.y - about.y);
  const tip = at(about.x + (middle.x - about.x) * short, about.y + (middle.y - about.y) * short);
  const reading = { value: shape.mouth.from, terms: [] };
  piece.along({ id: "side/dart-upper", edge: "side", reading, stitch: upper, why: "bust-dart" });
  piece.at({ id: "side/dart-lower", terms: [], stitch: lower, drawn: "bust-dart-lower-leg", why: "bust-dart" });
  const beside: Term = {
    code: "short-of-bust-point",
    kind: "drawn",
    value: tip.x - about.x,
    source: "parts:bust-dart",
  };
  const settled: Term = {
    code: "nearest-tick",
    kind: "rounding",
    value: about.x - addTerms(half.line.bust),
    source: "tape",
  };
  const terms = [...half.line.bust, ...[settled, beside].filter(({ value }) => Math.abs(value) > 1e-9)];
  piece.at({ id: "bust/dart-tip", terms, stitch: tip, why: "bust-dart" });
  const through = ["bust/dart-tip", "side/dart-upper", "side/dart-lower"];
  piece.dart({ id: "bust-dart", tip, legs: [upper, lower], end: null, through, why: "bust-dart" });
}

function chalkFoot(piece: PieceChalk, half: HalfPlan, shape: SideShape, allowance: SideAllowance): void {
  if (shape.lengthened === 0) return;
  const foot = pathEnd(shape.path);
  const code = half.side === "front" ? "trued-to-back-side" : "trued-to-front-side";
  const terms: readonly Term[] = [{ code, kind: "trued", value: shape.lengthened, source: "seam:side" }];
  piece.place({
    id: "side/foot",
    stitch: foot,
    ...(allowance.level ? { cut: add(foot, at(allowance.at(foot.y), 0)) } : {}),
    act: "lengthen",
    reading: { value: shape.lengthened, terms },
    from: half.form.style.hem === "join" ? "lowest-mark" : "hem-line",
    direction: "down",
    why: "hem-trued",
  });
}

function mouthsOf(shape: SideShape): readonly Mouth[] {
  return shape.mouth === null ? [] : [{ closes: "bust-dart", ...shape.mouth }];
}

const sideMarks = ["chest/side", "bust/side", "underbust/side", "waist/side", "hip/side", "hem/side", "side/foot"];

/** The side seam, and what carries it on past the lower edge. */
export function chalkSideEdge(piece: PieceChalk, half: HalfPlan, shape: SideShape, allowance: SideAllowance): void {
  chalkFoot(piece, half, shape, allowance);
  piece.edge("side", {
    role: "side",
    stitch: shape.path,
    ...sideCut(allowance, shape.path),
    allowance: allowance.most,
    allowanceAt: allowance.marks.filter(({ mark }) => piece.hasMark(mark)),
    through: sideMarks,
    mouths: mouthsOf(shape),
    turned: shape.turned,
    why: "side-seam",
  });
}
