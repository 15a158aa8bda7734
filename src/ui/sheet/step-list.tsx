"use client";

import { useEffect, useRef } from "react";
import type { CutSheet, SheetStep } from "@/core/formats";
import type { Unit } from "@/core/length";
import { namePiece } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";

const phaseNames: Readonly<Record<SheetStep["phase"], string>> = {
  fold: "Fold",
  chalk: "Chalk",
  cut: "Cut",
  notch: "Notch",
  make: "Make",
};

interface StepListProps {
  readonly sheet: CutSheet;
  readonly activeId: string | null;
  readonly onPick: (id: string) => void;
}

function startsSection(steps: readonly SheetStep[], index: number): boolean {
  const [before, step] = [steps[index - 1], steps[index]];
  return before === undefined || before.phase !== step?.phase || before.group !== step.group;
}

function StepRow({
  step,
  unit,
  active,
  onPick,
}: {
  readonly step: SheetStep;
  readonly unit: Unit;
  readonly active: boolean;
  readonly onPick: (id: string) => void;
}) {
  const row = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (active) row.current?.scrollIntoView({ block: "nearest" });
  }, [active]);
  const shown = step.act !== "edge" && step.act !== "allowance" ? step.reading : null;
  return (
    <button
      ref={row}
      type="button"
      aria-current={active ? "step" : undefined}
      onClick={() => onPick(step.id)}
      className={`flex w-full items-center gap-3 border-b border-card-deep px-3 py-2 text-left ${active ? "border-l-8 border-l-next bg-card-deep" : "border-l-8 border-l-transparent"} ${step.stopUntil === null ? "" : "bg-[#f6d9b8]"}`}
    >
      <span className="min-w-0 flex-1">
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
  );
}

/** Every step in the order in which the hand works; touching one lights it on the cloth. */
export function StepList({ sheet, activeId, onPick }: StepListProps) {
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
          <StepRow step={step} unit={sheet.unit} active={step.id === activeId} onPick={onPick} />
        </li>
      ))}
    </ol>
  );
}
