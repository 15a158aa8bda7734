import type { SheetPiece } from "@/core/formats";
import type { Unit } from "@/core/length";
import { Reading } from "./reading";

interface DotListProps {
  readonly edge: SheetPiece["edges"][number];
  readonly unit: Unit;
}

/** The dots of a curve as tape readings: along the straight line between its ends, and across from it. */
export function DotList({ edge, unit }: DotListProps) {
  if (edge.dots.length === 0) return null;
  return (
    // A scrolling region must be reachable by keyboard.
    // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
    <section className="relative overflow-x-auto" aria-label="Dots of the curve" tabIndex={0}>
      <table className="border-collapse text-center">
        <tbody>
          <tr>
            <th scope="row" className="whitespace-nowrap pr-3 text-left font-normal">
              Along the straight line
            </th>
            {edge.dots.map(({ along }) => (
              <td key={along} className="px-2">
                <Reading value={along} unit={unit} />
              </td>
            ))}
          </tr>
          <tr>
            <th scope="row" className="whitespace-nowrap pr-3 text-left font-normal">
              Across, inwards
            </th>
            {edge.dots.map(({ along, across }) => (
              <td key={along} className="px-2 text-lg font-bold">
                <Reading value={across} unit={unit} />
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </section>
  );
}
