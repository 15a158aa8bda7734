import type { ClothFrame } from "./cloth-frame";

interface ClothGroundProps {
  readonly id: string;
  readonly frame: ClothFrame;
  readonly layers: number;
}

/** The cloth itself: its layers seen at the cut edges, its weave, and the fold as a thick soft edge where its tapes start. */
export function ClothGround({ id, frame, layers }: ClothGroundProps) {
  const { top, bottom, right } = frame;
  const height = bottom - top;
  const under = Array.from({ length: layers - 1 }, (_, index) => (layers - 1 - index) * (layers === 2 ? 0.45 : 0.25));
  return (
    <>
      <defs>
        <pattern id={`weave-${id}`} width="0.5" height="0.5" patternUnits="userSpaceOnUse">
          <path d="M 0 0.125 H 0.25 M 0.25 0.375 H 0.5" stroke="#fff" strokeOpacity="0.05" strokeWidth="0.06" />
          <path d="M 0.125 0.25 V 0.5 M 0.375 0 V 0.25" stroke="#000" strokeOpacity="0.12" strokeWidth="0.06" />
        </pattern>
        <linearGradient id={`fold-${id}`} x1="0" x2="1" y1="0" y2="0">
          <stop offset="0" stopColor="var(--color-fold-dark)" />
          <stop offset="0.35" stopColor="var(--color-fold-light)" />
          <stop offset="0.6" stopColor="var(--color-cloth-under)" />
          <stop offset="1" stopColor="var(--color-cloth)" stopOpacity="0" />
        </linearGradient>
      </defs>
      {under.map((shift) => (
        <path
          key={shift}
          d={`M 0 ${top + shift} H ${right + shift} V ${bottom + shift} H 0 Z`}
          fill="var(--color-cloth-under)"
          stroke="var(--color-cloth-deep)"
          strokeWidth={0.06}
        />
      ))}
      <rect
        x={0}
        y={top}
        width={right}
        height={height}
        fill="var(--color-cloth)"
        stroke="var(--color-cloth-deep)"
        strokeWidth={0.06}
      />
      <rect x={0} y={top} width={right} height={height} fill={`url(#weave-${id})`} />
      {layers > 1 && (
        <path
          d={`M 0.1 ${top} H 0.95 V ${bottom} H 0.1 Q -0.5 ${bottom + 0.1} -0.5 ${bottom - 0.6} V ${top + 0.6} Q -0.5 ${top - 0.1} 0.1 ${top} Z`}
          fill={`url(#fold-${id})`}
        />
      )}
    </>
  );
}
