import type { CutSheet, SheetStep } from "@/core/formats";
import { ChalkPiece } from "./chalk-piece";
import { frameGroup, type Group } from "./cloth-frame";
import { ClothGround } from "./cloth-ground";
import { ClothTape } from "./cloth-tape";
import { StepTapeOverlay } from "./step-tape-overlay";

interface ClothDrawingProps {
  readonly sheet: CutSheet;
  readonly group: Group;
  readonly activeStep?: SheetStep | null;
  readonly onMark?: (piece: string, mark: string) => void;
}

/** A group of pieces chalked on its folded cloth, to scale, tapes along two edges. */
export function ClothDrawing({ sheet, group, activeStep = null, onMark }: ClothDrawingProps) {
  const frame = frameGroup(sheet, group);
  if (frame === null) return null;
  const { view, lead, top, right, bottom } = frame;
  const names = frame.pieces.map(({ name }) => name.toLowerCase()).join(" and ");
  const stepPiece = activeStep === null ? undefined : sheet.pieces.find(({ id }) => id === activeStep.piece);
  return (
    <svg
      viewBox={`${view.left} ${view.top} ${view.width} ${view.height}`}
      className="h-full w-full"
      role="img"
      aria-label={`The ${names} chalked on the ${group.layers === 4 ? "cloth in four layers" : "doubled cloth"}, fold at the left`}
    >
      <ClothGround id={group.id} frame={frame} layers={group.layers} />
      <ClothTape
        x={lead.originInset}
        y={top - 0.35}
        length={right - lead.originInset}
        direction="across"
        unit={sheet.unit}
      />
      <ClothTape x={-0.85} y={0} length={bottom - 0.7} direction="down" unit={sheet.unit} />
      {frame.pieces.map((piece, index) => (
        <ChalkPiece
          key={piece.id}
          piece={piece}
          right={right}
          activeStep={activeStep}
          onMark={onMark}
          faint={index > 0}
        />
      ))}
      {activeStep !== null && stepPiece !== undefined && group.pieces.includes(stepPiece.id) && (
        <StepTapeOverlay piece={stepPiece} step={activeStep} unit={sheet.unit} />
      )}
    </svg>
  );
}
