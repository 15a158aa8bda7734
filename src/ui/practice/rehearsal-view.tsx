"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { useState } from "react";
import type { StoredAnswer } from "@/db";
import type { LoadedRehearsal } from "@/server/practice";
import { removeRehearsal } from "@/server/practice-actions";
import { AskButton } from "@/ui/shell/ask-button";
import { BlindCloth } from "./blind-cloth";
import { PracticeCheck } from "./practice-check";
import { QuestionSlip } from "./question-slip";

/** A longer pause than this was no practice, in milliseconds. */
const PAUSE = 10 * 60_000;

/** How long the answers took, pauses left out: in minutes. */
function minutesOf(answers: Readonly<Record<string, StoredAnswer>>, startedAt: string): number {
  const moments = [Date.parse(startedAt), ...Object.values(answers).map(({ at }) => at)].sort((a, b) => a - b);
  const gaps = moments.slice(1).map((at, index) => at - (moments[index] ?? at));
  return gaps.filter((gap) => gap <= PAUSE).reduce((sum, gap) => sum + gap, 0) / 60_000;
}

/** One rehearsal: number after number with its sum hidden, then the chalk measured by the learner and by the master. */
export function RehearsalView({ rehearsal, sheet, questions, lengths }: LoadedRehearsal) {
  const router = useRouter();
  const [answers, setAnswers] = useState(rehearsal.answers);
  const isDone = (id: string) => (answers[id]?.state ?? "open") !== "open";
  const open = questions.findIndex(({ id }) => !isDone(id));
  const [at, setAt] = useState(open === -1 ? questions.length : open);
  const question = questions[at];
  const step = sheet.steps.find(({ id }) => id === question?.step);
  const right = Object.values(answers).filter(({ state }) => state === "right").length;
  const done = questions.filter(({ id }) => isDone(id)).length;
  const half = sheet.resolved.choices.scale === "0.5";
  return (
    <div className="on-cloth flex min-h-dvh flex-col bg-cloth-deep text-chalk lg:h-dvh">
      <header className="flex flex-wrap items-center gap-x-4 px-3">
        <Link href="/practice" className="flex min-h-12 items-center underline underline-offset-4" prefetch={false}>
          Practice
        </Link>
        <h1 className="flex-1 text-lg">
          {rehearsal.person}: {rehearsal.title}
        </h1>
        <p role="status">
          {done} of {questions.length} · {right} right
        </p>
      </header>
      <div className="mx-3 h-1.5 overflow-hidden rounded-full bg-cloth-under" aria-hidden="true">
        <div
          className="slides h-full rounded-full bg-lantern"
          style={{ width: `${(done / Math.max(1, questions.length)) * 100}%` }}
        />
      </div>
      {question !== undefined && step !== undefined ? (
        <main className="flex min-h-0 flex-1 flex-col gap-3 p-3 lg:flex-row">
          <div className="h-[34dvh] shrink-0 rounded-lg bg-table p-2 text-ink lg:h-auto lg:flex-1">
            <BlindCloth sheet={sheet} step={step} />
          </div>
          <section
            className="slip overflow-y-auto p-4 text-ink lg:w-[520px]"
            aria-label="The number asked"
            // biome-ignore lint/a11y/noNoninteractiveTabindex: a long slip scrolls in itself, so it must be reachable by keyboard
            tabIndex={0}
          >
            <QuestionSlip
              key={question.id}
              rehearsalId={rehearsal.id}
              sheet={sheet}
              step={step}
              question={question}
              half={half}
              start={answers[question.id]}
              onAnswered={(answer) => setAnswers((before) => ({ ...before, [question.id]: answer }))}
              onNext={() => setAt(at + 1)}
              onBack={at === 0 ? null : () => setAt(at - 1)}
            />
          </section>
        </main>
      ) : (
        <main className="mx-auto w-full max-w-3xl flex-1 overflow-y-auto p-3">
          <section className="slip space-y-4 p-4 text-ink" aria-label="The chalk, measured">
            <h2 className="text-2xl">
              {right} of {questions.length} right
              {rehearsal.timed && `, in ${Math.max(1, Math.round(minutesOf(answers, rehearsal.startedAt)))} min`}
            </h2>
            <PracticeCheck rehearsal={rehearsal} sheet={sheet} lengths={lengths} />
            <div className="flex flex-wrap gap-3">
              <button type="button" className="button" onClick={() => setAt(0)}>
                Look at the sums again
              </button>
              <AskButton
                act={() => removeRehearsal(rehearsal.id)}
                onDone={() => router.push("/practice")}
                className="button"
              >
                Take this rehearsal away
              </AskButton>
            </div>
          </section>
        </main>
      )}
    </div>
  );
}
