import {
  areDrawnApart,
  areFarApart,
  estimateReading,
  type Figure,
  type FigureKind,
  findDoubts,
  type MeasurementId,
  type Readings,
  type Sides,
} from "@/core/body";
import type { CardReadings } from "@/core/formats";
import { formatLengthWithUnit, type Inches, type Unit } from "@/core/length";
import { wordFinding } from "@/core/wording";

type Said = Readonly<Partial<Record<MeasurementId, string>>>;

/** The doubt that belongs beside each field, in words; two readings that differ come first. */
export function doubtsByField(
  { readings, wantThird, sides }: CardReadings,
  before: Readings,
  unit: Unit,
  figure: Figure,
): Said {
  const doubts = findDoubts(readings, before, figure).map((doubt) => {
    const finding = {
      id: "reading-doubtful",
      level: "caution",
      measurement: doubt.measurement,
      doubt: doubt.code,
      figure: figure.kind,
      numbers: { value: doubt.value, against: doubt.against[0]?.value ?? 0 },
    } as const;
    const { text, remedy } = wordFinding(finding, unit);
    return [doubt.measurement, `${text} ${remedy}`] as const;
  });
  const apart = Object.entries(wantThird).map(
    ([id, difference]) =>
      [
        id,
        `The two differ by ${formatLengthWithUnit(difference, unit)}. Take it a third time; the middle one is kept.`,
      ] as const,
  );
  const sided = (Object.entries(sides) as [MeasurementId, Sides<Inches>][]).map(
    ([id, both]) => [id, saySides(both, unit)] as const,
  );
  return Object.fromEntries([...doubts, ...sided, ...apart]);
}

/** What becomes of a reading that differs between left and right. */
function saySides(both: Sides<Inches>, unit: Unit): string {
  const [left, right] = [both.left, both.right].map((side) => formatLengthWithUnit(side, unit));
  const told = `Left ${left}, right ${right}`;
  if (areFarApart(both, unit === "cm")) return `${told}: so far apart, measure both again.`;
  return areDrawnApart(both, unit === "cm")
    ? `${told}: the larger outline is chalked, the other side is trimmed once it is cut.`
    : `${told}: the larger is drawn for both.`;
}

/** What the draft would use for a reading that was not taken; never silently. */
export function standInFor(id: MeasurementId, readings: Readings, unit: Unit, kind: FigureKind): string | undefined {
  const estimate = estimateReading(id, readings, kind);
  return estimate === undefined
    ? undefined
    : estimate.derived
      ? `${formatLengthWithUnit(estimate.value, unit)}, by ${estimate.rule}.`
      : `Not taken? Then ${formatLengthWithUnit(estimate.value, unit)} is used: ${estimate.rule}.`;
}
