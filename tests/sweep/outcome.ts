import type { Refusal } from "../../src/core/chalk";
import { checkDraft, type FindingId } from "../../src/core/checks";
import { orderSteps, planFolds, usableWidth } from "../../src/core/cloth";
import { draftOrder, type ReadOrder, readOrder } from "../../src/core/formats";
import { layTable } from "../../src/core/table";
import { type Fault, judge, type Seen, tellsWidth } from "../judge";

/** What became of an order: drawn, with what is wrong with it; refused; unreadable; or it threw. */
export type Outcome =
  | { readonly kind: "drawn"; readonly faults: readonly Fault[]; readonly seen: Seen }
  | { readonly kind: "refused"; readonly refusals: readonly Refusal[]; readonly read: ReadOrder }
  | { readonly kind: "unread"; readonly said: string }
  | { readonly kind: "threw"; readonly said: string };

/** Errors that say the truth about a sound draft: it cannot be put on, or the cloth does not do. */
const TRUE_ERRORS: ReadonlySet<FindingId> = new Set([
  "head-does-not-pass",
  "body-does-not-pass",
  "flare-narrow",
  "cloth-too-narrow",
  "cloth-too-short",
]);

function look(read: ReadOrder): Outcome {
  const drawn = draftOrder(read);
  if (!drawn.ok) return { kind: "refused", refusals: drawn.issues, read };
  const draft = drawn.value.full;
  const report = checkDraft(draft);
  const groups = planFolds(draft, read.fold, read.way);
  if (!groups.ok) return { kind: "refused", refusals: groups.issues, read };
  const { steps, placements } = layTable(draft, orderSteps(draft, groups.value, usableWidth(read.cloths.main)));
  const seen: Seen = { read, draft, report, groups: groups.value, steps, placements };
  const errors = report.findings
    .filter(({ id, level }) => level === "error" && !TRUE_ERRORS.has(id))
    // A width and a cap that were both told are drawn; their ease is said, with what cures it.
    .filter(({ id }) => id !== "cap-ease" || !tellsWidth({ read }))
    .map(({ id, piece, line, edge, numbers }) => ({
      kind: `error ${id}`,
      said: [piece, line, edge, JSON.stringify(numbers)].filter(Boolean).join(" "),
    }));
  return { kind: "drawn", faults: [...errors, ...judge(seen)], seen };
}

/** Draws, proves, folds and orders; never throws. */
export function outcomeOf(order: unknown): Outcome {
  try {
    const read = readOrder(order);
    if (!read.ok)
      return { kind: "unread", said: read.issues.map(({ path, message }) => `${path}: ${message}`).join("; ") };
    return look(read.value);
  } catch (thrown) {
    return {
      kind: "threw",
      said:
        thrown instanceof Error ? `${thrown.message} ${thrown.stack?.split("\n")[2]?.trim() ?? ""}` : String(thrown),
    };
  }
}

/** The classes of what is wrong with an order; empty when it is drawn soundly or refused. */
export function signatures(outcome: Outcome): readonly string[] {
  if (outcome.kind === "threw") return [`threw ${outcome.said.replace(/[\d.]+/g, "#").slice(0, 90)}`];
  if (outcome.kind === "unread") return [`unread ${outcome.said.slice(0, 60)}`];
  return outcome.kind === "drawn" ? [...new Set(outcome.faults.map(({ kind }) => kind))] : [];
}
