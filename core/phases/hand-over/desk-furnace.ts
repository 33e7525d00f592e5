import type { FurnaceProof } from '@/core/furnace/furnace-proof';
import { meterClock } from '@/core/furnace/gas';
import { type Label, q, type Said, value } from '@/core/words/said';
import { tell } from './words';

type Proved = { snapshot: { furnace: FurnaceProof | null } };
type ProofField = { label: Said; of: (from: Proved) => Label | undefined };

/** A figure of the proof of what burns fuel; what was not read says nothing. */
const read = (label: Said, of: (proof: FurnaceProof) => Label | undefined): ProofField => ({
  label,
  of: ({ snapshot: { furnace } }) => (furnace ? of(furnace) : undefined),
});
const plain = (it: ReturnType<typeof q>): Said => tell('five.plain', { it });
const inWc = (x: number | null): Said | undefined => (x === null ? undefined : plain(q(x, 'inWc', 'as is')));

/** What a desk asks of a furnace: pressures, rise, carbon monoxide and input as they were read. */
export const PROOF_FIELDS = {
  fuel: read(tell('desk.fuel'), (p) => value(p.fuel)),
  inlet: read(tell('job.inlet-gas-pressure'), (p) => inWc(p.inletInWc)),
  manifold: read(tell('job.manifold-pressure'), (p) => inWc(p.manifoldInWc)),
  rise: read(tell('job.temperature-rise'), (p) => plain(q(p.riseF, 'F', 'as is'))),
  flueCo: read(tell('job.co-air-free'), (p) => plain(q(p.coAirFreePpm, 'ppm', 'as is'))),
  input: read(tell('desk.clocked-input'), ({ dialFt3, turns, seconds, heatingValue }) => {
    const clock =
      dialFt3 && turns && seconds && heatingValue
        ? meterClock({ dialFt3, revolutions: turns, seconds, heatingValueBtuFt3: heatingValue })
        : undefined;
    return clock?.ok ? plain(q(clock.value.inputBtuh, 'btuh')) : undefined;
  }),
} as const satisfies Record<string, ProofField>;

export const isProofField = (name: string): boolean => name in PROOF_FIELDS;
