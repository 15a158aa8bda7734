import type { Metadata } from "next";
import { craftWords } from "@/core/wording";
import { WordList } from "@/ui/help/word-list";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Words" };

export default function WordsPage() {
  return (
    <>
      <PageHead title="Words" about="What the craft words mean, and how to begin" withPages />
      <main className="mx-auto grid max-w-6xl gap-6 p-4 lg:grid-cols-[2fr_1fr]">
        <WordList words={craftWords} />
        <aside className="space-y-4 lg:order-last">
          <section className="slip fold-edge space-y-2 p-4">
            <h2 className="text-lg">A garment in five steps</h2>
            <ol className="list-decimal space-y-1 pl-5">
              <li>Measure the client; doubts stand beside their field.</li>
              <li>Take an order and choose how it is made; the cloth is drawn while you choose.</li>
              <li>Read the proof on the cut sheet: girths, seams that meet, what to look at first.</li>
              <li>Chalk at the table, one step at a time. Stop where it says stop.</li>
              <li>Say when it is cut: the sheet stays as it was, and can be cut again.</li>
            </ol>
          </section>
          <section className="slip fold-edge space-y-2 p-4">
            <h2 className="text-lg">Hands and eyes</h2>
            <p>
              Shears and rotary blades cut away from the hand; close them. Irons burn; try heat and steam on a scrap.
              Count the pins, and keep them from under the needle. No cords at the neck of children's clothes. Chalk and
              cloth make dust: let air in.
            </p>
            <p className="text-sm text-ink-soft">
              Reminders, not training: local rules and trained practice come first.
            </p>
          </section>
        </aside>
      </main>
    </>
  );
}
