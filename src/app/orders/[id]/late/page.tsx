import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { drawnLength, lateEdges, lateFields, partAlone, waitsFor } from "@/core/formats";
import { nameGarment } from "@/core/garments";
import { sayDate } from "@/core/wording";
import { loadTakes } from "@/server/load";
import { Fractions } from "@/ui/reading/fractions";
import { LateMeasure } from "@/ui/sheet/late-measure";
import { lateWords } from "@/ui/sheet/late-words";
import { causeNames, sayHalf } from "@/ui/sheet/say-late";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "As sewn" };
export const dynamic = "force-dynamic";

interface LatePageProps {
  readonly params: Promise<{ id: string }>;
  readonly searchParams: Promise<{ edge?: string | string[] }>;
}

/** An edge as the garment has it, measured before what is sewn to it is cut; every earlier take stays to be read. */
export default async function LatePage({ params, searchParams }: LatePageProps) {
  const { order, client, takes } = await loadTakes((await params).id);
  const { edge: asked } = await searchParams;
  const newest = takes.at(-1);
  const edge = lateEdges.find((one) => one === (asked ?? "armhole"));
  if (newest === undefined || edge === undefined || !waitsFor(newest.sheet, edge)) notFound();
  const { sheet } = newest;
  const earlier = takes.flatMap(({ take, frozenAt, sheet: { late = [], unit } }) => {
    const own = late.filter((one) => one.edge === edge);
    return own.length === 0 ? [] : [{ take, frozenAt, own, unit }];
  });
  return (
    <>
      <PageHead
        title={`${lateWords[edge].name}: ${nameGarment(order)} for ${client.name}`}
        about={`No. ${order.number} · ${lateWords[edge].before}`}
      >
        {lateEdges
          .filter((one) => one !== edge && waitsFor(sheet, one))
          .map((one) => (
            <Link key={one} href={`/orders/${order.id}/late?edge=${one}`} className="button" prefetch={false}>
              {lateWords[one].name}
            </Link>
          ))}
        <Link href={`/orders/${order.id}/sheet`} className="button" prefetch={false}>
          Cut sheet
        </Link>
      </PageHead>
      <main className="flex flex-col gap-3 p-3 lg:h-[calc(100dvh-72px)] lg:min-h-[640px]">
        {earlier.length > 0 && (
          <ul className="slip space-y-1 p-3" aria-label="Measured before">
            {earlier.map(({ take, frozenAt, own, unit }) => (
              <li key={take}>
                <strong>{sayDate(frozenAt)}</strong> ·{" "}
                <Fractions text={own.map((one) => sayHalf(one, unit)).join(" · ")} />
                {own[0]?.cause !== undefined && ` · ${causeNames.find(({ id }) => id === own[0]?.cause)?.label}`}
              </li>
            ))}
          </ul>
        )}
        <div className="min-h-0 flex-1">
          <LateMeasure
            key={`${edge}-${newest.take}`}
            orderId={order.id}
            edge={edge}
            asked={lateFields(sheet, edge)}
            before={partAlone(sheet, edge)}
            length={drawnLength(sheet, edge)}
          />
        </div>
      </main>
    </>
  );
}
