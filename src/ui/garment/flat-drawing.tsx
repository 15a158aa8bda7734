import { memo, type ReactNode } from "react";
import { drawFlat, type FlatHalf, type FlatHandle, hangs, type SheetDrawing } from "@/core/formats";
import { FlatHandleMark, sayHem } from "./flat-handle";

/** Room round a half, in inches: for the handle at its hem. */
const ROOM = 1.5;
/** The handle for half the width that is seen. */
const HANDLE = 0.05;

const chain = (points: readonly { readonly x: number; readonly y: number }[]): string =>
  points.map(({ x, y }) => `${x.toFixed(2)} ${y.toFixed(2)}`).join(" L ");

/** Edges that are no seam inside the garment: its outline is drawn stronger. */
const OUTLINE = new Set(["neck", "armhole", "hem", "side", "waist"]);

/** One side of a half; the other is its mirror. */
function FlatSide({ half, mirrored }: { readonly half: FlatHalf; readonly mirrored: boolean }) {
  return (
    <g transform={mirrored ? "scale(-1 1)" : undefined}>
      {half.pieces.map((piece) => (
        <path
          key={piece.id}
          d={`M ${chain(piece.edges.flatMap(({ points }) => points))} Z`}
          fill="var(--color-cloth)"
          stroke="var(--color-cloth)"
          strokeWidth={0.2}
        />
      ))}
      {half.pieces.flatMap((piece) =>
        piece.edges
          .filter(({ role, points }) => role !== "centre" || Math.min(...points.map(({ x }) => x)) < -0.5)
          .map(({ id, role, points }) => (
            <path
              key={`${piece.id}-${id}`}
              d={`M ${chain(points)}`}
              fill="none"
              stroke="var(--color-chalk)"
              strokeWidth={OUTLINE.has(role) ? 0.24 : 0.14}
              strokeLinejoin="round"
            />
          )),
      )}
      {half.pieces.flatMap((piece) =>
        piece.folds.map((points) => (
          <path
            key={`${piece.id}-fold-${points[0]?.x}-${points[1]?.y}`}
            d={`M ${chain(points)}`}
            fill="none"
            stroke="var(--color-chalk)"
            strokeWidth={0.12}
            strokeLinecap="round"
            opacity={0.6}
          />
        )),
      )}
      {half.pieces.flatMap((piece) =>
        piece.darts.map((points) => (
          <path
            key={`${piece.id}-${points[0]?.x}-${points[0]?.y}`}
            d={`M ${chain(points)}`}
            fill="none"
            stroke="var(--color-chalk)"
            strokeWidth={0.16}
            strokeDasharray="0.1 0.34"
            strokeLinecap="round"
          />
        )),
      )}
    </g>
  );
}

/** What lies over one side of a half: collars as they are worn, covering what is under them. */
function FlatOver({ half, mirrored }: { readonly half: FlatHalf; readonly mirrored: boolean }) {
  return (
    <g transform={mirrored ? "scale(-1 1)" : undefined}>
      {half.over.flatMap((piece) =>
        piece.edges.map(({ id, points }) => (
          <path
            key={`${piece.id}-${id}`}
            d={`M ${chain(points)} Z`}
            fill="var(--color-cloth)"
            stroke="var(--color-chalk)"
            strokeWidth={0.2}
            strokeLinejoin="round"
          />
        )),
      )}
    </g>
  );
}

