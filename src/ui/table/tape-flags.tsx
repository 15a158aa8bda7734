import type { PlacementTape, SheetReading, TapeFlag } from "@/core/formats";
import { ClothText } from "@/ui/cloth/cloth-text";
import { SvgFractions } from "@/ui/reading/fractions";

const LANTERN = "var(--color-lantern)";
const CLOTH_DEEP = "var(--color-cloth-deep)";

interface TapeFlagsProps {
  readonly tape: PlacementTape;
  readonly fine: number;
  readonly said: (reading: SheetReading) => string;
}

/** A fraction takes about half the room of as many whole figures. */
function widthOf(text: string): number {
  return text.replace(/\s?\d+⁄\d+|[½¼¾⅛⅜⅝⅞]/g, "00").length * 0.92 + 0.9;
}

interface PlacedFlag {
  readonly flag: TapeFlag;
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
}

const ROW = 2.3;

/** Where flags of a tape across go, nearest first: above it, and below where a third row would leave the cloth in sight. */
const ROWS = [0, 1, -1, -2, 2, 3] as const;

/** Flags set so that none lies on another: in rows above and below a tape across, in columns beside a tape down. */
function placeFlags(
  { flags, direction }: PlacementTape,
  fine: number,
  said: TapeFlagsProps["said"],
): readonly PlacedFlag[] {
  const placed: PlacedFlag[] = [];
  for (const flag of flags) {
    const text = said(flag.reading);
    const width = widthOf(text) * fine;
    const [x, y] = flag.at;
    const away = (index: number): readonly [number, number] => {
      if (direction === "down") return [x + (1.2 + index * 4) * fine + width / 2, y];
      const row = ROWS[index] ?? 0;
      return [x, row < 0 ? y + (1.8 + (-row - 1) * ROW) * fine : y - (1.8 + row * ROW) * fine];
    };
    const clash = ([atX, atY]: readonly [number, number]) =>
      placed.some(
        (other) =>
          Math.abs(other.x - atX) < (other.width + width) / 2 + 0.2 * fine &&
          Math.abs(other.y - atY) < ROW * 0.95 * fine,
      );
    let row = 0;
    while (row < 5 && clash(away(row))) row += 1;
    const [atX, atY] = away(row);
    placed.push({ flag, text, x: atX, y: atY, width });
  }
  return placed;
}

/** The tape in hand, bright on the cloth, with a flag at each of its readings. */
export function TapeFlags({ tape, fine, said }: TapeFlagsProps) {
  return (
    <g pointerEvents="none">
      {tape.along.map((path) => (
        <path key={path} d={path} fill="none" stroke={LANTERN} strokeWidth={0.24 * fine} strokeOpacity={0.7} />
      ))}
      {tape.tapes.map(([[x0, y0], [x1, y1]]) => (
        <g key={`${x0} ${y0} ${x1} ${y1}`}>
          <path d={`M ${x0} ${y0} L ${x1} ${y1}`} stroke={LANTERN} strokeWidth={0.34 * fine} strokeLinecap="round" />
          <circle cx={x0} cy={y0} r={0.44 * fine} fill={CLOTH_DEEP} stroke={LANTERN} strokeWidth={0.16 * fine} />
        </g>
      ))}
      {placeFlags(tape, fine, said).map(({ flag, text, x, y, width }) => {
        const [atX, atY] = flag.at;
        const cut = flag.reading.is === "cut";
        return (
          <g key={`${text} ${x} ${y}`} data-flag={flag.reading.names.join(" ")}>
            <path d={`M ${atX} ${atY} L ${x} ${y}`} stroke={LANTERN} strokeWidth={0.08 * fine} />
            <circle
              cx={atX}
              cy={atY}
              r={0.3 * fine}
              fill={cut ? CLOTH_DEEP : LANTERN}
              stroke={LANTERN}
              strokeWidth={0.14 * fine}
            />
            <rect
              x={x - width / 2}
              y={y - 1.02 * fine}
              width={width}
              height={2.04 * fine}
              rx={0.3 * fine}
              fill={CLOTH_DEEP}
              stroke={LANTERN}
              strokeWidth={0.09 * fine}
              strokeDasharray={cut ? `${0.5 * fine} ${0.25 * fine}` : undefined}
            />
            <ClothText
              x={x}
              y={y + 0.54 * fine}
              fontSize={1.5 * fine}
              fontWeight={700}
              textAnchor="middle"
              fill={LANTERN}
            >
              <SvgFractions text={text} />
            </ClothText>
          </g>
        );
      })}
    </g>
  );
}
