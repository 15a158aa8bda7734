import type { SheetStep } from "@/core/formats";
import { clothNames } from "@/core/wording";

interface CountSlipProps {
  readonly step: SheetStep;
  readonly done: ReadonlySet<string>;
  readonly onTick: (steps: readonly string[]) => void;
}

export const countTick = (piece: string): string => `count-${piece}`;

/** Every cut piece with its copies, to be ticked before anything is sewn. */
export function CountSlip({ step, done, onTick }: CountSlipProps) {
  return (
    <>
      <div>
        <h2 className="text-2xl lg:text-3xl">{step.title}</h2>
        <p className="text-lg text-chalk-soft">{step.text}</p>
      </div>
      <ul aria-label="Cut pieces">
        {(step.counted ?? []).map(({ piece, name, cloth, copies, mirrored }) => (
          <li key={piece} className="border-b border-cloth-under">
            <button
              type="button"
              aria-pressed={done.has(countTick(piece))}
              onClick={() => onTick([countTick(piece)])}
              className={`flex w-full items-center gap-4 rounded-lg px-2 py-2 text-left hover:bg-cloth ${done.has(countTick(piece)) ? "opacity-60" : ""}`}
            >
              <span className="w-[1.2em] text-[56px] font-bold leading-none">{copies}</span>
              <span className="text-xl">
                <strong>{name}</strong>
                <span className="block text-lg text-chalk-soft">
                  {clothNames[cloth]}
                  {mirrored ? " · a pair: left and right" : copies === 1 ? " · one piece, open on its fold" : ""}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
