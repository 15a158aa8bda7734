"use client";

import { X } from "lucide-react";
import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

interface SlipDialogProps {
  readonly title: string;
  readonly about?: string;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly children: ReactNode;
}

/** A slip of card laid on top of the table; Escape puts it away. */
export function SlipDialog({ title, about, open, onOpen, children }: SlipDialogProps) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpen}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(20_10_5/0.55)]" />
        <Dialog.Content
          className="slip fold-edge fixed inset-x-3 top-[6dvh] z-50 mx-auto max-h-[88dvh] max-w-2xl overflow-y-auto p-5"
          {...(about === undefined ? { "aria-describedby": undefined } : {})}
        >
          <div className="flex items-start justify-between gap-4">
            <Dialog.Title className="text-2xl">{title}</Dialog.Title>
            <Dialog.Close
              className="grid size-12 shrink-0 place-items-center rounded-md hover:bg-card-deep"
              aria-label="Close"
            >
              <X aria-hidden="true" />
            </Dialog.Close>
          </div>
          {about !== undefined && <Dialog.Description className="pb-3 text-ink-soft">{about}</Dialog.Description>}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
