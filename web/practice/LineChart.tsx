import { useMemo } from 'react';
import { waterMicrons } from '@/core/circuit/vacuum/water-saturation';
import { ASKED_MICRONS, TEST_PSIG } from '@/core/practice/bench-round';
import type { BenchView } from '@/core/practice/view';
import { HoldChart } from '@/web/bench/hold/HoldChart';
import { holdPoints } from '@/web/bench/hold/hold-layout';
import type { StripPoint } from '@/web/bench/strip/span';
import { VacuumStrip } from '@/web/bench/vacuum/VacuumStrip';
import { useDesk } from '@/web/kit/use-media';

/** Repeatability of a gauge read twice, and of a pipe thermometer (common practice). */
const GAUGE = { gaugePsi: 0.5, thermometerF: 0.5 };
const S_PER_MIN = 60;
const NOTHING: readonly never[] = [];

/** The same strips as on a job: pressure against what the temperature explains, or the vacuum over its thresholds. */
export function LineChart({ view }: { view: BenchView }) {
  const desk = useDesk();
  const height = desk ? Math.max(320, Math.min(500, window.innerHeight - 330)) : 280;
  const { samples, facts, heldFromMin } = view;
  const hold = useMemo(() => {
    const run = samples.map((s) => ({ runSeconds: s.minute * S_PER_MIN, values: s.values }));
    const from = run.find((s) => s.runSeconds >= heldFromMin * S_PER_MIN);
    const { testPsig, pipeF } = from?.values ?? {};
    const start =
      from && typeof testPsig === 'number' && typeof pipeF === 'number'
        ? { psig: testPsig, pipeF, runSeconds: from.runSeconds }
        : undefined;
    return holdPoints(run, start, { ...GAUGE, volumeFt3: facts.volumeFt3, barometerPsia: facts.barometerPsia });
  }, [samples, heldFromMin, facts]);
  if (view.bench === 'hold')
    return <HoldChart points={hold} target={TEST_PSIG} untilMin={undefined} verdict="not-proven" height={height} />;
  const points = samples.flatMap((s): StripPoint[] =>
    typeof s.values.microns === 'number' ? [[s.minute, s.values.microns]] : [],
  );
  const pipeF = samples.at(-1)?.values.pipeF ?? undefined;
  return (
    <VacuumStrip
      points={points}
      gapsMin={NOTHING}
      targetMicrons={ASKED_MICRONS}
      limitMicrons={ASKED_MICRONS}
      waterMicrons={pipeF === undefined ? undefined : waterMicrons(pipeF)}
      waterF={pipeF}
      predicted={NOTHING}
      aheadMin={undefined}
      tests={NOTHING}
      marks={NOTHING}
      height={height}
    />
  );
}
