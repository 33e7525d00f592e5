import type { BenchView } from '@/contract/answers/stream';
import type { RunPhase } from '@/contract/requests';
import { Choice } from '@/web/kit/Choice';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';
import { ConnectRun, SourceNotice } from '../instruments/ConnectRun';
import { SpeedChoice } from '../instruments/SpeedChoice';
import type { JobView } from '../job-context';

type Switch = {
  label: string;
  name: string;
  unit?: string;
  options: readonly (readonly [string | number | boolean, string])[];
};

/** Faults and weather that the drawer of each bench offers. */
const SWITCHES: Record<string, readonly Switch[]> = {
  nitrogen: [
    {
      label: t('web.leak'),
      name: 'leakScfh',
      options: [
        [0, 'none'],
        [0.15, 'small'],
        [1.2, 'plain'],
      ],
    },
    {
      label: t('web.day-2'),
      name: 'swingFPerH',
      options: [
        [-6, 'cools'],
        [0, 'steady'],
        [8, 'warms'],
      ],
    },
    {
      label: t('web.sun-on-pipe'),
      name: 'sunF',
      options: [
        [0, 'shaded'],
        [15, t('web.in-sun')],
      ],
    },
  ],
  vacuum: [
    {
      label: t('web.leak'),
      name: 'leakMicronCfm',
      options: [
        [0, 'none'],
        [14, 'small'],
        [60, 'plain'],
      ],
    },
    {
      label: t('web.water-in-pipes'),
      name: 'waterOz',
      options: [
        [0.004, 'dry'],
        [0.06, 'damp'],
        [0.3, 'wet'],
      ],
    },
    {
      label: t('web.gauge'),
      name: 'gauge',
      options: [
        ['right', 'right'],
        ['fouled', 'fouled'],
        ['lost', t('web.no-signal')],
      ],
    },
    {
      label: t('web.valve-cores'),
      name: 'coresIn',
      options: [
        [false, 'out'],
        [true, 'in'],
      ],
    },
  ],
  recovery: [
    {
      label: t('web.service-valves'),
      name: 'valveLeaks',
      options: [
        [0, 'tight'],
        [4, t('web.leak-through')],
      ],
    },
    {
      label: t('web.recovery-cylinder'),
      name: 'chilled',
      options: [
        [false, t('web.in-air')],
        [true, t('web.in-ice')],
      ],
    },
  ],
};

/** The instruments of a phase of the circuit: connect, speed and faults of the simulated ones, or the crew's own. */
export function BenchSheet({ view, phase, onClose }: { view: JobView; phase: RunPhase; onClose: () => void }) {
  const { feed } = view;
  const run = view.run?.phase === phase ? view.run : undefined;
  // What the crew tells of its own gear is told in the next move, not switched here.
  const bench = run && !feed.bench?.told ? feed.bench : null;
  const { problem, act } = useAct();
  return (
    <Sheet open onClose={onClose} title={t('web.instruments')}>
      <SourceNotice run={run} simulates={t('web.pipes-pump-and-gauges')} />
      <div className="mt-4 grid gap-4">
        <Trouble problem={problem} />
        {bench ? <Controls bench={bench} send={(command) => void act(() => view.order(command as object))} /> : null}
        <ConnectRun view={view} phase={phase} />
      </div>
    </Sheet>
  );
}

function Controls({ bench, send }: { bench: BenchView; send: (command: unknown) => void }) {
  return (
    <>
      <SpeedChoice speed={bench.speed} send={send} />
      {(SWITCHES[bench.kind] ?? []).map((s) => (
        <Choice
          key={s.name}
          label={s.label}
          value={String(bench.switches[s.name] ?? '')}
          options={s.options.map(([v, label]) => ({ value: String(v), label }))}
          onChange={(v) =>
            send({ kind: 'configure', change: { [s.name]: s.options.find(([o]) => String(o) === v)![0] } })
          }
        />
      ))}
    </>
  );
}
