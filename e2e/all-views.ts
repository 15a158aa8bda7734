import type { Page } from "playwright-core";
import { clientPath, orderPath } from "./browser";
import { address } from "./shop";

/** Every view by its name, for one order and one client of the demo week. */
export async function addresses(page: Page): Promise<Readonly<Record<string, string>>> {
  const order = await orderPath(page, address, "Tamsin Oyelaran", "A-line dress");
  const client = await clientPath(page, address, "Brisa Holloway");
  return {
    orders: "/",
    "orders of a state": "/?all=drafted",
    "new order": "/orders/new",
    clients: "/clients",
    client,
    "new client": "/clients/new",
    "new card": `${client}/card`,
    correction: `${client}/card?correct`,
    garment: order,
    compare: `${order}/compare`,
    again: `${order}/again`,
    cloth: `${order}/cloth`,
    "full size": `${order}/full-size`,
    projector: `${order}/projector`,
    "cut sheet": `${order}/sheet`,
    table: `${order}/table`,
    "on paper": `${order}/print`,
    making: `${order}/making`,
    pieces: `${order}/pieces`,
    fitting: `${order}/fitting`,
    counter: `${order}/counter`,
    logbook: "/log",
    practice: "/practice",
    rules: "/rules",
    shop: "/backup",
    words: "/words",
  };
}
