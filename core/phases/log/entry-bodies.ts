import { z } from 'zod';
import { ACR_INSIDE_IN, ACR_SIZES_TEXT } from '@/core/circuit/acr-tube';
import { num, oneOf } from '@/core/finding/quantity-field';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';

/** What a crew writes down of the refrigerant circuit, one body for each kind of entry. */
const id = z.uuid().describe('a UUID');
const yes = z.boolean().describe('true or false');
const known = oneOf(['yes', 'no', 'unknown']);
const words = (most: number, least = 0) =>
  z.string().trim().min(least).max(most).describe(`${least} to ${most} characters`);
const od = z
  .number()
  .refine((v) => ACR_INSIDE_IN.has(v), 'is not an ACR tube size')
  .describe(ACR_SIZES_TEXT);
const runId = id.nullable();
const runSeconds = num(0, 10_000_000, 's').nullable();
/** When a typed reading was taken; without it the moment of writing counts. */
const readAt = z.iso
  .datetime({ offset: true })
  .refine((s) => /^20\d\d-/.test(s), 'outside the years this sheet knows')
  .describe('an ISO date and time, 2000 to 2099')
  .optional();
/** Gauge pressure of a circuit: from a full vacuum up. */
const psig = (high: number) => num(-15, high, 'psig');
const microns = num(1, 800_000, 'µm');
const gross = num(0, 6000, 'oz');

const recover = {
  'old-charge': z.strictObject({
    refrigerant: oneOf(REFRIGERANTS),
    factoryOz: num(1, 6000, 'oz').nullable(),
    includedFt: num(0, 100, 'ft'),
    lineLengthFt: num(0, 400, 'ft').nullable(),
    ozPerFt: num(0.01, 5, 'oz/ft').nullable(),
    extraOz: num(-200, 400, 'oz'),
    applianceClass: oneOf(['small', 'comfort']),
    outdoorFt3: num(0.005, 50, 'ft³').nullable(),
    leaker: yes,
  }),
  'removal-facts': z.strictObject({
    compressorRuns: known,
    valvesWork: known,
    blowerRuns: known,
    heldInCooling: known,
    burnout: known,
    mixture: known,
    lowSideLeak: known,
    makerForbids: known,
    compressorKind: oneOf(['scroll', 'reciprocating', 'rotary', 'unknown']),
  }),
  method: z.strictObject({ method: oneOf(['pump-down', 'machine', 'nothing']), reason: words(300) }),
  'pump-down': z.strictObject({
    liquidClosedPsig: psig(600).nullable(),
    stopPsig: psig(200),
    ranMin: num(0, 60, 'min'),
    runId,
    runSeconds,
  }),
  rebound: z.strictObject({
    stopPsig: psig(200),
    afterPsig: psig(600),
    minutes: num(0, 600, 'min'),
    runId: runId.optional(),
  }),
  'dead-proof': z.strictObject({
    liveBefore: yes,
    lineToLineV: num(0, 1000, 'V'),
    lineToGroundV: num(0, 1000, 'V'),
    otherToGroundV: num(0, 1000, 'V'),
    /** Of a second feed, where the survey found one. */
    secondLineToLineV: num(0, 1000, 'V').nullable().optional(),
    secondLineToGroundV: num(0, 1000, 'V').nullable().optional(),
    secondOtherToGroundV: num(0, 1000, 'V').nullable().optional(),
    liveAfter: yes,
    lockedOut: yes,
  }),
  level: z.strictObject({
    reachedPsig: psig(600),
    afterPsig: psig(600),
    waitMin: num(0, 600, 'min'),
    runId: runId.optional(),
  }),
  'leak-exception': z.strictObject({ psig: psig(50), reason: words(300, 10) }),
  recovered: z.strictObject({
    cylinderId: id,
    startGrossOz: gross,
    endGrossOz: gross,
    oily: yes,
    scale: words(60),
    runId,
  }),
  'held-in-unit': z.strictObject({ oz: num(0, 6000, 'oz').nullable(), note: words(300) }),
};

export const REUSE_TROUBLES = [
  'wrong diameter',
  'concealed kink',
  'corrosion',
  'leak not found',
  'burnout or acid',
  'mineral oil left in it',
  'wall or rating too weak',
  'insulation out of reach',
] as const;
export const JOINT_METHODS = ['braze', 'press', 'flare'] as const;

