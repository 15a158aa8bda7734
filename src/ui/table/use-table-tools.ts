"use client";

import { useMemo, useState } from "react";
import { usePreferences } from "@/ui/shell/preferences";
import { tableTools } from "./table-tools";

interface VoiceInUse {
  readonly speaks: boolean;
  readonly toggle: () => void;
  readonly repeat: () => void;
}

/** How the table is shown, and the tools that change it. */
export function useTableTools({ speaks, toggle, repeat }: VoiceInUse) {
  const { hand, room, steps, prefer } = usePreferences();
  const [close, setClose] = useState(true);
  const [whole, setWhole] = useState(false);
  const [keys, setKeys] = useState(false);
  const tools = useMemo(
    () =>
      tableTools(
        { close, whole, single: steps === "single", left: hand === "left", dim: room === "dim", speaks },
        {
          close: () => setClose((before) => !before),
          whole: () => setWhole((before) => !before),
          single: () => prefer("steps", steps === "single" ? "placements" : "single"),
          left: () => prefer("hand", hand === "left" ? "right" : "left"),
          dim: () => prefer("room", room === "dim" ? "bright" : "dim"),
          speaks: toggle,
          repeat,
          keys: () => setKeys(true),
        },
      ),
    [close, whole, steps, hand, room, speaks, prefer, toggle, repeat],
  );
  return { close, whole, keys, setKeys, tools };
}
