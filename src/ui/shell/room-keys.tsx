"use client";

import { Keyboard, Search } from "lucide-react";
import dynamic from "next/dynamic";
import { useEffect, useState } from "react";
import { isWriting } from "./keys";

const Finder = dynamic(() => import("./finder"), { ssr: false });
const KeyMap = dynamic(() => import("./key-map").then((module) => module.KeyMap), { ssr: false });

type OnTop = "finder" | "keys" | null;

const tool = "size-12 place-items-center rounded-md hover:bg-card-deep";

/** Find and the keyboard map: by touch in the head of a page, by key everywhere. Both come only when they are wanted. */
export function RoomKeys() {
  const [onTop, setOnTop] = useState<OnTop>(null);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k") setOnTop("finder");
      else if (event.key === "?" && !isWriting(event.target)) setOnTop("keys");
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, []);
  return (
    <div className="flex">
      <button
        type="button"
        className={`${tool} grid`}
        aria-label="Find"
        title="Find (Ctrl K)"
        onClick={() => setOnTop("finder")}
      >
        <Search aria-hidden="true" />
      </button>
      <button
        type="button"
        className={`${tool} hidden sm:grid`}
        aria-label="Keys"
        title="Keys (?)"
        onClick={() => setOnTop("keys")}
      >
        <Keyboard aria-hidden="true" />
      </button>
      {onTop === "finder" && <Finder open onOpen={(open) => setOnTop(open ? "finder" : null)} />}
      {onTop === "keys" && <KeyMap open onOpen={(open) => setOnTop(open ? "keys" : null)} />}
    </div>
  );
}
