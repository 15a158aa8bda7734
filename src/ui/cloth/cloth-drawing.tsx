import type { CutSheet, SheetStep } from "@/core/formats";
import { usePreferences } from "@/ui/shell/preferences";
import { ChalkPiece } from "./chalk-piece";
import { frameGroup, frameStep, type Group } from "./cloth-frame";
import { ClothGround } from "./cloth-ground";
import { ClothTape } from "./cloth-tape";
import { StepTapeOverlay } from "./step-tape-overlay";

interface ClothDrawingProps {
  readonly sheet: CutSheet;
  readonly group: Group;
  readonly activeStep?: SheetStep | null;
  /** Only the part round the step in hand, larger. */
  readonly close?: boolean;
  readonly onMark?: (piece: string, mark: string) => void;
}

/** Seen closer, chalk and words stay as fine as they are on the whole cloth. */
const FINE_CLOSE = 0.6;

const LAYERS: Readonly<Record<number, string>> = { 1: "cloth, single", 2: "doubled cloth", 4: "cloth in four layers" };

/** A group of pieces chalked on its folded cloth, to scale, tapes along two edges; mirrored for the left-handed. */
export function ClothDrawing({ sheet, group, activeStep = null, close = false, onMark }: ClothDrawingProps) {
  const { hand } = usePreferences();
  const frame = frameGroup(sheet, group);
  if (frame === null) return null;
  const { lead, top, right, bottom } = frame;
  const seen = close && activeStep !== null ? frameStep(frame, activeStep) : frame.view;
  const mirrored = hand === "left";
  const left = mirrored ? -seen.left - seen.width : seen.left;
  const fine = close ? FINE_CLOSE : 1;
  // In four layers two pieces lie in one outline; panels lie beside each other.
  const shared = group.layers === 4;
  const names = frame.pieces.map(({ name }) => name.toLowerCase()).join(" and ");
  const said = `${close ? "Close to the step in hand: the" : "The"} ${names} chalked on the ${LAYERS[group.layers] ?? "cloth"}, fold at the ${hand === "left" ? "right" : "left"}`;
  const stepPiece = activeStep === null ? undefined : frame.pieces.find(({ id }) => id === activeStep.piece);
  return (
    <svg
      viewBox={`${left} ${seen.top} ${seen.width} ${seen.height}`}
      className="h-full w-full"
      role="img"
      aria-label={said}
    >
      <g transform={mirrored ? "scale(-1 1)" : undefined}>
        <ClothGround id={`${group.id}-${close ? "close" : "whole"}`} frame={frame} layers={group.layers} />
        <ClothTape
          x={lead.originInset}
          y={top - 0.35}
          length={right - lead.originInset}
          direction="across"
          unit={sheet.unit}
        />
        <ClothTape x={-0.85} y={0} length={bottom - 0.7} direction="down" unit={sheet.unit} />
        {frame.pieces.map((piece) => (
          <ChalkPiece
            key={piece.id}
            piece={piece}
            right={right}
            activeStep={activeStep}
            onMark={onMark}
            faint={shared && piece !== (stepPiece ?? lead)}
            withLines={shared || piece === lead}
            fine={fine}
          />
        ))}
        {activeStep !== null && stepPiece !== undefined && (
          <StepTapeOverlay piece={stepPiece} step={activeStep} unit={sheet.unit} fine={fine} />
        )}
      </g>
    </svg>
  );
}
