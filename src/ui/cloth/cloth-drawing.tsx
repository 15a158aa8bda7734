import { useMemo } from "react";
import { type CutSheet, lightsOf, noLights, type SheetStep } from "@/core/formats";
import type { ChalkLook } from "./chalk-piece";
import { ChalkPiece } from "./chalk-piece";
import { asHigh, frameGroup, frameStep, type Group, namePieces } from "./cloth-frame";
import { ClothStage } from "./cloth-stage";
import { StepTapeOverlay } from "./step-tape-overlay";

interface ClothDrawingProps {
  readonly sheet: CutSheet;
  readonly group: Group;
  readonly activeStep?: SheetStep | null;
  /** Only the part round the step in hand, larger. */
  readonly close?: boolean;
  /** How high its window is, in inches, where cloths stand beside one another in one scale. */
  readonly high?: number;
  readonly onMark?: (piece: string, mark: string) => void;
}

/** Seen closer, chalk and words stay as fine as they are on the whole cloth. */
export const FINE_CLOSE = 0.6;

export const LAYERS: Readonly<Record<number, string>> = {
  1: "cloth, single",
  2: "doubled cloth",
  4: "cloth in four layers",
};

/** A group of pieces chalked on its folded cloth, to scale. */
export function ClothDrawing({ sheet, group, activeStep = null, close = false, high, onMark }: ClothDrawingProps) {
  const look = useMemo(
    (): ChalkLook => ({
      shown: null,
      lit: activeStep === null ? noLights : lightsOf(sheet, activeStep),
      crossed: new Set(activeStep?.phase === "cut" ? activeStep.mustNotCut : []),
      shears: false,
    }),
    [sheet, activeStep],
  );
  const frame = frameGroup(sheet, group);
  if (frame === null) return null;
  const { lead, right } = frame;
  const fine = close ? FINE_CLOSE : 1;
  // In four layers two pieces lie in one outline; panels lie beside each other.
  const shared = group.layers === 4;
  const stepPiece = activeStep === null ? undefined : frame.pieces.find(({ id }) => id === activeStep.piece);
  return (
    <ClothStage
      id={`${group.id}-${close ? "close" : "whole"}`}
      said={`${close ? "Close to the step in hand: the" : "The"} ${namePieces(frame)} chalked on the ${LAYERS[group.layers] ?? "cloth"}`}
      frame={frame}
      view={close && activeStep !== null ? frameStep(frame, activeStep) : asHigh(frame.view, high)}
      layers={group.layers}
      unit={sheet.unit}
    >
      {frame.pieces.map((piece) => (
        <ChalkPiece
          key={piece.id}
          piece={piece}
          right={right}
          look={look}
          onMark={onMark}
          faint={shared && piece !== (stepPiece ?? lead)}
          withLines={shared || piece === lead}
          fine={fine}
        />
      ))}
      {activeStep !== null && stepPiece !== undefined && (
        <StepTapeOverlay piece={stepPiece} step={activeStep} unit={sheet.unit} fine={fine} />
      )}
    </ClothStage>
  );
}
