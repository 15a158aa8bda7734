"use client";

import { useRouter } from "next/navigation";
import { nameList } from "@/core/wording";
import { drawFreeAnew } from "@/server/cutting-actions";
import { AskButton } from "@/ui/shell/ask-button";

interface DrawAnewProps {
  readonly orderId: string;
  readonly take: number;
  /** Pieces that it did not have before. */
  readonly added: readonly string[];
}

/** Draws what is not cut yet by the order as it is now: asked for here, never done by itself. */
export function DrawAnew({ orderId, take, added }: DrawAnewProps) {
  const router = useRouter();
  return (
    <section className="slip space-y-2 border-2 border-next p-4" aria-label="What is not cut yet">
      <p className="text-lg">
        What is not cut yet can be drawn as the order is now, to the edges that are cut where it meets them. What is cut
        stays as it was.
        {added.length > 0 && ` New: ${nameList(added.map((name) => name.toLowerCase()))}.`}
      </p>
      <AskButton
        act={() => drawFreeAnew(orderId, take)}
        onDone={() => router.push(`/orders/${orderId}/sheet`)}
        className="button button-next"
      >
        Draw what is free anew
      </AskButton>
    </section>
  );
}
