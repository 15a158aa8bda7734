import type { Metadata } from "next";
import { loadClient } from "@/server/load";
import { askedReadings, cardReadings, today } from "@/server/readings";
import { CardForm } from "@/ui/client/card-form";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "New card" };
export const dynamic = "force-dynamic";

export default async function NewCardPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { client, cards, unit } = await loadClient((await params).id);
  return (
    <>
      <PageHead
        title={`New card for ${client.name}`}
        about={
          cards[0] === undefined ? "The first card" : `The last card is from ${cards[0].takenOn}; it stays as it is`
        }
      />
      <main>
        <CardForm
          clientId={client.id}
          name={client.name}
          today={today()}
          unit={unit}
          asked={askedReadings()}
          before={cardReadings(cards[0], unit)}
        />
      </main>
    </>
  );
}
