import { type CutSheet, drawAllFullSize, writeFullSizeSvg } from "@/core/formats";
import { fileResponse } from "../downloads";
import { loadSheet } from "../load";
import { writeDxf } from "./full-size-dxf";
import { printOnePage, printTiles } from "./full-size-pdf";

interface FullSizeFile {
  readonly type: string;
  readonly write: (sheet: CutSheet) => string | Promise<Uint8Array>;
}

/** Every file in which the pieces can be had at full size. */
const files: Readonly<Record<string, FullSizeFile>> = {
  "tiles-a4.pdf": { type: "application/pdf", write: (sheet) => printTiles(sheet, "a4") },
  "tiles-letter.pdf": { type: "application/pdf", write: (sheet) => printTiles(sheet, "letter") },
  "one-page.pdf": { type: "application/pdf", write: printOnePage },
  "pieces.svg": { type: "image/svg+xml", write: (sheet) => writeFullSizeSvg(drawAllFullSize(sheet, 60)) },
  "pieces.dxf": { type: "image/vnd.dxf", write: writeDxf },
};

/** The pieces of an order at full size, as one of those files. */
export async function downloadFullSize(orderId: string, name: string): Promise<Response> {
  const file = Object.hasOwn(files, name) ? files[name] : undefined;
  if (file === undefined) return new Response(null, { status: 404 });
  const { order, outcome } = await loadSheet(orderId);
  if (outcome.kind !== "sheet") return new Response("This order cannot be drawn as it stands.", { status: 409 });
  const content = await file.write(outcome.sheet);
  return fileResponse(content, file.type, `no-${order.number}-${name}`, file.type === "application/pdf");
}
