/**
 * Adds to the lockfile the optional packages of other platforms that npm leaves out when it writes it here;
 * without them `npm ci` says that package.json and the lockfile disagree. Run after every change of packages.
 */
import { readFileSync, writeFileSync } from "node:fs";

const SYSTEMS = ["android", "darwin", "freebsd", "linux", "netbsd", "openbsd", "openharmony", "sunos", "win32", "aix"];
const PROCESSORS = ["arm64", "arm", "x64", "ia32", "loong64", "mips64el", "ppc64", "riscv64", "s390x", "wasm32"];

/** Reads the platform off a package's name: `@next/swc-linux-arm64-musl`. */
function platformOf(name) {
  if (name === "fsevents") return { os: ["darwin"] };
  const words = name.split(/[-/.]/);
  const os = SYSTEMS.filter((system) => words.includes(system) || (system === "linux" && words.includes("linuxmusl")));
  const cpu = PROCESSORS.filter((processor) => words.includes(processor));
  if (os.length + cpu.length === 0) return null;
  return { ...(cpu.length > 0 && { cpu }), ...(os.length > 0 && { os }) };
}

const lock = JSON.parse(readFileSync("package-lock.json", "utf8"));
const unknown = [];
let added = 0;
for (const [path, entry] of Object.entries(lock.packages)) {
  for (const [name, range] of Object.entries(entry.optionalDependencies ?? {})) {
    const places = [`${path}/node_modules/${name}`, `node_modules/${name}`];
    if (places.some((place) => lock.packages[place] !== undefined)) continue;
    const platform = platformOf(name);
    if (platform === null) unknown.push(name);
    else {
      // Two versions of one package are told apart by where they lie.
      const shared = Object.values(lock.packages).filter(
        (other) => other.optionalDependencies?.[name] !== undefined && other.optionalDependencies[name] !== range,
      );
      lock.packages[shared.length > 0 && path !== "" ? `${path}/node_modules/${name}` : `node_modules/${name}`] = {
        version: range.replace(/^[^\d]*/, ""),
        ...platform,
        optional: true,
      };
      added += 1;
    }
  }
}
lock.packages = Object.fromEntries(Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : 1)));
writeFileSync("package-lock.json", `${JSON.stringify(lock, null, 2)}\n`);
process.stdout.write(
  `${added} optional packages added to the lockfile${unknown.length > 0 ? `; not known: ${unknown.join(", ")}` : ""}\n`,
);
