"use client";

import { useMemo, useState } from "react";
import { makeDrawing, type Order } from "@/core/formats";
import type { Decision } from "@/server/garment-decisions";
import { DecisionField, type DecisionValue } from "@/ui/garment/decision-field";
import { useAtHand } from "@/ui/garment/use-at-hand";
import { ChoicePills } from "@/ui/shell/choice-pills";
import { SideBySide } from "./side-by-side";

/** Another way to draw the order: by another set, or from another card. */
export interface Alternative {
  readonly id: string;
  readonly label: string;
  readonly document: Order;
}

interface CompareViewProps {
  /** The order as it stands. */
  readonly document: Order;
  readonly sets: readonly Alternative[];
  readonly cards: readonly Alternative[];
  readonly choices: readonly Decision[];
}

const kinds = [
  { id: "sets", label: "Another set of rules" },
  { id: "cards", label: "Another card" },
  { id: "choice", label: "Another choice" },
] as const;

type Kind = (typeof kinds)[number]["id"];

function Pick({
  label,
  options,
  value,
  onPick,
}: {
  readonly label: string;
  readonly options: readonly { readonly id: string; readonly label: string }[];
  readonly value: string;
  readonly onPick: (id: string) => void;
}) {
  return (
    <label className="block min-w-56">
      <span className="font-semibold">{label}</span>
      <select className="field" value={value} onChange={(event) => onPick(event.target.value)}>
        {options.map(({ id, label: said }) => (
          <option key={id} value={id}>
            {said}
          </option>
        ))}
      </select>
    </label>
  );
}

/** The order as it stands beside one thing changed: what moves on the cloth, and by how much. */
export function CompareView({ document, sets, cards, choices }: CompareViewProps) {
  const [kind, setKind] = useState<Kind>("sets");
  const [picked, setPicked] = useState<Readonly<Record<string, string>>>({});
  const [changed, setChanged] = useState<Readonly<Record<string, DecisionValue>>>({});
  const alternatives = kind === "cards" ? cards : sets;
  const alternative = alternatives.find(({ id }) => id === picked[kind]) ?? alternatives[0];
  const choice = choices.find(({ id }) => id === picked.choice) ?? choices[0];
  const other = useMemo((): Order | null => {
    if (kind !== "choice") return alternative?.document ?? null;
    const told = choice === undefined ? undefined : changed[choice.id];
    return choice === undefined || told === undefined
      ? document
      : { ...document, choices: { ...document.choices, [choice.id]: told } };
  }, [kind, alternative, choice, changed, document]);
  const atHand = useAtHand(other, other === null ? [document] : [document, other]);
  const before = useMemo(() => makeDrawing(document), [document]);
  const after = useMemo(
    () => (atHand === null ? null : atHand === document ? before : makeDrawing(atHand)),
    [atHand, document, before],
  );
  if (before.kind !== "sheet") return <p className="slip m-4 p-4">This order cannot be drawn as it stands.</p>;
  const { sheet } = before;
  return (
    <div className="flex flex-col gap-3 p-3 lg:h-[calc(100dvh-72px)] lg:min-h-[640px]">
      <div className="slip flex flex-wrap items-end gap-4 p-3">
        <ChoicePills label="Compare with" options={kinds} value={kind} onPick={(next) => setKind(next as Kind)} />
        {kind !== "choice" && alternative !== undefined && (
          <Pick
            label={kind === "sets" ? "Drawn by" : "Drawn from"}
            options={alternatives}
            value={alternative.id}
            onPick={(id) => setPicked((old) => ({ ...old, [kind]: id }))}
          />
        )}
        {kind === "choice" && choice !== undefined && (
          <>
            <Pick
              label="Choice"
              options={choices}
              value={choice.id}
              onPick={(id) => setPicked((old) => ({ ...old, choice: id }))}
            />
            <div className="min-w-72 max-w-xl flex-1">
              <DecisionField
                decision={choice}
                unit={sheet.unit}
                value={
                  (after?.kind === "sheet" ? after.sheet : sheet).resolved.choices[choice.id] ??
                  changed[choice.id] ??
                  ""
                }
                problem={undefined}
                onDecide={(id, value) => setChanged((old) => ({ ...old, [id]: value }))}
              />
            </div>
          </>
        )}
      </div>
      {after === null ? (
        <p className="slip p-4">There is no other card of this client yet.</p>
      ) : (
        <div className="min-h-0 flex-1">
          <SideBySide before={sheet} after={after} />
        </div>
      )}
    </div>
  );
}
