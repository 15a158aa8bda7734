import { type ChoiceDefinitions, type ChoiceValue, type ChoiceValues, choiceDefault } from "../../chalk";
import { both, pickSystem } from "../../length";
import { collarKinds, opensForCollar, type SitsOn, sitsOn } from "./collar-kinds";

/** The neck that a collar is drawn to where the garment's own is none for it (craft: bodice, necks with a collar). */
const NECK_WIDTH = both(3, 7.5);
const NECK_DEPTH = both(3.5, 9);
/** A deeper neck is one for no collar at all, as a front that opens down to its waist. */
const USUAL_DEPTH = [0.5, 8] as const;

type Implied = Readonly<Record<string, ChoiceValue>>;

/** How a garment opens for its collar, where its usual way would not let it be closed. */
function openingFor(definitions: ChoiceDefinitions, opens: SitsOn["opens"]): Implied {
  const { opening } = definitions;
  if (opening?.kind !== "option" || opens === "anywhere") return {};
  const ways: readonly string[] = opensForCollar[opens];
  if (ways.includes(opening.default)) return {};
  const way = ways.find((one) => Object.hasOwn(opening.options, one));
  return way === undefined ? {} : { opening: way };
}

/**
 * What a collar changes in choices that nobody told: the neck it sits on, and an opening that lets it be closed.
 *
 * @param told what the order says; the collar is the garment's own where it says none
 */
export function neckForCollar(
  definitions: ChoiceDefinitions,
  told: Readonly<Record<string, unknown>>,
  metric: boolean,
): ChoiceValues {
  const wanted = told.collar ?? definitions.collar?.default;
  const kind = collarKinds.find((one) => one === wanted);
  if (kind === undefined) return {};
  const { shapes, width, frontDepth, opens } = sitsOn[kind];
  const usual = (id: string): ChoiceValue | undefined => {
    const choice = definitions[id];
    return choice === undefined ? undefined : choiceDefault(choice, metric);
  };
  const outside = (id: string, range: readonly [number, number] | undefined) => {
    const value = usual(id);
    return range !== undefined && typeof value === "number" && (value < range[0] || value > range[1]);
  };
  const shape = usual("frontNeck");
  return {
    ...(shape !== undefined && !shapes.includes(String(shape)) ? { frontNeck: shapes[0] ?? "round" } : {}),
    ...(outside("neckWidth", width) ? { neckWidth: pickSystem(NECK_WIDTH, metric) } : {}),
    ...(outside("frontNeckDepth", frontDepth ?? USUAL_DEPTH) ? { frontNeckDepth: pickSystem(NECK_DEPTH, metric) } : {}),
    ...openingFor(definitions, opens),
  };
}
