import type { Finding } from '@/core/finding/finding';
import { bubblePsia } from '@/core/refrigerant/lookup';
import { REFRIGERANTS, type Refrigerant } from '@/core/refrigerant/refrigerants';
import { tell } from '@/core/startup/words';
import { q } from '@/core/words/said';
import { QUANTITIES, type Readings } from './quantities';
import type { StartUpSystem } from './system';

/** So far off the plate's own pressure is no probe, and so near another's is that one (common practice), share. */
const OFF_SHARE = 0.1;
const NEAR_SHARE = 0.04;

/** The refrigerant whose saturation the pressure at rest is, where it is not the plate's and only one comes near. */
function otherThan(plate: Refrigerant, psia: number, outdoorF: number): Refrigerant | undefined {
  const off = (r: Refrigerant): number => Math.abs(psia / bubblePsia(r, outdoorF) - 1);
  if (!(off(plate) > OFF_SHARE)) return undefined;
  const near = REFRIGERANTS.filter((r) => r !== plate && off(r) < NEAR_SHARE);
  return near.length === 1 ? near[0] : undefined;
}

/** A pressure at rest that is another refrigerant's: the wrong one was picked here, or is in the system. */
export function restFinding(system: StartUpSystem, r: Readings): Finding[] {
  const [psig, outdoorF] = [r.offPsig?.value, r.offOutdoorF?.value];
  if (psig === undefined || outdoorF === undefined) return [];
  const other = otherThan(system.refrigerant, psig + system.barometerPsia, outdoorF);
  if (!other) return [];
  const because = tell('startup.at-rest-pressure-is-saturation');
  return [
    {
      id: 'refrigerant-doubt',
      step: 'probes',
      verdict: 'not-proven',
      claim: tell('startup.pressure-at-rest-is-that-of', {
        psig: q(psig, 'psig', 'as is'),
        other,
        refrigerant: system.refrigerant,
      }),
      because,
      source: tell('startup.probe-rejection-rules-common-practice'),
      confidence: 'medium',
      miss: 8,
      evidence: [{ quantity: QUANTITIES.offPsig.label, value: psig, unit: 'psig' }],
      next: {
        say: tell('startup.read-plate-and-label-identify-before-gas'),
        because,
        action: { kind: 'check', what: 'offPsig' },
      },
    },
  ];
}
