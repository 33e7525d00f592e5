import { useMemo } from 'react';
import type { Verdict } from '@/core/finding/finding';
import { pressureView } from '@/core/phases/pressure-test/view';
import { holdPoints } from '@/web/bench/hold/hold-layout';
import { liveStream } from '../circuit/live-stream';
import type { EquippedView } from '../job-context';

/** Before a plan says otherwise (design defaults): the section of an ordinary split and ordinary gauges. */
const USUAL = { volumeFt3: 0.35, gaugePsi: 0.5, thermometerF: 0.5 } as const;

/** The pressure test as it stands with what the gauge shows now. */
export function useHold(view: EquippedView) {
  const { sheet, feed } = view;
  const test = pressureView(sheet);
  const { hold, plan } = test;
  const run = view.run?.phase === 'pressure-test' ? view.run : undefined;
  const shownRun = run ?? view.pastRun;
  const startHere = hold && hold.start.body.runId === shownRun?.id ? hold.start : undefined;
  const { volumeFt3, gaugePsi, thermometerF } = plan?.body ?? USUAL;
  const gear = { volumeFt3, gaugePsi, thermometerF, barometerPsia: sheet.site.barometerPsia };
  // biome-ignore lint/correctness/useExhaustiveDependencies: the gear changes only with the plan
  const points = useMemo(() => {
    const body = startHere?.body;
    const from = body && { psig: body.psig, pipeF: body.pipeF, runSeconds: body.runSeconds ?? 0 };
    return holdPoints(feed.samples, from, gear);
  }, [feed.samples, startHere, plan]);
  const last = feed.samples.at(-1)?.values;
  const read = hold && (hold.end ?? hold.look ?? hold.start).body;
  const stream = liveStream(view, 'pressure-test');
  const figure = (name: string): number | undefined => {
    const v = last?.[name];
    return typeof v === 'number' ? v : undefined;
  };
  return {
    test,
    points,
    live: stream && { stream, gear },
    /** What the gauge shows while a run goes on; else what was read last. */
    psig: (run && figure('testPsig')) ?? read?.psig,
    pipeF: (run && figure('pipeF')) ?? read?.pipeF,
    reading: run !== undefined && figure('pipeF') !== undefined,
    verdict:
      test.stage === 'failed'
        ? (test.checks.find((c) => c.id === 'hold')?.verdict ?? 'look-again')
        : verdictNow(points),
    /** The start of a hold that runs on this picture. */
    holding: hold && !hold.end ? startHere : undefined,
  };
}

function verdictNow(points: ReturnType<typeof holdPoints>): Verdict {
  const p = points.at(-1);
  if (!p || p.expectedPsig === undefined) return 'not-proven';
  const d = p.psig - p.expectedPsig;
  return d < -p.uncertaintyPsi! ? 'look-again' : d > p.uncertaintyPsi! ? 'not-proven' : 'good';
}
