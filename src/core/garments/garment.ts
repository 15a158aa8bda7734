import type { FigureKind, MeasurementId } from "../body";
import {
  type ChoiceDefinitions,
  type ChoiceValues,
  chalkDraft,
  choiceDefault,
  type Draft,
  type Given,
  type Piece,
  type Refusal,
  type Sheet,
} from "../chalk";
import { isSimple } from "../geometry";
import { neckForCollar, type RoomId } from "../parts";
import { fail, type Result } from "../result";
import type { GarmentRules, RuleId, RuleValue } from "../rules";

/** The rules and choices that decide what a garment needs. */
export interface GarmentDecisions {
  readonly rule: (id: RuleId) => RuleValue;
  readonly choices: ChoiceValues;
  /** Whose card it is; a woman's where it is left out. */
  readonly figure?: FigureKind;
}

/** A garment: what the client decides, what the house does otherwise for it, and its recipe. One small file each. */
export interface Garment {
  readonly id: string;
  readonly label: string;
  readonly about: string;
  readonly choices: ChoiceDefinitions;
  /** Values of its own, over the set's. */
  readonly rules: GarmentRules;
  /** What the kind of figure wants otherwise, over both; left out for a woman's. */
  readonly figureRules?: GarmentRules;
  /** Every rule that the recipe reads; the rest of the house rules do not move it. */
  readonly uses: readonly RuleId[];
  /** Readings it cannot be drawn without, under the rules and choices in force. */
  readonly needs: (decisions: GarmentDecisions) => readonly MeasurementId[];
  /** Readings that only its checks use. */
  readonly checksWith: readonly MeasurementId[];
  /** The rooms of the parts that it has under its choices: they must be at hand before it is drawn. */
  readonly rooms: (choices: ChoiceValues) => readonly RoomId[];
  readonly recipe: (sheet: Sheet) => void;
}

/** Draws a garment: the draft, or the refusal that geometry makes. */
export function draftGarment(garment: Garment, given: Given): Result<Draft, Refusal> {
  const needed = garment.needs({ rule: (id) => given.rules[id].value, choices: given.choices });
  const drawn = chalkDraft(garment.id, needed, given, garment.recipe);
  const crossed = drawn.ok ? drawn.value.pieces.find(({ outline }) => !isCuttable(outline)) : undefined;
  return crossed === undefined
    ? drawn
    : fail({ code: "outline-crosses-itself", conflicts: [], numbers: {}, piece: crossed.id });
}

/** An outline that crosses itself cannot be cut (craft: a finding, never a refusal). */
function isCuttable({ stitch, cut }: Piece["outline"]): boolean {
  return isSimple(stitch) && isSimple(cut);
}

/** Choices that name a part which a garment may come with. */
const OWN_PARTS = ["sleeve", "collar"] as const;

/**
 * What an order says from its start: a sleeve and a collar of the garment's own. Orders that were kept before garments
 * had them do not say one, and have none.
 */
export function startChoices({ choices }: Pick<Garment, "choices">): ChoiceValues {
  return Object.fromEntries(
    OWN_PARTS.flatMap((part) => {
      const choice = choices[part];
      return choice === undefined || choice.default === "none" ? [] : [[part, String(choice.default)]];
    }),
  );
}

/** The choices of an order that was kept: one that says no part where its garment has one is of before there were any. */
export function keptChoices(garment: Pick<Garment, "choices"> | undefined, kept: ChoiceValues): ChoiceValues {
  if (garment === undefined) return kept;
  const own = startChoices(garment);
  const without = OWN_PARTS.filter((part) => own[part] !== undefined && kept[part] === undefined);
  return { ...Object.fromEntries(without.map((part) => [part, "none"])), ...kept };
}

/**
 * What some choices say of others that nobody told: an edge that is faced or bound has nothing sewn to it, and a collar
 * wants the neck that it sits on.
 */
export function impliedChoices(
  definitions: ChoiceDefinitions,
  told: Readonly<Record<string, unknown>>,
  metric: boolean,
): ChoiceValues {
  const sleeveless = told.armholeFinish === "faced" || told.armholeFinish === "bound";
  const collarless = told.collar === undefined && (told.neckFinish === "facing" || told.neckFinish === "binding");
  const collar = definitions.collar !== undefined && collarless ? { collar: "none" } : {};
  return {
    ...(definitions.sleeve !== undefined && sleeveless ? { sleeve: "none" } : {}),
    ...collar,
    ...neckForCollar(definitions, { ...told, ...collar }, metric),
  };
}

/** The choices of a garment as it is offered, before anything is decided. */
export function defaultChoices(garment: Garment, metric: boolean): ChoiceValues {
  const { choices } = garment;
  return {
    ...Object.fromEntries(Object.entries(choices).map(([id, choice]) => [id, choiceDefault(choice, metric)])),
    ...impliedChoices(choices, {}, metric),
  };
}