const join = {
  'line-run': z.strictObject({
    setType: oneOf(['field-charged', 'pre-charged']),
    kept: yes,
    flushed: yes,
    liquidOdIn: od,
    vaporOdIn: od,
    pieces: z
      .array(z.strictObject({ ft: num(0.5, 300, 'ft'), way: oneOf(['along', 'up', 'down']) }))
      .min(1)
      .max(30)
      .describe('1 to 30 pieces, from the outdoor unit to the coil'),
    elbows: z.number().int().min(0).max(60).describe('0 to 60'),
    vaporWallIn: num(0, 3, 'in'),
    leastTons: num(0.2, 25, 'tons').nullable(),
    troubles: z.array(z.enum(REUSE_TROUBLES)).max(8).describe(REUSE_TROUBLES.join(', ')),
    serial: words(60).nullable(),
  }),
  joint: z.strictObject({
    place: words(60, 1),
    line: oneOf(['liquid', 'vapour']),
    method: z.enum(JOINT_METHODS).describe(JOINT_METHODS.join(', ')),
    odIn: od,
    socketIn: num(0.1, 2, 'in').nullable(),
    metals: oneOf(['copper to copper', 'copper to brass', 'copper to steel', 'aluminium']),
    alloy: oneOf(['copper-phosphorus', 'silver with flux', 'maker’s procedure', 'none']),
    nitrogenScfh: num(0, 60, 'ft³/h').nullable(),
    heatShield: yes,
    torqueFtLb: num(1, 150, 'ft·lb').nullable(),
    orificeStamp: words(20).nullable(),
    newRing: yes.nullable(),
  }),
  'coil-hiss': z.strictObject({ hiss: oneOf(['yes', 'no', 'shipped open']) }),
  drier: z.strictObject({
    line: oneOf(['liquid', 'suction']),
    direction: oneOf(['both ways', 'one way']),
    arrowToMeter: yes,
    ratedTons: num(0.25, 50, 'tons'),
    oldOneCut: oneOf(['cut out cold', 'torched out', 'there was none', 'left in']),
    factoryDrierToo: yes,
    /** Of a suction drier: the pipe between reversing valve and compressor, or the line that reverses. */
    suctionPlace: oneOf(['common suction', 'vapour line']).nullable().optional(),
  }),
  'expansion-open': z.strictObject({ how: oneOf(['driven open', 'service magnet', 'not needed']) }),
  'nitrogen-cylinder': z.strictObject({
    nominalScf: num(5, 400, 'ft³'),
    gaugePsig: num(0, 3000, 'psig'),
    purgeScfh: num(0, 60, 'ft³/h'),
    purgeMin: num(0, 600, 'min'),
  }),
  'fire-watch': z.strictObject({ minutes: num(0, 240, 'min'), extinguisher: yes }),
};

const pressure = {
  'test-plan': z.strictObject({
    section: oneOf(['lines and coil', 'whole circuit']),
    lowSidePsig: num(50, 1000, 'psig').nullable(),
    highSidePsig: num(50, 1000, 'psig').nullable(),
    gearPsig: num(50, 3000, 'psig'),
    targetPsig: num(5, 1000, 'psig'),
    reducedBecause: words(300).nullable(),
    volumeFt3: num(0.005, 50, 'ft³'),
    gaugePsi: num(0.05, 20, 'psi'),
    thermometerF: num(0.1, 10, '°F'),
  }),
  'stage-listen': z.strictObject({ psig: psig(1000), heard: yes }),
  'hold-start': z.strictObject({ psig: psig(1000), pipeF: num(-20, 150, '°F'), runId, runSeconds, readAt }),
  /** A look before the hold is over: it shows how it goes and ends nothing. */
  'hold-look': z.strictObject({ startId: id, psig: psig(1000), pipeF: num(-20, 150, '°F'), readAt }),
  'hold-end': z.strictObject({
    startId: id,
    psig: psig(1000),
    pipeF: num(-20, 150, '°F'),
    runId,
    runSeconds,
    readAt,
  }),
  bubble: z.strictObject({ jointId: id, result: oneOf(['no bubbles', 'bubbles']) }),
  released: z.strictObject({ outdoors: yes }),
};

/** A standing test is kept with at most this many samples; its shape needs no more. */
export const MOST_STANDING_SAMPLES = 600;

