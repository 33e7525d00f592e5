import type { Finding } from '@/core/finding/finding';
import type { Answers } from '@/core/form/field';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { EntryKind } from '@/core/phases/log/entries';
import type { WireView } from '@/core/phases/wire/view';
import type { Said } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { CheckList } from '../fit/CheckList';
import type { JobView } from '../job-context';
import { CompressorDrawing } from './CompressorDrawing';
import { StatTable } from './ReadBackSheet';
import { StarterChoice } from './StarterChoice';

type Props = {
  view: JobView;
  wire: WireView;
  signed: boolean;
  onWrite: (kind: EntryKind) => void;
  onTakeStarter: (preset: Answers) => void;
};
type Part = { title: Said; kinds: readonly (readonly [EntryKind, Said])[]; findings: readonly Finding[] };

/** Thermostat, blower and boards, soft starter, zones: each with its judgement and its form. */
export function SheetsPart({ view, wire, signed, onWrite, onTakeStarter }: Props) {
  const stat = latestOf(view.sheet.systemLog, 'thermostat-set')?.body;
  const parts: Part[] = [
    {
      title: tell('web.thermostat'),
      kinds: [
        ['thermostat-set', tell('web.how-it-is-set')],
        ['thermostat-read', tell('web.read-back')],
      ],
      findings: wire.thermostat,
    },
    {
      title: tell('web.blower-and-boards'),
      kinds: [['blower-board', tell('web.switches-air-heater')]],
      findings: wire.blower,
    },
    ...(wire.starter.length
      ? [
          {
            title: tell('web.soft-starter'),
            kinds: [['soft-starter', tell('web.starter')]] as const,
            findings: wire.starter,
          },
        ]
      : []),
    ...(wire.zones.length
      ? [{ title: tell('web.zones'), kinds: [['zoning', tell('web.dampers-and-air')]] as const, findings: wire.zones }]
      : []),
  ];
  return (
    <div className="grid gap-6 [&>*]:min-w-0">
      {parts.map(({ title, kinds, findings }) => (
        <section key={title.id} aria-label={say(title)}>
          <div className="flex flex-wrap items-baseline gap-x-2 border-b border-ink pb-1">
            <h2 className="mr-auto text-[17px] font-[680]">{say(title)}</h2>
            {signed
              ? null
              : kinds.map(([kind, label]) => (
                  <Button key={kind} tone="quiet" className="-my-2" onClick={() => onWrite(kind)}>
                    {say(label)}
                  </Button>
                ))}
          </div>
          <CheckList checks={findings} untitled />
          {kinds.some(([kind]) => kind === 'soft-starter') ? (
            <>
              {signed ? null : <StarterChoice view={view} onTake={onTakeStarter} />}
              <CompressorDrawing view={view} signed={signed} />
            </>
          ) : null}
        </section>
      ))}
      {stat ? (
        <section className="print-alone" aria-label={t('web.for-the-wall')}>
          <div className="flex items-baseline border-b border-ink pb-1">
            <h2 className="mr-auto text-[17px] font-[680]">{t('web.for-the-wall')}</h2>
            <Button tone="quiet" className="no-print -my-2" onClick={() => window.print()}>
              {t('web.print-it')}
            </Button>
          </div>
          <StatTable set={stat} />
        </section>
      ) : null}
    </div>
  );
}
