import * as v from "valibot";

const id = v.pipe(v.string(), v.uuid());

/** An id that came from outside; undefined when it is none, so that nothing else reaches the database. */
export function readId(input: unknown): string | undefined {
  const parsed = v.safeParse(id, input);
  return parsed.success ? parsed.output : undefined;
}
