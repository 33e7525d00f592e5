import type { RunMode } from '@/core/finding/run-mode';
import { isSigned } from '@/core/job/sheet';
import { modesOf, proofMarks } from '@/core/phases/start-up/mode-proofs';
import type { SteadyResult } from '@/core/startup/steady-state';
import { shown } from '@/core/units/format';
import { upper, value } from '@/core/words/said';
import type { EquippedView } from '@/web/phases/job-context';
import { say, sayLow } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { ModeChoice } from './ModeChoice';
import type { useStartUp } from './use-start-up';

type Props = {
  view: EquippedView;
  start: ReturnType<typeof useStartUp>;
  stale: boolean;
  busy: boolean;
  onMode: (mode: RunMode) => void;
};

/** What runs, in which mode, for how long, and whether it is steady. */
export function StartUpHead({ view: { sheet, feed }, start, stale, busy, onMode }: Props) {
  const { steady, readings, streaming, staleForS } = start;
  const signed = isSigned(sheet, 'start-up');
  // Where the charge is not judged, the length of the run stands in for steadiness.
  const ran = start.judgement.findings.find((f) => f.id === 'run-time');
  const good = ran ? ran.verdict === 'good' : steady.state === 'steady';
  const outdoor = readings.outdoorDryBulbF?.value;
  const house = readings.returnDryBulbF?.value;
  const end = feed.samples.at(-1)?.runSeconds;
  return (
    <div className="flex flex-wrap items-baseline gap-x-3.5">
      <h1 className="max-lg:sr-only text-[23px]">{t('web.start-up')}</h1>
      <ModeChoice
        mode={sheet.job.mode}
        modes={modesOf(sheet.circuit.plate)}
        marks={proofMarks(start.judgement.findings)}
        fixed={signed || busy}
        onMode={onMode}
      />
      <span className="hidden text-ink2 sm:inline">
        {end !== undefined && streaming ? t('web.run-min', { end: Math.floor(end / 60) }) : ''}
        {outdoor !== undefined ? t('web.outdoor-f-2', { outdoor: shown(outdoor, '°F') }) : ''}
        {house !== undefined ? t('web.house-f', { house: shown(house, '°F') }) : ''}
      </span>
      <span
        className={`font-[650] sm:ml-auto max-sm:text-[17px] ${good && !stale ? 'text-pine' : 'text-ink2'}`}
        data-testid="steady"
        data-state={steady.state}
        data-latency-ms={feed.latencyMs}
      >
        {signed
          ? t('web.signed', { say: sayLow(steady.say) })
          : stale
            ? t('web.stale-s', { staleForS })
            : ran
              ? say(ran.claim)
              : statusOf(steady)}
      </span>
    </div>
  );
}

/** The state of the run in a few words; the finding tells the rest. */
function statusOf(steady: SteadyResult): string {
  if (steady.state === 'steady') return say(steady.say);
  const word = upper(value(steady.state));
  return say(steady.waitS > 60 ? tell('web.min-left', { word, waitS: Math.ceil(steady.waitS / 60) }) : word);
}
