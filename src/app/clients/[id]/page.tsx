import type { Metadata } from "next";
import Link from "next/link";
import { garments } from "@/core/garments";
import { figureNames, sayDate } from "@/core/wording";
import type { Card } from "@/db";
import { learnClient } from "@/server/learning";
import { loadClient, loadWants } from "@/server/load";
import { cardReadings, isOutgrown, today } from "@/server/readings";
import { CardChanges } from "@/ui/client/card-changes";
import { CardHistory } from "@/ui/client/card-history";
import { FigureNotes } from "@/ui/client/figure-notes";
import { NewestCard } from "@/ui/client/newest-card";
import { Outgrown } from "@/ui/client/outgrown";
import { StartAlteration } from "@/ui/client/start-alteration";
import { StartOrder } from "@/ui/client/start-order";
import { StillNeeds } from "@/ui/client/still-needs";
import { TakeOutClient } from "@/ui/client/take-out-client";
import { LearntList } from "@/ui/fitting/learnt-list";
import { OrderList } from "@/ui/orders/order-list";
import { PageHead } from "@/ui/shell/page-head";

/** Whose card it is, where it is not a woman's. */
function sayFigure({ figure, age }: Card): string {
  if (figure === "woman") return "";
  return `${figureNames[figure]}${figure === "child" && age !== null ? `, ${age} years` : ""} · `;
}

export const metadata: Metadata = { title: "Client" };
export const dynamic = "force-dynamic";

export default async function ClientPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const loaded = await loadClient((await params).id);
  const { client, cards, orders, notes, unit } = loaded;
  const [newest] = cards;
  const read = cards.map((card) => ({ takenOn: card.takenOn, readings: cardReadings(card, unit) }));
  return (
    <>
      <PageHead
        title={client.name}
        about={`${newest === undefined ? "" : sayFigure(newest)}${cards.length} ${cards.length === 1 ? "card" : "cards"}, the newest from ${newest === undefined ? "no day yet" : sayDate(newest.takenOn)}`}
      >
        <Link href={`/clients/${client.id}/card?correct`} className="button" prefetch={false}>
          Correct a slip
        </Link>
        <Link href={`/clients/${client.id}/card`} className="button button-next" prefetch={false}>
          Measure again
        </Link>
      </PageHead>
      <main className="mx-auto grid max-w-7xl gap-6 p-4 lg:grid-cols-[3fr_2fr]">
        <div className="min-w-0 space-y-6">
          {newest !== undefined && isOutgrown(newest, today()) && <Outgrown card={newest} />}
          {newest !== undefined && <NewestCard card={newest} readings={cardReadings(newest, unit)} unit={unit} />}
          <CardChanges cards={read} unit={unit} />
          <LearntList learnt={learnClient(orders)} unit={unit} />
          <CardHistory cards={cards} />
          <FigureNotes clientId={client.id} notes={notes} />
        </div>
        <div className="min-w-0 space-y-6">
          <section>
            <h2 className="pb-2 text-lg">Orders</h2>
            {orders.length === 0 ? (
              <p className="slip p-4">None yet. Choose what to cut.</p>
            ) : (
              <OrderList orders={orders} today={today()} ofClient />
            )}
          </section>
          <StillNeeds wants={await loadWants(loaded)} clientId={client.id} />
          <StartOrder clientId={client.id} garments={garments.map(({ id, label, about }) => ({ id, label, about }))} />
          <StartAlteration clientId={client.id} />
          <TakeOutClient clientId={client.id} name={client.name} orders={orders.length} />
        </div>
      </main>
    </>
  );
}
