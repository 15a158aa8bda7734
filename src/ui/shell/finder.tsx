"use client";

import { Command } from "cmdk";
import { useRouter } from "next/navigation";
import { useEffect, useMemo, useState } from "react";
import type { Findable } from "@/server/find";
import { places } from "./places";
import { SlipDialog } from "./slip-dialog";

const item =
  "flex min-h-12 cursor-pointer items-center justify-between gap-4 rounded-md px-3 py-2 data-[selected=true]:bg-cloth data-[selected=true]:text-chalk";

/** So many of a kind are shown: of thousands a few letters more find the one. */
const SHOWN = 40;

interface Listed {
  readonly path: string;
  readonly label: string;
  readonly about: string;
}

/** What holds the letters as they were typed is found; nothing that only resembles them. */
const holding = <Of extends Listed>(all: readonly Of[], letters: string): readonly Of[] => {
  const sought = letters.trim().toLowerCase();
  return all.filter(({ label, about }) => `${label} ${about}`.toLowerCase().includes(sought));
};

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
  const [letters, setLetters] = useState("");
  const matching = useMemo(() => holding(found, letters), [found, letters]);
  const group = (all: readonly Listed[], heading: string) =>
    all.length === 0 ? null : (
      <Command.Group heading={heading}>
        {all.slice(0, SHOWN).map(({ path, label, about }) => (
          <Command.Item key={path} value={path} onSelect={() => go(path)} className={item}>
            <span>{label}</span>
            <span className="text-sm">{about}</span>
          </Command.Item>
        ))}
        {all.length > SHOWN && (
          <p className="px-3 py-2 text-sm text-ink-soft">{all.length - SHOWN} more: write a letter more.</p>
        )}
      </Command.Group>
    );
  return (
    <SlipDialog title="Find" open={open} onOpen={onOpen}>
      <Command label="Find a client, an order or a page" loop shouldFilter={false}>
        <Command.Input
          className="field"
          value={letters}
          onValueChange={setLetters}
          placeholder="A name, a number, a page"
          autoFocus
        />
        <Command.List className="finder mt-3 max-h-[56dvh] overflow-y-auto">
          <Command.Empty className="p-3">{said}</Command.Empty>
          {group(holding(places, letters), "Pages")}
          {group(
            matching.filter(({ kind }) => kind === "client"),
            "Clients",
          )}
          {group(
            matching.filter(({ kind }) => kind === "order"),
            "Orders",
          )}
        </Command.List>
      </Command>
    </SlipDialog>
  );
}
