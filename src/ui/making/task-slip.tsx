import Link from "next/link";
import type { CutSheet, SheetStep } from "@/core/formats";
import { waitsFor } from "@/core/formats";
import { formatLength } from "@/core/length";
import { Fractions } from "@/ui/reading/fractions";

type Seam = NonNullable<SheetStep["make"]>["seams"][number];

/** A seam of the task: how wide it is, large, and what meets what. */
function SeamRow({ seam, sheet }: { readonly seam: Seam; readonly sheet: CutSheet }) {
  const [first, second] = seam.allowances;
  const widths = Math.abs(first - second) < 1 / 64 ? [first] : [first, second];
  return (
    <li className="flex items-center gap-5 border-b border-cloth-under py-3">
      <span className="min-w-[1.6em] shrink-0 text-[56px] font-bold leading-none lg:text-[72px]">
        <Fractions text={widths.map((width) => formatLength(width, sheet.unit)).join(" | ")} />
      </span>
      <span className="text-xl">
        <Fractions text={seam.text} />
      </span>
    </li>
  );
}

const LATE = { "measure-neck": "neck", "measure-armhole": "armhole", "measure-waist": "waist" } as const;

interface TaskSlipProps {
  readonly orderId: string;
  readonly sheet: CutSheet;
  readonly step: SheetStep;
  readonly isCut: boolean;
}

/** What is done in one task: its seams, what is said at them, what is measured again, where it can hurt. */
export function TaskSlip({ orderId, sheet, step, isCut }: TaskSlipProps) {
  const { make, caution, title } = step;
  if (make === undefined) return null;
  const edge = Object.entries(LATE).find(([task]) => task === make.task)?.[1];
  const names = sheet.pieces.filter(({ id }) => make.pieces.includes(id)).map(({ name }) => name.toLowerCase());
  return (
    <>
      <div>
        <h2 className="text-3xl lg:text-4xl">{title}</h2>
        <p className="mt-2 text-xl">
          <Fractions text={make.does} />
        </p>
        {names.length > 0 && make.seams.length === 0 && (
          <p className="mt-1 text-lg text-chalk-soft">{names.join(", ")}</p>
        )}
      </div>
      {make.seams.length > 0 && (
        <ul aria-label="Seams">
          {make.seams.map((seam) => (
            <SeamRow key={seam.id} seam={seam} sheet={sheet} />
          ))}
        </ul>
      )}
      {make.measures.length > 0 && (
        <ul aria-label="Measured now" className="space-y-1 text-xl">
          {make.measures.map(({ id, text }) => (
            <li key={id}>{text}</li>
          ))}
        </ul>
      )}
      {edge !== undefined && isCut && waitsFor(sheet, edge) && (
        <Link
          href={`/orders/${orderId}/late?edge=${edge}`}
          prefetch={false}
          className="flex min-h-12 items-center self-start rounded-lg border-2 border-chalk-soft px-5 text-xl font-semibold"
        >
          Write what the tape says
        </Link>
      )}
      {make.task === "fitting" && isCut && (
        <Link
          href={`/orders/${orderId}/fitting`}
          prefetch={false}
          className="flex min-h-12 items-center self-start rounded-lg border-2 border-chalk-soft px-5 text-xl font-semibold"
        >
          Write what you see
        </Link>
      )}
      {make.says.length > 0 && (
        <ul aria-label="Mind" className="space-y-2 text-lg text-chalk-soft">
          {make.says.map(({ id, text }) => (
            <li key={id}>
              <Fractions text={text} />
            </li>
          ))}
        </ul>
      )}
      {caution !== null && <p className="text-lg font-semibold text-lantern">Careful: {caution}</p>}
    </>
  );
}
