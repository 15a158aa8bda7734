"use client";

import { useRef } from "react";
import type { FlatHandle } from "@/core/formats";
import { formatLengthWithUnit, fromCentimetres, toCentimetres, type Unit } from "@/core/length";

/** What a dragged value snaps to: the tape, or tenths of a fullness. */
const STEP: Readonly<Record<Unit, number>> = { in: 1 / 8, cm: 0.5 };
const RATIO_STEP = 0.1;

function snap(handle: FlatHandle, value: number, unit: Unit): number {
  const [least, most] = handle.range;
  const kept = Math.min(most, Math.max(least, value));
  if (handle.ratio) return Number((Math.round(kept / RATIO_STEP) * RATIO_STEP).toFixed(2));
  if (unit === "in") return Math.round(kept / STEP.in) * STEP.in;
  return fromCentimetres(Math.round(toCentimetres(kept) / STEP.cm) * STEP.cm);
}

/** What the hem is round, as finely as a hand measures it. */
export function sayHem({ hem }: FlatHandle, unit: Unit): string {
  const snapped = unit === "in" ? Math.round(hem * 2) / 2 : fromCentimetres(Math.round(toCentimetres(hem)));
  return `hem ${formatLengthWithUnit(snapped, unit)} round`;
}

/** As a decision is kept: a ratio as it is, a length with its unit. */
function written(handle: FlatHandle, value: number, unit: Unit): string | number {
  if (handle.ratio) return value;
  return unit === "in" ? `${value} in` : `${Number(toCentimetres(value).toFixed(2))} cm`;
}

/** A finger takes hold so many times as wide as the handle is seen. */
const FINGER = 2.5;

interface HandleProps {
  readonly handle: FlatHandle;
  readonly unit: Unit;
  /** Half its width, in inches of the flat. */
  readonly size: number;
  readonly onDrag: (handle: FlatHandle, value: string | number) => void;
}

/** The hem's corner, to be dragged in and out: the value snaps to the tape. */
export function FlatHandleMark({ handle, unit, size, onDrag }: HandleProps) {
  const start = useRef<{ readonly x: number; readonly value: number; readonly scale: number } | null>(null);
  const { x, y } = handle.at;
  const move = (value: number) => {
    const next = snap(handle, value, unit);
    if (next !== handle.value) onDrag(handle, written(handle, next, unit));
  };
  const step = handle.ratio ? RATIO_STEP : unit === "in" ? STEP.in : fromCentimetres(STEP.cm);
  const said = handle.ratio ? `${Number(handle.value.toFixed(2))} ×` : formatLengthWithUnit(handle.value, unit);
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={handle.label}
      aria-valuemin={handle.range[0]}
      aria-valuemax={handle.range[1]}
      aria-valuenow={handle.value}
      aria-valuetext={said}
      // The ring that the page draws round what is focused would cover the hem.
      className="stroke-card focus-visible:stroke-lantern focus-visible:outline-none"
      style={{ cursor: "ew-resize", touchAction: "none" }}
      onPointerDown={(event) => {
        const matrix = event.currentTarget.getScreenCTM();
        event.currentTarget.setPointerCapture(event.pointerId);
        start.current = { x: event.clientX, value: handle.value, scale: matrix === null ? 1 : matrix.a };
      }}
      onPointerMove={(event) => {
        const from = start.current;
        if (from !== null) move(from.value + ((event.clientX - from.x) / from.scale) * handle.perInch);
      }}
      onPointerUp={() => {
        start.current = null;
      }}
      onKeyDown={(event) => {
        const way = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
        if (way === 0) return;
        event.preventDefault();
        move(handle.value + way * Math.sign(handle.perInch) * step);
      }}
    >
      <circle cx={x} cy={y} r={size} fill="var(--color-next)" strokeWidth={0.3 * size} />
      <circle cx={x} cy={y} r={FINGER * size} fill="transparent" stroke="none" />
    </g>
  );
}
