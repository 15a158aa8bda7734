/** Where a figure note can stand: the piece and the line that it moves, in words a tailor says. */
export const figurePieces = [
  { id: "bodice-front", label: "Front" },
  { id: "bodice-back", label: "Back" },
  { id: "side-front", label: "Side front panel" },
  { id: "side-back", label: "Side back panel" },
] as const;

export const figureLines = [
  { id: "chest", label: "chest line" },
  { id: "bust", label: "bust line" },
  { id: "underbust", label: "under-bust line" },
  { id: "waist", label: "waist line" },
  { id: "hip", label: "hip line" },
] as const;
