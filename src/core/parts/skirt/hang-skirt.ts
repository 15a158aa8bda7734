import { refuse, type Sheet } from "../../chalk";
import { chalkSkirt } from "./chalk-skirt";
import type { SkirtKind } from "./skirt-form";

/** Bodies that open at the front have no skirt yet: its front would have to open with theirs. */
const MEETS: ReadonlySet<unknown> = new Set(["none", "back-zip", "side-zip"]);

/** Chalks the chosen skirt to the waist that the body left open. */
export function chalkSkirtUnderBody(sheet: Sheet, kind: SkirtKind): void {
  const { choices } = sheet.given;
  if (choices.ends === "ribs")
    refuse({ code: "skirt-needs-waist", conflicts: ["choices.skirt", "choices.ends"], numbers: {}, nearest: "none" });
  if (!MEETS.has(choices.opening ?? "none"))
    refuse({ code: "skirt-opens-not", conflicts: ["choices.skirt", "choices.opening"], numbers: {}, nearest: "none" });
  chalkSkirt(sheet, { kind, offers: {}, underBody: true }, sheet.take("waist"));
}
