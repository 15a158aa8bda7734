import type { SheetDrawing, SheetPiece } from "@/core/formats";
import { WHOLE } from "@/ui/cloth/chalk-look";
import { ChalkPiece } from "@/ui/cloth/chalk-piece";
import { asHigh, frameGroup, type Group, namePieces, type View } from "@/ui/cloth/cloth-frame";
import { ClothStage } from "@/ui/cloth/cloth-stage";

interface ComparedClothProps {
  readonly before: SheetDrawing;
  readonly after: SheetDrawing;
  readonly group: Group;
  /** How high its window is, where cloths stand beside one another in one scale. */
  readonly high: number;
}

function joinViews(one: View, other: View | undefined): View {
  if (other === undefined) return one;
  const top = Math.min(one.top, other.top);
  const bottom = Math.max(one.top + one.height, other.top + other.height);
  return { left: one.left, top, width: Math.max(one.width, other.width), height: bottom - top };
}

/** One group on its cloth: chalked as it would be after, and where it was before in dashes of another light. */
export function ComparedCloth({ before, after, group, high }: ComparedClothProps) {
  const frame = frameGroup(after, group);
  if (frame === null) return null;
  const old = frameGroup(before, group);
  // Both are read from the same origin; another zip allowance must not look as if every mark had moved.
  const insetAfter = (piece: SheetPiece) =>
    frame.pieces.find(({ id }) => id === piece.id)?.originInset ?? piece.originInset;
  return (
    <ClothStage
      id={`compared-${group.id}`}
      said={`The ${namePieces(frame)}, before and after, on one cloth`}
      frame={frame}
      view={asHigh(joinViews(frame.view, old?.view), high)}
      layers={group.layers}
      unit={after.unit}
    >
      {frame.pieces.map((piece) => (
        <ChalkPiece
          key={piece.id}
          piece={piece}
          right={frame.right}
          look={WHOLE}
          onMark={undefined}
          faint={false}
          withLines={piece === frame.lead || group.layers === 4}
          fine={1}
        />
      ))}
      {old?.pieces.map((piece) => (
        <g key={piece.id} transform={`translate(${insetAfter(piece)} 0)`} fill="none" stroke="var(--color-lantern)">
          <path d={piece.outline.stitch} strokeWidth={0.2} strokeDasharray="0.25 0.35" strokeLinecap="round" />
          <path d={piece.outline.cut} strokeWidth={0.16} strokeDasharray="0.9 0.6" strokeOpacity={0.8} />
        </g>
      ))}
    </ClothStage>
  );
}
