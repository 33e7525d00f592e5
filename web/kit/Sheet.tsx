import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { X } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { t } from '@/web/words/tell';
import { Button } from './Button';
import { useBackCloses } from './use-back-closes';

type Props = {
  open: boolean;
  onClose: () => void;
  title: string;
  /** Something stands in it that is not saved: it asks before it closes. What is kept is there when it opens again. */
  unsaved?: boolean;
  onDiscard?: () => void;
  children: ReactNode;
};

/** A drawer from the right on a desk, from the bottom on a phone. Back closes it before it leaves the page. */
export function Sheet({ open, onClose, title, unsaved = false, onDiscard, children }: Props) {
  const [asking, setAsking] = useState(false);
  const leave = (): void => {
    setAsking(false);
    onClose();
  };
  const close = (): void => (unsaved && !asking ? setAsking(true) : leave());
  useBackCloses(open, close);
  return (
    <Dialog open={open} onClose={close} className="relative z-40">
      <div className="fixed inset-0 bg-ink/30" aria-hidden="true" />
      <div className="fixed inset-0 flex items-end justify-end lg:items-stretch">
        <DialogPanel className="max-h-[88dvh] w-full overflow-y-auto border-t-[1.5px] border-ink bg-paper p-5 lg:max-h-none lg:w-[420px] lg:border-t-0 lg:border-l-[1.5px]">
          <div className="flex items-center justify-between gap-3">
            <DialogTitle className="text-[20px]">{title}</DialogTitle>
            <button
              type="button"
              onClick={close}
              aria-label={t('web.close')}
              className="touch grid w-12 cursor-pointer place-items-center"
            >
              <X size={22} />
            </button>
          </div>
          {asking ? (
            <div role="alert" data-testid="unsaved" className="mt-2 border-l-[4px] border-ochre bg-sheet p-3">
              <p className="font-[620]">{t('web.not-saved-yet')}</p>
              <div className="mt-2 flex flex-wrap gap-2">
                <Button tone="primary" onClick={leave}>
                  {t('web.keep-as-draft')}
                </Button>
                <Button
                  onClick={() => {
                    onDiscard?.();
                    leave();
                  }}
                >
                  {t('web.discard-it')}
                </Button>
                <Button tone="quiet" onClick={() => setAsking(false)}>
                  {t('web.go-on-typing')}
                </Button>
              </div>
            </div>
          ) : null}
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
