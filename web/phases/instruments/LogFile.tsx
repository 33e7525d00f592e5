import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { RunPhase } from '@/contract/requests';
import { readLog } from '@/core/instrument/logger/read-log';
import { forCircuit } from '@/web/api/circuit-path';
import { post } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { LogMappingForm } from './LogMappingForm';
import { LogPreview } from './LogPreview';
import { useLogFile } from './use-log-file';

/** As many rows as go into one request. */
const BLOCK = 2000;

/** A recording of any logger: its columns are guessed, put right, looked at, and taken into a run of this phase, marked as replayed. */
export function LogFile({ view, phase, channels }: { view: JobView; phase: RunPhase; channels: readonly string[] }) {
  const log = useLogFile(channels);
  const { busy, problem, act } = useAct();
  const [sent, setSent] = useState<number>();
  const { file, mapping } = log;
  const { barometerPsia } = view.sheet.site;
  const preview = file && mapping ? readLog(file.head.header, file.head.rows, mapping, barometerPsia) : undefined;
  const good = preview !== undefined && preview.runSeconds.length > 1 && Object.keys(preview.values).length > 0;

  async function take(): Promise<void> {
    if (!mapping) return;
    const { runSeconds, values } = await log.readAll(mapping, barometerPsia);
    const run = { id: uuid(), phase, source: 'replayed' };
    await post(forCircuit(view.sheet, `/jobs/${view.sheet.job.id}/instrument-runs`), run);
    for (let at = 0; at < runSeconds.length; at += BLOCK) {
      setSent(at);
      const rows = <T,>(column: readonly T[]): T[] => column.slice(at, at + BLOCK);
      const block = Object.fromEntries(Object.entries(values).map(([c, column]) => [c, rows(column)]));
      await post(`/runs/${run.id}/log`, { runSeconds: rows(runSeconds), values: block });
    }
    setSent(undefined);
    log.close();
    await view.actions.reload();
    view.rejoin();
  }

  return (
    <>
      <label className="touch inline-flex w-fit cursor-pointer items-center rounded-[3px] border-[1.5px] border-ink px-3.5 font-[600]">
        {t('web.recording-from-a-file')}
        <input
          type="file"
          accept=".csv,.txt,text/csv,text/plain"
          className="sr-only"
          data-testid="log-file"
          onChange={(e) => {
            const chosen = e.target.files?.[0];
            e.target.value = '';
            if (chosen) void act(() => log.open(chosen));
          }}
        />
      </label>
      {file && mapping ? (
        <Sheet open onClose={log.close} title={t('web.recording-from-a-file')}>
          <p className="mt-1 text-[13.5px] text-ink2">
            {t('web.file-with-rows', { name: file.name, n: file.head.count })}
          </p>
          <p className="mt-1 border-[1.5px] border-ink px-2.5 py-1.5 text-[13.5px]">
            {t('web.every-figure-is-marked-as-replayed')}
          </p>
          {file.head.tooLong ? <p className="mt-1 text-ochre">{t('web.file-is-longer-than-a-run')}</p> : null}
          <LogMappingForm header={file.head.header} channels={channels} mapping={mapping} onChange={log.setMapping} />
          {preview ? <LogPreview read={preview} /> : null}
          <div className="mt-3 grid gap-2">
            <Trouble problem={problem} />
            {good ? null : <p className="text-[13.5px]">{t('web.name-time-and-one-channel')}</p>}
            <Button tone="primary" disabled={busy || !good} onClick={() => void act(take)}>
              {sent === undefined ? t('web.take-the-recording') : t('web.sent-so-many', { n: sent })}
            </Button>
          </div>
        </Sheet>
      ) : (
        <Trouble problem={problem} />
      )}
    </>
  );
}
