"use client";

import { useCallback, useEffect, useRef } from "react";
import { type CutSheet, isMeasured, sheetTick, type TableScreen } from "@/core/formats";
import { speakPlacement, speakStep } from "@/core/wording";
import { sayDirection } from "@/ui/reading/say-direction";
import { usePreferences } from "@/ui/shell/preferences";

/** What is said at a place of a screen: a placement opens with its tape and says one reading at a time. */
export function spokenAt(sheet: CutSheet, screen: TableScreen, part: number, reading: number): string {
  const { placement } = screen;
  if (placement !== null) {
    const { opening, readings, closing } = speakPlacement(placement, sheet.unit, sheetTick(sheet));
    const said = readings[reading] ?? closing;
    const last = reading >= readings.length - 1 ? closing : "";
    return [reading === 0 ? opening : "", said, last === said ? "" : last].filter(Boolean).join(" ");
  }
  const steps = screen.kind === "cut" ? screen.steps.slice(part, part + 1) : screen.steps;
  return steps
    .map((step) => {
      const measured = isMeasured(step);
      return speakStep(
        {
          ...step,
          reading: measured ? step.reading : null,
          cutReading: measured ? step.cutReading : null,
          cutFrom: step.cutFrom,
          direction: sayDirection(step),
        },
        sheet.unit,
      );
    })
    .join(" ");
}

/** Reads what is in hand aloud with the browser's own voice, when that is wanted; `repeat` says it again whatever was set. */
export function useVoice(sheet: CutSheet, screen: TableScreen | undefined, part: number, reading: number) {
  const { voice, prefer } = usePreferences();
  const say = useCallback(() => {
    if (screen === undefined || !("speechSynthesis" in window)) return;
    window.speechSynthesis.cancel();
    const speech = new SpeechSynthesisUtterance(spokenAt(sheet, screen, part, reading));
    speech.lang = "en";
    speech.rate = 0.95;
    window.speechSynthesis.speak(speech);
  }, [sheet, screen, part, reading]);
  const said = useRef<string | null>(null);
  const here = `${screen?.id} ${part} ${reading}`;
  useEffect(() => {
    if (voice === "off" || said.current === here) return;
    said.current = here;
    say();
  }, [voice, here, say]);
  useEffect(() => () => window.speechSynthesis?.cancel(), []);
  const toggle = useCallback(() => {
    if (voice === "on") window.speechSynthesis?.cancel();
    said.current = null;
    prefer("voice", voice === "on" ? "off" : "on");
  }, [voice, prefer]);
  return { speaks: voice === "on", toggle, repeat: say };
}
