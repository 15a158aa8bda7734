import Link from "next/link";
import type { PieceChange } from "@/core/formats";
import type { Unit } from "@/core/length";
import { sayMovedEdge } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";

interface ChangesViewProps {
  readonly orderId: string;
  readonly changes: readonly PieceChange[];
  /** Why it could not be drawn by the card as it is now. */
  readonly undrawn: readonly string[];
  readonly unit: Unit;
}

function sayOf({ free, again }: PieceChange): string {
  if (free) return "not cut yet: draw it anew";
  return again ? "cut again" : "its seams take it";
}

/** Piece by piece: which is still free, which seam takes the change, and what must be cut again. */
export function ChangesView({ orderId, changes, undrawn, unit }: ChangesViewProps) {
  if (undrawn.length > 0)
    return (
      <div role="alert" className="slip p-4 text-lg">
        <h2>By the card as it is now this garment cannot be drawn</h2>
        {undrawn.map((why) => (
          <p key={why}>
            <Fractions text={why} />
          </p>
        ))}
      </div>
    );
  if (changes.length === 0)
    return <p className="slip p-4 text-lg">By the card as it is now every piece would be cut as it was.</p>;
  return (
    <ul className="slip" aria-label="Pieces that would be cut otherwise">
      {changes.map((change) => (
        <li
          key={change.piece}
          className={`border-b border-card-deep border-l-8 p-4 ${change.again ? "border-l-wrong" : "border-l-cloth"}`}
        >
          <h2 className="text-lg">
            {change.name} <span className={change.again ? "text-wrong" : "text-ink-soft"}>· {sayOf(change)}</span>
          </h2>
          {!change.free && (
            <ul>
              {change.edges.map((edge) => (
                <li key={edge.edge} className={edge.absorbed ? "" : "font-semibold text-wrong"}>
                  <Fractions text={sayMovedEdge(edge, unit)} />
                </li>
              ))}
            </ul>
          )}
          {change.again && (
            <Link
              href={`/orders/${orderId}/pieces`}
              prefetch={false}
              className="mt-1 inline-block min-h-12 content-center underline"
            >
              Where it is cut again
            </Link>
          )}
        </li>
      ))}
    </ul>
  );
}
