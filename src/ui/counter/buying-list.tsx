import type { ClothId } from "@/core/chalk";
import { clothIds } from "@/core/chalk";
import type { CutSheet } from "@/core/formats";
import { formatLengthWithUnit, type Unit } from "@/core/length";
import { clothNames, sayNotion } from "@/core/wording";
import { sayPurchase } from "@/ui/lay/cloth-length";
import { Fractions } from "@/ui/reading/fractions";

function Row({ children }: { readonly children: React.ReactNode }) {
  return (
    <li className="flex items-baseline gap-3 border-b border-card-deep py-2">
      <span className="mt-1 inline-block size-4 shrink-0 border-2 border-ink" aria-hidden="true" />
      <span className="text-lg">{children}</span>
    </li>
  );
}

type OtherCloth = NonNullable<CutSheet["otherCloths"]>[number];

interface OtherRowProps {
  readonly id: ClothId;
  readonly told: OtherCloth | undefined;
  readonly sheet: CutSheet;
  readonly unit: Unit;
}

/** A cloth beside the main one; a sheet frozen before its lengths were told says only how much is cut from it. */
function OtherRow({ id, told, sheet, unit }: OtherRowProps) {
  if (told === undefined) {
    const many = sheet.pieces.filter(({ cloth }) => cloth === id).length;
    return (
      <Row>
        {clothNames[id]}: {many} pieces, as much as its own lay takes
      </Row>
    );
  }
  return (
    <Row>
      <strong>
        <Fractions text={sayPurchase(told.buy, told.buyUnit)} />
      </strong>{" "}
      <Fractions text={`of ${clothNames[id].toLowerCase()}, ${formatLengthWithUnit(told.width, unit)} wide`} />
      {!told.fits && <span className="font-semibold text-wrong"> · its pieces do not fit: see its lay</span>}
    </Row>
  );
}

interface BuyingListProps {
  readonly sheet: CutSheet;
  readonly unit: Unit;
}

/** Everything to buy or lay out, each with a box to tick: every cloth, then what goes with it, with its sum. */
export function BuyingList({ sheet, unit }: BuyingListProps) {
  const { buy, buyUnit, width } = sheet.cloth;
  const others = clothIds.filter((id) => id !== "main" && sheet.pieces.some(({ cloth }) => cloth === id));
  return (
    <section className="slip p-4" aria-label="To buy and lay out">
      <h2 className="text-xl">To buy and lay out</h2>
      <ul>
        <Row>
          <strong>
            <Fractions text={sayPurchase(buy, buyUnit)} />
          </strong>{" "}
          <Fractions text={`of cloth, ${formatLengthWithUnit(width, unit)} wide`} />
        </Row>
        {others.map((id) => (
          <OtherRow key={id} id={id} told={sheet.otherCloths?.find((one) => one.id === id)} sheet={sheet} unit={unit} />
        ))}
        {(sheet.notions ?? []).map((notion) => (
          <Row key={notion.id}>
            <Fractions text={sayNotion(notion, unit)} />
          </Row>
        ))}
      </ul>
    </section>
  );
}
