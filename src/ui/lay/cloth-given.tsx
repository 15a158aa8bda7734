import type { ClothId } from "@/core/chalk";
import type { Unit } from "@/core/length";
import { clothNames } from "@/core/wording";
import type { StoredCloth, StoredOneCloth } from "@/db";
import { Fractions } from "@/ui/reading/fractions";

interface ClothGivenProps {
  readonly cloth: StoredCloth;
  readonly which: ClothId;
  readonly problems: Readonly<Record<string, string>>;
  readonly unit: Unit;
  readonly onTell: (cloth: StoredCloth) => void;
}

const fields = [
  { key: "width", label: "Width", hint: "usual width" },
  { key: "length", label: "Length", hint: "to buy" },
  { key: "shrinkage", label: "Shrinks, %", hint: "0" },
  { key: "repeat", label: "Repeat", hint: "plain" },
  { key: "price", label: "Price", hint: "none" },
] as const;

const spotFields = ["across", "down", "width", "length"] as const;
const NEW_SPOT = { across: "10", down: "10", width: "2", length: "2" };

function Problem({ said }: { readonly said: string | undefined }) {
  if (said === undefined) return null;
  return (
    <span role="alert" className="block text-sm font-semibold text-wrong">
      <Fractions text={said} />
    </span>
  );
}

/** What is told of the cloth in hand; what is typed stays, and the problem stands beside its field. */
export function ClothGiven({ cloth, which, problems, unit, onTell }: ClothGivenProps) {
  const own: StoredOneCloth = which === "main" ? cloth : (cloth.others?.[which] ?? {});
  const path = which === "main" ? "cloth" : `cloths.${which}`;
  const tell = (change: Partial<StoredOneCloth>) =>
    onTell(
      which === "main"
        ? { ...cloth, ...change }
        : { ...cloth, others: { ...cloth.others, [which]: { ...own, ...change } } },
    );
  const spots = own.spots ?? [];
  const tellSpot = (index: number, key: (typeof spotFields)[number], value: string) =>
    tell({ spots: spots.map((spot, at) => (at === index ? { ...spot, [key]: value } : spot)) });
  return (
    <fieldset className="border-b border-card-deep py-3">
      <legend className="sr-only">{clothNames[which]}, as it is given</legend>
      <div className="grid grid-cols-3 gap-x-3 gap-y-2 sm:grid-cols-5">
        {fields.map(({ key, label, hint }) => (
          <label key={key} className="block">
            <span className="text-sm font-semibold whitespace-nowrap">
              {key === "price" ? `Price a ${unit === "in" ? "yard" : "metre"}` : label}
            </span>
            <input
              className="field px-2"
              value={own[key] ?? ""}
              placeholder={hint}
              autoComplete="off"
              aria-invalid={problems[`${path}.${key}`] !== undefined}
              aria-describedby={`${path}.${key}-problem`}
              onChange={(event) => tell({ [key]: event.target.value })}
            />
          </label>
        ))}
      </div>
      <div>
        {fields.map(({ key }) => (
          <span key={key} id={`${path}.${key}-problem`}>
            <Problem said={problems[`${path}.${key}`]} />
          </span>
        ))}
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-x-4">
        <label className="flex min-h-12 items-center gap-2">
          <input
            type="checkbox"
            className="size-6 accent-cloth"
            checked={own.oneWay ?? false}
            onChange={(event) => tell({ oneWay: event.target.checked })}
          />
          Nap or a print with a top
        </label>
        <button
          type="button"
          className="min-h-12 px-2 font-semibold underline"
          onClick={() => tell({ spots: [...spots, NEW_SPOT] })}
        >
          A spot to keep out of
        </button>
      </div>
      {spots.map((spot, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a spot has no other name
        <div key={index} className="mt-1 grid grid-cols-[repeat(4,1fr)_auto] items-end gap-2">
          {spotFields.map((key) => (
            <label key={key} className="block">
              <span className="text-sm">
                {key === "across"
                  ? "From selvedge"
                  : key === "down"
                    ? "From the end"
                    : key === "width"
                      ? "Wide"
                      : "Long"}
              </span>
              <input
                className="field px-2"
                value={spot[key]}
                autoComplete="off"
                aria-invalid={problems[`${path}.spots.${index}.${key}`] !== undefined}
                onChange={(event) => tellSpot(index, key, event.target.value)}
              />
              <Problem said={problems[`${path}.spots.${index}.${key}`]} />
            </label>
          ))}
          <button
            type="button"
            className="min-h-12 px-2 font-semibold underline"
            onClick={() => tell({ spots: spots.filter((_, at) => at !== index) })}
          >
            Away
          </button>
        </div>
      ))}
    </fieldset>
  );
}
