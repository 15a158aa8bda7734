import { describe, expect, it } from "vitest";
import { typicalBody } from "../src/core/body";
import { type ChoiceDefinition, type ChoiceDefinitions, type Draft, type Piece, scaleDraft } from "../src/core/chalk";
import { checkDraft } from "../src/core/checks";
import { orderSteps, planFolds } from "../src/core/cloth";
import { draftOrder, readOrder } from "../src/core/formats";
import { garments } from "../src/core/garments";
import { layTable } from "../src/core/table";
import { judge, type Seen } from "./judge";

/** Every allowance another number: two that are alike by default hide which of them an edge really has. */
const DIFFERENT = {
  "allowance.shoulder": 0.625,
  "allowance.armhole": 0.375,
  "allowance.neck": 0.25,
  "allowance.panel": 0.75,
  "allowance.waistJoin": 0.875,
  "allowance.side": 1.25,
  "allowance.hem": 1.5,
  "allowance.zip": 1.75,
};

/** Values of a choice that differ from its default: every option, both ends of a length, yes and no. */
function otherValues(choice: ChoiceDefinition): readonly (string | number | boolean)[] {
  if (choice.kind === "flag") return [!choice.default];
  if (choice.kind === "list")
    return [choice.range[1], 0.5].map((one) =>
      Array(Math.min(choice.count[0] + 1, choice.count[1]))
        .fill(one)
        .join("; "),
    );
  const ways = Object.keys(choice.options ?? {}).filter((id) => id !== choice.default);
  return choice.kind === "option"
    ? ways
    : [...ways, ...choice.range.map((end) => (choice.kind === "ratio" ? end : `${end} in`))];
}

function see(order: object): Seen | null {
  const read = readOrder(order);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const drawn = draftOrder(read.value);
  if (!drawn.ok) return null;
  const draft = drawn.value.full;
  const groups = planFolds(draft, read.value.fold);
  if (!groups.ok) return null;
  const { steps, placements } = layTable(draft, orderSteps(draft, groups.value, 60));
  return { read: read.value, draft, report: checkDraft(draft), groups: groups.value, steps, placements };
}

/** What else must be chosen of a garment for a choice to matter; the last value that it offers. */
function askedBy(
  choices: ChoiceDefinitions,
  { when = {}, whenAny = [{}] }: ChoiceDefinition,
): Readonly<Record<string, string | boolean>> {
  const offers = (id: string, value: string | boolean) => {
    const choice = choices[id];
    return choice?.kind === "option" ? Object.hasOwn(choice.options, String(value)) : choice?.kind === "flag";
  };
  return Object.fromEntries(
    Object.entries({ ...when, ...whenAny[0] }).flatMap(([id, values]) => {
      const value = values.filter((one) => offers(id, one)).at(-1);
      return value === undefined ? [] : [[id, value]];
    }),
  );
}

const ways = garments.flatMap(({ id: garment, choices }) =>
  Object.entries(choices)
    .filter(([id]) => id !== "scale")
    .flatMap(([id, choice]) =>
      otherValues(choice).map((value) => ({ garment, choices: { ...askedBy(choices, choice), [id]: value } })),
    ),
);
const card = { client: { card: { measurements: typicalBody } } };

describe("every garment × every choice, each allowance another number", () => {
  it.each(garments.map(({ id }) => id))("%s passes the judge in each of its choices, at its ends too", (garment) => {
    const own = [{ garment, choices: {} }, ...ways.filter((way) => way.garment === garment)];
    const seen = own.map((way) => [JSON.stringify(way.choices), see({ ...way, ...card, rules: DIFFERENT })] as const);
    const faulty = seen.flatMap(([way, one]) =>
      one === null ? [] : judge(one).map(({ kind, said }) => [way, kind, said]),
    );
    expect(faulty).toEqual([]);
    // What is refused is refused at a choice that asks the impossible; most are drawn.
    expect(seen.filter(([, one]) => one !== null).length).toBeGreaterThan(seen.length / 2);
  });
});

