"use client";

import Link from "next/link";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import type { LateEdge, SheetDrawing } from "@/core/formats";
import { formatLength, parseLength, type Unit } from "@/core/length";
import { keepLate, type LateTried, tryLate } from "@/server/late-actions";
import { SideBySide } from "@/ui/compare/side-by-side";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { askShop } from "@/ui/shell/ask-shop";
import { ChoicePills } from "@/ui/shell/choice-pills";
import { alone, type LateField, lateFieldNames, lateWords } from "./late-words";
import { causeNames, sayHalf } from "./say-late";

type Typed = Readonly<Record<LateField, string>>;

const NONE = Object.fromEntries(Object.keys(lateFieldNames).map((id) => [id, ""])) as Typed;

interface FieldProps {
  readonly id: keyof Typed;
  readonly label: string;
  readonly how: string;
  readonly unit: Unit;
  readonly typed: string;
  readonly onType: (id: keyof Typed, text: string) => void;
}

/** One number of the tape, as typed and as understood. */
function Field({ id, label, how, unit, typed, onType }: FieldProps) {
  const read = parseLength(typed, unit);
  return (
    <label className={alone(id) ? "col-span-2 block" : "block"}>
      <span className="font-semibold">{label}</span>
      <span className="flex items-center gap-2">
        <input
          name={id}
          className="field min-w-0 flex-1"
          value={typed}
          autoComplete="off"
          onChange={(event) => onType(id, event.target.value)}
        />
        <span className="min-w-8 text-xl font-semibold" aria-hidden="true">
          {read.ok && <Fractions text={formatLength(read.value.inches, unit)} />}
        </span>
      </span>
      <span className="text-sm text-ink-soft">{how}</span>
    </label>
  );
}

interface LateMeasureProps {
  readonly orderId: string;
  readonly edge: LateEdge;
  /** What is asked of it. */
  readonly asked: readonly LateField[];
  /** What is sewn to it, as it was drawn last. */
  readonly before: SheetDrawing;
  /** The sewn edge as it is drawn, in inches: once round an armhole, half a neck. */
  readonly length: number;
}

/** What is asked before something is kept that came out far from what was drawn. */
function Asked({
  tried,
  cause,
  again,
  onCause,
  onAgain,
}: {
  readonly tried: LateTried;
  readonly cause: string;
  readonly again: boolean;
  readonly onCause: (cause: string) => void;
  readonly onAgain: (again: boolean) => void;
}) {
  return (
    <>
      {tried.asksCause && (
        <div className="space-y-1">
          <p id="late-cause" className="font-semibold">
            Why it came out so
          </p>
          <ChoicePills labelledBy="late-cause" options={causeNames} value={cause} onPick={onCause} />
        </div>
      )}
      {tried.asksAgain && (
        <label className="flex min-h-12 items-center gap-3">
          <input
            type="checkbox"
            className="size-6"
            checked={again}
            onChange={(event) => onAgain(event.target.checked)}
          />
          I measured it again, and it is so
        </label>
      )}
    </>
  );
}

function Differences({ tried }: { readonly tried: LateTried }) {
  const { unit } = tried.after;
  return (
    <ul className="space-y-2" aria-label="What came out">
      {tried.late.map((one) => (
        <li key={one.half} className="text-lg font-semibold">
          <Fractions text={sayHalf(one, unit)} />
        </li>
      ))}
      {tried.checks.map(({ id, text, remedy, level }) => (
        <li key={`${id}${text}`} className={level === "error" ? "text-wrong" : ""}>
          <Fractions text={`${text} ${remedy}`} />
        </li>
      ))}
    </ul>
  );
}

/** An edge as the garment has it: what is sewn to it drawn to that, looked at beside the earlier take, and kept. */
export function LateMeasure({ orderId, edge, asked, before, length }: LateMeasureProps) {
  const words = lateWords[edge];
  const router = useRouter();
  const [typed, setTyped] = useState<Typed>(NONE);
  const [tried, setTried] = useState<LateTried | null>(null);
  const [cause, setCause] = useState("");
  const [again, setAgain] = useState(false);
  const [wrong, setWrong] = useState<string | null>(null);
  const { unit } = before;
  const type = (id: keyof Typed, text: string) => {
    setTyped((old) => ({ ...old, [id]: text }));
    // What is on the screen was drawn to another number.
    setTried(null);
  };
  const draw = async (event: FormEvent) => {
    event.preventDefault();
    const { said: no, value } = await askShop(() => tryLate(orderId, { edge, measured: typed }));
    setWrong(no);
    setTried(value);
    setAgain(false);
  };
  const keep = async () => {
    if (tried === null) return;
    const told = { edge, measured: typed, again, seen: tried.seen, ...(cause === "" ? {} : { cause }) };
    const { said: no } = await askShop(() => keepLate(orderId, told));
    setWrong(no);
    if (no !== null) return;
    setTyped(NONE);
    setTried(null);
    router.refresh();
  };
  return (
    <div className="grid gap-3 lg:h-full lg:min-h-0 lg:grid-cols-[380px_1fr]">
      <form className="slip space-y-4 overflow-y-auto p-4" onSubmit={draw}>
        <h2 className="text-lg">{words.title}</h2>
        <p>{words.how}</p>
        <p className="font-semibold">
          Drawn <Reading value={length} unit={unit} withUnit />{" "}
          {edge === "neck" && asked.length === 1 ? "a half, behind" : words.drawn}.
        </p>
        <div className="grid grid-cols-2 gap-3">
          {asked.map((id) => (
            <Field key={id} id={id} {...lateFieldNames[id]} unit={unit} typed={typed[id]} onType={type} />
          ))}
        </div>
        {wrong !== null && (
          <p role="alert" className="font-semibold text-wrong">
            <Fractions text={wrong} />
          </p>
        )}
        {tried === null ? (
          <button type="submit" className="button button-next">
            {words.draw}
          </button>
        ) : (
          <>
            <Differences tried={tried} />
            <Asked tried={tried} cause={cause} again={again} onCause={setCause} onAgain={setAgain} />
            <button type="button" className="button button-next" onClick={keep}>
              {words.keep}
            </button>
          </>
        )}
        <p>
          <Link href={`/orders/${orderId}/table`} className="button" prefetch={false}>
            To the table
          </Link>
        </p>
      </form>
      <div className="min-h-0">
        <SideBySide
          before={before}
          after={{ kind: "sheet", sheet: tried?.after ?? before }}
          whenStill={tried === null ? words.now : words.still}
        />
      </div>
    </div>
  );
}
