import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** A drawer from the right on a desk, from the bottom on a phone. */
export function Sheet({
  open,
  onClose,
  title,
  children,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  children: ReactNode;
}) {
  return (
    <Dialog open={open} onClose={onClose} className="relative z-40">
      <div className="fixed inset-0 bg-ink/30" aria-hidden="true" />
      <div className="fixed inset-0 flex items-end justify-end lg:items-stretch">
        <DialogPanel className="max-h-[88dvh] w-full overflow-y-auto border-t-[1.5px] border-ink bg-paper p-5 lg:max-h-none lg:w-[420px] lg:border-t-0 lg:border-l-[1.5px]">
          <div className="flex items-center justify-between gap-3">
            <DialogTitle className="text-[20px]">{title}</DialogTitle>
            <button
              type="button"
              onClick={onClose}
              aria-label={say(tell('web.close'))}
              className="touch grid w-12 cursor-pointer place-items-center"
            >
              <X size={22} />
            </button>
          </div>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
