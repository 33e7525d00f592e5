import { useState } from 'react';
import { SOURCE_WORDS } from '@/core/phases/wire/names';
import { METER_ASKED, type SourceView } from '@/core/phases/wire/safe';
import { capacitorDischarge } from '@/core/power/capacitors';
import { ISOLATION_STEPS, type IsolationStep, pairsOf, SIDES } from '@/core/power/isolation';
import { clock, q, value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Notice, Trouble } from '@/web/kit/Notice';
import { NumberCell } from '@/web/kit/NumberCell';
import { Tap } from '@/web/kit/Taps';
import { TextCell } from '@/web/kit/TextCell';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';

type Props = { view: JobView; sources: readonly SourceView[]; listed: boolean; signed: boolean; onList: () => void };

/** Every source made safe one step after the other, each with its time; the meter live before and after. */
export function SafePart({ view, sources, listed, signed, onList }: Props) {
  return (
    <div className="grid gap-6">
      <Notice kind="stop">{t('web.isolation-caution')}</Notice>
      <section>
        <div className="flex flex-wrap items-baseline gap-x-3">
          <h2 className="text-[17px] font-[680]">{t('web.sources')}</h2>
          <span>{sources.map((s) => say(SOURCE_WORDS[s.which])).join(', ')}</span>
          {signed ? null : (
            <Button tone="quiet" className="-my-2" onClick={onList}>
              {t(listed ? 'web.change-answer' : 'web.these-are-all-or-more')}
            </Button>
          )}
        </div>
      </section>
      {listed ? sources.map((s) => <Source key={s.which} view={view} source={s} signed={signed} />) : null}
    </div>
  );
}

/** Resistance that a capacitor is discharged over (common practice), Ω. */
const DISCHARGE_OHMS = 20_000;
/** Rms voltage of a running capacitor where nobody measured it, V. */
const CAPACITOR_V = 370;

function Source({ view, source, signed }: { view: JobView; source: SourceView; signed: boolean }) {
  const write = useEntries(view);
  const { problem, act } = useAct();
  const [meter, setMeter] = useState('');
  const [microfarads, setMicrofarads] = useState<number | null>(null);
  const { which, isolation, finding, step } = source;
  const { done } = isolation;
  const tap = (s: IsolationStep, more: object = {}): Promise<boolean> =>
    act(() => write('isolation-step', { which, step: s, volts: null, microfarads: null, meter: null, ...more }));
  const dead = (pair: string, side: string) =>
    isolation.readings.find((r) => r.pair === pair && r.side === side)?.volts;
  const wait = microfarads
    ? capacitorDischarge({ microfarads, rmsVolts: CAPACITOR_V, ohms: DISCHARGE_OHMS })
    : undefined;
  const mayDo = (s: IsolationStep): boolean => !signed && (step === s || (done[s] !== undefined && s !== 'listed'));
  return (
    <section aria-label={say(SOURCE_WORDS[which])} data-testid={`source-${which}`}>
      <div className="flex items-center gap-2 border-b border-ink pb-1">
        <Mark kind={finding.verdict} />
        <h2 className="text-[17px] font-[680]">{say(SOURCE_WORDS[which])}</h2>
      </div>
      <Trouble problem={problem} />
      <ol>
        {ISOLATION_STEPS.map((s, i) => (
          <li key={s} className="grid grid-cols-[28px_1fr] gap-x-1 border-b border-rule2 py-2">
            <b className="pt-[2px] text-[15px]">{i + 1}</b>
            <div>
              <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
                <span className={`leading-snug ${step === s ? 'font-[680]' : ''}`}>{say(STEP_WORDS[s])}</span>
                {done[s] ? <span className="text-[14px] text-pine">{say(clock(done[s]))}</span> : null}
                {s === 'opened and locked' && mayDo(s) ? (
                  <Tap onPress={() => tap(s)}>{t(done[s] ? 'web.done-again' : 'web.done')}</Tap>
                ) : null}
                {s === 'waited' && mayDo(s) ? (
                  <>
                    <span className="w-[132px]">
                      <NumberCell
                        label={t('web.capacitor')}
                        hideLabel
                        unit="µF"
                        value={microfarads}
                        nullable
                        onCommit={(v) => {
                          if (v !== null && (v < 0.1 || v > 500)) return t('web.capacitor-from-to');
                          setMicrofarads(v);
                          return undefined;
                        }}
                      />
                    </span>
                    {wait?.ok ? (
                      <span className="text-[14px]">
                        {t('web.over-20-k', {
                          s: q(wait.value.seconds, 's', 0),
                          watts: q(wait.value.initialWatts, 'number', 0),
                        })}
                      </span>
                    ) : null}
                    <Tap onPress={() => tap(s, { microfarads })}>{t(done[s] ? 'web.done-again' : 'web.done')}</Tap>
                  </>
                ) : null}
              </div>
              {s === 'live before' || s === 'live after' ? (
                mayDo(s) ? (
                  <span className="mt-1 block w-[180px]">
                    <NumberCell
                      label={t('web.known-live-source-reads')}
                      unit="V"
                      value={s === 'live before' ? isolation.liveBeforeV : isolation.liveAfterV}
                      onCommit={(volts) => {
                        if (volts === null || volts < 0 || volts > 1000)
                          return t('web.reading-from-0-to', { most: 1000, unit: 'V' });
                        return tap(s, { volts, meter: meter || null });
                      }}
                    />
                  </span>
                ) : null
              ) : null}
              {s === 'live before' ? (
                <>
                  {mayDo(s) ? (
                    <span className="mt-1 block max-w-[280px]">
                      <TextCell
                        label={t('web.meter-and-its-number')}
                        value={meter}
                        most={60}
                        onCommit={(v) => void setMeter(v)}
                      />
                    </span>
                  ) : null}
                  <p className="text-[13px] text-ink2">{say(METER_ASKED)}</p>
                </>
              ) : null}
              {s === 'dead' && (done['live before'] || signed) ? (
                <div className="mt-1 grid gap-2">
                  {SIDES.map((side) => (
                    <fieldset key={side}>
                      <legend className="text-[14px]">{say(value(side))}</legend>
                      <div className="grid max-w-[560px] grid-cols-3 gap-2">
                        {pairsOf(isolation.phases).map((pair) => (
                          <NumberCell
                            key={pair}
                            label={pair}
                            unit="V"
                            disabled={signed}
                            value={dead(pair, side)}
                            onCommit={(volts) => {
                              if (volts === null || volts < 0 || volts > 1000)
                                return t('web.reading-from-0-to', { most: 1000, unit: 'V' });
                              return act(() => write('dead-reading', { which, pair, side, volts }));
                            }}
                          />
                        ))}
                      </div>
                    </fieldset>
                  ))}
                </div>
              ) : null}
            </div>
          </li>
        ))}
      </ol>
      <p className={`mt-1.5 font-[640] ${finding.verdict === 'stop' ? 'text-oxide' : ''}`}>{say(finding.claim)}</p>
    </section>
  );
}

const STEP_WORDS: Readonly<Record<IsolationStep, ReturnType<typeof tell>>> = {
  listed: tell('web.step-listed'),
  'opened and locked': tell('web.step-opened'),
  waited: tell('web.step-waited'),
  'live before': tell('web.step-live-before'),
  dead: tell('web.step-dead'),
  'live after': tell('web.step-live-after'),
};
