import { useEffect } from 'react';
import { v7 as uuid } from 'uuid';
import { DEVICE_PHASES, type RunPhase } from '@/contract/requests';
import type { SheetRun } from '@/core/job/sheet';
import { useConnection } from '@/web/api/connection';
import { post } from '@/web/api/http';
import { startOnDevice, takeOver, takeUpRuns, useRunElsewhere } from '@/web/device-run/our-runs';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { PortNotice } from './PortNotice';

/** What stands at the head of an instruments sheet: what is simulated, replayed, or the crew's own. */
export function SourceNotice({ run, simulates }: { run: SheetRun | undefined; simulates: string }) {
  if (!run || run.source === 'simulated')
    return (
      <p className="mt-1 border-[1.5px] border-dashed border-copper px-2.5 py-1.5 text-[13.5px] text-copper">
        {t('web.physical-model-stands-in-for-everything', { simulates })}
      </p>
    );
  return (
    <p className="mt-1 border-[1.5px] border-ink px-2.5 py-1.5 text-[13.5px]">
      {run.source === 'replayed'
        ? t('web.recording-is-played-back-every-figure')
        : t('web.instruments-of-your-own-are-connected')}
    </p>
  );
}

/** Connect, resume, disconnect, or wait for instruments of one's own: the same for every phase that streams. */
export function ConnectRun({ view, phase }: { view: JobView; phase: RunPhase }) {
  const { sheet } = view;
  const run = view.run?.phase === phase ? view.run : undefined;
  const { busy, problem, act } = useAct();
  const { lost } = useConnection();
  const here = lost ? DEVICE_PHASES.find((p) => p === phase) : undefined;
  const elsewhere = useRunElsewhere(sheet.circuit.id);
  useEffect(() => {
    // The other window may be gone by now.
    void takeUpRuns(view.me);
  }, [view.me]);
  const connect = (): Promise<unknown> =>
    here
      ? startOnDevice(sheet, view.me, here)
      : view.actions.now(`/jobs/${sheet.job.id}/runs`, { id: uuid(), phase, speed: 1 });
  const interrupted = sheet.runs.filter((r) => r.state === 'interrupted' && r.phase === phase).at(-1);
  return (
    <>
      <Trouble problem={problem} />
      {run ? (
        <Button
          disabled={busy}
          onClick={() =>
            act(async () => {
              await (view.own?.id === run.id ? view.own.stop() : post(`/runs/${run.id}/stop`));
              await view.actions.reload();
            })
          }
        >
          {t('web.disconnect')}
        </Button>
      ) : (
        <>
          {interrupted ? (
            <Button
              tone="primary"
              disabled={busy}
              onClick={() =>
                act(async () => {
                  await post(`/runs/${interrupted.id}/resume`);
                  await view.actions.reload();
                  view.rejoin();
                })
              }
            >
              {t('web.resume-interrupted-run')}
            </Button>
          ) : null}
          {elsewhere ? (
            <>
              <p className="mt-1 border-[1.5px] border-ochre px-2.5 py-1.5 text-[14px]" data-testid="run-elsewhere">
                {t('web.run-is-in-another-window')}
              </p>
              <Button tone="primary" disabled={busy} onClick={() => act(() => takeOver(view.me, elsewhere.id))}>
                {t('web.go-on-in-this-window')}
              </Button>
            </>
          ) : (
            <Button tone={interrupted ? 'plain' : 'primary'} disabled={busy} onClick={() => act(connect)}>
              {t(here ? 'web.connect-simulated-on-this-device' : 'web.connect-simulated-instruments')}
            </Button>
          )}
        </>
      )}
      {lost ? null : <PortNotice view={view} phase={phase} />}
    </>
  );
}
