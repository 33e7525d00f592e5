import { acceptedVolts } from '@/core/equipment/plate-volts';
import { advise, type Finding } from '@/core/finding/finding';
import { WIRE_FINDING } from '@/core/job/acceptance';
import { circuitSizing } from '@/core/power/circuit-sizing';
import { conductorSize } from '@/core/power/conductor-size';
import { equipmentGround } from '@/core/power/equipment-ground';
import { q, type Said } from '@/core/words/said';
import type { CircuitPlate } from './power';
import { tell } from './words';

/** A run of this length is taken where nobody measured it, ft. */
const USUAL_FT = 50;
/** What a circuit is proposed for where nobody said how it is laid: in conduit, ends not marked for more, a warm wall. */
const USUAL = { insulationC: 90, terminationC: 60, ambientF: 86, cable: 'conduit', maxDropPct: 3 } as const;
/** Plate and motors that lie further apart were read wrong (house rule), share. */
const APART = 0.1;

/** The circuit that a plate asks for: breaker, copper, ground; undefined where the plate is not known. */
export function proposalOf({ mcaA, mocpA, phases, volts }: CircuitPlate, lengthFt: number | null): Said | undefined {
  if (mcaA === null || mocpA === null) return undefined;
  const size = conductorSize({
    mcaA,
    ...USUAL,
    currentCarrying: phases === 3 ? 3 : 2,
    lengthFt: lengthFt ?? USUAL_FT,
    loadA: mcaA,
    volts: acceptedVolts(volts).low,
    phases,
  });
  const ground = equipmentGround({ ocpdA: mocpA });
  if (!size.ok || !ground.ok) return undefined;
  return tell('wire.a-circuit-for-it', {
    mcaA: q(mcaA, 'A', 'as is'),
    mocpA: q(mocpA, 'A', 'as is'),
    awg: size.value.awg,
    lengthFt: q(lengthFt ?? USUAL_FT, 'ft', 0),
    pct: q(size.value.dropPct, 'pct', 1),
    ground: ground.value.awg,
  });
}

/** What the motors of a unit come to, against its plate: far apart, one of the two was read wrong. */
export function plateCheck({ which, mcaA, rlaA, otherA, electricHeat }: CircuitPlate): Finding | undefined {
  if (electricHeat || rlaA.length === 0 || mcaA === null) return undefined;
  const r = circuitSizing({ compressorRlaA: [...rlaA], otherFlaA: [...otherA] });
  if (!r.ok || Math.abs(r.value.mcaA - mcaA) <= APART * mcaA) return undefined;
  const said = { mcaA: q(mcaA, 'A', 'as is'), computed: q(r.value.mcaA, 'A', 1) };
  return {
    id: `${WIRE_FINDING}${which}:plate`,
    verdict: 'look-again',
    claim: tell('wire.plate-and-motors-differ', said),
    because: tell('wire.plate-rules-if-read-right'),
    source: tell('wire.nec-440-33-edition-not-checked'),
    miss: Math.abs(r.value.mcaA - mcaA) / mcaA,
    next: advise(tell('wire.read-the-plate-again')),
  };
}
