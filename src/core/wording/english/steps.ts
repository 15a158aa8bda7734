import type { ChalkAct, StripRound } from "../../chalk";
import type { CountedPiece, HandAct, NotchWay, TableStep } from "../../cloth";
import type { Inches, Tick, Unit } from "../../length";
import {
  capital,
  nameCrease,
  nameEdge,
  nameLine,
  nameList,
  nameMark,
  nameNotch,
  namePiece,
  nameRing,
  originNames,
  thePiece,
} from "./names";
import { sayOnTape } from "./on-tape";
import { type Said, sayCapPlace, saySleeveAct } from "./sleeve-steps";
import { wordPieceName } from "./terms";

/** What a step asks of the hand, in one or two short sentences. */
export interface StepWording extends Said {
  /** A caution where the work can hurt, or what must not be cut. */
  readonly caution: string | null;
}

const layersSaid = (layers: number): string =>
  layers === 4 ? "all four layers" : layers === 1 ? "the cloth" : "both layers";

/** The cutting line's own reading, where the step chalks both. */
function sayCut(chalk: TableStep["chalk"], say: (length: Inches) => string): string {
  if (chalk === null || chalk.cutReading === null) return "";
  const above = chalk.cutFrom === undefined ? "" : ` ${originNames[chalk.cutFrom]}, above the top line`;
  return ` Then the cutting line at ${say(chalk.cutReading)}${above}.`;
}

/** Why a side is carried on past its hem: to meet the hem squarely, or its partner's length. */
function sayFoot(step: TableStep, reading: string): string {
  const so = step.chalk?.why === "hem-squared" ? "the hem meets it squarely" : "it is as long as the other side";
  return `Carry the side seam on past ${onHem(step)} by ${reading}, so that ${so}.`;
}

/** Where the tape is held: at the corner of both folds, on the fold in from the selvedge, or in from both edges. */
function sayRingCentre({ layers, group }: TableStep, reading: string): string {
  if (layers === 4)
    return "The corner where both folds meet and no cloth lies beyond: mark it. The tape is held there.";
  return layers === 1
    ? `${capital(reading)} from both edges of the cloth's corner, mark a point for ${thePiece(group)}. The tape is held there.`
    : `On the fold, ${reading} from the selvedge, mark a point. The tape is held there.`;
}

/** A strip along the grain, or several across the cloth, one below the other. */
function sayStrip(
  { length, depth, across }: Extract<ChalkAct, { kind: "strip" }>,
  say: (length: Inches) => string,
): string {
  if (across === undefined)
    return `Chalk a strip ${say(depth)} wide and ${say(length)} long on the straight grain; seams are in it.`;
  const strips = across === 1 ? "one strip" : `${across} strips, one below the other, each`;
  return `Across the cloth from selvedge to selvedge, chalk ${strips} ${say(depth)} deep and ${say(length)} long; seams are in it.`;
}

/** A line inside a piece, which is chalked and never cut. */
function sayCrease({ crease, curved, through }: Extract<ChalkAct, { kind: "crease" }>, reading: string): Said {
  const where = through.length > 1 ? "" : ", square to the fold";
  return {
    title: capital(nameCrease(crease)),
    text: `Chalk ${curved ? "a curve" : "a straight line"} through ${nameList(through.map(nameMark))}${where}, ${reading} long. Do not cut it.`,
  };
}

/** A cutting line inside or outside that of a piece which is laid on. */
function sayInside({ edge, piece, by }: Extract<ChalkAct, { kind: "inside" }>, say: (length: Inches) => string): Said {
  return {
    title: capital(nameEdge(edge)),
    text: `Lay ${thePiece(piece)} on as cut: ${say(Math.abs(by))} ${by < 0 ? "outside" : "inside"} its ${nameEdge(edge)} chalk the line to cut.`,
  };
}

