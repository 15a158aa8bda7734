import type { Draft, Remark } from "../chalk";
import type { Inches } from "../length";
import { findFigureMatters } from "./figure";
import type { Finding } from "./finding";
import { findGirthErrors, type Girth, measureGirths } from "./girths";
import { findLateProblems } from "./late";
import { findLedgerErrors, keepLedger, type LedgerRow } from "./ledger";
import { findOutlineErrors } from "./outline";
import { findPanelOverlaps } from "./panels";
import { findReadingProblems } from "./readings";
import { findJoinRatios, findSeamErrors, type Seam, walkSeams } from "./seams";
import { findShapeProblems } from "./shape";
import { findSkirtProblems } from "./skirt";
import { armholeRound, findWearingProblems, neckRound } from "./wearing";

/** The proof of a draft: measured on what was drawn, never on what was meant. */
export interface Report {
  readonly ledger: readonly LedgerRow[];
  readonly girths: readonly Girth[];
  readonly seams: readonly Seam[];
  readonly neckRound: Inches;
  readonly armholeRound: Inches;
  readonly findings: readonly Finding[];
}

/** What was drawn otherwise than the tailor asked is looked at first; the rest is good to know. */
const LOOKED_AT: ReadonlySet<Remark["id"]> = new Set([
  "ribs-line-moved",
  "panel-point-moved",
  "cup-lift-lowered",
  "take-out-end-lowered",
  "side-too-hollow",
  "many-darts",
  "waist-over-hip",
  "hip-break",
  "ring-pieced",
  "ring-in-more",
  "ruche-turns-far",
  "cords",
  "dart-tip-raised",
  "notch-off-centre",
  "underarm-tight",
  "cap-ratio",
  "strips-turn-too-far",
  "tie-slit",
  "hand-does-not-pass",
  "sleeve-narrow",
  "sleeve-narrow-uncured",
  "sleeve-told-narrow",
  "collar-chokes",
  "collar-stands-off",
  "outer-edge-short",
  "pocket-side-narrow",
]);

function remarkLevel(id: Remark["id"]): Finding["level"] {
  return LOOKED_AT.has(id) ? "caution" : "note";
}

/** Checks a draft that was drawn: ledger, girths, seams, outlines, wearing, readings. */
export function checkDraft(draft: Draft): Report {
  const ledger = keepLedger(draft);
  const girths = measureGirths(draft, ledger);
  const seams = walkSeams(draft);
  const findings = [
    ...findLedgerErrors(ledger),
    ...findGirthErrors(girths),
    ...findSeamErrors(seams),
    ...findJoinRatios(seams),
    ...findOutlineErrors(draft),
    ...findPanelOverlaps(draft),
    ...findShapeProblems(draft),
    ...findWearingProblems(draft),
    ...findSkirtProblems(draft),
    ...findLateProblems(draft),
    ...draft.remarks.map((remark): Finding => ({ ...remark, level: remarkLevel(remark.id) })),
    ...findReadingProblems(draft),
    ...findFigureMatters(draft),
  ];
  return { ledger, girths, seams, neckRound: neckRound(draft), armholeRound: armholeRound(draft), findings };
}
