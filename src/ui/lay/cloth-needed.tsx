import type { ClothId } from "@/core/chalk";
import type { SheetDrawing } from "@/core/formats";
import type { Unit } from "@/core/length";
import { sayNotion } from "@/core/wording";
import { type KeptState, keptSaid } from "@/ui/garment/kept-said";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { ClothLength, sayPurchase } from "./cloth-length";
import type { useLay } from "./use-lay";

interface ClothNeededProps {
  readonly lay: ReturnType<typeof useLay>;
  /** Which cloth: the head's reckoning and what is bought beside it belong to the main one. */
  readonly of: ClothId;
  readonly sheet: SheetDrawing | null;
  readonly unit: Unit;
  readonly keptState: KeptState;
}

/** How much to buy, or whether the cloth at hand suffices; what no lay could beat, and the head's own reckoning beside it. */
export function ClothNeeded({ lay, of, sheet, unit, keptState }: ClothNeededProps) {
  const { shown, ways } = lay;
  const thumb = of === "main" ? (ways?.thumb ?? null) : null;
  return (
    <section className="border-b border-card-deep py-2" aria-label="What is needed">
      <div className="min-h-56 sm:min-h-44">
        {shown !== null && (
          <>
            <p className="flex flex-wrap items-baseline gap-x-3">
              <strong className="font-head text-4xl">
                <Fractions text={sayPurchase(shown.purchase.buy, shown.purchase.buyUnit)} />
              </strong>
              <span className="text-lg">
                of <Reading value={shown.plan.width} unit={unit} withUnit />
                {shown.purchase.cost === null ? "" : `, costs ${shown.purchase.cost.toFixed(2)}`}
              </span>
            </p>
            {shown.given !== null && (
              <p role="status" className={`text-lg font-semibold ${shown.fits ? "" : "text-wrong"}`}>
                {shown.fits ? (
                  <>
                    It fits: <ClothLength value={shown.given - shown.plan.used} unit={unit} /> stay over.
                  </>
                ) : (
                  <>
                    It does not fit: <ClothLength value={shown.plan.used - shown.given} unit={unit} /> are missing.
                  </>
                )}
              </p>
            )}
            <p className="text-sm text-ink-soft">
              The lay takes <ClothLength value={shown.plan.used} unit={unit} />, with the end to square and what shops
              cut. No lay on this width takes less than <ClothLength value={shown.plan.lowerBound} unit={unit} />.
            </p>
            {thumb !== null && (
              <p className="text-sm text-ink-soft">
                Rule of thumb:{" "}
                {thumb.kind === "dress" ? "twice the length with its hem" : "the length and 1½, on half the bust and 8"}
                , <ClothLength value={thumb.length} unit={unit} /> of{" "}
                <Reading value={thumb.width} unit={unit} withUnit />. It knows nothing of your fold or of pieces side by
                side.
              </p>
            )}
          </>
        )}
      </div>
      {of === "main" && (
        // Room is kept for it: what lies below must not move when it comes.
        <ul className="min-h-28 pt-1 text-sm" aria-label="Beside the cloth">
          {(sheet?.notions ?? []).map((notion) => (
            <li key={notion.id}>
              <Fractions text={sayNotion(notion, unit)} />
            </li>
          ))}
        </ul>
      )}
      <p role="status" className="text-sm text-ink-soft">
        {sheet === null ? "" : keptSaid[keptState]}
      </p>
    </section>
  );
}
