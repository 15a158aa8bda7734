import { type SheetPiece, type SheetStep, stepTape } from "@/core/formats";
import type { ClothFrame, View } from "./cloth-frame";

/** Where so much of the cloth would be seen, all of it is. */
const NEARLY_ALL = 0.8;

/** The depth that a step is about: its tape's middle, else its edge's. */
function stepDepth(piece: SheetPiece, step: SheetStep): number {
  const tape = stepTape(piece, step);
  if (tape !== null) return (tape.from[1] + tape.to[1]) / 2;
  const notch =
    step.phase === "notch"
      ? piece.notches.find(({ id, edge }) => edge === step.edge && step.id.startsWith(`notch-${id}-`))
      : undefined;
  if (notch !== undefined) return notch.point[1];
  const edge = piece.edges.find(({ id }) => id === step.edge);
  return edge === undefined ? 0 : (edge.start[1] + edge.end[1]) / 2;
}

/** The part of the cloth round the step in hand, as wide as the cloth and as high as it is wide. */
export function frameStep(frame: ClothFrame, step: SheetStep): View {
  const piece = frame.pieces.find(({ id }) => id === step.piece) ?? frame.lead;
  const height = frame.view.width * 0.86;
  // A little closer would only cut off the tapes.
  if (height > NEARLY_ALL * frame.view.height) return frame.view;
  const lowest = frame.view.top + frame.view.height - height;
  const top = Math.min(lowest, Math.max(frame.view.top, stepDepth(piece, step) - height / 2));
  return { ...frame.view, top, height };
}
