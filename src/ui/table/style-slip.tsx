import Link from "next/link";
import type { StyleItem } from "@/core/formats";
import { Fractions } from "@/ui/reading/fractions";

interface StyleSlipProps {
  readonly orderId: string;
  readonly items: readonly StyleItem[];
  readonly done: ReadonlySet<string>;
  readonly onTick: (steps: readonly string[]) => void;
}

/** What the tick of an item is kept as. */
export const styleTick = (id: string): string => `style-${id}`;

/** The picture against the choices: each thing ticked, or back to its choice, before anything is folded. */
export function StyleSlip({ orderId, items, done, onTick }: StyleSlipProps) {
  return (
    <>
      <div>
        <h2 className="text-2xl lg:text-3xl">Is this what the client chose?</h2>
        <p className="text-lg text-chalk-soft">
          Front and back from the real pieces. A back panel seen after the cut costs the back.
        </p>
      </div>
      <ul aria-label="In the garment">
        {items.map(({ id, label, said, choice }) => (
          <li key={id} className="flex items-center gap-2 border-b border-cloth-under">
            <button
              type="button"
              aria-pressed={done.has(styleTick(id))}
              onClick={() => onTick([styleTick(id)])}
              className="flex min-h-12 min-w-0 flex-1 items-center gap-3 rounded-lg px-2 py-1 text-left hover:bg-cloth"
            >
              <span
                aria-hidden="true"
                className={`grid size-7 shrink-0 place-items-center rounded border-2 ${done.has(styleTick(id)) ? "border-lantern bg-lantern text-on-lantern" : "border-chalk-soft"}`}
              >
                {done.has(styleTick(id)) ? "✓" : ""}
              </span>
              <span className="min-w-0 leading-tight">
                <span className="block text-base text-chalk-soft">{label}</span>
                <span className="block text-lg">
                  <Fractions text={said} />
                </span>
              </span>
            </button>
            {choice !== null && (
              <Link
                href={`/orders/${orderId}#${choice}`}
                prefetch={false}
                className="min-h-12 content-center px-2 text-base underline underline-offset-4"
              >
                Not so
              </Link>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}
