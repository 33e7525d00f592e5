import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { RunPhase } from '@/contract/requests';
import { channelsOf } from '@/core/phases/live/channels';
import { forCircuit } from '@/web/api/circuit-path';
import { post } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { LogFile } from './LogFile';

type Opened = { token: string; channels: string[]; host?: string; port?: number };

/** How an instrument of the crew's own gets onto this page: a run that waits for it, and the token that opens it. */
export function PortNotice({ view, phase }: { view: JobView; phase: RunPhase }) {
  const [opened, setOpened] = useState<Opened>();
  const { busy, problem, act } = useAct();
  const open = (source: 'instrument' | 'replayed'): void =>
    void act(async () => {
      setOpened(
        await post<Opened>(forCircuit(view.sheet, `/jobs/${view.sheet.job.id}/instrument-runs`), {
          id: uuid(),
          phase,
          source,
        }),
      );
      await view.actions.reload();
    });
  return (
    <section aria-label={t('web.instruments-of-your-own')} className="border-t border-rule pt-3">
      <h3 className="text-[15px] font-[680]">{t('web.instruments-of-your-own')}</h3>
      <p className="text-[13px] text-ink2">{t('web.anything-that-can-send-line-of')}</p>
      <Trouble problem={problem} />
      {opened ? (
        <dl className="mt-2 grid grid-cols-[70px_1fr] gap-y-1 text-[14px]" data-testid="port-open">
          <dt className="text-ink2">{t('web.address')}</dt>
          <dd className="font-[620]">
            {opened.port ? `${opened.host}:${opened.port}` : t('web.port-does-not-listen')}
          </dd>
          <dt className="text-ink2">{t('web.token')}</dt>
          <dd className="font-[620] break-all" data-testid="port-token">
            {opened.token}
          </dd>
          <dt className="text-ink2">{t('web.channels')}</dt>
          <dd>{opened.channels.join(', ')}</dd>
          <dd className="col-span-2 text-[13px] text-ink2">{t('web.token-is-told-once-and-opens')}</dd>
        </dl>
      ) : (
        <div className="mt-1 flex flex-wrap gap-2">
          <Button disabled={busy} onClick={() => open('instrument')}>
            {t('web.wait-for-instrument')}
          </Button>
          <Button disabled={busy} onClick={() => open('replayed')}>
            {t('web.wait-for-recording')}
          </Button>
          <LogFile view={view} phase={phase} channels={channelsOf(phase)} />
        </div>
      )}
    </section>
  );
}
