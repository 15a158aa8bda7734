import type { Metadata } from "next";
import { garments } from "@/core/garments";
import { loadLog } from "@/server/load";
import { LogView } from "@/ui/log/log-view";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Logbook" };
export const dynamic = "force-dynamic";

interface LogPageProps {
  readonly searchParams: Promise<{ find?: string | string[]; garment?: string | string[] }>;
}

/** Every garment that was cut, the last one first. */
export default async function LogPage({ searchParams }: LogPageProps) {
  const { find, garment } = await searchParams;
  const letters = typeof find === "string" ? find.trim().slice(0, 80) : "";
  const chosen = garments.find(({ id }) => id === garment)?.id ?? "";
  const { log, more, currency, usual } = await loadLog({ letters, garment: chosen });
  return (
    <>
      <PageHead title="Logbook" about="Every garment that was cut" withPages>
        <a href="/log/log.csv" className="button" download>
          As a table
        </a>
      </PageHead>
      <main className="mx-auto max-w-6xl p-3">
        <LogView
          log={log}
          more={more}
          letters={letters}
          garment={chosen}
          garments={garments.map(({ id, label }) => ({ id, label }))}
          currency={currency}
          usual={usual}
        />
      </main>
    </>
  );
}
