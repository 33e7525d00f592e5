import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/job/words';
import { list, q, type Said } from '@/core/words/said';
import type { BuiltPhase } from './phases';

export const CERTIFICATIONS = ['none', 'type-I', 'type-II', 'type-III', 'universal'] as const;
export type Certification = (typeof CERTIFICATIONS)[number];

/** Gate ids, each in the phase that it holds first; a later phase may ask for it again. */
type SurveyGate = 'system-type' | 'survey-asked' | 'no-hazard-stop';
type ScopeGate = 'survey-signed' | 'new-unit' | 'items-decided' | 'customer-agreed' | 'no-fit-stop';
type RecoverGate = 'scope-signed' | 'before-list' | 'removal-released' | 'dead-proof' | 'recovered-level';
type JoinGate = 'recover-signed' | 'line-drawn' | 'joints-logged' | 'join-checks';
type PressureGate = 'join-signed' | 'plate-limit' | 'expansion-open' | 'pressure-held' | 'bubbled';
type EvacuateGate = 'pressure-signed' | 'compressor-locked' | 'gauge-proven' | 'deep-enough' | 'standing-vacuum';
type ChargeGate = 'evacuate-signed' | 'vacuum-broken' | 'room' | 'cylinder' | 'plate' | 'weighed-charge' | 'label';
type StartUpGate = 'charge-signed' | 'steady' | 'readings' | 'no-stop' | 'all-good' | 'enclosure';
type HandOverGate =
  | 'start-up-signed'
  | 'furnace-proof'
  | 'disclosures'
  | 'change-answered'
  | 'musts-in'
  | 'suction-drier';
export type GateId =
  | SurveyGate
  | ScopeGate
  | RecoverGate
  | JoinGate
  | PressureGate
  | EvacuateGate
  | ChargeGate
  | StartUpGate
  | HandOverGate
  | 'certification';

export type Override = { gate: string; reason: string; by: string; at: string };

/** What must hold before a phase may be signed. `holds` is true when nothing stands in the way. */
export type Gate = {
  id: GateId;
  /** What is asked for, as a short noun phrase. */
  asks: Said;
  holds: boolean;
  /** What is missing, in words; or what proves it. */
  say: Said;
  overridable: boolean;
  override?: Override;
};

export const DECAY_LEAST_MIN = 10;

export type VacuumRecord = {
  endMicrons: number;
  heldMin: number;
  by: string;
  at: string;
  /** Why nothing of the circuit before it was written down; a lead gives it. */
  reason?: string;
};

/** Split systems are high-pressure appliances: Type II or Universal (40 CFR 82 subpart F, from memory). */
export function certificationCovers(certification: Certification): boolean {
  return certification === 'type-II' || certification === 'universal';
}

