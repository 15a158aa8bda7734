import type { Draft } from "../chalk";
import type { Finding } from "./finding";

/** What has loose ends that a child can be caught by, by its name, and where it hangs. */
const CORDS: Readonly<Record<string, string>> = { "tie-belt": "the waist", "sleeve-tie": "the arm", tie: "the skirt" };

/** What the kind of figure asks to be looked at: what is turned in for growing, and cords on children's clothes. */
export function findFigureMatters({ given, pieces }: Draft): readonly Finding[] {
  const { figure, choices, rules } = given;
  const hem = rules["allowance.hem"];
  const cords = pieces.flatMap(({ id, name }): readonly Finding[] => {
    const place = CORDS[name];
    return place === undefined
      ? []
      : [{ id: "child-cords", level: "caution", piece: id, numbers: {}, words: { place } }];
  });
  const grown = choices.growth === "year" && hem.from === "figure";
  return [
    ...(figure.kind === "child" ? cords : []),
    ...(grown ? [{ id: "to-let-down", level: "note", numbers: { hem: Number(hem.value) } } as const] : []),
  ];
}
