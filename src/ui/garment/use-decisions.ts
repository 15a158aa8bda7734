"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { makeDrawing, type Order, type SheetDrawing, type SheetOutcome } from "@/core/formats";
import type { Unit } from "@/core/length";
import type { OwnRuleSet, StoredCloth } from "@/db";
import { saveDecisions } from "@/server/order-actions";
import { orderUnit, writeCloths, writeRules } from "@/server/order-document";
import { outcomeErrors } from "@/server/sheet-errors";
import { useAtHand } from "./use-at-hand";

type Decided = Readonly<Record<string, string | number | boolean>>;

export interface Decisions {
  readonly choices: Decided;
  readonly rules: Decided;
  readonly cloth: StoredCloth;
}

export type KeptState = "kept" | "keeping" | "not-kept" | "away" | "not-drawable";

const KEEP_AFTER_MS = 500;
/** While the shop's computer is away it is asked again so often. */
const AGAIN_AFTER_MS = 4000;

/** What stands in the way of each decision, by its place in the order (`choices.fold`, `rules.armholeDepth`). */
export function problemsByPath(outcome: SheetOutcome<SheetDrawing>): Readonly<Record<string, string>> {
  return Object.fromEntries(outcomeErrors(outcome).map(({ field, message }) => [field, message]));
}

/** Decisions about a garment: drawn at once in the browser, kept on the server a moment later; the last good drawing stays. */
export function useDecisions(
  orderId: string,
  document: Order,
  {
    taken,
    ownSets,
    start,
  }: { readonly taken: Unit; readonly ownSets: readonly OwnRuleSet[]; readonly start: Decisions },
) {
  // A page that is sent anew while it is open brings the same card: it must not draw or keep anything again.
  const [card] = useState(document);
  const [decisions, setDecisions] = useState(start);
  const [kept, setKept] = useState<KeptState>("kept");
  const keptLast = useRef(start);
  const order = useMemo(
    (): Order => ({
      ...card,
      choices: decisions.choices,
      rules: writeRules(decisions.rules, ownSets),
      ...writeCloths(decisions.cloth, taken),
      unit: orderUnit(decisions.rules, ownSets, taken),
    }),
    [card, decisions, taken, ownSets],
  );
  const atHand = useAtHand(order, [order]);
  const outcome = useMemo(() => makeDrawing(atHand), [atHand]);
  const lastGood = useRef<SheetDrawing | null>(null);
  if (outcome.kind === "sheet") lastGood.current = outcome.sheet;
  const drawable = outcome.kind === "sheet" && atHand === order;

  /** Keeps what is decided now, unless it is kept already or cannot be drawn. */
  const keepNow = useCallback(async (): Promise<void> => {
    if (keptLast.current === decisions || !drawable) return;
    const result = await saveDecisions(orderId, decisions).catch(() => null);
    if (result !== null) keptLast.current = decisions;
    setKept(result === null ? "away" : result.ok ? "kept" : "not-kept");
  }, [orderId, decisions, drawable]);

  useEffect(() => {
    if (kept !== "away") return;
    const timer = setInterval(keepNow, AGAIN_AFTER_MS);
    return () => clearInterval(timer);
  }, [kept, keepNow]);

  useEffect(() => {
    if (keptLast.current === decisions) return;
    setKept(drawable ? "keeping" : "not-drawable");
    const timer = setTimeout(keepNow, KEEP_AFTER_MS);
    return () => clearTimeout(timer);
  }, [decisions, drawable, keepNow]);

  return { decisions, decide: setDecisions, order, outcome, sheet: lastGood.current, kept, keepNow };
}
