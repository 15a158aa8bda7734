"use client";

import { useRouter } from "next/navigation";
import { useCallback, useEffect, useState } from "react";
import type { Card } from "@/db";
import { saveCard, saveClient, saveCorrection } from "@/server/card-actions";
import type { SeenCard } from "@/server/card-input";
import type { FieldError } from "@/server/result";
import { AWAY_SAID, sayFailure } from "@/ui/shell/ask-shop";
import { newId } from "@/ui/shell/new-id";
import type { TypedCard } from "./use-kept-card";

/** What a form keeps: a new client, a new card of one, or a correction of a card. */
export type CardTask =
  | { readonly kind: "client" }
  | { readonly kind: "card"; readonly clientId: string; readonly seen: SeenCard }
  | { readonly kind: "correction"; readonly cardId: string; readonly seen: SeenCard };

export type Keeping =
  | { readonly state: "writing"; readonly errors: readonly FieldError[] }
  | { readonly state: "sending" }
  /** The shop's computer did not answer; it is tried again by itself. */
  | { readonly state: "waiting" }
  /** Somebody else kept a card meanwhile. */
  | { readonly state: "met"; readonly theirs: Card };

const AGAIN_AFTER_MS = 5000;

function send(task: CardTask, typed: TypedCard, seen: SeenCard, as: string) {
  if (task.kind === "client") return saveClient({ ...typed, as });
  const input = { ...typed, seen, as };
  return task.kind === "card" ? saveCard(task.clientId, input) : saveCorrection(task.cardId, input);
}

/** Sends a card to the shop; while the shop's computer is away it tries again until it answers. */
export function useCardKeeper(task: CardTask, typed: TypedCard, onKept: () => void) {
  const router = useRouter();
  const [keeping, setKeeping] = useState<Keeping>({ state: "writing", errors: [] });
  const [as] = useState(newId);
  const [seen, setSeen] = useState(task.kind === "client" ? null : task.seen);

  const keep = useCallback(
    async (beside: SeenCard) => {
      setKeeping((before) => (before.state === "waiting" ? before : { state: "sending" }));
      const result = await send(task, typed, beside, as).catch(sayFailure);
      // While nobody answers it waits; what the server itself could not do is said, and tried again on demand.
      if (result === AWAY_SAID) setKeeping({ state: "waiting" });
      else if (typeof result === "string") setKeeping({ state: "writing", errors: [{ field: "", message: result }] });
      else if (result.ok) {
        onKept();
        router.push(`/clients/${result.value.clientId}`);
      } else if ("theirs" in result) setKeeping({ state: "met", theirs: result.theirs });
      else setKeeping({ state: "writing", errors: result.errors });
    },
    [task, typed, onKept, router, as],
  );

  useEffect(() => {
    if (keeping.state !== "waiting") return;
    const timer = setInterval(() => keep(seen), AGAIN_AFTER_MS);
    return () => clearInterval(timer);
  }, [keeping.state, keep, seen]);

  /** Keeps this card although there is another: beside it, or over the other's correction. */
  const keepMine = (theirs: Card) => {
    const beside = { cardId: theirs.id, revision: theirs.revision };
    setSeen(beside);
    keep(beside);
  };
  return {
    keeping,
    keep: () => keep(seen),
    keepMine,
    write: () => setKeeping((before) => (before.state === "writing" ? before : { state: "writing", errors: [] })),
    mend: (field: string) =>
      setKeeping((before) =>
        before.state === "writing"
          ? { state: "writing", errors: before.errors.filter((error) => error.field !== field) }
          : before,
      ),
  };
}
