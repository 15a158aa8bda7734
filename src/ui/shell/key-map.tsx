"use client";

import { keyMap } from "./keys";
import { SlipDialog } from "./slip-dialog";

/** Which keys do what, view by view. */
export function KeyMap({ open, onOpen }: { readonly open: boolean; readonly onOpen: (open: boolean) => void }) {
  return (
    <SlipDialog title="Keys" about="Nothing needs a mouse." open={open} onOpen={onOpen}>
      <div className="grid gap-5 sm:grid-cols-2">
        {keyMap.map(({ view, keys }) => (
          <section key={view}>
            <h3 className="pb-1 text-lg">{view}</h3>
            <dl className="space-y-1">
              {keys.map(({ keys: combination, does }) => (
                <div key={does} className="flex items-baseline gap-3">
                  <dt className="min-w-24 whitespace-nowrap">
                    {combination.map((key) => (
                      <kbd
                        key={key}
                        className="mr-1 rounded border border-line bg-card-deep px-1.5 py-0.5 font-sans text-sm font-semibold"
                      >
                        {key}
                      </kbd>
                    ))}
                  </dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </SlipDialog>
  );
}