/** Sentences for chalk steps; `say` gives a length in the shop's unit. */
function sayChalk(act: ChalkAct, step: TableStep, say: (length: Inches) => string): Said {
  const chalk = step.chalk;
  const reading = say(chalk?.reading ?? 0);
  const cut = sayCut(chalk, say);
  const from = originNames[chalk?.from ?? "fold"];
  switch (act.kind) {
    case "top-line":
      return {
        title: capital(nameLine(act.line ?? "top")),
        text: `Chalk the ${nameLine(act.line ?? "top")} across, ${reading} below the cloth's edge. Lengths are read down from it.`,
      };
    case "zip-line":
      return {
        title: "Centre-back line",
        text: `Chalk the centre-back line down, ${reading} from the folded edge. Every back reading starts at this line, not at the edge.`,
      };
    case "centre-line":
      return {
        title: "Centre-front line",
        text:
          act.beyond > 0
            ? `Chalk the centre-front line down, ${reading} from the cloth's edge: the finished edge lies ${say(act.beyond)} outside it. Every front reading starts at this line, not at the edge.`
            : `Chalk the centre-front line down, ${reading} from the cloth's edge.`,
      };
    case "at":
      return {
        title: capital(nameMark(act.mark)),
        text: `${levelOf(act.down, step, say)} ${from}: ${reading}.`,
      };
    case "along":
      return {
        title: capital(nameMark(act.mark)),
        text: `Along the ${nameEdge(act.edge)} from its upper end: ${reading}.`,
      };
    case "dart":
      return {
        title: `${capital(nameDart(act.dart))}`,
        text: `Join ${nameList(act.through.map(nameMark))}. It takes in ${reading} where it is widest. Do not cut it.`,
      };
    case "crease":
      return sayCrease(act, reading);
    case "move-out":
      return {
        title: "Move the outer panel out",
        text: `Every reading of this panel is ${reading} further out: that is the cloth for both panel seams. The sums say it.`,
      };
    case "split":
      return {
        title: "Line to cut across",
        text: `Down ${from}: ${reading}. Square a line across: here the piece is cut in two.`,
      };
    case "strip":
      return { title: capital(namePiece(step.piece)), text: sayStrip(act, say) };
    case "ring-centre":
      return { title: "Centre of the ring", text: sayRingCentre(step, reading) };
    case "swing":
      return {
        title: `Swing the ${nameRing(act.edge)}`,
        text: `Hold the end of the tape at the centre and swing it: a dot every inch or two at ${say(act.radius)}, the stitching line, and at ${say(act.cutRadius)}, the cutting line. Join each row of dots.`,
      };
    case "guide-line":
      return {
        title: capital(nameLine(act.line)),
        text: `Down ${from}: ${reading}. Square the ${nameLine(act.line)} across.`,
      };
    case "mark":
      return { title: capital(nameMark(act.mark)), text: `On the ${nameLine(act.line)}, ${from}: ${reading}.${cut}` };
    case "centre-mark":
      return { title: capital(nameMark(act.mark)), text: `Down the centre ${from}: ${reading}.${cut}` };
    case "plumb":
      return {
        title: "Armhole line",
        text: `Plumb down from the ${nameMark(act.mark)} to the ${nameLine(act.line)}: ${reading} from ${originNoun(from)} there too.`,
      };
    case "drop":
      return { title: "Shoulder tip", text: `From half across shoulder, straight down: ${reading}.` };
    case "scoop":
      return {
        title: "Middle of the armhole",
        text:
          (chalk?.reading ?? 0) === 0
            ? "Half way down the armhole line, mark its middle on the line."
            : `Half way down the armhole line, then inwards: ${reading}.`,
      };
    case "slant-line":
    case "off-slant":
      return sayCapPlace(act, step, say);
    case "lengthen":
      return { title: "Foot of the side seam", text: sayFoot(step, reading) };
    case "edge":
      return sayEdge(act, say(chalk?.reading ?? 0));
    case "round":
      return {
        title: capital(nameEdge(act.edge)),
        text: `Lay ${nameList(act.pieces.map(thePiece))} on as cut and chalk round the ${nameEdge(act.edge)}: it is cut there; the seam, ${reading} long, lies ${say(act.seam)} inside.`,
      };
    case "beside":
      return {
        title: capital(nameEdge(act.edge)),
        text: `${say(act.by)} inside the ${nameEdge(act.of)} just chalked, all along it: cut there, and overlocked. It has no seam.`,
      };
    case "inside":
      return sayInside(act, say);
    case "allowance":
      return {
        title: `Cutting line, ${nameEdge(act.edge)}`,
        text: `${say(act.allowance)} outside the ${nameEdge(act.edge)} stitching line, chalk the cutting line.${sayVaried(act, say)}`,
      };
    default:
      return act satisfies never;
  }
}

/** What the lengths of the step's piece are read down from. */
const topOf = ({ top }: TableStep): string => `the ${nameLine(top)}`;

