import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { nameGarment } from "@/core/garments";
import { countCut, openSize, placeAgain, standOfPieces } from "@/core/making";
import { loadSheet } from "@/server/load";
import { type PieceRow, PiecesView } from "@/ui/pieces/pieces-view";
import { PageHead } from "@/ui/shell/page-head";

export const metadata: Metadata = { title: "Pieces" };
export const dynamic = "force-dynamic";

/** How each piece of a garment stands, from the fold to the seam; what is spoilt is cut again on what is left. */
export default async function PiecesPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { order, client, outcome, frozenAt, isCut, progress } = await loadSheet((await params).id);
  if (outcome.kind !== "sheet") notFound();
  const { sheet } = outcome;
  const spoilt = order.spoilt.map(({ piece, copies, again }) => ({ piece, copies, again: again !== null }));
  const stands = standOfPieces(sheet, new Set(progress?.done), isCut, spoilt);
  const { cut, all } = countCut(stands);
  const rows = sheet.pieces.map((piece, index): PieceRow => {
    const stand = stands[index];
    return {
      id: piece.id,
      name: piece.name,
      cloth: piece.cloth,
      copies: piece.cut.copies,
      mirrored: piece.cut.mirrored,
      half: piece.half,
      state: stand?.state ?? "planned",
      missing: stand?.missing ?? 0,
      open: openSize(piece),
      place: piece.cloth === "main" ? placeAgain(sheet.cloth.left, piece) : null,
    };
  });
  return (
    <>
      <PageHead
        title={`Pieces: ${nameGarment(order)} for ${client.name}`}
        about={`No. ${order.number} · ${cut} of ${all} cut`}
      >
        <Link href={`/orders/${order.id}/making`} className="button" prefetch={false}>
          Making
        </Link>
        <Link href={`/orders/${order.id}/sheet`} className="button" prefetch={false}>
          Cut sheet
        </Link>
      </PageHead>
      <main>
        <PiecesView orderId={order.id} rows={rows} spoilt={order.spoilt} unit={order.unit} isCut={frozenAt !== null} />
      </main>
    </>
  );
}
