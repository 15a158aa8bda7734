/** Fails when a file imports against the direction of the house (DESIGN: the house). Says file, line and rule. */
import { readdirSync, readFileSync } from "node:fs";
import { dirname, join, relative, resolve } from "node:path";

const ROOT = resolve("src");

/** Folders of the core from the floor up: each imports only from those before it in its own row. */
const CORE_MAY_IMPORT: Readonly<Record<string, readonly string[]>> = {
  length: [],
  geometry: ["length"],
  packing: ["length", "geometry"],
  body: ["length"],
  rules: ["length", "geometry", "body"],
  chalk: ["length", "geometry", "body", "rules"],
  blocks: ["length", "geometry", "body", "rules", "chalk"],
  parts: ["length", "geometry", "body", "rules", "chalk", "blocks"],
  garments: ["length", "geometry", "body", "rules", "chalk", "blocks", "parts"],
  checks: ["length", "geometry", "body", "rules", "chalk"],
  cloth: ["length", "geometry", "packing", "body", "rules", "chalk", "checks"],
  table: ["length", "geometry", "rules", "chalk", "cloth"],
  making: ["length", "chalk"],
  wording: ["length", "body", "rules", "chalk", "checks", "cloth", "table", "making"],
  formats: [
    "length",
    "geometry",
    "packing",
    "body",
    "rules",
    "chalk",
    "garments",
    "checks",
    "cloth",
    "table",
    "making",
    "wording",
  ],
  practice: ["length", "body", "formats"],
};

/** Outside the core: the interface asks the server, the server asks the database, everything may ask the core. */
const OUTSIDE_MAY_IMPORT: Readonly<Record<string, readonly string[]>> = {
  core: [],
  db: ["core"],
  server: ["core", "db"],
  workers: ["core"],
  ui: ["core", "server", "db", "workers"],
  app: ["core", "server", "db", "ui"],
};

/** Pages and components know the database by its types alone. */
const TYPES_ONLY: readonly (readonly [string, string])[] = [
  ["ui", "db"],
  ["app", "db"],
];

interface Import {
  readonly file: string;
  readonly line: number;
  readonly from: string;
  readonly typeOnly: boolean;
}

function listFiles(folder: string): readonly string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return listFiles(path);
    return /\.tsx?$/.test(entry.name) && !/\.test(-data)?\.tsx?$/.test(entry.name) ? [path] : [];
  });
}

function readImports(file: string): readonly Import[] {
  const text = readFileSync(file, "utf8");
  const statements = [
    ...text.matchAll(
      /(?:^|\n)\s*(import|export)\s+(type\s+)?[^;]*?from\s+["']([^"']+)["']|import\(\s*["']([^"']+)["']\s*\)/g,
    ),
  ];
  return statements.map((match) => ({
    file,
    line: text.slice(0, (match.index ?? 0) + 1).split("\n").length,
    from: match[3] ?? match[4] ?? "",
    typeOnly: match[2] !== undefined,
  }));
}

/** The file or folder under `src` that an import means; null for packages. */
function target({ file, from }: Import): string | null {
  if (from.startsWith("@/")) return from.slice(2);
  return from.startsWith(".") ? relative(ROOT, resolve(dirname(file), from)) : null;
}

/** Files that every folder of the core stands on. */
const FLOOR: readonly string[] = ["result", "seeded"];

function judgeCore(own: readonly string[], other: readonly string[]): string | null {
  const [, ownFolder = ""] = own;
  const [, otherFolder = "", ...inside] = other;
  if (FLOOR.includes(otherFolder) || ownFolder === otherFolder) return null;
  if (!(CORE_MAY_IMPORT[ownFolder] ?? []).includes(otherFolder))
    return `core/${ownFolder} may not import from core/${otherFolder}`;
  return inside.length > 0 ? `from outside a folder only its index is imported: core/${otherFolder}` : null;
}

function judge(one: Import): string | null {
  const to = target(one);
  if (to === null) return null;
  const own = relative(ROOT, one.file).split("/");
  const other = to.split("/");
  const [ownRoom = "", otherRoom = ""] = [own[0], other[0]];
  if (ownRoom === "core" && otherRoom === "core") return judgeCore(own, other);
  if (ownRoom === otherRoom || own.length === 1) return null;
  if (!(OUTSIDE_MAY_IMPORT[ownRoom] ?? []).includes(otherRoom)) return `${ownRoom} may not import from ${otherRoom}`;
  if (TYPES_ONLY.some(([from, into]) => from === ownRoom && into === otherRoom) && !one.typeOnly)
    return `${ownRoom} may import only types from ${otherRoom}`;
  return null;
}

/** Files of the core that import each other in a ring. */
function findRings(imports: readonly Import[]): readonly string[] {
  const graph = new Map<string, string[]>();
  for (const one of imports) {
    const to = target(one);
    if (to !== null) graph.set(one.file, [...(graph.get(one.file) ?? []), join(ROOT, to)]);
  }
  const done = new Set<string>();
  const rings: string[] = [];
  const walk = (file: string, way: readonly string[]): void => {
    if (way.includes(file))
      rings.push([...way.slice(way.indexOf(file)), file].map((path) => relative(ROOT, path)).join(" → "));
    if (way.includes(file) || done.has(file)) return;
    for (const next of graph.get(file) ?? []) {
      const found = [`${next}.ts`, `${next}.tsx`, join(next, "index.ts")].find((path) => graph.has(path));
      if (found !== undefined) walk(found, [...way, file]);
    }
    done.add(file);
  };
  for (const file of graph.keys()) walk(file, []);
  return rings;
}

const imports = listFiles(ROOT).flatMap(readImports);
const broken = imports.flatMap((one) => {
  const rule = judge(one);
  return rule === null ? [] : [`${relative(".", one.file)}:${one.line} imports ${one.from}: ${rule}`];
});
const rings = findRings(imports).map((ring) => `a ring of imports: ${ring}`);
for (const line of [...broken, ...rings]) process.stderr.write(`${line}\n`);
process.stdout.write(`${imports.length} imports, ${broken.length} against the house, ${rings.length} rings\n`);
process.exitCode = broken.length + rings.length > 0 ? 1 : 0;