/** Where the garment opens, and its buttonholes, as they are on the sheet. */
function Opening({ sheet, half }: { readonly sheet: SheetDrawing; readonly half: FlatHalf }) {
  const pieces = sheet.pieces.filter((piece) => piece.half === half.half && hangs(piece) && piece.drawnWith === null);
  // Marks are told from their own piece's top: a skirt's from where it hangs.
  const marks = pieces.flatMap(({ id, marks: own }) => {
    const lift = half.pieces.find((piece) => piece.id === id)?.lift ?? 0;
    return own.map((mark) => ({ id: mark.id, down: (mark.stitch ?? 0) + lift }));
  });
  const downOf = (...ids: readonly string[]) => marks.find(({ id }) => ids.includes(id))?.down;
  const zipEnd = downOf("centre/zip-end");
  const slitEnd = downOf("centre/slit-end");
  const slitTop = downOf("centre/slit-top", "centre/vent-top");
  const startOf = (role: string) =>
    half.pieces.flatMap(({ edges }) => edges.find((edge) => edge.role === role)?.points[0]?.y ?? []);
  const necks = startOf("neck");
  // A skirt opens from its waist down.
  const neck = half.closesAt ?? Math.min(...(necks.length > 0 ? necks : startOf("waist")));
  const buttons = marks.filter(({ id }) => id.startsWith("centre/button-"));
  const open = pieces.some(({ origin }) => origin !== "fold");
  // Sleeves may hang lower than the garment.
  const own = half.pieces.filter(({ id }) => pieces.some((piece) => piece.id === id));
  const bottom = Math.max(0, ...own.flatMap(({ edges }) => edges.flatMap(({ points }) => points.map(({ y }) => y))));
  // Each half stops short of the centre where a band that is sewn on brings it back.
  const stops = Math.min(...own.flatMap(({ edges }) => edges.flatMap(({ points }) => points.map(({ x }) => x))));
  return (
    <g stroke="var(--color-chalk)">
      {buttons.length > 0 && stops > 0.1 && (
        <rect
          x={-stops}
          y={neck}
          width={2 * stops}
          height={bottom - neck}
          fill="var(--color-cloth)"
          strokeWidth={0.14}
        />
      )}
      {open && <path d={`M 0 ${neck} V ${bottom}`} strokeWidth={0.14} />}
      {slitEnd !== undefined && <path d={`M 0 ${neck} V ${slitEnd}`} strokeWidth={0.2} />}
      {slitTop !== undefined && <path d={`M 0 ${slitTop} L -0.5 ${half.bottom}`} strokeWidth={0.2} />}
      {zipEnd !== undefined && <path d={`M 0 ${neck} V ${zipEnd}`} strokeWidth={0.5} strokeDasharray="0.2 0.2" />}
      {buttons.map(({ id, down }) => (
        <circle key={id} cx={0} cy={down} r={0.38} strokeWidth={0.16} fill="var(--color-cloth)" />
      ))}
    </g>
  );
}

interface Seen {
  readonly top: number;
  readonly bottom: number;
  /** From the centre to the edge. */
  readonly wide: number;
}

interface HalfProps {
  readonly sheet: SheetDrawing;
  readonly half: FlatHalf;
  readonly seen: Seen;
  /** What is told beside its name. */
  readonly said: string | null;
  readonly children?: ReactNode;
}

/** A half of the flat over its name. */
function Half({ sheet, half, seen: { top, bottom, wide }, said, children }: HalfProps) {
  return (
    <figure className="flex min-h-0 min-w-0 flex-col">
      <svg
        viewBox={`${-wide} ${top} ${2 * wide} ${bottom - top}`}
        className="min-h-0 w-full flex-1"
        role="presentation"
      >
        <FlatSide half={half} mirrored />
        <FlatSide half={half} mirrored={false} />
        <FlatOver half={half} mirrored />
        <FlatOver half={half} mirrored={false} />
        {half.once.map((points) => (
          <path
            key={`${points[0]?.x}-${points[0]?.y}`}
            d={`M ${chain(points)}`}
            fill="none"
            stroke="var(--color-chalk)"
            strokeWidth={0.16}
            strokeLinejoin="round"
          />
        ))}
        <Opening sheet={sheet} half={half} />
        {children}
      </svg>
      <figcaption className="text-center text-sm">
        {half.half === "front" ? "Front" : "Back"}
        {said !== null && <span className="text-ink-soft">{` · ${said}`}</span>}
      </figcaption>
    </figure>
  );
}

/** The hem's corner, and what is to be done when it is dragged. */
interface HeldHem {
  readonly handle: FlatHandle;
  readonly onDrag: (handle: FlatHandle, value: string | number) => void;
}

interface FlatDrawingProps {
  readonly sheet: SheetDrawing;
  /** In a high room: the front over the back. */
  readonly stacked?: boolean;
  /** Given where the hem may be dragged in and out. */
  readonly held?: HeldHem | null;
}

/** The garment flat, front and back in one scale, drawn from its real pieces with darts sewn and panels joined. */
export const FlatDrawing = memo(function FlatDrawing({ sheet, stacked = false, held = null }: FlatDrawingProps) {
  const halves = drawFlat(sheet);
  if (halves.length === 0) return null;
  const seen = {
    top: Math.min(...halves.map((half) => half.top)) - ROOM,
    bottom: Math.max(...halves.map((half) => half.bottom)) + ROOM,
    wide: Math.max(...halves.map((half) => half.width)) + ROOM,
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: two figures are no set of fields
    <div
      role="group"
      aria-label="The garment flat, front and back, from the real pieces"
      className={`grid h-full w-full grid-cols-2 grid-rows-[minmax(0,1fr)] gap-2 ${stacked ? "lg:grid-cols-1 lg:grid-rows-[minmax(0,1fr)_minmax(0,1fr)]" : ""}`}
    >
      {halves.map((half, index) => {
        const own = index === 0 ? held : null;
        return (
          <Half
            key={half.half}
            sheet={sheet}
            half={half}
            seen={seen}
            said={own === null ? null : sayHem(own.handle, sheet.unit)}
          >
            {own !== null && <FlatHandleMark {...own} unit={sheet.unit} size={HANDLE * seen.wide} />}
          </Half>
        );
      })}
    </div>
  );
});
