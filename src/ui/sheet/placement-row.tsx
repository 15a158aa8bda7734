"use client";

import { memo, type ReactNode, useEffect, useRef } from "react";
import { type CutSheet, type SheetPlacement, sheetTick } from "@/core/formats";
import { namePlacement, nameReading, sayTape, sayTick } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";

interface PlacementRowProps {
  readonly sheet: CutSheet;
  readonly placement: SheetPlacement;
  /** Whether one of its steps is in hand. */
  readonly active: boolean;
  readonly ticked: boolean;
  readonly onPick: (id: string) => void;
  readonly onTickAll: (ids: readonly string[]) => void;
  /** Its single steps. */
  readonly children: ReactNode;
}

/** One laying of the tape in the list: all its readings in a row, opened into its single marks. */
export const PlacementRow = memo(function PlacementRow({
  sheet,
  placement,
  active,
  ticked,
  onPick,
  onTickAll,
  children,
}: PlacementRowProps) {
  const row = useRef<HTMLDivElement>(null);
  const tick = sheetTick(sheet);
  const name = namePlacement(placement);
  useEffect(() => {
    if (active) row.current?.scrollIntoView({ block: "nearest" });
  }, [active]);
  return (
    <div
      ref={row}
      className={`border-b border-l-8 border-b-card-deep ${active ? "border-l-next bg-card-deep" : "border-l-transparent"}`}
    >
      <div className="flex">
        <label className="grid w-12 shrink-0 cursor-pointer place-items-center">
          <input
            type="checkbox"
            className="size-7 accent-cloth"
            checked={ticked}
            aria-label={`Done: ${name}`}
            onChange={() => onTickAll(placement.steps)}
          />
        </label>
        <button
          type="button"
          aria-current={active ? "step" : undefined}
          onClick={() => onPick(placement.steps[0] ?? "")}
          className="min-h-12 min-w-0 flex-1 py-2 pr-3 text-left"
        >
          <span className="block font-semibold">{name}</span>
          <span className="block text-sm text-ink-soft">{sayTape(placement)}</span>
          <span className="flex flex-wrap gap-x-3">
            {placement.readings.map((reading) => (
              <span
                key={`${reading.at} ${reading.names.join(" ")} ${reading.made[0]?.piece}`}
                title={nameReading(reading, placement)}
                className={`whitespace-nowrap text-xl font-bold ${reading.is === "cut" ? "text-next-deep" : ""}`}
              >
                {reading.is === "cut" && <span className="text-sm font-normal">cut </span>}
                <Fractions text={sayTick({ ...reading, hair: false }, sheet.unit, tick)} />
                {reading.hair && <span className="text-sm font-normal"> +</span>}
              </span>
            ))}
          </span>
        </button>
      </div>
      <details className="pl-12">
        <summary className="min-h-12 cursor-pointer content-center text-sm underline underline-offset-4">
          {placement.steps.length === 1 ? "The single mark" : `${placement.steps.length} single marks and lines`}
        </summary>
        {children}
      </details>
    </div>
  );
});
