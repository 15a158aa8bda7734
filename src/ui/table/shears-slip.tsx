import { Hand, Scissors } from "lucide-react";
import type { CutSheet, SheetStep } from "@/core/formats";
import { nameEdge, nameList } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";

interface ShearsSlipProps {
  readonly sheet: CutSheet;
  readonly steps: readonly SheetStep[];
  readonly part: number;
  readonly done: ReadonlySet<string>;
  /** Whether the tape check lets the shears come. */
  readonly free: boolean;
}

const layersSaid = (layers: number): string =>
  layers === 4 ? "through all four layers" : layers === 1 ? "through the cloth" : "through both layers";

/** What each step of the shears is called in its row: the edge, or where the hands stop. */
function rowSaid({ act, edge, title }: SheetStep): string {
  return (act === "cut" || act === "re-cut") && edge !== null ? nameEdge(edge) : title;
}

/** The shears in one movement: the order of the edges, the one to cut now, and what must stay. */
export function ShearsSlip({ sheet, steps, part, done, free }: ShearsSlipProps) {
  const step = steps[Math.min(part, steps.length - 1)];
  if (step === undefined) return null;
  const stops = step.stopUntil === "separated" || step.act === "open-fold";
  const kept = step.mustNotCut.map((reference) => {
    const [piece = "", edge = ""] = reference.split("/");
    const name = (sheet.pieces.find(({ id }) => id === piece)?.name ?? piece).toLowerCase();
    return nameEdge(edge).includes(name) ? nameEdge(edge) : `${nameEdge(edge)} (${name})`;
  });
  return (
    <>
      {!free && (
        <p role="alert" className="flex items-center gap-3 text-2xl font-bold text-lantern">
          <Hand size={32} aria-hidden="true" /> Measure the chalk first, or say who cuts all the same.
        </p>
      )}
      {stops && (
        <p className="flex items-center gap-3 text-3xl font-bold text-lantern">
          <Hand size={40} aria-hidden="true" /> Stop
        </p>
      )}
      <h2 className="text-4xl lg:text-5xl">{step.title}</h2>
      <p className="text-2xl font-semibold text-lantern">{layersSaid(step.layers)}</p>
      <p className="text-xl text-chalk-soft">
        <Fractions text={step.text} />
      </p>
      {kept.length > 0 && (
        <p className="rounded-md border-2 border-chalk p-2 text-xl">
          <strong>Not now:</strong> the {nameList(kept)}, crossed out on the cloth.
        </p>
      )}
      <ol className="flex flex-wrap gap-x-2 gap-y-1 text-lg" aria-label="Order of the shears">
        {steps.map((one, index) => (
          <li
            key={one.id}
            aria-current={index === part ? "step" : undefined}
            className={`flex items-center gap-1 rounded-md border-2 px-2 py-1 ${index === part ? "border-lantern font-bold" : "border-transparent"} ${done.has(one.id) ? "text-chalk-soft line-through" : ""}`}
          >
            {index === part && <Scissors aria-hidden="true" size={18} />}
            {rowSaid(one)}
          </li>
        ))}
      </ol>
      {step.caution !== null && <p className="text-lg font-semibold text-lantern">Careful: {step.caution}</p>}
    </>
  );
}
