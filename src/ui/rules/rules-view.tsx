"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import { readRules } from "@/core/formats";
import { type RuleId, type RulePlace, type RuleSetId, ruleDefault, rulePlaces, ruleSets } from "@/core/rules";
import type { OwnRuleSet, StoredDecisions } from "@/db";
import type { Decision } from "@/server/garment-decisions";
import { DecisionField } from "@/ui/garment/decision-field";
import { Fractions } from "@/ui/reading/fractions";
import { KeepSet } from "./keep-set";
import { RuleSample, type SampleGarment } from "./rule-sample";
import { sayRange, sayRule } from "./say-rule";

export interface PlacedRule extends Decision {
  readonly id: RuleId;
  readonly place: RulePlace;
}

interface RulesViewProps {
  readonly rules: readonly PlacedRule[];
  readonly ownSets: readonly OwnRuleSet[];
  readonly garments: readonly SampleGarment[];
  readonly figure: Readonly<Record<string, number>>;
  /** The rule that is in hand when the page opens. */
  readonly first?: RuleId;
}

interface ChosenSet {
  readonly base: RuleSetId;
  readonly own: OwnRuleSet | null;
}

function chooseSet(id: string, ownSets: readonly OwnRuleSet[]): ChosenSet {
  const own = ownSets.find((set) => set.id === id) ?? null;
  const base = own?.base ?? id;
  return { base: Object.hasOwn(ruleSets, base) ? (base as RuleSetId) : "close", own };
}

interface RuleListProps {
  readonly rules: readonly PlacedRule[];
  readonly chosen: RuleId;
  readonly changed: ReadonlySet<string>;
  readonly say: (rule: PlacedRule) => string;
  readonly onChoose: (id: RuleId) => void;
}

/** Every rule, by where it acts on the body, each with what it is now. */
function RuleList({ rules, chosen, changed, say, onChoose }: RuleListProps) {
  const list = useRef<HTMLElement>(null);
  // The rule in hand is in sight when the page opens.
  useEffect(() => {
    const row = list.current?.querySelector<HTMLElement>("[aria-current]");
    if (row && list.current) list.current.scrollTop = row.offsetTop - 80;
  }, []);
  const places = Object.entries(rulePlaces) as [RulePlace, string][];
  return (
    <nav ref={list} className="slip relative max-h-[40dvh] overflow-y-auto lg:max-h-none" aria-label="Rules">
      {places.map(([place, heading]) => (
        <section key={place}>
          <h2 className="sticky top-0 bg-cloth px-3 py-1 text-chalk">{heading}</h2>
          <ul>
            {rules
              .filter((rule) => rule.place === place)
              .map((rule) => (
                <li key={rule.id}>
                  <button
                    type="button"
                    aria-current={rule.id === chosen ? "true" : undefined}
                    onClick={() => onChoose(rule.id)}
                    className="flex min-h-12 w-full flex-wrap content-center items-baseline justify-between gap-x-3 border-b border-l-8 border-card-deep border-l-transparent px-2 py-1.5 text-left aria-[current]:border-l-next aria-[current]:bg-card-deep"
                  >
                    <span>{rule.label}</span>
                    <strong className={changed.has(rule.id) ? "text-next-deep" : ""}>
                      <Fractions text={say(rule)} />
                      {changed.has(rule.id) && <span className="sr-only"> (changed)</span>}
                    </strong>
                  </button>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </nav>
  );
}

/** House rules: a set, one rule at a time with its reason and range, and what it changes on a sample cloth. */
export function RulesView({ rules, ownSets, garments, figure, first = "allowance.side" }: RulesViewProps) {
  const [setId, setSetId] = useState<string>(ownSets[0]?.id ?? "close");
  const { base, own } = chooseSet(setId, ownSets);
  const [edits, setEdits] = useState<StoredDecisions>({});
  const [chosen, setChosen] = useState<RuleId>(first);
  const unit = ruleSets[base].metric ? "cm" : "in";
  const kept = own?.overrides ?? {};
  const overrides = useMemo(() => ({ ...(own?.overrides ?? {}), ...edits }), [own, edits]);
  const read = readRules({ set: base, ...overrides }, unit);
  const ruleNow = (id: RuleId) => read.overrides[id] ?? ruleDefault(base, id);
  const rule = rules.find(({ id }) => id === chosen) ?? rules[0];
  const pick = (id: string) => {
    setSetId(id);
    setEdits({});
  };
  // Before: the rule in hand as it was kept, or as the set that ships has it when it is not being moved.
  const before = useMemo(() => {
    const { [chosen]: _, ...others } = overrides;
    const was = edits[chosen] === undefined ? undefined : own?.overrides[chosen];
    return was === undefined ? others : { ...others, [chosen]: was };
  }, [overrides, own, edits, chosen]);
  if (rule === undefined) return null;
  return (
    <div className="grid gap-3 p-3 lg:h-[calc(100dvh-120px)] lg:min-h-[600px] lg:grid-cols-[300px_320px_1fr]">
      <RuleList
        rules={rules}
        chosen={chosen}
        changed={new Set(Object.keys(overrides))}
        say={(one) => sayRule(one, ruleNow(one.id), unit)}
        onChoose={setChosen}
      />
      <div className="slip fold-edge flex flex-col gap-3 overflow-y-auto p-4">
        <div>
          <label htmlFor="rule-set" className="font-semibold">
            Set
          </label>
          <select
            id="rule-set"
            aria-describedby="rule-set-about"
            className="field"
            value={setId}
            onChange={(event) => pick(event.target.value)}
          >
            {Object.entries(ruleSets).map(([id, { label }]) => (
              <option key={id} value={id}>
                {label}
              </option>
            ))}
            {ownSets.map(({ id, name }) => (
              <option key={id} value={id}>
                {name} (our own)
              </option>
            ))}
          </select>
          <p id="rule-set-about" className="text-sm text-ink-soft">
            {own === null ? ruleSets[base].about : `Our own, on the ${ruleSets[base].label} rules.`}
          </p>
        </div>
        <DecisionField
          decision={rule}
          unit={unit}
          value={ruleNow(rule.id)}
          problem={read.errors.find(({ path }) => path === `rules.${rule.id}`)?.message}
          onDecide={(id, value) => setEdits((old) => ({ ...old, [id]: value }))}
        />
        <p className="text-sm text-ink-soft">
          <Fractions
            text={`${sayRange(rule, unit)} ${ruleSets[base].label} says ${sayRule(rule, ruleDefault(base, rule.id), unit)}.`}
          />
        </p>
        <KeepSet
          key={setId}
          own={own}
          base={base}
          overrides={overrides}
          edited={JSON.stringify(overrides) !== JSON.stringify(kept)}
          onKept={(id) => {
            setEdits({});
            setSetId(id);
          }}
          onUndo={() => setEdits({})}
        />
      </div>
      <RuleSample
        rule={rule.id}
        base={base}
        unit={unit}
        before={before}
        after={overrides}
        garments={garments}
        figure={figure}
      />
    </div>
  );
}
