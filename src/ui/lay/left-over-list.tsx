import type { LeftOver } from "@/core/cloth";
import { Fractions } from "@/ui/reading/fractions";

/** What is left of the cloth after cutting, as rectangles: collars, facings and pockets come from here. */
export function LeftOverList({
  left,
  say,
}: {
  readonly left: readonly LeftOver[];
  readonly say: (length: number) => string;
}) {
  return (
    <section className="py-3" aria-label="What is left over">
      <h2 className="text-lg">What is left over</h2>
      {left.length === 0 ? (
        <p className="text-sm text-ink-soft">Nothing that a hand would keep.</p>
      ) : (
        <ul className="flex flex-wrap gap-2">
          {left.map(({ across, down, width, length }) => (
            <li key={`${across}-${down}`} className="rounded-md bg-card-deep px-3 py-1">
              <Fractions text={`${say(width)} × ${say(length)}`} />
            </li>
          ))}
        </ul>
      )}
      <p className="text-sm text-ink-soft">Across × along the grain, as the cloth lies open.</p>
    </section>
  );
}
