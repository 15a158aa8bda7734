"use client";

import { useCallback, useEffect, useRef } from "react";

/** Where the hands go in a form: to its first field, and after a try that failed to the first field that is wrong. */
export function useHands(wrong: number) {
  const form = useRef<HTMLFormElement>(null);
  const tried = useRef(false);
  useEffect(() => {
    form.current?.querySelector<HTMLInputElement>("input.field:not([readonly]):not([type=date])")?.focus();
  }, []);
  useEffect(() => {
    // Not while a field is mended: the hands stay where they write.
    if (wrong === 0 || !tried.current) return;
    tried.current = false;
    form.current?.querySelector<HTMLInputElement>("[aria-invalid=true]")?.focus();
  }, [wrong]);
  const trying = useCallback(() => {
    tried.current = true;
  }, []);
  return { form, trying };
}
