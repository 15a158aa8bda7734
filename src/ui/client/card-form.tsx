"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useEffect, useMemo, useState } from "react";
import { estimateReading, findDoubts, type MeasurementId, measurementIds, type Readings } from "@/core/body";
import { readCard } from "@/core/formats";
import { formatLengthWithUnit, type Unit } from "@/core/length";
import { wordFinding } from "@/core/wording";
import { saveCard, saveClient } from "@/server/actions";
import type { FieldError } from "@/server/result";
import { CardField } from "./card-field";

interface CardFormProps {
  /** Null for a new client. */
  readonly clientId: string | null;
  readonly name: string;
  readonly today: string;
  readonly unit: Unit;
  /** Readings that the garments ask for first. */
  readonly asked: readonly MeasurementId[];
  readonly before: Readings;
}

interface Typed {
  readonly name: string;
  readonly takenOn: string;
  readonly readings: Readonly<Record<string, string>>;
}

/** What is typed stays in the browser until the shop has it: a reload or a lost server loses nothing. */
function useKeptDraft(key: string, empty: Typed) {
  const [typed, setTyped] = useState(empty);
  useEffect(() => {
    const stored = window.localStorage.getItem(key);
    if (stored === null) return;
    try {
      setTyped(JSON.parse(stored) as Typed);
    } catch {
      window.localStorage.removeItem(key);
    }
  }, [key]);
  const change = (next: Typed) => {
    setTyped(next);
    window.localStorage.setItem(key, JSON.stringify(next));
  };
  return { typed, change, forget: () => window.localStorage.removeItem(key) };
}

/** The doubt that belongs beside each field, in words. */
function doubtsByField(
  readings: Readings,
  before: Readings,
  unit: Unit,
): Readonly<Partial<Record<MeasurementId, string>>> {
  return Object.fromEntries(
    findDoubts(readings, before).map((doubt) => {
      const finding = {
        id: "reading-doubtful",
        level: "caution",
        measurement: doubt.measurement,
        doubt: doubt.code,
        numbers: { value: doubt.value, against: doubt.against[0]?.value ?? 0 },
      } as const;
      const { text, remedy } = wordFinding(finding, unit);
      return [doubt.measurement, `${text} ${remedy}`];
    }),
  );
}

/** What the draft would use for a reading that was not taken; never silently. */
function standInFor(id: MeasurementId, readings: Readings, unit: Unit): string | undefined {
  const estimate = estimateReading(id, readings);
  return estimate === undefined
    ? undefined
    : `Not taken? Then ${formatLengthWithUnit(estimate.value, unit)} is used: ${estimate.rule}.`;
}

/** A client's card: every reading in any spelling, doubts and errors beside their fields. */
export function CardForm({ clientId, name, today, unit, asked, before }: CardFormProps) {
  const router = useRouter();
  const { typed, change, forget } = useKeptDraft(`card-${clientId ?? "new"}`, { name, takenOn: today, readings: {} });
  const [errors, setErrors] = useState<readonly FieldError[]>([]);
  const [saving, setSaving] = useState(false);
  const read = useMemo(
    () => readCard(Object.fromEntries(Object.entries(typed.readings).filter(([, text]) => text.trim() !== "")), unit),
    [typed.readings, unit],
  );
  const doubts = doubtsByField(read.readings, before, unit);
  const others = measurementIds.filter((id) => !asked.includes(id));
  const errorAt = (field: string) => errors.find((error) => error.field === field)?.message;

  const save = async (event: FormEvent) => {
    event.preventDefault();
    setSaving(true);
    try {
      const result = clientId === null ? await saveClient(typed) : await saveCard(clientId, typed);
      setErrors(result.ok ? [] : result.errors);
      if (result.ok) {
        forget();
        router.push(`/clients/${result.value.clientId}`);
      }
    } catch {
      setErrors([
        {
          field: "",
          message: "The shop's computer does not answer. What you typed stays here; save again in a moment.",
        },
      ]);
    } finally {
      setSaving(false);
    }
  };

  const field = (id: MeasurementId) => (
    <CardField
      key={id}
      id={id}
      unit={unit}
      typed={typed.readings[id] ?? ""}
      understood={read.readings[id]}
      error={errorAt(id)}
      doubt={doubts[id]}
      standIn={typed.readings[id] ? undefined : standInFor(id, read.readings, unit)}
      onType={(text) => {
        change({ ...typed, readings: { ...typed.readings, [id]: text } });
        setErrors((old) => old.filter((error) => error.field !== id));
      }}
    />
  );

  return (
    <form onSubmit={save} noValidate className="mx-auto max-w-5xl space-y-4 p-4">
      <div className="slip grid gap-4 p-4 sm:grid-cols-2">
        <label className="block">
          <span className="font-semibold">Name</span>
          <input
            className="field"
            value={typed.name}
            readOnly={clientId !== null}
            autoComplete="off"
            aria-invalid={errorAt("name") !== undefined}
            onChange={(event) => change({ ...typed, name: event.target.value })}
          />
          {errorAt("name") !== undefined && <span className="font-semibold text-wrong">{errorAt("name")}</span>}
        </label>
        <label className="block">
          <span className="font-semibold">Taken on</span>
          <input
            className="field"
            type="date"
            value={typed.takenOn}
            aria-invalid={errorAt("takenOn") !== undefined}
            onChange={(event) => change({ ...typed, takenOn: event.target.value })}
          />
          {errorAt("takenOn") !== undefined && <span className="font-semibold text-wrong">{errorAt("takenOn")}</span>}
        </label>
        <p className="text-sm text-ink-soft sm:col-span-2">
          Ask before you measure; a helper or the client's own hand is welcome. Write as you read it: 38 1/2, 38.5, 97,5
          cm.
        </p>
      </div>
      <fieldset className="slip fold-edge p-4">
        <legend className="sr-only">Readings a dress asks for</legend>
        <h2 className="pb-2 text-lg">A dress asks for these</h2>
        <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">{asked.map(field)}</div>
      </fieldset>
      <details
        className="slip p-4"
        open={others.some((id) => (typed.readings[id] ?? "") !== "" || errorAt(id) !== undefined)}
      >
        <summary className="min-h-12 content-center font-head text-lg font-semibold">More readings</summary>
        <div className="grid gap-x-6 gap-y-3 pt-2 sm:grid-cols-2">{others.map(field)}</div>
      </details>
      <div className="sticky bottom-0 flex flex-wrap items-center justify-end gap-4 bg-table py-3">
        {errors.length > 0 && (
          <p role="alert" className="font-semibold text-wrong">
            {errorAt("") ??
              `Not kept yet: ${errors.length === 1 ? "one field wants" : `${errors.length} fields want`} another look.`}
          </p>
        )}
        <button type="submit" className="button button-next" disabled={saving}>
          {saving ? "Keeping…" : "Keep the card"}
        </button>
      </div>
    </form>
  );
}
