import { measurementIds, measurementLabel } from "@/core/body";
import { sayDate } from "@/core/wording";
import type { Card } from "@/db";
import { MetTable } from "@/ui/shell/met-table";
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
      <MetTable
        heads={["Reading", `Kept, of ${sayDate(theirs.takenOn)}`, `Yours, of ${sayDate(mine.takenOn)}`]}
        rows={differing.map((id) => ({
          label: measurementLabel(id, mine.figure ?? "woman"),
          theirs: theirs.readings[id]?.typed ?? "not taken",
          mine: mine.readings[id] || "not taken",
        }))}
      />
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
