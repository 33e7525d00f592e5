import { useState } from 'react';
import { ownerName } from '@/core/job/sheet';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { EntryKind } from '@/core/phases/log/entries';
import { takeOffOf } from '@/core/phases/take-off';
import { toBuy } from '@/core/plan/take-off/buy';
import type { Said } from '@/core/words/said';
import { q, value } from '@/core/words/said';
import { paperOf } from '@/web/api/circuit-path';
import { useLibrary } from '@/web/api/use-library';
import { Button } from '@/web/kit/Button';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import { EntrySheet } from '../circuit/EntrySheet';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';

const PAPERS = ['part-return', 'disposal'] as const satisfies readonly EntryKind[];

/** What to take for this system's work: counted, held against the truck, ticked as it is loaded; gear, returns, disposal. */
export function TakePart({ view }: { view: JobView }) {
  const { library } = useLibrary();
  const write = useEntries(view);
  const [form, setForm] = useState<EntryKind>();
  const { lines, gear, disposal } = takeOffOf(view.sheet);
  const rows = toBuy(lines, library?.parts ?? []);
  const entry = latestOf(view.sheet.jobLog, 'take-loaded');
  const loaded = entry?.body.codes ?? [];
  const cost = rows.reduce((sum, r) => sum + (r.cost ?? 0), 0);
  const unpriced = rows.filter((r) => r.packs > 0 && r.cost === undefined).length;
  // Another system of the house has a list of its own: the rail switches.
  const of = ownerName(view.sheet, 'system');
  const tick = (code: string): void =>
    void write(
      'take-loaded',
      { codes: loaded.includes(code) ? loaded.filter((c) => c !== code) : [...loaded, code] },
      entry?.id ?? null,
    );
  return (
    <div className="max-w-[860px]" data-testid="take">
      {of ? <h2 className="text-[17px] font-[680]">{of}</h2> : null}
      <p className="text-[14px] text-ink2">
        {t('web.loaded-of-and-cost', {
          loaded: rows.filter((r) => loaded.includes(r.code)).length,
          n: rows.length,
          cost: q(cost, 'money'),
          unpriced,
        })}
      </p>
      <ul className="mt-1">
        {rows.map((r) => {
          const on = loaded.includes(r.code);
          return (
            <li key={r.code} data-testid={`take-${r.code}`} className="border-b border-rule2">
              <button
                type="button"
                aria-pressed={on}
                onClick={() => tick(r.code)}
                className="touch grid w-full cursor-pointer grid-cols-[28px_1fr_auto] items-start gap-x-2 py-2 text-left"
              >
                <span
                  aria-hidden="true"
                  className={`mt-[2px] grid h-[20px] w-[20px] place-items-center border-[1.8px] ${on ? 'border-pine bg-pine text-paper' : 'border-faint'}`}
                >
                  {on ? '✓' : ''}
                </span>
                <span className="leading-snug">
                  <b className="font-[640]">{say(r.say)}</b>
                  <span className="block text-[13px] text-ink2">{say(r.because)}</span>
                </span>
                <span className="text-right leading-snug whitespace-nowrap">
                  <b className="font-[640]">{amount(r.need, r.unit)}</b>
                  <span className={`block text-[13px] ${r.packs ? 'text-copper' : 'text-ink2'}`}>
                    {r.how === 'make'
                      ? t('web.to-make')
                      : r.packs
                        ? t('web.to-buy', { n: r.packs, size: amount(r.packSize, r.unit) })
                        : t('web.truck-has-it')}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      <div className="mt-5 grid gap-6 sm:grid-cols-2">
        <List title={tell('web.gear')} items={gear} />
        <List title={tell('web.leaves-the-house')} items={disposal} />
      </div>
      <div className="mt-4 flex flex-wrap gap-x-2">
        {(['pdf', 'csv'] as const).map((kind) => (
          <a
            key={kind}
            href={paperOf(view.sheet, `take.${kind}`)}
            {...(kind === 'pdf' ? { target: '_blank', rel: 'noreferrer' } : {})}
            className="touch inline-flex items-center px-2 font-[600] text-copper underline underline-offset-4"
          >
            {t(kind === 'pdf' ? 'web.list-as-pdf' : 'web.list-as-csv')}
          </a>
        ))}
        {PAPERS.map((kind) => (
          <Button key={kind} tone="quiet" onClick={() => setForm(kind)}>
            {t(kind === 'disposal' ? 'web.write-disposal' : 'web.write-return')}
          </Button>
        ))}
      </div>
      <EntryLog view={view} phase="plan" ofJob kinds={PAPERS} />
      {form ? <EntrySheet key={form} view={view} kind={form} onClose={() => setForm(undefined)} /> : null}
    </div>
  );
}

const amount = (n: number, unit: string): string => `${Number(n.toFixed(1))} ${say(value(unit))}`;

function List({ title, items }: { title: Said; items: readonly Said[] }) {
  return (
    <Part name={say(title)}>
      <ul className="mt-1">
        {items.map((i) => (
          <li key={i.id} className="border-b border-rule2 py-1.5 text-[14.5px]">
            {say(i)}
          </li>
        ))}
      </ul>
    </Part>
  );
}
