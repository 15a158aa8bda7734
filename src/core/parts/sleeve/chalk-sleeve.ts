import { solveHalf } from "../../blocks";
import {
  type Cure,
  type EdgeReference,
  type Given,
  givenStep,
  type JoinSide,
  type OpenEdge,
  onTape,
  type PieceChalk,
  ruleLength,
  type Sheet,
} from "../../chalk";
import { pathLength } from "../../geometry";
import { both, type Inches, pickSystem, roundToStep } from "../../length";
import { chalkBlock } from "./chalk-block";
import { chalkCapSleeve } from "./chalk-cap-sleeve";
import { chalkPetals } from "./chalk-petal";
import { planSleeve, type SleevePlan } from "./plan-sleeve";
import { remarkSleeve } from "./remark-sleeve";
import { sleeveChoices } from "./sleeve-choices";
import { readSleeveForm, type SleeveForm } from "./sleeve-form";
import type { SleeveKind } from "./sleeve-kinds";
import { chalkButtonedCuff, chalkFlounce, chalkTie, chalkTurnBack } from "./small-parts";
import { chalkSpread, spreadSleeve } from "./spread-sleeve";

/** The second notch of the back lies this far above its first. */
const SECOND = both(0.375, 1);
/** Less than this off the fold, the shoulder notch is the fold itself. */
const ON_FOLD: Inches = 1 / 64;
/** What is gathered is at most so many times longer than what it is gathered into. */
const MOST_FULL = 4;

/** How far along the cap the shoulder seam meets it: off the fold, toward the back where the front armhole is longer. */
function shoulderOff({ cap: { armhole } }: Pick<SleevePlan, "cap">): Inches {
  return (armhole.front - armhole.back) / 2;
}

/** Where the cap is notched: from the underarm up, front once and back twice. */
function notchesUp({ given }: Sheet, { cap: { armhole } }: SleevePlan): Readonly<Record<JoinSide, readonly Inches[]>> {
  const half = (armhole.front + armhole.back) / 2;
  const up = onTape(given, Math.min(ruleLength(given, "sleeveNotch"), half / 3));
  return { front: [up], back: [up, onTape(given, up + pickSystem(SECOND, given.metric))] };
}

const notchName = (side: JoinSide, index: number): string => `notch-${side}${index === 0 ? "" : `-${index + 1}`}`;

/** The edges of a sleeve that its cap is, front and back; one edge serves both on the fold. */
interface CapEdges {
  readonly piece: (side: JoinSide) => PieceChalk;
  readonly edge: (side: JoinSide) => string;
  /** Whether the edge starts at the underarm. */
  readonly rises: (side: JoinSide) => boolean;
  readonly rows: readonly EdgeReference[];
}

/** Notches on the cap and, at the same sewn length from the underarm, on the armhole. */
function notchCap(sheet: Sheet, plan: SleevePlan, open: OpenEdge, caps: CapEdges, onFold: boolean): void {
  const ups = notchesUp(sheet, plan);
  for (const side of ["front", "back"] as const)
    for (const [index, up] of ups[side].entries()) {
      const [piece, edge] = [caps.piece(side), caps.edge(side)];
      const length = pathLength(piece.edgeOf(edge).stitch);
      const id = notchName(side, index);
      const at = caps.rises(side) ? up : length - up;
      const counts = caps.rises(side) ? "from-start" : "from-end";
      piece.notchAt(id, edge, at, { ...(onFold ? { side } : {}), counts });
      sheet.notchOpen(open, side, id, up);
    }
}

/** The shoulder notch, off the fold by half of what front and back armhole differ. */
function notchShoulder(piece: PieceChalk, plan: Pick<SleevePlan, "cap">): void {
  const off = shoulderOff(plan);
  const at = Math.abs(off) < ON_FOLD ? 0 : Math.abs(off);
  piece.notchAt("notch", "cap", at, at === 0 ? {} : { side: off > 0 ? "back" : "front" });
}

/** The shoulder seam meets each petal half the overlap from its free edge. */
function notchPetals(pieces: Readonly<Record<JoinSide, PieceChalk>>, plan: SleevePlan, caps: CapEdges): void {
  const from = plan.form.petalOverlap / 2;
  for (const side of ["front", "back"] as const) {
    const edge = caps.edge(side);
    const length = pathLength(pieces[side].edgeOf(edge).stitch);
    pieces[side].notchAt("notch", edge, caps.rises(side) ? length - from : from);
  }
}

function promiseCap(sheet: Sheet, plan: SleevePlan, open: OpenEdge, rows: readonly EdgeReference[]): void {
  const { armhole } = plan.cap;
  const b = [...open.rows.front, ...open.rows.back];
  const gathered = plan.form.kind === "puff" || plan.form.capGathered;
  const lap = plan.form.kind === "petal" ? plan.form.petalOverlap : 0;
  if (gathered) {
    const most = MOST_FULL * (armhole.front + armhole.back);
    sheet.seam({ id: "cap", a: rows, b, ease: { least: armhole.off, most }, gathered: "between-notches" });
    return;
  }
  const more = armhole.off + lap;
  sheet.seam({
    id: "cap",
    a: rows,
    b,
    ease: { least: armhole.least + more, most: armhole.most + more },
    says: "cap-ease",
    ...capCure(sheet.given, plan),
  });
}

