import { Dialog, DialogPanel } from "@headlessui/react";
import type { ReactNode } from "react";
import { BackCloses } from "./useBackCloses";

type Props = { open: boolean; onClose: () => void; className: string; children: ReactNode };

/** A dialog over the page: Escape, Back and a press beside it close it. */
export function OverPage({ open, onClose, className, children }: Props) {
  return (
    <Dialog open={open} onClose={onClose} className="relative z-20">
      <div className="fixed inset-0 bg-ink/30" aria-hidden />
      <div className="fixed inset-0 flex items-center justify-center p-4">
        <DialogPanel className={`card card-on flex w-full flex-col p-5 ${className}`}>
          <BackCloses close={onClose} />
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
