import type { Finding } from '@/core/finding/finding';
import type { EntryBody } from '@/core/phases/log/entries';
import { q, type Said, value } from '@/core/words/said';
import { COMMON, tell } from './words';

type Joint = EntryBody<'joint'>;
type Wrap = (what: Said) => Said;

/** How a joint was made, beyond flame and torque: the tube before it, the press, the coupling. Older joints say nothing of it. */
export function madeChecks(body: Joint, at: Wrap, id: (what: string) => string): Finding[] {
  return [...prepared(body, at, id), ...pressed(body, at, id), ...coupled(body, at, id)];
}

function prepared({ prepared: done, method }: Joint, at: Wrap, id: (what: string) => string): Finding[] {
  if (done === undefined || method === 'coupling') return [];
  const burr = !done.includes('reamed');
  const dirty = method !== 'flare' && !done.includes('cleaned');
  if (!burr && !dirty) return [];
  return [
    {
      id: id('prepared'),
      verdict: 'not-proven',
      claim: at(tell(burr ? 'join.not-logged-as-reamed' : 'join.not-logged-as-cleaned')),
      because: tell(burr ? 'join.burr-whistles-and-breaks-off' : 'join.alloy-and-seal-do-not-hold-on-dirt'),
      source: COMMON,
      next: { say: tell('join.say-what-was-done-before-joining') },
    },
  ];
}

function pressed(body: Joint, at: Wrap, id: (what: string) => string): Finding[] {
  if (body.method !== 'press') return [];
  const out: Finding[] = [];
  const say = (what: string, verdict: Finding['verdict'], claim: Said, because: Said, next: Said, miss = 1) =>
    out.push({
      id: id(what),
      verdict,
      claim: at(claim),
      because,
      source: tell('join.press-makers-instructions'),
      next: { say: next },
      miss,
    });
  if (body.tubeFace === 'pitted' || body.tubeFace === 'oval')
    say(
      'tube',
      'look-again',
      tell('join.tube-under-press-fitting-is', { face: value(body.tubeFace) }),
      tell('join.press-seal-needs-round-smooth-tube'),
      tell('join.cut-back-to-good-tube-or-braze'),
    );
  if (body.depthMarked === false || body.gauged === false)
    say(
      'press',
      'look-again',
      tell(body.depthMarked === false ? 'join.depth-mark-is-not-at-edge' : 'join.press-not-gauged'),
      tell('join.half-pressed-joint-holds-test-and-leaks-later'),
      tell('join.cut-it-out-and-press-a-new-one'),
    );
  else if (body.depthMarked === null || body.gauged === null)
    say(
      'press',
      'not-proven',
      tell('join.press-mark-and-gauge-not-logged'),
      tell('join.half-pressed-joint-holds-test-and-leaks-later'),
      tell('join.look-at-mark-and-put-gauge-on'),
      0.5,
    );
  const { brazeIn, brazeLeastIn } = body;
  if (typeof brazeIn === 'number' && typeof brazeLeastIn === 'number' && brazeIn < brazeLeastIn)
    say(
      'near-braze',
      'look-again',
      tell('join.brazed-joint-too-near', { brazeIn: q(brazeIn, 'in'), brazeLeastIn: q(brazeLeastIn, 'in') }),
      tell('join.heat-ruins-the-seal'),
      tell('join.braze-first-press-when-cold-or-further'),
    );
  return out;
}

function coupled({ method, bubbles, detector }: Joint, at: Wrap, id: (what: string) => string): Finding[] {
  if (method !== 'coupling') return [];
  const leaks = bubbles === 'leaks' || detector === 'leaks';
  const both = bubbles === 'clean' && detector === 'clean';
  if (both) return [];
  return [
    {
      id: id('coupling'),
      verdict: leaks ? 'look-again' : 'not-proven',
      claim: at(tell(leaks ? 'join.coupling-leaks' : 'join.coupling-not-checked-both-ways')),
      because: tell('join.coupling-is-leak-checked-like-any-joint'),
      source: COMMON,
      next: { say: tell(leaks ? 'join.tighten-by-torque-or-new-seal' : 'join.bubbles-and-detector-at-each-coupling') },
      miss: leaks ? 2 : 0.5,
    },
  ];
}
