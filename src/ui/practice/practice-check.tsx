import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { type CutSheet, type SheetLength, sheetTick } from "@/core/formats";
import { parseLength } from "@/core/length";
import { nameLength, namePiece, sayDate, sayOnTape } from "@/core/wording";
import type { Rehearsal, StoredPracticeLength } from "@/db";
import { closeRehearsal, readRehearsalLength } from "@/server/practice-actions";
import { Fractions } from "@/ui/reading/fractions";
import { askShop } from "@/ui/shell/ask-shop";
import { Refused } from "@/ui/shell/refused";

type Who = "learner" | "master";

interface LengthRowProps {
  readonly sheet: CutSheet;
  readonly length: SheetLength;
  readonly kept: StoredPracticeLength;
  readonly by: Who;
  /** Whether both readings and the drawing may be seen. */
  readonly open: boolean;
  readonly onRead: (typed: string) => Promise<string | null>;
}

/** What was read, and whether it is within what a tape may differ. */
function Judged({ sheet, length, typed }: Pick<LengthRowProps, "sheet" | "length"> & { readonly typed: string }) {
  const read = parseLength(typed, sheet.unit);
  const agrees = read.ok && Math.abs(read.value.inches - length.expected) <= length.tolerance + 1e-9;
  return (
    <strong className={agrees ? "" : "text-wrong"}>
      <Fractions text={typed} /> {agrees ? "✓" : "✗"}
    </strong>
  );
}

function LengthRow({ sheet, length, kept, by, open, onRead }: LengthRowProps) {
  const [typed, setTyped] = useState(kept[by] ?? "");
  const [said, setSaid] = useState<string | null>(null);
  const label = `${nameLength(length.name)}, ${namePiece(length.piece).toLowerCase()}`;
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-card-deep py-2">
      <span className="min-w-56 flex-1 first-letter:uppercase">{label}</span>
      {open ? (
        <span className="flex flex-wrap gap-4">
          <span>
            drawn{" "}
            <strong>
              <Fractions text={sayOnTape(length.expected, sheet.unit, sheetTick(sheet))} />
            </strong>
          </span>
          <span>
            learner <Judged sheet={sheet} length={length} typed={kept.learner ?? ""} />
          </span>
          <span>
            master <Judged sheet={sheet} length={length} typed={kept.master ?? ""} />
          </span>
        </span>
      ) : (
        <input
          className="field w-32"
          value={typed}
          autoComplete="off"
          aria-label={`${label}, as ${by === "learner" ? "the learner" : "the master"} reads it`}
          aria-invalid={said !== null}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={async () => typed.trim() !== "" && typed !== kept[by] && setSaid(await onRead(typed))}
        />
      )}
      {said !== null && (
        <p role="alert" className="basis-full font-semibold text-wrong">
          {said}
        </p>
      )}
    </li>
  );
}

interface PracticeCheckProps {
  readonly rehearsal: Rehearsal;
  readonly sheet: CutSheet;
  readonly lengths: readonly SheetLength[];
}

/** The chalk is measured by the learner first; the master measures without seeing it, and her tick closes it. */
export function PracticeCheck({ rehearsal, sheet, lengths }: PracticeCheckProps) {
  const router = useRouter();
  const [kept, setKept] = useState(rehearsal.lengths);
  const [handed, setHanded] = useState(false);
  const [master, setMaster] = useState("");
  const [said, setSaid] = useState<string | null>(null);
  const hasAll = (by: Who) => lengths.every(({ id }) => (kept[id]?.[by] ?? "") !== "");
  const by: Who = handed || (hasAll("learner") && Object.values(kept).some((one) => one.master)) ? "master" : "learner";
  const open = hasAll("learner") && hasAll("master");
  const read = async (id: string, typed: string) => {
    const result = await askShop(() => readRehearsalLength(rehearsal.id, id, { by, typed }));
    if (result.said === null) setKept((before) => ({ ...before, [id]: { ...before[id], [by]: typed } }));
    return result.said;
  };
  const close = async (event: FormEvent) => {
    event.preventDefault();
    const result = await askShop(() => closeRehearsal(rehearsal.id, master));
    setSaid(result.said);
    if (result.said === null) router.push("/practice");
  };
  if (lengths.length === 0) return null;
  return (
    <div className="space-y-3">
      <h3 className="text-xl">
        {open ? "Both have measured" : by === "learner" ? "Measure your chalk" : "The master measures"}
      </h3>
      {!open && (
        <p className="text-ink-soft">
          {by === "learner"
            ? "Measure each length on the chalked net lines, the tape on its edge along a curve."
            : "What the learner read is hidden until every length is measured again."}
        </p>
      )}
      <ul>
        {lengths.map((length) => (
          <LengthRow
            key={`${length.id} ${by}`}
            sheet={sheet}
            length={length}
            kept={kept[length.id] ?? {}}
            by={by}
            open={open}
            onRead={(typed) => read(length.id, typed)}
          />
        ))}
      </ul>
      {by === "learner" && hasAll("learner") && (
        <button type="button" className="button button-next" onClick={() => setHanded(true)}>
          Hand it to the master
        </button>
      )}
      {rehearsal.closedAt !== null && rehearsal.master !== null ? (
        <p role="status">
          Looked over by {rehearsal.master} on {sayDate(rehearsal.closedAt)}.
        </p>
      ) : (
        open && (
          <form onSubmit={close} noValidate className="flex flex-wrap items-end gap-3">
            <label className="block">
              <span className="font-semibold">Looked over by</span>
              <input
                className="field w-56"
                value={master}
                autoComplete="off"
                onChange={(event) => setMaster(event.target.value)}
              />
            </label>
            <button type="submit" className="button button-next">
              The master’s tick
            </button>
            <Refused said={said} />
          </form>
        )
      )}
    </div>
  );
}
