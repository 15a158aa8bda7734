import { type PDFPage, rgb } from "@cantoo/pdf-lib";
import { MARGIN, type Paper, type Pen, papers, type Style } from "./pen";

/** A stack of pages that is written from the top down; a block that does not fit goes on to the next page. */
export class PaperStack {
  private page: PDFPage;
  private left: number;
  readonly width: number;
  private readonly height: number;

  constructor(
    readonly pen: Pen,
    paper: Paper,
  ) {
    const [width, height] = papers[paper];
    this.width = width - 2 * MARGIN;
    this.height = height;
    this.page = pen.document.addPage([width, height]);
    this.left = height - MARGIN;
  }

  /** Room for a block of so many points: on this page, or on a new one. */
  block(height: number): { readonly page: PDFPage; readonly top: number } {
    if (this.left - height < MARGIN + 14) this.turn();
    const top = this.left;
    this.left -= height;
    return { page: this.page, top };
  }

  /** Goes on to a new page. */
  turn(): void {
    this.page = this.pen.document.addPage([this.width + 2 * MARGIN, this.height]);
    this.left = this.height - MARGIN;
  }

  /** What is left of this page, in points. */
  get room(): number {
    return this.left - MARGIN - 14;
  }

  /** Lines of text, kept together. */
  text(text: string, style: Style, { indent = 0, after = 3 } = {}): void {
    const lines = this.pen.wrap(text, this.width - indent, style);
    const step = style.size * 1.3;
    const { page, top } = this.block(lines.length * step + after);
    for (const [index, line] of lines.entries())
      this.pen.write(page, line, MARGIN + indent, top - style.size - index * step, style);
  }

  /** A rule across the page. */
  rule(thickness: number): void {
    const { page, top } = this.block(thickness + 4);
    page.drawLine({
      start: { x: MARGIN, y: top - 2 },
      end: { x: MARGIN + this.width, y: top - 2 },
      thickness,
      color: rgb(0, 0, 0),
    });
  }

  /** Names every page at its foot. */
  number(foot: string): void {
    const pages = this.pen.document.getPages();
    for (const [index, page] of pages.entries()) {
      this.pen.write(page, foot, MARGIN, MARGIN - 14, { size: 8 });
      const place = `${index + 1} of ${pages.length}`;
      this.pen.writeRight(page, place, MARGIN + this.width, MARGIN - 14, { size: 8 });
    }
  }
}
