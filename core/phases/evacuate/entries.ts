import { z } from 'zod';
import { num } from '@/core/finding/quantity-field';
import {
  choice,
  count,
  either,
  figure,
  hidden,
  type Look,
  own,
  pick,
  sinceLater,
  text,
  usual,
  yes,
} from '@/core/form/field';
import { tell } from '@/core/phases/evacuate/words';
import { entry, readAt, runId, runSeconds } from '@/core/phases/log/entry';
import { psig } from '@/core/phases/log/lines';
import { type Amount, q, type Said, typed, value } from '@/core/words/said';
/** A standing test is kept with at most this many samples; its shape needs no more. */
export const MOST_STANDING_SAMPLES = 600;

const um = (v: number): Amount => q(v, 'microns');
const micron = (label: Said, look?: Look) => figure(label, 1, 800_000, 'µm', look);
const seconds = () => hidden(num(0, 10_000_000, 's').nullable(), { start: null });
const samples = z
  .array(z.tuple([num(0, 3000, 'min'), num(1, 800_000, 'µm')]))
  .max(MOST_STANDING_SAMPLES)
  .describe(`up to ${MOST_STANDING_SAMPLES} pairs of minutes and microns; read from the run when there is one`);
const coldestPipe = () => figure(tell('evacuate.coldest-pipe'), -40, 150, '°F');

/** What is written down of the vacuum. */
export const evacuateEntries = {
  'pump-setup': entry(
    tell('log.pump-set-up'),
    {
      method: pick(tell('evacuate.way'), {
        'single-deep': tell('evacuate.one-deep-pull'),
        triple: tell('evacuate.triple-two-nitrogen-sweeps'),
      }),
      pumpCfm: figure(tell('evacuate.pump'), 0.5, 60, 'CFM'),
      hoseBoreIn: usual(tell('evacuate.hose-bore-in'), num(0.05, 2, 'in'), [
        [0.18, '0.18'],
        [0.31, '0.31'],
        [0.43, '0.43'],
      ]),
      hoseLengthIn: figure(tell('evacuate.hose-length'), 1, 1200, 'in'),
      hoseCount: count(tell('evacuate.hoses-side-by-side'), 1, 4),
      coresIn: either(tell('evacuate.valve-cores'), [
        [false, tell('evacuate.out')],
        [true, tell('evacuate.still-in')],
      ]),
      gaugePlace: choice(tell('evacuate.micron-gauge'), ['far from the pump', 'at the manifold', 'at the pump'], {
        stacked: true,
      }),
      volumeFt3: figure(tell('evacuate.volume-of-section'), 0.01, 50, 'ft³'),
      coldestPipeF: coldestPipe(),
      compressorLocked: yes(tell('evacuate.compressor-cannot-start-locked-out')),
    },
    (b) =>
      tell('log.bore', {
        pumpCfm: q(b.pumpCfm, 'cfm', 'as is'),
        hoseCount: b.hoseCount,
        hoseBoreIn: q(b.hoseBoreIn, 'in', 'as is'),
        coresIn: b.coresIn ? tell('log.cores-in') : tell('log.cores-out'),
        method: value(b.method),
      }),
    { edited: true, caution: tell('evacuate.never-start-or-insulation-test-compressor') },
  ),
  'blank-off': entry(
    tell('log.blank-off'),
    {
      microns: figure(tell('evacuate.pump-blanked-off-gauge-on-it'), 1, 20_000, 'µm', {
        hint: tell('evacuate.50-or-less-is-good-above'),
      }),
    },
    (b) => tell('log.microns', { microns: um(b.microns) }),
  ),
  'oil-change': entry(tell('log.oil-change'), { why: text(tell('evacuate.why'), 120) }, (b) => typed(b.why)),
  microns: entry(tell('log.vacuum-read'), { microns: micron(tell('evacuate.gauge-shows')) }, (b) =>
    tell('log.microns', { microns: um(b.microns) }),
  ),
  sweep: entry(
    tell('log.nitrogen-sweep'),
    {
      fromMicrons: micron(tell('evacuate.pulled-to')),
      psig: figure(tell('evacuate.nitrogen-to'), -5, 15, 'psig'),
      soakMin: figure(tell('evacuate.soaked-for'), 0, 240, 'min'),
      runId: sinceLater(runId()),
    },
    (b) => tell('log.from-to', { fromMicrons: um(b.fromMicrons), psig: psig(b.psig) }),
  ),
  isolated: entry(
    tell('log.valved-off'),
    {
      microns: micron(tell('evacuate.gauge-shows'), { stream: { channel: 'microns', take: 'now', digits: 0 } }),
      runId: runId(),
      runSeconds: runSeconds(),
      readAt: readAt(tell('evacuate.read-at')),
    },
    (b) => tell('log.at-microns', { microns: um(b.microns) }),
  ),
  standing: entry(
    tell('log.standing-test'),
    {
      samples: own(samples, tell('evacuate.minute-and-microns-pump-valved-off'), { kind: 'pairs' }, { start: [] }),
      coldestPipeF: coldestPipe(),
      runId: runId(),
      fromS: seconds(),
      toS: seconds(),
    },
    (b) => tell('log.readings-over', { count: b.samples.length, value: q(b.samples.at(-1)?.[0] ?? 0, 'min') }),
  ),
};
