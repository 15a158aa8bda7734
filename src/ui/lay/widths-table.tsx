import type { Unit } from "@/core/length";
import { wayNames, wordLayRefusal } from "@/core/wording";
import { Fractions } from "@/ui/reading/fractions";
import { Reading } from "@/ui/reading/reading";
import { sayPurchase } from "./cloth-length";
import type { useLay } from "./use-lay";

interface WidthsTableProps {
  readonly lay: ReturnType<typeof useLay>;
  readonly unit: Unit;
}

/** How much of each usual width, folded as the house would. */
export function WidthsTable({ lay, unit }: WidthsTableProps) {
  const { widths } = lay;
  return (
    <section className="min-h-72 border-b border-card-deep py-3" aria-label="On every usual width">
      <h2 className="text-lg">On every usual width</h2>
      <table className="w-full text-left">
        <thead className="text-sm text-ink-soft">
          <tr>
            <th scope="col" className="py-1 pr-2">
              Width
            </th>
            <th scope="col" className="py-1 pr-2">
              Buy
            </th>
            <th scope="col" className="py-1 pr-2">
              Or
            </th>
            <th scope="col" className="py-1">
              Folded
            </th>
          </tr>
        </thead>
        <tbody>
          {widths?.map(({ width, way, purchase, otherwise, refused }) => (
            <tr key={width} className="border-t border-card-deep align-baseline">
              <th scope="row" className="py-2 pr-2 whitespace-nowrap">
                <Reading value={width} unit={unit} withUnit />
              </th>
              {purchase !== null && otherwise !== null && way !== null ? (
                <>
                  <td className="py-2 pr-2 text-lg font-semibold whitespace-nowrap">
                    <Fractions text={sayPurchase(purchase.buy, purchase.buyUnit)} />
                    {purchase.cost !== null && (
                      <span className="block text-sm font-normal">{purchase.cost.toFixed(2)}</span>
                    )}
                  </td>
                  <td className="py-2 pr-2 whitespace-nowrap">
                    <Fractions text={sayPurchase(otherwise.buy, otherwise.buyUnit)} />
                  </td>
                  <td className="py-2 text-sm">{wayNames[way]}</td>
                </>
              ) : (
                <td colSpan={3} className="py-2 text-sm">
                  {refused !== null && <Fractions text={wordLayRefusal(refused, unit)} />}
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
