import { Fractions } from "@/ui/reading/fractions";

export interface MetRow {
  readonly label: string;
  readonly theirs: string;
  readonly mine: string;
}

interface MetTableProps {
  /** What is written in the rows, what was kept there, and what is written here. */
  readonly heads: readonly [string, string, string];
  readonly rows: readonly MetRow[];
}

/** What two screens said otherwise, side by side. */
export function MetTable({ heads: [what, ...sides], rows }: MetTableProps) {
  return (
    <table className="w-full border-collapse">
      <thead>
        <tr className="border-b border-line text-left">
          <th scope="col" className="py-1">
            {what}
          </th>
          {sides.map((side) => (
            <th key={side} scope="col" className="px-2 py-1">
              {side}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ label, theirs, mine }) => (
          <tr key={label} className="border-b border-card-deep">
            <th scope="row" className="py-1 text-left font-normal">
              {label}
            </th>
            <td className="px-2 py-1">
              <Fractions text={theirs} />
            </td>
            <td className="px-2 py-1 font-semibold">
              <Fractions text={mine} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
