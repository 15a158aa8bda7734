import { markPlace, type SheetPiece, type SheetStep } from "@/core/formats";
import { lineNames } from "@/core/wording";
import { ClothText } from "./cloth-text";

interface ChalkPieceProps {
  readonly piece: SheetPiece;
  readonly right: number;
  readonly activeStep: SheetStep | null;
  readonly onMark: ((piece: string, mark: string) => void) | undefined;
  /** A second piece in the same outline: only the edges that are re-cut are drawn, faintly. */
  readonly faint: boolean;
  /** An outer panel lies on its neighbour's guide lines; they are drawn once. */
  readonly withLines: boolean;
  /** How fine the chalk is drawn: 1 for the whole cloth, less for a part of it seen larger. */
  readonly fine: number;
}

const CHALK = "var(--color-chalk)";
const LANTERN = "var(--color-lantern)";
const GUIDE = "var(--color-guide)";

/** Steps that light the guide line they work on. */
const LINE_ACTS = new Set(["guide-line", "mark", "plumb"]);

function activeLine(step: SheetStep | null): string | null {
  if (step === null) return null;
  if (step.act === "top-line") return "top";
  return LINE_ACTS.has(step.act) ? step.line : null;
}

interface LinesProps {
  readonly piece: SheetPiece;
  readonly right: number;
  readonly active: string | null;
  readonly fine: number;
}

/** Where the names of the lines stand: beside their line, or below the last name where two lines lie close. */
function nameDepths(lines: SheetPiece["lines"], fine: number): readonly number[] {
  const depths: number[] = [];
  for (const { down } of lines) depths.push(Math.max(down, (depths.at(-1) ?? Number.NEGATIVE_INFINITY) + 1.1 * fine));
  return depths;
}

/** Guide lines to the edge of the cloth; their names stand beside it, clear of the chalk. */
function GuideLines({ piece, right, active, fine }: LinesProps) {
  const depths = nameDepths(piece.lines, fine);
  return piece.lines.map(({ id, down }, index) => (
    <g key={id}>
      <path
        d={`M ${-piece.originInset} ${down} H ${right - piece.originInset}`}
        stroke={id === active ? LANTERN : GUIDE}
        strokeOpacity={id === active ? 1 : 0.6}
        strokeWidth={(id === active ? 0.14 : 0.05) * fine}
      />
      <ClothText
        x={right - piece.originInset + 0.9}
        y={(depths[index] ?? down) + 0.32 * fine}
        fontSize={1 * fine}
        fontWeight={id === active ? 700 : 400}
        fill="currentColor"
      >
        {lineNames[id]}
      </ClothText>
    </g>
  ));
}

/** The edge that a step works along; a notch lights only itself. */
function activeEdge(step: SheetStep | null): string | null {
  return step === null || step.phase === "notch" ? null : step.edge;
}

/** Edges of a second piece that differ from the first: they are re-cut on it alone. */
const RECUT = new Set(["neck", "armhole"]);

function Edges({ piece, active, fine, faint }: Omit<LinesProps, "right"> & { readonly faint: boolean }) {
  return piece.edges
    .filter(({ onFold, role }) => !onFold && (!faint || RECUT.has(role)))
    .map(({ id, path }) => (
      <path
        key={id}
        d={path}
        fill="none"
        stroke={id === active ? LANTERN : CHALK}
        strokeWidth={(id === active ? 0.26 : 0.1) * fine}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    ));
}

/** The dots of the edge in hand: where the tape sets the curve. */
function EdgeDots({ piece, active, fine }: Omit<LinesProps, "right">) {
  const edge = piece.edges.find(({ id }) => id === active);
  if (edge === undefined || edge.dots.length === 0) return null;
  const [[x0, y0], [x1, y1]] = [edge.start, edge.end];
  const turn = (Math.atan2(y1 - y0, x1 - x0) * 180) / Math.PI;
  return (
    <g transform={`translate(${x0} ${y0}) rotate(${turn})`} fill={LANTERN}>
      {edge.dots.map(({ along, across }) => (
        <g key={along}>
          <path d={`M ${along} 0 V ${across}`} stroke={LANTERN} strokeOpacity={0.6} strokeWidth={0.06 * fine} />
          <circle cx={along} cy={across} r={0.24 * fine} />
        </g>
      ))}
    </g>
  );
}

interface MarksProps {
  readonly piece: SheetPiece;
  readonly active: readonly string[];
  readonly onMark: ChalkPieceProps["onMark"];
  readonly fine: number;
}

function Marks({ piece, active, onMark, fine }: MarksProps) {
  return piece.marks.map((mark) => {
    const [x, y] = markPlace(piece, mark);
    const lit = active.includes(mark.id);
    const arm = (lit ? 0.5 : 0.28) * fine;
    return (
      // The list of steps beside the cloth does the same by keyboard; touching the cloth is a shortcut.
      // biome-ignore lint/a11y/noStaticElementInteractions: see above
      <g key={mark.id} onClick={onMark && (() => onMark(piece.id, mark.id))} style={onMark && { cursor: "pointer" }}>
        <circle cx={x} cy={y} r={0.9} fill="transparent" />
        <path
          d={`M ${x - arm} ${y - arm} L ${x + arm} ${y + arm} M ${x - arm} ${y + arm} L ${x + arm} ${y - arm}`}
          stroke={lit ? LANTERN : CHALK}
          strokeWidth={(lit ? 0.18 : 0.11) * fine}
          strokeLinecap="round"
        />
      </g>
    );
  });
}

