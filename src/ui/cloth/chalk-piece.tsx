import { markPlace, type SheetPiece, type SheetStep } from "@/core/formats";
import { lineNames } from "@/core/wording";

interface ChalkPieceProps {
  readonly piece: SheetPiece;
  readonly right: number;
  readonly activeStep: SheetStep | null;
  readonly onMark: ((piece: string, mark: string) => void) | undefined;
  /** A second piece on the same cloth: only the edges that are re-cut are drawn, faintly. */
  readonly faint: boolean;
}

const CHALK = "#fdf8ec";
const LANTERN = "#ffbf5e";

function GuideLines({
  piece,
  right,
  activeLine,
}: {
  readonly piece: SheetPiece;
  readonly right: number;
  readonly activeLine: string | null;
}) {
  return piece.lines.map(({ id, down }) => {
    const active = id === activeLine;
    return (
      <g key={id}>
        <path
          d={`M ${-piece.originInset} ${down} H ${right - piece.originInset}`}
          stroke={active ? LANTERN : "#e3cfe0"}
          strokeOpacity={active ? 1 : 0.55}
          strokeWidth={active ? 0.14 : 0.05}
        />
        <text
          x={right - piece.originInset - 0.25}
          y={down - 0.22}
          fontSize={0.82}
          textAnchor="end"
          fill={active ? LANTERN : "#e9dbe6"}
        >
          {lineNames[id]}
        </text>
      </g>
    );
  });
}

function Edges({ piece, activeEdge }: { readonly piece: SheetPiece; readonly activeEdge: string | null }) {
  return piece.edges
    .filter(({ onFold }) => !onFold)
    .map(({ id, path }) => {
      const active = id === activeEdge;
      return (
        <path
          key={id}
          d={path}
          fill="none"
          stroke={active ? LANTERN : CHALK}
          strokeWidth={active ? 0.26 : 0.09}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
      );
    });
}

/** The dots of the edge in hand: where the tape sets the curve. */
function EdgeDots({ piece, activeEdge }: { readonly piece: SheetPiece; readonly activeEdge: string | null }) {
  const edge = piece.edges.find(({ id }) => id === activeEdge);
  if (edge === undefined || edge.dots.length === 0) return null;
  const [[x0, y0], [x1, y1]] = [edge.start, edge.end];
  const turn = (Math.atan2(y1 - y0, x1 - x0) * 180) / Math.PI;
  return (
    <g transform={`translate(${x0} ${y0}) rotate(${turn})`} fill={LANTERN}>
      {edge.dots.map(({ along, across }) => (
        <g key={along}>
          <path d={`M ${along} 0 V ${across}`} stroke={LANTERN} strokeOpacity={0.5} strokeWidth={0.05} />
          <circle cx={along} cy={across} r={0.2} />
        </g>
      ))}
    </g>
  );
}

function Marks({
  piece,
  activeMarks,
  onMark,
}: {
  readonly piece: SheetPiece;
  readonly activeMarks: readonly string[];
  readonly onMark: ChalkPieceProps["onMark"];
}) {
  return piece.marks.map((mark) => {
    const [x, y] = markPlace(piece, mark);
    const active = activeMarks.includes(mark.id);
    const arm = active ? 0.5 : 0.26;
    return (
      // The list of steps beside the cloth does the same by keyboard; touching the cloth is a shortcut.
      // biome-ignore lint/a11y/noStaticElementInteractions: see above
      <g key={mark.id} onClick={onMark && (() => onMark(piece.id, mark.id))} style={onMark && { cursor: "pointer" }}>
        <circle cx={x} cy={y} r={0.9} fill="transparent" />
        <path
          d={`M ${x - arm} ${y - arm} L ${x + arm} ${y + arm} M ${x - arm} ${y + arm} L ${x + arm} ${y - arm}`}
          stroke={active ? LANTERN : CHALK}
          strokeWidth={active ? 0.18 : 0.1}
          strokeLinecap="round"
        />
      </g>
    );
  });
}

function Notches({ piece, activeStep }: { readonly piece: SheetPiece; readonly activeStep: SheetStep | null }) {
  return piece.notches.map(({ id, point: [x, y] }) => {
    const active = activeStep?.phase === "notch" && activeStep.id.startsWith(`notch-${id}-`);
    return (
      <path
        key={id}
        d={`M ${x - 0.35} ${y} L ${x} ${y - 0.3} L ${x + 0.35} ${y} L ${x} ${y + 0.3} Z`}
        fill={active ? LANTERN : "none"}
        stroke={active ? LANTERN : CHALK}
        strokeWidth={0.08}
      />
    );
  });
}

/** One piece in chalk: guide lines, stitching line, cutting line, marks, dots and notches, each in its own line. */
export function ChalkPiece({ piece, right, activeStep, onMark, faint }: ChalkPieceProps) {
  const own = activeStep?.piece === piece.id ? activeStep : null;
  const cutting = own?.phase === "cut";
  return (
    <g transform={`translate(${piece.originInset} 0)`} opacity={faint ? 0.75 : 1}>
      {!faint && (
        <GuideLines
          piece={piece}
          right={right}
          activeLine={
            own?.act === "guide-line" || own?.act === "mark" ? own.line : own?.act === "top-line" ? "top" : null
          }
        />
      )}
      {piece.origin === "zip-line" && (
        <path
          d={`M 0 ${piece.box.top} V ${piece.box.bottom}`}
          stroke={own?.act === "zip-line" ? LANTERN : "#e3cfe0"}
          strokeWidth={0.1}
          strokeDasharray="1 0.3 0.2 0.3"
        />
      )}
      <path
        d={piece.outline.cut}
        fill="none"
        stroke={cutting ? "#fff" : CHALK}
        strokeWidth={cutting ? 0.24 : 0.17}
        strokeDasharray="0.75 0.3"
        strokeLinejoin="round"
      />
      <Edges piece={piece} activeEdge={own?.edge ?? null} />
      <EdgeDots piece={piece} activeEdge={own?.phase === "chalk" ? own.edge : null} />
      <Notches piece={piece} activeStep={own} />
      {!faint && <Marks piece={piece} activeMarks={own?.marks ?? []} onMark={onMark} />}
    </g>
  );
}
