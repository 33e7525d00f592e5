import { provesDead } from '@/core/phases/recover/dead-check';
import type { RecoveryView } from '@/core/phases/recover/recovery-view';
import { plain } from '@/core/units/format';
import { list, q } from '@/core/words/said';
import { Mark, type MarkKind } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Switches = Record<string, number | boolean | string | null> | undefined;
type Step = { say: string; mark: MarkKind; note?: string };

/** The way from a charged system to an open pipe, step by step, each with where it stands. */
export function PumpDownGuide({
  view,
  suctionPsig,
  switches,
}: {
  view: RecoveryView;
  suctionPsig: number | undefined;
  switches: Switches;
}) {
  const steps = stepsOf(view, suctionPsig, switches);
  return (
    <Part
      name={t('web.steps')}
      title={
        view.method
          ? {
              'pump-down': t('web.pump-down-then-machine-for-rest'),
              machine: t('web.recovery-by-machine'),
              nothing: t('web.nothing-to-recover'),
            }[view.method.body.method]
          : t('web.from-charged-to-open')
      }
      className="min-w-0"
    >
      <ol className="mt-1">
        {steps.map((s) => (
          <li
            key={s.say}
            className="grid min-h-[40px] grid-cols-[26px_1fr] items-center border-b border-rule2 py-1.5 leading-snug"
          >
            <Mark kind={s.mark} />
            <span className={s.mark === 'now' ? 'font-[680]' : ''}>
              {s.say}
              {s.note ? <span className="block text-[13px] font-[450] text-ink2">{s.note}</span> : null}
            </span>
          </li>
        ))}
      </ol>
    </Part>
  );
}

function stepsOf(view: RecoveryView, suctionPsig: number | undefined, switches: Switches): Step[] {
  const of = (id: string): MarkKind => view.checks.find((c) => c.id === id)?.verdict ?? 'to-come';
  const done = (yes: boolean): MarkKind => (yes ? 'good' : 'to-come');
  const last = view.attempts.at(-1);
  const pumped = view.method?.body.method === 'pump-down';
  const nothing = view.method?.body.method === 'nothing';
  const suction = suctionPsig === undefined ? '' : t('web.on-suction', { suctionPsig: q(suctionPsig, 'psig') });
  const steps: Step[] = [
    {
      say: t('web.old-charge-known'),
      mark: done(view.old !== undefined),
      note: view.old ? undefined : t('web.plate-line-length-adder'),
    },
    {
      say: t('web.way-chosen'),
      mark: done(view.method !== undefined),
      note: view.advice
        ? view.advice.method === 'machine'
          ? t('web.machine-because', { reasons: list(view.advice.reasons, '; ') })
          : t('web.pump-down-every-condition-is-met')
        : undefined,
    },
  ];
  if (pumped)
    steps.push(
      {
        say: t('web.cooling-called-at-thermostat-run-2'),
        mark: done(last !== undefined || switches?.running === true),
      },
      {
        say: t('web.liquid-valve-closed'),
        mark: done(last !== undefined || switches?.liquidOpen === false),
        note: last ? undefined : suction,
      },
      {
        say: t('web.vapour-valve-closed-from-5-10'),
        mark: done(last !== undefined),
        note: last ? t('web.stopped-at-2', { stopPsig: q(last.stop.body.stopPsig, 'psig') }) : undefined,
      },
      {
        say: t('web.rebound-watched-10-min'),
        mark: last?.verdict ? (last.verdict.holds ? 'good' : 'look-again') : 'to-come',
        note: last?.verdict ? t('web.psi-came-back', { reboundPsi: plain(last.verdict.reboundPsi, 1) }) : undefined,
      },
    );
  const dead: Step = {
    say: t('web.live-dead-live-locked-out'),
    mark: view.dead ? (provesDead(view.dead.body) ? 'good' : of('dead')) : 'to-come',
  };
  if (nothing) return [...steps, dead].map(first());
  steps.push(dead);
  steps.push({
    say: pumped ? t('web.low-side-finished-by-machine') : t('web.recovered-into-cylinder'),
    mark: done(view.weighed),
    note: switches?.machineOn ? suction : view.recoveredOz > 0 ? `${(view.recoveredOz / 16).toFixed(2)} lb` : undefined,
  });
  steps.push({
    say: t('web.level-held', {
      wantedInHg: view.level.wantedInHg > 0 ? `${view.level.wantedInHg.toFixed(0)} inHg` : t('web.0-psig'),
    }),
    mark: of('level') === 'not-proven' ? 'to-come' : of('level'),
    note: say(view.level.basis),
  });
  return steps.map(first());
}

/** The first step that is still to come is the one to do now. */
function first(): (s: Step) => Step {
  let found = false;
  return (s) => {
    if (found || s.mark !== 'to-come') return s;
    found = true;
    return { ...s, mark: 'now' };
  };
}
