import { useState } from 'react';
import { checkSettings, PAGE_ADDRESS } from '@/core/job/settings';
import { Button } from '@/web/kit/Button';
import { Field } from '@/web/kit/Field';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = { stored: string | number | undefined; may: boolean; onSave: (change: Record<string, string>) => void };

/** Where the code on reports and labels leads to. */
export function PaperSettings({ stored, may, onSave }: Props) {
  const [address, setAddress] = useState(String(stored ?? ''));
  const refused = checkSettings({ [PAGE_ADDRESS]: address.trim() });
  return (
    <>
      <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">{t('web.papers-and-labels')}</h2>
      <div className="grid max-w-[520px] gap-2 py-3">
        <Field
          label={t('web.address-of-this-product')}
          value={address}
          disabled={!may}
          onChange={(e) => setAddress(e.target.value)}
          hint={t('web.code-leads-there')}
          {...(refused ? { error: say(refused.message), allowed: say(refused.allowed) } : {})}
        />
        {may ? (
          <Button
            className="w-fit"
            disabled={refused !== undefined || address.trim() === String(stored ?? '')}
            onClick={() => onSave({ [PAGE_ADDRESS]: address.trim() })}
          >
            {t('web.save-the-address')}
          </Button>
        ) : null}
      </div>
    </>
  );
}