/** Every number of a piece that is a length on the cloth, by where it stands; angles, counts and indices are none. */
function lengthsOf(value: unknown, path = ""): readonly (readonly [string, number])[] {
  if (typeof value === "number") return [[path, value]];
  if (Array.isArray(value)) return value.flatMap((one, index) => lengthsOf(one, `${path}.${index}`));
  if (value === null || typeof value !== "object") return [];
  return Object.entries(value).flatMap(([key, inner]) =>
    NO_LENGTH.has(key) ? [] : lengthsOf(inner, `${path}.${key}`),
  );
}

const NO_LENGTH: ReadonlySet<string> = new Set([
  "copies",
  "angle",
  "turned",
  "about",
  "share",
  "count",
  "turns",
  "whole",
  "across",
  "n",
  "sweep",
  "grain",
]);

function piecesOf(garment: string, choices: object = {}): Draft {
  const seen = see({ garment, choices, rules: { ...DIFFERENT, "allowance.sideWaist": 0.75 }, ...card });
  if (seen === null) throw new Error(`${garment} is refused`);
  return seen.draft;
}

const walked: readonly (readonly [string, object])[] = [
  ["basque-gown", { bodySplit: true, splitAboveWaist: "-1 in" }],
  ["lapel-dress", { bustDart: "to-waist" }],
  ["a-line-dress", {}],
  ["shirt", {}],
  ["yoke-gown", {}],
  ["pocket-shirt", {}],
  ["ruched-skirt", {}],
  ["circle-skirt", { circleShare: 0.75 }],
  ["tiered-dress", {}],
  ["mermaid-skirt", {}],
];

describe("half scale", () => {
  it.each(walked)("halves every length of a %s %j: no field is forgotten", (garment, choices) => {
    const full = piecesOf(garment, choices);
    const half = scaleDraft(full, 0.5);
    full.pieces.forEach((piece, index) => {
      // By where each number stands: the order in which a piece's fields were written says nothing.
      const [whole, halved] = [new Map(lengthsOf(piece)), new Map(lengthsOf(half.pieces[index]))];
      expect([...halved.keys()].sort()).toEqual([...whole.keys()].sort());
      const forgotten = [...whole].filter(
        ([path, value]) => !(Math.abs(value / 2 - (halved.get(path) ?? Number.NaN)) <= 1e-9) && path !== "",
      );
      expect(forgotten.map(([path]) => `${piece.id}${path}`)).toEqual([]);
    });
  });
  it("twice the half is the draft again", () => {
    const full = piecesOf("sheath-dress");
    const back = scaleDraft(scaleDraft(full, 0.5), 2);
    expect(lengthsOf(back.pieces)).toEqual(lengthsOf(full.pieces));
  });
});

describe("a piece that starts at a line of its own", () => {
  const places = (piece: Piece) => [
    ...piece.marks.flatMap(({ place }) => [place.stitch, ...(place.cut ? [place.cut] : [])]),
    ...piece.darts.flatMap(({ tip, legs, end, mouth = [] }) => [tip, ...legs, ...(end ? [end] : []), ...mouth]),
    ...piece.edges.map(({ stitch }) => stitch.start),
  ];
  it("has every place as far below its top line as it lay below the split", () => {
    const split = piecesOf("basque-gown", { bodySplit: true, splitAboveWaist: "1 in", bustDart: "none" });
    const lower = split.pieces.find(({ id }) => id === "bodice-front-lower");
    const whole = piecesOf("basque-gown", { bustDart: "none" }).pieces.find(({ id }) => id === "bodice-front");
    const waist = whole?.lines.find(({ id }) => id === "waist")?.down ?? 0;
    const all = whole ? places(whole) : [];
    const strays = (lower ? places(lower) : []).filter(
      ({ x, y }) => y > 1 && !all.some((place) => Math.hypot(place.x - x, place.y - (y + waist - 1)) < 1e-6),
    );
    expect(strays).toEqual([]);
    // Its notches are counted from the split, and lie on a tick from there.
    const notched = lower?.notches.map(({ point }) => [point.x, point.y + waist - 1] as const) ?? [];
    expect(notched.length).toBeGreaterThan(0);
    for (const [x, y] of notched)
      expect(whole?.notches.some(({ point }) => Math.hypot(point.x - x, point.y - y) <= 1 / 16)).toBe(true);
  });
});
