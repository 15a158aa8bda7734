import type { Metadata } from "next";
import { loadUnit } from "@/server/load";
import { askedReadings, today } from "@/server/readings";
import { CardForm } from "@/ui/client/card-form";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "New client" };
export const dynamic = "force-dynamic";

export default async function NewClientPage() {
  return (
    <>
      <PageHead title="New client" about="The card: as you read it from the tape" />
      <main>
        <CardForm clientId={null} name="" today={today()} unit={await loadUnit()} asked={askedReadings()} before={{}} />
      </main>
    </>
  );
}
