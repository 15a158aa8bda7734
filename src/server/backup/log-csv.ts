import { nameGarment } from "@/core/garments";
import { nameSeen } from "@/core/wording";
import type { LoggedOrder } from "@/db";
import { balanceOf } from "../money";
import { writeCsv } from "./write-csv";

const HEAD = ["No.", "Client", "Garment", "Cut on", "Promised", "State", "Fittings", "Spoilt", "Price", "To pay"];

/** What is to be paid as a number to reckon with; empty where no price was agreed. */
function toPay(money: LoggedOrder["money"]): string {
  const rest = money === null ? null : balanceOf(money);
  return rest === null ? "" : (rest / 100).toFixed(2);
}

/** The logbook as CSV, one row a garment: what was seen at its fittings, what was spoilt, what is to be paid. */
export function writeLogCsv(log: readonly LoggedOrder[]): string {
  const rows = log.map((order) => [
    String(order.number),
    order.clientName,
    nameGarment(order),
    order.cutAt.slice(0, 10),
    order.promisedOn ?? "",
    order.state,
    order.fitted.map(({ on, seen, typed }) => `${on} ${nameSeen(seen)}: ${typed}`).join("; "),
    order.spoilt.map(({ on, piece, why }) => `${on} ${piece}: ${why}`).join("; "),
    order.money?.price ?? "",
    toPay(order.money),
  ]);
  return writeCsv([HEAD, ...rows]);
}
