import { readFile } from "node:fs/promises";
import { join } from "node:path";
import fontkit from "@cantoo/fontkit";
import { PDFDocument, type PDFFont, type PDFPage, rgb } from "@cantoo/pdf-lib";
import { fractionGlyphs } from "@/core/length";

export const papers = { a4: [595.28, 841.89], letter: [612, 792] } as const;
export type Paper = keyof typeof papers;

/** Points of room round every page. */
export const MARGIN = 42;

export interface Style {
  readonly size: number;
  readonly bold?: boolean;
}

/** The typeface comes in a file for each script; the first that has a letter draws it. */
const SCRIPTS = ["latin", "latin-ext", "cyrillic", "greek", "vietnamese"] as const;
const FONTS = join(/* turbopackIgnore: true */ process.cwd(), "node_modules", "@fontsource", "commissioner", "files");

interface Face {
  readonly font: PDFFont;
  readonly letters: ReadonlySet<number>;
}

type Faces = readonly Face[];

async function embed(document: PDFDocument, weight: 400 | 700): Promise<Faces> {
  return Promise.all(
    SCRIPTS.map(async (script) => {
      const file = await readFile(join(FONTS, `commissioner-${script}-${weight}-normal.woff`));
      const font = await document.embedFont(file, { subset: true });
      return { font, letters: new Set(font.getCharacterSet()) };
    }),
  );
}

interface Run {
  readonly text: string;
  readonly face: Face;
  /** How much smaller and higher than the line: the parts of a fraction. */
  readonly scale: number;
  readonly rise: number;
}

const FRACTION = /([½¼¾⅛⅜⅝⅞⅓⅔]|\d+⁄\d+)/;
/** A letter that no script of the typeface has. */
const UNKNOWN = "?";

/** Writes words and tape readings on the pages of one document; fractions are set small, above and below a slash. */
export class Pen {
  private constructor(
    readonly document: PDFDocument,
    private readonly plain: Faces,
    private readonly bold: Faces,
  ) {}

  static async take(title: string): Promise<Pen> {
    const document = await PDFDocument.create();
    document.registerFontkit(fontkit);
    document.setTitle(title);
    return new Pen(document, await embed(document, 400), await embed(document, 700));
  }

  private runs(text: string, { bold = false }: Style): readonly Run[] {
    const faces = bold ? this.bold : this.plain;
    const plain = (part: string, scale: number, rise: number): readonly Run[] => {
      const runs: Run[] = [];
      for (const letter of part) {
        const face = faces.find(({ letters }) => letters.has(letter.codePointAt(0) ?? 0));
        const drawn = face === undefined ? UNKNOWN : letter;
        const by = face ?? faces[0];
        const last = runs.at(-1);
        if (by === undefined) continue;
        if (last?.face === by) runs[runs.length - 1] = { ...last, text: last.text + drawn };
        else runs.push({ text: drawn, face: by, scale, rise });
      }
      return runs;
    };
    return text.split(FRACTION).flatMap((part, index) => {
      if (index % 2 === 0) return plain(part, 1, 0);
      const [top = "", bottom = ""] = (fractionGlyphs[part] ?? part.replace("⁄", "/")).split("/");
      return [...plain(top, 0.62, 0.34), ...plain("/", 0.86, 0.04), ...plain(bottom, 0.62, -0.02)];
    });
  }

  /** Whether every letter of a text is in the typeface; a name in another script is printed with signs in its place. */
  has(text: string): boolean {
    return [...text].every((letter) => this.plain.some(({ letters }) => letters.has(letter.codePointAt(0) ?? 0)));
  }

  width(text: string, style: Style): number {
    return this.runs(text, style).reduce(
      (sum, { text: part, face, scale }) => sum + face.font.widthOfTextAtSize(part, style.size * scale),
      0,
    );
  }

  /** Writes one line with its left end at `x` and its foot at `y`, in points from the lower left corner. */
  write(page: PDFPage, text: string, x: number, y: number, style: Style): void {
    let at = x;
    for (const { text: part, face, scale, rise } of this.runs(text, style)) {
      const size = style.size * scale;
      page.drawText(part, { x: at, y: y + rise * style.size, size, font: face.font, color: rgb(0, 0, 0) });
      at += face.font.widthOfTextAtSize(part, size);
    }
  }

  /** Writes one line with its right end at `x`. */
  writeRight(page: PDFPage, text: string, x: number, y: number, style: Style): void {
    this.write(page, text, x - this.width(text, style), y, style);
  }

  /** Breaks a text at its words into lines no wider than `room`. */
  wrap(text: string, room: number, style: Style): readonly string[] {
    const lines: string[] = [];
    for (const word of text.split(/\s+/)) {
      const last = lines.at(-1);
      const longer = last === undefined ? word : `${last} ${word}`;
      if (last !== undefined && this.width(longer, style) <= room) lines[lines.length - 1] = longer;
      else lines.push(word);
    }
    return lines;
  }
}
