import { type FormEvent, useState } from "react";
import { isMeasurementId, measurementLabel } from "@/core/body";
import { type CutSheet, type SheetStep, sheetTick, tellTerms } from "@/core/formats";
import { formatLength } from "@/core/length";
import { nameLine, namePiece, sayOnTape } from "@/core/wording";
import type { StoredAnswer } from "@/db";
import type { AskedQuestion } from "@/server/practice";
import { answerRehearsal } from "@/server/practice-actions";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { sayDirection } from "@/ui/reading/say-direction";
import { askShop } from "@/ui/shell/ask-shop";
import { Refused } from "@/ui/shell/refused";

interface QuestionSlipProps {
  readonly rehearsalId: string;
  readonly sheet: CutSheet;
  readonly step: SheetStep;
  readonly question: AskedQuestion;
  /** Whether everything is chalked at half its size. */
  readonly half: boolean;
  readonly start: StoredAnswer | undefined;
  readonly onAnswered: (answer: StoredAnswer) => void;
  readonly onNext: () => void;
  /** Null at the first number. */
  readonly onBack: (() => void) | null;
}

/** Where the tape lies for a number: the line, from where, which way. */
function whereOf(step: SheetStep): string {
  const on = step.line === null ? "" : `on the ${nameLine(step.line)}`;
  return [sayDirection(step), on].filter(Boolean).join(", ");
}

/** What it adds up from: names while it is asked, numbers once it is said. */
function Terms({
  sheet,
  question,
  shown,
}: Pick<QuestionSlipProps, "sheet" | "question"> & { readonly shown: boolean }) {
  if (!shown)
    return (
      <ul className="flex flex-wrap gap-2" aria-label="What it adds up from">
        {question.names.map((name) => (
          <li key={name} className="rounded-md border border-dashed border-line px-3 py-1">
            {name}
          </li>
        ))}
      </ul>
    );
  return (
    <ul className="space-y-1 text-lg" aria-label="The sum">
      {tellTerms(question.terms, question.answer, sheet.unit).map((term) => (
        <li key={`${term.source} ${term.label}`} className="flex gap-3">
          <strong className="w-20 text-right">
            {term.value < 0 ? "" : "+ "}
            <Reading value={term.value} unit={sheet.unit} />
          </strong>
          <Fractions text={term.label} />
        </li>
      ))}
    </ul>
  );
}

/** What the client decided for this number: it stands on no card and in no rule, so it is told, at full size. */
function AsOrdered({ sheet, question, half }: Pick<QuestionSlipProps, "sheet" | "question" | "half">) {
  const told = question.terms.filter(({ source, value }) => source.startsWith("choice:") && value !== 0);
  if (told.length === 0) return null;
  return (
    <p>
      As ordered:{" "}
      {told.map(({ source, label, value }) => (
        <span key={source} className="pr-3">
          {label.toLowerCase()}{" "}
          <strong>
            <Reading value={Math.abs(value) * (half ? 2 : 1)} unit={sheet.unit} />
          </strong>
        </span>
      ))}
    </p>
  );
}

/** The readings of the card that a sum may need; at half scale they are still the client's. */
function CardOf({ sheet }: Pick<QuestionSlipProps, "sheet">) {
  return (
    <details className="border-t border-card-deep pt-2" open>
      <summary className="min-h-12 content-center font-semibold">The card</summary>
      <ul className="grid grid-cols-2 gap-x-4">
        {sheet.resolved.measurements.map(({ id, value }) => (
          <li key={id} className="flex justify-between gap-2 border-b border-card-deep py-1">
            <span>{isMeasurementId(id) ? measurementLabel(id, sheet.order.client?.card?.figure ?? "woman") : id}</span>
            <strong>
              <Reading value={value} unit={sheet.unit} />
            </strong>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** One number: asked with its sum hidden, said, and opened with its reason when it is right or was wrong twice. */
export function QuestionSlip(props: QuestionSlipProps) {
  const { rehearsalId, sheet, step, question, half, start, onAnswered, onNext, onBack } = props;
  const [typed, setTyped] = useState("");
  const [answer, setAnswer] = useState(start);
  const [wrong, setWrong] = useState<string | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const state = answer?.state ?? "open";
  const say = async (event: FormEvent) => {
    event.preventDefault();
    const result = await askShop(() => answerRehearsal(rehearsalId, question.id, typed));
    setRefused(result.said);
    if (result.value === null) return;
    setWrong(result.value.said);
    setAnswer(result.value.answer);
    onAnswered(result.value.answer);
    setTyped("");
  };
  return (
    <div className="space-y-4">
      <div>
        <p className="text-ink-soft first-letter:uppercase">{namePiece(step.piece)}</p>
        <h2 className="text-2xl">
          {step.title}
          {question.part === "cut" && ": where is it cut?"}
        </h2>
        <p className="text-lg font-semibold text-next-deep first-letter:uppercase">{whereOf(step)}</p>
      </div>
      {question.part === "cut" && (
        <p>
          Net it is{" "}
          <strong>
            <Fractions text={formatLength(question.net, sheet.unit)} />
          </strong>
          .
        </p>
      )}
      <Terms sheet={sheet} question={question} shown={state !== "open"} />
      {state === "open" && <AsOrdered sheet={sheet} question={question} half={half} />}
      {state === "open" ? (
        <form onSubmit={say} noValidate className="space-y-2">
          <div className="flex items-end gap-3">
            <label className="block w-44 shrink-0">
              <span className="block whitespace-nowrap pb-1 font-semibold">
                {half ? "The number, halved for the scrap" : "The number"}
              </span>
              <input
                className="field text-2xl"
                value={typed}
                inputMode="text"
                autoComplete="off"
                // biome-ignore lint/a11y/noAutofocus: the one field of a screen that comes after Enter on the last
                autoFocus
                onChange={(event) => setTyped(event.target.value)}
              />
            </label>
            <button type="submit" className="button button-next whitespace-nowrap">
              That is it
            </button>
          </div>
          <Refused said={refused} />
          {wrong !== null && (
            <p role="alert" className="text-lg font-semibold text-wrong">
              {wrong} Once more.
            </p>
          )}
        </form>
      ) : (
        <div className="space-y-3">
          <p role="status" className="text-2xl font-semibold">
            {state === "right" ? "Right: " : "It is "}
            <Fractions text={sayOnTape(question.answer, sheet.unit, sheetTick(sheet))} />
            {state === "opened" && wrong !== null && (
              <span className="block text-lg font-normal text-wrong">{wrong}</span>
            )}
          </p>
          {question.reasons.map((reason) => (
            <p key={reason} className="text-ink-soft">
              {reason}
            </p>
          ))}
          <button
            type="button"
            className="button button-next min-h-16 w-full text-xl"
            // biome-ignore lint/a11y/noAutofocus: Enter goes on, as it said the number
            autoFocus
            onClick={onNext}
          >
            Next
          </button>
        </div>
      )}
      {onBack !== null && (
        <button type="button" className="button" onClick={onBack}>
          The one before
        </button>
      )}
      <CardOf sheet={sheet} />
    </div>
  );
}
