import { useMemo } from "react";
import { type CutSheet, lightsOf, noLights, type SheetStep } from "@/core/formats";
import type { ChalkLook } from "@/ui/cloth/chalk-look";
import { ClothDrawing, FINE_CLOSE } from "@/ui/cloth/cloth-drawing";
import type { Group } from "@/ui/cloth/cloth-frame";
import { frameStep } from "@/ui/cloth/frame-step";
import { StepTapeOverlay } from "@/ui/cloth/step-tape-overlay";

interface StepClothProps {
  readonly sheet: CutSheet;
  readonly group: Group;
  readonly step: SheetStep | null;
  /** Only the part round the step in hand, larger. */
  readonly close?: boolean;
  readonly onMark: (piece: string, mark: string) => void;
}

/** A group on its cloth with one step in hand: its lines bright, its tape laid. */
export function StepCloth({ sheet, group, step, close = false, onMark }: StepClothProps) {
  const look = useMemo(
    (): ChalkLook => ({
      shown: null,
      lit: step === null ? noLights : lightsOf(sheet, step),
      crossed: new Set(step?.phase === "cut" ? step.mustNotCut : []),
      shears: false,
    }),
    [sheet, step],
  );
  const piece = sheet.pieces.find(({ id }) => id === step?.piece);
  const closer = close && step !== null;
  return (
    <ClothDrawing
      sheet={sheet}
      group={group}
      look={look}
      inHand={step?.piece}
      close={closer ? (frame) => frameStep(frame, step) : undefined}
      onMark={onMark}
    >
      {step !== null && piece !== undefined && group.pieces.includes(piece.id) && (
        <StepTapeOverlay piece={piece} step={step} unit={sheet.unit} fine={closer ? FINE_CLOSE : 1} />
      )}
    </ClothDrawing>
  );
}
