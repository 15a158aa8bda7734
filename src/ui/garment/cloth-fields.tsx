"use client";

import type { StoredCloth } from "@/db";
import { Fractions } from "@/ui/reading/fractions";

interface ClothFieldsProps {
  readonly cloth: StoredCloth;
  readonly problems: Readonly<Record<string, string>>;
  readonly onTell: (cloth: StoredCloth) => void;
}

const fields = [
  { key: "width", label: "Cloth width", hint: "selvedge to selvedge" },
  { key: "length", label: "Cloth length", hint: "empty: still to buy" },
] as const;

/** The cloth at hand, in any spelling of a length; what is typed stays, the problem stands beside it. */
export function ClothFields({ cloth, problems, onTell }: ClothFieldsProps) {
  return (
    <fieldset className="grid grid-cols-2 gap-3 border-b border-card-deep py-3">
      <legend className="sr-only">The cloth at hand</legend>
      {fields.map(({ key, label, hint }) => {
        const problem = problems[`cloth.${key}`];
        return (
          <label key={key} className="block">
            <span className="font-semibold">{label}</span>
            <input
              className="field"
              value={cloth[key] ?? ""}
              placeholder={hint}
              autoComplete="off"
              aria-invalid={problem !== undefined}
              onChange={(event) => onTell({ ...cloth, [key]: event.target.value })}
            />
            {problem !== undefined && (
              <span role="alert" className="block text-sm font-semibold text-wrong">
                <Fractions text={problem} />
              </span>
            )}
          </label>
        );
      })}
    </fieldset>
  );
}
