import { useMemo } from 'react';
import { pressuresNow } from '@/core/phases/start-up/reasoned';
import type { Readings } from '@/core/startup/quantities';
import { q } from '@/core/words/said';
import type { EquippedView } from '@/web/phases/job-context';
import { t } from '@/web/words/tell';

const AIR = ['outdoorDryBulbF', 'returnDryBulbF', 'returnWetBulbF'] as const;

/** What both gauges of a sound system show in this air: a line under the ladder, for whoever reads psig. */
export function ExpectedPressures({ view, readings }: { view: EquippedView; readings: Readings }) {
  const air = AIR.map((name) => Math.round(2 * (readings[name]?.value ?? Number.NaN))).join();
  // Solved again only where the air moved: readings come every second.
  // biome-ignore lint/correctness/useExhaustiveDependencies: `air` stands for the readings
  const bands = useMemo(() => pressuresNow(view.sheet, readings), [view.sheet, air]);
  if (!bands) return null;
  const ends = ({ low, high }: { low: number; high: number }) => ({
    low: q(low, 'number', 0),
    high: q(high, 'psig', 0),
  });
  const suction = ends(bands.suctionPsig);
  const head = ends(bands.liquidPsig);
  return (
    <p data-testid="expected-pressures" className="px-4 pb-2 text-[13.5px] text-ink2 lg:px-5">
      {t('web.sound-systems-show', {
        suctionLow: suction.low,
        suctionHigh: suction.high,
        headLow: head.low,
        headHigh: head.high,
      })}
    </p>
  );
}
