import { value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Notice } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { useImport } from './use-import';

const SHOWN = 12;

/** Where an import stands: reading, its row errors, sending with its progress, done. */
export function ImportPanel({ work }: { work: ReturnType<typeof useImport> }) {
  const { state } = work;
  if (state.kind === 'idle') return null;
  return (
    <section aria-label={say(tell('web.import'))} className="mt-3 border-[1.5px] border-ink bg-sheet p-3">
      <p className="flex items-center gap-3">
        <b className="font-[650]">{state.name}</b>
        <span className="ml-auto" />
        {state.kind === 'done' || state.kind === 'failed' ? (
          <Button tone="quiet" onClick={work.clear}>
            {say(tell('web.close'))}
          </Button>
        ) : (
          <Button tone="quiet" onClick={work.cancel}>
            {say(tell('web.cancel'))}
          </Button>
        )}
      </p>
      {state.kind === 'reading' ? <p>{say(tell('web.reading'))}</p> : null}
      {state.kind === 'sending' ? (
        <div className="mt-2">
          <div className="h-[14px] border-[1.5px] border-ink">
            <div className="h-full bg-copper" style={{ width: `${(100 * state.sent) / Math.max(1, state.all)}%` }} />
          </div>
          <p className="mt-1 text-[13.5px]">{say(tell('web.of', { sent: state.sent, all: state.all }))}</p>
        </div>
      ) : null}
      {state.kind === 'done' ? <p className="mt-1 font-[620] text-pine">{state.said}</p> : null}
      {state.kind === 'failed' ? <Notice kind="stop">{state.message}</Notice> : null}
      {state.kind === 'read' ? <Result work={work} result={state.result} /> : null}
    </section>
  );
}

function Result({
  work,
  result,
}: {
  work: ReturnType<typeof useImport>;
  result: Extract<ReturnType<typeof useImport>['state'], { kind: 'read' }>['result'];
}) {
  if (result.header) {
    return (
      <Notice kind="stop">
        <b>{say(tell('web.columns-are-not-those-of-template'))}</b>{' '}
        {say(
          tell('web.take-template-and-copy-rows-into', {
            count: result.header.unknown.length
              ? say(tell('web.unknown', { unknown: result.header.unknown.join(', ') }))
              : '',
            count2: result.header.missing.length
              ? say(
                  tell('web.missing-2', {
                    missing: result.header.missing.slice(0, 8).join(', '),
                    count: result.header.missing.length > 8 ? ' …' : '',
                  }),
                )
              : '',
          }),
        )}
      </Notice>
    );
  }
  const good = result.kind === 'pairs' ? result.pairs.length : result.items.length;
  const bad = new Set(result.troubles.map((t) => t.row)).size;
  return (
    <div className="mt-1 grid gap-2">
      <p>
        {say(tell('web.rows', { rows: result.rows }))} <b className="font-[650]">{say(tell('web.good', { good }))}</b>
        {bad ? (
          <>
            , <b className="font-[650] text-oxide">{say(tell('web.with-errors', { bad }))}</b>
          </>
        ) : null}
        .
      </p>
      {bad ? (
        <table className="w-full max-w-[860px] text-[14px]">
          <thead>
            <tr className="border-b border-ink text-left text-[12.5px] text-ink2">
              <th className="pr-4 font-[550]">{say(tell('web.row'))}</th>
              <th className="pr-4 font-[550]">{say(tell('web.column'))}</th>
              <th className="pr-4 font-[550]">{say(tell('web.what-is-wrong'))}</th>
              <th className="font-[550]">{say(tell('web.allowed-4'))}</th>
            </tr>
          </thead>
          <tbody>
            {result.troubles.slice(0, SHOWN).map((t) => (
              <tr key={`${t.row}-${t.field}`} className="border-b border-rule2">
                <td className="py-1 pr-4 font-[650]">{t.row}</td>
                <td className="py-1 pr-4">{t.field}</td>
                <td className="py-1 pr-4 text-oxide">{say(t.message)}</td>
                <td className="py-1">{say(t.allowed)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
      {result.troubles.length > SHOWN ? (
        <p className="text-[13px] text-ink2">
          {say(tell('web.more-errors', { count: result.troubles.length - SHOWN }))}
        </p>
      ) : null}
      {good ? (
        <div>
          <Button tone="primary" onClick={() => void work.send()}>
            {say(tell('web.import-good', { good, good2: value(good === 1 ? 'row' : 'rows') }))}
          </Button>
        </div>
      ) : (
        <p className="font-[620]">{say(tell('web.nothing-to-import'))}</p>
      )}
    </div>
  );
}
