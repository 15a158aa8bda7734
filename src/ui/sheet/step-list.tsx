"use client";

import { memo, useEffect, useRef } from "react";
import type { CutSheet, SheetStep } from "@/core/formats";
import type { Unit } from "@/core/length";
import { namePiece, phaseNames } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";

interface StepListProps {
  readonly sheet: CutSheet;
  readonly activeId: string | null;
  readonly done: ReadonlySet<string>;
  readonly onPick: (id: string) => void;
  readonly onTick: (id: string) => void;
}

function startsSection(steps: readonly SheetStep[], index: number): boolean {
  const [before, step] = [steps[index - 1], steps[index]];
  return before === undefined || before.phase !== step?.phase || before.group !== step.group;
}

interface StepRowProps {
  readonly step: SheetStep;
  readonly unit: Unit;
  readonly active: boolean;
  readonly ticked: boolean;
  readonly onPick: (id: string) => void;
  readonly onTick: (id: string) => void;
}

const StepRow = memo(function StepRow({ step, unit, active, ticked, onPick, onTick }: StepRowProps) {
  const row = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (active) row.current?.scrollIntoView({ block: "nearest" });
  }, [active]);
  const shown = step.act !== "edge" && step.act !== "allowance" ? step.reading : null;
  return (
    <div
      className={`flex border-b border-card-deep ${active ? "border-l-8 border-l-next bg-card-deep" : "border-l-8 border-l-transparent"} ${step.stopUntil === null ? "" : "bg-given"}`}
    >
      <label className="grid w-12 shrink-0 cursor-pointer place-items-center">
        <input
          type="checkbox"
          className="size-7 accent-cloth"
          checked={ticked}
          aria-label={`Done: ${step.title}`}
          onChange={() => onTick(step.id)}
        />
      </label>
      <button
        ref={row}
        type="button"
        aria-current={active ? "step" : undefined}
        onClick={() => onPick(step.id)}
        className="flex min-h-12 min-w-0 flex-1 items-center gap-3 py-2 pr-3 text-left"
      >
        <span className={`min-w-0 flex-1 ${ticked ? "text-ink-soft" : ""}`}>
          <span className="block font-semibold">{step.title}</span>
          <span className="block text-sm text-ink-soft">
            <Fractions text={step.text} />
          </span>
          {step.caution !== null && (
            <span className="mt-1 block text-sm font-semibold text-wrong">Careful: {step.caution}</span>
          )}
        </span>
        {shown !== null && (
          <span className="text-2xl font-bold">
            <Reading value={shown} unit={unit} />
          </span>
        )}
      </button>
    </div>
  );
});

/** Every step in the order in which the hand works; touching one lights it on the cloth. */
export function StepList({ sheet, activeId, done, onPick, onTick }: StepListProps) {
  return (
    <ol>
      {sheet.steps.map((step, index) => (
        <li key={step.id}>
          {startsSection(sheet.steps, index) && (
            <h2 className="sticky top-0 z-10 flex items-baseline justify-between bg-cloth px-3 py-1 text-chalk">
              {phaseNames[step.phase]}
              <span className="font-sans text-sm font-normal">
                {namePiece(step.group)} · {step.layers === 1 ? "single" : `${step.layers} layers`}
              </span>
            </h2>
          )}
          <StepRow
            step={step}
            unit={sheet.unit}
            active={step.id === activeId}
            ticked={done.has(step.id)}
            onPick={onPick}
            onTick={onTick}
          />
        </li>
      ))}
    </ol>
  );
}
