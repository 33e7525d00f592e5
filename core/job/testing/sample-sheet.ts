import { barometerPsia } from '@/core/air/moist-air';
import { DEFAULT_CIRCUIT_SCHOOLS } from '@/core/circuit/schools';
import { TRANSITION_RULES } from '@/core/circuit/transition-rules';
import type { Phase } from '@/core/job/phases';
import type { CircuitStanding, JobSheet, SheetSignOff } from '@/core/job/sheet';
import { EMPTY_CHOICE } from '@/core/scope/choice';
import { DEFAULT_SCOPE_SCHOOLS } from '@/core/scope/schools';
import { QUANTITIES, type Quantity } from '@/core/startup/quantities';
import { DEFAULT_SCHOOLS } from '@/core/startup/system';
import type { EquippedSheet, SheetMeasurement } from '../sheet';

/** A made-up job sheet for tests: vacuum passed, nothing weighed yet. */
export function sampleSheet(change: Partial<EquippedSheet> = {}): EquippedSheet {
  return {
    job: {
      id: 'job',
      number: 2147,
      mode: 'cooling',
      scheduledFor: '2026-06-01',
      leadId: 'p',
      lead: 'Tess Orlan',
      version: 1,
    },
    customer: { id: 'c', name: 'Hollis residence', phone: null, language: 'en' },
    site: {
      id: 's',
      address: '18 Tanner Row',
      town: 'Harrow Mill',
      timeZone: 'America/New_York',
      elevationFt: 1180,
      barometerPsia: barometerPsia(1180),
    },
    system: { id: 'y', name: 'Upstairs system', kind: 'split heat pump' },
    equipmentId: 'e',
    circuit: {
      id: 'k',
      name: 'Circuit 1',
      version: 1,
      plate: {
        maker: 'Ostrel',
        model: 'OHP-36T',
        serial: null,
        refrigerant: 'R-454B',
        metering: 'txv',
        heatPump: true,
        inverter: false,
        nominalTons: 3,
        plateVolts: '208/230',
        compressorRlaA: 14.1,
        outdoorFanFlaA: 1.2,
        factoryChargeOz: 118,
        includedLineFt: 15,
        unitState: 'factory-held',
        liquidLineOdIn: 0.375,
        vaporLineOdIn: 0.875,
        lineLengthFt: 48,
        makerOzPerFt: null,
        drierOz: 0,
        coilOz: 6,
        targetSubcoolingF: 10,
        targetSource: 'plate',
      },
    },
    cancelled: null,
    circuits: [standing({ id: 'k' })],
    vacuum: { endMicrons: 312, heldMin: 12, by: 'Tess Orlan', at: '2026-06-01T14:00:00.000Z', version: 1 },
    startUp: { confirmations: {} },
    acceptances: [],
    furnace: null,
    measurements: [],
    overrides: [],
    signOffs: [],
    runs: [],
    schools: DEFAULT_SCHOOLS,
    certification: 'universal',
    survey: { observations: [], waivers: [], photos: [] },
    scope: {
      choice: EMPTY_CHOICE,
      version: 0,
      decisions: [],
      lines: [],
      signatures: [],
      outdoor: null,
      indoor: null,
      furnace: null,
      heaterKit: null,
      thermostat: null,
      pairListed: null,
    },
    fits: {},
    removal: null,
    scopeSchools: DEFAULT_SCOPE_SCHOOLS,
    circuitSchools: DEFAULT_CIRCUIT_SCHOOLS,
    transition: TRANSITION_RULES,
    circuitLog: [],
    systemLog: [],
    jobLog: [],
    cylinders: [],
    ...change,
  };
}

/** A circuit of a job as the others see it: of the same system, its equipment entered, nothing signed. */
export const standing = (change: Partial<CircuitStanding> = {}): CircuitStanding => ({
  id: 'k2',
  name: 'Circuit 1',
  systemId: 'y',
  systemName: 'Upstairs system',
  equipped: true,
  cooled: true,
  furnace: 'none',
  signed: [],
  ...change,
});

let made = 0;

export function measured(quantity: string, value: number, change: Partial<SheetMeasurement> = {}): SheetMeasurement {
  made += 1;
  const spec = quantity in QUANTITIES ? QUANTITIES[quantity as Quantity] : undefined;
  return {
    id: `m${made}`,
    circuitId: 'circuit',
    setId: `set${made}`,
    phase: 'start-up',
    stage: 'reading',
    quantity,
    mode: 'cooling',
    value,
    uncertainty: spec?.uncertainty ?? 0.3,
    source: 'typed',
    instrument: 'typed by hand',
    location: 'suction service port',
    person: 'Tess Orlan',
    runId: null,
    runSeconds: null,
    detail: null,
    supersedesId: null,
    occurredAt: '2026-06-01T15:00:00.000Z',
    ...change,
  };
}

export const moved = (oz: number, change: Partial<SheetMeasurement> = {}): SheetMeasurement =>
  measured('chargeMovementOz', oz, { phase: 'charge', stage: oz < 0 ? 'recover' : 'weigh-in', ...change });

/** Readings of a healthy start-up of the sample system. */
export const HEALTHY: Partial<Record<Quantity, number>> = {
  suctionPsig: 117.5,
  liquidPsig: 370.5,
  suctionLineF: 56,
  liquidLineF: 103.6,
  outdoorDryBulbF: 94,
  returnDryBulbF: 76,
  returnWetBulbF: 63.5,
  supplyDryBulbF: 57,
  compressorA: 11.9,
  outdoorFanA: 1.1,
  lineVolts: 238,
  runMinutes: 24,
};

export function round(
  values: Partial<Record<Quantity, number>>,
  setId: string,
  occurredAt: string,
): SheetMeasurement[] {
  return Object.entries(values).map(([quantity, value]) => measured(quantity, value, { setId, occurredAt }));
}

/** A signature under a phase. */
export const signedOff = (phase: Phase, change: Partial<SheetSignOff> = {}): SheetSignOff => ({
  id: phase,
  ownerId: 'circuit',
  phase,
  by: 'Tess Orlan',
  certificate: null,
  at: '',
  contentHash: 'abcdef0123456789',
  ...change,
});

/** What a lead let pass. */
export const letPass = (phase: Phase, gate: string, reason = 'a written reason'): JobSheet['overrides'][number] => ({
  id: `${phase}-${gate}`,
  ownerId: 'circuit',
  phase,
  gate,
  reason,
  by: 'Tess Orlan',
  at: '',
});
