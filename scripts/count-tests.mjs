/** Adds up the tests of several runs into one closing line. */
import { readFileSync } from "node:fs";

const runs = process.argv.slice(2).map((path) => JSON.parse(readFileSync(path, "utf8")));
const sum = (key) => runs.reduce((total, run) => total + run[key], 0);
process.stdout.write(`tests: ${sum("numPassedTests")} passed, ${sum("numFailedTests")} failed\n`);
