"use client";

import { useRouter } from "next/navigation";
import { repeatOrder } from "@/server/order-actions";
import { AskButton } from "@/ui/shell/ask-button";

/** Takes an earlier order again, on the newest card. */
export function RepeatOrder({ orderId }: { readonly orderId: string }) {
  const router = useRouter();
  return (
    <AskButton
      className="button button-next"
      act={() => repeatOrder(orderId)}
      onDone={(taken) => router.push(`/orders/${taken.orderId}`)}
    >
      Take this order
    </AskButton>
  );
}
