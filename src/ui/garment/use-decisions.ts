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
  const [decisions, setDecisions] = useState(start);
  const [kept, setKept] = useState<KeptState>("kept");
  const outcome = useMemo(
    () =>
      makeSheet({
        ...document,
        ...decisions,
        cloth: writeCloth(decisions.cloth, shop),
        unit: orderUnit(decisions.rules, shop),
      }),
    [document, decisions, shop],
  );
  const lastGood = useRef<CutSheet | null>(null);
  if (outcome.kind === "sheet") lastGood.current = outcome.sheet;
  const touched = useRef(false);

  useEffect(() => {
    if (!touched.current) return;
    if (outcome.kind !== "sheet") {
      setKept("not-drawable");
      return;
    }
    setKept("keeping");
    const timer = setTimeout(() => {
      saveDecisions(orderId, decisions).then(
        (result) => setKept(result.ok ? "kept" : "not-kept"),
        () => setKept("not-kept"),
      );
    }, KEEP_AFTER_MS);
    return () => clearTimeout(timer);
  }, [orderId, decisions, outcome]);

  const decide = useCallback((change: (before: Decisions) => Decisions) => {
    touched.current = true;
    setDecisions(change);
  }, []);
  return { decisions, decide, outcome, sheet: lastGood.current, kept };
}
