import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it, vi } from "vitest";
import { answerFitting } from "@/core/making";
import type { StoredFitted } from "@/db";

vi.mock("next/navigation", () => ({ useRouter: () => ({ refresh: () => undefined }) }));
vi.mock("@/server/fitting-actions", () => ({}));

const { FittingView } = await import("./fitting-view");
const { LearntList } = await import("./learnt-list");
const { LearntRules } = await import("./learnt-rules");

const text = (markup: string): string =>
  markup
    .replace(/<[^>]+>/g, " ")
    .replace(/\s+/g, " ")
    .trim();
const entry = (more: Partial<StoredFitted>): StoredFitted => ({
  id: "e",
  on: "2026-11-24",
  seen: "tight-waist",
  typed: "1 in",
  inches: 1,
  side: "both",
  pinned: true,
  by: "Ilse",
  done: false,
  ...more,
});
function view(entries: readonly StoredFitted[], sides: number): string {
  const { answers, left } = answerFitting(
    { sides },
    entries.map(({ seen, inches, side }) => ({ seen, amount: inches, side })),
  );
  return text(
    renderToStaticMarkup(<FittingView orderId="o" unit="in" entries={entries} answers={answers} left={left} />),
  );
}

describe("what was seen at a fitting", () => {
  it("says which seam gives it, by how much at each edge, and what is left in it", () => {
    const said = view([entry({})], 1);
    expect(said).toContain("Side seams: let out each of 4 edges by 1/4 in; 3/4 in is left in each.");
    expect(said).toContain("side seams 3/4 in");
    expect(said).toContain("24 November 2026 · both sides · pinned · seen by Ilse");
  });
  it("letting out more than the seam holds is said, with what is missing", () => {
    expect(view([entry({ inches: 3 })], 0.75)).toContain("The seams do not hold 1 1/2 in of it: let a piece in");
    expect(view([entry({ inches: 3 })], 0.25)).toMatch(/The seams do not hold 3 in of it/);
  });
  it("asks for a figure note where one can stand, and for a rule or a reading elsewhere", () => {
    expect(view([entry({})], 1)).toContain("Keep as a figure note");
    const armhole = view([entry({ seen: "armhole-cuts" })], 1);
    expect(armhole).not.toContain("Keep as a figure note");
    expect(armhole).toContain("Look at the house rule “Room in the armhole”");
    expect(view([entry({ seen: "point-low" })], 1)).toMatch(/Measure “.+” again on the next card/);
    // One side alone is a note of that side; what a rule sets right would move both.
    expect(view([entry({ side: "left" })], 1)).toMatch(
      /Keep it as a note on this figure: .* waist line, the wearer.+s left/,
    );
    expect(view([entry({ seen: "armhole-cuts", side: "left" })], 1)).toContain("moves both sides alike");
  });
  it("before anything is written it says what to do first", () => {
    expect(view([], 1)).toContain("Pin first, then say where, what and how much");
  });
});

describe("what keeps being altered", () => {
  const learnt = { seen: "loose-waist", times: 3, orders: 2, usual: 1.25 } as const;
  it("is one sentence and a bar for each", () => {
    const said = text(renderToStaticMarkup(<LearntList learnt={[learnt]} unit="in" />));
    expect(said).toContain("Too loose at the waist: 3 times on 2 garments, usually 1 1/4 in.");
    expect(renderToStaticMarkup(<LearntList learnt={[]} unit="in" />)).toBe("");
  });
  it("leads to the rule, and changes nothing by itself", () => {
    const markup = renderToStaticMarkup(
      <LearntRules learnt={[{ ...learnt, rule: "ease.waist", value: 2, clients: 2 }]} unit="in" />,
    );
    expect(markup).toContain('href="/rules?rule=ease.waist"');
    expect(text(markup)).toMatch(/for 2 clients, where “.+” is 2 in\. Change the rule\?/);
  });
});
