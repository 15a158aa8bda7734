"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import type { OwnRuleSet, StoredDecisions } from "@/db";
import { dropOwnSet, keepOwnSet } from "@/server/shop-actions";
import { askShop } from "@/ui/shell/ask-shop";

interface KeepSetProps {
  /** The set of the shop's own that is open; null on a set that ships, which stays as it is. */
  readonly own: OwnRuleSet | null;
  readonly base: string;
  readonly overrides: StoredDecisions;
  readonly edited: boolean;
  readonly onKept: (id: string) => void;
  readonly onUndo: () => void;
}

/** Keeps what was changed as a set of the shop's own: a set that ships is never changed, a new one stands on it. */
export function KeepSet({ own, base, overrides, edited, onKept, onUndo }: KeepSetProps) {
  const router = useRouter();
  const [name, setName] = useState(own?.name ?? "");
  const [said, setSaid] = useState<string | null>(null);
  const keep = async (event: FormEvent) => {
    event.preventDefault();
    const { said: wrong, value } = await askShop(() => keepOwnSet({ id: own?.id ?? null, name, base, overrides }));
    setSaid(wrong ?? "Kept.");
    if (value === null) return;
    router.refresh();
    onKept(value.id);
  };
  const drop = async () => {
    if (own === null) return;
    const { said: wrong } = await askShop(() => dropOwnSet(own.id));
    setSaid(wrong);
    if (wrong !== null) return;
    onKept(base);
    router.refresh();
  };
  return (
    <form onSubmit={keep} className="mt-auto space-y-2 border-t-2 border-line pt-3">
      <label className="block">
        <span className="font-semibold">{own === null ? "Keep as a set of our own" : "Our set is called"}</span>
        <input
          className="field"
          value={name}
          placeholder="Festival week"
          autoComplete="off"
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <p role="status" className="font-semibold text-next-deep">
        {said}
      </p>
      <div className="flex flex-wrap gap-2">
        <button type="submit" className="button button-next" disabled={!edited && name === (own?.name ?? "")}>
          Keep the set
        </button>
        {edited && (
          <button type="button" className="button" onClick={onUndo}>
            As it was
          </button>
        )}
        {own !== null && (
          <button type="button" className="button" onClick={drop}>
            Drop the set
          </button>
        )}
      </div>
      <p className="text-sm text-ink-soft">
        Orders drawn by the set follow it until they are cut. An order can change any rule for itself.
      </p>
    </form>
  );
}
