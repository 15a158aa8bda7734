"use client";

import type { LucideIcon } from "lucide-react";
import {
  Eye,
  EyeOff,
  FlipHorizontal2,
  Keyboard,
  Lamp,
  LampDesk,
  ListOrdered,
  Repeat,
  Volume2,
  VolumeX,
  ZoomIn,
  ZoomOut,
} from "lucide-react";

export interface TableTool {
  readonly id: string;
  readonly label: string;
  /** What stands under it where there is room. */
  readonly short: string;
  readonly icon: LucideIcon;
  /** Whether it is on; missing for a tool that only acts. */
  readonly on?: boolean;
  readonly use: () => void;
}

interface ToolState {
  readonly close: boolean;
  /** Whether what comes later is shown too. */
  readonly whole: boolean;
  /** Whether every mark is a step of its own. */
  readonly single: boolean;
  readonly left: boolean;
  readonly dim: boolean;
  readonly speaks: boolean;
}

type ToolKey = "close" | "whole" | "single" | "left" | "dim" | "speaks" | "repeat" | "keys";

/** The tools at the table, each with the key that does the same. */
export function tableTools(state: ToolState, use: Readonly<Record<ToolKey, () => void>>): readonly TableTool[] {
  const { close, whole, single, left, dim, speaks } = state;
  return [
    {
      id: "z",
      short: "Closer",
      label: close ? "Whole cloth" : "Closer",
      icon: close ? ZoomOut : ZoomIn,
      on: close,
      use: use.close,
    },
    {
      id: "w",
      short: "Later too",
      label: whole ? "Only what is chalked so far" : "Show what comes later too",
      icon: whole ? EyeOff : Eye,
      on: whole,
      use: use.whole,
    },
    {
      id: "s",
      short: "Singly",
      label: single ? "One laying of the tape at a time" : "Every mark for itself",
      icon: ListOrdered,
      on: single,
      use: use.single,
    },
    {
      id: "l",
      short: "Left hand",
      label: left ? "Fold at the left" : "Fold at the right",
      icon: FlipHorizontal2,
      on: left,
      use: use.left,
    },
    {
      id: "d",
      short: "Dim",
      label: dim ? "Bright room" : "Dim room",
      icon: dim ? LampDesk : Lamp,
      on: dim,
      use: use.dim,
    },
    {
      id: "v",
      short: "Aloud",
      label: speaks ? "Be quiet" : "Read aloud",
      icon: speaks ? Volume2 : VolumeX,
      on: speaks,
      use: use.speaks,
    },
    { id: "r", short: "Again", label: "Say it again", icon: Repeat, use: use.repeat },
    { id: "?", short: "Keys", label: "Keys", icon: Keyboard, use: use.keys },
  ];
}

/** A row of tools, large enough for a thumb with chalk on it. */
export function TableTools({ tools }: { readonly tools: readonly TableTool[] }) {
  return (
    <div className="flex flex-wrap lg:gap-1" role="toolbar" aria-label="Tools at the table">
      {tools.map(({ id, label, short, icon: Icon, on, use }) => (
        <button
          key={id}
          type="button"
          title={`${label} (${id.toUpperCase()})`}
          aria-pressed={on}
          onClick={use}
          className="flex min-h-12 min-w-11 flex-col items-center justify-center rounded-md border-2 border-transparent px-2 text-chalk aria-pressed:border-lantern hover:bg-cloth"
        >
          <Icon aria-hidden="true" size={22} />
          <span className="text-sm leading-tight max-lg:sr-only">{short}</span>
        </button>
      ))}
    </div>
  );
}
