import {
  addTerms,
  type DeclaredCode,
  type Draft,
  type LineId,
  type Piece,
  type TakeOut,
  type TakeOutCode,
  type TermCode,
} from "../chalk";
import type { Inches } from "../length";
import type { Finding } from "./finding";

/** One line of the ledger: what was taken out there, what was given back, and whether the rest was said openly. */
export interface LedgerRow {
  readonly piece: string;
  readonly line: LineId;
  readonly removed: Inches;
  readonly givenBack: Inches;
  readonly difference: Inches;
  readonly why: TakeOutCode | DeclaredCode | TermCode;
  /** A figure note's own words. */
  readonly said?: string;
  readonly declared: boolean;
  /** Shown in the ledger alone, with no finding: a style that was chosen, or what a side gives back by its own run. */
  readonly quiet: boolean;
  /** A figure note: what this body asks for, and nothing that was taken out. */
  readonly note: boolean;
}

/** Less than this is rounding, not cloth. */
const BALANCED: Inches = 1 / 64;

function givenBackOn(piece: Piece, line: LineId, takeOut: string): Inches {
  return piece.marks
    .filter(({ id }) => id === `${line}/side`)
    .reduce((sum, mark) => sum + addTerms(mark.terms.filter((term) => term.source === `take-out:${takeOut}`)), 0);
}

/** Only where a side is chalked by a girth is anything given back: a line without a side mark promises no width, nor does the hem. */
function isChalked(piece: Piece, line: LineId): boolean {
  return line !== "hem" && piece.marks.some(({ id }) => id === `${line}/side`);
}

/** Lines that a take-out concerns: those it crosses, and those where something is given back for it all the same. */
function concerned({ removes, declared }: TakeOut): TakeOut["removes"] {
  const more = declared.filter(({ line }) => !removes.some((row) => row.line === line));
  return [...removes, ...more.map(({ line }) => ({ line, amount: 0 }))];
}

function takeOutRows(piece: Piece): readonly LedgerRow[] {
  return piece.takeOuts.flatMap((takeOut) =>
    concerned(takeOut).flatMap(({ line, amount }) => {
      const chalked = isChalked(piece, line);
      const declared = takeOut.declared.find((row) => row.line === line);
      if (!chalked && declared === undefined) return [];
      const givenBack = chalked ? givenBackOn(piece, line, takeOut.id) : amount + (declared?.amount ?? 0);
      return [
        {
          piece: piece.id,
          line,
          removed: amount,
          givenBack,
          difference: givenBack - amount,
          why: declared?.why ?? takeOut.why,
          declared: declared !== undefined,
          quiet: !chalked,
          note: false,
        },
      ];
    }),
  );
}

/** Figure notes, and styles that make a line larger or smaller than its body reading and ease: said openly. */
function declaredRows(piece: Piece): readonly LedgerRow[] {
  return piece.marks.flatMap((mark) =>
    mark.terms
      .filter((term) => term.kind === "figure-note" || term.source.startsWith("declared:"))
      .map((term) => ({
        piece: piece.id,
        line: mark.id.split("/")[0] as LineId,
        removed: 0,
        givenBack: 0,
        difference: term.value,
        why: term.code,
        ...(term.about?.words === undefined ? {} : { said: term.about.words }),
        declared: true,
        quiet: term.kind !== "figure-note",
        note: term.kind === "figure-note",
      })),
  );
}

/** What is taken out is given back: the balance of every guide line that a take-out crosses, and every figure note (craft: ideas 3). */
export function keepLedger(draft: Draft): readonly LedgerRow[] {
  return draft.pieces.flatMap((piece) => [...takeOutRows(piece), ...declaredRows(piece)]);
}

export function findLedgerErrors(rows: readonly LedgerRow[]): readonly Finding[] {
  return rows.flatMap((row): readonly Finding[] => {
    const base = {
      piece: row.piece,
      line: row.line,
      numbers: { removed: row.removed, givenBack: row.givenBack, difference: row.difference },
      words: { why: row.why, said: row.said ?? "" },
    };
    if (Math.abs(row.difference) < BALANCED || row.quiet) return [];
    if (!row.declared) return [{ ...base, id: "take-out-not-given-back", level: "error" }];
    if (row.note) return [{ ...base, id: "figure-note-applied", level: "note" }];
    return row.difference < 0
      ? [{ ...base, id: "not-given-back-by-rule", level: "note" }]
      : [{ ...base, id: "given-back-whole", level: "caution" }];
  });
}
