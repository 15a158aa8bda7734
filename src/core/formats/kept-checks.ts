import type { CutSheet } from "./cut-sheet";
import type { KeptChecks, Waiver } from "./waiver";

/** The sheet with what was read on its chalk, and the waivers, as it is frozen. */
export function withChecks(sheet: CutSheet, checks: KeptChecks, done: readonly string[]): CutSheet {
  return {
    ...sheet,
    steps: sheet.steps.map((step) => {
      const kept = checks[step.id];
      if (step.lengths === undefined || kept === undefined) return step;
      const state = kept.waiver !== undefined ? "waived" : done.includes(step.id) ? "passed" : "open";
      return {
        ...step,
        state,
        ...(kept.waiver === undefined ? {} : { waiver: kept.waiver }),
        lengths: step.lengths.map((length) => {
          const read = kept.read[length.id]?.value ?? null;
          const agrees = read !== null && Math.abs(read - length.expected) <= length.tolerance + 1e-9;
          return {
            ...length,
            read,
            state: read === null ? ("open" as const) : agrees ? ("agrees" as const) : ("missed" as const),
          };
        }),
      };
    }),
  };
}

/** Who let which group be cut although its chalk was not proven: from the sheet as it was frozen, or as it is kept now. */
export function waiversOf(
  sheet: CutSheet,
  checks: KeptChecks,
): readonly { readonly group: string; readonly waiver: Waiver }[] {
  return sheet.steps.flatMap(({ id, group, waiver: frozen }) => {
    const waiver = frozen ?? checks[id]?.waiver;
    return waiver === undefined ? [] : [{ group, waiver }];
  });
}