/** Less than this off its line no hand chalks. */
const LEAST_TOLD: Inches = 1 / 16;

/** Where a mark that lies on no line is squared out from. */
function levelOf(down: Inches, step: TableStep, say: (length: Inches) => string): string {
  if (Math.abs(down) < LEAST_TOLD) return `On ${topOf(step)},`;
  const way = down < 0 ? `Up from ${topOf(step)}: ${say(-down)}` : `Down from ${topOf(step)}: ${say(down)}`;
  return `${way}. There, square across`;
}

/** The lowest line of a piece: only a body that has a hem goes on past a hem line. */
function onHem(step: TableStep): string {
  return step.chalk?.from === "hem-line" ? "the hem line" : "its lowest mark";
}

/** Where the allowance differs along an edge: it changes evenly between its marks. */
function sayVaried(
  { allowance, at = [] }: Extract<ChalkAct, { kind: "allowance" }>,
  say: (length: Inches) => string,
): string {
  const less = at
    .filter(({ value }) => value !== allowance)
    .map(({ mark, value }) => `${say(value)} at the ${nameMark(mark)}`);
  return less.length === 0 ? "" : ` It narrows evenly to ${nameList(less)}.`;
}

function nameDart(id: string): string {
  if (id === "bust-dart") return "bust dart";
  return id.includes("-2-") ? "second waist dart" : id.includes("-3-") ? "third waist dart" : "waist dart";
}

function originNoun(from: string): string {
  return from.replace(/^from /, "");
}

function sayEdge(act: Extract<ChalkAct, { kind: "edge" }>, length: string): Said {
  const title = capital(nameEdge(act.edge));
  const line = act.curved ? "a smooth curve" : "a straight line";
  const dots = act.curved ? " The dots help where there is no curved ruler." : "";
  const marks = nameList(act.through.map(nameMark));
  const how =
    act.through.length < 2
      ? `Chalk ${line}${marks === "" ? "" : ` through the ${marks}`}, from one neighbouring edge to the other.`
      : `Join with ${line}${act.curved ? " through" : ""} ${marks}.`;
  return { title, text: `${how} Stitched length ${length}.${dots}` };
}

function sayFoldIn(
  { foldedWidth, length, leftBeside }: Extract<HandAct, { kind: "fold-in" }>,
  say: (length: Inches) => string,
): string {
  const where =
    leftBeside === undefined ? "Fold in from one end" : `On what is left beside ${thePiece(leftBeside)}, fold in`;
  return `${where} until the doubled part is ${say(foldedWidth)} wide, for ${say(length)} of length. Pin the layers.`;
}

