/** What went wrong, in its own words: an object without any is said whole, never as `[object Object]`. */
export function sayError(error: unknown): string {
  if (error instanceof Error) return error.message;
  const said = (error as { message?: unknown } | null)?.message;
  if (typeof said === "string") return said;
  return typeof error === "object" ? JSON.stringify(error) : String(error);
}
