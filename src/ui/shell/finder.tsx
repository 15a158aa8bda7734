"use client";

import { Command } from "cmdk";
import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import type { Findable } from "@/server/find";
import { places } from "./places";
import { SlipDialog } from "./slip-dialog";

const item =
  "flex min-h-12 cursor-pointer items-center justify-between gap-4 rounded-md px-3 py-2 data-[selected=true]:bg-cloth data-[selected=true]:text-chalk";

/** What holds the letters as they were typed is found; nothing that only resembles them. */
function holdsLetters(value: string, letters: string): number {
  return value.toLowerCase().includes(letters.trim().toLowerCase()) ? 1 : 0;
}

/** Finds a client, an order or a page by a few letters. What can be found is fetched when it is opened. */
export default function Finder({ open, onOpen }: { readonly open: boolean; readonly onOpen: (open: boolean) => void }) {
  const router = useRouter();
  const [found, setFound] = useState<readonly Findable[]>([]);
  const [said, setSaid] = useState("Looking in the book…");
  useEffect(() => {
    if (!open) return;
    fetch("/find")
      .then((answer) => answer.json() as Promise<readonly Findable[]>)
      .then((all) => {
        setFound(all);
        setSaid("Nothing by that name. Try fewer letters.");
      })
      .catch(() => setSaid("The shop's computer does not answer; pages can be opened all the same."));
  }, [open]);
  const go = (path: string) => {
    onOpen(false);
    router.push(path);
  };
  const group = (kind: Findable["kind"], heading: string) => {
    const own = found.filter((one) => one.kind === kind);
    return own.length === 0 ? null : (
      <Command.Group heading={heading}>
        {own.map(({ path, label, about }) => (
          <Command.Item key={path} value={`${label} ${about} ${path}`} onSelect={() => go(path)} className={item}>
            <span>{label}</span>
            <span className="text-sm">{about}</span>
          </Command.Item>
        ))}
      </Command.Group>
    );
  };
  return (
    <SlipDialog title="Find" open={open} onOpen={onOpen}>
      <Command label="Find a client, an order or a page" loop filter={holdsLetters}>
        <Command.Input className="field" placeholder="A name, a number, a page" autoFocus />
        <Command.List className="finder mt-3 max-h-[56dvh] overflow-y-auto">
          <Command.Empty className="p-3">{said}</Command.Empty>
          <Command.Group heading="Pages">
            {places.map(({ path, label, about }) => (
              <Command.Item key={path} value={`${label} ${about}`} onSelect={() => go(path)} className={item}>
                <span>{label}</span>
                <span className="text-sm">{about}</span>
              </Command.Item>
            ))}
          </Command.Group>
          {group("client", "Clients")}
          {group("order", "Orders")}
        </Command.List>
      </Command>
    </SlipDialog>
  );
}