function sayHand(act: HandAct, step: TableStep, say: (length: Inches) => string): Said {
  switch (act.kind) {
    case "prepare":
      return {
        title: "Lay the cloth",
        text: "Press the crease out, square the end, right sides together. Look at the grain and the way of the print.",
      };
    case "fold-in":
      return { title: `Fold for ${thePiece(step.group)}`, text: sayFoldIn(act, say) };
    case "cut-off":
      return {
        title: "Cut a working piece off",
        text: `From the doubled cloth cut off a piece ${say(act.length)} long and ${say(act.width)} wide, square across.`,
      };
    case "halve":
      return {
        title: "Halve it along the old fold",
        text: "Cut the working piece in two along its fold: one half for the front, one for the back. Each is folded in for itself.",
      };
    case "along-fold":
      return {
        title: `Along the same fold: ${thePiece(step.group)}`,
        text: "The cloth stays folded as it is. Chalk this piece where the lay shows it, its fold on the same folded edge.",
      };
    case "fold-selvedges":
      return {
        title: "Selvedge to selvedge",
        text: "Fold the whole length down the middle, selvedge on selvedge. Pin the layers along both.",
      };
    case "fold-gate":
      return {
        title: "Two folds, selvedges to the middle",
        text: `Bring both selvedges in until they meet; the left doubled part is ${say(act.foldedWidth)} wide. One piece lies on each fold.`,
      };
    case "lie-open":
      return {
        title: `Open cloth for ${thePiece(step.group)}`,
        text: "Leave the cloth open, one layer, wrong side up. Chalk a straight line along the grain where the fold would be: every reading goes to its left and to its right. A piece cut twice is chalked again, mirrored.",
      };
    case "fold-again":
      return {
        title: "Fold again",
        text: act.endToEnd
          ? "Four widths do not go into this cloth: fold the doubled part again end to end, square across, both folded edges on one another. Pin all four layers."
          : `Fold the doubled part once more: ${step.group === "body" ? "front fold outside, back fold inside" : "one fold outside, the other inside it"}, both at the same side, ${say(act.foldedWidth)} wide. Pin all four layers.`,
      };
    case "fold-across":
      return {
        title: "Fold once across",
        text: `Fold the cloth once from selvedge to selvedge, so that ${say(act.length)} of its length lies double.${act.copies > 1 ? ` The piece is cut ${act.copies} times: fold, trace and cut again.` : ""} Pin both layers.`,
      };
    case "fold-quarter":
      return {
        title: "Fold in four",
        text: `Fold the cloth in two along its length and again across, so that ${say(act.foldedWidth)} lies fourfold each way. Pin all four layers.`,
      };
    case "cut-hole":
      return {
        title: "Cut the hole last",
        text: `Cut the ${nameList(act.edges.map(nameEdge))} last, ${say(act.short)} inside its cutting line: it stretches. Stay-stitch it, let the skirt hang a day, measure the waist again, then level the hem.`,
      };
    case "cut-radius":
      return {
        title: "Cut one radius open",
        text: "Unfold. Cut along one fold from the hole to the outer edge: here it opens, at the centre back.",
      };
    case "lay-on":
      return {
        title: "Lay the front on",
        text: "Lay the cut front with its fold on the back's centre line, its top line on the back's top line. Pin it.",
      };
    case "trace":
      return {
        title: "Trace the front",
        text: "Chalk round the front's shoulder, armhole, side and hem. What lies elsewhere on the back follows.",
      };
    case "cut":
      return {
        title: `Cut the ${nameList(act.edges.map(nameEdge))}`,
        text: `Cut the ${nameList(act.edges.map(nameEdge))} on its cutting line through ${layersSaid(step.layers)}.`,
      };
    case "cut-out":
      return {
        title: `Cut out ${thePiece(step.piece)}`,
        text: `Cut out ${thePiece(step.piece)} along its chalked edges; its seams are in it.`,
      };
    case "fold-in-band":
      return {
        title: "Fold in the band",
        text: `Turn ${say(act.foldIn)} in${act.turns === 2 ? `, ${say(act.foldIn / 2)} twice over` : ""}; the centre front lies ${say(act.centre)} from the cut edge. Pin it: the edges above and below are cut through the folded cloth.`,
      };
    case "separate":
      return {
        title: "Separate first",
        text: "Stop. Lift the front away from the back before the next cut. Only the front goes back on the table.",
      };
    case "re-cut":
      return {
        title: `Re-cut the ${nameList(act.edges.map(nameEdge))}`,
        text: `On the front alone, cut the ${nameList(act.edges.map(nameEdge))} on its cutting line.`,
      };
    case "cut-again":
    case "slit-pair":
    case "pleat":
    case "hollow-front":
      return saySleeveAct(act, step, say);
    case "open-fold":
      return {
        title: "Cut the fold open",
        text: "Cut along the folded edge, so that the piece is two halves with the allowance on each.",
      };
    case "notch":
      return {
        title: `Notch, ${nameNotch(act.notch)}`,
        text: `${sayNotchPlace(act, step, say)}: ${notchSaid[act.by]} for the ${nameNotch(act.notch)}.${act.pins ? " Two pins side by side there: the stitching stops." : ""}`,
      };
    case "pierce":
      return {
        title: `Tack the ${nameMark(act.tip)}`,
        text: `${say(act.inside)} inside the ${nameMark(act.tip)}, on the dart's middle line: pierce or tack through both layers, never at the tip itself. On fine or loose cloth, tack.`,
      };
    case "quarter":
      return { title: "Join and quarter", text: sayRound(act.round, say) };
    case "name":
      return { title: "Name the piece", text: sayName(act) };
    case "style":
      return {
        title: "The picture against the choices",
        text: "Front and back as they will look. Tick what is in the garment before anything is folded.",
      };
    case "check":
      return {
        title: "Measure the chalk",
        text: `On the chalked net lines of ${nameList(act.pieces.map(thePiece))}, before the shears: each length against the drawing.`,
      };
    case "count":
      return { title: "Count the pieces", text: `${sayCount(act.pieces)}. A pair is mirrored, never twice the same.` };
    default:
      return act satisfies never;
  }
}

