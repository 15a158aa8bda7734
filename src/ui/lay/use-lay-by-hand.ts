"use client";

import { useCallback } from "react";
import type { ClothId } from "@/core/chalk";
import type { LaidUnit, LayPin, LayWay } from "@/core/cloth";
import type { KeptLay } from "@/core/formats";
import type { StoredCloth } from "@/db";
import type { Decisions } from "@/ui/garment/use-decisions";
import type { ShownLay } from "@/workers/lay-messages";

const toDegrees = (turn: number): number => Math.round((turn / Math.PI) * 180);
const toRadians = (degrees: number): number => (degrees / 180) * Math.PI;

type Pin = NonNullable<KeptLay["pins"]>[number];

function writePin({ unit, copy, mirrored, turn, x, y }: LayPin): Pin {
  return { unit, copy, mirrored, turn: toDegrees(turn), x, y };
}

/** A pin as the core takes it, from the order. */
export const readPin = (pin: Pin): LayPin => ({ ...pin, turn: toRadians(pin.turn) });

/** A change to how one cloth lies. */
function withLay(cloth: StoredCloth, id: ClothId, change: (before: KeptLay) => KeptLay): StoredCloth {
  return { ...cloth, lay: { ...cloth.lay, [id]: change(cloth.lay?.[id] ?? {}) } };
}

/** What the tailor does to a lay: moves, turns, pins and lets go of pieces, folds otherwise, keeps it with the order. */
export function useLayByHand(decide: (change: (now: Decisions) => Decisions) => void, cloth: ClothId) {
  const pin = useCallback(
    (laid: LaidUnit, change: Partial<LayPin>) =>
      decide((now) => ({
        ...now,
        cloth: withLay(now.cloth, cloth, (layNow) => {
          const others = (layNow.pins ?? []).filter(({ unit: id, copy }) => id !== laid.unit || copy !== laid.copy);
          return { ...layNow, pins: [...others, writePin({ ...laid, ...change })] };
        }),
      })),
    [decide, cloth],
  );
  const unpin = useCallback(
    (laid: LaidUnit) =>
      decide((now) => ({
        ...now,
        cloth: withLay(now.cloth, cloth, (layNow) => ({
          ...layNow,
          pins: (layNow.pins ?? []).filter(({ unit: id, copy }) => id !== laid.unit || copy !== laid.copy),
        })),
      })),
    [decide, cloth],
  );
  const move = (laid: LaidUnit, across: number, down: number) =>
    pin(laid, { x: laid.x + across, y: Math.max(0, laid.y + down) });
  // Half round about the middle of where it lies; a half on its fold turns head down and stays on it.
  const turn = (laid: LaidUnit) => {
    const ys = laid.outline.map(({ y }) => y);
    const xs = laid.outline.map(({ x }) => x);
    const onFold = laid.on === "fold" && laid.layers > 1;
    pin(laid, {
      turn: laid.turn + (laid.turn > 1 ? -Math.PI : Math.PI),
      mirrored: onFold ? !laid.mirrored : laid.mirrored,
      x: onFold ? laid.x : Math.min(...xs) + Math.max(...xs) - laid.x,
      y: Math.min(...ys) + Math.max(...ys) - laid.y,
    });
  };
  const foldOtherwise = (next: LayWay) =>
    decide((now) => ({ ...now, cloth: withLay(now.cloth, cloth, () => ({ way: next })) }));
  const keep = ({ plan, left, of }: ShownLay) =>
    decide((now) => ({
      ...now,
      cloth: withLay(now.cloth, cloth, (layNow) => ({
        ...layNow,
        way: plan.way,
        kept: {
          of,
          width: plan.width,
          used: plan.used,
          laid: plan.sections.flatMap(({ laid }) => laid.map(writePin)),
          left: left.map((rest) => ({ ...rest })),
        },
      })),
    }));
  return { pin, unpin, move, turn, foldOtherwise, keep };
}
