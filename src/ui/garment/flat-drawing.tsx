import { memo } from "react";
import { drawFlat, type FlatHalf, hangs, type SheetDrawing } from "@/core/formats";

/** Room between front and back, in inches. */
const APART = 3;
const NAME_ROOM = 3.4;

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
  const neck = Math.min(...(necks.length > 0 ? necks : startOf("waist")));
  const buttons = marks.filter(({ id }) => id.startsWith("centre/button-"));
  const open = pieces.some(({ origin }) => origin !== "fold");
  return (
    <g stroke="var(--color-chalk)">
      {open && <path d={`M 0 ${neck} V ${half.bottom}`} strokeWidth={0.14} />}
      {slitEnd !== undefined && <path d={`M 0 ${neck} V ${slitEnd}`} strokeWidth={0.2} />}
      {slitTop !== undefined && <path d={`M 0 ${slitTop} L -0.5 ${half.bottom}`} strokeWidth={0.2} />}
      {zipEnd !== undefined && <path d={`M 0 ${neck} V ${zipEnd}`} strokeWidth={0.5} strokeDasharray="0.2 0.2" />}
      {buttons.map(({ id, down }) => (
        <circle key={id} cx={0} cy={down} r={0.38} strokeWidth={0.16} fill="var(--color-cloth)" />
      ))}
    </g>
  );
}

function Half({ sheet, half, at }: { readonly sheet: SheetDrawing; readonly half: FlatHalf; readonly at: number }) {
  return (
    <g transform={`translate(${at} 0)`}>
      <FlatSide half={half} mirrored />
      <FlatSide half={half} mirrored={false} />
      <Opening sheet={sheet} half={half} />
      <text x={0} y={half.bottom + 2.6} textAnchor="middle" fontSize={1.9} fill="currentColor">
        {half.half === "front" ? "Front" : "Back"}
      </text>
    </g>
  );
}

/** The garment flat, front and back, drawn from its real pieces with darts sewn and panels joined. */
export const FlatDrawing = memo(function FlatDrawing({ sheet }: { readonly sheet: SheetDrawing }) {
  const halves = drawFlat(sheet);
  const [front, back] = halves;
  if (front === undefined) return null;
  const top = Math.min(...halves.map((half) => half.top)) - 0.5;
  const bottom = Math.max(...halves.map((half) => half.bottom));
  const width = halves.reduce((sum, half) => sum + 2 * half.width, 0) + APART * (halves.length - 1);
  return (
    <svg
      viewBox={`-0.5 ${top} ${width + 1} ${bottom - top + NAME_ROOM}`}
      className="h-full w-full"
      role="img"
      aria-label="The garment flat, front and back, from the real pieces"
    >
      <Half sheet={sheet} half={front} at={front.width} />
      {back !== undefined && <Half sheet={sheet} half={back} at={2 * front.width + APART + back.width} />}
    </svg>
  );
});
