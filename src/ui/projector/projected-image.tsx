import type { FullSizeDrawing, FullSizeLine } from "@/core/formats";

/** Pixels of the picture to an inch of the table. */
export interface ProjectorScale {
  readonly across: number;
  readonly down: number;
}

/** Side of the square that is measured, in pixels of a picture of that size. */
export function squareSide(width: number, height: number): number {
  return Math.min(480, Math.floor(Math.min(width, height) * 0.08) * 10);
}

const pens: Readonly<
  Record<FullSizeLine["kind"], { readonly width: number; readonly dash?: string; readonly tone: string }>
> = {
  cut: { width: 4, dash: "22 8", tone: "#ffffff" },
  stitch: { width: 2, tone: "#ffffff" },
  fold: { width: 7, tone: "#ffbf5e" },
  guide: { width: 1, tone: "#c9c9c9" },
  dart: { width: 2, dash: "2 8", tone: "#ffffff" },
  crease: { width: 2, dash: "16 6 2 6", tone: "#ffffff" },
  trim: { width: 4, dash: "2 10", tone: "#ffbf5e" },
  notch: { width: 3, tone: "#ffbf5e" },
  square: { width: 2, tone: "#ffffff" },
};

interface ProjectedImageProps {
  readonly width: number;
  readonly height: number;
  /** Null while the square is measured. */
  readonly scale: ProjectorScale | null;
  readonly drawing: FullSizeDrawing;
  /** Where the piece starts on the table, in inches. */
  readonly from: { readonly across: number; readonly down: number };
  readonly mirrored: boolean;
}

/** What the projector throws: light on black, the piece at its true size, or the square that is measured first. */
export function ProjectedImage({ width, height, scale, drawing, from, mirrored }: ProjectedImageProps) {
  if (scale === null) {
    const side = squareSide(width, height);
    return (
      <svg width={width} height={height} className="bg-[#000]" role="img" aria-label="The square to measure">
        <rect
          x={(width - side) / 2}
          y={(height - side) / 2}
          width={side}
          height={side}
          fill="none"
          stroke="#ffffff"
          strokeWidth={4}
        />
        <path
          d={`M ${width / 2 - 30} ${height / 2} h 60 M ${width / 2} ${height / 2 - 30} v 60`}
          stroke="#ffffff"
          strokeWidth={2}
        />
      </svg>
    );
  }
  const place = (x: number, y: number) => {
    const across = (mirrored ? drawing.width - x : x) + from.across;
    return `${(across * scale.across).toFixed(2)} ${((y + from.down) * scale.down).toFixed(2)}`;
  };
  return (
    <svg
      width={width}
      height={height}
      className="bg-[#000]"
      role="img"
      aria-label={`${drawing.title}, at its true size`}
    >
      {drawing.lines.map(({ kind, points, closed }, index) => (
        <path
          // biome-ignore lint/suspicious/noArrayIndexKey: lines have no other name and never move
          key={index}
          d={`M ${points.map(({ x, y }) => place(x, y)).join(" L ")}${closed ? " Z" : ""}`}
          fill="none"
          stroke={pens[kind].tone}
          strokeWidth={pens[kind].width}
          strokeDasharray={pens[kind].dash}
          strokeLinecap="round"
        />
      ))}
      {drawing.texts.map(({ text, at, height: size }) => (
        <text
          key={text}
          transform={`translate(${place(at.x, at.y)})`}
          fontSize={size * scale.down}
          fill="#ffffff"
          textAnchor="middle"
        >
          {text}
        </text>
      ))}
    </svg>
  );
}
