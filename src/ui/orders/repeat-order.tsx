"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { repeatOrder } from "@/server/order-actions";
import { askShop } from "@/ui/shell/ask-shop";

/** Takes an earlier order again, on the newest card. */
export function RepeatOrder({ orderId }: { readonly orderId: string }) {
  const router = useRouter();
  const [said, setSaid] = useState<string | null>(null);
  const repeat = async () => {
    const { said: wrong, value } = await askShop(() => repeatOrder(orderId));
    setSaid(wrong);
    if (value !== null) router.push(`/orders/${value.orderId}`);
  };
  return (
    <>
      <button type="button" className="button button-next" onClick={repeat}>
        Take this order
      </button>
      {said !== null && (
        <p role="alert" className="max-w-sm text-sm font-semibold text-wrong">
          {said}
        </p>
      )}
    </>
  );
}
