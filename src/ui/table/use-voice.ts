"use client";

import { useCallback, useEffect, useRef } from "react";
import type { CutSheet, SheetStep } from "@/core/formats";
import { speakStep } from "@/core/wording";
import { sayDirection } from "@/ui/reading/say-direction";
import { usePreferences } from "@/ui/shell/preferences";
import { isMeasured } from "./measured-steps";

/** Reads a step aloud with the browser's own voice, when that is wanted; `repeat` says it again whatever was set. */
export function useVoice(sheet: CutSheet, step: SheetStep | undefined) {
  const { voice, prefer } = usePreferences();
  const say = useCallback(
    (one: SheetStep) => {
      if (!("speechSynthesis" in window)) return;
      const measured = isMeasured(one);
      const text = speakStep(
        {
          ...one,
          reading: measured ? one.reading : null,
          cutReading: measured ? one.cutReading : null,
          cutFrom: one.cutFrom,
          direction: sayDirection(one),
        },
        sheet.unit,
      );
      window.speechSynthesis.cancel();
      const speech = new SpeechSynthesisUtterance(text);
      speech.lang = "en";
      speech.rate = 0.95;
      window.speechSynthesis.speak(speech);
    },
    [sheet.unit],
  );
  const said = useRef<string | null>(null);
  useEffect(() => {
    if (voice === "off" || step === undefined || said.current === step.id) return;
    said.current = step.id;
    say(step);
  }, [voice, step, say]);
  useEffect(() => () => window.speechSynthesis?.cancel(), []);
  const toggle = useCallback(() => {
    if (voice === "on") window.speechSynthesis?.cancel();
    said.current = null;
    prefer("voice", voice === "on" ? "off" : "on");
  }, [voice, prefer]);
  return { speaks: voice === "on", toggle, repeat: () => step !== undefined && say(step) };
}
