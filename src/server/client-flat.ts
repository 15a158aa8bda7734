import { flatSvg, makeSheet } from "@/core/formats";
import { findGarment } from "@/core/garments";
import { database, findClient, findShop, listCards } from "@/db";
import { readId } from "./ids";
import { cardReadings } from "./readings";

/** So many pictures are kept ready; the oldest goes when a new one comes. */
const KEPT = 400;
const ready = new Map<string, string | null>();

function keep(key: string, svg: string | null): string | null {
  ready.set(key, svg);
  for (const old of [...ready.keys()].slice(0, Math.max(0, ready.size - KEPT))) ready.delete(old);
  return svg;
}

/** A garment as it would look on a client, by her newest card and the garment's own choices; null where it cannot be drawn. */
export async function drawClientFlat(clientId: string, garmentId: string): Promise<string | null> {
  const db = await database();
  const id = readId(clientId) ?? "";
  const [client, garment] = [await findClient(db, id), findGarment(garmentId)];
  const [card] = client === undefined ? [] : await listCards(db, id);
  if (card === undefined || garment === undefined) return null;
  const key = `${card.id} ${card.revision} ${garment.id}`;
  const known = ready.get(key);
  if (known !== undefined) return known;
  const readings = cardReadings(card, (await findShop(db)).unit);
  const measurements = Object.fromEntries(
    Object.entries(readings).map(([reading, inches]) => [reading, `${inches} in`]),
  );
  const outcome = makeSheet({
    garment: garment.id,
    unit: "in",
    client: { card: { figure: card.figure, measurements } },
  });
  return keep(key, outcome.kind === "sheet" ? flatSvg(outcome.sheet) : null);
}
