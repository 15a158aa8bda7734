import type { ReactNode } from "react";
import type { Unit } from "@/core/length";
import { usePreferences } from "@/ui/shell/preferences";
import type { ClothFrame, View } from "./cloth-frame";
import { ClothGround } from "./cloth-ground";
import { ClothTape } from "./cloth-tape";

interface ClothStageProps {
  /** Told apart from every other cloth on the page. */
  readonly id: string;
  readonly said: string;
  readonly frame: ClothFrame;
  /** The part of the cloth that is seen. */
  readonly view: View;
  readonly layers: number;
  /** What the tapes along its edges count in; null where none lie there. */
  readonly unit: Unit | null;
  /** The chalk on it, in inches from the fold and the top line. */
  readonly children: ReactNode;
}

/** The cloth on its fold, as a rule with tapes along two edges, ready to be chalked on; mirrored for the left-handed. */
export function ClothStage({ id, said, frame, view, layers, unit, children }: ClothStageProps) {
  const { hand } = usePreferences();
  const { lead, top, right, bottom } = frame;
  const mirrored = hand === "left";
  const left = mirrored ? -view.left - view.width : view.left;
  return (
    <svg
      viewBox={`${left} ${view.top} ${view.width} ${view.height}`}
      className="h-full w-full"
      role="img"
      aria-label={`${said}, fold at the ${mirrored ? "right" : "left"}`}
    >
      <g transform={mirrored ? "scale(-1 1)" : undefined}>
        <ClothGround id={id} frame={frame} layers={layers} />
        {unit !== null && (
          <>
            <ClothTape
              x={lead.originInset}
              y={top - 0.35}
              length={right - lead.originInset}
              direction="across"
              unit={unit}
            />
            <ClothTape x={-0.85} y={0} length={bottom - 0.7} direction="down" unit={unit} />
          </>
        )}
        {children}
      </g>
    </svg>
  );
}
