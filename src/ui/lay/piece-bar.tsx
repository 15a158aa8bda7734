import type { LaidUnit } from "@/core/cloth";
import type { Unit } from "@/core/length";
import { wordLaid } from "@/core/wording";
import { ClothLength } from "./cloth-length";
import type { useLay } from "./use-lay";

interface PieceBarProps {
  readonly lay: ReturnType<typeof useLay>;
  readonly unit: Unit;
  readonly picked: LaidUnit | null;
  /** Whether this very lay is kept with the order. */
  readonly isKept: boolean;
  readonly onTurn: (laid: LaidUnit) => void;
  readonly onPin: (laid: LaidUnit) => void;
  readonly onUnpin: (laid: LaidUnit) => void;
  readonly onKeep: () => void;
}

const small = "button min-h-12 px-3 text-base";

function saySearch({ shown, looking, seconds }: PieceBarProps["lay"], isKept: boolean): string {
  if (shown === null) return "Laying it out…";
  if (looking === "yes") return `Looking for a shorter lay, ${Math.floor(seconds)} s`;
  if (looking === "paused") return "Stopped for now";
  return isKept ? "This is the lay to cut by" : "Looked long enough";
}

/** How far the search is, and what can be done with the piece in hand. */
export function PieceBar({ lay, unit, picked, isKept, onTurn, onPin, onUnpin, onKeep }: PieceBarProps) {
  const { shown, looking } = lay;
  const share = shown === null ? 0 : Math.round(shown.plan.share * 100);
  return (
    <div className="slip flex min-h-44 flex-wrap content-start items-center gap-x-4 gap-y-2 px-3 py-2 sm:min-h-20 sm:content-center">
      <p className="min-w-48 flex-1">
        <span role="status" className="block text-sm text-ink-soft">
          {saySearch(lay, isKept)}
        </span>
        {shown !== null && (
          <span>
            <strong className="text-xl">
              <ClothLength value={shown.plan.used} unit={unit} />
            </strong>{" "}
            long, {share} % of the cloth goes into the garment
          </span>
        )}
        {shown !== null && shown.faults.length > 0 && (
          <span role="alert" className="block font-semibold text-wrong">
            Pinned pieces lie on one another or off the cloth: let one of them move.
          </span>
        )}
      </p>
      {picked !== null && (
        <>
          <button type="button" className={small} onClick={() => onTurn(picked)}>
            Turn the {wordLaid(picked).toLowerCase()}
          </button>
          <button type="button" className={small} onClick={() => (picked.pinned ? onUnpin(picked) : onPin(picked))}>
            {picked.pinned ? "Let it move" : "Pin it here"}
          </button>
        </>
      )}
      {looking === "yes" && (
        <button type="button" className={small} onClick={() => lay.say("pause")}>
          Stop
        </button>
      )}
      {looking === "paused" && (
        <button type="button" className={small} onClick={() => lay.say("go-on")}>
          Go on
        </button>
      )}
      {looking === "no" && shown !== null && (
        <button type="button" className={small} onClick={lay.layAgain}>
          Look again
        </button>
      )}
      <button
        type="button"
        className="button button-next min-h-12"
        disabled={shown === null || isKept || shown.faults.length > 0}
        onClick={onKeep}
      >
        {isKept ? "Kept with the order" : "Keep this lay"}
      </button>
    </div>
  );
}
