import { ArrowLeft } from "lucide-react";
import Link from "next/link";

/** The way back to the cut sheet from a view that fills the screen. */
export function BackToSheet({ orderId }: { readonly orderId: string }) {
  return (
    <Link
      href={`/orders/${orderId}/sheet`}
      prefetch={false}
      className="flex min-h-12 items-center gap-2 underline underline-offset-4"
    >
      <ArrowLeft aria-hidden="true" /> Sheet
    </Link>
  );
}
