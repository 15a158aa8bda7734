/** The command: `npm run -s draft -- ORDER.json [--svg DIR] | --describe`. FORMATS says what goes in and out. */
import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { parseArgs } from "node:util";
import { describeCatalogue, makeSheet, type OrderError, pieceSvg, type SheetOutcome } from "../src/core/formats";

const EXIT = { sheet: 0, errors: 2, refused: 3 } as const;
const LARGEST_ORDER = 1_000_000;

function print(value: unknown): void {
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
}

function endWith(errors: readonly OrderError[]): never {
  print({ errors });
  process.exit(EXIT.errors);
}

function readText(path: string): string {
  try {
    return readFileSync(path === "-" ? 0 : path, "utf8");
  } catch {
    return endWith([
      {
        path: "",
        message: `The order ${path} cannot be read. Give the path of a JSON file, or - for standard input.`,
        nearest: null,
      },
    ]);
  }
}

function readJson(text: string): unknown {
  if (text.length > LARGEST_ORDER)
    endWith([
      {
        path: "",
        message: `The order is larger than ${LARGEST_ORDER} characters. An order holds one client's card and one garment.`,
        nearest: null,
      },
    ]);
  try {
    return JSON.parse(text.replace(/^\uFEFF/, ""));
  } catch (error) {
    return endWith([
      {
        path: "",
        message: `The order is not JSON: ${error instanceof Error ? error.message.slice(0, 200) : "it cannot be read"}.`,
        nearest: null,
      },
    ]);
  }
}

function writeSvgs(outcome: SheetOutcome, folder: string): void {
  if (outcome.kind !== "sheet") return;
  mkdirSync(folder, { recursive: true });
  for (const piece of outcome.sheet.pieces)
    writeFileSync(join(folder, `${piece.id}.svg`), pieceSvg(outcome.sheet, piece));
}

function readArguments() {
  try {
    return parseArgs({ allowPositionals: true, options: { svg: { type: "string" }, describe: { type: "boolean" } } });
  } catch (error) {
    return endWith([
      { path: "", message: error instanceof Error ? error.message : "The command's words are off.", nearest: null },
    ]);
  }
}

// A reader that has seen enough (`draft … | head`) closes its end: that is no mistake of anybody's.
process.stdout.on("error", (error: NodeJS.ErrnoException) => {
  if (error.code !== "EPIPE") throw error;
  process.exit(EXIT.sheet);
});

function main(): void {
  const { values, positionals } = readArguments();
  if (values.describe) {
    print(describeCatalogue());
    return;
  }
  const [path] = positionals;
  if (path === undefined)
    endWith([
      {
        path: "",
        message: "Name an order: npm run -s draft -- ORDER.json (or - for standard input, or --describe).",
        nearest: null,
      },
    ]);
  const outcome = makeSheet(readJson(readText(path)));
  if (values.svg !== undefined) writeSvgs(outcome, values.svg);
  print(
    outcome.kind === "sheet"
      ? outcome.sheet
      : outcome.kind === "errors"
        ? { errors: outcome.errors }
        : { refused: outcome.refused },
  );
  process.exitCode = EXIT[outcome.kind];
}

main();
