/** What stood in the way of an action, in words; nothing when it was done. */
export const said = (result: { ok: boolean; errors?: readonly { message: string }[] }): string =>
  result.ok ? "" : (result.errors ?? []).map(({ message }) => message).join(" ");
