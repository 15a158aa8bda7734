"use client";

import { useRouter } from "next/navigation";
import { isMeasurementId, measurements } from "@/core/body";
import type { Unit } from "@/core/length";
import { formatLengthWithUnit } from "@/core/length";
import { type CarrierId, carrierIds, type FittingAnswer, KEPT_IN_SEAM, type SeamRoom } from "@/core/making";
import { isRuleId, ruleDefinition } from "@/core/rules";
import { nameCarrier, nameSeen, sayDate, sayFittingSide, sayNext, sayNow } from "@/core/wording";
import type { StoredFitted } from "@/db";
import { doneFitted, dropFitted, noteFitted } from "@/server/fitting-actions";
import { Fractions } from "@/ui/reading/fractions";
import { AskButton } from "@/ui/shell/ask-button";
import { SeenForm } from "./seen-form";

function nameOf(kind: "rule" | "reading", id: string): string {
  if (kind === "reading") return isMeasurementId(id) ? measurements[id].label : id;
  return isRuleId(id) ? ruleDefinition(id).label : id;
}

interface EntryProps {
  readonly orderId: string;
  readonly unit: Unit;
  readonly entry: StoredFitted;
  readonly answer: FittingAnswer;
}

/** One thing that was seen, with what is done about it now and what it changes the next time. */
function Entry({ orderId, unit, entry, answer }: EntryProps) {
  const router = useRouter();
  const refresh = () => router.refresh();
  const { id, on, seen, inches, side, pinned, by, done } = entry;
  return (
    <li
      className={`border-b border-line p-4 ${answer.short > 0 ? "border-l-8 border-l-wrong" : "border-l-8 border-l-cloth"}`}
    >
      <h3 className="text-lg">
        {nameSeen(seen)}:{" "}
        <strong>
          <Fractions text={formatLengthWithUnit(inches, unit)} />
        </strong>
        {done && <span className="text-ink-soft"> · sewn</span>}
      </h3>
      <p className="text-sm text-ink-soft">
        {sayDate(on)} · {sayFittingSide(side)} · {pinned ? "pinned" : "guessed"}
        {by === "" ? "" : ` · seen by ${by}`}
      </p>
      <p className={`mt-2 text-lg ${answer.short > 0 ? "font-semibold text-wrong" : ""}`}>
        <Fractions text={sayNow(answer, unit)} />
      </p>
      <p className="mt-1 text-ink-soft">
        <Fractions text={`Next time: ${sayNext(answer, unit, nameOf)}.`} />
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        <AskButton className="button" act={() => doneFitted(orderId, id, !done)} onDone={refresh}>
          {done ? "Not sewn after all" : "It is sewn"}
        </AskButton>
        {answer.next.kind === "note" && answer.next.line !== "hem" && (
          <AskButton className="button" act={() => noteFitted(orderId, id)} onDone={refresh}>
            Keep as a figure note
          </AskButton>
        )}
        <AskButton className="button" act={() => dropFitted(orderId, id)} onDone={refresh}>
          Take it out
        </AskButton>
      </div>
    </li>
  );
}

/** What is left in every seam after all that was seen. */
function SeamsLeft({ left, unit }: { readonly left: SeamRoom; readonly unit: Unit }) {
  const rows = carrierIds.flatMap((id: CarrierId) => {
    const inches = left[id];
    return inches === undefined ? [] : [{ id, inches }];
  });
  return (
    <section className="slip p-4" aria-label="What is left in the seams">
      <h2 className="text-xl">Left in the seams</h2>
      <ul className="mt-2 grid grid-cols-2 gap-x-6 sm:grid-cols-3">
        {rows.map(({ id, inches }) => (
          <li key={id} className="flex items-baseline justify-between border-b border-card-deep py-1">
            <span>{nameCarrier(id)}</span>
            <strong className={`text-xl ${inches <= KEPT_IN_SEAM + 1e-9 ? "text-wrong" : ""}`}>
              <Fractions text={formatLengthWithUnit(inches, unit)} />
            </strong>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-sm text-ink-soft">
        <Fractions text={`Letting out leaves ${formatLengthWithUnit(KEPT_IN_SEAM, unit)} at least.`} />
      </p>
    </section>
  );
}

interface FittingViewProps {
  readonly orderId: string;
  readonly unit: Unit;
  readonly entries: readonly StoredFitted[];
  /** What is done about each, in the same order. */
  readonly answers: readonly FittingAnswer[];
  readonly left: SeamRoom;
}

/** A fitting: what is seen, written down beside the figure; what each asks of the seams, one after the other. */
export function FittingView({ orderId, unit, entries, answers, left }: FittingViewProps) {
  return (
    <div className="grid gap-3 p-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <div className="space-y-3">
        <SeenForm orderId={orderId} unit={unit} />
        <SeamsLeft left={left} unit={unit} />
      </div>
      <section className="slip self-start overflow-hidden" aria-label="What was seen">
        <h2 className="bg-cloth px-4 py-2 text-xl text-chalk">What was seen</h2>
        {entries.length === 0 ? (
          <p className="p-4 text-lg text-ink-soft">
            Nothing is written down yet. Pin first, then say where, what and how much: Inner Fold says which seam gives
            it.
          </p>
        ) : (
          <ol>
            {entries.map((entry, index) => {
              const answer = answers[index];
              return answer === undefined ? null : (
                <Entry key={entry.id} orderId={orderId} unit={unit} entry={entry} answer={answer} />
              );
            })}
          </ol>
        )}
      </section>
    </div>
  );
}
