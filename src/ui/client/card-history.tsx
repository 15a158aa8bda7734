import { measurementIds, measurementLabel } from "@/core/body";
import { sayDate } from "@/core/wording";
import type { Card } from "@/db";
import { Fractions } from "@/ui/reading/fractions";

/** A client's cards side by side, as they were typed, the newest first. */
export function CardHistory({ cards }: { readonly cards: readonly Card[] }) {
  const taken = measurementIds.filter((id) => cards.some((card) => card.readings[id] !== undefined));
  return (
    // A scrolling region must be reachable by keyboard.
    // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
    <section className="slip fold-edge overflow-x-auto p-4" aria-label="Cards" tabIndex={0}>
      <table className="border-collapse">
        <thead>
          <tr className="border-b-2 border-line">
            <th scope="col" className="py-2 pr-6 text-left">
              Reading
            </th>
            {cards.map((card) => (
              <th key={card.id} scope="col" className="whitespace-nowrap px-4 py-2 text-left">
                {sayDate(card.takenOn)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {taken.map((id) => (
            <tr key={id} className="border-b border-card-deep">
              <th scope="row" className="py-2 pr-6 text-left font-normal">
                {measurementLabel(id, cards[0]?.figure ?? "woman")}
              </th>
              {cards.map((card) => {
                const reading = card.readings[id];
                return (
                  <td key={card.id} className="whitespace-nowrap px-4 py-2 text-lg font-semibold">
                    {reading === undefined ? (
                      <span className="text-sm font-normal text-ink-soft">not taken</span>
                    ) : (
                      <Fractions text={reading.typed} />
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
