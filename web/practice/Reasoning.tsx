import { evidenceFor } from '@/core/diagnosis/evidence';
import { FAULT_WORDS, FOLLOW_UP_WORDS } from '@/core/diagnosis/said';
import { terminalWords } from '@/core/phases/wire/names';
import type { Metering } from '@/core/plant/unit/faults';
import { quickestFor } from '@/core/practice/acts';
import { ACT_WORDS } from '@/core/practice/labels';
import type { CabinetResult, SystemResult } from '@/core/practice/result';
import type { Step } from '@/core/practice/retrace';
import type { CabinetView, SystemView } from '@/core/practice/view';
import { lower, q, type Said } from '@/core/words/said';
import { FaultEvidence } from '@/web/phases/start-up/FaultEvidence';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { BeforeAfter } from './BeforeAfter';
import { moveWords } from './move-words';

/** How the reasoning would have gone about it, what spoke for the fault, and the system before and after. */
export function SystemReasoning({ view, result }: { view: SystemView; result: SystemResult }) {
  const { steps, measuringMin, totalMin, solved } = result.retraced;
  const metering: Metering = view.facts.metering;
  const found = view.reasoned;
  const fault = result.hidden[0];
  return (
    <>
      <section>
        <h3 className="text-[19px] font-[680]">{t('web.how-the-reasoning-would-go')}</h3>
        <ol className="mt-1.5 max-w-[680px]" data-testid="retraced">
          {steps.map((step, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: steps never change their order
            <li key={i} className="grid grid-cols-[1fr_auto] gap-3 border-b border-rule2 py-1.5 text-[15.5px]">
              <span>
                <b className="font-[600]">{say(stepWords(step))}</b>
                {step.did === 'cure' ? null : (
                  <span className="block text-[14px] text-ink2">
                    {t('web.then-likeliest', {
                      fault: FAULT_WORDS[step.lead.fault],
                      share: q(100 * step.lead.probability, 'pct', 0),
                    })}
                  </span>
                )}
              </span>
              <span className="text-[14px] text-ink2">{say(q(step.minutes, 'min', 0))}</span>
            </li>
          ))}
        </ol>
        <p className="mt-1 text-[14px] text-ink2">
          {t(solved || result.hidden.length === 0 ? 'web.reasoning-took' : 'web.reasoning-did-not-clear-it', {
            measuring: q(measuringMin, 'min', 0),
            total: q(totalMin, 'min', 0),
          })}
        </p>
      </section>
      {found && fault && fault !== 'probe-doubt' ? (
        <section className="max-w-[680px]">
          <h3 className="text-[19px] font-[680]">{t('web.your-own-readings')}</h3>
          <FaultEvidence
            fault={found.ranked.find((r) => r.fault === fault) ?? { fault, probability: 0 }}
            evidence={evidenceFor(fault, metering, found.features)}
          />
        </section>
      ) : null}
      <BeforeAfter view={view} result={result} />
    </>
  );
}

function stepWords(step: Step): Said {
  if (step.did === 'probes') return tell('web.read-every-probe');
  if (step.did !== 'cure') return FOLLOW_UP_WORDS[step.did];
  if (step.fault === 'undercharge') return tell('web.charge-by-the-scale');
  if (step.fault === 'overcharge') return tell('web.recover-by-the-scale');
  const act = quickestFor(step.fault);
  return act ? ACT_WORDS[act] : FOLLOW_UP_WORDS['second-look'];
}

/** The calls and measurements that part the faults of a cabinet fastest. */
export function CabinetReasoning({ view, result }: { view: CabinetView; result: CabinetResult }) {
  const terminal = (node: string): Said => terminalWords(node, view.spec);
  return (
    <section>
      <h3 className="text-[19px] font-[680]">{t('web.how-the-reasoning-would-go')}</h3>
      <ol className="mt-1.5 max-w-[680px]" data-testid="retraced">
        {result.steps.map((step, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: steps never change their order
          <li key={i} className="grid grid-cols-[1fr_auto] gap-3 border-b border-rule2 py-1.5 text-[15.5px]">
            <span>
              <b className="font-[600]">
                {say(
                  moveWords(
                    step.did === 'try'
                      ? { kind: 'try', call: step.trial.call, open: [...step.trial.open] }
                      : { kind: 'volts', ...step.measured, open: [...step.measured.open] },
                    terminal,
                  ),
                )}
              </b>
              <span className="block text-[14px] text-ink2">
                {step.did === 'volts'
                  ? `${say(q(step.measured.volts, 'V', 1))} · ${say(lower(leftWords(step.left)))}`
                  : say(leftWords(step.left))}
              </span>
            </span>
            <span className="text-[14px] text-ink2">{say(q(step.minutes, 'min', 0))}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

const leftWords = (left: number): Said =>
  left === 1 ? tell('web.one-wiring-left') : tell('web.wirings-left', { left });
