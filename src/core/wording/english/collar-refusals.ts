import type { RefusalCode } from "../../chalk";

/** A refusal's numbers and codes, ready to be said. */
interface Spoken {
  readonly say: (name: string) => string;
  readonly word: (name: string) => string;
}

const collars: Readonly<Record<string, string>> = {
  "turn-down": "A turned-down collar",
  stand: "A stand",
  shirt: "A shirt collar",
  lapel: "A lapel",
  shawl: "A shawl",
  cape: "A cape",
  "built-up": "A built-up neck",
};

/** What is wrong with the neck for it. */
function wrongWith({ say, word }: Spoken): string {
  switch (word("of")) {
    case "opening":
      return word("collar") === "lapel" || word("collar") === "shawl"
        ? "needs a front that opens and overlaps: it is made of that front's cloth"
        : "needs an opening in front or behind: it does not stretch over the head";
    case "shape":
      return word("collar") === "cape" ? "cannot lie round this neck" : "sits on a round neck";
    case "neckWidth":
      return `sits on a neck ${say("least")} to ${say("most")} wide, not ${say("value")}`;
    case "frontNeckDepth":
      return `sits on a neck ${say("least")} to ${say("most")} deep in front, not ${say("value")}`;
    case "shoulder":
      return `wants a shoulder of at least ${say("least")}; ${say("value")} is left beside this neck`;
    default:
      return "is sewn on where this neck has no cloth";
  }
}

/** Why a neck cannot have the collar that was asked for. */
export const collarRefusals = {
  "collar-on-neck": (spoken) => `${collars[spoken.word("collar")] ?? "This collar"} ${wrongWith(spoken)}.`,
  "built-up-too-shallow": ({ say }) =>
    `A built-up neck ${say("depth")} deep in front closes on the throat: at least ${say("least")} is wanted.`,
  "overlap-too-wide": ({ say }) =>
    `The front overlaps by ${say("overlap")}: of this collar at most ${say("most")} can be its tab.`,
  "fall-too-narrow": ({ say }) =>
    `A fall of ${say("fall")} does not cover a stand of ${say("stand")}: at least ${say("least")} is wanted.`,
  "break-misplaced": ({ say }) =>
    `A break ${say("break")} down lies too near the gorge or the hem: between ${say("least")} and ${say("most")} it turns over.`,
  "lapel-too-narrow": ({ say }) =>
    `A lapel ${say("width")} wide does not reach beyond the centre front here: at least ${say("least")} is wanted.`,
  "lapel-over-armhole": ({ say }) =>
    `Turned over, a lapel ${say("width")} wide lies within an inch of the armhole: up to ${say("most")} it does not.`,
  "pocket-misplaced": ({ say, word }) =>
    word("of") === "side"
      ? "The side seam is too short for a pocket's mouth below the waist."
      : `A pocket ${say("width")} wide, ${say("down")} below the shoulder, would lie ${word("of") === "dart" ? "over a dart" : "over a seam or off the front"}.`,
  "cape-below-bust": ({ say }) =>
    `The cape would be sewn on ${say("depth")} down, below the bust line at ${say("bust")}.`,
} satisfies Partial<Record<RefusalCode, (spoken: Spoken) => string>>;
