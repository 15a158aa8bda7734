import type { Metadata } from "next";
import { loadShop } from "@/server/load";
import { askedReadings, today } from "@/server/readings";
import { CardForm } from "@/ui/client/card-form";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "New client" };
export const dynamic = "force-dynamic";

export default async function NewClientPage() {
  const { unit } = await loadShop();
  return (
    <>
      <PageHead title="New client" about="The card: as you read it from the tape" />
      <main>
        <CardForm
          task={{ kind: "client" }}
          start={{ name: "", takenOn: today(), readings: {} }}
          unit={unit}
          asked={askedReadings()}
          askedBy="A dress asks for these"
          before={{}}
        />
      </main>
    </>
  );
}
