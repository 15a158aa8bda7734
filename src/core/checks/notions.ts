import { type Draft, isButton, type Notion, type NotionId, notionIds, type Term } from "../chalk";

/** A spare goes with every row of buttons. */
const SPARE: Term = { code: "one-to-spare", kind: "style", value: 1, source: "checks:notions" };

/** The buttons that stand on the chalk: one for each mark, whatever it is cut through. */
function markedButtons({ pieces }: Draft): readonly Term[] {
  const value = pieces.flatMap(({ marks }) => marks).filter(isButton).length;
  return value === 0 ? [] : [{ code: "buttons-marked", kind: "style", value, source: "parts:buttons" }];
}

/** What is bought beside the cloth: of each kind one row, with every part's share of it. */
export function countNotions(draft: Draft): readonly Notion[] {
  const told = (id: NotionId) => draft.notions.filter((one) => one.id === id).flatMap(({ terms }) => terms);
  const all: Readonly<Record<NotionId, readonly Term[]>> = {
    buttons: [...markedButtons(draft), ...told("buttons")],
    elastic: told("elastic"),
    boning: told("boning"),
  };
  return notionIds.flatMap((id): readonly Notion[] => {
    if (all[id].length === 0) return [];
    return id === "buttons"
      ? [{ id, unit: "piece", terms: [...all[id], SPARE] }]
      : [{ id, unit: "in", terms: all[id] }];
  });
}
