"use client";

import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { type CutSheet, makeSheet, type Order, type SheetOutcome } from "@/core/formats";
import type { Unit } from "@/core/length";
import type { StoredCloth } from "@/db";
import { saveDecisions } from "@/server/actions";
import { orderUnit, writeCloth } from "@/server/order-document";

type Decided = Readonly<Record<string, string | number | boolean>>;

export interface Decisions {
  readonly choices: Decided;
  readonly rules: Decided;
  readonly cloth: StoredCloth;
}

export type KeptState = "kept" | "keeping" | "not-kept" | "not-drawable";

const KEEP_AFTER_MS = 500;

/** What stands in the way of each decision, by its place in the order (`choices.fold`, `rules.armholeDepth`). */
export function problemsByPath(outcome: SheetOutcome): Readonly<Record<string, string>> {
  if (outcome.kind === "sheet") return {};
  if (outcome.kind === "errors") return Object.fromEntries(outcome.errors.map(({ path, message }) => [path, message]));
  return Object.fromEntries(
    outcome.refused.flatMap(({ conflicts, message, remedy }) =>
      conflicts.map((path) => [path, `${message} ${remedy}`]),
    ),
  );
}

/** Decisions about a garment: drawn at once in the browser, kept on the server a moment later; the last good drawing stays. */
export function useDecisions(orderId: string, document: Order, shop: Unit, start: Decisions) {
  // A page that is sent anew while it is open brings the same card: it must not draw or keep anything again.
  const [card] = useState(document);
  const [decisions, setDecisions] = useState(start);
  const [kept, setKept] = useState<KeptState>("kept");
  const keptLast = useRef(start);
  const outcome = useMemo(
    () =>
      makeSheet({
        ...card,
        ...decisions,
        cloth: writeCloth(decisions.cloth, shop),
        unit: orderUnit(decisions.rules, shop),
      }),
    [card, decisions, shop],
  );
  const lastGood = useRef<CutSheet | null>(null);
  if (outcome.kind === "sheet") lastGood.current = outcome.sheet;
  const drawable = outcome.kind === "sheet";

  /** Keeps what is decided now, unless it is kept already or cannot be drawn. */
  const keepNow = useCallback(async (): Promise<void> => {
    if (keptLast.current === decisions || !drawable) return;
    keptLast.current = decisions;
    const result = await saveDecisions(orderId, decisions).catch(() => null);
    setKept(result?.ok ? "kept" : "not-kept");
  }, [orderId, decisions, drawable]);

  useEffect(() => {
    if (keptLast.current === decisions) return;
    setKept(drawable ? "keeping" : "not-drawable");
    const timer = setTimeout(keepNow, KEEP_AFTER_MS);
    return () => clearTimeout(timer);
  }, [decisions, drawable, keepNow]);

  return { decisions, decide: setDecisions, outcome, sheet: lastGood.current, kept, keepNow };
}
