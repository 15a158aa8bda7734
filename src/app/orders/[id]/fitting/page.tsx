import type { Metadata } from "next";
import Link from "next/link";
import { nameGarment } from "@/core/garments";
import { answerFitting, roomInSeams } from "@/core/making";
import { loadSheet } from "@/server/load";
import { FittingView } from "@/ui/fitting/fitting-view";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Fitting" };
export const dynamic = "force-dynamic";

/** What was seen at the fittings of a garment: what is done now, what is left in its seams, what it teaches. */
export default async function FittingPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, outcome, frozenAt } = await loadSheet((await params).id);
  const sheet = outcome.kind === "sheet" && frozenAt !== null ? outcome.sheet : null;
  const entries = order.fitted.map(({ seen, inches, side }) => ({ seen, amount: inches, side }));
  const { answers, left } = answerFitting(sheet === null ? {} : roomInSeams(sheet), entries);
  return (
    <>
      <PageHead title={`Fitting: ${nameGarment(order)} for ${client.name}`} about={`No. ${order.number}`}>
        <Link href={`/orders/${order.id}/making`} className="button" prefetch={false}>
          Making
        </Link>
        <Link href={`/orders/${order.id}/sheet`} className="button" prefetch={false}>
          Cut sheet
        </Link>
      </PageHead>
      <main>
        {sheet === null ? (
          <p className="slip m-3 max-w-xl p-4 text-lg">
            This garment is not cut yet: there is nothing to fit. Say on its{" "}
            <Link href={`/orders/${order.id}/sheet`} prefetch={false} className="underline">
              cut sheet
            </Link>{" "}
            that it is.
          </p>
        ) : (
          <FittingView orderId={order.id} unit={order.unit} entries={order.fitted} answers={answers} left={left} />
        )}
      </main>
    </>
  );
}
