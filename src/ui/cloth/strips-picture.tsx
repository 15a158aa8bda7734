import type { CutSheet, SheetPiece } from "@/core/formats";
import { formatLengthWithUnit } from "@/core/length";
import { ClothText } from "./cloth-text";

/** Air between two strips, in inches of cloth. */
const APART = 0.6;

/** A strip as it is chalked on the open cloth: from the left selvedge across, and from the cloth's end down. */
interface Chalked {
  readonly key: string;
  readonly name: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Strips across the cloth one below the other, then those along it side by side. */
function chalkStrips(pieces: readonly SheetPiece[], width: number): readonly Chalked[] {
  const rows: Chalked[] = [];
  let y = 0;
  for (const { id, name, strip, cut } of pieces.filter((piece) => piece.strip?.across !== undefined)) {
    const { length = 0, depth = 0 } = strip ?? {};
    for (let copy = 1; copy <= cut.copies; copy++) {
      const told = cut.copies > 1 ? `${name}, ${copy} of ${cut.copies}` : name;
      rows.push({ key: `${id}-${copy}`, name: told, x: 0, y, width: Math.min(length, width), height: depth });
      y += depth;
    }
  }
  let x = 0;
  const top = y > 0 ? y + APART : 0;
  for (const { id, name, strip, cut } of pieces.filter((piece) => piece.strip?.across === undefined)) {
    const { length = 0, depth = 0 } = strip ?? {};
    for (let copy = 1; copy <= cut.copies; copy++) {
      rows.push({ key: `${id}-${copy}`, name, x, y: top, width: depth, height: length });
      x += depth + APART;
    }
  }
  return rows;
}

/** All strips of a sheet as they are chalked together: open cloth from selvedge to selvedge. */
export function StripsPicture({ sheet, pieces }: { readonly sheet: CutSheet; readonly pieces: readonly string[] }) {
  const strips = chalkStrips(
    sheet.pieces.filter(({ id, strip }) => strip !== undefined && pieces.includes(id)),
    sheet.cloth.width,
  );
  const width = Math.max(sheet.cloth.width, ...strips.map((one) => one.x + one.width));
  const height = Math.max(...strips.map((one) => one.y + one.height)) + APART;
  const size = Math.max(width, height) / 34;
  return (
    <svg
      viewBox={`${-2 * size} ${-2.4 * size} ${width + 4 * size} ${height + 4 * size}`}
      className="h-full w-full"
      role="img"
      aria-label={`${strips.length} strips on the open cloth`}
    >
      <ClothText x={0} y={-0.8 * size} fontSize={1.1 * size} fill="currentColor">
        {`Open cloth, ${formatLengthWithUnit(sheet.cloth.width, sheet.unit)} from selvedge to selvedge`}
      </ClothText>
      <rect width={width} height={height} fill="var(--color-cloth)" />
      <path
        d={`M 0 0 V ${height} M ${width} 0 V ${height}`}
        stroke="var(--color-tape-edge)"
        strokeWidth={0.3 * size}
        strokeDasharray={`${1.2 * size} ${0.6 * size}`}
      />
      {strips.map((one) => {
        const upright = one.height > one.width;
        const [x, y] = [one.x + one.width / 2, one.y + one.height / 2];
        return (
          <g key={one.key}>
            <rect
              x={one.x}
              y={one.y}
              width={one.width}
              height={one.height}
              fill="none"
              stroke="var(--color-lantern)"
              strokeWidth={0.16 * size}
            />
            <g transform={upright ? `rotate(-90 ${x} ${y})` : undefined}>
              <ClothText
                x={x}
                y={y + 0.4 * size}
                fontSize={Math.min(1.3 * size, 0.6 * Math.min(one.width, one.height))}
                textAnchor="middle"
                fill="var(--color-chalk)"
              >
                {one.name}
              </ClothText>
            </g>
          </g>
        );
      })}
    </svg>
  );
}
