import { inject } from "vitest";

const served = inject("served");
const own = served[(Number(process.env.VITEST_POOL_ID ?? 1) - 1) % served.length];
if (own === undefined) throw new Error("expected a served shop for this worker, found none");

/** The shop of this worker: where it answers, and where its data lies. */
export const { address, folder } = own;
