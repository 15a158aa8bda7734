import type { Metadata } from "next";
import { loadPractice } from "@/server/practice";
import { PracticeView } from "@/ui/practice/practice-view";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Practice" };
export const dynamic = "force-dynamic";

/** The apprentice beside the master: sheets to rehearse on scrap, and what goes wrong for whom. */
export default async function PracticePage() {
  return (
    <>
      <PageHead title="Practice" about="The sums before the chalk, on scrap" withPages />
      <main className="mx-auto max-w-6xl p-3">
        <PracticeView {...(await loadPractice())} />
      </main>
    </>
  );
}
