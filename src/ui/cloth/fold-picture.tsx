import { foldOfGroup, type LayFold } from "@/core/cloth";
import type { CutSheet } from "@/core/formats";
import { formatLengthWithUnit, type Unit } from "@/core/length";
import { usePreferences } from "@/ui/shell/preferences";
import type { Group } from "./cloth-frame";
import { ClothText } from "./cloth-text";

/** Air between layers, as they are seen from the end of the cloth. */
const GAP = 1.6;

/** The cloth seen from its end, as one line from selvedge to selvedge: the folds are its turns. */
function endPath({ kind, doubled, second, across, endToEnd }: LayFold): string {
  if (kind === "open") return `M 0 0 H ${across}`;
  const turn = (x: number, y: number, way: -1 | 1) => `A ${GAP / 2} ${GAP / 2} 0 0 ${way === -1 ? 0 : 1} ${x} ${y}`;
  if (kind === "gate") {
    const left = `M ${doubled - 0.3} ${-GAP} H ${GAP / 2} ${turn(GAP / 2, 0, -1)}`;
    const right = second > 0 ? `H ${across - GAP / 2} ${turn(across - GAP / 2, -GAP, -1)} H ${doubled + 0.3}` : "";
    return `${left} ${right}`;
  }
  if (kind === "four-layers" && !endToEnd) {
    return `M ${across} 0 H ${GAP / 2} ${turn(GAP / 2, -GAP, 1)} H ${doubled - GAP / 2} ${turn(doubled - GAP / 2, -2 * GAP, -1)} H ${GAP / 2} ${turn(GAP / 2, -3 * GAP, 1)} H ${doubled}`;
  }
  const once = (y: number, to: number) => `M ${doubled} ${y - GAP} H ${GAP / 2} ${turn(GAP / 2, y, -1)} H ${to}`;
  return endToEnd ? `${once(0, across)} ${once(-2 * GAP, doubled)}` : once(0, across);
}

function Measure({
  from,
  to,
  y,
  said,
}: {
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly said: string;
}) {
  if (to - from < 1) return null;
  return (
    <>
      <path
        d={`M ${from} ${y - 0.6} V ${y + 0.6} M ${from} ${y} H ${to} M ${to} ${y - 0.6} V ${y + 0.6}`}
        stroke="var(--color-lantern)"
        strokeWidth={0.2}
      />
      <ClothText x={(from + to) / 2} y={y + 2.2} fontSize={1.7} textAnchor="middle" fill="currentColor">
        {said}
      </ClothText>
    </>
  );
}

interface FoldPictureProps {
  readonly sheet: CutSheet;
  readonly group: Group;
  /** What the step in hand does: the first of two folds shows two layers. */
  readonly act: string;
}

/** A ring's own fold: once from selvedge to selvedge, or in four with its closed corner, where the tape is held. */
function RingFold({ sheet, group }: Pick<FoldPictureProps, "sheet" | "group">) {
  const inFour = group.fold === "quarter";
  const [wide, deep] = [group.foldedWidth, inFour ? group.foldedWidth : Math.min(group.length, sheet.cloth.usable)];
  const say = (value: number) => formatLengthWithUnit(value, sheet.unit);
  const size = Math.max(wide, deep) / 24;
  const told = inFour ? "4 layers, both folds meet at the corner" : "2 layers, the fold runs from selvedge to selvedge";
  return (
    <svg
      viewBox={`${-3 * size} ${-3 * size} ${wide + 6 * size} ${deep + 9 * size}`}
      className="h-full w-full"
      role="img"
      aria-label={told}
    >
      <rect
        width={wide}
        height={deep}
        fill="var(--color-cloth)"
        stroke="var(--color-chalk-soft)"
        strokeWidth={0.1 * size}
      />
      <rect x={-0.5 * size} width={1.2 * size} height={deep} rx={0.4 * size} fill="var(--color-fold-light)" />
      {inFour && (
        <rect y={-0.5 * size} width={wide} height={1.2 * size} rx={0.4 * size} fill="var(--color-fold-light)" />
      )}
      {!inFour && (
        <path
          d={`M 0 0 H ${wide} M 0 ${deep} H ${wide}`}
          stroke="var(--color-tape-edge)"
          strokeWidth={0.4 * size}
          strokeDasharray={`${1.2 * size} ${0.6 * size}`}
        />
      )}
      <circle cx={0} cy={0} r={0.8 * size} fill="var(--color-lantern)" />
      <ClothText x={wide / 2} y={deep / 2} fontSize={1.7 * size} textAnchor="middle" fill="var(--color-chalk)">
        {inFour ? "4 layers" : "2 layers"}
      </ClothText>
      <g transform={`translate(0 ${deep}) scale(${size})`}>
        <Measure from={0} to={wide / size} y={1.8} said={say(wide)} />
      </g>
    </svg>
  );
}

