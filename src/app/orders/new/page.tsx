import type { Metadata } from "next";
import { garments } from "@/core/garments";
import { loadClients } from "@/server/load";
import { NewOrder } from "@/ui/orders/new-order";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "New order" };
export const dynamic = "force-dynamic";

export default async function NewOrderPage() {
  return (
    <>
      <PageHead title="New order" about="Who, what, until when" />
      <main className="mx-auto max-w-6xl p-4">
        <NewOrder
          clients={await loadClients()}
          garments={garments.map(({ id, label, about }) => ({ id, label, about }))}
        />
      </main>
    </>
  );
}
