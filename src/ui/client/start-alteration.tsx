"use client";

import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { startAlteration } from "@/server/alteration-actions";
import { askShop } from "@/ui/shell/ask-shop";

/** Takes a finished garment in to be altered. */
export function StartAlteration({ clientId }: { readonly clientId: string }) {
  const router = useRouter();
  const [what, setWhat] = useState("");
  const [said, setSaid] = useState<string | null>(null);
  const start = async (event: FormEvent) => {
    event.preventDefault();
    const { said: wrong, value } = await askShop(() => startAlteration(clientId, what));
    setSaid(wrong);
    if (value !== null) router.push(`/orders/${value.orderId}/alteration`);
  };
  return (
    <form onSubmit={start} className="slip flex flex-wrap items-end gap-3 p-4" aria-label="Alter something finished">
      <label className="block min-w-48 flex-1">
        <span className="font-semibold">Alter something finished</span>
        <input
          className="field"
          placeholder="A grey coat"
          value={what}
          autoComplete="off"
          onChange={({ target }) => setWhat(target.value)}
        />
      </label>
      <button type="submit" className="button">
        Take it in
      </button>
      {said !== null && (
        <p role="alert" className="basis-full font-semibold text-wrong">
          {said}
        </p>
      )}
    </form>
  );
}
