import { refuse, type Sheet } from "../../chalk";
import { chalkSkirt } from "./chalk-skirt";
import type { SkirtKind } from "./skirt-form";

/** Chalks the chosen skirt to the waist that the body left open. */
export function chalkSkirtUnderBody(sheet: Sheet, kind: SkirtKind): void {
  const { choices } = sheet.given;
  if (choices.ends === "ribs")
    refuse({ code: "skirt-needs-waist", conflicts: ["choices.skirt", "choices.ends"], numbers: {}, nearest: "none" });
  const above = sheet.take("waist");
  // A front that is opened out whole for its ruching, or that is slit, cannot go on from one that opens.
  if (choices.opening === "slit" || (kind === "ruched" && above.front !== undefined))
    refuse({ code: "skirt-opens-not", conflicts: ["choices.skirt", "choices.opening"], numbers: {}, nearest: "none" });
  chalkSkirt(sheet, { kind, offers: {}, underBody: true }, above);
}
