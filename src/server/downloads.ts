import { randomUUID } from "node:crypto";
import { join } from "node:path";
import { type CutSheet, type Order, withChecks } from "@/core/formats";
import { nameGarment } from "@/core/garments";
import { database, dataFolder, findProgress, listAllCards, listLog, listRuleSets, listTakes } from "@/db";
import { writeCardCsv } from "./backup/card-csv";
import { copyBookTo, findDump } from "./backup/dumps";
import { writeLogCsv } from "./backup/log-csv";
import { streamFile } from "./backup/unnamed-file";
import { loadClient, loadSheet } from "./load";
import { nameSet, writeOrder } from "./order-document";
import { printCutSheet } from "./pdf/cut-sheet";
import { type Paper, papers } from "./pdf/pen";
import { printStepList } from "./pdf/step-list";
import { today } from "./readings";

/** A file that the browser keeps or shows. */
export function fileResponse(
  content: string | Uint8Array | ReadableStream<Uint8Array>,
  type: string,
  name: string,
  shown = false,
): Response {
  // A name may hold any letter; the plain one is for those who read no other.
  const plain = name.replace(/[^\w.-]+/g, "-");
  const disposition = `${shown ? "inline" : "attachment"}; filename="${plain}"; filename*=UTF-8''${encodeURIComponent(name)}`;
  return new Response(content as BodyInit, {
    headers: { "Content-Type": type, "Content-Disposition": disposition, "Cache-Control": "no-store" },
  });
}

/** The whole shop, as one open file. */
export async function downloadShop(): Promise<Response> {
  const place = join(dataFolder(), `sent-${randomUUID()}.part`);
  await copyBookTo(place, await database(), new Date());
  return fileResponse(streamFile(place, true), "application/json", `inner-fold-shop-${today()}.json`);
}

/** A copy that the shop wrote by itself. */
export async function downloadDump(name: string): Promise<Response> {
  const place = await findDump(name);
  if (place === null) return new Response(null, { status: 404 });
  return fileResponse(streamFile(place), "application/json", name);
}

/** Every card, as a table. */
export async function downloadCards(): Promise<Response> {
  const csv = writeCardCsv(await listAllCards(await database()));
  return fileResponse(csv, "text/csv; charset=utf-8", `inner-fold-cards-${today()}.csv`);
}

/** Every garment that was cut, as a table. */
export async function downloadLog(): Promise<Response> {
  const db = await database();
  const csv = writeLogCsv(await listLog(db, { letters: "", garment: "" }));
  return fileResponse(csv, "text/csv; charset=utf-8", `inner-fold-log-${today()}.csv`);
}

/** All that the shop knows of one client: cards, notes, orders as they would be written to a file, their days, what was cut from and how far the table came. */
export async function downloadClient(id: string): Promise<Response> {
  const { client, cards, orders, notes } = await loadClient(id);
  const db = await database();
  const ownSets = await listRuleSets(db);
  const document = (order: (typeof orders)[number]): Order | null => {
    const card = cards.find((one) => one.id === order.cardId);
    return card === undefined ? null : writeOrder(order, { client, card, notes, ownSets });
  };
  const file = {
    format: "inner-fold/client",
    version: 1,
    name: client.name,
    cards: cards.map(({ takenOn, readings }) => ({ takenOn, readings })),
    figureNotes: notes.map(({ piece, line, amount, why, inUse }) => ({ piece, line, amount, why, inUse })),
    orders: await Promise.all(
      orders.map(async (order) => {
        const [takes, progress] = [await listTakes(db, order.id), await findProgress(db, order.id)];
        const { number, state, promisedOn, fittings } = order;
        return {
          number,
          state,
          promisedOn,
          fittings,
          order: document(order),
          cut: takes[0] ?? null,
          drawnAnew: takes.slice(1),
          table: progress ?? null,
        };
      }),
    ),
  };
  return fileResponse(JSON.stringify(file, null, 1), "application/json", `${client.name}.json`);
}

const kinds = {
  steps: { print: printStepList, name: "step-list" },
  sheet: { print: printCutSheet, name: "cut-sheet" },
} as const;

/** The step list or the cut sheet on paper. */
export async function downloadPdf(orderId: string, kind: string, paper: string): Promise<Response> {
  if (!Object.hasOwn(kinds, kind) || !Object.hasOwn(papers, paper)) return new Response(null, { status: 404 });
  const { order, client, outcome, ownSets, progress } = await loadSheet(orderId);
  if (outcome.kind !== "sheet") return new Response("This order cannot be drawn as it stands.", { status: 409 });
  const sheet: CutSheet = withChecks(outcome.sheet, progress?.checks ?? {}, progress?.done ?? []);
  const garment = nameGarment(order);
  const head = { client: client.name, number: order.number, garment, rules: nameSet(order.rules, ownSets) };
  const { print, name } = kinds[kind as keyof typeof kinds];
  const bytes = await print(sheet, head, paper as Paper);
  return fileResponse(bytes, "application/pdf", `${name}-no-${order.number}.pdf`, true);
}
