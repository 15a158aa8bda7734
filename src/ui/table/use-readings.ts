"use client";

import { useCallback, useState } from "react";
import type { KeptChecks, SheetLength, TableScreen } from "@/core/formats";

/** The length of a check that is measured now: the one that was touched, or else the first that is not read. */
export function measuredNow(screen: TableScreen, touched: string | null, checks: KeptChecks): SheetLength | null {
  if (screen.kind !== "check") return null;
  const [step] = screen.steps;
  const lengths = step?.lengths ?? [];
  const read = checks[step?.id ?? ""]?.read ?? {};
  return lengths.find(({ id }) => id === touched) ?? lengths.find(({ id }) => read[id] === undefined) ?? null;
}

/** Which reading of a screen is in hand: forgotten when another screen comes. */
export function useReadings(screen: TableScreen | undefined) {
  const [read, setRead] = useState({ screen: "", reading: 0 });
  const [touch, setTouch] = useState({ screen: "", length: "" });
  const here = screen?.id ?? "";
  const toReading = useCallback((reading: number) => setRead({ screen: here, reading }), [here]);
  const toLength = useCallback((length: string) => setTouch({ screen: here, length }), [here]);
  return {
    reading: read.screen === here ? read.reading : 0,
    touched: touch.screen === here ? touch.length : null,
    toReading,
    toLength,
  };
}
