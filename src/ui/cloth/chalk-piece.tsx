import { useMemo } from "react";
import { cutLines, markPlace, type SheetPiece } from "@/core/formats";
import { flattenPath, readPathData } from "@/core/geometry";
import { lineNames } from "@/core/wording";
import { CHALK, type ChalkLook, isLit, isShown, LANTERN } from "./chalk-look";
import { LETTER, type View } from "./cloth-frame";
import { ClothText } from "./cloth-text";
import { TrimLines } from "./trim-lines";

interface ChalkPieceProps {
  readonly piece: SheetPiece;
  readonly right: number;
  readonly look: ChalkLook;
  readonly onMark: ((piece: string, mark: string) => void) | undefined;
  /** A second piece in the same outline: only the edges that are re-cut are drawn, faintly. */
  readonly faint: boolean;
  /** An outer panel lies on its neighbour's guide lines; they are drawn once. */
  readonly withLines: boolean;
  /** How fine the chalk is drawn: 1 for the whole cloth, less for a part of it seen larger. */
  readonly fine: number;
  /** The part of the cloth that is seen; all of it and the names beside it, unless told. */
  readonly view?: View;
}

const GUIDE = "var(--color-guide)";

interface PartProps {
  readonly piece: SheetPiece;
  readonly look: ChalkLook;
  readonly fine: number;
}

/** Where the names of the lines stand: beside their line, or below the last name where two lines lie close. */
function nameDepths(lines: SheetPiece["lines"], fine: number): readonly number[] {
  const depths: number[] = [];
  for (const { down } of lines) depths.push(Math.max(down, (depths.at(-1) ?? Number.NEGATIVE_INFINITY) + 1.1 * fine));
  return depths;
}

/** Where names of lines stand: beside the cloth, clear of the chalk; on it, below their line (flags stand above it), where the window ends before. */
function placeNames(lines: SheetPiece["lines"], right: number, view: View | undefined, fine: number) {
  const reach = view === undefined ? Number.POSITIVE_INFINITY : view.left + view.width;
  const beside = right + 0.9;
  const longest = Math.max(0, ...lines.map(({ id }) => lineNames[id].length)) * LETTER * fine;
  if (beside + longest <= reach)
    return { x: beside, below: 0.32 * fine, anchor: "start", fill: "currentColor" } as const;
  return { x: Math.min(right, reach) - 0.4, below: 1.15 * fine, anchor: "end", fill: CHALK } as const;
}

/** Strips and rings are read from no line of their own. */
const isRuled = ({ strip, edges }: SheetPiece): boolean => strip === undefined && edges[0]?.arc === undefined;

/** Guide lines to the edge of the cloth, with their names. */
function GuideLines({
  piece,
  right,
  look,
  fine,
  view,
}: PartProps & { readonly right: number; readonly view: View | undefined }) {
  const lines = piece.lines.filter(({ id }) => isShown(look, "lines", `${piece.id}/${id}`));
  const depths = nameDepths(lines, fine);
  const names = placeNames(lines, right, view, fine);
  return lines.map(({ id, down }, index) => {
    const word = (depths[index] ?? down) + names.below;
    // Half a word at the window's edge says nothing.
    const isSeen = view === undefined || (word - fine > view.top && word < view.top + view.height);
    const lit = isLit(look, "lines", `${piece.id}/${id}`);
    return (
      <g key={id}>
        <path
          d={`M ${-piece.originInset} ${down} H ${right - piece.originInset}`}
          stroke={lit ? LANTERN : GUIDE}
          strokeOpacity={lit ? 1 : 0.6}
          strokeWidth={(lit ? 0.14 : 0.05) * fine}
        />
        {isSeen && (
          <ClothText
            x={names.x - piece.originInset}
            y={word}
            textAnchor={names.anchor}
            fontSize={1 * fine}
            fontWeight={lit ? 700 : 400}
            fill={names.fill}
          >
            {lineNames[id]}
          </ClothText>
        )}
      </g>
    );
  });
}

/** Edges of a second piece that differ from the first: they are re-cut on it alone. */
const RECUT = new Set(["neck", "armhole"]);

const isDrawn = (faint: boolean, { onFold, role }: SheetPiece["edges"][number]): boolean =>
  !onFold && (!faint || RECUT.has(role));

function Edges({ piece, look, fine, faint }: PartProps & { readonly faint: boolean }) {
  if (look.shears) return null;
  return piece.edges
    .filter((edge) => isDrawn(faint, edge) && isShown(look, "stitches", `${piece.id}/${edge.id}`))
    .map(({ id, path }) => {
      const lit = isLit(look, "stitches", `${piece.id}/${id}`);
      return (
        <path
          key={id}
          data-stitch={`${piece.id}/${id}`}
          data-bright={lit || undefined}
          d={path}
          fill="none"
          stroke={lit ? LANTERN : CHALK}
          strokeWidth={(lit ? 0.26 : 0.1) * fine}
          // What is not cut yet on this piece alone is only dotted.
          strokeDasharray={faint && !lit ? `${0.1 * fine} ${0.35 * fine}` : undefined}
          strokeLinejoin="round"
          strokeLinecap="round"
        />
      );
    });
}

