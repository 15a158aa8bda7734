import { type FigureKind, figureKinds } from "@/core/body";
import { figureNames } from "@/core/wording";
import { ChoicePills } from "@/ui/shell/choice-pills";
import type { TypedCard } from "./use-kept-card";

/** What follows from whose card it is. */
const figureSays = {
  woman: "It says what is usual and what to doubt; it refuses nothing.",
  man: "No bust line, the left front lies uppermost; panels and bust darts are not offered.",
  child:
    "More to let down in hem and sleeves, no cords at neck and hood. Children grow: measure again after half a year.",
} as const;

interface CardNamesProps {
  readonly typed: TypedCard;
  readonly change: (next: TypedCard) => void;
  /** Whether the client is in the book already: then the name stands. */
  readonly known: boolean;
  readonly errorAt: (field: string) => string | undefined;
}

/** Whose card it is, and of which day. */
export function CardNames({ typed, change, known, errorAt }: CardNamesProps) {
  const { figure = "woman" } = typed;
  return (
    <div className="slip grid gap-x-4 gap-y-2 px-4 py-3 sm:grid-cols-2">
      <label className="block">
        <span className="font-semibold">Name</span>
        <input
          className="field"
          value={typed.name}
          readOnly={known}
          autoComplete="off"
          aria-invalid={errorAt("name") !== undefined}
          onChange={(event) => change({ ...typed, name: event.target.value })}
        />
        {errorAt("name") !== undefined && <span className="font-semibold text-wrong">{errorAt("name")}</span>}
      </label>
      <label className="block">
        <span className="font-semibold">Taken on</span>
        <input
          className="field"
          type="date"
          value={typed.takenOn}
          aria-invalid={errorAt("takenOn") !== undefined}
          onChange={(event) => change({ ...typed, takenOn: event.target.value })}
        />
        {errorAt("takenOn") !== undefined && <span className="font-semibold text-wrong">{errorAt("takenOn")}</span>}
      </label>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2 sm:col-span-2">
        <div>
          <p id="whose-card" className="font-semibold">
            Whose card it is
          </p>
          <ChoicePills
            labelledBy="whose-card"
            options={figureKinds.map((kind) => ({ id: kind, label: figureNames[kind] }))}
            value={figure}
            onPick={(kind) => change({ ...typed, figure: kind as FigureKind })}
          />
        </div>
        {figure === "child" && (
          <label className="flex min-h-12 items-center gap-2">
            <span className="font-semibold">Age</span>
            <input
              className="field w-24"
              aria-label="Age in years"
              value={typed.age ?? ""}
              inputMode="decimal"
              autoComplete="off"
              aria-invalid={errorAt("age") !== undefined}
              aria-describedby="age-said"
              onChange={(event) => change({ ...typed, age: event.target.value })}
            />
            <span>years</span>
          </label>
        )}
        <p id="age-said" className="basis-full text-sm text-ink-soft">
          {errorAt("age") === undefined ? (
            figureSays[figure]
          ) : (
            <span className="font-semibold text-wrong">{errorAt("age")}</span>
          )}
        </p>
      </div>
      <p className="text-sm text-ink-soft sm:col-span-2">
        Ask before you measure; a helper or the client's own hand is welcome. Write as you read it: 38 1/2, 38.5, 97,5
        cm. Taken again? After a semicolon: 41; 41 1/2.
      </p>
    </div>
  );
}
