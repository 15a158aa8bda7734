import type { ChalkAct } from "../../chalk";
import type { HandAct, TableStep } from "../../cloth";
import type { Inches } from "../../length";
import { capital, nameMark, thePiece } from "./names";

/** What is said of something to do: a heading (`Chest side`), and what the hand does. */
export interface Said {
  readonly title: string;
  readonly text: string;
}

type SleeveAct = Extract<HandAct, { kind: "cut-again" | "slit-pair" | "pleat" | "hollow-front" }>;
type SlitAct = Extract<HandAct, { kind: "slit-pair" }>;

function saySlit({ on, across, up }: SlitAct, say: (length: Inches) => string): string {
  if (on === "fold")
    return `On the fold of each sleeve, slit it ${say(up)} up from the hem line; its edges are turned ¼ twice.`;
  return `Lay both sleeves right sides together, back half on back half. On that half, ${say(across)} from the fold, slit both at once ${say(up)} up from the hem line, the last ¼ as a V: so they come out mirrored.`;
}

/** What is done to sleeves that are cut in pairs. */
export function saySleeveAct(act: SleeveAct, step: TableStep, say: (length: Inches) => string): Said {
  switch (act.kind) {
    case "cut-again": {
      const other =
        step.piece === "sleeve" ? " What is the front half on the first is the back half on the second." : "";
      return {
        title: `${capital(thePiece(step.piece))} again`,
        text: `It is cut ${act.copies} times from a fold: lay it on the next stretch of the fold, its own fold on the cloth's, chalk round it and cut.${other}`,
      };
    }
    case "hollow-front":
      return {
        title: "Hollow the front of the cap",
        text: `Lift the halves apart. On the front halves alone cut the cap ${say(act.by)} further in at its third quarter, running out to nothing at the front notch's line above and at the underarm.`,
      };
    case "slit-pair":
      return { title: "Slit both sleeves", text: saySlit(act, say) };
    case "pleat": {
      const second = act.passesFold ? "beyond the fold, on the front half" : "from the fold";
      return {
        title: "Pleat at the cuff",
        text: `On the hem line chalk the pleat's first line ${say(act.first)} from the fold and its second ${say(act.second)} ${second}. The second is laid on the first, towards the slit, and basted.`,
      };
    }
    default:
      return act satisfies never;
  }
}

/** The slanted line under a cap, and the places that are set off it. */
export function sayCapPlace(
  act: Extract<ChalkAct, { kind: "slant-line" | "off-slant" }>,
  { chalk }: TableStep,
  say: (length: Inches) => string,
): Said {
  const reading = chalk?.reading ?? 0;
  if (act.kind === "slant-line")
    return {
      title: "Slanted line of the cap",
      text: `Rule a thin line from the top of the cap to the ${nameMark(act.to)}: ${say(reading)}. It is only a help: rub it out when the cap is drawn.`,
    };
  const along = `Along the slanted line from the top of the cap, ${say(act.along)}`;
  const way = chalk?.direction === "outwards" ? "out" : "in";
  const text =
    reading === 0 ? `${along}: mark it on the line.` : `${along}; there square to it, ${way}: ${say(reading)}.`;
  return { title: capital(nameMark(act.mark)), text };
}
