"use client";

import Link from "next/link";
import { usePathname } from "next/navigation";
import { roomPlaces } from "./places";

/** The pages of the room, the one that is open marked by the fold under it. */
export function RoomNav() {
  const path = usePathname();
  return (
    <nav aria-label="Pages" className="no-print relative overflow-x-auto bg-card-deep">
      <ul className="flex min-w-max px-2">
        {roomPlaces.map(({ path: own, label }) => (
          <li key={own}>
            <Link
              href={own}
              prefetch={false}
              aria-current={path === own ? "page" : undefined}
              className="flex min-h-12 items-center border-b-4 border-transparent px-4 font-semibold aria-[current=page]:border-cloth aria-[current=page]:bg-card hover:bg-card"
            >
              {label}
            </Link>
          </li>
        ))}
      </ul>
    </nav>
  );
}
