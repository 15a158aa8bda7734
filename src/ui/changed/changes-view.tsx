import Link from "next/link";
import type { PieceChange } from "@/core/formats";
import type { Unit } from "@/core/length";
import { sayMovedEdge } from "@/core/wording";
import type { LoadedChanges } from "@/server/load-changes";
import { Fractions } from "@/ui/reading/fractions";
import { DrawAnew } from "./draw-anew";

interface ChangesViewProps extends Pick<LoadedChanges, "changes" | "added" | "undrawn" | "free" | "take"> {
  readonly orderId: string;
  readonly unit: Unit;
}

function sayOf({ free, again }: PieceChange): string {
  if (free) return "not cut yet: draw it anew";
  return again ? "cut again" : "its seams take it";
}

/** Piece by piece: which is still free, which seam takes the change, and what must be cut again. */
export function ChangesView({ orderId, changes, added, undrawn, free, take, unit }: ChangesViewProps) {
  if (undrawn.length > 0)
    return (
      <div role="alert" className="slip p-4 text-lg">
        <h2>As the order and the card are now this garment cannot be drawn</h2>
        {undrawn.map((why) => (
          <p key={why}>
            <Fractions text={why} />
          </p>
        ))}
      </div>
    );
  if (changes.length === 0 && added.length === 0)
    return <p className="slip p-4 text-lg">As the order and the card are now every piece would be cut as it was.</p>;
  return (
    <div className="space-y-3">
      {free && <DrawAnew orderId={orderId} take={take} added={added} />}
      {changes.length > 0 && <ChangeList orderId={orderId} changes={changes} unit={unit} />}
    </div>
  );
}

function ChangeList({ orderId, changes, unit }: Pick<ChangesViewProps, "orderId" | "changes" | "unit">) {
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
