import type { Metadata } from "next";
import { waiversOf } from "@/core/formats";
import { nameGarment } from "@/core/garments";
import { namePiece, sayNotion, sayWaiver } from "@/core/wording";
import { loadSheet } from "@/server/load";
import { nameSet } from "@/server/order-document";
import { Fractions } from "@/ui/reading/fractions";
import { PrintButton } from "@/ui/sheet/print-button";
import { PrintedList } from "@/ui/sheet/printed-list";
import { Undrawn } from "@/ui/sheet/undrawn";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "On paper" };
export const dynamic = "force-dynamic";

const papers = [
  { href: "steps/a4", label: "Steps, A4" },
  { href: "steps/letter", label: "Steps, Letter" },
  { href: "sheet/a4", label: "Sheet, A4" },
  { href: "sheet/letter", label: "Sheet, Letter" },
] as const;

export default async function PrintPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, outcome, ownSets, progress } = await loadSheet((await params).id);
  if (outcome.kind !== "sheet") return <Undrawn outcome={outcome} orderId={order.id} clientId={client.id} />;
  const garment = nameGarment(order);
  const { buy, buyUnit } = outcome.sheet.cloth;
  return (
    <>
      <PageHead title="On paper" about={`No. ${order.number}, ${client.name} · black on white`}>
        {papers.map(({ href, label }) => (
          <a key={href} href={`/orders/${order.id}/paper/${href}`} className="button" target="_blank" rel="noreferrer">
            {label}
          </a>
        ))}
        <PrintButton />
      </PageHead>
      <main className="slip mx-auto my-4 max-w-3xl p-6 print:m-0 print:max-w-none print:p-0">
        <h2 className="pb-2 text-xl">
          {garment} for {client.name}, no. {order.number}, {nameSet(order.rules, ownSets)} rules, {buy} {buyUnit} of
          cloth
        </h2>
        {waiversOf(outcome.sheet, progress?.checks ?? {}).map(({ group, waiver }) => (
          <p key={group} className="font-semibold">
            {sayWaiver(namePiece(group), waiver)}
          </p>
        ))}
        {outcome.sheet.notions !== undefined && (
          <p>
            <Fractions text={outcome.sheet.notions.map((notion) => sayNotion(notion, outcome.sheet.unit)).join(". ")} />
          </p>
        )}
        <PrintedList sheet={outcome.sheet} />
      </main>
    </>
  );
}
