import { type Place, type SheetPiece, type SheetStep, stepTape } from "@/core/formats";
import { formatLength, type Unit } from "@/core/length";
import { SvgFractions } from "@/ui/reading/fractions";

const LANTERN = "#ffbf5e";

function Label({ at: [x, y], text }: { readonly at: Place; readonly text: string }) {
  const width = text.length * 0.85 + 0.9;
  return (
    <g>
      <rect
        x={x - width / 2}
        y={y - 1}
        width={width}
        height={1.95}
        rx={0.3}
        fill="#2a182e"
        stroke={LANTERN}
        strokeWidth={0.08}
      />
      <text x={x} y={y + 0.52} fontSize={1.45} fontWeight={700} textAnchor="middle" fill={LANTERN}>
        <SvgFractions text={text} />
      </text>
    </g>
  );
}

/** The tape of the step in hand, from its origin to the mark, with the reading on it. */
export function StepTapeOverlay({
  piece,
  step,
  unit,
}: {
  readonly piece: SheetPiece;
  readonly step: SheetStep;
  readonly unit: Unit;
}) {
  const tape = stepTape(piece, step);
  if (tape === null || step.reading === null) return null;
  const [[x0, y0], [x1, y1]] = [tape.from, tape.to];
  const across = Math.abs(x1 - x0) > Math.abs(y1 - y0);
  const middle: Place = across ? [(x0 + x1) / 2, y0 - 1.5] : [Math.max(x0, 0) + 2.6, (y0 + y1) / 2];
  return (
    <g transform={`translate(${piece.originInset} 0)`} pointerEvents="none">
      {tape.cut !== null && (
        <path
          d={`M ${x1} ${y1} L ${tape.cut[0]} ${tape.cut[1]}`}
          stroke={LANTERN}
          strokeWidth={0.2}
          strokeDasharray="0.35 0.25"
        />
      )}
      <path d={`M ${x0} ${y0} L ${x1} ${y1}`} stroke={LANTERN} strokeWidth={0.26} strokeLinecap="round" />
      <circle cx={x0} cy={y0} r={0.38} fill="#2a182e" stroke={LANTERN} strokeWidth={0.16} />
      <circle cx={x1} cy={y1} r={0.3} fill={LANTERN} />
      <Label at={middle} text={formatLength(step.reading, unit)} />
    </g>
  );
}