const evacuate = {
  'pump-setup': z.strictObject({
    method: oneOf(['single-deep', 'triple']),
    pumpCfm: num(0.5, 60, 'CFM'),
    hoseBoreIn: num(0.05, 2, 'in'),
    hoseLengthIn: num(1, 1200, 'in'),
    hoseCount: z.number().int().min(1).max(4).describe('1 to 4'),
    coresIn: yes,
    gaugePlace: oneOf(['far from the pump', 'at the manifold', 'at the pump']),
    volumeFt3: num(0.01, 50, 'ft³'),
    coldestPipeF: num(-40, 150, '°F'),
    compressorLocked: yes,
  }),
  'blank-off': z.strictObject({ microns: num(1, 20_000, 'µm') }),
  'oil-change': z.strictObject({ why: words(120) }),
  microns: z.strictObject({ microns }),
  sweep: z.strictObject({
    fromMicrons: microns,
    psig: num(-5, 15, 'psig'),
    soakMin: num(0, 240, 'min'),
    runId: runId.optional(),
  }),
  isolated: z.strictObject({ microns, runId, runSeconds, readAt }),
  standing: z.strictObject({
    samples: z
      .array(z.tuple([num(0, 3000, 'min'), microns]))
      .max(MOST_STANDING_SAMPLES)
      .describe(`up to ${MOST_STANDING_SAMPLES} pairs of minutes and microns; read from the run when there is one`),
    coldestPipeF: num(-40, 150, '°F'),
    runId,
    fromS: runSeconds,
    toS: runSeconds,
  }),
};

const charge = {
  'vacuum-broken': z.strictObject({
    by: oneOf(['factory charge', 'cylinder']),
    toPsig: num(0, 200, 'psig'),
    gaugeProtected: yes,
  }),
  'cylinder-used': z.strictObject({ cylinderId: id, leavesAs: oneOf(['liquid', 'vapour']) }),
  'scale-drift': z.strictObject({ driftOz: num(-20, 20, 'oz'), minutes: num(0, 60, 'min') }),
  'hose-loss': z.strictObject({
    boreIn: num(0.05, 1, 'in'),
    lengthIn: num(1, 600, 'in'),
    left: oneOf(['liquid', 'drawn in']),
    spilledOz: num(0, 200, 'oz'),
  }),
  paused: z.strictObject({ grossOz: gross, valvesShut: yes, capsOn: yes }),
  resumed: z.strictObject({ grossOz: gross, unaccounted: words(300).nullable() }),
  room: z.strictObject({
    areaFt2: num(10, 100_000, 'ft²'),
    releaseHeightFt: num(0.5, 15, 'ft'),
    detector: yes,
    circulationCfm: num(0, 10_000, 'CFM').nullable(),
    /** The maker's own limit for this room, with its altitude and leak class; it wins. */
    makerLimitLb: num(0.5, 200, 'lb').nullable().optional(),
  }),
  label: z.strictObject({ place: words(80, 1), valvesSet: yes, capsOn: yes }),
};

const after = {
  'suction-drier-visit': z.strictObject({
    dropPsi: num(0, 20, 'psi'),
    acid: oneOf(['clean', 'acid', 'not tested']),
    outcome: oneOf(['left in', 'replaced', 'taken out']),
  }),
  'moisture-indicator': z.strictObject({ colour: oneOf(['dry', 'between', 'wet']) }),
  'liquid-drier-drop': z.strictObject({ inF: num(-20, 180, '°F'), outF: num(-20, 180, '°F') }),
};

/** Takes an earlier entry back; the reason stays beside it. */
const any = { withdrawn: z.strictObject({ reason: words(300, 5) }) };

export const ENTRY_PHASES = ['recover', 'join', 'pressure-test', 'evacuate', 'charge', 'hand-over'] as const;
export type EntryPhase = (typeof ENTRY_PHASES)[number];

export const ENTRY_BODIES = { ...recover, ...join, ...pressure, ...evacuate, ...charge, ...after, ...any };
export type EntryKind = keyof typeof ENTRY_BODIES;
export type EntryBody<K extends EntryKind> = z.infer<(typeof ENTRY_BODIES)[K]>;
export const ENTRY_KINDS = Object.keys(ENTRY_BODIES) as [EntryKind, ...EntryKind[]];

const PHASE_OF: Record<EntryPhase, readonly string[]> = {
  recover: Object.keys(recover),
  join: Object.keys(join),
  'pressure-test': Object.keys(pressure),
  evacuate: Object.keys(evacuate),
  charge: Object.keys(charge),
  'hand-over': Object.keys(after),
};
/** The phase an entry of this kind belongs to; a withdrawal belongs to the phase of what it withdraws. */
export const phaseOfKind = (kind: EntryKind): EntryPhase | undefined =>
  ENTRY_PHASES.find((p) => PHASE_OF[p].includes(kind));
