import { tell } from '@/core/job/words';
import type { Said } from '@/core/words/said';

export const CERTIFICATIONS = ['none', 'type-I', 'type-II', 'type-III', 'universal'] as const;
export type Certification = (typeof CERTIFICATIONS)[number];

export type Override = { gate: string; reason: string; by: string; at: string };

/** What must hold before a phase may be signed. `holds` is true when nothing stands in the way. */
export type Gate = {
  /** Its name among the gates of its phase; a later phase may ask for it again. */
  id: string;
  /** What is asked for, as a short noun phrase. */
  asks: Said;
  holds: boolean;
  /** What is missing, in words; or what proves it. */
  say: Said;
  overridable: boolean;
  override?: Override;
};

/** Split systems are high-pressure appliances: Type II or Universal (40 CFR 82 subpart F, from memory). */
export function certificationCovers(certification: Certification): boolean {
  return certification === 'type-II' || certification === 'universal';
}

/** Every gate is built here: what it asks, whether it holds, what is missing or what proves it. */
export const gate = (id: string, asks: Said, holds: boolean, say: Said, overridable = true): Gate => ({
  id,
  asks,
  holds,
  say,
  overridable,
});

export function certificationGate(certification: Certification): Gate {
  const covers = certificationCovers(certification);
  return gate(
    'certification',
    tell('job.refrigerant-certification'),
    covers,
    covers ? tell('job.certified', { certification }) : tell('job.signing-needs-stored-type-ii-or'),
    false,
  );
}

/** Lays a lead's override beside the gate it passes. */
export const withOverrides =
  (overrides: readonly Override[]) =>
  (gate: Gate): Gate => {
    const override = gate.overridable && !gate.holds ? overrides.find((o) => o.gate === gate.id) : undefined;
    return override ? { ...gate, override } : gate;
  };

export const passes = (gate: Gate): boolean => gate.holds || gate.override !== undefined;
