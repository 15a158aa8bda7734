"use client";

import { memo } from "react";
import { readList } from "@/core/chalk";
import { formatLength, fromCentimetres, toCentimetres, type Unit } from "@/core/length";
import type { Decision } from "@/server/garment-decisions";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { ChoicePills } from "@/ui/shell/choice-pills";

/** What a decision can be; a length is in inches, or text with its unit. */
export type DecisionValue = string | number | boolean;

interface DecisionFieldProps {
  readonly decision: Decision;
  /** What it is now; lengths in inches. */
  readonly value: DecisionValue;
  readonly unit: Unit;
  readonly problem: string | undefined;
  /** A length is given as text with its unit. */
  readonly onDecide: (id: string, value: DecisionValue) => void;
}

const STEP: Readonly<Record<Unit, number>> = { in: 1 / 8, cm: 0.5 };

/** A length's place on its slider, in the shop's unit. */
function inUnit(inches: number, unit: Unit): number {
  return unit === "in" ? inches : toCentimetres(inches);
}

/** In tenths: finer no eye tells of a fullness. */
const RATIO_STEP = 0.1;

function RatioSlider({ decision, value, onDecide }: DecisionFieldProps & { readonly value: number }) {
  const [least, most] = decision.range ?? [0, 0];
  return (
    <div className="flex items-center gap-3">
      <input
        id={decision.id}
        type="range"
        className="h-12 min-w-0 flex-1 accent-next"
        min={least}
        max={most}
        step={RATIO_STEP}
        value={value}
        aria-describedby={`${decision.id}-why`}
        onChange={(event) => onDecide(decision.id, Number(event.target.value))}
      />
      <output htmlFor={decision.id} className="min-w-20 text-right text-2xl font-semibold">
        {Number(value.toFixed(2))} ×
      </output>
    </div>
  );
}

/** Several lengths, written in a row; what cannot be read is said beside it and stays. */
function ListField({ decision, value, unit, onDecide }: DecisionFieldProps) {
  const said = readList(value)
    .map((length) => (Number.isNaN(length) ? "" : formatLength(length, unit)))
    .join("; ");
  return (
    <input
      id={decision.id}
      type="text"
      className="field my-2"
      defaultValue={said}
      key={said}
      aria-describedby={`${decision.id}-why`}
      onBlur={(event) => onDecide(decision.id, withUnits(event.target.value, unit))}
      onKeyDown={(event) => {
        if (event.key === "Enter") onDecide(decision.id, withUnits(event.currentTarget.value, unit));
      }}
    />
  );
}

/** Each length with the unit it was typed in, so that another set reads it as it was meant. */
function withUnits(typed: string, unit: Unit): string {
  return typed
    .split(";")
    .map((one) => (/(in|cm|")\s*$/.test(one) ? one.trim() : `${one.trim()} ${unit}`))
    .join("; ");
}

function LengthSlider({ decision, value, unit, onDecide }: DecisionFieldProps & { readonly value: number }) {
  const [least, most] = decision.range ?? [0, 0];
  const step = STEP[unit];
  return (
    <div className="flex items-center gap-3">
      <input
        id={decision.id}
        type="range"
        className="h-12 min-w-0 flex-1 accent-next"
        min={Math.ceil(inUnit(least, unit) / step) * step}
        max={Math.floor(inUnit(most, unit) / step) * step}
        step={step}
        value={inUnit(value, unit)}
        aria-describedby={`${decision.id}-why`}
        onChange={(event) => onDecide(decision.id, `${event.target.value} ${unit}`)}
      />
      <output htmlFor={decision.id} className="min-w-20 text-right text-2xl font-semibold">
        <Reading value={unit === "in" ? value : fromCentimetres(inUnit(value, unit))} unit={unit} withUnit />
      </output>
    </div>
  );
}

function Options({
  decision,
  value,
  onDecide,
  extra,
}: DecisionFieldProps & { readonly extra: readonly { readonly id: string; readonly label: string }[] }) {
  return (
    <ChoicePills
      labelledBy={`${decision.id}-label`}
      value={typeof value === "number" ? "a-length" : String(value)}
      options={[...(decision.options ?? []), ...extra]}
      onPick={(id) => onDecide(decision.id, id === "a-length" ? defaultSize(decision) : id)}
    />
  );
}

/** Where a slider starts when a named way gives way to a length, or to a number. */
function defaultSize({ range, ratio = false }: Decision): DecisionValue {
  const [least, most] = range ?? [0, 0];
  const middle = Math.round((least + most) / 2);
  return ratio ? middle : `${middle} in`;
}

/** One decision: what it is called, its ways or its length, why, and what does not go together beside it. */
export const DecisionField = memo(function DecisionField(props: DecisionFieldProps) {
  const { decision, value, problem, onDecide } = props;
  const { id, label, why, options, range, flag, ratio = false, list = false } = decision;
  const Slider = ratio ? RatioSlider : LengthSlider;
  return (
    <div className="border-b border-card-deep py-3">
      <label id={`${id}-label`} htmlFor={id} className="font-semibold">
        {label}
      </label>
      {options !== null && (
        <Options
          {...props}
          extra={range === null ? [] : [{ id: "a-length", label: ratio ? "a number" : "a length" }]}
        />
      )}
      {typeof value === "number" && range !== null && <Slider {...props} value={value} />}
      {list && <ListField {...props} />}
      {flag && (
        <input
          id={id}
          type="checkbox"
          role="switch"
          aria-checked={value === true}
          className="switch my-2 block"
          checked={value === true}
          aria-describedby={`${id}-why`}
          onChange={(event) => onDecide(id, event.target.checked)}
        />
      )}
      {problem !== undefined && (
        <p role="alert" className="my-1 font-semibold text-wrong">
          <Fractions text={problem} />
        </p>
      )}
      <p id={`${id}-why`} className="text-sm text-ink-soft">
        <Fractions text={why} />
      </p>
    </div>
  );
});
