"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { type MouseEvent, memo, useCallback, useState } from "react";
import type { CutSheet, Order } from "@/core/formats";
import type { Unit } from "@/core/length";
import type { StoredCloth } from "@/db";
import type { Decision } from "@/server/garment-decisions";
import { ClothDrawing } from "@/ui/cloth/cloth-drawing";
import { Legend } from "@/ui/cloth/legend";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { Checks } from "@/ui/sheet/checks";
import { ClothFields } from "./cloth-fields";
import { DecisionField } from "./decision-field";
import { type Decisions, type KeptState, problemsByPath, useDecisions } from "./use-decisions";

interface GarmentViewProps {
  readonly orderId: string;
  readonly document: Order;
  readonly shop: Unit;
  readonly start: Decisions;
  readonly choices: readonly Decision[];
  readonly rules: readonly Decision[];
  readonly sets: readonly { readonly id: string; readonly label: string }[];
}

type Value = string | number | boolean;

const keptSaid: Readonly<Record<KeptState, string>> = {
  kept: "Kept.",
  keeping: "Keeping…",
  "not-kept": "Not kept: the shop's computer does not answer, or the garment is cut.",
  "not-drawable": "Not kept: this cannot be drawn. The cloth shows the last that could.",
};

/** An option shows as decided, even when it cannot be drawn; a length shows what was drawn last. */
function shown(decided: Value | undefined, drawn: Value | undefined): Value {
  return typeof drawn === "number" ? drawn : (decided ?? drawn ?? "");
}

interface RulesOnSheetProps {
  readonly sheet: CutSheet;
  readonly unit: Unit;
  readonly setId: string;
  readonly rules: readonly Decision[];
  readonly sets: GarmentViewProps["sets"];
  readonly problems: Readonly<Record<string, string>>;
  readonly onDecide: (id: string, value: Value) => void;
}

/** The house rules that move this garment; made only when they are opened. */
function RulesOnSheet({ sheet, unit, setId, rules, sets, problems, onDecide }: RulesOnSheetProps) {
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

interface OutcomeProps {
  readonly orderId: string;
  readonly sheet: CutSheet;
  readonly unit: Unit;
  readonly kept: KeptState;
  readonly keepNow: () => Promise<void>;
}

/** What the garment costs in cloth, what it finishes at, what to look at twice, and the way on. */
function Outcome({ orderId, sheet, unit, kept, keepNow }: OutcomeProps) {
  const router = useRouter();
  const path = `/orders/${orderId}/sheet`;
  // What was just decided goes ahead of the tailor: the sheet must not show the garment of a moment ago.
  const goOn = (event: MouseEvent) => {
    event.preventDefault();
    keepNow().then(() => router.push(path));
  };
  return (
    <footer className="max-h-[40%] space-y-2 overflow-y-auto border-t-2 border-line bg-card-deep px-4 py-3">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span>
          Cloth{" "}
          <strong className="text-xl">
            {sheet.cloth.buy} {sheet.cloth.buyUnit}
          </strong>{" "}
          of <Reading value={sheet.cloth.width} unit={unit} withUnit />
        </span>
        <span>
          Bust{" "}
          <strong className="text-xl">
            <Reading value={sheet.girths[0]?.drawn ?? 0} unit={unit} />
          </strong>{" "}
          finished
        </span>
        <span role="status" className="text-sm text-ink-soft">
          {keptSaid[kept]}
        </span>
      </p>
      <Checks checks={sheet.checks} />
      <Link href={path} onClick={goOn} className="button button-next w-full">
        To the cut sheet
      </Link>
    </footer>
  );
}

const StillLegend = memo(Legend);

/** The garment: choices in the order of making beside the live cloth. */
export function GarmentView({ orderId, document, shop, start, choices, rules, sets }: GarmentViewProps) {
  const { decisions, decide, outcome, sheet, kept, keepNow } = useDecisions(orderId, document, shop, start);
  const decideChoice = useCallback(
    (id: string, value: Value) => decide((before) => ({ ...before, choices: { ...before.choices, [id]: value } })),
    [decide],
  );
  // Another set starts from its own rules: what was changed for the old one does not follow.
  const decideRule = useCallback(
    (id: string, value: Value) =>
      decide((before) => ({ ...before, rules: id === "set" ? { set: value } : { ...before.rules, [id]: value } })),
    [decide],
  );
  const tellCloth = useCallback((cloth: StoredCloth) => decide((before) => ({ ...before, cloth })), [decide]);
  const problems = problemsByPath(outcome);
  const unit = sheet?.unit ?? "in";
  const others = Object.entries(problems).filter(([path]) => !/^(choices|rules|cloth)\./.test(path));

  return (
    <div className="flex flex-col gap-3 p-3 lg:h-[calc(100dvh-72px)] lg:min-h-[640px] lg:flex-row">
      <div className="on-cloth flex min-h-[360px] flex-col gap-2 lg:min-h-0 lg:flex-1">
        <div className="flex h-[52dvh] min-h-0 gap-4 lg:h-auto lg:flex-1">
          {sheet?.groups.map((group) => (
            <div key={group.id} className="min-h-0 min-w-0 flex-1">
              <ClothDrawing sheet={sheet} group={group} />
            </div>
          ))}
        </div>
        <StillLegend />
      </div>
      <div className="slip fold-edge flex flex-col overflow-hidden lg:w-[440px]">
        {/* A scrolling region must be reachable by keyboard. */}
        {/* biome-ignore lint/a11y/noNoninteractiveTabindex: see above */}
        <section className="flex-1 overflow-y-auto px-4 py-2" aria-label="Choices" tabIndex={0}>
          {others.map(([path, message]) => (
            <p key={path} role="alert" className="py-2 font-semibold text-wrong">
              <Fractions text={message} />
            </p>
          ))}
          {sheet !== null &&
            choices.map((choice) => (
              <DecisionField
                key={choice.id}
                decision={choice}
                unit={unit}
                value={shown(decisions.choices[choice.id], sheet.resolved.choices[choice.id])}
                problem={problems[`choices.${choice.id}`]}
                onDecide={decideChoice}
              />
            ))}
          <ClothFields cloth={decisions.cloth} problems={problems} onTell={tellCloth} />
          {sheet !== null && (
            <RulesOnSheet
              sheet={sheet}
              unit={unit}
              setId={String(decisions.rules.set ?? "close")}
              rules={rules}
              sets={sets}
              problems={problems}
              onDecide={decideRule}
            />
          )}
        </section>
        {sheet !== null && <Outcome orderId={orderId} sheet={sheet} unit={unit} kept={kept} keepNow={keepNow} />}
      </div>
    </div>
  );
}
