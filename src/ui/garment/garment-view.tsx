"use client";

import { memo, useCallback, useMemo } from "react";
import { type ChoicePart, choiceParts, isAsked } from "@/core/chalk";
import { type FlatHandle, flatHandle, type Order, type SheetCheck } from "@/core/formats";
import type { Unit } from "@/core/length";
import type { OwnRuleSet, StoredCloth } from "@/db";
import type { OfferedDecisions } from "@/server/garment-decisions";
import { ClothDrawing } from "@/ui/cloth/cloth-drawing";
import { ClothRows } from "@/ui/cloth/cloth-rows";
import { Legend } from "@/ui/cloth/legend";
import { Fractions } from "@/ui/reading/fractions";
import { ClothFields } from "./cloth-fields";
import { DecisionField, type DecisionValue } from "./decision-field";
import { FlatDrawing } from "./flat-drawing";
import { GarmentOutcome } from "./garment-outcome";
import { MetDecisions } from "./met-decisions";
import { RulesOnSheet } from "./rules-on-sheet";
import { type Decisions, problemsByPath, useDecisions } from "./use-decisions";

interface GarmentViewProps {
  readonly orderId: string;
  readonly document: Order;
  readonly taken: Unit;
  readonly ownSets: readonly OwnRuleSet[];
  readonly start: Decisions;
  readonly offered: OfferedDecisions;
}

/** An option shows as decided, even when it cannot be drawn; a length shows what was drawn last. */
function shown(decided: DecisionValue | undefined, drawn: DecisionValue | undefined): DecisionValue {
  return typeof drawn === "number" ? drawn : (decided ?? drawn ?? "");
}

const PART_NAMES: Readonly<Record<ChoicePart, string>> = {
  body: "Body",
  collar: "Collar",
  sleeve: "Sleeve",
  skirt: "Skirt",
  making: "Made up",
  cloth: "On the cloth",
};

/** The room for the cloth, beside the flat or under it. */
const ROOM_ASPECT = 0.8;

const StillLegend = memo(Legend);

/** The garment: choices in the order of making beside the flat and the live cloth. */
export function GarmentView({ orderId, document, taken, ownSets, start, offered }: GarmentViewProps) {
  const { decisions, decide, outcome, sheet, kept, keepNow, met } = useDecisions(orderId, document, {
    taken,
    ownSets,
    start,
  });
  const decideChoice = useCallback(
    (id: string, value: DecisionValue) =>
      decide((before) => ({ ...before, choices: { ...before.choices, [id]: value } })),
    [decide],
  );
  // Another set starts from its own rules: what was changed for the old one does not follow.
  const decideRule = useCallback(
    (id: string, value: DecisionValue) =>
      decide((before) => ({ ...before, rules: id === "set" ? { set: value } : { ...before.rules, [id]: value } })),
    [decide],
  );
  const drag = useCallback(
    ({ of, id }: FlatHandle, value: DecisionValue) => (of === "choice" ? decideChoice : decideRule)(id, value),
    [decideChoice, decideRule],
  );
  const take = useCallback(
    ({ path, value }: NonNullable<SheetCheck["change"]>) => {
      const [place, ...id] = path.split(".");
      // The core counts in inches, whatever the shop's tape.
      const said = typeof value === "number" ? `${value} in` : value;
      (place === "rules" ? decideRule : decideChoice)(id.join("."), said);
    },
    [decideChoice, decideRule],
  );
  const tellCloth = useCallback((cloth: StoredCloth) => decide((before) => ({ ...before, cloth })), [decide]);
  const held = useMemo(() => {
    const handle = sheet === null ? null : flatHandle(sheet);
    return handle === null ? null : { handle, onDrag: drag };
  }, [sheet, drag]);
  const problems = problemsByPath(outcome);
  const unit = sheet?.unit ?? "in";
  // A choice that another one makes idle is not asked; what was decided for it is kept.
  const asked = offered.choices.filter((choice) => isAsked(choice, sheet?.resolved.choices ?? {}));
  const groups = choiceParts
    .map((part) => ({ part, choices: asked.filter((choice) => (choice.part ?? "body") === part) }))
    .filter(({ choices }) => choices.length > 0);
  // One refusal may name several places: it is said once, at its choice where there is one. Rules may lie out of sight.
  const atField = ([path]: readonly [string, string]) =>
    path.startsWith("cloth.") || asked.some(({ id }) => path === `choices.${id}`);
  const said = new Set(Object.entries(problems).flatMap((one) => (atField(one) ? [one[1]] : [])));
  const others = [...new Set(Object.values(problems))].filter((message) => !said.has(message));

  return (
    <div className="flex flex-col gap-3 p-3 lg:grid lg:h-[calc(100dvh-72px)] lg:min-h-[640px] lg:grid-cols-[1fr_420px]">
      <div className="on-cloth flex min-h-0 flex-col gap-2">
        {/* First to arrive and last to stand: the cloth must not move when it comes. */}
        <div className="order-last">
          <StillLegend />
        </div>
        <div className="flex flex-col gap-3 sm:grid sm:h-[56dvh] sm:grid-cols-[2fr_3fr] lg:h-auto lg:min-h-0 lg:flex-1">
          {sheet !== null && (
            <div className="h-[38dvh] min-h-0 min-w-0 rounded-lg bg-table-deep p-2 sm:h-auto">
              <FlatDrawing sheet={sheet} stacked held={held} />
            </div>
          )}
          <div className="h-[48dvh] min-h-0 min-w-0 sm:h-auto">
            {sheet !== null && (
              <ClothRows sheet={sheet} aspect={ROOM_ASPECT}>
                {(group, high) => <ClothDrawing sheet={sheet} group={group} high={high} />}
              </ClothRows>
            )}
          </div>
        </div>
      </div>
      <div className="slip fold-edge flex min-h-0 flex-col overflow-hidden">
        {/* A scrolling region must be reachable by keyboard. */}
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: see above */}
        <section className="flex-1 overflow-y-auto px-4 py-2" aria-label="Choices" tabIndex={0}>
          <MetDecisions garment={document.garment} met={met} />
          {others.map((message) => (
            <p key={message} role="alert" className="py-2 font-semibold text-wrong">
              <Fractions text={message} />
            </p>
          ))}
          {sheet !== null &&
            groups.map(({ part, choices }) => (
              <section key={part} aria-label={PART_NAMES[part]}>
                {groups.length > 1 && (
                  <h2 className="mt-3 border-b-2 border-card-deep pb-1 text-lg font-semibold">{PART_NAMES[part]}</h2>
                )}
                {choices.map((choice) => (
                  <DecisionField
                    key={choice.id}
                    decision={choice}
                    unit={unit}
                    value={shown(decisions.choices[choice.id], sheet.resolved.choices[choice.id])}
                    problem={problems[`choices.${choice.id}`]}
                    onDecide={decideChoice}
                  />
                ))}
              </section>
            ))}
          <ClothFields cloth={decisions.cloth} problems={problems} onTell={tellCloth} />
          {sheet !== null && (
            <RulesOnSheet
              sheet={sheet}
              unit={unit}
              setId={String(decisions.rules.set ?? "close")}
              rules={offered.rules}
              sets={offered.sets}
              problems={problems}
              onDecide={decideRule}
            />
          )}
        </section>
        {sheet !== null && (
          <GarmentOutcome orderId={orderId} sheet={sheet} unit={unit} kept={kept} keepNow={keepNow} onTake={take} />
        )}
      </div>
    </div>
  );
}
