import { choice, either, figure, hidden, is, maybe, text, words } from '@/core/form/field';
import { tell } from '@/core/phases/hand-over/words';
import { entry } from '@/core/phases/log/entry';
import { REGISTER_MEANS } from '@/core/set/register-flow';
import { q, value } from '@/core/words/said';

/** What was measured at a register while the blower ran; it belongs to the system. */
export const balanceEntries = {
  register: entry(
    tell('balance.register'),
    {
      branch: hidden(words(40, 1)),
      room: text(tell('balance.room'), 60, 1),
      wantedCfm: figure(tell('balance.wanted'), 5, 5000, 'CFM'),
      means: choice(tell('balance.measured-by'), REGISTER_MEANS),
      reading: figure(tell('balance.reading'), 1, 6000, '', { hint: tell('balance.cfm-of-a-hood-fpm-at-a-face') }),
      factor: maybe(
        figure(tell('balance.factor'), 0.1, 2, '', { hint: tell('balance.of-this-grille-empty-not-taken') }),
      ),
      areaFt2: maybe(figure(tell('balance.area'), 0.01, 20, 'ft²', { when: is('means', 'face velocity') })),
      effective: either(
        tell('balance.area-is'),
        [
          [true, tell('balance.effective-from-its-maker')],
          [false, tell('balance.gross')],
        ],
        { when: is('means', 'face velocity'), unasked: false },
      ),
      damper: text(tell('balance.damper'), 40, 0, { hint: tell('after.may-stay-empty') }),
    },
    (b) => tell('balance.line', { room: b.room, reading: q(b.reading, 'number', 0), means: value(b.means) }),
    { ofSystem: true, byTap: true },
  ),
};
