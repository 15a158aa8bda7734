"use client";

import { useEffect, useState } from "react";
import type { FigureKind } from "@/core/body";

/** A card while it is written. */
export interface TypedCard {
  readonly name: string;
  readonly takenOn: string;
  /** Left out in what an older form left in the browser: then it is a woman's. */
  readonly figure?: FigureKind;
  readonly age?: string;
  readonly readings: Readonly<Record<string, string>>;
}

/** What is typed stays in the browser until the shop has it: a reload or a lost server loses nothing. */
export function useKeptCard(key: string, empty: TypedCard) {
  const [typed, setTyped] = useState(empty);
  useEffect(() => {
    const stored = window.localStorage.getItem(key);
    if (stored === null) return;
    try {
      setTyped(JSON.parse(stored) as TypedCard);
    } catch {
      window.localStorage.removeItem(key);
    }
  }, [key]);
  const change = (next: TypedCard) => {
    setTyped(next);
    window.localStorage.setItem(key, JSON.stringify(next));
  };
  return { typed, change, forget: () => window.localStorage.removeItem(key) };
}
