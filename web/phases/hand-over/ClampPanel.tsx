import { useState } from 'react';
import type { Refusal } from '@/core/finding/outcome';
import { inrushFindings } from '@/core/phases/wire/inrush';
import { lraOf } from '@/core/phases/wire/starter';
import { q } from '@/core/words/said';
import { Paper } from '@/web/bench/sheet/Paper';
import { Button } from '@/web/kit/Button';
import { Notice, Trouble } from '@/web/kit/Notice';
import { Part } from '@/web/kit/Part';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import { EntrySheet } from '../circuit/EntrySheet';
import { useEntries } from '../circuit/use-entries';
import { CheckList } from '../fit/CheckList';
import type { JobView } from '../job-context';
import { type Captured, inrushFromCsv, simulatedStart } from './read-clamp';

/** Locked-rotor amps that the simulated clamp takes where no plate says any, A. */
const USUAL_LRA_A = 80;
const HEIGHT_PX = 120;
type When = 'before' | 'after';

/** A soft starter's inrush: typed off a meter, read out of a logged current, or out of the simulated clamp. */
export function ClampPanel({ view, signed }: { view: JobView; signed: boolean }) {
  const findings = inrushFindings(view.sheet);
  const [got, setGot] = useState<Captured & { when: When; simulated: boolean }>();
  const [refused, setRefused] = useState<Refusal>();
  const [typing, setTyping] = useState<When>();
  if (findings.length === 0) return null;
  const take = (r: ReturnType<typeof inrushFromCsv>, when: When, simulated: boolean): void => {
    setRefused(r.ok ? undefined : r.refused);
    setGot(r.ok ? { ...r.value, when, simulated } : undefined);
  };
  return (
    <Part className="grid gap-2" name={t('web.soft-starter')} data-testid="clamp">
      <CheckList checks={findings} untitled />
      {signed
        ? null
        : (['before', 'after'] as const).map((when) => (
            <div key={when} className="flex flex-wrap items-center gap-x-1">
              <b className="mr-auto font-[620]">
                {t(when === 'before' ? 'web.before-the-starter' : 'web.with-the-starter')}
              </b>
              <Button tone="quiet" className="text-[14px]" onClick={() => setTyping(when)}>
                {t('web.type-it')}
              </Button>
              <label className="touch inline-flex cursor-pointer items-center px-2 text-[14px] font-[600] text-copper underline underline-offset-4">
                {t('web.logged-current-csv')}
                <input
                  type="file"
                  accept=".csv,text/csv"
                  className="sr-only"
                  data-testid={`csv-${when}`}
                  onChange={(e) => {
                    const file = e.target.files?.[0];
                    e.target.value = '';
                    if (file) void file.text().then((text) => take(inrushFromCsv(text), when, false));
                  }}
                />
              </label>
              <Button
                tone="quiet"
                className="text-[14px]"
                onClick={() => take(simulatedStart(lraOf(view.sheet) ?? USUAL_LRA_A, when), when, true)}
              >
                {t('web.simulated-clamp')}
              </Button>
            </div>
          ))}
      {refused ? (
        <Notice kind="stop">
          {say(refused.message)} <span className="text-ink2">{say(refused.allowed)}</span>
        </Notice>
      ) : null}
      {got ? <Start view={view} got={got} onKept={() => setGot(undefined)} /> : null}
      <EntryLog view={view} phase="hand-over" ofSystem kinds={['inrush']} />
      {typing ? (
        <EntrySheet view={view} kind="inrush" preset={{ when: typing }} onClose={() => setTyping(undefined)} />
      ) : null}
    </Part>
  );
}

type Got = Captured & { when: When; simulated: boolean };

/** A captured start, drawn and told in figures, before it is kept. */
function Start({ view, got, onKept }: { view: JobView; got: Got; onKept: () => void }) {
  const write = useEntries(view);
  const { problem, act } = useAct();
  const round = (x: number): number => Math.round(x * 100) / 100;
  const { startRmsA, peakA, startS, runRmsA } = got.inrush;
  const body = {
    when: got.when,
    startRmsA: round(startRmsA),
    peakA: round(peakA),
    startS: round(startS),
    runA: round(runRmsA),
    learned: null,
    simulated: got.simulated,
  };
  return (
    <>
      <Paper id="start" label={t('web.current-of-the-start')} height={HEIGHT_PX}>
        {(width) => <Wave got={got} width={width} />}
      </Paper>
      <p className="font-[620]">
        {t('web.start-figures', {
          rms: q(startRmsA, 'A', 1),
          peak: q(peakA, 'A', 0),
          s: q(startS, 'number', 2),
          run: q(runRmsA, 'A', 1),
        })}
        {got.simulated ? <span className="ml-2 text-copper">{t('web.simulated-2')}</span> : null}
      </p>
      <Trouble problem={problem} />
      <Button tone="primary" onClick={() => void act(() => write('inrush', body)).then((done) => done && onKept())}>
        {t('web.keep-this-start')}
      </Button>
    </>
  );
}

function Wave({ got: { samples, inrush }, width }: { got: Captured; width: number }) {
  const last = samples.at(-1)![0] - samples[0]![0];
  const x = (s: number): number => ((s - samples[0]![0]) / last) * width;
  const y = (a: number): number => HEIGHT_PX / 2 - (a / inrush.peakA) * (HEIGHT_PX / 2 - 4);
  const begin = samples.find(([, a]) => Math.abs(a) > 0)?.[0] ?? 0;
  return (
    <g>
      <path d={`M0 ${HEIGHT_PX / 2}H${width}`} stroke="var(--rule)" />
      <path
        d={`M${samples.map(([s, a]) => `${x(s).toFixed(1)} ${y(a).toFixed(1)}`).join('L')}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.2"
      />
      <path
        d={`M${x(begin + inrush.startS)} 4V${HEIGHT_PX - 4}`}
        stroke="var(--copper)"
        strokeWidth="2"
        strokeDasharray="5 4"
      />
    </g>
  );
}
