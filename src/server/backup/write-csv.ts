import Papa from "papaparse";

/**
 * Rows as a table that every table program opens. Formulas are escaped: a name that starts with an equals sign must not
 * compute anything there.
 */
export function writeCsv(rows: readonly (readonly string[])[]): string {
  // Every cell in quotes: where a table program splits at semicolons, none of them starts a cell. The mark tells it the letters.
  return `\uFEFF${Papa.unparse(rows as string[][], { escapeFormulae: true, newline: "\r\n", quotes: true })}`;
}
