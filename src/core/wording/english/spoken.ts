import type { Inches, Tick, Unit } from "../../length";
import { formatLength, fractionGlyphs } from "../../length";
import { sayHair } from "./on-tape";
import { namePlacement, nameReading, partActs, type SaidPlacement, sayActs, sayBeside, sayTape } from "./placements";

const PARTS: Readonly<Record<string, string>> = {
  "1/2": "a half",
  "1/4": "a quarter",
  "3/4": "three quarters",
  "1/8": "one eighth",
  "3/8": "three eighths",
  "5/8": "five eighths",
  "7/8": "seven eighths",
};

const BOTTOMS: Readonly<Record<string, string>> = { "16": "sixteenths", "32": "thirty-seconds" };

function speakFraction(fraction: string): string {
  const [top = "", bottom = ""] = fraction.split("/");
  return PARTS[fraction] ?? `${top} ${BOTTOMS[bottom] ?? `over ${bottom}`}`;
}

/** A length as it is said across the table: `10 and seven eighths inches`, `27 point 5 centimetres`. */
export function speakLength(length: Inches, unit: Unit): string {
  const text = formatLength(length, unit);
  if (unit === "cm") return `${text.replace("−", "minus ").replace(".", " point ")} centimetres`;
  const [, minus = "", whole = "", rest = ""] = /^(−?)(\d*)\s*(.*)$/.exec(text) ?? [];
  const fraction = rest === "" ? "" : speakFraction(fractionGlyphs[rest] ?? rest.replace("⁄", "/"));
  const amount = [whole, fraction].filter(Boolean).join(" and ");
  const unitName = whole === "" || amount === "1" ? "inch" : "inches";
  return `${minus && "minus "}${amount}${whole === "" ? " of an" : ""} ${unitName}`;
}

/** What is read aloud at a step: what to chalk, how far, from where, which way, and the cut. */
export interface SpokenStep {
  readonly title: string;
  readonly text: string;
  readonly reading: Inches | null;
  readonly cutReading: Inches | null;
  /** Set where the cut is read from the cloth's edge. */
  readonly cutFrom?: "cloth-edge" | undefined;
  /** Where the tape starts and which way it goes, in words; empty when it is all in the text. */
  readonly direction: string;
  readonly caution: string | null;
}

/** A fraction glyph in a sentence is nothing that every voice can say. */
function speakText(text: string): string {
  return text.replace(/(?:(\d+)\s?)?([½¼¾⅛⅜⅝⅞⅓⅔]|\d+⁄\d+)/g, (_, whole: string | undefined, part: string) =>
    [whole, speakFraction(fractionGlyphs[part] ?? part.replace("⁄", "/"))].filter(Boolean).join(" and "),
  );
}

export function speakStep(step: SpokenStep, unit: Unit): string {
  const { title, text, reading, cutReading, cutFrom, direction, caution } = step;
  const told =
    reading === null
      ? [title, speakText(text)]
      : [
          title,
          [speakLength(reading, unit), direction].filter(Boolean).join(" "),
          cutReading === null
            ? ""
            : `Cut at ${speakLength(cutReading, unit)}${cutFrom === undefined ? "" : " from the cloth's edge"}`,
        ];
  return `${[...told, caution === null ? "" : `Careful. ${speakText(caution)}`]
    .filter(Boolean)
    .map((part) => part.replace(/\.$/, ""))
    .join(". ")}.`;
}

/** A placement as it is read aloud: where the tape lies once, then its readings one by one, then what is drawn. */
export interface SpokenPlacement {
  readonly opening: string;
  readonly readings: readonly string[];
  readonly closing: string;
}

const sentence = (parts: readonly string[]): string =>
  `${parts
    .filter(Boolean)
    .map((part) => part.replace(/\.$/, ""))
    .join(". ")}.`;

export function speakPlacement(placement: SaidPlacement, unit: Unit, tick: Tick): SpokenPlacement {
  const [first, acts] = partActs(placement.then).map((some) => sayActs(some, unit, tick).map(speakText));
  return {
    opening: sentence([namePlacement(placement), ...(first ?? []), sayTape(placement)]),
    readings: placement.readings.map((reading) => {
      const said = nameReading(reading, placement).replace(/^cut, /, "cut at, ");
      const number = `${speakLength(reading.at, unit)}${reading.hair ? `, ${sayHair(tick)}` : ""}`;
      return sentence([number, said, speakText(sayBeside(reading, placement, unit, tick))]);
    }),
    closing: acts === undefined || acts.length === 0 ? "" : sentence(["Then", ...acts]),
  };
}
