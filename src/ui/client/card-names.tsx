import type { TypedCard } from "./use-kept-card";

interface CardNamesProps {
  readonly typed: TypedCard;
  readonly change: (next: TypedCard) => void;
  /** Whether the client is in the book already: then the name stands. */
  readonly known: boolean;
  readonly errorAt: (field: string) => string | undefined;
}

/** Whose card it is, and of which day. */
export function CardNames({ typed, change, known, errorAt }: CardNamesProps) {
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
      <p className="text-sm text-ink-soft sm:col-span-2">
        Ask before you measure; a helper or the client's own hand is welcome. Write as you read it: 38 1/2, 38.5, 97,5
        cm. Taken again? After a semicolon: 41; 41 1/2.
      </p>
    </div>
  );
}
