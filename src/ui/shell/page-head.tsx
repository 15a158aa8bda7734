import Link from "next/link";
import type { ReactNode } from "react";
import { FoldMark } from "./fold-mark";
import { RoomKeys } from "./room-keys";
import { RoomNav } from "./room-nav";

interface PageHeadProps {
  readonly title: string;
  /** A line under the title: who, what, by which rules. */
  readonly about?: ReactNode;
  /** Whether the pages of the room stand under the head; a sheet in work has none. */
  readonly withPages?: boolean;
  readonly children?: ReactNode;
}

/** The slim head of every page: home, who and what, and the next act at the right. */
export function PageHead({ title, about, withPages = false, children }: PageHeadProps) {
  return (
    <>
      <header className="no-print flex flex-wrap items-center gap-x-3 gap-y-2 bg-card px-3 py-2 shadow-slip sm:px-4">
        <Link
          href="/"
          prefetch={false}
          className="flex min-h-12 items-center gap-2 font-head text-lg font-semibold"
          aria-label="Inner Fold, to the orders"
        >
          <FoldMark />
          <span className="hidden md:inline">Inner Fold</span>
        </Link>
        <div className="min-w-0 flex-1 border-l-4 border-cloth pl-3">
          <h1 className="truncate text-xl">{title}</h1>
          {about !== undefined && <p className="truncate text-sm text-ink-soft">{about}</p>}
        </div>
        {children !== undefined && (
          <div className="order-last flex basis-full flex-wrap items-center gap-2 sm:order-none sm:basis-auto">
            {children}
          </div>
        )}
        <RoomKeys />
      </header>
      {withPages && <RoomNav />}
    </>
  );
}
