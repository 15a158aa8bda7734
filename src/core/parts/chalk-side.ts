import { allowanceTerm, type LineId, type Mouth, type PieceChalk, ruleLength, type Term } from "../chalk";
import { add, at, movePath, type Point, pathEnd, pathLength, splitAtLength, turnPoint } from "../geometry";
import type { Inches } from "../length";
import { TIP_SHORT } from "./bust-dart";
import type { HalfPlan } from "./half-plan";
import { sideCutOff } from "./lower-edge";
import { bustPointOf, type SideShape, turnsLower } from "./sides";

/** A side mark: on its line, or where a turn or a trim put it. */
export function chalkSideMark(
  piece: PieceChalk,
  half: HalfPlan,
  line: LineId,
  place: Point | undefined,
  net: Point | undefined,
): void {
  const width = half.widths.get(line);
  if (width === undefined || place === undefined || net === undefined) return;
  const side = allowanceTerm(piece.given, "allowance.side");
  const room = half.room(net.y);
  const more: Term = {
    label: "Room for panel allowances, made up here",
    kind: "allowance",
    value: room,
    source: "rule:panelRoom",
  };
  const terms = room > 0 ? [...width.terms, more] : width.terms;
  const onLine = Math.abs(place.y - (line === "chest" ? half.underarmDown : piece.down(line))) < 1e-6;
  if (onLine && Math.abs(place.x - net.x) < 1e-6) {
    piece.mark(line, "side", { terms, step: 0, allowance: [side], why: "side-width" });
    return;
  }
  const moved = Math.abs(place.x - net.x) > 1e-6;
  const why = moved ? "dart-turned" : "balance-trim";
  piece.at({ id: `${line}/side`, terms, stitch: place, allowance: side.value, why });
}

/** Side marks below the chest line. */
export function chalkSideMarks(piece: PieceChalk, half: HalfPlan, shape: SideShape): void {
  const { points } = shape;
  chalkSideMark(piece, half, "bust", shape.bust, points.bust);
  const about = bustPointOf(half);
  for (const line of ["underbust", "waist", "hip"] as const) {
    const net = points[line];
    const turned = net !== undefined && about !== null && turnsLower(half, shape);
    chalkSideMark(piece, half, line, turned ? turnPoint(net, about, -shape.angle) : net, net);
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
    label: "Hip quarter as drawn",
    kind: "body",
    value: widths.get("hip")?.value ?? 0,
    source: "mark:hip/side",
  };
  switch (form.style.hem) {
    case "pegged":
      return [hip, { label: "Pegged in", kind: "style", value: -ruleLength(given, "hemPeg"), source: "rule:hemPeg" }];
    case "beyond-hip":
      return [hip, { label: "Hem beyond the hip", kind: "style", value: form.hemExtra, source: "choice:hemExtra" }];
    case "flared":
      return [hip, { label: "Flare", kind: "style", value: ruleLength(given, "hemFlare"), source: "rule:hemFlare" }];
    case "panel-flare": {
      const waist = widths.get("waist")?.value ?? 0;
      return [
        { label: "Waist side as drawn", kind: "body", value: waist, source: "mark:waist/side" },
        { label: "Flare of the panel edge", kind: "style", value: form.panelFlare, source: "choice:panelFlare" },
      ];
    }
    default:
      return [hip];
  }
}

/** The lowest side mark, where the body goes on below the waist. */
export function chalkHemSide(piece: PieceChalk, half: HalfPlan, shape: SideShape): void {
  const { given } = piece;
  const kind = half.form.style.hem;
  if (kind === "join") return;
  const side = allowanceTerm(given, "allowance.side");
  const why = hemReasons[kind];
  const terms = hemTerms(piece, half);
  if ((kind === "beyond-hip" || kind === "pegged") && sideCutOff(half) === null) {
    piece.mark("hem", "side", { terms, allowance: [side], step: 0, why });
    return;
  }
  const [path] = splitAtLength(shape.path, pathLength(shape.path) - shape.lengthened);
  piece.at({ id: "hem/side", terms, stitch: pathEnd(path), allowance: side.value, why });
}

/** The lower edge's mark down the centre. */
export function chalkHemCentre(piece: PieceChalk, half: HalfPlan): void {
  const { given } = piece;
  const { form } = half;
  if (form.style.hem === "join") return;
  const dip: Term = { label: "Dip at the centre", kind: "style", value: form.centreDip, source: "choice:centreDip" };
  const basque = form.style.hem === "basque";
  const terms = basque ? [...piece.lineTerms("hip"), dip] : piece.lineTerms("hem");
  const allowance = [allowanceTerm(given, "allowance.hem")];
  piece.centreMark("hem", { terms, allowance, step: 0, ...(basque ? { why: "basque" } : {}) });
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
  piece.at({ id: "side/dart-lower", terms: [], stitch: lower, why: "bust-dart" });
  piece.at({ id: "bust/dart-tip", terms: half.line.bust, stitch: tip, why: "bust-dart" });
  const through = ["bust/dart-tip", "side/dart-upper", "side/dart-lower"];
  piece.dart({ id: "bust", tip, legs: [upper, lower], end: null, through, why: "bust-dart" });
}

function chalkFoot(piece: PieceChalk, half: HalfPlan, shape: SideShape, allowance: Inches): void {
  if (shape.lengthened === 0) return;
  const foot = pathEnd(shape.path);
  const label = `Trued to the ${half.side === "front" ? "back" : "front"} side`;
  const terms: readonly Term[] = [{ label, kind: "trued", value: shape.lengthened, source: "seam:side" }];
  piece.place({
    id: "side/foot",
    stitch: foot,
    cut: add(foot, at(allowance, 0)),
    act: "lengthen",
    reading: { value: shape.lengthened, terms },
    from: "hem-line",
    direction: "down",
    why: "hem-trued",
  });
}

function mouthsOf(shape: SideShape): readonly Mouth[] {
  return shape.mouth === null ? [] : [{ closes: "bust", ...shape.mouth }];
}

/** The side seam, and what carries it on past the lower edge. */
export function chalkSideEdge(piece: PieceChalk, half: HalfPlan, shape: SideShape): void {
  const allowance = ruleLength(piece.given, "allowance.side");
  chalkFoot(piece, half, shape, allowance);
  const { points } = shape;
  const marks = (["bust", "underbust", "waist", "hip"] as const).filter((line) => points[line] !== undefined);
  const through = ["chest/side", ...marks.map((line) => `${line}/side`), "hem/side"];
  piece.edge("side", {
    role: "side",
    stitch: shape.path,
    cut: movePath(shape.path, at(allowance, 0)),
    allowance,
    through: through.filter((id) => piece.hasMark(id)),
    mouths: mouthsOf(shape),
    turned: shape.turned,
    why: "side-seam",
  });
}
