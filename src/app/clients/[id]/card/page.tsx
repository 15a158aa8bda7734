import type { Metadata } from "next";
import { loadClient, loadWants } from "@/server/load";
import { askedFor, cardReadings, today, typedReadings } from "@/server/readings";
import { CardForm } from "@/ui/client/card-form";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Card" };
export const dynamic = "force-dynamic";

const sayAge = (age: number | null): string => (age === null ? "" : String(age));

interface CardPageProps {
  readonly params: Promise<{ id: string }>;
  /** `correct`: the newest card is corrected in place of taking a new one. */
  readonly searchParams: Promise<{ correct?: string }>;
}

export default async function CardPage({ params, searchParams }: CardPageProps) {
  const loaded = await loadClient((await params).id);
  const { client, cards, unit } = loaded;
  const [newest, earlier] = cards;
  const correct = (await searchParams).correct !== undefined && newest !== undefined;
  const { asked, by } = askedFor(await loadWants(loaded));
  const seen = newest === undefined ? null : { cardId: newest.id, revision: newest.revision };
  return (
    <>
      <PageHead
        title={correct ? `Correct the card of ${client.name}` : `New card for ${client.name}`}
        about={
          newest === undefined
            ? "The first card"
            : correct
              ? `A slip on the card of ${newest.takenOn}; sheets that were cut from it stay`
              : `The last card is from ${newest.takenOn}; it stays as it is`
        }
      />
      <main>
        <CardForm
          task={correct ? { kind: "correction", cardId: newest.id, seen } : { kind: "card", clientId: client.id, seen }}
          start={{
            name: client.name,
            takenOn: correct ? newest.takenOn : today(),
            figure: newest?.figure ?? "woman",
            age: correct ? sayAge(newest.age) : "",
            readings: correct ? typedReadings(newest, unit) : {},
          }}
          unit={unit}
          asked={asked}
          askedBy={by}
          before={cardReadings(correct ? earlier : newest, unit)}
        />
      </main>
    </>
  );
}
