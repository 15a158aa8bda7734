"use client";

import { useEffect, useReducer, useRef } from "react";
import { bringParts, type PartsOrder } from "@/core/garments";

/** While the shop's computer does not answer it is asked again so often. */
const AGAIN_AFTER_MS = 4000;

/**
 * What is to be drawn, once what chalks its parts has come: a skirt's when a skirt is first chosen. Until then it is
 * what could be drawn last, so that the last drawing stays. `PartsAtHand` round the view has brought the first.
 */
export function useAtHand<Drawn>(drawn: Drawn, orders: readonly PartsOrder[]): Drawn {
  const last = useRef(drawn);
  const [, look] = useReducer((count: number) => count + 1, 0);
  const coming = bringParts(orders);
  if (coming === null) last.current = drawn;
  useEffect(() => {
    if (coming === null) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let gone = false;
    coming.then(look, () => {
      if (!gone) timer = setTimeout(look, AGAIN_AFTER_MS);
    });
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [coming]);
  return last.current;
}
