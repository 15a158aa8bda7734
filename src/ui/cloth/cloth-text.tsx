"use client";

import type { SVGProps } from "react";
import { usePreferences } from "@/ui/shell/preferences";

type ClothTextProps = SVGProps<SVGTextElement> & { readonly x: number; readonly y: number };

const OTHER_END = { start: "end", end: "start", middle: "middle", inherit: "inherit" } as const;

/** Words on the cloth. For the left-handed the cloth is mirrored, and its words are turned back so that they read. */
export function ClothText({ x, y, textAnchor = "start", ...rest }: ClothTextProps) {
  const { hand } = usePreferences();
  if (hand === "right") return <text x={x} y={y} textAnchor={textAnchor} {...rest} />;
  const anchor = OTHER_END[textAnchor as keyof typeof OTHER_END];
  return <text x={0} y={0} textAnchor={anchor} transform={`translate(${x} ${y}) scale(-1 1)`} {...rest} />;
}
