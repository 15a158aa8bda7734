"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { startOrder } from "@/server/actions";

interface StartOrderProps {
  readonly clientId: string;
  readonly garments: readonly { readonly id: string; readonly label: string; readonly about: string }[];
}

/** Every garment of the catalogue; a tap takes the order. */
export function StartOrder({ clientId, garments }: StartOrderProps) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const start = async (garment: string) => {
    try {
      const result = await startOrder(clientId, garment);
      if (result.ok) router.push(`/orders/${result.value.orderId}`);
      else setSaid(result.errors[0]?.message ?? null);
    } catch {
      setSaid("The shop's computer does not answer. Try again in a moment.");
    }
  };
  return (
    <section>
      <h2 className="pb-2 text-lg">Cut something new</h2>
      {said !== null && <p role="alert">{said}</p>}
      <ul className="grid gap-2 sm:grid-cols-2">
        {garments.map(({ id, label, about }) => (
          <li key={id}>
            <button
              type="button"
              className="slip h-full w-full p-3 text-left hover:bg-card-deep"
              onClick={() => start(id)}
            >
              <span className="block font-head text-lg font-semibold">{label}</span>
              <span className="block text-sm text-ink-soft">{about}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
