import type { Draft } from "../chalk";
import type { Inches } from "../length";
import type { Finding } from "./finding";
import { findGirthErrors, type Girth, measureGirths } from "./girths";
import { findLedgerErrors, keepLedger, type LedgerRow } from "./ledger";
import { findOutlineErrors } from "./outline";
import { findPanelOverlaps } from "./panels";
import { findReadingProblems } from "./readings";
import { findSeamErrors, type Seam, walkSeams } from "./seams";
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

/** Checks a draft that was drawn: ledger, girths, seams, outlines, wearing, readings. */
export function checkDraft(draft: Draft): Report {
  const ledger = keepLedger(draft);
  const girths = measureGirths(draft, ledger);
  const seams = walkSeams(draft);
  const findings = [
    ...findLedgerErrors(ledger),
    ...findGirthErrors(girths),
    ...findSeamErrors(seams),
    ...findOutlineErrors(draft),
    ...findPanelOverlaps(draft),
    ...findWearingProblems(draft),
    ...draft.remarks.map(({ id, piece, numbers }): Finding => ({ id, level: "note", piece, numbers })),
    ...findReadingProblems(draft),
  ];
  return { ledger, girths, seams, neckRound: neckRound(draft), armholeRound: armholeRound(draft), findings };
}
