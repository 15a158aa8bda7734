import { allowanceTerm, type PieceChalk, type Sheet, settleOnTape } from "../../chalk";

/** Half a sleeve on its fold, both of them: read down from a cap line that lies the armhole's allowance below the cloth's edge. */
export function openSleeve(sheet: Sheet): PieceChalk {
  return sheet.piece("sleeve", {
    name: "sleeve",
    half: null,
    top: "cap",
    origin: "fold",
    originInset: { value: 0, terms: [] },
    topInset: settleOnTape(sheet.given, [allowanceTerm(sheet.given, "allowance.armhole")]),
    copies: 2,
  });
}
