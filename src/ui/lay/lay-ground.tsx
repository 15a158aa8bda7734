import type { LaidSection } from "@/core/cloth";
import { ClothText } from "@/ui/cloth/cloth-text";

const foldSaid: Readonly<Record<LaidSection["fold"]["kind"], string>> = {
  "one-fold": "folded in",
  selvedges: "selvedge on selvedge",
  "two-folds": "two folds, single between",
  gate: "two folds",
  "four-layers": "four layers",
  open: "open, one layer",
};

interface LayGroundProps {
  readonly section: LaidSection;
  /** Length that is seen: half where the cloth is folded end to end. */
  readonly seen: number;
}

/** A stretch of cloth as it lies folded: what is double is darker than what is single, and a fold is its strongest line. */
export function LayGround({ section, seen }: LayGroundProps) {
  const { doubled, second, across, kind, endToEnd } = section.fold;
  const folded = doubled + second;
  return (
    <>
      <rect width={across} height={seen} fill="var(--color-cloth-under)" />
      {doubled > 0 && <rect width={doubled} height={seen} fill="var(--color-cloth)" />}
      {second > 0 && <rect x={across - second} width={second} height={seen} fill="var(--color-cloth)" />}
      {second > 0 && (
        <path
          d={`M ${doubled} 0 V ${seen}${kind === "two-folds" ? ` M ${across - second} 0 V ${seen}` : ""}`}
          stroke="var(--color-chalk-soft)"
          strokeWidth={0.15}
          strokeDasharray="0.3 0.6"
        />
      )}
      {doubled > 0 && <rect x={-0.5} width={1} height={seen} rx={0.4} fill="var(--color-fold-light)" />}
      {second > 0 && <rect x={across - 0.5} width={1} height={seen} rx={0.4} fill="var(--color-fold-light)" />}
      {endToEnd && <rect x={0} y={seen - 0.4} width={folded} height={0.8} rx={0.4} fill="var(--color-fold-light)" />}
      <path
        d={second > 0 ? "" : `M ${across} 0 V ${seen}`}
        stroke="var(--color-tape-edge)"
        strokeWidth={0.35}
        strokeDasharray="1.2 0.5"
      />
      <path d={`M 0 0 H ${across}`} stroke="var(--color-table-deep)" strokeWidth={0.3} />
      <g transform={`translate(${across + 1.6} 0.3)`}>
        <ClothText x={0} y={0} fontSize={1.2} fill="var(--color-ink)" writingMode="vertical-rl">
          {`${foldSaid[kind]}${endToEnd ? ", end to end" : ""}`}
        </ClothText>
      </g>
    </>
  );
}
