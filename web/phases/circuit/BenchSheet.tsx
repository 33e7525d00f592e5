import { v7 as uuid } from 'uuid';
import { SPEEDS } from '@/contract/requests';
import type { CircuitPhase } from '@/core/job/circuit/circuit-views';
import { post } from '@/web/api/http';
import type { BenchView } from '@/web/api/instrument-feed';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import type { JobView } from '../job-context';
import { PortNotice } from './PortNotice';

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
      label: 'A leak',
      name: 'leakScfh',
      options: [
        [0, 'none'],
        [0.15, 'small'],
        [1.2, 'plain'],
      ],
    },
    {
      label: 'The day',
      name: 'swingFPerH',
      options: [
        [-6, 'cools'],
        [0, 'steady'],
        [8, 'warms'],
      ],
    },
    {
      label: 'Sun on the pipe',
      name: 'sunF',
      options: [
        [0, 'shaded'],
        [15, 'in the sun'],
      ],
    },
  ],
  vacuum: [
    {
      label: 'A leak',
      name: 'leakMicronCfm',
      options: [
        [0, 'none'],
        [14, 'small'],
        [60, 'plain'],
      ],
    },
    {
      label: 'Water in the pipes',
      name: 'waterOz',
      options: [
        [0.004, 'dry'],
        [0.06, 'damp'],
        [0.3, 'wet'],
      ],
    },
    {
      label: 'Gauge',
      name: 'gauge',
      options: [
        ['right', 'right'],
        ['fouled', 'fouled'],
        ['lost', 'no signal'],
      ],
    },
    {
      label: 'Valve cores',
      name: 'coresIn',
      options: [
        [false, 'out'],
        [true, 'in'],
      ],
    },
  ],
  recovery: [
    {
      label: 'Service valves',
      name: 'valveLeaks',
      options: [
        [0, 'tight'],
        [4, 'leak through'],
      ],
    },
    {
      label: 'Recovery cylinder',
      name: 'chilled',
      options: [
        [false, 'in the air'],
        [true, 'in ice'],
      ],
    },
  ],
};

/** The simulated bench of a phase of the circuit: connect, speed, faults. Always marked as simulated. */
export function BenchSheet({ view, phase, onClose }: { view: JobView; phase: CircuitPhase; onClose: () => void }) {
  const { sheet, feed } = view;
  const run = view.run?.phase === phase ? view.run : undefined;
  // What the crew tells of its own gear is told in the next move, not switched here.
  const bench = run && !feed.bench?.told ? feed.bench : null;
  const { busy, problem, act } = useAct();
  const interrupted = sheet.runs.filter((r) => r.state === 'interrupted' && r.phase === phase).at(-1);
  const send = (command: unknown): Promise<boolean> => act(() => post(`/runs/${run?.id}/commands`, command));
  return (
    <Sheet open onClose={onClose} title="Instruments">
      {run && run.source !== 'simulated' ? (
        <p className="mt-1 border-[1.5px] border-ink px-2.5 py-1.5 text-[13.5px]">
          {run.source === 'replayed'
            ? 'A recording is played back: every figure of it is marked as replayed.'
            : 'Instruments of your own are connected.'}
        </p>
      ) : (
        <p className="mt-1 border-[1.5px] border-dashed border-copper px-2.5 py-1.5 text-[13.5px] text-copper">
          A physical model stands in for pipes, pump and gauges. Everything read from it is stored as simulated.
        </p>
      )}
      <div className="mt-4 grid gap-4">
        <Trouble problem={problem} />
        {!run ? (
          <>
            {interrupted ? (
              <Button
                tone="primary"
                disabled={busy}
                onClick={() =>
                  act(async () => {
                    await post(`/runs/${interrupted.id}/resume`);
                    await view.actions.reload();
                    view.rejoin();
                  })
                }
              >
                Resume the interrupted run
              </Button>
            ) : null}
            <Button
              tone={interrupted ? 'plain' : 'primary'}
              disabled={busy}
              onClick={() =>
                act(() => view.actions.send(`/jobs/${sheet.job.id}/runs`, { id: uuid(), phase, speed: 1 }))
              }
            >
              Connect simulated instruments
            </Button>
          </>
        ) : bench ? (
          <Controls
            bench={bench}
            busy={busy}
            send={(c) => void send(c)}
            stop={() =>
              act(async () => {
                await post(`/runs/${run.id}/stop`);
                await view.actions.reload();
              })
            }
          />
        ) : (
          <Button
            disabled={busy}
            onClick={() =>
              act(async () => {
                await post(`/runs/${run.id}/stop`);
                await view.actions.reload();
              })
            }
          >
            Disconnect
          </Button>
        )}
        <PortNotice view={view} phase={phase} />
      </div>
    </Sheet>
  );
}

function Controls({
  bench,
  busy,
  send,
  stop,
}: {
  bench: BenchView;
  busy: boolean;
  send: (command: unknown) => void;
  stop: () => void;
}) {
  return (
    <>
      <Choice
        label="Speed, times real time"
        value={bench.speed}
        options={SPEEDS.map((s) => ({ value: s, label: `${s}×` }))}
        onChange={(speed) => send({ kind: 'speed', speed })}
      />
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
      <Button disabled={busy} onClick={stop}>
        Disconnect
      </Button>
    </>
  );
}
