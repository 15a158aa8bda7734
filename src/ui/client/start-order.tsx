"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { startOrder } from "@/server/actions";

interface StartOrderProps {
  readonly clientId: string;
  readonly garments: readonly { readonly id: string; readonly label: string }[];
}

/** Takes an order for a garment with one tap. */
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
    <>
      {garments.map(({ id, label }) => (
        <button key={id} type="button" className="button button-next" onClick={() => start(id)}>
          Cut a {label.toLowerCase()}
        </button>
      ))}
      {said !== null && <p role="alert">{said}</p>}
    </>
  );
}
