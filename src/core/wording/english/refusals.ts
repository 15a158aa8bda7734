import { measurements } from "../../body";
import { type Refusal, type RefusalCode, type Remedy, readList } from "../../chalk";
import { formatLengthWithUnit, type Inches, type Unit } from "../../length";
import { type RuleId, ruleDefinition } from "../../rules";
import { collarRefusals } from "./collar-refusals";
import { nameEdge, nameList, thePiece } from "./names";

export interface RefusalWording {
  readonly message: string;
  readonly remedy: string;
}

/** A refusal's numbers and codes, ready to be said. */
interface Spoken {
  readonly say: (name: string) => string;
  readonly word: (name: string) => string;
}

/** What a neck may reach. */
const reached: Readonly<Record<string, string>> = { waist: "waist line", ribs: "under-bust line", yoke: "yoke line" };

/** What lies at a centre that is no fold. */
const centres: Readonly<Record<string, string>> = {
  zip: "a zip line",
  seam: "a centre-back seam",
  "cut-fold": "a seam inside the front's fold",
};

const frontEdge = (id: string): string => (id.startsWith("front-") ? nameEdge(id) : `front's ${nameEdge(id)}`);

const messages: Readonly<Record<RefusalCode, (spoken: Spoken) => string>> = {
  ...collarRefusals,
  "shoulder-wider-than-chest": ({ say }) =>
    `Half across shoulder (${say("halfShoulder")}) is wider than a quarter of the bust with its ease (${say("quarter")}): there is no underarm to draw.`,
  "armhole-too-small-for-chest": ({ say }) =>
    `The armhole is too small for this chest: the shortest that can be drawn is ${say("least")}.`,
  "armhole-too-deep": () => "The armhole would be so deep that the chest line falls at the waist.",
  "neck-wider-than-shoulder": ({ say }) =>
    `A neck width of ${say("neckWidth")} leaves no shoulder (half across shoulder is ${say("halfShoulder")}).`,
  "neck-below-waist": ({ say, word }) =>
    `A neck depth of ${say("depth")} reaches down to the ${reached[word("line")] ?? word("line")} at ${say("waist")}.`,
  "hem-above-hip": ({ say }) => `The hem (${say("hem")}) would lie above or on the hip line (${say("hip")}).`,
  "hip-above-waist": ({ say }) => `The hip would lie only ${say("hipDepth")} below the waist.`,
  "hem-too-narrow": ({ say }) => `The hem would be only ${say("hem")} a quarter.`,
  "four-layers-need-no-opening": ({ word }) =>
    `In four layers both centres lie on folds; ${centres[word("what")] ?? "a centre seam"} cannot.`,
  "front-not-inside-back": ({ say, word }) =>
    `The ${frontEdge(word("edge"))} sticks ${say("out")} out of the back's outline, so cutting the back first would cut into the front.`,
  "shoulder-drop-too-steep": ({ say }) =>
    `A shoulder drop of ${say("drop")} is too steep for a shoulder of ${say("shoulder")}.`,
  "armhole-below-bust": ({ say }) =>
    `The underarm would lie ${say("chest")} down, far below the bust line at ${say("bust")}.`,
  "underbust-out-of-place": ({ say }) =>
    `The under-bust line (${say("ribs")}) must lie well below the bust line (${say("bust")}) and above the waist (${say("waist")}).`,
  "bust-dart-too-large": ({ say }) =>
    `The front is ${say("excess")} longer than the back: more than a dart can take up.`,
  "bust-dart-too-low": ({ say }) =>
    `The bust dart would open ${say("mouth")} down, within an inch and a half of the waist line (${say("waist")}).`,
  "bust-dart-needs-panel": () =>
    "A bust dart can only be closed into a panel seam where the front has panels from armhole or shoulder.",
  "bust-dart-needs-waist-dart": () =>
    "A bust dart can only be closed into a waist dart that opens into the waist edge.",
  "dart-too-short": ({ say }) =>
    `The waist dart would run from ${say("tip")} to ${say("end")}, too short beside the waist line at ${say("waist")}.`,
  "dart-beyond-side": ({ say }) =>
    `The waist dart ends ${say("dart")} from the centre, at or over the side (${say("side")}).`,
  "panel-off-armhole": ({ say }) =>
    `The panel with its take-out would meet the armhole from ${say("from")} to ${say("to")} along it; it is ${say("armhole")} long.`,
  "slit-longer-than-front": ({ say }) =>
    `A slit of ${say("slit")} is longer than the front below the neck (${say("front")}).`,
  "pleat-needs-yoke": () => "A back pleat is held by a yoke across a back on the fold; here there is none.",
  "yoke-below-armhole": ({ say }) =>
    `The back yoke (${say("yoke")} down) would end below the armhole at ${say("chest")}.`,
  "panels-need-own-fold": () => "Front and back can only share a fold when each is one piece.",
  "panel-off-shoulder": ({ say }) =>
    `The panel seam would leave the shoulder at ${say("panel")}, at or inside the neck (${say("neckWidth")} wide).`,
  "neck-meets-panel": ({ say }) => `A neck ${say("neckWidth")} wide and ${say("depth")} deep runs into the panel seam.`,
  "neck-meets-dart": ({ say }) =>
    `A neck ${say("depth")} deep runs into the waist dart, whose tip lies ${say("tip")} down.`,
  "take-out-too-uneven": ({ say, word }) =>
    word("cause") === "room"
      ? `With ${say("room")} of room for the seams made at the bust, the outer panel's lower edge would have to be lifted ${say("lifted")} to meet the inner one.`
      : `With ${say("takeOut")} taken out toward one side, the outer panel's lower edge would have to be lifted ${say("lifted")} to meet the inner one.`,
  "trim-reaches-ribs": ({ say }) =>
    `A lower edge taken up by ${say("trimmed")} would reach the ribs (${say("ribs")}) on this short body (waist at ${say("waist")}).`,
  "sweetheart-too-shallow": ({ say }) =>
    `A sweetheart ${say("depth")} deep would rise into the shoulder: it wants ${say("least")} at least.`,
  "slit-not-for-facing": ({ say }) =>
    `A slit of ${say("slit")} is not for a facing: that takes ${say("least")} to ${say("most")}.`,
  "facing-over-split": () =>
    "The neck runs down past the line where the body is cut across: no one facing goes round it.",
  "split-cuts-dart": ({ say }) =>
    `The split, ${say("split")} down, would cut across the bust dart, which ends at ${say("dart")}.`,
  "skirt-needs-waist": () => "A body that ends at the ribs has no waist for a skirt to hang from.",
  "skirt-opens-not": () =>
    "Under a front that opens the skirt must open as well, and this one cannot: its front is opened out whole, or the body is slit.",
  "slit-in-open-front": () => "A front that is buttoned down to the hem is left open at its foot: it takes no slit.",
  "slit-too-high": ({ say, word }) =>
    `The top of the ${word("what") || "slit"} (${say("top")} below the waist) must lie between ${say("least")} and ${say("most")}: clear of the zip and the hip, and above the hem.`,
  "flare-line-misplaced": ({ say, word }) =>
    word("cause") === "short"
      ? `The skirt is too short to open below the hip: it wants ${say("length")} from the waist.`
      : `It would open ${say("down")} below the waist; between ${say("least")} and ${say("most")} it is clear of the hip and of the hem.`,
  "ratio-under-one": ({ say }) =>
    `A round of ${say("round")} cannot be gathered into an edge of ${say("into")}: it must be at least as long.`,
  "ruche-turns-too-far": ({ word }) =>
    `Spread by so much a part of the front would turn by ${word("turned")}° and lie over itself.`,
  "godet-too-wide": ({ say }) =>
    `A godet of ${say("width")} at its hem would be a fan: at its length ${say("most")} is the widest that hangs.`,
  "ring-too-small": ({ say }) =>
    `The hole of this ring would be cut with a radius of less than ${say("least")}: there is nothing to sew into.`,
  "tier-too-shallow": ({ say }) =>
    `A tier would be only ${say("depth")} deep; no more than ${say("least")} is a seam, not a tier.`,
  "darts-too-wide": ({ say }) =>
    `Between waist and hip ${say("rest")} a quarter would be left to the darts; more than ${say("most")} is no dart's work.`,
  "cap-too-high": ({ say }) =>
    `A cap that high leaves the sleeve no width: half the armhole with its ease is ${say("half")}.`,
  "no-cap": ({ say }) =>
    `No sleeve cap of 2 in or more goes over an arm of ${say("arm")} into an armhole of ${say("armhole")}.`,
  "sleeve-too-short": ({ say, word }) => {
    if (word("of") === "grown")
      return `A sleeve of ${say("end")} beyond the shoulder tip ends hardly beyond the underarm: its lower corner must lie ${say("beyond")} outside it.`;
    return word("of") === "leaning"
      ? `A sleeve that ends at ${say("end")} has ${say("below")} below its cap to narrow from ${say("wide")} to ${say("narrow")} a half: its underarm would lie nearly level.`
      : `A sleeve that ends at ${say("end")} ends within its cap, ${say("cap")} high: it has no underarm seam.`;
  },
  "sleeve-slit-too-long": ({ say }) =>
    `A slit of ${say("slit")} is longer than the sleeve below its cap: there is room for ${say("room")}.`,
  "cap-sleeve-too-short": ({ say }) =>
    `A cap sleeve that ends ${say("ends")} above the underarm hardly covers the shoulder; ${say("room")} is the most here.`,
  "flounce-leaves-no-sleeve": ({ say }) => `A flounce from ${say("at")} above the end leaves no sleeve below the cap.`,
  "outline-crosses-itself": () => "With these rules and choices the outline of a piece would cross itself.",
};

