import { oneOf } from '@/core/finding/quantity-field';
import { figure, hidden, id, is, type Look, maybe, pick, text, yes } from '@/core/form/field';
import { entry, readAt, runId, runSeconds } from '@/core/phases/log/entry';
import { psig } from '@/core/phases/log/lines';
import { tell } from '@/core/phases/pressure-test/words';
import { q, type Said, value } from '@/core/words/said';

const TEST_PSIG = { stream: { channel: 'testPsig', take: 'mean', digits: 1 } } as const;
const PIPE_F = { stream: { channel: 'pipeF', take: 'mean', digits: 1 } } as const;
/** A gauge on nitrogen is read in psig; a vacuum has no place in this test, but the sensor may drift below zero. */
const gauge = (label: Said, look?: Look) => figure(label, -15, 1000, 'psig', look);
const pipe = (look?: Look) => figure(tell('pressure.pipe-shaded'), -20, 150, '°F', look);

const held = (b: { psig: number; pipeF: number }): Said =>
  tell('log.pipe', { psig: psig(b.psig), pipeF: q(b.pipeF, 'F') });
const limit = (label: Said, look?: Look) => maybe(figure(label, 50, 1000, 'psig', look));

/** What is written down of the nitrogen test. */
export const pressureEntries = {
  'test-plan': entry(
    tell('log.test-plan'),
    {
      section: pick(tell('pressure.under-test'), {
        'lines and coil': tell('pressure.lines-and-coil-unit-shut'),
        'whole circuit': tell('pressure.whole-circuit'),
      }),
      lowSidePsig: limit(tell('pressure.low-side-limit-on-coils-plate'), {
        hint: tell('pressure.empty-not-known-then-150-at'),
      }),
      highSidePsig: limit(tell('pressure.high-side-limit'), { when: is('section', 'whole circuit') }),
      gearPsig: figure(tell('pressure.gauge-hoses-valves-rated'), 50, 3000, 'psig'),
      targetPsig: figure(tell('pressure.test-at'), 5, 1000, 'psig', {
        hint: tell('pressure.lowest-limit-above-less-only-with'),
      }),
      reducedBecause: maybe(text(tell('pressure.why-lower-than-limit'), 300)),
      volumeFt3: figure(tell('pressure.volume-of-section'), 0.005, 50, 'ft³'),
      gaugePsi: figure(tell('pressure.gauge-repeats-within'), 0.05, 20, 'psi', {
        hint: tell('pressure.good-digital-gauge-0-5'),
      }),
      thermometerF: figure(tell('pressure.thermometer-within'), 0.1, 10, '°F', {
        hint: tell('pressure.good-clamp-0-5'),
      }),
    },
    (b) => tell('log.section-at', { section: value(b.section), psig: psig(b.targetPsig) }),
    { edited: true, caution: tell('pressure.dry-nitrogen-only-through-regulator-with') },
  ),
  'stage-listen': entry(
    tell('log.stage'),
    { psig: gauge(tell('pressure.stopped-at')), heard: yes(tell('pressure.something-hisses')) },
    (b) => tell(b.heard ? 'log.stage-heard' : 'log.stage-quiet', { psig: psig(b.psig) }),
  ),
  'hold-start': entry(
    tell('log.hold-started'),
    {
      psig: gauge(tell('pressure.pressure'), TEST_PSIG),
      pipeF: pipe(PIPE_F),
      runId: runId(),
      runSeconds: runSeconds(),
      readAt: readAt(tell('pressure.read-at')),
    },
    held,
    { caution: tell('pressure.stand-aside-of-caps-and-valves') },
  ),
  /** A look before the hold is over: it shows how it goes and ends nothing. */
  'hold-look': entry(
    tell('log.look-during-hold'),
    {
      startId: hidden(id()),
      psig: gauge(tell('pressure.pressure')),
      pipeF: pipe(),
      readAt: readAt(tell('pressure.read-at')),
    },
    held,
    // Written by the form of the hold's end, when it is read too early.
    { offered: false },
  ),
  'hold-end': entry(
    tell('log.hold-ended'),
    {
      startId: hidden(id()),
      psig: gauge(tell('pressure.pressure'), TEST_PSIG),
      pipeF: pipe(PIPE_F),
      runId: runId(),
      runSeconds: runSeconds(),
      readAt: readAt(tell('pressure.read-at')),
    },
    held,
  ),
  bubble: entry(
    tell('log.bubble-check'),
    { jointId: hidden(id()), result: hidden(oneOf(['no bubbles', 'bubbles'])) },
    (b) => value(b.result),
    { byTap: true },
  ),
  released: entry(
    tell('log.nitrogen-released'),
    { outdoors: yes(tell('pressure.slowly-outdoors')) },
    (b) => (b.outdoors ? tell('log.outdoors-slowly') : tell('log.indoors')),
    { caution: tell('pressure.open-slowly-outdoors-nitrogen-displaces-air') },
  ),
};
