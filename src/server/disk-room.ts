import { accessSync, constants, statfsSync } from "node:fs";
import { dataFolder } from "@/db/data-folder";

/** How the disk stands that the book lies on. */
export type DiskRoom = "well" | "full" | "read-only";

/** With less than this nothing is begun: the book's log alone takes a quarter of it at a time. */
const LEAST_BYTES = 64 * 2 ** 20;
/** It is looked at no more often. */
const EVERY_MS = 500;

let [looked, found]: [number, DiskRoom] = [0, "well"];

/** Looks at the folder of the book now. */
export function lookAtDisk(folder: string, least = LEAST_BYTES): DiskRoom {
  try {
    accessSync(folder, constants.W_OK);
    const { bavail, bsize } = statfsSync(folder);
    return bavail * bsize < least ? "full" : "well";
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    return code === "EROFS" || code === "EACCES" || code === "EPERM" ? "read-only" : "well";
  }
}

export function diskRoom(): DiskRoom {
  const now = Date.now();
  if (now - looked > EVERY_MS) [looked, found] = [now, lookAtDisk(dataFolder())];
  return found;
}

/** What is said where nothing can be kept. */
export const diskSaid: Readonly<Record<Exclude<DiskRoom, "well">, string>> = {
  full: "The disk of the shop's computer is full: nothing was kept. Make room on it, then try again; what you wrote stays here.",
  "read-only":
    "The shop's computer may not write in its data folder: nothing was kept. Give it leave to, then try again; what you wrote stays here.",
};
