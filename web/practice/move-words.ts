import { FAULT_WORDS, FOLLOW_UP_WORDS } from '@/core/diagnosis/said';
import { CALL_WORDS } from '@/core/phases/wire/names';
import { ACT_WORDS, BENCH_ACT_WORDS, BENCH_FAULT_WORDS, PROBE_WORDS, wiringWords } from '@/core/practice/labels';
import type { Move } from '@/core/practice/moves';
import { type Label, list, lower, q, type Said, value } from '@/core/words/said';
import { tell } from '@/web/words/tell';

/** A move in a line. */
export function moveWords(move: Move, terminal: (node: string) => Label = (n) => n): Said {
  switch (move.kind) {
    case 'place':
      return tell('web.hung-on', { probes: list(move.probes.map((id) => lower(PROBE_WORDS[id]))) });
    case 'follow':
      return FOLLOW_UP_WORDS[move.id];
    case 'wait':
      return tell('web.waited', { minutes: q(move.minutes, 'min', 0) });
    case 'charge':
      return tell(move.way === 'add' ? 'web.charge-added' : 'web.charge-recovered', { oz: q(move.oz, 'oz', 1) });
    case 'act':
      return ACT_WORDS[move.id];
    case 'restart':
      return tell('web.started-again');
    case 'name':
      return tell('web.you-named', {
        faults: list(
          move.faults.map((f) => FAULT_WORDS[f]),
          value('and'),
        ),
      });
    case 'try':
      return move.open.length
        ? tell('web.call-safety-open', { call: CALL_WORDS[move.call] })
        : tell('web.call-of', { call: CALL_WORDS[move.call] });
    case 'volts':
      return tell('web.meter-between', {
        a: terminal(move.a),
        b: terminal(move.b),
        call: lower(CALL_WORDS[move.call]),
      });
    case 'ohms':
      return tell('web.ohms-between', { a: terminal(move.a), b: terminal(move.b) });
    case 'mend':
      return tell('web.mended-as', { fault: wiringWords(move.code) });
    case 'name-wiring':
      return tell('web.you-named', { faults: wiringWords(move.code) });
    case 'line':
      return BENCH_ACT_WORDS[move.id];
    case 'name-line':
      return tell('web.you-named', { faults: BENCH_FAULT_WORDS[move.fault] });
    case 'finish':
      return tell('web.handed-over');
  }
}
