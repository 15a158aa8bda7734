import Link from "next/link";

/** Pieces of this garment are cut: what is changed here waits until somebody says what becomes of the rest. */
export function BeingCut({ orderId }: { readonly orderId: string }) {
  return (
    <section role="status" className="slip flex flex-wrap items-center gap-x-4 gap-y-2 border-2 border-next px-4 py-2">
      <p className="min-w-64 flex-1">
        <strong>Pieces of it are cut.</strong> They stay as they were cut; what is changed here is kept, and draws
        nothing by itself.
      </p>
      <Link href={`/orders/${orderId}/changed`} className="button" prefetch={false}>
        What a change does
      </Link>
      <Link href={`/orders/${orderId}/sheet`} className="button" prefetch={false}>
        Cut sheet
      </Link>
    </section>
  );
}
