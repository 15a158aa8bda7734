import type { SheetPiece } from "@/core/formats";
import { CHALK, type ChalkLook, isLit, isShown, LANTERN } from "./chalk-look";

interface TrimLineProps {
  /** `piece/edge@side`. */
  readonly name: string;
  readonly d: string;
  readonly look: ChalkLook;
  readonly fine: number;
}

/** One line that is cut on one layer alone: dotted, and bright when it is the one to cut. */
function TrimLine({ name, d, look, fine }: TrimLineProps) {
  const lit = isLit(look, "cuts", name);
  return (
    <path
      data-cut={name}
      data-bright={lit || undefined}
      d={d}
      fill="none"
      stroke={lit ? LANTERN : CHALK}
      strokeOpacity={look.shears && !lit ? 0.45 : 1}
      strokeWidth={(lit ? 0.34 : 0.14) * fine}
      strokeDasharray={lit ? undefined : `${0.1 * fine} ${0.4 * fine}`}
      strokeLinecap="round"
    />
  );
}

interface TrimLinesProps {
  readonly piece: SheetPiece;
  readonly look: ChalkLook;
  readonly fine: number;
}

/** Where one side of the wearer is smaller: its own cutting line, seen wherever the larger one is. */
export function TrimLines({ piece, look, fine }: TrimLinesProps) {
  const lines = (piece.sides ?? []).flatMap(({ side, edges }) =>
    edges.map(({ edge, cut }) => ({ name: `${piece.id}/${edge}@${side}`, along: `${piece.id}/${edge}`, cut })),
  );
  return lines
    .filter(({ name, along }) => isShown(look, "cuts", name) || isShown(look, "cuts", along))
    .map(({ name, cut }) => <TrimLine key={name} name={name} d={cut} look={look} fine={fine} />);
}