function Notches({
  piece,
  step,
  fine,
}: {
  readonly piece: SheetPiece;
  readonly step: SheetStep | null;
  readonly fine: number;
}) {
  return piece.notches.map(({ id, edge, point: [x, y] }) => {
    const lit = step?.phase === "notch" && step.edge === edge && step.id.startsWith(`notch-${id}-`);
    const arm = (lit ? 0.8 : 0.38) * fine;
    return (
      <path
        key={`${edge}-${id}`}
        d={`M ${x - arm} ${y} L ${x} ${y - arm * 0.85} L ${x + arm} ${y} L ${x} ${y + arm * 0.85} Z`}
        fill={lit ? LANTERN : "none"}
        stroke={lit ? LANTERN : CHALK}
        strokeWidth={0.1 * fine}
      />
    );
  });
}

type SheetDart = SheetPiece["darts"][number];

/** Both legs of a dart as one line through its tip, or as two where it was cut off there. */
function dartLine({ tip, legs: [inner, outer], end, opens, mouth }: SheetDart): string {
  const [from, to] = opens ?? [tip, tip];
  const [foot, outerFoot] = mouth ?? [end, end];
  const leg = (...places: readonly (SheetDart["tip"] | null)[]) => places.filter((place) => place !== null);
  const along = (places: readonly SheetDart["tip"][]) => places.map(([x, y]) => `${x} ${y}`).join(" L ");
  const row = leg(foot, inner, from);
  const back = leg(to, outer, outerFoot);
  return opens === null ? `M ${along([...row, ...back])}` : `M ${along(row)} M ${along(back)}`;
}

/** Frozen sheets name a dart without the word. */
function isDartStep(step: SheetStep | null, id: string): boolean {
  return step?.act === "dart" && step.id.endsWith(id.endsWith("-dart") ? id : `${id}-dart`);
}

/** Darts in their own line: sewn, never cut. */
function Darts({
  piece,
  step,
  fine,
}: {
  readonly piece: SheetPiece;
  readonly step: SheetStep | null;
  readonly fine: number;
}) {
  return piece.darts.map((dart) => {
    const lit = isDartStep(step, dart.id);
    return (
      <path
        key={dart.id}
        d={dartLine(dart)}
        fill="none"
        stroke={lit ? LANTERN : CHALK}
        strokeWidth={(lit ? 0.26 : 0.12) * fine}
        strokeDasharray={lit ? undefined : "0.1 0.28"}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    );
  });
}

interface CutLineProps {
  readonly piece: SheetPiece;
  readonly cutting: boolean;
  readonly fine: number;
  readonly faint: boolean;
}

/** The cutting line; along a fold nothing is cut, so it is not drawn there. */
function CutLine({ piece, cutting, fine, faint }: CutLineProps) {
  const { left, top, right } = piece.box;
  const armhole = piece.edges.find(({ role }) => role === "armhole");
  const bottom = faint ? (armhole?.end[1] ?? top) - 1.3 : piece.box.bottom;
  const clip = `cut-${piece.id}`;
  const from = piece.cut.on === "fold" ? 0.12 : left - 1;
  return (
    <>
      <clipPath id={clip}>
        <rect x={from} y={top - 1} width={right - from + 1} height={bottom - top + 2} />
      </clipPath>
      <path
        d={piece.outline.cut}
        clipPath={`url(#${clip})`}
        fill="none"
        stroke={CHALK}
        strokeWidth={(cutting ? 0.26 : 0.19) * fine}
        strokeDasharray="0.75 0.3"
        strokeLinejoin="round"
      />
    </>
  );
}

/** One piece in chalk: guide lines, stitching line, cutting line, marks, dots and notches, each in its own line. */
export function ChalkPiece({ piece, right, activeStep, onMark, faint, withLines, fine }: ChalkPieceProps) {
  const step = activeStep?.piece === piece.id ? activeStep : null;
  const edge = activeEdge(step);
  return (
    <g transform={`translate(${piece.originInset} 0)`} opacity={faint ? 0.75 : 1}>
      {withLines && !faint && <GuideLines piece={piece} right={right} active={activeLine(step)} fine={fine} />}
      {piece.origin !== "fold" && piece.drawnWith === null && (
        <path
          d={`M 0 ${piece.box.top} V ${piece.box.bottom}`}
          stroke={step?.act === piece.origin ? LANTERN : GUIDE}
          strokeWidth={0.1 * fine}
          strokeDasharray="1 0.3 0.2 0.3"
        />
      )}
      <CutLine piece={piece} cutting={step?.phase === "cut"} fine={fine} faint={faint} />
      <Edges piece={piece} active={edge} fine={fine} faint={faint} />
      {!faint && <Darts piece={piece} step={step} fine={fine} />}
      <EdgeDots piece={piece} active={step?.phase === "chalk" ? edge : null} fine={fine} />
      {!faint && <Notches piece={piece} step={step} fine={fine} />}
      {!faint && <Marks piece={piece} active={step?.marks ?? []} onMark={onMark} fine={fine} />}
    </g>
  );
}
