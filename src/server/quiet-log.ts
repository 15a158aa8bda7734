/** What a failed query was asked with: names and readings, which no log may hold. */
const ASKED_WITH = /\n?params: [\s\S]*?(?=\n {4}at |$)/g;

/** What a log may say of something: an error by its words and place, without what was asked or answered. */
export function quietly(said: unknown): unknown {
  if (!(said instanceof Error)) return typeof said === "string" ? said.replace(ASKED_WITH, "") : said;
  const cause = said.cause instanceof Error ? `\n  because: ${said.cause.name}: ${said.cause.message}` : "";
  return `${(said.stack ?? `${said.name}: ${said.message}`).replace(ASKED_WITH, "")}${cause}`;
}

/** From now on nothing that is logged holds what a query was asked with. */
export function keepLogsQuiet(log: Pick<Console, "error" | "warn" | "log"> = console): void {
  for (const kind of ["error", "warn", "log"] as const) {
    const say = log[kind].bind(log);
    log[kind] = (...said: readonly unknown[]) => say(...said.map(quietly));
  }
}
