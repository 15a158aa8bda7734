import { expect, it } from "vitest";
import { craftWords, findCraftWords, speakLength, speakStep } from ".";

it.each([
  [10.875, "in", "10 and seven eighths inches"],
  [1, "in", "1 inch"],
  [0.5, "in", "a half of an inch"],
  [10.1875, "in", "10 and 3 sixteenths inches"],
  [-0.75, "in", "minus three quarters of an inch"],
  [10.875, "cm", "27 point 6 centimetres"],
] as const)("%d %s is said “%s”", (length, unit, said) => expect(speakLength(length, unit)).toBe(said));

const step = {
  title: "Chest side",
  text: "On the chest line, from the fold: 10⅞ in.",
  reading: 10.875,
  cutReading: 12.375,
  direction: "from the fold, across",
  caution: null,
};

it("says the number, where from, which way, and the cut", () =>
  expect(speakStep(step, "in")).toBe(
    "Chest side. 10 and seven eighths inches from the fold, across. Cut at 12 and three eighths inches.",
  ));
it("says a step without a number in words, its fractions spelled, and the caution last", () =>
  expect(
    speakStep(
      { ...step, reading: null, cutReading: null, text: "Chalk ½ in outside it.", caution: "Mind 1 3⁄16 in." },
      "in",
    ),
  ).toBe("Chest side. Chalk a half in outside it. Careful. Mind 1 and 3 sixteenths in."));

it("explains each craft word once, in the order of the alphabet, in a sentence", () => {
  const words = craftWords.map(({ word }) => word);
  expect(words).toEqual([...new Set(words)].sort((a, b) => a.localeCompare(b)));
  for (const { meaning } of craftWords) expect(meaning).toMatch(/^[A-Z].{10,}\.$/);
});

it.each([
  ["On the chest line, from the fold: 10⅞ in.", ["chest line", "fold"]],
  ["Hollow in from the armhole line; the armhole meets it twice.", ["armhole line", "armhole"]],
  ["Sew the darts, then the notches.", ["dart", "notch"]],
  ["Unfold the marking paper.", []],
  ["On the fall, from the roll line.", ["fall", "roll line"]],
  ["The back stands away and falls from there.", []],
])("finds the craft words of “%s”", (text, words) =>
  expect(findCraftWords(text).map(({ word }) => word)).toEqual(words),
);
