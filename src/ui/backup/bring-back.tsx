"use client";

import { useRouter } from "next/navigation";
import { type ChangeEvent, useState } from "react";
import type { Restored, RestoreStage, ShopFileLook } from "@/server/backup/restore";
import { sayFailure } from "@/ui/shell/ask-shop";
import { LocalTime } from "@/ui/shell/local-time";

/** A copy that was chosen: a file of the tailor's, or one that the shop wrote by itself. */
export type ChosenCopy =
  | { readonly kind: "file"; readonly file: File }
  | { readonly kind: "own"; readonly name: string };

const tableNames: Readonly<Record<string, string>> = {
  clients: "clients",
  cards: "cards",
  orders: "orders",
  cutSheets: "sheets that were cut from",
  ruleSets: "rule sets of our own",
  figureNotes: "figure notes",
};

function sayCounts({ counts }: ShopFileLook): string {
  return Object.entries(tableNames)
    .map(([key, name]) => `${counts[key] ?? 0} ${name}`)
    .join(", ");
}

const stageNames: Readonly<Record<RestoreStage["stage"], string>> = {
  reading: "Reading it",
  keeping: "Keeping what is there now",
  replacing: "Putting it in place",
};

/** Reads the lines of a long answer as they come; the last is its outcome. */
async function readAnswer(answer: Response, tell: (said: string) => void): Promise<Restored> {
  if (answer.body === null || !answer.ok) return (await answer.json()) as Restored;
  const reader = answer.body.pipeThrough(new TextDecoderStream()).getReader();
  let text = "";
  for (let next = await reader.read(); !next.done; next = await reader.read()) {
    text += next.value;
    const whole = text.split("\n");
    text = whole.pop() ?? "";
    for (const line of whole) {
      const said = JSON.parse(line) as Restored | RestoreStage;
      if ("ok" in said) return said;
      tell(`${stageNames[said.stage]}${said.share > 0 ? `, ${Math.round(100 * said.share)} %` : ""}…`);
    }
  }
  throw new TypeError("the answer was cut short");
}

async function send(copy: ChosenCopy, replace: boolean, tell: (said: string) => void): Promise<Restored> {
  const query = new URLSearchParams({
    ...(replace ? { replace: "yes" } : {}),
    ...(copy.kind === "own" ? { copy: copy.name } : {}),
  });
  // A file is sent from where it lies: a large one is never in hand whole.
  const body = copy.kind === "file" ? copy.file : null;
  return readAnswer(await fetch(`/backup/restore?${query}`, { method: "POST", body }), tell);
}

interface BringBackProps {
  /** A copy of the shop's own that was chosen from the list; null while none is. */
  readonly own: string | null;
  readonly onForget: () => void;
}

/** Brings a copy back: it is looked at first, and put in the book's place only when that is said. */
export function BringBack({ own, onForget }: BringBackProps) {
  const router = useRouter();
  const [file, setFile] = useState<File | null>(null);
  const [looked, setLooked] = useState<{ readonly key: string; readonly look: ShopFileLook } | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [stage, setStage] = useState<string | null>(null);
  const copy: ChosenCopy | null = own !== null ? { kind: "own", name: own } : file && { kind: "file", file };
  const key = copy === null ? "" : copy.kind === "own" ? copy.name : `${copy.file.name}-${copy.file.lastModified}`;
  const look = looked?.key === key ? looked.look : null;

  const run = async (replace: boolean) => {
    if (copy === null) return;
    setBusy(true);
    setSaid(null);
    const unread =
      copy.kind === "file" &&
      (await copy.file
        .slice(0, 1)
        .text()
        .then(() => false)
        .catch(() => true));
    const restored = unread
      ? { ok: false as const, message: "This file changed or is gone since it was chosen. Choose it again." }
      : await send(copy, replace, setStage).catch((error: unknown) => ({
          ok: false as const,
          message: sayFailure(error),
        }));
    setBusy(false);
    setStage(null);
    if (!restored.ok) setSaid(restored.message);
    else if (!restored.replaced) setLooked({ key, look: restored.look });
    else {
      setSaid("The copy is in the book's place. What was there before was kept as a copy, marked “before”.");
      setLooked(null);
      setFile(null);
      onForget();
      router.refresh();
    }
  };
  const choose = (event: ChangeEvent<HTMLInputElement>) => {
    setFile(event.target.files?.[0] ?? null);
    setSaid(null);
    onForget();
  };
  return (
    <section className="slip fold-edge space-y-3 p-4" aria-labelledby="bring-back">
      <h2 id="bring-back" className="text-lg">
        Bring a copy back
      </h2>
      <label className="block">
        <span className="font-semibold">A file that was kept</span>
        <input className="field" type="file" accept="application/json,.json" onChange={choose} />
      </label>
      {own !== null && (
        <p>
          Chosen: the copy <strong>{own}</strong>.
        </p>
      )}
      {copy !== null && look === null && (
        <button type="button" className="button" disabled={busy} onClick={() => run(false)}>
          {busy ? (stage ?? "Looking…") : "Look what is in it"}
        </button>
      )}
      {look !== null && (
        <div className="space-y-2">
          <p>
            Written on{" "}
            <strong>
              <LocalTime at={look.writtenAt} />
            </strong>
            : {sayCounts(look)}. It is whole.
          </p>
          <p>Bringing it back replaces everything in the book. What is there now is kept as a copy first.</p>
          <button type="button" className="button button-next" disabled={busy} onClick={() => run(true)}>
            {busy ? (stage ?? "Putting it in place…") : "Put it in the book's place"}
          </button>
        </div>
      )}
      {said !== null && (
        <p role="alert" className="font-semibold text-next-deep">
          {said}
        </p>
      )}
    </section>
  );
}
