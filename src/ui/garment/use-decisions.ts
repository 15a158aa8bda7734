"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { makeDrawing, type Order, type SheetDrawing, type SheetOutcome } from "@/core/formats";
import type { Unit } from "@/core/length";
import type { OwnRuleSet, StoredCloth } from "@/db";
import { saveDecisions } from "@/server/order-actions";
import { orderUnit, writeCloths, writeRules } from "@/server/order-document";
import { outcomeErrors } from "@/server/sheet-errors";
import { failureOf } from "@/ui/shell/ask-shop";
import { useAtHand } from "./use-at-hand";

type Decided = Readonly<Record<string, string | number | boolean>>;

export interface Decisions {
  readonly choices: Decided;
  readonly rules: Decided;
  readonly cloth: StoredCloth;
}

export type KeptState = "kept" | "keeping" | "not-kept" | "away" | "failed" | "no-room" | "met" | "not-drawable";

/** What is not kept yet, and is sent again by itself. */
const WAITING: ReadonlySet<KeptState> = new Set(["away", "failed", "no-room"]);

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
  const [theirs, setTheirs] = useState<Decisions | null>(null);
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

  const latest = useRef({ decisions, drawable, met: theirs !== null });
  latest.current = { decisions, drawable, met: theirs !== null };
  const sending = useRef<Promise<void> | null>(null);

  const sendOnce = useCallback(
    async (decided: Decisions): Promise<KeptState> => {
      const result = await saveDecisions(orderId, decided, keptLast.current).catch(failureOf);
      if (typeof result === "string") return result;
      if ("theirs" in result) {
        setTheirs(result.theirs);
        return "met";
      }
      if (result.ok) keptLast.current = decided;
      return result.ok ? "kept" : "not-kept";
    },
    [orderId],
  );

  /**
   * Keeps what is decided now, unless it is kept already or cannot be drawn. One after another: what is decided while the
   * one before is on its way follows it, or the book would take this one screen for two.
   */
  const keepNow = useCallback((): Promise<void> => {
    const isToKeep = (now: typeof latest.current) => keptLast.current !== now.decisions && now.drawable && !now.met;
    const send = async (): Promise<void> => {
      for (let now = latest.current; isToKeep(now); now = latest.current) {
        const became = await sendOnce(now.decisions);
        const isAnswered = became === "kept" || became === "not-kept";
        if (isAnswered && latest.current.decisions !== now.decisions) continue;
        setKept(became);
        return;
      }
    };
    sending.current ??= send().finally(() => {
      sending.current = null;
    });
    return sending.current;
  }, [sendOnce]);

  /** Goes on from what another screen kept: with it, or with what was decided here in its place. */
  const settle = useCallback(
    (mine: boolean) => {
      if (theirs === null) return;
      keptLast.current = theirs;
      setTheirs(null);
      if (!mine) {
        setDecisions(theirs);
        setKept("kept");
      }
    },
    [theirs],
  );

  useEffect(() => {
    if (!WAITING.has(kept)) return;
    const timer = setInterval(keepNow, AGAIN_AFTER_MS);
    return () => clearInterval(timer);
  }, [kept, keepNow]);

  useEffect(() => {
    if (keptLast.current === decisions || theirs !== null) return;
    setKept(drawable ? "keeping" : "not-drawable");
    const timer = setTimeout(keepNow, KEEP_AFTER_MS);
    return () => clearTimeout(timer);
  }, [decisions, drawable, theirs, keepNow]);

  const met = theirs === null ? null : { theirs, mine: decisions, settle };
  return { decisions, decide: setDecisions, order, outcome, sheet: lastGood.current, kept, keepNow, met };
}
