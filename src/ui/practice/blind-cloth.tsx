import { useMemo } from "react";
import { type CutSheet, chalkedBefore, joinLights, lightsOf, type SheetStep, tableScreens } from "@/core/formats";
import type { ChalkLook } from "@/ui/cloth/chalk-look";
import { ClothDrawing } from "@/ui/cloth/cloth-drawing";

/** The cloth as it is chalked so far, the mark that is asked for bright; no tape lies on it, so that it gives no number away. */
export function BlindCloth({ sheet, step }: { readonly sheet: CutSheet; readonly step: SheetStep }) {
  const look = useMemo((): ChalkLook => {
    const screens = tableScreens(sheet, "placements");
    const index = screens.findIndex(({ steps }) => steps.some(({ id }) => id === step.id));
    const lit = lightsOf(sheet, step);
    return { shown: joinLights([chalkedBefore(sheet, screens, index), lit]), lit, crossed: new Set(), shears: false };
  }, [sheet, step]);
  const group = sheet.groups.find(({ id }) => id === step.group);
  return group === undefined ? null : (
    <ClothDrawing sheet={sheet} group={group} look={look} inHand={step.piece} tapes={false} />
  );
}