/** Every gate is built here: what it asks, whether it holds, what is missing or what proves it. */
export const gate = (id: GateId, asks: Said, holds: boolean, say: Said, overridable = true): Gate => ({
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

export type GateFacts = {
  phase: 'charge' | 'start-up' | 'hand-over';
  vacuum?: VacuumRecord;
  /** What a typed standing test must stay under: the company's decay limit, µm. */
  decayLimitMicrons: number;
  /** The standing test on the circuit's own record; it goes before a typed figure. */
  standing?: Gate;
  /** What the circuit's record asks of the charge besides. */
  circuit?: readonly Gate[];
  /** Why the build-up has no total, when it has none. */
  plateTrouble: Said | null;
  weighedIn: boolean;
  weighSay: Said;
  certification: Certification;
  signed: Partial<Record<BuiltPhase, boolean>>;
  /** False for a furnace alone: nothing is charged, nothing runs on refrigerant. */
  hasCircuit: boolean;
  /** Start-up only. */
  startUp?: {
    /** False before the first reading: nothing is good then. */
    recorded: boolean;
    /** The charge cannot be judged now: its proof stays owed, the run's length stands in for steadiness. */
    limited: boolean;
    steady: boolean;
    steadySay: Said;
    missing: readonly Said[];
    findings: readonly Finding[];
    enclosureRestored: boolean;
  };
  overrides: readonly Override[];
};

/** Gates of one phase, in the order they should be cleared. */
export function gatesOf(facts: GateFacts): Gate[] {
  return rawGates(facts).map(withOverrides(facts.overrides));
}

/** Lays a lead's override beside the gate it passes. */
export const withOverrides =
  (overrides: readonly Override[]) =>
  (gate: Gate): Gate => {
    const override = gate.overridable && !gate.holds ? overrides.find((o) => o.gate === gate.id) : undefined;
    return override ? { ...gate, override } : gate;
  };

export const passes = (gate: Gate): boolean => gate.holds || gate.override !== undefined;

function rawGates(f: GateFacts): Gate[] {
  const certified = certificationGate(f.certification);
  if (f.phase === 'charge') {
    return [
      f.standing ?? vacuumGate(f.vacuum, f.decayLimitMicrons),
      ...(f.circuit ?? []).filter((g) => g.id !== 'label'),
      plateGate(f),
      gate('weighed-charge', tell('job.weighed-charge'), f.weighedIn, f.weighSay),
      // The label tells the total, so it comes after the weighing.
      ...(f.circuit ?? []).filter((g) => g.id === 'label'),
      certified,
    ];
  }
  if (f.phase === 'start-up') {
    const s = f.startUp ?? {
      recorded: false,
      limited: false,
      steady: false,
      steadySay: tell('job.not-started'),
      missing: [],
      findings: [],
      enclosureRestored: false,
    };
    const stops = s.findings.filter((x) => x.verdict === 'stop');
    const open = s.findings.filter(
      (x) => x.verdict !== 'good' && x.verdict !== 'stop' && x.step !== 'steady' && x.id !== 'enclosure' && !x.owed,
    );
    return [
      gate(
        'charge-signed',
        tell('job.signed-charge'),
        f.signed.charge === true,
        f.signed.charge ? tell('job.charge-signed') : tell('job.sign-charge-first'),
      ),
      gate(
        'readings',
        tell('job.all-required-readings-recorded'),
        s.missing.length === 0,
        s.missing.length ? tell('job.not-recorded', { missing: list(s.missing) }) : tell('job.all-recorded'),
      ),
      gate(
        'steady',
        s.limited ? tell('job.reading-after-15-min-of-run') : tell('job.reading-recorded-at-steady-state'),
        s.steady,
        s.steadySay,
      ),
      gate(
        'no-stop',
        tell('job.no-stop-finding'),
        s.recorded && stops.length === 0,
        stops[0]?.claim ?? (s.recorded ? tell('job.none') : tell('job.no-reading-recorded')),
        false,
      ),
      gate(
        'all-good',
        s.limited ? tell('job.every-finding-good-that-can-be') : tell('job.every-finding-good'),
        s.recorded && open.length === 0,
        !s.recorded
          ? tell('job.no-reading-recorded')
          : (open[0]?.claim ?? (s.limited ? tell('job.all-good-rest-is-owed') : tell('job.all-good'))),
      ),
      gate(
        'enclosure',
        tell('job.enclosure-restored-for-final-reading'),
        s.enclosureRestored,
        s.enclosureRestored ? tell('job.restored') : tell('job.panels-covers-and-fence-not-confirmed'),
      ),
      certified,
    ];
  }
  if (!f.hasCircuit) return [];
  return [
    gate(
      'charge-signed',
      tell('job.signed-charge'),
      f.signed.charge === true,
      f.signed.charge ? tell('job.charge-signed') : tell('job.charge-is-not-signed'),
    ),
    gate(
      'start-up-signed',
      tell('job.signed-start-up'),
      f.signed['start-up'] === true,
      f.signed['start-up'] ? tell('job.start-up-signed') : tell('job.start-up-is-not-signed'),
    ),
  ];
}

function vacuumGate(v: VacuumRecord | undefined, limitMicrons: number): Gate {
  const asks = tell('job.passed-standing-vacuum-test');
  if (!v) return gate('standing-vacuum', asks, false, tell('job.no-standing-vacuum-test-on-record'));
  const pass = v.endMicrons <= limitMicrons && v.heldMin >= DECAY_LEAST_MIN;
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
          decayLeastMin: q(DECAY_LEAST_MIN, 'min', 'as is'),
        }),
  );
}

function plateGate(f: GateFacts): Gate {
  return gate(
    'plate',
    tell('job.charge-build-up-complete'),
    f.plateTrouble === null,
    f.plateTrouble ?? tell('job.complete'),
  );
}
