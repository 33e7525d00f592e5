import { entry } from '@/core/phases/log/entry';
import { tell } from '@/core/phases/start-up/words';
import { DEFROST_FIELDS } from '@/core/startup/defrost';
import { STRIP_FIELDS } from '@/core/startup/electric-heat';
import { q, value } from '@/core/words/said';
import { acceptanceEntries } from './acceptance-entries';
import { benchEntries } from './bench-entries';

const ofSystem = { ofSystem: true } as const;

/** Proofs that are typed as they are seen: each stage of electric heat, a defrost, what it is accepted by. They belong to the system. */
export const startUpEntries = {
  'strip-run': entry(
    tell('job.electric-heat-one-stage'),
    STRIP_FIELDS,
    (b) => tell('job.strip-line', { stage: b.stage, amps: q(b.amps, 'A'), volts: q(b.volts, 'V') }),
    { ...ofSystem, caution: tell('job.live-parts-qualified-people') },
  ),
  'defrost-run': entry(
    tell('job.a-defrost'),
    DEFROST_FIELDS,
    (b) =>
      tell('job.defrost-line', {
        how: value(b.how),
        minutes: q(b.minutes, 'min', 'as is'),
        from: q(b.coilStartF, 'F', 0),
        to: q(b.coilEndF, 'F', 0),
        supply: q(b.supplyLowF, 'F', 0),
      }),
    { ...ofSystem, edited: true, caution: tell('job.pins-by-the-makers-drawing') },
  ),
  ...acceptanceEntries,
  ...benchEntries,
};
