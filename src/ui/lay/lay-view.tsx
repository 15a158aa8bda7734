"use client";

import { useCallback, useMemo, useState } from "react";
import { type ClothId, clothIds } from "@/core/chalk";
import type { LayWay } from "@/core/cloth";
import { type Order, type OrderPatch, patchLay } from "@/core/formats";
import { formatLengthWithUnit, type Unit } from "@/core/length";
import { clothNames, wordLayRefusal } from "@/core/wording";
import type { OwnRuleSet, StoredCloth } from "@/db";
import { MetDecisions } from "@/ui/garment/met-decisions";
import { type Decisions, problemsByPath, useDecisions } from "@/ui/garment/use-decisions";
import { Fractions } from "@/ui/reading/fractions";
import { ChoicePills } from "@/ui/shell/choice-pills";
import { ClothGiven } from "./cloth-given";
import { ClothNeeded } from "./cloth-needed";
import { FoldWays } from "./fold-ways";
import { LayDrawing } from "./lay-drawing";
import { LeftOverList } from "./left-over-list";
import { PieceBar } from "./piece-bar";
import { unitKey } from "./use-drag";
import { useLay } from "./use-lay";
import { readPin, useLayByHand } from "./use-lay-by-hand";
import { WhatIfs } from "./what-ifs";
import { WidthsTable } from "./widths-table";

interface LayViewProps {
  readonly orderId: string;
  readonly document: Order;
  readonly taken: Unit;
  readonly ownSets: readonly OwnRuleSet[];
  readonly start: Decisions;
}

/** The same value for as long as it says the same: what is kept of a lay must not ask for the lay again. */
function useSame<Value>(value: Value): Value {
  const text = JSON.stringify(value);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the text stands for the value
  return useMemo(() => value, [text]);
}

const USUAL_WAY: LayWay = "in-turn";

/** What is asked of the workers: the order without what came of it. The usual way is not a new question when it is kept. */
function askedOrder(order: Order): Order {
  const ways = clothIds.flatMap((id) => {
    const way = order.lay?.[id]?.way ?? USUAL_WAY;
    return way === USUAL_WAY ? [] : [[id, { way }]];
  });
  const elsewhere = order.lay?.elsewhere;
  return { ...order, lay: { ...Object.fromEntries(ways), ...(elsewhere === undefined ? {} : { elsewhere }) } };
}

/** The decisions with a change that is tried. */
function patched(before: Decisions, patch: OrderPatch): Decisions {
  const { choices, oneWay } = patch;
  const lay = patchLay(before.cloth.lay, patch);
  const cloth = { ...before.cloth, ...(oneWay === undefined ? {} : { oneWay }), lay };
  return { ...before, cloth, choices: { ...before.choices, ...choices } };
}

/** The cloth: how it lies, what is needed, what is given, what would make it fit. */
export function LayView({ orderId, document, taken, ownSets, start }: LayViewProps) {
  const { decisions, decide, order, outcome, sheet, kept, met } = useDecisions(orderId, document, {
    taken,
    ownSets,
    start,
  });
  const [cloth, setCloth] = useState<ClothId>("main");
  const [picked, setPicked] = useState<string | null>(null);
  const [before, setBefore] = useState<Decisions | null>(null);
  const own = decisions.cloth.lay?.[cloth] ?? {};
  const way: LayWay = own.way ?? USUAL_WAY;
  const asked = useSame(askedOrder(order));
  const pins = useSame((own.pins ?? []).map(readPin));
  const laidBefore = useSame((own.kept?.laid ?? []).map(readPin));
  const lay = useLay(asked, cloth, way, pins, laidBefore);
  const { shown } = lay;
  const unit = sheet?.unit ?? taken;
  const problems = problemsByPath(outcome);
  const units = shown?.plan.sections.flatMap(({ laid }) => laid) ?? [];
  const pickedUnit = units.find((laid) => unitKey(laid) === picked) ?? null;

  const tellCloth = useCallback((told: StoredCloth) => decide((now) => ({ ...now, cloth: told })), [decide]);
  const { pin, unpin, move, turn, foldOtherwise, keep } = useLayByHand(decide, cloth);
  const tryPatch = (patch: OrderPatch) => {
    setBefore(decisions);
    decide((now) => patched(now, patch));
  };
  // What is kept is what will be cut: nothing shorter takes its place until it is asked for again.
  const keepShown = () => {
    if (shown === null) return;
    lay.say("stop");
    keep(shown);
  };
  const takeBack = () => {
    if (before !== null) decide(before);
    setBefore(null);
  };
  const cloths = clothIds.filter((id) => id === "main" || sheet?.pieces.some((piece) => piece.cloth === id));

  return (
    <div className="flex flex-col gap-3 p-3 lg:grid lg:h-[calc(100dvh-72px)] lg:min-h-[640px] lg:grid-cols-[1fr_520px]">
      <section className="on-cloth flex min-h-0 flex-col gap-2" aria-label="The cloth as it lies">
        {cloths.length > 1 && (
          <ChoicePills
            label="Which cloth"
            options={cloths.map((id) => ({ id, label: clothNames[id] }))}
            value={cloth}
            onPick={(id) => setCloth(id as ClothId)}
          />
        )}
        <div className="h-[72dvh] min-h-0 min-w-0 rounded-lg bg-table-deep p-2 lg:h-auto lg:flex-1">
          {shown !== null && (
            <LayDrawing
              shown={shown}
              unit={unit}
              picked={picked}
              onPick={setPicked}
              onMoved={move}
              onTurn={turn}
              onUnpin={unpin}
            />
          )}
          {lay.refused !== null && (
            <p role="alert" className="slip m-4 p-4 text-lg font-semibold text-wrong">
              <Fractions text={wordLayRefusal(lay.refused, unit)} /> Choose another fold beside, or wider cloth.
            </p>
          )}
          {lay.message !== null && outcome.kind === "refused" && (
            <p role="alert" className="slip m-4 p-4 text-lg font-semibold text-wrong">
              <Fractions text={lay.message} />
            </p>
          )}
        </div>
        <PieceBar
          lay={lay}
          unit={unit}
          picked={pickedUnit}
          isKept={shown !== null && own.kept?.of === shown.of && Math.abs(own.kept.used - shown.plan.used) < 0.01}
          onTurn={turn}
          onPin={(laid) => pin(laid, {})}
          onUnpin={unpin}
          onKeep={keepShown}
        />
      </section>
      {/* A scrolling region must be reachable by keyboard. */}
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: see above */}
      <section className="slip fold-edge min-h-0 overflow-y-auto px-4 py-2" aria-label="How much cloth" tabIndex={0}>
        <MetDecisions garment={document.garment} met={met} />
        <ClothNeeded lay={lay} of={cloth} sheet={sheet} unit={unit} keptState={kept} />
        <ClothGiven cloth={decisions.cloth} which={cloth} problems={problems} unit={taken} onTell={tellCloth} />
        <FoldWays lay={lay} way={way} unit={unit} onFold={foldOtherwise} />
        {cloth === "main" && (
          <WhatIfs lay={lay} unit={unit} tried={before !== null} onTry={tryPatch} onTakeBack={takeBack} />
        )}
        <WidthsTable lay={lay} unit={unit} />
        <LeftOverList left={shown?.left ?? []} say={(length) => formatLengthWithUnit(length, unit)} />
      </section>
    </div>
  );
}
