import type { SheetPiece } from "@/core/formats";
import type { Tick, Unit } from "@/core/length";
import { Reading } from "./reading";

interface DotListProps {
  readonly edge: SheetPiece["edges"][number];
  readonly unit: Unit;
  readonly tick: Tick;
}

/** The dots of a curve as tape readings: along the straight line between its ends, and across from it. */
export function DotList({ edge, unit, tick }: DotListProps) {
  if (edge.dots.length === 0) return null;
  return (
    <div className="flex flex-wrap items-end gap-x-1 gap-y-2">
      <p className="pr-2 leading-snug">
        Along the straight line
        <span className="block font-semibold">Across, inwards</span>
      </p>
      <ol className="contents" aria-label="Dots of the curve">
        {edge.dots.map(({ along, across }) => (
          <li key={along} className="min-w-[2.6em] border-l border-line pl-1 leading-snug">
            <Reading value={along} unit={unit} tick={tick} />
            <span className="sr-only"> along, </span>
            <strong className="block text-[1.15em]">
              <Reading value={across} unit={unit} tick={tick} />
            </strong>
            <span className="sr-only"> across</span>
          </li>
        ))}
      </ol>
    </div>
  );
}
