import { brazeClearance } from '@/core/circuit/join/braze-clearance';
import { flareTorque } from '@/core/circuit/join/flare-torque';
import type { Finding } from '@/core/finding/finding';
import type { EntryOf } from '@/core/phases/log/circuit-log';
import { q, type Said } from '@/core/words/said';
import { madeChecks } from './made-checks';
import { COMMON, tell } from './words';

/** What is wrong with one joint; each check names the entry, so that it can be corrected from the next move. */
export const jointChecks = (joint: EntryOf<'joint'>): Finding[] =>
  troublesOf(joint).map((check) => ({ ...check, subject: joint.id }));

function troublesOf(joint: EntryOf<'joint'>): Finding[] {
  const { body } = joint;
  const checks: Finding[] = [];
  const at = (what: Said): Said => tell('join.at-joint', { place: body.place, what });
  const id = (what: string): string => `joint-${joint.id}-${what}`;
  if (body.method === 'braze') {
    if (!body.nitrogenScfh)
      checks.push({
        id: id('nitrogen'),
        verdict: 'look-again',
        claim: at(tell('join.brazed-without-nitrogen-flowing')),
        because: tell('join.scale-flakes-off-inside-and-blocks'),
        source: COMMON,
        next: { say: tell('join.flow-3-to-5-ft-h') },
        miss: 0.8,
      });
    if (!body.heatShield)
      checks.push({
        id: id('heat'),
        verdict: 'look-again',
        claim: at(tell('join.no-heat-protection')),
        because: tell('join.valves-bulbs-and-seals-nearby-suffer'),
        source: COMMON,
        next: { say: tell('join.finding-valve-next-to-it-wrap') },
      });
    if (body.metals === 'copper to steel' && body.alloy === 'copper-phosphorus')
      checks.push({
        id: id('alloy'),
        verdict: 'look-again',
        claim: at(tell('join.phosphorus-alloy-on-steel')),
        because: tell('join.it-makes-brittle-joint-that-cracks'),
        source: COMMON,
        next: { say: tell('join.make-it-again-with-silver-alloy') },
        miss: 1,
      });
    if (body.socketIn !== null) {
      const gap = brazeClearance({ tubeOdIn: body.odIn, socketIdIn: body.socketIn });
      if (gap.ok && !gap.value.joinable)
        checks.push({
          id: id('clearance'),
          verdict: 'look-again',
          claim: at(tell('join.side', { radialIn: q(gap.value.radialIn, 'in', 3) })),
          because: gap.value.say,
          source: tell('join.0-001-to-0-006-in', { common: COMMON }),
          next: { say: tell('join.use-reducer-or-right-fitting') },
          miss: 1,
        });
    }
  }
  if (body.method === 'flare') {
    const torque = flareTorque({ odIn: body.odIn });
    if (torque.ok) {
      const { lowFtLb, highFtLb } = torque.value;
      const t = body.torqueFtLb;
      if (t === null || t < lowFtLb || t > highFtLb)
        checks.push({
          id: id('torque'),
          verdict: t === null ? 'not-proven' : 'look-again',
          claim: at(t === null ? tell('join.torque-not-written-down') : tell('join.torqued-to', { t })),
          because: tell('join.wants-to-lb', {
            odIn: q(body.odIn, 'od'),
            lowFtLb,
            highFtLb,
          }),
          source: tell('join.makers-table-first', { common: COMMON }),
          next: { say: tell('join.torque-it-with-two-wrenches-oil') },
        });
    }
  }
  checks.push(...madeChecks(body, at, id));
  if (body.newRing === false)
    checks.push({
      id: id('ring'),
      verdict: 'look-again',
      claim: at(tell('join.old-o-ring-went-back-in')),
      because: tell('join.seal-that-was-opened-once-leaks'),
      source: COMMON,
      next: { say: tell('join.put-new-one-in') },
    });
  return checks;
}
