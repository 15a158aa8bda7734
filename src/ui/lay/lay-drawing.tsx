"use client";

import { type KeyboardEvent, useRef } from "react";
import type { LaidUnit, LayPlan } from "@/core/cloth";
import type { Unit } from "@/core/length";
import { ClothTape } from "@/ui/cloth/cloth-tape";
import { usePreferences } from "@/ui/shell/preferences";
import type { ShownLay } from "@/workers/lay-messages";
import { LaidPiece } from "./laid-piece";
import { LayGround } from "./lay-ground";
import { unitKey, useDrag } from "./use-drag";

interface LayDrawingProps {
  readonly shown: ShownLay;
  readonly unit: Unit;
  readonly picked: string | null;
  readonly onPick: (key: string | null) => void;
  /** A piece was moved by hand: it is pinned there. */
  readonly onMoved: (laid: LaidUnit, across: number, down: number) => void;
  readonly onTurn: (laid: LaidUnit) => void;
  readonly onUnpin: (laid: LaidUnit) => void;
}

const ROOM = { left: 3.4, top: 3.2, right: 2.6, bottom: 1.5 };
/** Where the cloth at hand ends, while the lay goes on. */
function ClothEnd({ at, across }: { readonly at: number; readonly across: number }) {
  return (
    <path d={`M -2 ${at} H ${across + 2}`} stroke="var(--color-next)" strokeWidth={0.7} strokeDasharray="1.6 0.8">
      <title>The cloth ends here</title>
    </path>
  );
}

/** Air between stretches that are folded anew. */
const BETWEEN_STRETCHES = 1;
const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** What lies beyond the lay on the cloth at hand. */
function Beyond({ from, to, across }: { readonly from: number; readonly to: number; readonly across: number }) {
  if (to <= from) return null;
  return (
    <rect
      y={from}
      width={across}
      height={to - from}
      fill="var(--color-cloth-under)"
      opacity={0.55}
      stroke="var(--color-tape-edge)"
      strokeWidth={0.15}
      strokeDasharray="0.8 0.6"
    />
  );
}

interface PieceActs {
  readonly pick: () => void;
  readonly move: (across: number, down: number) => void;
  readonly turn: () => void;
  readonly unpin: () => void;
}

/** What a key does to the piece in focus: Enter picks, T turns, U lets go, the arrows move by an inch; null for nothing. */
function keyAct(key: string, mirrored: boolean): ((acts: PieceActs) => void) | null {
  const step = arrows[key];
  if (step !== undefined) return ({ move }) => move(step[0] * (mirrored ? -1 : 1), step[1]);
  if (key === "Enter" || key === " ") return ({ pick }) => pick();
  if (key === "t" || key === "T") return ({ turn }) => turn();
  if (key === "u" || key === "U") return ({ unpin }) => unpin();
  return null;
}

/** Where each stretch is drawn; one that is folded end to end takes twice the length that is seen. */
function layOut({ sections }: LayPlan) {
  let top = 0;
  const places = sections.map((section) => {
    const seen = section.fold.endToEnd ? section.length / 2 : section.length;
    const place = { section, seen, top };
    top += seen + (sections.length > 1 ? BETWEEN_STRETCHES : 0);
    return place;
  });
  return { places, top };
}

/**
 * Every piece with the place of its stretch, always in one order: a piece in focus stays in focus while a better lay puts
 * it on another stretch, and the next arrow moves it.
 */
function layPieces(places: ReturnType<typeof layOut>["places"]) {
  return places
    .flatMap(({ section, top: from }) => section.laid.map((laid) => ({ laid, from })))
    .sort((one, other) => (unitKey(one.laid) < unitKey(other.laid) ? -1 : 1));
}

/** The length of cloth lying, its folds and the pieces on it; a piece may be dragged, turned and pinned. */
export function LayDrawing({ shown, unit, picked, onPick, onMoved, onTurn, onUnpin }: LayDrawingProps) {
  const { hand } = usePreferences();
  const svg = useRef<SVGSVGElement | null>(null);
  const mirrored = hand === "left";
  const { plan, given } = shown;
  const all = plan.sections.flatMap(({ laid }) => laid);
  const find = (key: string) => all.find((laid) => unitKey(laid) === key);
  const { dragged, start, move, drop } = useDrag(
    svg,
    mirrored,
    (key, across, down) => {
      const laid = find(key);
      if (laid !== undefined) onMoved(laid, across, down);
      onPick(key);
    },
    (key) => touch(key),
  );
  const press = (laid: LaidUnit) => (event: KeyboardEvent) => {
    if (pressOn(event.key, laid)) event.preventDefault();
  };
  const touch = (key: string) => onPick(key === picked ? null : key);
  const pressOn = (key: string, laid: LaidUnit): boolean => {
    const act = keyAct(key, mirrored);
    act?.({
      pick: () => touch(unitKey(laid)),
      move: (x, y) => onMoved(laid, x, y),
      turn: () => onTurn(laid),
      unpin: () => onUnpin(laid),
    });
    return act !== null;
  };
  const { places, top } = layOut(plan);
  const width = Math.max(...plan.sections.map(({ fold }) => fold.across));
  const spare = given === null || plan.sections.some(({ fold }) => fold.endToEnd) ? 0 : Math.max(0, given - plan.used);
  const height = top + spare;
  const viewWidth = width + ROOM.left + ROOM.right;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a fieldset cannot be a picture
    <svg
      ref={svg}
      viewBox={`${mirrored ? -width - ROOM.right : -ROOM.left} ${-ROOM.top} ${viewWidth} ${height + ROOM.top + ROOM.bottom}`}
      className="h-full w-full"
      role="group"
      aria-label="The cloth as it lies, with the pieces on it"
    >
      <g transform={mirrored ? "scale(-1 1)" : undefined}>
        <Beyond from={top} to={top + spare} across={width} />
        <ClothTape x={0} y={-0.5} length={width} direction="across" unit={unit} />
        <ClothTape x={-0.9} y={0} length={height} direction="down" unit={unit} />
        {places.map(({ section, seen, top: from }) => (
          <g key={`${from}`} transform={`translate(0 ${from})`}>
            <LayGround section={section} seen={seen} />
          </g>
        ))}
        {layPieces(places).map(({ laid, from }) => (
          <g key={unitKey(laid)} transform={`translate(0 ${from})`}>
            <LaidPiece
              laid={laid}
              isPicked={picked === unitKey(laid)}
              dragged={dragged}
              onStart={start(unitKey(laid))}
              onMove={move}
              onDrop={drop}
              onKey={press(laid)}
            />
          </g>
        ))}
        {given !== null && given < plan.used && <ClothEnd at={given} across={width} />}
      </g>
    </svg>
  );
}
