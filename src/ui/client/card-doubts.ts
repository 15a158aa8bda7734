import {
  estimateReading,
  type Figure,
  type FigureKind,
  findDoubts,
  type MeasurementId,
  type Readings,
} from "@/core/body";
import type { CardReadings } from "@/core/formats";
import { formatLengthWithUnit, type Unit } from "@/core/length";
import { wordFinding } from "@/core/wording";

type Said = Readonly<Partial<Record<MeasurementId, string>>>;

/** The doubt that belongs beside each field, in words; two readings that differ come first. */
export function doubtsByField(
  { readings, wantThird }: CardReadings,
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
  return Object.fromEntries([...doubts, ...apart]);
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
