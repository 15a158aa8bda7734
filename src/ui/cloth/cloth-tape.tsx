import type { Unit } from "@/core/length";
import { tapeTicks } from "./cloth-frame";
import { ClothText } from "./cloth-text";

interface ClothTapeProps {
  /** Where the tape starts, and which way it runs. */
  readonly x: number;
  readonly y: number;
  readonly length: number;
  readonly direction: "across" | "down";
  readonly unit: Unit;
}

/** A tape laid along an edge of the cloth, starting where readings start. */
export function ClothTape({ x, y, length, direction, unit }: ClothTapeProps) {
  const turn = direction === "down" ? " rotate(90)" : "";
  return (
    <g transform={`translate(${x} ${y})${turn}`}>
      <rect
        x={-0.15}
        y={direction === "down" ? 0 : -1.4}
        width={length + 0.5}
        height={1.4}
        rx={0.12}
        fill="var(--color-tape)"
        stroke="var(--color-tape-edge)"
        strokeWidth={0.05}
      />
      {tapeTicks(length, unit).map(({ at, number }) => (
        <g key={at}>
          <path
            d={
              direction === "down"
                ? `M ${at} 0 v ${number === null ? 0.3 : 0.5}`
                : `M ${at} 0 v ${number === null ? -0.3 : -0.5}`
            }
            stroke="var(--color-tape-ink)"
            strokeWidth={number === null ? 0.05 : 0.09}
          />
          {number !== null && number > 0 && (
            <g
              transform={`translate(${at} 0)${direction === "down" ? " rotate(-90) translate(-0.98 0.28)" : " translate(0 -0.58)"}`}
            >
              <ClothText x={0} y={0} fontSize={0.78} fontWeight={600} textAnchor="middle" fill="var(--color-tape-ink)">
                {number}
              </ClothText>
            </g>
          )}
        </g>
      ))}
    </g>
  );
}
