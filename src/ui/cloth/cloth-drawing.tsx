import type { ReactNode } from "react";
import type { SheetDrawing } from "@/core/formats";
import { type ChalkLook, WHOLE } from "./chalk-look";
import { ChalkPiece } from "./chalk-piece";
import { asHigh, type ClothFrame, frameGroup, type Group, namePieces, type View } from "./cloth-frame";
import { ClothStage } from "./cloth-stage";

/** Seen closer, chalk and words stay as fine as they are on the whole cloth. */
export const FINE_CLOSE = 0.6;

export const LAYERS: Readonly<Record<number, string>> = {
  1: "cloth, single",
  2: "doubled cloth",
  4: "cloth in four layers",
};

interface ClothDrawingProps {
  readonly sheet: SheetDrawing;
  readonly group: Group;
  readonly look?: ChalkLook;
  /** The piece in hand, where two lie in one outline. */
  readonly inHand?: string | undefined;
  /** Only a part of the cloth, larger. */
  readonly close?: ((frame: ClothFrame) => View) | undefined;
  /** How high its window is, in inches, where cloths stand beside one another in one scale. */
  readonly high?: number;
  readonly onMark?: (piece: string, mark: string) => void;
  /** Whether tapes lie along two edges, with their numbers. */
  readonly tapes?: boolean;
  /** What lies over the chalk: a tape. */
  readonly children?: ReactNode;
}

/** A group of pieces chalked on its folded cloth, to scale. */
export function ClothDrawing({
  sheet,
  group,
  look = WHOLE,
  inHand,
  close,
  high,
  onMark,
  tapes = true,
  children,
}: ClothDrawingProps) {
  const frame = frameGroup(sheet, group);
  if (frame === null) return null;
  const { lead, right } = frame;
  // In four layers two pieces lie in one outline; panels lie beside each other.
  const shared = group.layers === 4;
  const nearest = frame.pieces.find(({ id }) => id === inHand) ?? lead;
  return (
    <ClothStage
      id={`${group.id}-${close === undefined ? "whole" : "close"}`}
      said={`${close === undefined ? "The" : "Close to the step in hand: the"} ${namePieces(frame)} chalked on the ${LAYERS[group.layers] ?? "cloth"}`}
      frame={frame}
      view={close === undefined ? asHigh(frame.view, high) : close(frame)}
      layers={group.layers}
      unit={tapes ? sheet.unit : null}
    >
      {frame.pieces.map((piece) => (
        <ChalkPiece
          key={piece.id}
          piece={piece}
          right={right}
          look={look}
          onMark={onMark}
          faint={shared && piece !== nearest}
          withLines={shared || piece === lead}
          fine={close === undefined ? 1 : FINE_CLOSE}
        />
      ))}
      {children}
    </ClothStage>
  );
}
