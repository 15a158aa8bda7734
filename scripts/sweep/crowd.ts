/**
 * Every garment, as it comes, with each skirt, sleeve and collar that it takes, × three sets × a made-up crowd and the extremes: what is
 * refused and what is found, and how often.
 */
import { type Garment, garments } from "../../src/core/garments";
import type { Counts, SetFigures, Whole } from "./garment";

/** A correlated crowd may be refused this often at most. */
const MOST_REFUSED = 0.02;

export const percent = (share: number): string => `${(100 * share).toFixed(2)} %`;

function lines(label: string, counts: Counts, total: number): readonly string[] {
  const rows = Object.entries(counts).sort((a, b) => b[1] - a[1]);
  return rows.map(
    ([key, often]) => `    ${`${label}${key}`.padEnd(48)}${String(often).padStart(6)}  ${percent(often / total)}`,
  );
}

/** What makes a composition none. */
const EMPTY = ["skirt-opens-not", "collar-on-neck"] as const;

/** A composition that is none, for every body: said at the choice, and no share of what a crowd is refused. */
const isEmptyCell = ({ refused, bodies, crowd }: SetFigures): boolean =>
  refused === bodies && EMPTY.some((code) => crowd[`refused ${code}`] === bodies);

/** A garment as it comes, and with every skirt, sleeve and collar that may be chosen for it. */
function wholes({ id, choices }: Garment): readonly Whole[] {
  const kindsOf = (part: "skirt" | "sleeve" | "collar"): readonly string[] => {
    const choice = choices[part];
    return choice?.kind === "option" ? Object.keys(choice.options).filter((key) => key !== "none") : [];
  };
  return [
    { garment: id },
    ...kindsOf("skirt").map((skirt) => ({ garment: id, skirt })),
    ...kindsOf("sleeve").map((sleeve) => ({ garment: id, sleeve })),
    ...kindsOf("collar").map((collar) => ({ garment: id, collar })),
  ];
}

const title = ({ garment, skirt, sleeve, collar }: Whole): string =>
  [
    garment,
    ...(skirt === undefined ? [] : [`skirt ${skirt}`]),
    ...(sleeve === undefined ? [] : [`sleeve ${sleeve}`]),
    ...(collar === undefined ? [] : [`collar ${collar}`]),
  ].join(" with ");

function report(garment: string, sets: readonly SetFigures[]): string {
  return sets
    .flatMap(({ set, bodies, refused, crowd, extremes }) => [
      `${garment}, ${set}: ${percent(refused / bodies)} of ${bodies} refused`,
      ...lines("", crowd, bodies),
      ...lines("extreme: ", extremes, bodies),
    ])
    .join("\n");
}

export interface CrowdQuestion {
  readonly bodies: string;
  readonly only: string | undefined;
  readonly cores: number;
}

/**
 * Runs the garments in as many processes as there are cores; reports each as it is done.
 *
 * @returns whether nothing was drawn with an error and no garment and set refused too many
 */
export async function sweepCrowd(
  draw: (words: readonly string[]) => Promise<unknown>,
  { bodies, only, cores }: CrowdQuestion,
): Promise<boolean> {
  const wanted = garments.filter(({ id }) => only === undefined || id === only).flatMap(wholes);
  const waiting = [...wanted];
  const done: SetFigures[] = [];
  const work = async () => {
    for (let whole = waiting.shift(); whole !== undefined; whole = waiting.shift()) {
      const { garment, skirt = "", sleeve = "", collar = "" } = whole;
      const words = [garment, bodies, skirt, sleeve, collar];
      const sets = (await draw(words)) as readonly SetFigures[];
      process.stdout.write(`${report(title(whole), sets)}\n`);
      done.push(...sets);
    }
  };
  await Promise.all(Array.from({ length: cores }, work));
  const errors = done.reduce((sum, one) => sum + one.errors, 0);
  const cells = done.filter((one) => !isEmptyCell(one));
  const worst = Math.max(...cells.map((one) => one.refused / one.bodies));
  const all = cells.reduce((sum, one) => sum + one.refused, 0) / cells.reduce((sum, one) => sum + one.bodies, 0);
  process.stdout.write(
    `${wanted.length} garments and compositions × ${done.length / wanted.length} sets: ${errors} accepted drafts with an error; refused ${percent(all)}, at most ${percent(worst)} of a garment and set\n`,
  );
  return errors === 0 && worst < MOST_REFUSED;
}
