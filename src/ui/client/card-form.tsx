"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, type KeyboardEvent, useCallback, useMemo, useRef, useState } from "react";
import {
  asksFor,
  type Figure as FigureOf,
  isSided,
  type MeasurementId,
  measurementIds,
  measurementLabel,
  measurementTaken,
  type Readings,
} from "@/core/body";
import { readAge, readCard } from "@/core/formats";
import type { Unit } from "@/core/length";
import { doubtsByField, standInFor } from "./card-doubts";
import { CardField } from "./card-field";
import { CardKeeping } from "./card-keeping";
import { CardNames } from "./card-names";
import { Figure } from "./figure";
import { MetCard } from "./met-card";
import { type CardTask, useCardKeeper } from "./use-card-keeper";
import { useHands } from "./use-hands";
import { type TypedCard, useKeptCard } from "./use-kept-card";

interface CardFormProps {
  readonly task: CardTask;
  readonly start: TypedCard;
  readonly unit: Unit;
  /** Readings that are asked for first, and what asks for them. */
  readonly asked: readonly MeasurementId[];
  readonly askedBy: string;
  /** The client's last card. */
  readonly before: Readings;
}

/** Where a key leads from a field: Enter and the arrows walk through the readings. */
const WALK: Readonly<Record<string, number>> = { Enter: 1, ArrowDown: 1, ArrowUp: -1 };

function walkFields(event: KeyboardEvent<HTMLFormElement>): void {
  const by = WALK[event.key];
  const field = event.target;
  if (by === undefined || !(field instanceof HTMLInputElement) || event.ctrlKey) return;
  // The arrows change a day.
  if (field.type === "date" && event.key !== "Enter") return;
  const fields = [...event.currentTarget.querySelectorAll<HTMLInputElement>("input.field:not([readonly])")].filter(
    (one) => one.offsetParent !== null,
  );
  event.preventDefault();
  const others = by > 0 ? fields.slice(fields.indexOf(field) + 1) : fields.slice(0, fields.indexOf(field)).reverse();
  others.find(({ type }) => type !== "date")?.focus();
}

function keyOf(task: CardTask): string {
  if (task.kind === "client") return "card-new";
  return task.kind === "card" ? `card-${task.clientId}` : `correction-${task.cardId}`;
}

/** Whose card is written; an age that is none yet is not known. */
function figureOf({ figure: kind = "woman", age = "" }: TypedCard): FigureOf {
  const years = readAge(age);
  return { kind, age: years.ok && years.value !== null ? years.value : undefined };
}

/** A client's card: every reading in any spelling, the tape on the figure, doubts and errors beside their fields. */
export function CardForm({ task, start, unit, asked, askedBy, before }: CardFormProps) {
  const router = useRouter();
  const { typed, change, forget } = useKeptCard(keyOf(task), start);
  const { keeping, keep, keepMine, write, mend } = useCardKeeper(task, typed, forget);
  const [focused, setFocused] = useState<MeasurementId | null>(asked[0] ?? null);
  const figure = figureOf(typed);
  const { kind } = figure;
  const read = useMemo(
    () =>
      readCard(Object.fromEntries(Object.entries(typed.readings).filter(([, text]) => text.trim() !== "")), unit, kind),
    [typed.readings, unit, kind],
  );
  const doubts = doubtsByField(read, before, unit, figure);
  const wanted = asked.filter((id) => asksFor(id, kind));
  // What this figure is not asked for is still there for whoever wrote it.
  const others = measurementIds.filter(
    (id) => !wanted.includes(id) && (asksFor(id, kind) || (typed.readings[id] ?? "") !== ""),
  );
  const errors = keeping.state === "writing" ? keeping.errors : [];
  const errorAt = (field: string) => errors.find((error) => error.field === field)?.message;

  // A field must not be drawn anew for what is typed in another: the newest card is read from here.
  const latest = useRef({ typed, change, mend });
  latest.current = { typed, change, mend };
  const type = useCallback((id: MeasurementId, text: string) => {
    const { typed: card, change: set, mend: mended } = latest.current;
    set({ ...card, readings: { ...card.readings, [id]: text } });
    mended(id);
  }, []);
  const { form, trying } = useHands(errors.length);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    trying();
    keep();
  };
  const press = (event: KeyboardEvent<HTMLFormElement>) => {
    if (event.key === "Enter" && (event.ctrlKey || event.metaKey)) event.currentTarget.requestSubmit();
    else walkFields(event);
  };
  const field = (id: MeasurementId) => (
    <CardField
      key={id}
      id={id}
      unit={unit}
      figure={kind}
      typed={typed.readings[id] ?? ""}
      understood={read.readings[id]}
      before={before[id]}
      error={errorAt(id)}
      unreadBecause={read.errors.find(({ path }) => path.endsWith(`.${id}`))?.message}
      doubt={doubts[id]}
      standIn={typed.readings[id] ? undefined : standInFor(id, read.readings, unit, kind)}
      onType={type}
      onFocus={setFocused}
    />
  );
  const said =
    focused === null
      ? "A figure, front and back"
      : `${measurementLabel(focused, kind)}: ${measurementTaken(focused, kind)}`;

  return (
    <form
      ref={form}
      onSubmit={submit}
      onKeyDown={press}
      noValidate
      className="mx-auto max-w-7xl p-3 lg:grid lg:grid-cols-[340px_1fr] lg:gap-4"
    >
      <aside className="slip fold-edge sticky top-0 z-20 flex items-center gap-3 p-3 lg:top-3 lg:block lg:self-start">
        <div className="h-36 w-28 shrink-0 lg:h-[min(56dvh,460px)] lg:w-full">
          <Figure reading={focused} said={said} kind={kind} />
        </div>
        <p aria-live="polite" className="lg:pt-2 lg:text-center">
          <strong className="block text-lg">{focused !== null && measurementLabel(focused, kind)}</strong>
          <span className="text-ink-soft">{focused !== null && measurementTaken(focused, kind)}</span>
          {focused !== null && isSided(focused) && (
            <span className="block pt-1 text-sm text-ink-soft">Left and right differ? Write both: L 17 R 16 1/2</span>
          )}
        </p>
      </aside>
      <div className="mt-3 space-y-3 lg:mt-0">
        {keeping.state === "met" && (
          <MetCard
            theirs={keeping.theirs}
            mine={typed}
            correcting={task.kind === "correction"}
            onKeepMine={() => keepMine(keeping.theirs)}
            onTakeTheirs={() => {
              forget();
              router.push(`/clients/${keeping.theirs.clientId}`);
            }}
          />
        )}
        <CardNames typed={typed} change={change} known={task.kind !== "client"} errorAt={errorAt} />
        <fieldset className="slip p-4">
          <legend className="sr-only">{askedBy}</legend>
          <h2 className="pb-2 text-lg">{askedBy}</h2>
          <div className="grid gap-x-6 gap-y-2 md:grid-cols-2">{wanted.map(field)}</div>
        </fieldset>
        <details
          className="slip p-4"
          open={others.some((id) => (typed.readings[id] ?? "") !== "" || errorAt(id) !== undefined)}
        >
          <summary className="min-h-12 content-center font-head text-lg font-semibold">More readings</summary>
          <div className="grid gap-x-6 gap-y-2 pt-2 md:grid-cols-2">{others.map(field)}</div>
        </details>
        <CardKeeping keeping={keeping} typed={typed} onStop={write} />
      </div>
    </form>
  );
}
