import { FOLLOW_UPS, type FollowUpId } from '@/core/diagnosis/follow-ups';
import type { Ranked } from '@/core/diagnosis/reason';
import { type FaultName, groupOf } from '@/core/plant/unit/faults';
import { quickestFor, SETTLE_MIN } from './acts';
import { applySystem } from './apply-system';
import { FOLLOW_MOST, LOOKS } from './pace';
import { BASE_PROBES } from './probes';
import { reasonedOf } from './system-facts';
import { type SystemPlay, startSystem } from './system-play';
import type { SystemRound } from './system-round';

/** One thing that the reasoning did, and what it then held for likeliest. */
export type Step =
  | { did: 'probes' | FollowUpId; minutes: number; lead: Ranked }
  | { did: 'cure'; fault: FaultName; minutes: number };

export type Retraced = {
  steps: Step[];
  /** Minutes of measuring, and of everything. */
  measuringMin: number;
  totalMin: number;
  /** It ends where nothing is wrong any more. */
  solved: boolean;
};

/**
 * How the reasoning would have gone about it: every probe on, the follow-up that is expected to tell most a minute until one fault
 * stands out, that one put right, read again. Its minutes are what a round is measured by.
 *
 * @source the method of docs/diagnosis.md; what a part takes is common practice
 */
export function retrace(round: SystemRound): Retraced {
  const p = startSystem(round);
  const steps: Step[] = [];
  const look = (did: 'probes' | FollowUpId, minutes: number): Ranked | undefined => {
    const found = reasonedOf(p);
    if (found) steps.push({ did, minutes, lead: found.ranked[0]! });
    return found?.ranked[0];
  };
  applySystem(p, { kind: 'place', probes: [...BASE_PROBES] });
  let lead = look('probes', p.minutes.measuring);
  for (let i = 0; i < LOOKS && lead; i++) {
    lead = settle(p, round, lead, look);
    const fault = lead && p.hidden.map((h) => h.fault).find((f) => groupOf(f) === groupOf(lead!.fault));
    if (!fault) break;
    const before = p.minutes.working;
    putRight(p, fault);
    steps.push({ did: 'cure', fault, minutes: p.minutes.working - before });
    if (p.hidden.length === 0) break;
    applySystem(p, { kind: 'wait', minutes: SETTLE_MIN });
    lead = look('probes', SETTLE_MIN);
  }
  const { measuring, waiting, working } = p.minutes;
  return { steps, measuringMin: measuring, totalMin: measuring + waiting + working, solved: p.hidden.length === 0 };
}

/** Follow-ups until one fault is named, or none is left that helps. */
function settle(
  p: SystemPlay,
  _round: SystemRound,
  first: Ranked,
  look: (did: FollowUpId, minutes: number) => Ranked | undefined,
): Ranked | undefined {
  let lead: Ranked | undefined = first;
  for (let i = 0; i < FOLLOW_MOST; i++) {
    const now = reasonedOf(p);
    if (!now || now.verdict === 'named' || now.verdict === 'healthy') return now?.ranked[0];
    const { id } = now.nextMeasurement;
    if (!applySystem(p, { kind: 'follow', id }).ok) return lead;
    if (id === 'off-pressure' || id === 'weigh-charge' || id === 'orifice-stamp')
      applySystem(p, { kind: 'wait', minutes: SETTLE_MIN });
    lead = look(id, FOLLOW_UPS[id].minutes);
  }
  return lead;
}

/** Puts one fault right by the quickest that does: charge by the scale, a probe by a second look. */
function putRight(p: SystemPlay, fault: FaultName): void {
  if (fault === 'probe-doubt') {
    applySystem(p, { kind: 'follow', id: 'second-look' });
    return;
  }
  const gap = p.round.nominalChargeOz - p.state.chargeOz;
  if (fault === 'undercharge' || fault === 'overcharge') {
    p.airProven = true;
    applySystem(p, { kind: 'charge', way: gap > 0 ? 'add' : 'recover', oz: Math.max(1, Math.abs(gap)) });
    return;
  }
  const id = quickestFor(fault);
  if (id) applySystem(p, { kind: 'act', id });
}
