"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { startOrder } from "@/server/order-actions";
import { askShop } from "@/ui/shell/ask-shop";

export interface OfferedGarment {
  readonly id: string;
  readonly label: string;
  readonly about: string;
}

interface StartOrderProps {
  readonly clientId: string;
  readonly garments: readonly OfferedGarment[];
  readonly promisedOn?: string | null;
}

/** Every garment of the catalogue; a tap takes the order. */
export function StartOrder({ clientId, garments, promisedOn = null }: StartOrderProps) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const start = async (garment: string) => {
    const { said: wrong, value } = await askShop(() => startOrder(clientId, garment, promisedOn));
    setSaid(wrong);
    if (value !== null) router.push(`/orders/${value.orderId}`);
  };
  return (
    <section>
      <h2 className="pb-2 text-lg">Cut something new</h2>
      {said !== null && (
        <p role="alert" className="font-semibold text-wrong">
          {said}
        </p>
      )}
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