/** What would give a cap its ease where nothing was solved: the width that the armhole gives, or the one that meets the told height. */
function capCure(given: Given, { cap, form }: SleevePlan): { readonly cure?: Cure } {
  if (cap.mode !== "given") return {};
  if (form.kind === "gathered" && form.fullWidth === "depth")
    return { cure: { path: "choices.fullWidth", value: "solved" } };
  const { front, back, ease } = cap.armhole;
  const half = solveHalf(cap.cap, { half: (front + back + ease) / 2, bow: ruleLength(given, "capBow") });
  const width = half === null ? null : roundToStep(half, givenStep(given) || 1 / 8);
  const [least, most] = sleeveChoices.sleeveWidth.range;
  const fits = width !== null && width >= least && width <= most;
  return { cure: { path: "choices.sleeveWidth", value: fits ? width : "off" } };
}

/** Over the shoulder alone: sewn from one end over it to the other, shorter than the armhole by what is left bare. */
function chalkCap(sheet: Sheet, form: SleeveForm, open: OpenEdge): void {
  const { piece, cap } = chalkCapSleeve(sheet, form, open);
  notchShoulder(piece, { cap });
  const bare = cap.armhole.off - 2 * form.capSleeveEnds;
  sheet.seam({
    id: "cap",
    a: ["sleeve/cap", "sleeve/cap"],
    b: [...open.rows.front, ...open.rows.back],
    ease: { least: cap.armhole.least + bare, most: cap.armhole.most + bare },
    says: "cap-ease",
  });
}

/** What is sewn on below, by kind and cuff. */
function chalkBelow(sheet: Sheet, piece: PieceChalk, plan: SleevePlan): void {
  const { form, cuff } = plan;
  if (cuff !== null) chalkButtonedCuff(sheet, piece, plan, cuff);
  if (form.cuff === "turn-back") chalkTurnBack(sheet, plan);
  if (form.kind === "tie-band") chalkTie(sheet, piece, plan);
  if (form.kind === "flounce") chalkFlounce(sheet, piece, plan);
}

function chalkOnFold(sheet: Sheet, plan: SleevePlan, open: OpenEdge): void {
  const spread = plan.form.spreads === null ? null : spreadSleeve(plan);
  const piece = spread === null ? chalkBlock(sheet, plan) : chalkSpread(sheet, plan, spread);
  const rows = ["sleeve/cap", "sleeve/cap"] as const;
  notchShoulder(piece, plan);
  notchCap(sheet, plan, open, { piece: () => piece, edge: () => "cap", rises: () => false, rows }, true);
  promiseCap(sheet, plan, open, rows);
  sheet.seam({ id: "underarm", a: ["sleeve/side"], b: ["sleeve/side"], ease: { least: 0, most: 0 } });
  chalkBelow(sheet, piece, plan);
  remarkSleeve(sheet, plan, piece, spread, shoulderOff(plan));
}

function chalkPetalSleeve(sheet: Sheet, plan: SleevePlan, open: OpenEdge): void {
  const pieces = chalkPetals(sheet, plan, shoulderOff(plan));
  const joined = plan.form.petalJoined;
  const caps: CapEdges = {
    piece: (side) => pieces[side],
    edge: (side) => (joined ? `cap-${side}` : "cap"),
    rises: (side) => joined && side === "back",
    rows: joined ? ["sleeve/cap-front", "sleeve/cap-back"] : ["sleeve-front/cap", "sleeve-back/cap"],
  };
  notchPetals(pieces, plan, caps);
  notchCap(sheet, plan, open, caps, false);
  promiseCap(sheet, plan, open, caps.rows);
  if (!joined)
    sheet.seam({ id: "underarm", a: ["sleeve-front/side"], b: ["sleeve-back/side"], ease: { least: 0, most: 0 } });
  remarkSleeve(sheet, plan, pieces.front, null, shoulderOff(plan));
}

/**
 * Chalks a sleeve to the armhole that a body left open: its cap solved for the sewn length and the wanted ease, what is
 * sewn on below, its notches and theirs on the body (craft: sleeves).
 */
export function chalkSleeve(sheet: Sheet, kind: SleeveKind, open: OpenEdge): void {
  const { given } = sheet;
  const form = readSleeveForm(given, kind);
  sheet.part("sleeve", () => {
    if (kind === "cap") {
      chalkCap(sheet, form, open);
      return;
    }
    const plan = planSleeve(given, form, open);
    if (kind === "petal") chalkPetalSleeve(sheet, plan, open);
    else chalkOnFold(sheet, plan, open);
  });
}
