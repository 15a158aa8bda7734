import type { OrderPatch } from "@/core/formats";
import type { Unit } from "@/core/length";
import { wordClothChange } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { ClothLength } from "./cloth-length";
import type { useLay } from "./use-lay";

interface WhatIfsProps {
  readonly lay: ReturnType<typeof useLay>;
  readonly unit: Unit;
  /** Whether a change was tried that can be taken back. */
  readonly tried: boolean;
  readonly onTry: (patch: OrderPatch) => void;
  readonly onTakeBack: () => void;
}

/** Changes that would need less cloth, the cheapest look first, each to be tried with one touch. */
export function WhatIfs({ lay, unit, tried, onTry, onTakeBack }: WhatIfsProps) {
  const { whatIfs, answered, shown } = lay;
  const isGiven = shown !== null && shown.given !== null;
  const heading = isGiven && !shown.fits ? "What would make it fit" : "What would need less";
  return (
    <section className="border-b border-card-deep py-3" aria-label={heading}>
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">{heading}</h2>
        {tried && (
          <button type="button" className="min-h-12 px-2 font-semibold underline" onClick={onTakeBack}>
            Take it back
          </button>
        )}
      </div>
      <ul>
        {whatIfs.map(({ change, patch, saves, used, fits }) => {
          const { title, text } = wordClothChange(change, unit);
          return (
            <li
              key={`${change.kind}-${change.what}-${change.by}`}
              className="grid grid-cols-[1fr_auto_auto] items-center gap-3 py-1"
            >
              <span>
                <span className="font-semibold">
                  <Fractions text={title} />
                </span>
                <span className="block text-sm text-ink-soft">
                  {text}
                  {isGiven && (
                    <strong className={fits ? "text-ink" : ""}>{fits ? " Then it fits." : " Not enough alone."}</strong>
                  )}
                </span>
              </span>
              <span className="text-right whitespace-nowrap">
                {Number.isFinite(saves) ? (
                  <>
                    saves{" "}
                    <strong className="text-lg">
                      <ClothLength value={saves} unit={unit} />
                    </strong>
                  </>
                ) : (
                  <>
                    takes{" "}
                    <strong className="text-lg">
                      <ClothLength value={used} unit={unit} />
                    </strong>
                  </>
                )}
              </span>
              <button type="button" className="button min-h-12 px-4" onClick={() => onTry(patch)}>
                Try
              </button>
            </li>
          );
        })}
      </ul>
      <p role="status" className="text-sm text-ink-soft">
        {!answered ? "Looking…" : whatIfs.length === 0 ? "Nothing that this garment offers would save cloth." : ""}
      </p>
    </section>
  );
}
