import { nameGarment } from "@/core/garments";
import { database, listClients, listOrders } from "@/db";

/** A client or an order that a few letters can find. */
export interface Findable {
  readonly kind: "client" | "order";
  readonly path: string;
  readonly label: string;
  readonly about: string;
}

/** Everything in the book that has a page of its own; what is collected comes last. */
export async function listFindable(): Promise<readonly Findable[]> {
  const db = await database();
  const clients = (await listClients(db)).map(({ id, name }) => ({
    kind: "client" as const,
    path: `/clients/${id}`,
    label: name,
    about: "client",
  }));
  const orders = (await listOrders(db)).map((order) => ({
    kind: "order" as const,
    path: `/orders/${order.id}/${order.alteration === null ? "sheet" : "alteration"}`,
    label: `${order.clientName}: ${order.alteration?.what ?? nameGarment(order)}`,
    about: `no. ${order.number}, ${order.state}`,
  }));
  return [...clients, ...orders];
}
