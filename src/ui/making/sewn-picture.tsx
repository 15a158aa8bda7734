import type { CutSheet, SheetPiece, SheetStep } from "@/core/formats";
import { ClothText } from "@/ui/cloth/cloth-text";

/** Air between two pieces, in inches. */
const APART = 3;
/** No more pieces than these stand beside one another: more would be too small to be told apart. */
const MOST = 6;

/** Edges of a role that a task without a seam of its own is about. */
const ROLE: Readonly<Record<string, string>> = { "centre-seam": "centre", zip: "centre", hem: "hem", hang: "hem" };

/** The edges that are sewn in a task: `piece/edge`. */
function sewnEdges(sheet: CutSheet, { make }: SheetStep): ReadonlySet<string> {
  const own = new Set(make?.seams.map(({ id }) => id));
  const inSeams = sheet.seams.filter(({ id }) => own.has(id)).flatMap(({ a, b }) => [...a, ...b]);
  const role = ROLE[make?.task ?? ""];
  const byRole = sheet.pieces
    .filter(({ id }) => make?.pieces.includes(id))
    .flatMap(({ id, edges }) =>
      edges.filter((edge) => edge.role === role && !edge.onFold).map((edge) => `${id}/${edge.id}`),
    );
  return new Set([...inSeams, ...byRole]);
}

interface Placed {
  readonly piece: SheetPiece;
  readonly x: number;
}

function placeInRow(pieces: readonly SheetPiece[]): { readonly placed: readonly Placed[]; readonly width: number } {
  let x = 0;
  const placed = pieces.map((piece) => {
    const at = x - piece.box.left;
    x += piece.box.right - piece.box.left + APART;
    return { piece, x: at };
  });
  return { placed, width: Math.max(1, x - APART) };
}

function SewnPiece({
  piece,
  sewn,
  darts,
  fine,
}: {
  readonly piece: SheetPiece;
  readonly sewn: ReadonlySet<string>;
  readonly darts: boolean;
  readonly fine: number;
}) {
  const lit = piece.edges.filter(({ id }) => sewn.has(`${piece.id}/${id}`));
  const on = new Set(lit.map(({ id }) => id));
  return (
    <>
      <path d={piece.outline.cut} fill="var(--color-cloth)" />
      <path d={piece.outline.stitch} fill="none" stroke="var(--color-chalk)" strokeWidth={0.1 * fine} />
      {lit.map(({ id, path }) => (
        <path
          key={id}
          d={path}
          fill="none"
          stroke="var(--color-lantern)"
          strokeWidth={0.5 * fine}
          strokeLinecap="round"
        />
      ))}
      {piece.notches
        .filter(({ edge }) => on.has(edge))
        .map(({ id, edge, point: [x, y] }) => (
          <circle key={`${edge} ${id}`} cx={x} cy={y} r={0.55 * fine} fill="var(--color-chalk)" />
        ))}
      {darts &&
        piece.darts
          .filter(({ sewn: isSewn }) => isSewn)
          .flatMap(({ id, tip, legs, end }) =>
            legs.map(([x, y]) => (
              <path
                key={`${id} ${x}`}
                d={`M ${tip.join(" ")} L ${x} ${y}${end === null ? "" : ` L ${end.join(" ")}`}`}
                fill="none"
                stroke="var(--color-lantern)"
                strokeWidth={0.5 * fine}
              />
            )),
          )}
    </>
  );
}

/** The pieces of a task beside one another, what is sewn now the bright line, its notches as dots. */
export function SewnPicture({ sheet, step }: { readonly sheet: CutSheet; readonly step: SheetStep }) {
  const sewn = sewnEdges(sheet, step);
  const own = sheet.pieces.filter(({ id }) => step.make?.pieces.includes(id)).slice(0, MOST);
  if (own.length === 0) return null;
  const { placed, width } = placeInRow(own);
  const top = Math.min(...own.map(({ box }) => box.top));
  const height = Math.max(...own.map(({ box }) => box.bottom)) - top;
  const fine = Math.max(width / 2, height) / 36;
  return (
    <svg
      viewBox={`${-fine} ${top - fine} ${width + 2 * fine} ${height + 4 * fine}`}
      className="h-full w-full"
      role="img"
      aria-label={`${own.map(({ name }) => name).join(", ")}: ${sewn.size > 0 ? "what is sewn now is bright" : "the pieces of this task"}`}
    >
      {placed.map(({ piece, x }) => (
        <g key={piece.id} transform={`translate(${x} 0)`}>
          <SewnPiece piece={piece} sewn={sewn} darts={step.make?.task === "darts"} fine={fine} />
          <ClothText
            x={(piece.box.left + piece.box.right) / 2}
            y={top + height + 2.6 * fine}
            textAnchor="middle"
            fontSize={1.9 * fine}
            fill="currentColor"
          >
            {piece.name}
          </ClothText>
        </g>
      ))}
    </svg>
  );
}
