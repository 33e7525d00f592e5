import { evidenceFor } from '@/core/diagnosis/evidence';
import type { FollowUpId } from '@/core/diagnosis/follow-ups';
import type { Ranked, Reasoning, Verdict } from '@/core/diagnosis/reason';
import { FAULT_WORDS, FOLLOW_UP_WORDS, verdictWords } from '@/core/diagnosis/said';
import { faultNow } from '@/core/phases/start-up/reasoned';
import { startUpSystem } from '@/core/phases/start-up/system';
import { FOLLOW_UP_QUANTITIES, type Quantity } from '@/core/startup/quantities';
import { q } from '@/core/words/said';
import { Mark, type MarkKind } from '@/web/kit/Mark';
import type { EquippedView } from '@/web/phases/job-context';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { FaultEvidence } from './FaultEvidence';
import { Entry } from './ReadingsTable';
import { TwoFaults } from './TwoFaults';
import type { useStartUp } from './use-start-up';
import type { Typed } from './use-typed';

const MARKS: Record<Verdict, MarkKind> = {
  healthy: 'good',
  named: 'look-again',
  'readings-contradict': 'look-again',
  'cannot-tell': 'not-proven',
};
/** What a follow-up is typed into. */
const TYPED_FOR: Partial<Record<FollowUpId, Quantity[]>> = {
  'drier-drop': ['drierDropF'],
  'off-pressure': ['offPsig', 'offOutdoorF'],
  'compressor-inlet': ['compressorSuctionF'],
};
const SHOWN = 4;
/** A fault less likely than this is not argued about. */
const ARGUED_FROM = 0.05;

type Props = { view: EquippedView; start: ReturnType<typeof useStartUp>; typed: Typed };

/** Which fault the readings point to: how sure, what to measure next, what speaks for it and against. */
export function FaultPanel({ view, start, typed }: Props) {
  const { sheet } = view;
  const system = startUpSystem(sheet);
  const reasoned = faultNow(sheet, start.readings);
  if (!reasoned)
    return <p className="max-w-[60ch] p-4 text-[16px] text-ink2 lg:px-5">{t('web.faults-need-every-reading')}</p>;
  const { found, fromRound } = reasoned;
  const metering = system.metering === 'fixed-orifice' ? 'fixed-orifice' : 'txv';
  // The ladder doubts a probe by rules of its own: then these shares rest on it too.
  const doubted = start.judgement.findings.some((f) => f.id.startsWith('probe-'));
  const lead = found.ranked.find((r) => r.fault !== 'healthy')!;
  return (
    <div data-testid="faults" className="grid max-w-[760px] gap-5 p-4 lg:px-5">
      <h2 className="flex items-center gap-2 text-[20px] font-[680]">
        <Mark kind={MARKS[found.verdict]} /> {say(verdictWords(found))}
      </h2>
      {fromRound || start.steady.state === 'steady' ? null : (
        <p className="text-[14px] font-[620] text-ochre">{t('web.not-steady-only-a-hint')}</p>
      )}
      {doubted ? <p className="text-[14px] font-[620] text-ochre">{t('web.a-probe-is-doubted-see-findings')}</p> : null}
      <ul className="grid gap-2">
        {found.ranked.slice(0, SHOWN).map((r) => (
          <Bar key={r.fault} ranked={r} />
        ))}
      </ul>
      {lead.probability < ARGUED_FROM ? null : (
        <>
          {found.verdict === 'healthy' ? null : <Next found={found} start={start} typed={typed} />}
          <FaultEvidence fault={lead} evidence={evidenceFor(lead.fault, metering, found.features)} />
        </>
      )}
      <TwoFaults sheet={sheet} readings={start.readings} />
      <p className="text-[13px] text-ink2">{t('web.reasoned-over-drawn-systems')}</p>
    </div>
  );
}

function Bar({ ranked: { fault, probability, or } }: { ranked: Ranked }) {
  const percent = Math.round(100 * probability);
  return (
    <li data-testid={`fault-${fault}`}>
      <span className="flex items-baseline justify-between gap-3 text-[16px]">
        <b className="font-[620] first-letter:uppercase">{say(FAULT_WORDS[fault])}</b>
        <span className="tabular-nums">{say(q(percent, 'pct', 0))}</span>
      </span>
      {or ? (
        <span className="block text-[14px] text-ink2">
          {t('web.or-by-these-readings', { fault: FAULT_WORDS[or[0]!] })}
        </span>
      ) : null}
      <span className="mt-1 block h-[7px] bg-rule2">
        <span className="block h-full bg-ink" style={{ width: `${percent}%` }} />
      </span>
    </li>
  );
}

function Next({ found: { nextMeasurement }, start, typed }: Omit<Props, 'view'> & { found: Reasoning }) {
  const asked = TYPED_FOR[nextMeasurement.id] ?? [];
  return (
    <div className="border-l-[3px] border-copper pl-3 text-[16px]">
      <b className="block text-[14px] font-[680]">
        {t('web.next-measurement', { minutes: q(nextMeasurement.minutes, 'min', 'as is') })}
      </b>
      {say(FOLLOW_UP_WORDS[nextMeasurement.id])}
      <span className="mt-1 block text-[13px] text-ink2">{t('web.hot-lines-live-parts-qualified')}</span>
      <Typing names={asked} start={start} typed={typed} />
    </div>
  );
}

/** Where a follow-up is typed; one that was typed already stays beside it, so that it can be taken back. */
function Typing({ names, start, typed }: Omit<Props, 'view'> & { names: readonly Quantity[] }) {
  const shown = [...new Set([...names, ...FOLLOW_UP_QUANTITIES.filter((k) => typed.texts[k])])];
  if (shown.length === 0) return null;
  return (
    <div className="mt-2 grid max-w-[480px] gap-x-4 gap-y-1.5 sm:grid-cols-2">
      {shown.map((name) => (
        <Entry key={name} name={name} reading={start.readings[name]} typed={typed} suspect={false} staleForS={0} />
      ))}
    </div>
  );
}
