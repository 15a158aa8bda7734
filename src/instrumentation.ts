/** Runs once when the server starts: takes the data folder, or says who has it. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { keepLogsQuiet } = await import("./server/quiet-log");
  keepLogsQuiet();
  const { openShop } = await import("./server/start");
  await openShop();
}
