import { measurementIds, measurements } from "@/core/body";
import { sayDate } from "@/core/wording";
import type { Card } from "@/db";
import { Fractions } from "@/ui/reading/fractions";
import type { TypedCard } from "./use-kept-card";

interface MetCardProps {
  readonly theirs: Card;
  readonly mine: TypedCard;
  readonly correcting: boolean;
  readonly onKeepMine: () => void;
  readonly onTakeTheirs: () => void;
}

/** Two wrote a card at once: what the other one kept stands beside what is written here, and nothing is lost. */
export function MetCard({ theirs, mine, correcting, onKeepMine, onTakeTheirs }: MetCardProps) {
  const differing = measurementIds.filter(
    (id) => (theirs.readings[id]?.typed ?? "").trim() !== (mine.readings[id] ?? "").trim(),
  );
  return (
    <section role="alert" className="slip fold-edge space-y-3 border-2 border-next p-4">
      <h2 className="text-xl">Somebody else kept a card meanwhile</h2>
      <p>
        {correcting
          ? "The card you correct was corrected on another screen. Yours has not been kept yet."
          : "Another card of this client was kept on another screen. Yours has not been kept yet."}
      </p>
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b border-line text-left">
            <th scope="col" className="py-1">
              Reading
            </th>
            <th scope="col" className="px-2 py-1">
              Kept, of {sayDate(theirs.takenOn)}
            </th>
            <th scope="col" className="px-2 py-1">
              Yours, of {sayDate(mine.takenOn)}
            </th>
          </tr>
        </thead>
        <tbody>
          {differing.map((id) => (
            <tr key={id} className="border-b border-card-deep">
              <th scope="row" className="py-1 text-left font-normal">
                {measurements[id].label}
              </th>
              <td className="px-2 py-1">
                <Fractions text={theirs.readings[id]?.typed ?? "not taken"} />
              </td>
              <td className="px-2 py-1 font-semibold">
                <Fractions text={mine.readings[id] || "not taken"} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {differing.length === 0 && <p>Both say the same.</p>}
      <div className="flex flex-wrap gap-2">
        <button type="button" className="button button-next" onClick={onKeepMine}>
          {correcting ? "Keep mine over it" : "Keep mine as a card of its own"}
        </button>
        <button type="button" className="button" onClick={onTakeTheirs}>
          Leave theirs, drop mine
        </button>
      </div>
    </section>
  );
}
