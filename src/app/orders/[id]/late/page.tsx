import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { sleevesAlone, waitsForArmhole } from "@/core/formats";
import { nameGarment } from "@/core/garments";
import { sayDate } from "@/core/wording";
import { loadTakes } from "@/server/load";
import { Fractions } from "@/ui/reading/fractions";
import { LateArmhole } from "@/ui/sheet/late-armhole";
import { causeNames, sayHalf } from "@/ui/sheet/say-late";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Armhole as sewn" };
export const dynamic = "force-dynamic";

/** The armhole as the garment has it, measured before the sleeves are cut; every earlier take stays to be read. */
export default async function LatePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, takes } = await loadTakes((await params).id);
  const newest = takes.at(-1);
  if (newest === undefined || !waitsForArmhole(newest.sheet)) notFound();
  const { sheet } = newest;
  return (
    <>
      <PageHead
        title={`Armhole as sewn: ${nameGarment(order)} for ${client.name}`}
        about={`No. ${order.number} · measured before the sleeves are cut`}
      >
        <Link href={`/orders/${order.id}/sheet`} className="button" prefetch={false}>
          Cut sheet
        </Link>
      </PageHead>
      <main className="flex flex-col gap-3 p-3 lg:h-[calc(100dvh-72px)] lg:min-h-[640px]">
        {takes.length > 1 && (
          <ul className="slip space-y-1 p-3" aria-label="Measured before">
            {takes.slice(1).map(({ take, frozenAt, sheet: { late = [], unit } }) => (
              <li key={take}>
                <strong>{sayDate(frozenAt)}</strong> ·{" "}
                <Fractions text={late.map((one) => sayHalf(one, unit)).join(" · ")} />
                {late[0]?.cause !== undefined && ` · ${causeNames.find(({ id }) => id === late[0]?.cause)?.label}`}
              </li>
            ))}
          </ul>
        )}
        <div className="min-h-0 flex-1">
          <LateArmhole
            key={newest.take}
            orderId={order.id}
            before={sleevesAlone(sheet)}
            round={sheet.seams.find(({ id }) => id === "cap")?.lengthB ?? 0}
          />
        </div>
      </main>
    </>
  );
}