function sayName({ name, copies, mirrored, halves }: Extract<HandAct, { kind: "name" }>): string {
  const sides = mirrored ? ", left and right," : "";
  const numbered = copies > 1 ? ` and its copy, 1 to ${copies}${sides}` : "";
  const which = halves ? ", F and B on its halves" : "";
  return `Chalk “${wordPieceName(name)}”${numbered}${which} and the way of the print on the wrong side of each layer before you lift it.`;
}

/** How strips become a round: where the first join falls, and the quarters that meet the edge above. */
function sayRound({ sewn, count, joins, opens }: StripRound, say: (length: Inches) => string): string {
  const first =
    (joins[0] ?? 0) < 1e-6 ? "the first join at the centre back" : "the centre back in the middle of a strip";
  const joined =
    count === 1
      ? `One strip, ${say(sewn)} sewn`
      : `Join the ${count} strips to ${opens ? "one row" : "a round"} of ${say(sewn)}${opens ? ", both ends at the opening" : `, ${first}`}`;
  return `${joined}. Fold it in four and notch both edges at the folds: they meet the centres and sides of the edge above. Gather on two rows, ¼ and ½ in from the edge, and measure that edge sewn first.`;
}

const notchSaid: Readonly<Record<NotchWay, string>> = {
  snip: "a snip into the allowance, at most half of it,",
  chalk: "a chalk stroke, no snip into so little,",
  tack: "a tack through both layers",
};

/** `14 cut: 9 main, 3 lining, 2 stay`. */
function sayCount(pieces: readonly CountedPiece[]): string {
  const sums = new Map<string, number>();
  for (const { cloth, copies } of pieces) sums.set(cloth, (sums.get(cloth) ?? 0) + copies);
  const all = [...sums.values()].reduce((sum, one) => sum + one, 0);
  return `${all} cut: ${[...sums].map(([cloth, count]) => `${count} ${cloth}`).join(", ")}`;
}

/** Which layers have the half that is notched: on cloth folded right sides together the fronts lie uppermost. */
function sayHalf({ side }: Extract<HandAct, { kind: "notch" }>, { layers }: TableStep): string {
  if (side === undefined) return "";
  const few = layers === 4 ? "two layers" : "layer";
  return `, on the ${side} half alone, the ${side === "front" ? "upper" : "lower"} ${few}`;
}

function sayNotchPlace(
  act: Extract<HandAct, { kind: "notch" }>,
  step: TableStep,
  say: (length: Inches) => string,
): string {
  if (act.from === "centre-back") return `On the ${nameEdge(act.edge)}, ${say(act.at)} from the centre back`;
  if (act.from === "lower-end")
    return `On the ${nameEdge(act.edge)}, ${say(act.at)} up from the underarm${sayHalf(act, step)}`;
  if (act.from !== "edge-start") return `On the ${nameEdge(act.edge)}, ${say(act.at)} down ${originNames[act.from]}`;
  return act.at === 0
    ? `Where the ${nameEdge(act.edge)} starts, at the ${step.top === "cap" ? "fold" : "centre"}`
    : `On the ${nameEdge(act.edge)}, ${say(act.at)} along from its upper end${sayHalf(act, step)}`;
}

function sayCaution(step: TableStep): string | null {
  if (step.mustNotCut.length > 0 && step.phase === "cut") {
    const edges = step.mustNotCut.map((reference) => nameEdge(reference.split("/")[1] ?? ""));
    return `Do not cut the ${nameList(edges)} yet.`;
  }
  switch (step.act.kind) {
    case "prepare":
      return "Iron and steam burn; try the heat on a scrap first.";
    case "cut":
    case "open-fold":
      return step.act.kind === "cut" && !step.act.closing
        ? null
        : "Cut away from the holding hand, and look under the cloth for a layer that must stay.";
    default:
      return null;
  }
}

/** Says a step in the shop's unit, every length as its tape shows it. */
export function wordStep(step: TableStep, unit: Unit, tick: Tick): StepWording {
  const say = (length: Inches) => sayOnTape(length, unit, tick);
  const said = step.chalk === null ? sayHand(step.act as HandAct, step, say) : sayChalk(step.chalk.act, step, say);
  return { ...said, caution: sayCaution(step) };
}
