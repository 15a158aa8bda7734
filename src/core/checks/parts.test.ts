import { describe, expect, it } from "vitest";
import { typicalBody } from "../body";
import { type Draft, type PartId, type Piece, partIds } from "../chalk";
import { planFolds } from "../cloth";
import { readOrder } from "../formats";
import { draftGarment, garments } from "../garments";
import { checkDraft } from ".";

function draw(garment: string): Draft {
  const choices = garments.find(({ id }) => id === garment)?.choices;
  const bare = choices?.sleeve === undefined ? {} : { sleeve: "none", collar: "none" };
  const read = readOrder({ garment, choices: bare, client: { card: { measurements: typicalBody } } });
  const drawn = read.ok ? draftGarment(read.value.garment, read.value.given) : null;
  if (drawn?.ok !== true) throw new Error(garment);
  return drawn.value;
}

/** A stranger in the draft: the body's own pieces again, as another part, under names of their own. */
function withStranger(draft: Draft, part: PartId): Draft {
  const again = draft.pieces
    .filter((piece) => piece.part === "body")
    .map((piece): Piece => {
      const drawnWith = piece.drawnWith === null ? null : `stranger-${part}-${piece.drawnWith}`;
      return { ...piece, part, id: `stranger-${part}-${piece.id}`, drawnWith, takeOuts: [] };
    });
  return { ...draft, pieces: [...draft.pieces, ...again] };
}

const others = partIds.filter((part) => part !== "body" && part !== "finish");
const bodies = garments.filter(({ id }) => draw(id).pieces.some(({ part }) => part === "body"));
const everyPair = bodies.flatMap(({ id }) => others.map((part) => [id, part] as const));

describe("a skirt, sleeve or collar beside a sound body", () => {
  it.each(everyPair)(
    "%s with a %s: girths, neck and armhole are the body's own, and nothing new is found",
    (id, part) => {
      const alone = checkDraft(draw(id));
      const both = checkDraft(withStranger(draw(id), part));
      expect(both.girths).toEqual(alone.girths);
      expect([both.neckRound, both.armholeRound]).toEqual([alone.neckRound, alone.armholeRound]);
      expect(both.findings.filter(({ level }) => level === "error")).toEqual([]);
    },
  );

  it.each(everyPair)("%s with a %s: the body's folds stay, the stranger has folds of its own", (id, part) => {
    const [alone, both] = [draw(id), withStranger(draw(id), part)].map((draft) => planFolds(draft, "one-fold"));
    if (alone?.ok !== true || both?.ok !== true) throw new Error("not folded");
    const own = both.value.filter(({ pieces }) => !pieces[0]?.startsWith(`stranger-${part}-`));
    const strange = both.value.filter(({ pieces }) => pieces[0]?.startsWith(`stranger-${part}-`));
    expect(own).toEqual(alone.value);
    expect(strange.map(({ pieces }) => pieces.length)).toEqual(
      alone.value.filter(({ fold }) => fold !== "single").map(({ pieces }) => pieces.length),
    );
    expect(new Set(both.value.map((group) => group.id)).size).toBe(both.value.length);
  });
});

it("of each half at most one piece leads: whole or the panel at the centre, never a yoke or a side panel", () => {
  for (const { id } of bodies)
    for (const half of ["front", "back"] as const) {
      const leads = draw(id).pieces.filter((piece) => piece.half === half && piece.lead);
      expect(leads.length, `${id} ${half}`).toBe(1);
      expect(leads[0]?.id).toMatch(/^(bodice|centre)-/);
    }
});
