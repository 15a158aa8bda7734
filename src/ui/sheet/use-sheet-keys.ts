"use client";

import { useEffect } from "react";
import { isWriting } from "@/ui/shell/keys";

/** Regions where the arrows scroll or choose, and Space opens. */
const OWN_KEYS = "[role=dialog], [role=tab], header, summary, section";

function isTaken({ target, key, ctrlKey, metaKey, altKey }: KeyboardEvent): boolean {
  if (ctrlKey || metaKey || altKey || !(target instanceof HTMLElement)) return true;
  if (target.closest(OWN_KEYS) !== null) return true;
  // A tick box or a step that has the focus takes its own Space; the arrows walk on all the same.
  return key === " " ? target.closest("button, input, a") !== null : isWriting(target) && target.closest("ol") === null;
}

/** Keys of the sheet: the arrows walk through the steps, Space ticks the one in hand. */
export function useSheetKeys(walk: (by: 1 | -1) => void, tick: () => void): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (isTaken(event)) return;
      if (event.key === "ArrowDown") walk(1);
      else if (event.key === "ArrowUp") walk(-1);
      else if (event.key === " ") tick();
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [walk, tick]);
}