/** A value of a choice or a rule, as a person would say it. */
function sayValue(
  value: string | boolean | Inches,
  options: Readonly<Record<string, string>> | undefined,
  unit: Unit,
): string {
  if (typeof value === "number") return formatLengthWithUnit(value, unit);
  if (typeof value === "boolean") return value ? "yes" : "no";
  return `“${options?.[value] ?? value}”`;
}

const bounds = { "at-most": " or less", "at-least": " or more", exactly: "" } as const;

function sayRule(id: RuleId, value: string | boolean | Inches, unit: Unit): string {
  return sayValue(value, ruleDefinition(id).options, unit);
}

/** Says a way out that was tried: which choice or rule, and to what. */
function wordRemedy(remedy: Remedy, unit: Unit): string {
  switch (remedy.kind) {
    case "choice": {
      const { choice, value, bound } = remedy;
      const options = choice.kind === "flag" || choice.kind === "list" ? undefined : choice.options;
      if (choice.kind === "list")
        return `Choose ${readList(value)
          .map((one) => formatLengthWithUnit(one, unit))
          .join("; ")} for “${choice.label}”.`;
      const said =
        choice.kind === "ratio" && typeof value === "number" ? String(value) : sayValue(value, options, unit);
      return `Choose ${said}${bounds[bound]} for “${choice.label}”.`;
    }
    case "rule": {
      const { id, value, bound } = remedy;
      return `Set the house rule “${ruleDefinition(id).label}” to ${sayRule(id, value, unit)}${bounds[bound]}.`;
    }
    case "defaults":
      return "Go back to this garment's own choices and house rules, then change one thing at a time.";
    case "measure": {
      const labels = remedy.readings.map((id) => measurements[id].label.toLowerCase());
      return labels.length === 0 ? "Measure again, or choose another garment." : `Measure ${nameList(labels)} again.`;
    }
    default:
      return remedy satisfies never;
  }
}

/** Says why a draft cannot be drawn, and the way out that was tried, in the shop's unit. */
export function wordRefusal(refusal: Refusal, remedy: Remedy | null, unit: Unit): RefusalWording {
  const spoken: Spoken = {
    say: (name) => formatLengthWithUnit(refusal.numbers[name] ?? 0, unit),
    word: (name) => refusal.words?.[name] ?? "",
  };
  const piece = refusal.piece === undefined ? "" : ` It is ${thePiece(refusal.piece)}.`;
  const message = `${messages[refusal.code](spoken)}${piece}`;
  return { message, remedy: remedy === null ? "" : wordRemedy(remedy, unit) };
}
