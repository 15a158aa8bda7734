import { type Place, type SheetPiece, type SheetStep, stepTape } from "@/core/formats";
import { formatLength, type Unit } from "@/core/length";
import { SvgFractions } from "@/ui/reading/fractions";
import { ClothText } from "./cloth-text";

const LANTERN = "var(--color-lantern)";
const CLOTH_DEEP = "var(--color-cloth-deep)";

interface LabelProps {
  readonly at: Place;
  readonly text: string;
  readonly fine: number;
}

function Label({ at: [x, y], text, fine }: LabelProps) {
  // A fraction takes about half the room of as many whole figures.
  const width = text.replace(/\s?\d+⁄\d+|[½¼¾⅛⅜⅝⅞]/g, "00").length * 0.95 + 1;
  return (
    <g transform={`translate(${x} ${y}) scale(${fine})`}>
      <rect
        x={-width / 2}
        y={-1.05}
        width={width}
        height={2.05}
        rx={0.3}
        fill={CLOTH_DEEP}
        stroke={LANTERN}
        strokeWidth={0.08}
      />
      <ClothText x={0} y={0.55} fontSize={1.5} fontWeight={700} textAnchor="middle" fill={LANTERN}>
        <SvgFractions text={text} />
      </ClothText>
    </g>
  );
}

interface StepTapeOverlayProps {
  readonly piece: SheetPiece;
  readonly step: SheetStep;
  readonly unit: Unit;
  readonly fine: number;
}

/** The tape of the step in hand, from its origin to the mark, with the reading on it. */
export function StepTapeOverlay({ piece, step, unit, fine }: StepTapeOverlayProps) {
  const tape = stepTape(piece, step);
  if (tape === null || step.reading === null) return null;
  const [[x0, y0], [x1, y1]] = [tape.from, tape.to];
  const across = Math.abs(x1 - x0) > Math.abs(y1 - y0);
  const middle: Place = across ? [(x0 + x1) / 2, y0 - 1.6 * fine] : [Math.max(x0, 0) + 2.8 * fine, (y0 + y1) / 2];
  return (
    <g transform={`translate(${piece.originInset} 0)`} pointerEvents="none">
      {tape.cut !== null && (
        <path
          d={`M ${x1} ${y1} L ${tape.cut[0]} ${tape.cut[1]}`}
          stroke={LANTERN}
          strokeWidth={0.22 * fine}
          strokeDasharray={`${0.35 * fine} ${0.25 * fine}`}
        />
      )}
      <path d={`M ${x0} ${y0} L ${x1} ${y1}`} stroke={LANTERN} strokeWidth={0.28 * fine} strokeLinecap="round" />
      <circle cx={x0} cy={y0} r={0.4 * fine} fill={CLOTH_DEEP} stroke={LANTERN} strokeWidth={0.16 * fine} />
      <circle cx={x1} cy={y1} r={0.32 * fine} fill={LANTERN} />
      <Label at={middle} text={formatLength(step.reading, unit)} fine={fine} />
    </g>
  );
}
