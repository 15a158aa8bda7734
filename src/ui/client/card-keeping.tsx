import { type MeasurementId, measurements } from "@/core/body";
import { sayDate } from "@/core/wording";
import { CopyButton } from "@/ui/shell/copy-button";
import { Refused } from "@/ui/shell/refused";
import type { Keeping } from "./use-card-keeper";
import type { TypedCard } from "./use-kept-card";

interface CardKeepingProps {
  readonly keeping: Keeping;
  readonly typed: TypedCard;
  readonly onStop: () => void;
}

/** The card as plain text, to keep it elsewhere while the shop's computer is away. */
function writeText({ name, takenOn, readings }: TypedCard): string {
  const lines = Object.entries(readings)
    .filter(([, typed]) => typed.trim() !== "")
    .map(([id, typed]) => `${measurements[id as MeasurementId].label}: ${typed}`);
  return [`${name}, ${sayDate(takenOn)}`, ...lines].join("\n");
}

function sayProblem(keeping: Keeping): string | null {
  if (keeping.state !== "writing" || keeping.errors.length === 0) return null;
  const { errors } = keeping;
  const fields = errors.length === 1 ? "one field wants" : `${errors.length} fields want`;
  return errors.find(({ field }) => field === "")?.message ?? `Not kept yet: ${fields} another look.`;
}

/** Keeps the card, and says what stands in the way; always in reach of the thumb. */
export function CardKeeping({ keeping, typed, onStop }: CardKeepingProps) {
  const problem = sayProblem(keeping);
  return (
    <div className="slip sticky bottom-0 z-10 flex flex-wrap items-center justify-end gap-3 border-t-2 border-line p-3">
      <Refused said={problem} />
      {keeping.state === "waiting" && (
        <>
          <p role="status" className="min-w-0 flex-1 font-semibold text-next-deep">
            The shop's computer does not answer. What you wrote stays here and is sent when it does.
          </p>
          <CopyButton text={writeText(typed)} label="Copy the card" />
          <button type="button" className="button" onClick={onStop}>
            Do not send
          </button>
        </>
      )}
      <button
        type="submit"
        className="button button-next"
        disabled={keeping.state === "sending" || keeping.state === "waiting"}
      >
        {keeping.state === "sending" || keeping.state === "waiting" ? "Keeping…" : "Keep the card"}
      </button>
    </div>
  );
}
