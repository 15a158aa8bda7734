"use client";

import { useState } from "react";
import type { SheetDrawing } from "@/core/formats";
import type { Unit } from "@/core/length";
import type { Decision, OfferedSet } from "@/server/garment-decisions";
import { DecisionField, type DecisionValue } from "./decision-field";

interface RulesOnSheetProps {
  readonly sheet: SheetDrawing;
  readonly unit: Unit;
  readonly setId: string;
  readonly rules: readonly Decision[];
  readonly sets: readonly OfferedSet[];
  readonly problems: Readonly<Record<string, string>>;
  readonly onDecide: (id: string, value: DecisionValue) => void;
}

/** The house rules that move this garment; made only when they are opened. */
export function RulesOnSheet({ sheet, unit, setId, rules, sets, problems, onDecide }: RulesOnSheetProps) {
  const [open, setOpen] = useState(false);
  const set: Decision = {
    id: "set",
    label: "House rules",
    why: "Which set of rules this sheet is drawn by.",
    options: sets,
    range: null,
    flag: false,
  };
  return (
    <details className="py-2" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-12 content-center font-head text-lg font-semibold">House rules on this sheet</summary>
      {open && (
        <>
          <DecisionField decision={set} unit={unit} value={setId} problem={problems["rules.set"]} onDecide={onDecide} />
          {rules.map((rule) => (
            <DecisionField
              key={rule.id}
              decision={rule}
              unit={unit}
              value={sheet.resolved.rules[rule.id]?.value ?? ""}
              problem={problems[`rules.${rule.id}`]}
              onDecide={onDecide}
            />
          ))}
        </>
      )}
    </details>
  );
}
