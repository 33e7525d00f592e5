import { callOf } from '@/core/finding/run-mode';
import { CONFIRMATION_WORDS } from '@/core/phases/report';
import type { Confirmations as Confirmed } from '@/core/startup/system';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';

/** What a person looked at and vouches for; a tap sets it, another takes it back. */
export function Confirmations({ view, confirmed }: { view: JobView; confirmed: Confirmed }) {
  const { busy, problem, act } = useAct();
  const signed = (phase: 'start-up' | 'hand-over'): boolean => view.sheet.signOffs.some((s) => s.phase === phase);
  const heats = callOf(view.sheet.job.mode) === 'heating';
  const byChart = !!view.sheet.circuit.plate?.makerChart;
  /** Auxiliary heat is asked about where the pump heats, a test mode where an inverter is read by its maker's chart. */
  const ASKED: Partial<Record<keyof Confirmed, boolean>> = {
    auxOff: heats,
    testModeCooling: byChart && !heats,
    testModeHeating: byChart && heats,
    testModeLeft: !!confirmed.testModeCooling || !!confirmed.testModeHeating,
  };
  const asked = (name: keyof Confirmed): boolean => ASKED[name] ?? true;
  return (
    <Part name={t('web.looked-at')}>
      <ul className="mt-1">
        {(Object.keys(confirmed) as (keyof Confirmed)[]).filter(asked).map((name) => {
          const by = view.sheet.startUp.confirmations[name];
          return (
            <li key={name} className="border-b border-rule2">
              <button
                type="button"
                disabled={busy || signed(name === 'testModeLeft' ? 'hand-over' : 'start-up')}
                aria-pressed={confirmed[name]}
                onClick={() =>
                  void act(() =>
                    view.actions.send(`/jobs/${view.sheet.job.id}/confirmations`, {
                      confirmation: name,
                      confirmed: !confirmed[name],
                    }),
                  )
                }
                className="grid min-h-[48px] w-full cursor-pointer grid-cols-[22px_1fr] items-center gap-2 py-1 text-left disabled:cursor-default"
              >
                <Mark kind={confirmed[name] ? 'good' : 'to-come'} />
                <span className="leading-snug first-letter:uppercase">
                  {say(CONFIRMATION_WORDS[name])}
                  {by ? <small className="block text-ink2">{by.by}</small> : null}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      {problem ? <p className="text-[13px] text-oxide">{problem.message}</p> : null}
    </Part>
  );
}