/** The fold of a group; what is folded from what a larger piece left is shown on that: its own width is off already. */
function foldShown({ groups, cloth }: CutSheet, group: Group, layers: 1 | 2 | 4): LayFold {
  const beside = groups.find(({ id }) => id === group.leftBeside);
  const usable = cloth.usable - 2 * (beside?.foldedWidth ?? 0);
  return foldOfGroup({ layers, foldedWidth: group.foldedWidth, way: group.way ?? "in-turn" }, usable);
}

/** How the cloth lies for a group: from its end, so that every layer is seen, and from above, with what stays single beside it. */
export function FoldPicture({ sheet, group, act }: FoldPictureProps) {
  const { hand } = usePreferences();
  if (group.fold === "across" || group.fold === "quarter") return <RingFold sheet={sheet} group={group} />;
  const unit: Unit = sheet.unit;
  const layers = act === "fold-in" && group.layers === 4 ? 2 : (group.layers as 1 | 2 | 4);
  const fold = foldShown(sheet, group, layers);
  const mirrored = hand === "left";
  const folded = fold.doubled + fold.second;
  const length = Math.min(Math.max(group.length, 12), fold.across * 1.3);
  const say = (value: number) => formatLengthWithUnit(value, unit);
  const top = 4;
  const height = top + length + 6;
  return (
    <svg
      viewBox={`${mirrored ? -fold.across - 3 : -3} ${-3 * GAP - 4} ${fold.across + 6} ${height + 3 * GAP + 4}`}
      className="h-full w-full"
      role="img"
      aria-label={`${layers === 1 ? "Open cloth" : `${layers} layers, ${say(fold.doubled)} wide, fold at the ${mirrored ? "right" : "left"}`}, ${say(fold.beside)} single beside it`}
    >
      <g transform={mirrored ? "scale(-1 1)" : undefined}>
        <ClothText x={0} y={-3 * GAP - 1.8} fontSize={1.5} fill="currentColor">
          From the end
        </ClothText>
        <path d={endPath(fold)} fill="none" stroke="var(--color-fold-light)" strokeWidth={0.55} strokeLinecap="round" />
        <ClothText x={0} y={top - 0.8} fontSize={1.5} fill="currentColor">
          From above
        </ClothText>
        <rect y={top} width={fold.across} height={length} fill="var(--color-cloth-under)" />
        <rect
          y={top}
          width={folded}
          height={length}
          fill="var(--color-cloth)"
          stroke="var(--color-chalk-soft)"
          strokeWidth={0.12}
        />
        {fold.doubled > 0 && (
          <rect x={-0.6} y={top} width={1.4} height={length} rx={0.5} fill="var(--color-fold-light)" />
        )}
        {fold.second > 0 && (
          <rect x={fold.across - 0.8} y={top} width={1.4} height={length} rx={0.5} fill="var(--color-fold-light)" />
        )}
        {fold.endToEnd && (
          <rect y={top + length - 0.8} width={folded} height={1.4} rx={0.5} fill="var(--color-fold-light)" />
        )}
        {fold.second === 0 && (
          <path
            d={`M ${fold.across} ${top} V ${top + length}`}
            stroke="var(--color-tape-edge)"
            strokeWidth={0.4}
            strokeDasharray="1.2 0.6"
          />
        )}
        {fold.doubled > 0 && (
          <ClothText x={folded / 2} y={top + length / 2} fontSize={1.7} textAnchor="middle" fill="var(--color-chalk)">
            {`${layers} layers`}
          </ClothText>
        )}
        <Measure from={0} to={fold.doubled} y={top + length + 1.4} said={say(fold.doubled)} />
        <Measure from={fold.doubled} to={folded} y={top + length + 1.4} said={say(fold.second)} />
        <Measure from={folded} to={fold.across} y={top + length + 1.4} said={`${say(fold.beside)} single`} />
      </g>
    </svg>
  );
}