interface CutLineProps {
  /** `piece/edge`. */
  readonly name: string;
  readonly d: string;
  readonly look: ChalkLook;
  readonly fine: number;
}

/** One edge's cutting line: bright when it is the one to cut, crossed out when it must not be. */
function CutLine({ name, d, look, fine }: CutLineProps) {
  const [lit, crossed] = [isLit(look, "cuts", name), look.crossed.has(name)];
  const dashes = crossed ? `${0.12 * fine} ${0.5 * fine}` : "0.75 0.3";
  return (
    <g>
      <path
        data-cut={name}
        data-bright={lit || undefined}
        data-crossed={crossed || undefined}
        d={d}
        fill="none"
        stroke={lit ? LANTERN : CHALK}
        strokeOpacity={look.shears && !lit ? 0.45 : 1}
        strokeWidth={(lit ? 0.34 : 0.19) * fine}
        strokeDasharray={lit ? undefined : dashes}
        strokeLinejoin="round"
        strokeLinecap={crossed ? "round" : "butt"}
      />
      {crossed && <Crosses d={d} fine={fine} />}
    </g>
  );
}

/** Cutting lines edge by edge, so that only the one to cut is bright; what must not be cut is crossed out. */
function CutLines({ piece, look, fine, faint }: PartProps & { readonly faint: boolean }) {
  const lines = useMemo(() => cutLines(piece), [piece]);
  return piece.edges
    .filter((edge) => isDrawn(faint, edge) && isShown(look, "cuts", `${piece.id}/${edge.id}`))
    .flatMap(({ id }) => {
      const d = lines[id];
      return d === undefined ? [] : [<CutLine key={id} name={`${piece.id}/${id}`} d={d} look={look} fine={fine} />];
    });
}

const PLACE = /[ML] (-?[\d.e-]+) (-?[\d.e-]+)/g;
/** Every so many inches a line that must not be cut is crossed. */
const CROSS_EVERY = 2.2;

/** Small crosses along a line: hands off. */
function Crosses({ d, fine }: { readonly d: string; readonly fine: number }) {
  const places = [...d.matchAll(PLACE)].map(([, x, y]) => [Number(x), Number(y)] as const);
  let since = CROSS_EVERY / 2;
  const crosses = places.filter(([x, y], index) => {
    const before = places[index - 1];
    since += before === undefined ? 0 : Math.hypot(x - before[0], y - before[1]);
    if (since < CROSS_EVERY) return false;
    since = 0;
    return true;
  });
  const arm = 0.4 * fine;
  return crosses.map(([x, y]) => (
    <path
      key={`${x} ${y}`}
      d={`M ${x - arm} ${y - arm} L ${x + arm} ${y + arm} M ${x - arm} ${y + arm} L ${x + arm} ${y - arm}`}
      stroke={CHALK}
      strokeWidth={0.14 * fine}
      strokeLinecap="round"
    />
  ));
}

/** The dots of the edges in hand: where the tape sets the curve. */
function EdgeDots({ piece, look, fine }: PartProps) {
  return piece.edges
    .filter(({ id, dots }) => dots.length > 0 && isLit(look, "stitches", `${piece.id}/${id}`))
    .map(({ id, start: [x0, y0], end: [x1, y1], dots, arc }) => (
      <g
        key={id}
        transform={`translate(${x0} ${y0}) rotate(${(Math.atan2(y1 - y0, x1 - x0) * 180) / Math.PI})`}
        fill={LANTERN}
      >
        {dots.map(({ along, across }) => (
          <g key={along}>
            {/* What is swung needs no straight line to be set off from. */}
            {arc === undefined && (
              <path d={`M ${along} 0 V ${across}`} stroke={LANTERN} strokeOpacity={0.6} strokeWidth={0.06 * fine} />
            )}
            <circle cx={along} cy={across} r={0.24 * fine} />
          </g>
        ))}
      </g>
    ));
}

