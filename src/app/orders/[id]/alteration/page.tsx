import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { loadAlteration } from "@/server/load";
import { NO_MONEY } from "@/server/money";
import { AlterationView } from "@/ui/alteration/alteration-view";
import { MoneyView } from "@/ui/counter/money-view";
import { PrintButton } from "@/ui/sheet/print-button";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Alteration" };
export const dynamic = "force-dynamic";

/** A finished garment that is altered: now and wanted, over which seams, whether there is enough in them, and money. */
export default async function AlterationPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, currency } = await loadAlteration((await params).id);
  if (order.alteration === null) notFound();
  return (
    <>
      <PageHead title={`${order.alteration.what} for ${client.name}`} about={`No. ${order.number} · to be altered`}>
        <Link href={`/clients/${client.id}`} className="button no-print" prefetch={false}>
          Client
        </Link>
        <PrintButton />
      </PageHead>
      <main className="mx-auto grid max-w-6xl gap-3 p-3 lg:grid-cols-[3fr_2fr]">
        <AlterationView orderId={order.id} unit={order.unit} lines={order.alteration.lines} />
        <MoneyView orderId={order.id} money={order.money ?? NO_MONEY} currency={currency} />
      </main>
    </>
  );
}
