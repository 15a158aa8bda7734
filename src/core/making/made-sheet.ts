import type { Inches } from "../length";

/** An edge of a cut piece, as far as sewing asks. */
export interface MadeEdge {
  readonly id: string;
  readonly role: string;
  readonly onFold: boolean;
  readonly allowance: Inches;
  /** Where it starts, across from the centre line and down. */
  readonly start: readonly [Inches, Inches];
}

/** A cut piece, as far as sewing asks. */
export interface MadePiece {
  readonly id: string;
  /** Left out in sheets frozen before garments had parts: then all is body. */
  readonly part?: string | undefined;
  readonly half: "front" | "back" | null;
  readonly cloth: string;
  readonly cut: { readonly on: string; readonly copies: number };
  readonly edges: readonly MadeEdge[];
  readonly darts: readonly { readonly id: string; readonly sewn: boolean }[];
  readonly notches: readonly { readonly id: string; readonly edge: string }[];
  readonly marks: readonly { readonly id: string }[];
}

export interface MadeSeam {
  readonly id: string;
  readonly a: readonly string[];
  readonly b: readonly string[];
  readonly ease: Inches;
  readonly ratio?: number | undefined;
}

/** What the make-up order is read from: a cut sheet has all of it, and so has a frozen one of before. */
export interface MadeSheet {
  readonly pieces: readonly MadePiece[];
  readonly seams: readonly MadeSeam[];
  readonly resolved: { readonly choices: Readonly<Record<string, string | boolean | number>> };
  readonly notions?: readonly { readonly id: string }[] | undefined;
  readonly checks: readonly { readonly id: string }[];
}

const pieceOf = (reference: string): string => reference.split("/")[0] ?? "";
const edgeOf = (reference: string): string => reference.split("/")[1] ?? "";

/** A sheet asked for what sewing wants to know of it. */
export class Made {
  readonly choices: MadeSheet["resolved"]["choices"];
  readonly #byId: ReadonlyMap<string, MadePiece>;

  constructor(private readonly sheet: MadeSheet) {
    this.choices = sheet.resolved.choices;
    this.#byId = new Map(sheet.pieces.map((piece) => [piece.id, piece]));
  }

  get pieces(): readonly MadePiece[] {
    return this.sheet.pieces;
  }

  piece(id: string): MadePiece | undefined {
    return this.#byId.get(id);
  }

  /** Pieces by their ids' pattern, in the order of the sheet. */
  named(pattern: RegExp): readonly string[] {
    return this.sheet.pieces.filter(({ id }) => pattern.test(id)).map(({ id }) => id);
  }

  /** Seams that are sewn from edges of a role, or to them. */
  seamsOf(role: string): readonly MadeSeam[] {
    return this.sheet.seams.filter(({ a }) => a.some((one) => this.role(one) === role));
  }

  seamsNamed(pattern: RegExp): readonly MadeSeam[] {
    return this.sheet.seams.filter(({ id }) => pattern.test(id));
  }

  role(reference: string): string {
    return this.edge(reference)?.role ?? "";
  }

  edge(reference: string): MadeEdge | undefined {
    return this.piece(pieceOf(reference))?.edges.find(({ id }) => id === edgeOf(reference));
  }

  /** The pieces of a row of edges, each once. */
  piecesOf(row: readonly string[]): readonly string[] {
    return [...new Set(row.map(pieceOf))];
  }

  /** The seam that an edge of a row has; the widest where they differ. */
  allowanceOf(row: readonly string[]): Inches {
    return Math.max(0, ...row.map((one) => this.edge(one)?.allowance ?? 0));
  }

  /** Notches that both rows have, so that they can be met. */
  notchesOf(seam: MadeSeam): readonly string[] {
    const on = (row: readonly string[]) =>
      new Set(
        row.flatMap((one) =>
          (this.piece(pieceOf(one))?.notches ?? []).filter(({ edge }) => edge === edgeOf(one)).map(({ id }) => id),
        ),
      );
    const [first, second] = [on(seam.a), on(seam.b)];
    return [...first].filter((id) => second.has(id));
  }

  chosen(id: string): string {
    return String(this.choices[id] ?? "");
  }

  /** Whether something was found about it. */
  finds(check: string): boolean {
    return this.sheet.checks.some(({ id }) => id === check);
  }

  /** Whether something is bought for it. */
  buys(notion: string): boolean {
    return this.sheet.notions?.some(({ id }) => id === notion) ?? false;
  }
}
