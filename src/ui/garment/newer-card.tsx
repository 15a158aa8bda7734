"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { Card } from "@/db";
import { takeNewestCard } from "@/server/order-actions";
import { askShop } from "@/ui/shell/ask-shop";

interface NewerCardProps {
  readonly orderId: string;
  readonly used: Card;
  readonly newest: Card;
}

/** Says that the client was measured again since, and draws the order from the newer card when it is wanted. */
export function NewerCard({ orderId, used, newest }: NewerCardProps) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  if (used.id === newest.id) return null;
  const take = async () => {
    const { said: wrong } = await askShop(() => takeNewestCard(orderId));
    setSaid(wrong);
    if (wrong === null) router.refresh();
  };
  return (
    <>
      <button type="button" className="button button-next" onClick={take}>
        Use the card of {newest.takenOn}
      </button>
      {said !== null && (
        <p role="alert" className="max-w-sm text-sm font-semibold text-wrong">
          {said}
        </p>
      )}
    </>
  );
}
