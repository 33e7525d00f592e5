import { yesNo } from '@/core/finding/quantity-field';
import { count, figure, hidden, is, maybe, pick } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { tell } from '@/core/phases/wire/words';
import { q, value } from '@/core/words/said';

const ofSystem = { ofSystem: true } as const;
/** Read from the simulated clamp. */
const simulated = () => hidden(yesNo, { start: false });

/** What a compressor takes when it starts: before a soft starter, and with it; the running system gives it. */
export const inrushEntries = {
  inrush: entry(
    tell('wire.inrush'),
    {
      when: pick(tell('wire.taken'), {
        before: tell('wire.before-the-starter'),
        after: tell('wire.after-the-starter'),
      }),
      startRmsA: figure(tell('wire.inrush-rms'), 0.1, 3000, 'A', { hint: tell('wire.one-meter-one-mode') }),
      peakA: maybe(figure(tell('wire.peak'), 0.1, 5000, 'A', { more: true })),
      startS: maybe(figure(tell('wire.start-time'), 0.001, 10, 's', { more: true })),
      runA: maybe(figure(tell('wire.running'), 0.1, 1000, 'A')),
      learned: maybe(count(tell('wire.learning-starts-made'), 0, 50, { when: is('when', 'after') })),
      simulated: simulated(),
    },
    (b) => tell('wire.inrush-line', { when: value(b.when), a: q(b.startRmsA, 'A', 1), run: q(b.runA, 'A', 1) }),
    { ...ofSystem, caution: tell('wire.never-start-in-a-vacuum') },
  ),
};
