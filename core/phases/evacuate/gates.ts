import { type Gate, gate } from '@/core/job/gates';
import type { SheetWith, VacuumRecord } from '@/core/job/sheet';
import { tell } from '@/core/phases/evacuate/words';
import { claimOf, signedGate } from '@/core/phases/signed-gate';
import { q, type Said } from '@/core/words/said';
import { STANDING_LEAST_MIN } from './evacuation';
import { evacuationView } from './view';
export function evacuateGates(sheet: SheetWith<'circuitLog' | 'circuitSchools' | 'signOffs' | 'survey'>): Gate[] {
  const view = evacuationView(sheet);
  const locked = claimOf(view.checks, 'compressor-locked');
  const place = claimOf(view.checks, 'gauge-place');
  const blank = claimOf(view.checks, 'blank-off');
  const depth = claimOf(view.checks, 'depth');
  const sweeps = claimOf(view.checks, 'sweeps');
  const gaugeHolds = place?.verdict === 'good' && (blank?.verdict === 'good' || blank?.verdict === 'look-again');
  return [
    signedGate(sheet, 'pressure-test', 'pressure-signed'),
    gate(
      'compressor-locked',
      tell('work.compressor-locked-out'),
      locked?.verdict === 'good',
      locked?.claim ?? tell('work.not-said-yet'),
      false,
    ),
    gate(
      'gauge-proven',
      tell('work.gauge-and-pump-proven'),
      gaugeHolds,
      gaugeHolds
        ? tell('work.proven-by-blank-off')
        : place && place.verdict !== 'good'
          ? place.claim
          : (blank?.claim ?? tell('work.not-proven')),
    ),
    gate(
      'deep-enough',
      tell('work.vacuum-of', { targetMicrons: q(view.targetMicrons, 'microns', 'as is') }),
      depth?.verdict === 'good' && (!sweeps || sweeps.verdict === 'good'),
      sweeps && sweeps.verdict !== 'good' ? sweeps.claim : (depth?.claim ?? tell('work.not-reached-yet')),
    ),
    standingGate(sheet),
  ];
}

/** The standing test as the later phases read it. */
export function standingGate(sheet: SheetWith<'circuitLog' | 'circuitSchools' | 'survey'>): Gate {
  const view = evacuationView(sheet);
  const standing = claimOf(view.checks, 'standing');
  // Who valves it off again doubts the test before: the newer one decides.
  const again = view.stage === 'standing';
  return gate(
    'standing-vacuum',
    tell('work.passed-standing-vacuum-test'),
    standing?.verdict === 'good' && !again,
    again ? tell('work.standing-test-runs') : (standing?.claim ?? tell('work.no-standing-test-yet')),
  );
}

/** In place of a standing test where nothing was opened. */
export const sealedGate = (why: Said): Gate => gate('standing-vacuum', tell('work.sealed-circuit'), true, why);

export function vacuumGate(v: VacuumRecord | undefined, limitMicrons: number): Gate {
  const asks = tell('job.passed-standing-vacuum-test');
  if (!v) return gate('standing-vacuum', asks, false, tell('job.no-standing-vacuum-test-on-record'));
  const pass = v.endMicrons <= limitMicrons && v.heldMin >= STANDING_LEAST_MIN;
  const figures = tell('job.after', {
    endMicrons: q(v.endMicrons, 'microns', 'as is'),
    heldMin: q(v.heldMin, 'min', 'as is'),
  });
  return gate(
    'standing-vacuum',
    asks,
    pass,
    pass
      ? tell('job.held-2', { figures, reason: v.reason ? tell('job.circuit-not-on-record', { reason: v.reason }) : '' })
      : tell('job.wanted-or-less-after-or-more', {
          figures,
          limitMicrons: q(limitMicrons, 'microns', 'as is'),
          decayLeastMin: q(STANDING_LEAST_MIN, 'min', 'as is'),
        }),
  );
}
