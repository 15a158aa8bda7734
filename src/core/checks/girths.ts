import { type Draft, type GirthPlan, givenStep, type LineId, type Piece } from "../chalk";
import { crossAtDepth } from "../geometry";
import type { Inches } from "../length";
import type { Finding } from "./finding";
import type { LedgerRow } from "./ledger";

/** A finished girth: what was promised, and what the outline really measures. */
export interface Girth {
  readonly line: GirthPlan["line"];
  readonly on: LineId;
  readonly body: Inches;
  readonly ease: Inches;
  /** Differences said openly: a hollow not given back, a figure note. */
  readonly declared: Inches;
  readonly wanted: Inches;
  /** Measured on the outline, over both sides; never from terms. */
  readonly drawn: Inches;
  /** What rounding to the tape may explain: half a tick for each mark round the body. */
  readonly tolerance: Inches;
}

/** How often a piece lies round the whole body. */
function timesRoundBody(piece: Piece): number {
  return piece.cut.on === "single" ? 1 : 2;
}

/** The level at which a line is measured: never above the sewn underarm, where there is no side seam yet. */
function measuringLevel(piece: Piece, line: LineId): Inches | undefined {
  const down = piece.lines.find(({ id }) => id === line)?.down;
  const underarm = piece.edges.find(({ role }) => role === "side")?.stitch.start.y;
  return down === undefined ? undefined : Math.max(down, underarm ?? down);
}

/** The net width of a piece at a depth, measured on its stitching outline. */
function widthAt(piece: Piece, down: Inches): Inches {
  const across = crossAtDepth(piece.outline.stitch, down).map(({ x }) => x);
  return across.length === 0 ? 0 : Math.max(...across) - Math.min(...across);
}

/** The girth of the whole garment at a depth. */
export function girthAtDepth(draft: Draft, down: Inches): Inches {
  return draft.pieces.reduce((sum, piece) => sum + timesRoundBody(piece) * widthAt(piece, down), 0);
}

/** The girth of the whole garment on a line; lines that no piece has measure 0. */
export function girthOn(draft: Draft, line: LineId): Inches {
  return draft.pieces.reduce((sum, piece) => {
    const down = measuringLevel(piece, line);
    return down === undefined ? sum : sum + timesRoundBody(piece) * widthAt(piece, down);
  }, 0);
}

function measureGirth(draft: Draft, plan: GirthPlan, ledger: readonly LedgerRow[]): Girth {
  const declared = ledger
    .filter((row) => row.line === plan.on && row.declared)
    .reduce((sum, row) => sum + 2 * row.difference, 0);
  const marks = draft.pieces.reduce(
    (sum, piece) =>
      sum +
      timesRoundBody(piece) *
        piece.marks.filter(({ line, cut, id }) => line === plan.on && (cut !== null || id.endsWith("/hollow"))).length,
    0,
  );
  return {
    ...plan,
    declared,
    wanted: plan.body + plan.ease + declared,
    drawn: girthOn(draft, plan.on),
    tolerance: (marks * givenStep(draft.given)) / 2,
  };
}

/** Every promised girth measured on the drawn outline (craft: ideas 4): the proof that ease and give-backs were done. */
export function measureGirths(draft: Draft, ledger: readonly LedgerRow[]): readonly Girth[] {
  return draft.girths.map((plan) => measureGirth(draft, plan, ledger));
}

export function findGirthErrors(girths: readonly Girth[]): readonly Finding[] {
  return girths
    .filter((girth) => Math.abs(girth.drawn - girth.wanted) > girth.tolerance + 1e-4)
    .map((girth) => ({
      id: "girth-off",
      level: "error",
      line: girth.on,
      numbers: { drawn: girth.drawn, wanted: girth.wanted, difference: girth.drawn - girth.wanted },
      words: { girth: girth.line },
    }));
}