function Marks({ piece, look, onMark, fine }: PartProps & Pick<ChalkPieceProps, "onMark">) {
  if (look.shears) return null;
  return piece.marks
    .filter(({ id }) => isShown(look, "marks", `${piece.id}/${id}`))
    .map((mark) => {
      const [x, y] = markPlace(piece, mark);
      const lit = isLit(look, "marks", `${piece.id}/${mark.id}`);
      const arm = (lit ? 0.5 : 0.28) * fine;
      return (
        // The list of steps beside the cloth does the same by keyboard; touching the cloth is a shortcut.
        // biome-ignore lint/a11y/noStaticElementInteractions: see above
        <g
          key={mark.id}
          data-mark={`${piece.id}/${mark.id}`}
          onClick={onMark && (() => onMark(piece.id, mark.id))}
          style={onMark && { cursor: "pointer" }}
        >
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

function Notches({ piece, look, fine }: PartProps) {
  return piece.notches
    .filter(({ id, edge }) => isShown(look, "notches", `${piece.id}/${edge}/${id}`))
    .map(({ id, edge, point: [x, y] }) => {
      const lit = isLit(look, "notches", `${piece.id}/${edge}/${id}`);
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

/** Darts in their own line: sewn, never cut. */
function Darts({ piece, look, fine }: PartProps) {
  if (look.shears) return null;
  return piece.darts
    .filter(({ id }) => isShown(look, "darts", `${piece.id}/${id}`))
    .map((dart) => {
      const lit = isLit(look, "darts", `${piece.id}/${dart.id}`);
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

/** Lines that are chalked and never cut: where it turns over, is pressed, or has something sewn on. */
function Creases({ piece, look, fine }: PartProps) {
  if (look.shears) return null;
  return (piece.creases ?? [])
    .filter(({ id }) => isShown(look, "darts", `${piece.id}/${id}`))
    .map(({ id, path }) => {
      const lit = isLit(look, "darts", `${piece.id}/${id}`);
      return (
        <path
          key={id}
          d={path}
          fill="none"
          stroke={lit ? LANTERN : CHALK}
          strokeWidth={(lit ? 0.26 : 0.12) * fine}
          strokeDasharray={`${0.7 * fine} ${0.4 * fine}`}
          strokeLinecap="round"
        />
      );
    });
}

/** The plumb line of the armhole, while it stands: ruled from, never sewn or cut. */
function PlumbLine({ piece, look, fine }: PartProps) {
  const [foot, tip] = ["chest/armhole", "shoulder/tip"].map((id) => piece.marks.find((mark) => mark.id === id));
  if (look.shown === null || look.shears || foot === undefined || tip === undefined) return null;
  if (!isShown(look, "marks", `${piece.id}/chest/armhole`)) return null;
  const [[x0, y0], [x1, y1]] = [markPlace(piece, tip), markPlace(piece, foot)];
  return (
    <path
      d={`M ${x0} ${y0} L ${x1} ${y1}`}
      stroke={GUIDE}
      strokeWidth={0.09 * fine}
      strokeDasharray={`${0.3 * fine} ${0.3 * fine}`}
    />
  );
}

/** Where a piece was spread: its sectors, numbered, so that no paper is slashed. Only looked at, never chalked. */
function Sectors({ piece, look, fine }: PartProps) {
  if (look.shears) return null;
  return (piece.sectors ?? []).map(({ n, path }) => {
    const places = flattenPath(readPathData(path), 0.5);
    const middle = (of: "x" | "y") => places.reduce((sum, place) => sum + place[of], 0) / places.length;
    return (
      <g key={n} opacity={0.55}>
        <path
          d={path}
          fill="none"
          stroke={GUIDE}
          strokeWidth={0.06 * fine}
          strokeDasharray={`${0.3 * fine} ${0.3 * fine}`}
        />
        <ClothText x={middle("x")} y={middle("y")} textAnchor="middle" fontSize={1.1 * fine} fill={GUIDE}>
          {n}
        </ClothText>
      </g>
    );
  });
}

/** One piece in chalk: guide lines, stitching line, cutting line, marks, dots and notches, each in its own line. */
export function ChalkPiece({ piece, right, look, onMark, faint, withLines, fine, view }: ChalkPieceProps) {
  const centre = isLit(look, "centres", piece.id);
  return (
    <g transform={`translate(${piece.originInset} 0)`} opacity={faint ? 0.75 : 1}>
      {withLines && !faint && isRuled(piece) && (
        <GuideLines piece={piece} right={right} look={look} fine={fine} view={view} />
      )}
      {!faint && <Sectors piece={piece} look={look} fine={fine} />}
      {piece.origin !== "fold" &&
        piece.origin !== "cloth-edge" &&
        piece.drawnWith === null &&
        isShown(look, "centres", piece.id) && (
          <path
            d={`M 0 ${piece.box.top} V ${piece.box.bottom}`}
            stroke={centre ? LANTERN : GUIDE}
            strokeWidth={(centre ? 0.2 : 0.1) * fine}
            strokeDasharray="1 0.3 0.2 0.3"
          />
        )}
      <PlumbLine piece={piece} look={look} fine={fine} />
      <CutLines piece={piece} look={look} fine={fine} faint={faint} />
      <TrimLines piece={piece} look={look} fine={fine} />
      <Edges piece={piece} look={look} fine={fine} faint={faint} />
      {!faint && <Darts piece={piece} look={look} fine={fine} />}
      {!faint && <Creases piece={piece} look={look} fine={fine} />}
      <EdgeDots piece={piece} look={look} fine={fine} />
      {!faint && <Notches piece={piece} look={look} fine={fine} />}
      {!faint && <Marks piece={piece} look={look} onMark={onMark} fine={fine} />}
    </g>
  );
}
