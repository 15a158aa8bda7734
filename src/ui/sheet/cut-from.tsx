"use client";

import { Scissors } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { cutFromSheet } from "@/server/order-actions";

/** Freezes the sheet as the garment is cut; asks once, since nothing can be un-cut. */
export function CutFrom({ orderId }: { readonly orderId: string }) {
  const router = useRouter();
  const [sure, setSure] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  const cut = async () => {
    if (!sure) {
      setSure(true);
      return;
    }
    const result = await cutFromSheet(orderId).catch(() => null);
    if (result?.ok) router.refresh();
    else setSaid(result?.errors[0]?.message ?? "The shop's computer does not answer. Try again in a moment.");
    setSure(false);
  };
  return (
    <>
      <button type="button" className="button" onClick={cut}>
        <Scissors size={18} aria-hidden="true" /> {sure ? "Yes, keep this sheet as cut" : "It is cut"}
      </button>
      {said !== null && (
        <p role="alert" className="max-w-sm text-sm font-semibold text-wrong">
          {said}
        </p>
      )}
    </>
  );
}
