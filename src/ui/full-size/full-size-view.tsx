import Link from "next/link";
import { type CutSheet, calibrationSide, drawAllFullSize, writeFullSizeSvg } from "@/core/formats";
import { formatLengthWithUnit } from "@/core/length";

const files = [
  { file: "tiles-a4.pdf", title: "On A4 sheets", about: "Many pages to lay on one another; any printer." },
  { file: "tiles-letter.pdf", title: "On Letter sheets", about: "The same, for Letter paper." },
  { file: "one-page.pdf", title: "On one long page", about: "For a plotter's roll, 36 in wide." },
  { file: "pieces.svg", title: "As an open drawing (SVG)", about: "One unit is one inch." },
  { file: "pieces.dxf", title: "For another drawing program (DXF)", about: "Inches; a layer for each kind of line." },
] as const;

/** Every way to have the pieces at full size, and what is measured before anything is cut. */
export function FullSizeView({ orderId, sheet }: { readonly orderId: string; readonly sheet: CutSheet }) {
  const drawing = writeFullSizeSvg(drawAllFullSize(sheet, 60));
  const side = formatLengthWithUnit(calibrationSide(sheet), sheet.unit);
  return (
    <div className="mx-auto grid max-w-6xl gap-4 p-4 lg:grid-cols-[1fr_1fr]">
      <section className="slip fold-edge p-4" aria-label="Files">
        <p className="mb-3">
          You chalk without paper. These are for a client who wants the pieces, for a plotter, or to check a chalked
          piece. Print at 100 %, measure the square first: <strong>{side}</strong> each way.
        </p>
        <ul className="space-y-2">
          {files.map(({ file, title, about }) => (
            <li key={file}>
              <a
                href={`/orders/${orderId}/full-size/${file}`}
                className="button w-full flex-col items-start gap-0 text-left"
              >
                <span>{title}</span>
                <span className="text-sm font-normal text-ink-soft">{about}</span>
              </a>
            </li>
          ))}
          <li>
            <Link href={`/orders/${orderId}/projector`} prefetch={false} className="button button-next w-full">
              Throw it on the table
            </Link>
          </li>
        </ul>
      </section>
      <section className="slip p-4" aria-label="The pieces">
        {/* biome-ignore lint/performance/noImgElement: the picture is in the page, there is nothing to fetch */}
        <img
          src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(drawing)}`}
          alt="Every piece side by side, with the square to measure"
          className="max-h-[78dvh] w-full object-contain"
        />
      </section>
    </div>
  );
}
