"use client";

import { type PointerEvent, type RefObject, useCallback, useState } from "react";
import type { LaidUnit } from "@/core/cloth";

/** A piece on its way: which one, and how far it was moved in inches. */
export interface Dragged {
  readonly key: string;
  readonly across: number;
  readonly down: number;
}

interface Grip {
  readonly key: string;
  readonly x: number;
  readonly y: number;
}

/** Less than this was a touch, not a move. */
const LEAST: number = 0.25;

export function unitKey({ unit, copy }: LaidUnit): string {
  return `${unit}/${copy}`;
}

/** A place of the screen in the drawing's own inches. */
function toInches(svg: SVGSVGElement | null, event: PointerEvent): { readonly x: number; readonly y: number } | null {
  const matrix = svg?.getScreenCTM();
  if (matrix === null || matrix === undefined) return null;
  const place = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
  return { x: place.x, y: place.y };
}

/** Dragging a piece by hand, mirrored cloth or not; what is let go is told with how far it went. */
export function useDrag(
  svg: RefObject<SVGSVGElement | null>,
  mirrored: boolean,
  onMoved: (key: string, across: number, down: number) => void,
  onTouched: (key: string) => void,
) {
  const [grip, setGrip] = useState<Grip | null>(null);
  const [dragged, setDragged] = useState<Dragged | null>(null);
  const start = useCallback(
    (key: string) => (event: PointerEvent) => {
      const place = toInches(svg.current, event);
      if (place === null || event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      setGrip({ key, ...place });
    },
    [svg],
  );
  const move = useCallback(
    (event: PointerEvent) => {
      const place = grip === null ? null : toInches(svg.current, event);
      if (grip === null || place === null) return;
      setDragged({ key: grip.key, across: (place.x - grip.x) * (mirrored ? -1 : 1), down: place.y - grip.y });
    },
    [grip, svg, mirrored],
  );
  const drop = useCallback(() => {
    if (grip === null) return;
    const far = dragged !== null && Math.hypot(dragged.across, dragged.down) > LEAST;
    if (far) onMoved(dragged.key, dragged.across, dragged.down);
    else onTouched(grip.key);
    setGrip(null);
    setDragged(null);
  }, [grip, dragged, onMoved, onTouched]);
  return { dragged, start, move, drop };
}
