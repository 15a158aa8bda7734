import { areFarApart, type Figure, findDoubts, measurementIds, type Readings } from "../body";
import { type Draft, isSleeveless, MOST_ROOM_BARE, piecesOf } from "../chalk";
import type { Inches } from "../length";
import type { Finding } from "./finding";
import { armholeRound, placeOf } from "./wearing";

/** Room in a sewn armhole beyond the arm's own: less pinches, more gapes (craft: bodice, step 7). */
const LEAST_ROOM: Inches = 0.5;
const MOST_ROOM_CLOSE: Inches = 3;
/** Bust beyond the ribs, from which a bare armhole gapes unless something is taken out over it. */
const FULL_BUST: Inches = 4;
const MOST_ROOM_EASY: Inches = 6;
/** From this whole ease at the bust a garment counts as easy. */
const EASY_EASE: Inches = 4;
/** Chest and bust line nearer than this are not two lines. */
const NEAR_BUST: Inches = 0.5;

function cardReadings(draft: Draft): Readings {
  const { measurements } = draft.given;
  const taken = measurementIds.flatMap((id) => {
    const given = measurements[id];
    return given?.from === "card" ? [[id, given.value] as const] : [];
  });
  return Object.fromEntries(taken);
}

function findEstimates(draft: Draft): readonly Finding[] {
  return draft.needed.flatMap((id): readonly Finding[] => {
    const given = draft.given.measurements[id];
    if (given?.estimate === undefined) return [];
    return [
      {
        id: given.from === "derived" ? "reading-derived" : "reading-estimated",
        level: "note",
        measurement: id,
        figure: draft.given.figure.kind,
        numbers: { value: given.value },
        words: { rule: given.estimate.rule },
      },
    ];
  });
}

function findReadingDoubts(readings: Readings, figure: Figure): readonly Finding[] {
  return findDoubts(readings, {}, figure).map(({ code, measurement, value, against }) => ({
    id: "reading-doubtful",
    level: "caution",
    measurement,
    doubt: code,
    figure: figure.kind,
    numbers: { value, against: against[0]?.value ?? 0 },
    words: { against: against[0]?.measurement ?? measurement },
  }));
}

/** Left and right further apart than a body is: one of them was read wrong. */
function findSidesApart(draft: Draft): readonly Finding[] {
  const { measurements, metric, figure } = draft.given;
  return measurementIds.flatMap((id): readonly Finding[] => {
    const sides = measurements[id]?.sides;
    if (sides === undefined || !areFarApart(sides, metric)) return [];
    const numbers = { left: sides.left, right: sides.right, apart: Math.abs(sides.left - sides.right) };
    return [{ id: "sides-far-apart", level: "caution", measurement: id, figure: figure.kind, numbers }];
  });
}

function checkArmhole(draft: Draft, readings: Readings): readonly Finding[] {
  const { armhole } = readings;
  const sewn = armholeRound(draft);
  if (armhole === undefined || sewn === 0) return [];
  const bust = draft.girths.find(({ line }) => line === "bust");
  const bare = isSleeveless(draft.given);
  const most = bare ? MOST_ROOM_BARE : (bust?.ease ?? 0) >= EASY_EASE ? MOST_ROOM_EASY : MOST_ROOM_CLOSE;
  const least = bare ? 0 : LEAST_ROOM;
  const base = {
    level: "caution" as const,
    ...placeOf(draft, "front", "armhole"),
    numbers: { sewn, armhole, room: sewn - armhole, least, most },
  };
  if (sewn < armhole + least) return [{ ...base, id: "armhole-tight" }];
  return sewn > armhole + most ? [{ ...base, id: "armhole-loose" }] : [];
}

/** Bare, the front armhole of a full bust stands away unless a dart or a panel takes the room out of it. */
function checkGape(draft: Draft, { bust, underbust }: Readings): readonly Finding[] {
  if (!isSleeveless(draft.given) || bust === undefined || underbust === undefined) return [];
  const { bustDart = "none", panel = "none" } = draft.given.choices;
  const fullness = bust - underbust;
  if (fullness <= FULL_BUST || bustDart !== "none" || panel !== "none") return [];
  return [{ id: "armhole-may-gape", level: "caution", ...placeOf(draft, "front", "armhole"), numbers: { fullness } }];
}

function checkChestLine(draft: Draft, readings: Readings): readonly Finding[] {
  const chest = piecesOf(draft, "body")[0]?.lines.find(({ id }) => id === "chest")?.down;
  const { shoulderToBust } = readings;
  if (chest === undefined || shoulderToBust === undefined || Math.abs(chest - shoulderToBust) >= NEAR_BUST) return [];
  return [{ id: "chest-near-bust", level: "caution", line: "chest", numbers: { chest, bustLine: shoulderToBust } }];
}

/** Doubtful and estimated readings, and where the drawn armhole and chest line disagree with the body (craft: measuring). */
export function findReadingProblems(draft: Draft): readonly Finding[] {
  const readings = cardReadings(draft);
  return [
    ...findReadingDoubts(readings, draft.given.figure),
    ...findSidesApart(draft),
    ...findEstimates(draft),
    ...checkArmhole(draft, readings),
    ...checkGape(draft, readings),
    ...checkChestLine(draft, readings),
  ];
}
