"use client";

import { useEffect } from "react";
import type { TableTool } from "./table-tools";

const FORWARD = new Set(["ArrowRight", "Enter", " ", "PageDown"]);
const BACK = new Set(["ArrowLeft", "Backspace", "PageUp"]);

/** Whether a key belongs to what has the focus: a button that is pressed, a dialog on top. */
function isTaken({ target, key }: KeyboardEvent): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target.closest("[role=dialog]") !== null) return true;
  return target.closest("button, a, summary") !== null && (key === "Enter" || key === " ");
}

/** Steps and tools by key. With a command nothing is touched: that belongs to the browser. */
export function useTableKeys(move: (by: 1 | -1) => void, tools: readonly TableTool[]): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (isTaken(event) || event.ctrlKey || event.metaKey || event.altKey) return;
      const tool = tools.find(({ id }) => id === event.key.toLowerCase());
      if (FORWARD.has(event.key)) move(1);
      else if (BACK.has(event.key)) move(-1);
      else if (tool !== undefined) tool.use();
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [move, tools]);
}
