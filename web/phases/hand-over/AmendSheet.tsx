import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { PHASE_WORDS } from '@/core/job/phases';
import { write } from '@/web/api/outbox/our-outbox';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import type { JobView } from '@/web/phases/job-context';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

export function AmendSheet({ view, onClose }: { view: JobView; onClose: () => void }) {
  const [signOffId, setSignOffId] = useState(view.sheet.signOffs.at(-1)?.id ?? '');
  const [note, setNote] = useState('');
  const { busy, problem, act } = useAct();
  return (
    <Sheet open onClose={onClose} title={t('web.add-amendment')}>
      <p className="mt-2 text-ink2">{t('web.what-was-signed-stays-as-it')}</p>
      <label className="mt-3 block text-[13px] font-[600]" htmlFor="amend-phase">
        {t('web.to-which-signature')}
      </label>
      <select
        id="amend-phase"
        value={signOffId}
        onChange={(e) => setSignOffId(e.target.value)}
        className="touch mt-0.5 w-full border-[1.5px] border-rule bg-sheet px-2"
      >
        {view.sheet.signOffs.map((s) => (
          <option key={s.id} value={s.id}>
            {say(PHASE_WORDS[s.phase])}
          </option>
        ))}
      </select>
      <label className="mt-3 block text-[13px] font-[600]" htmlFor="amend-note">
        {t('web.note')}
      </label>
      <textarea
        id="amend-note"
        rows={4}
        value={note}
        onChange={(e) => setNote(e.target.value)}
        className="mt-0.5 w-full border-[1.5px] border-rule bg-sheet p-2.5"
      />
      <div className="mt-3 grid gap-3">
        <Trouble problem={problem} />
        <Button
          tone="primary"
          disabled={busy || note.trim().length < 5}
          onClick={async () => {
            if (await act(() => write('POST', `/sign-offs/${signOffId}/amendments`, { id: uuid(), note }))) onClose();
          }}
        >
          {t('web.add-it')}
        </Button>
      </div>
    </Sheet>
  );
}
