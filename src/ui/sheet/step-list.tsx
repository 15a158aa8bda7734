"use client";

import { memo, useEffect, useRef } from "react";
import { type CutSheet, lookOf, type SheetStep, sheetTick, type TableScreen } from "@/core/formats";
import type { Tick, Unit } from "@/core/length";
import { namePiece, phaseNames } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { PlacementRow } from "./placement-row";

interface StepListProps {
  readonly sheet: CutSheet;
  readonly screens: readonly TableScreen[];
  readonly activeId: string | null;
  readonly done: ReadonlySet<string>;
  readonly onPick: (id: string) => void;
  readonly onTick: (id: string) => void;
  readonly onTickAll: (ids: readonly string[]) => void;
}

function startsSection(screens: readonly TableScreen[], index: number): boolean {
  const [before, screen] = [screens[index - 1], screens[index]];
  return before === undefined || before.kind !== screen?.kind || before.group !== screen.group;
}

interface StepRowProps {
  readonly step: SheetStep;
  readonly unit: Unit;
  readonly tick: Tick;
  readonly active: boolean;
  readonly ticked: boolean;
  readonly onPick: (id: string) => void;
  readonly onTick: (id: string) => void;
}

const StepRow = memo(function StepRow({ step, unit, tick, active, ticked, onPick, onTick }: StepRowProps) {
  const row = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (active) row.current?.scrollIntoView({ block: "nearest" });
  }, [active]);
  const shown = lookOf(step.act).number && step.act !== "allowance" ? step.reading : null;
  return (
    <div
      className={`flex border-b border-card-deep ${active ? "border-l-8 border-l-next bg-card-deep" : "border-l-8 border-l-transparent"} ${step.stopUntil === "separated" ? "bg-given" : ""}`}
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
            <Reading value={shown} unit={unit} tick={tick} />
          </span>
        )}
      </button>
    </div>
  );
});

/** Layings of the tape and single steps in the order in which the hand works; touching one lights it on the cloth. */
export function StepList({ sheet, screens, activeId, done, onPick, onTick, onTickAll }: StepListProps) {
  const stepRow = (step: SheetStep) => (
    <StepRow
      key={step.id}
      step={step}
      unit={sheet.unit}
      tick={sheetTick(sheet)}
      active={step.id === activeId}
      ticked={done.has(step.id)}
      onPick={onPick}
      onTick={onTick}
    />
  );
  return (
    <ol>
      {screens.map(({ id, placement, steps, kind }, index) => (
        <li key={id}>
          {startsSection(screens, index) && (
            <h2 className="sticky top-0 z-10 flex items-baseline justify-between bg-cloth px-3 py-1 text-chalk">
              {phaseNames[kind]}
              <span className="font-sans text-sm font-normal">
                {kind === "style" || kind === "count"
                  ? ""
                  : `${namePiece(steps[0]?.group ?? "")} · ${steps[0]?.layers === 1 ? "single" : `${steps[0]?.layers} layers`}`}
              </span>
            </h2>
          )}
          {placement === null ? (
            steps.map(stepRow)
          ) : (
            <PlacementRow
              sheet={sheet}
              placement={placement}
              active={steps.some((step) => step.id === activeId)}
              ticked={steps.every((step) => done.has(step.id))}
              onPick={onPick}
              onTickAll={onTickAll}
            >
              {steps.map(stepRow)}
            </PlacementRow>
          )}
        </li>
      ))}
    </ol>
  );
}
