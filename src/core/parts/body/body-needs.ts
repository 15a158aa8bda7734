import { needsArmhole } from "../../blocks";
import type { FigureKind, MeasurementId } from "../../body";
import type { ChoiceValues } from "../../chalk";
import type { RuleId, RuleValue } from "../../rules";
import type { BodyChoiceId } from "./body-choices";
import { type BodyStyle, readForm } from "./body-form";

/** What decides which readings a body uses: the rules and choices in force. */
export interface Decisions {
  readonly rule: (id: RuleId) => RuleValue;
  readonly choices: ChoiceValues;
  readonly figure?: FigureKind;
}

/** Readings a body cannot be drawn without, under the rules and choices in force. */
export function bodyNeeds(style: BodyStyle, { rule, choices, figure = "woman" }: Decisions): readonly MeasurementId[] {
  const form = readForm({ choices, metric: false, balance: rule("balance"), step: 0, figure: { kind: figure } }, style);
  const needs: readonly (readonly [MeasurementId, boolean])[] = [
    ["bust", true],
    ["underbust", form.usesUnderbust],
    ["waist", form.end !== "ribs"],
    ["hip", (form.end === "hem" || form.end === "hip") && style.hem !== "panel-flare"],
    ["shoulder", true],
    ["armhole", needsArmhole(rule("armholeDepth"))],
    ["bustSpan", form.usesBust || form.frontWaistDart || form.backWaistDart],
    ["shoulderToBust", form.usesBust],
    ["shoulderToUnderbust", form.usesUnderbust],
    ["frontWaist", form.dart !== "none" || rule("dartlessLength") !== "back"],
    ["backWaist", form.dart !== "none" || rule("dartlessLength") !== "front"],
    ["waistToHip", form.end === "hem" || form.end === "hip"],
    ["fullLength", form.end === "hem"],
  ];
  return needs.filter(([, used]) => used).map(([id]) => id);
}

const always: readonly RuleId[] = [
  "armholeDepth",
  "armholeRoom",
  "armholeFrom",
  "armholeLine",
  "sleevelessShoulder",
  "sleevelessRise",
  "shoulderSlope",
  "backShoulderSlope",
  "frontScoop",
  "backScoop",
  "ease.bust",
  "ease.waist",
  "allowance.shoulder",
  "allowance.armhole",
  "allowance.neck",
  "allowance.binding",
  "allowance.side",
  "allowance.sideWaist",
  "balance",
  "dartlessLength",
  "shearsOrder",
  "tick",
];

const frontDart: readonly RuleId[] = [
  "frontDart.tipBelowBust",
  "frontDart.halfWidth",
  "frontDart.tipAboveHip",
  "frontDart.end",
];
const backDart: readonly RuleId[] = ["backDart.tipAboveBust", "backDart.halfWidth", "backDart.tipAboveHip"];
const panelRules: readonly RuleId[] = [
  "allowance.panel",
  "dartLine",
  "panelRoom",
  "underbustTakeOut",
  "armholeTakeOut",
  "takeOutSplit",
  "armholeTakeOutSplit",
  "takeOutTipAboveBust",
  "panelPoint",
  "underbustTightening",
  "cupLift",
  "giveBack",
  "frontDart.tipAboveHip",
  "frontDart.end",
];

/** Every house rule that a body may read, whatever is chosen; the rest do not move it. */
export function bodyRules(style: BodyStyle): readonly RuleId[] {
  const can = (id: BodyChoiceId) => style.offers[id] !== undefined || style.fixed?.[id] !== undefined;
  const canOpen = (way: string) => {
    const offered = style.offers.opening ?? style.fixed?.opening;
    return offered === true || offered === way || (Array.isArray(offered) && offered.includes(way));
  };
  const below = style.ends !== "waist";
  const groups: readonly (readonly [readonly RuleId[], boolean])[] = [
    [always, true],
    [["ease.hip", "allowance.hem"], below],
    [["allowance.waistJoin"], style.hem === "join" || can("bodySplit") || style.lower !== undefined],
    [["stripSelvedge"], style.lower !== undefined],
    [["backLowerEdge"], below ? style.ends === "hip" && can("opening") : true],
    [["bandTurn"], canOpen("front-band")],
    [["balanceTrim"], style.hem === "join"],
    [
      ["allowance.zip", "zipHollow", "zipHollowGivenBack", "backContour", "backContourFrom"],
      can("opening") || can("centreBackSeam"),
    ],
    [[...frontDart, "dartLine"], can("frontWaistDart")],
    [[...backDart, "dartLine"], can("backWaistDart")],
    [panelRules, can("panel")],
    [["backDart.halfWidth", "backDart.tipAboveHip", "allowance.panel"], can("backPanel")],
    [["allowance.panel"], can("opening") || can("backYoke")],
    [["hemPeg"], style.hem === "pegged"],
    [["hemFlare", "cornerLift"], style.hem === "flared"],
  ];
  return [...new Set(groups.flatMap(([ids, used]) => (used ? ids : [])))];
}
