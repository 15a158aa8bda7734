import type { Unit } from "@/core/length";
import { tapeTicks } from "./cloth-frame";

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
        fill="#f3e3b8"
        stroke="#a58a4e"
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
            stroke="#3a2c10"
            strokeWidth={number === null ? 0.05 : 0.09}
          />
          {number !== null && number > 0 && (
            <text
              x={at}
              y={direction === "down" ? 0 : -0.58}
              fontSize={0.78}
              fontWeight={600}
              textAnchor="middle"
              fill="#3a2c10"
              transform={direction === "down" ? `rotate(-90 ${at} 0) translate(-0.98 0.28)` : undefined}
            >
              {number}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}
