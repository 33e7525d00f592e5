import { useState } from 'react';
import type { PersonRecord } from '@/contract/company';
import { Button } from '@/web/kit/Button';
import { Sheet } from '@/web/kit/Sheet';
import { t } from '@/web/words/tell';

/** The link of an invitation: shown once, given on by whoever made it. */
export function InviteSheet({ person, path, onClose }: { person: PersonRecord; path: string; onClose: () => void }) {
  const link = `${window.location.origin}${path}`;
  const [copied, setCopied] = useState(false);
  return (
    <Sheet open onClose={onClose} title={t('web.invitation-for', { name: person.fullName })}>
      <p className="mt-2 text-[16px]">{t('web.give-this-link-to-them-alone')}</p>
      <p
        data-testid="invitation-link"
        className="mt-3 border-[1.5px] border-ink bg-sheet p-3 text-[15px] font-[600] break-all select-all"
      >
        {link}
      </p>
      <Button
        tone="primary"
        className="mt-3"
        onClick={() =>
          void navigator.clipboard?.writeText(link).then(
            () => setCopied(true),
            () => setCopied(false),
          )
        }
      >
        {t(copied ? 'web.copied' : 'web.copy-link')}
      </Button>
    </Sheet>
  );
}
