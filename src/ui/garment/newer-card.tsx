"use client";

import { useRouter } from "next/navigation";
import { sayDate } from "@/core/wording";
import type { Card } from "@/db";
import { takeNewestCard } from "@/server/order-actions";
import { AskButton } from "@/ui/shell/ask-button";

interface NewerCardProps {
  readonly orderId: string;
  readonly used: Card;
  readonly newest: Card;
}

/** Says that the client was measured again since, and draws the order from the newer card when it is wanted. */
export function NewerCard({ orderId, used, newest }: NewerCardProps) {
  const router = useRouter();
  if (used.id === newest.id) return null;
  return (
    <AskButton className="button button-next" act={() => takeNewestCard(orderId)} onDone={() => router.refresh()}>
      Use the card of {sayDate(newest.takenOn)}
    </AskButton>
  );
}
