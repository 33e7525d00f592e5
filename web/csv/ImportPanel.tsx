import { value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Notice } from '@/web/kit/Notice';
import { t } from '@/web/words/tell';
import { RowTroubles } from './RowTroubles';
import type { CsvResult } from './read-csv';
import type { Import } from './use-import';

/** Where an import stands: reading, its row errors, sending with its progress, done. */
export function ImportPanel({ work }: { work: Import }) {
  const { state } = work;
  if (state.kind === 'idle') return null;
  return (
    <section aria-label={t('web.import')} className="mt-3 border-[1.5px] border-ink bg-sheet p-3">
      <p className="flex items-center gap-3">
        <b className="font-[650]">{state.name}</b>
        <span className="ml-auto" />
        {state.kind === 'done' || state.kind === 'failed' ? (
          <Button tone="quiet" onClick={work.clear}>
            {t('web.close')}
          </Button>
        ) : (
          <Button tone="quiet" onClick={work.cancel}>
            {t('web.cancel')}
          </Button>
        )}
      </p>
      {state.kind === 'reading' ? <p>{t('web.reading')}</p> : null}
      {state.kind === 'sending' ? (
        <div className="mt-2">
          <div className="h-[14px] border-[1.5px] border-ink">
            <div className="h-full bg-copper" style={{ width: `${(100 * state.sent) / Math.max(1, state.all)}%` }} />
          </div>
          <p className="mt-1 text-[13.5px]">{t('web.of', { sent: state.sent, all: state.all })}</p>
        </div>
      ) : null}
      {state.kind === 'done' ? <p className="mt-1 font-[620] text-pine">{state.said}</p> : null}
      {state.kind === 'done' && state.refused.length > 0 ? (
        <div className="mt-2 grid gap-1">
          <p className="font-[620] text-oxide">{t('web.rows-not-taken')}</p>
          <RowTroubles troubles={state.refused} />
        </div>
      ) : null}
      {state.kind === 'failed' ? <Notice kind="stop">{state.message}</Notice> : null}
      {state.kind === 'read' ? <Result work={work} result={state.result} /> : null}
    </section>
  );
}

function Result({ work, result }: { work: Import; result: CsvResult }) {
  if (result.header) {
    return (
      <Notice kind="stop">
        <b>{t('web.columns-are-not-those-of-template')}</b>{' '}
        {t('web.take-template-and-copy-rows-into', {
          count: result.header.unknown.length ? t('web.unknown', { unknown: result.header.unknown.join(', ') }) : '',
          count2: result.header.missing.length
            ? t('web.missing-2', {
                missing: result.header.missing.slice(0, 8).join(', '),
                count: result.header.missing.length > 8 ? ' …' : '',
              })
            : '',
        })}
      </Notice>
    );
  }
  const good = result.good.length;
  const bad = new Set(result.troubles.map((t) => t.row)).size;
  return (
    <div className="mt-1 grid gap-2">
      <p>
        {t('web.rows', { rows: result.rows })} <b className="font-[650]">{t('web.good', { good })}</b>
        {bad ? (
          <>
            , <b className="font-[650] text-oxide">{t('web.with-errors', { bad })}</b>
          </>
        ) : null}
        .
      </p>
      {bad ? <RowTroubles troubles={result.troubles} /> : null}
      {good ? (
        <div>
          <Button tone="primary" onClick={() => void work.send()}>
            {t('web.import-good', { good, good2: value(good === 1 ? 'row' : 'rows') })}
          </Button>
        </div>
      ) : (
        <p className="font-[620]">{t('web.nothing-to-import')}</p>
      )}
    </div>
  );
}
