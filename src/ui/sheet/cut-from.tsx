"use client";

import { Scissors } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { cutFromSheet } from "@/server/order-actions";
import { AskButton } from "@/ui/shell/ask-button";

/** Freezes the sheet as the garment is cut; asks once, since nothing can be un-cut. */
export function CutFrom({ orderId, seen }: { readonly orderId: string; readonly seen: string }) {
  const router = useRouter();
  const [sure, setSure] = useState(false);
  if (!sure) {
    return (
      <button type="button" className="button" onClick={() => setSure(true)}>
        <Scissors size={18} aria-hidden="true" /> It is cut
      </button>
    );
  }
  return (
    <AskButton className="button" act={() => cutFromSheet(orderId, seen)} onDone={() => router.refresh()}>
      <Scissors size={18} aria-hidden="true" /> Yes, keep this sheet as cut
    </AskButton>
  );
}
