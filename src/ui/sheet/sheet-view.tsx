"use client";

import { Tabs } from "radix-ui";
import { useState } from "react";
import type { CutSheet } from "@/core/formats";
import { ClothDrawing } from "@/ui/cloth/cloth-drawing";
import { Legend } from "@/ui/cloth/legend";
import { Proof } from "./proof";
import { ReadingInHand } from "./reading-in-hand";
import { StepList } from "./step-list";

const tab =
  "min-h-12 flex-1 border-b-4 border-transparent px-3 font-semibold data-[state=active]:border-next data-[state=active]:bg-card-deep";

/** The step that chalks a mark of a piece. */
function stepOfMark(sheet: CutSheet, piece: string, mark: string): string | null {
  return (
    sheet.steps.find(
      (step) => step.phase === "chalk" && step.piece === piece && step.act !== "edge" && step.marks.includes(mark),
    )?.id ?? null
  );
}

/** The cut sheet: steps and proof beside the cloth, the reading in hand under it. Touching one lights the other. */
export function SheetView({ sheet }: { readonly sheet: CutSheet }) {
  const [activeId, setActiveId] = useState(sheet.steps.find(({ phase }) => phase === "chalk")?.id ?? null);
  const active = sheet.steps.find(({ id }) => id === activeId) ?? null;
  const group = sheet.groups.find(({ id }) => id === active?.group) ?? sheet.groups[0];
  const pickMark = (piece: string, mark: string) => setActiveId((before) => stepOfMark(sheet, piece, mark) ?? before);
  return (
    <div className="flex flex-col gap-3 p-3 lg:h-[calc(100dvh-72px)] lg:min-h-[640px]">
      <div className="flex min-h-0 flex-1 flex-col gap-3 lg:flex-row">
        <Tabs.Root defaultValue="steps" className="slip flex flex-col overflow-hidden lg:w-[400px]">
          <Tabs.List className="flex" aria-label="The sheet">
            <Tabs.Trigger value="steps" className={tab}>
              Steps
            </Tabs.Trigger>
            <Tabs.Trigger value="proof" className={tab}>
              Proof
            </Tabs.Trigger>
          </Tabs.List>
          <Tabs.Content value="steps" className="max-h-[46dvh] overflow-y-auto lg:max-h-none lg:flex-1" tabIndex={0}>
            <StepList sheet={sheet} activeId={activeId} onPick={setActiveId} />
          </Tabs.Content>
          <Tabs.Content value="proof" className="overflow-auto lg:flex-1">
            <Proof sheet={sheet} />
          </Tabs.Content>
        </Tabs.Root>
        <div className="on-cloth flex min-h-0 flex-1 flex-col gap-2">
          {group !== undefined && (
            <div className="flex min-h-0 flex-1 gap-2">
              <div className="hidden min-h-0 sm:block sm:w-[34%]">
                <ClothDrawing sheet={sheet} group={group} activeStep={active} onMark={pickMark} />
              </div>
              <div className="aspect-[100/86] w-full min-w-0 flex-1 sm:aspect-auto sm:min-h-[420px]">
                <ClothDrawing sheet={sheet} group={group} activeStep={active} onMark={pickMark} close />
              </div>
            </div>
          )}
          <Legend />
        </div>
      </div>
      {active !== null && <ReadingInHand sheet={sheet} step={active} />}
    </div>
  );
}
