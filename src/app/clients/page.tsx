import type { Metadata } from "next";
import Link from "next/link";
import { loadClients } from "@/server/load";
import { ClientShelf } from "@/ui/client/client-shelf";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Clients" };
export const dynamic = "force-dynamic";

export default async function ClientsPage() {
  const clients = await loadClients();
  return (
    <>
      <PageHead title="Clients" about={clients.length === 0 ? "Nobody yet" : `${clients.length} in the book`} withPages>
        <Link href="/clients/new" className="button button-next" prefetch={false}>
          New client
        </Link>
      </PageHead>
      <main className="mx-auto max-w-6xl p-4">
        <ClientShelf clients={clients} />
      </main>
    </>
  );
}
