import { type LayWay, layWays } from "@/core/cloth";
import type { Unit } from "@/core/length";
import { wayHow, wayNames, wordLayRefusal, wordWayChoice } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { ClothLength } from "./cloth-length";
import type { useLay } from "./use-lay";

interface FoldWaysProps {
  readonly lay: ReturnType<typeof useLay>;
  readonly way: LayWay;
  readonly unit: Unit;
  readonly onFold: (way: LayWay) => void;
}

/** Every way to fold the whole cloth, what it takes, and which the house would choose and why. */
export function FoldWays({ lay, way, unit, onFold }: FoldWaysProps) {
  const { ways } = lay;
  return (
    <fieldset className="min-h-96 border-b border-card-deep py-3">
      <legend className="float-left w-full font-head text-lg font-semibold">How to fold</legend>
      <ul className="clear-left space-y-1">
        {layWays.map((id) => {
          const line = ways?.ways.find((one) => one.way === id);
          const refused = line?.refused ?? null;
          const isChosen = ways?.chosen === id;
          return (
            <li key={id} className="min-h-[92px] sm:min-h-[88px]">
              <label className="flex min-h-12 items-start gap-3 rounded-md border-2 border-transparent px-2 py-1 has-[:checked]:border-cloth has-[:checked]:bg-card-deep has-[:disabled]:text-ink-soft">
                <input
                  type="radio"
                  name="way"
                  className="mt-1 size-5 shrink-0 accent-cloth"
                  checked={way === id}
                  disabled={refused !== null && way !== id}
                  onChange={() => onFold(id)}
                />
                <span className="min-w-0 flex-1">
                  <span className="font-semibold">{wayNames[id]}</span>
                  {isChosen && ways?.why !== null && ways !== null && (
                    <span className="ml-2 text-sm font-semibold text-next-deep">
                      <Fractions
                        text={`Choose this: ${lowerFirst(wordWayChoice(ways.why ?? "simplest", ways.saves, unit))}`}
                      />
                    </span>
                  )}
                  <span className="block text-sm text-ink-soft">
                    <Fractions text={refused === null ? wayHow[id] : wordLayRefusal(refused, unit)} />
                  </span>
                </span>
                <span className="w-20 shrink-0 text-right text-lg font-semibold">
                  {line?.used !== null && line?.used !== undefined && <ClothLength value={line.used} unit={unit} />}
                </span>
              </label>
            </li>
          );
        })}
      </ul>
    </fieldset>
  );
}

function lowerFirst(text: string): string {
  return `${text.charAt(0).toLowerCase()}${text.slice(1)}`;
}
