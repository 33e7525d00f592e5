import { stands } from '@/core/finding/accepted';
import type { Finding, Next, Verdict } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { movementsOf, standing } from '@/core/job/movements';
import { OWED_WORDS } from '@/core/job/owed';
import {
  type EquippedSheet,
  type EquippedWith,
  isEquipped,
  type JobSheet,
  type SheetMeasurement,
  type SheetWith,
} from '@/core/job/sheet';
import { movingMean } from '@/core/numeric/window';
import { buildUpOf, chargeInOz } from '@/core/phases/charge/charge-sheet';
import { tell } from '@/core/phases/start-up/words';
import { superheat } from '@/core/refrigerant/saturation-calculations';
import { judgeStartUp, type StartUpFindings } from '@/core/startup/judge';
import type { JudgeInput } from '@/core/startup/judge-input';
import { learnedSteps } from '@/core/startup/learned-steps';
import { READING_MEAN_S, type RunSample, steadySamples, withTyped } from '@/core/startup/live';
import { QUANTITIES, type Quantity, type Readings } from '@/core/startup/quantities';
import { type Limit, limitOf, requiredNow } from '@/core/startup/season';
import { steadyFromRepeats, type TypedRound } from '@/core/startup/steady-from-repeats';
import {
  DEFAULT_STEADY,
  LARGE_STEP_SHARE,
  type RunEvent,
  type SteadyResult,
  steadyState,
} from '@/core/startup/steady-state';
import type { Airflow, Confirmations, StartUpSystem } from '@/core/startup/system';
import { list, lower, type Said } from '@/core/words/said';

/** Figures, findings in the order of the ladder, and the one next move. */
/** What was found, and what comes next with the verdict it is told under; nothing open has none. */
export type Judgement = StartUpFindings & { next: Next & { because: Said; verdict?: Verdict } };

/** What lead and customer let stand, by its finding. */
export const acceptedOn = (sheet: SheetWith<'acceptances'>): string[] => sheet.acceptances.map((a) => a.finding);

export type RunData = { samples: readonly RunSample[]; events: readonly RunEvent[] };

export function confirmationsOf(sheet: SheetWith<'startUp'>): Confirmations {
  const c = sheet.startUp.confirmations;
  return {
    filterClean: !!c.filterClean,
    indoorCoilClean: !!c.indoorCoilClean,
    outdoorCoilCleanDry: !!c.outdoorCoilCleanDry,
    enclosureRestored: !!c.enclosureRestored,
  };
}

/**
 * The newest airflow on record, with its method. A change of the blower after it was measured voids the proof: then
 * there is none until it is measured again.
 */
export function airflowOf(
  sheet: SheetWith<'circuit' | 'circuitLog' | 'measurements' | 'site'>,
  run?: RunData,
): (Airflow & { at: string }) | undefined {
  const last = standing(sheet.measurements)
    .filter((m) => m.quantity === 'airflowCfm')
    .at(-1);
  if (!last) return undefined;
  const changed = run?.events.some(
    (e) => e.kind === 'setting' && e.change?.indoorAir !== undefined && e.runSeconds > (last.runSeconds ?? -1),
  );
  if (changed && last.runId !== null) return undefined;
  return {
    cfm: last.value,
    method: String(last.detail?.method ?? tell('job.flow-grid-or-hood')),
    source: last.source,
    at: last.occurredAt,
  };
}

/** Steadiness of a streamed run at its end, or of the samples given. */
export function steadinessOf(sheet: EquippedSheet, run: RunData): SteadyResult {
  const { refrigerant } = sheet.circuit.plate;
  const samples = steadySamples(run.samples, { refrigerant, barometerPsia: sheet.site.barometerPsia });
  const build = buildUpOf(sheet);
  const total = build.ok ? build.value.totalOz : Number.POSITIVE_INFINITY;
  const large = movementsOf(sheet.measurements).some(
    (m) => m.phase === 'start-up' && Math.abs(m.oz) > LARGE_STEP_SHARE * total,
  );
  return steadyState(
    samples,
    run.events,
    large ? { ...DEFAULT_STEADY, recheckMin: DEFAULT_STEADY.minRunMin } : DEFAULT_STEADY,
  );
}

export function startUpSystem(
  sheet: EquippedWith<'circuit' | 'circuitLog' | 'measurements' | 'site'>,
  run?: RunData,
): StartUpSystem {
  const { plate } = sheet.circuit;
  const build = buildUpOf(sheet);
  const movements = movementsOf(sheet.measurements);
  const totalOz = build.ok ? build.value.totalOz : plate.factoryChargeOz;
  const trimOz = movements.filter((m) => m.phase === 'start-up').reduce((sum, m) => sum + m.oz, 0);
  const key = plate.metering === 'fixed-orifice' ? 'superheatF' : 'subcoolingF';
  const trims = movements.flatMap((m) =>
    m.phase === 'start-up' && m.runSeconds !== null
      ? [{ startS: Number(m.detail?.startS ?? m.runSeconds), endS: m.runSeconds, oz: m.oz }]
      : [],
  );
  const samples =
    run && trims.length
      ? steadySamples(run.samples, { refrigerant: plate.refrigerant, barometerPsia: sheet.site.barometerPsia })
      : [];
  return {
    refrigerant: plate.refrigerant,
    metering: plate.metering,
    nominalTons: plate.nominalTons,
    targetSubcoolingF: plate.targetSubcoolingF ?? undefined,
    targetSource: plate.targetSource,
    compressorRlaA: plate.compressorRlaA,
    lowestOutdoorF: plate.lowestOutdoorF,
    outdoorFanFlaA: plate.outdoorFanFlaA,
    plateVolts: plate.plateVolts,
    inverter: plate.inverter,
    heatPump: plate.heatPump,
    barometerPsia: sheet.site.barometerPsia,
    chargeTargetOz: totalOz,
    chargeInOz: chargeInOz(sheet),
    heldBackOz: build.ok ? Math.max(0, build.value.heldBackOz - Math.max(0, trimOz)) : 0,
    trimOz,
    learned: learnedSteps(trims, samples, key),
    unknownLine:
      build.ok && build.value.lengthUnknown
        ? { includedFt: plate.includedLineFt, ozPerFt: build.value.ozPerFt, trims: trims.length }
        : undefined,
  };
}

/** How long it has run, and how long superheat has stood low, as far as anyone knows. */
export type Held = { ranMin?: number; floodingMin?: number };

export function judgeSheet(
  sheet: EquippedSheet,
  readings: Readings,
  steady: SteadyResult,
  run?: RunData,
  held: Held = run ? heldInRun(sheet, run) : {},
): Judgement {
  const input: JudgeInput = {
    system: startUpSystem(sheet, run),
    readings,
    steady,
    airflow: airflowOf(sheet, run),
    confirmations: confirmationsOf(sheet),
    schools: sheet.schools,
    mode: sheet.job.mode,
    accepted: acceptedOn(sheet),
    ...held,
  };
  const { figures, findings } = judgeStartUp(input);
  const ordered = orderFindings(findings);
  return { figures, findings: ordered, next: nextOf(openFor(sheet, ordered), signing(ordered)) };
}

/** Which gate a finding holds: what a lead let pass or accepted with the customer is not asked for again. A stop is never. */
const GATE_OF = (f: Finding): string | undefined =>
  f.verdict === 'stop'
    ? undefined
    : f.step === 'steady'
      ? 'steady'
      : f.id === 'enclosure'
        ? 'enclosure'
        : f.id === 'readings-missing'
          ? 'readings'
          : 'all-good';

function openFor(sheet: SheetWith<'acceptances' | 'overrides'>, findings: readonly Finding[]): Finding[] {
  const accepted = acceptedOn(sheet);
  const past = new Set(sheet.overrides.filter((o) => o.phase === 'start-up').map((o) => o.gate));
  return findings.filter((f) => {
    const gate = GATE_OF(f);
    if (stands(f, accepted)) return false;
    return gate === undefined || !past.has(gate);
  });
}

/**
 * What comes next: what the first finding that has a next says. A proof that stays owed asks for nothing today; a finding
 * that is open and knows no move is told as it stands, never passed by as good.
 */
export function nextOf(ordered: readonly Finding[], otherwise: Judgement['next']): Judgement['next'] {
  const open = ordered.filter((f) => f.verdict !== 'good' && !f.owed);
  const first = open.find((f) => f.next) ?? open[0];
  return first
    ? {
        ...first.next,
        verdict: open[0]!.verdict,
        say: first.next?.say ?? first.claim,
        because: first.next?.because ?? first.because,
      }
    : otherwise;
}

/** What is said when nothing is left to do: never that all is proven while something is not. */
function signing(findings: readonly Finding[]): Judgement['next'] {
  const owed = findings.filter((f) => f.owed);
  const open = findings.filter((f) => f.verdict !== 'good' && !f.owed);
  const sign = { kind: 'sign' } as const;
  if (open.length)
    return {
      say: tell('job.record-final-reading-and-sign-with'),
      because: tell('job.still-open', { claim: open[0]!.claim }),
      action: sign,
    };
  if (owed.length)
    return {
      say: tell('job.record-final-reading-and-sign-by'),
      because: tell('job.it-stays-owed', {
        because: owed[0]!.because,
        value: list(owed.map((f) => lower(OWED_WORDS[f.owed!.proof]))),
      }),
      action: sign,
    };
  return {
    say: tell('job.everything-is-on-target-record-final'),
    because: tell('job.power-probes-steadiness-airflow-coils-and'),
    action: sign,
  };
}

/** Recorded rounds of start-up readings, oldest first. */
export function roundsOf(
  sheet: SheetWith<'job' | 'measurements'>,
): { setId: string; at: string; measurements: SheetMeasurement[] }[] {
  const rounds = new Map<string, SheetMeasurement[]>();
  for (const m of standing(sheet.measurements)) {
    if (m.phase !== 'start-up' || !(m.stage === 'reading' || m.stage === 'final')) continue;
    // A reading taken in another mode says nothing of this one.
    if (m.mode !== sheet.job.mode) continue;
    rounds.set(m.setId, [...(rounds.get(m.setId) ?? []), m]);
  }
  return [...rounds.entries()].map(([setId, measurements]) => ({
    setId,
    at: measurements[0]!.occurredAt,
    measurements,
  }));
}

export function readingsOfRound(measurements: readonly SheetMeasurement[]): Readings {
  const out: Readings = {};
  for (const m of measurements) {
    if (m.quantity in QUANTITIES) {
      out[m.quantity as Quantity] = { value: m.value, uncertainty: m.uncertainty, source: m.source };
    }
  }
  return out;
}

/** Rounds that were typed, as the repeat test wants them. */
export function typedRounds(sheet: SheetWith<'job' | 'measurements'>): TypedRound[] {
  return roundsOf(sheet)
    .filter((r) => r.measurements.every((m) => m.source === 'typed'))
    .map((r) => ({
      atMin: Date.parse(r.at) / MS_PER_MIN,
      values: Object.fromEntries(r.measurements.map((m) => [m.quantity, m.value])),
    }));
}

/** Minutes of run by the newest typed run time, with the clock since; undefined when nobody typed one. */
export function typedRunMin(rounds: readonly TypedRound[], atMin: number): number | undefined {
  const told = rounds.findLast((r) => r.values.runMinutes !== undefined && r.atMin <= atMin);
  return told ? told.values.runMinutes! + (atMin - told.atMin) : undefined;
}

/** Minutes for which the superheat of typed rounds has stood low, up to the last of them. */
function typedFloodingMin(sheet: EquippedWith<'circuit' | 'site'>, rounds: readonly TypedRound[]): number {
  const { refrigerant } = sheet.circuit.plate;
  const low = ({ values: { suctionPsig, suctionLineF } }: TypedRound): boolean => {
    if (suctionPsig === undefined || suctionLineF === undefined) return false;
    const sh = superheat({ refrigerant, suctionPsig, suctionLineF, barometerPsia: sheet.site.barometerPsia });
    return sh.ok && sh.value.superheatF < FLOODING_BELOW_F;
  };
  const last = rounds.at(-1);
  if (!last || !low(last)) return 0;
  let since = last.atMin;
  for (const round of [...rounds].reverse()) {
    if (!low(round)) break;
    since = round.atMin;
  }
  return last.atMin - since;
}

/**
 * Readings, steadiness and judgement without instruments: the last recorded round stands until what is being typed takes
 * its place, box by box; a run time counts as soon as it is typed.
 */
export function judgeTyped(
  sheet: EquippedSheet,
  typing: Partial<Record<Quantity, number>>,
  nowMs: number,
): { readings: Readings; steady: SteadyResult; judgement: Judgement } {
  const rounds = typedRounds(sheet);
  const nowMin = nowMs / MS_PER_MIN;
  const last = roundsOf(sheet).at(-1);
  const readings = withTyped(last ? readingsOfRound(last.measurements) : {}, typing);
  const ranMin = typing.runMinutes ?? typedRunMin(rounds, nowMin);
  const steady = steadyFromRepeats(rounds, ranMin, DEFAULT_STEADY, nowMin);
  const now = { atMin: nowMin, values: Object.fromEntries(Object.entries(readings).map(([k, r]) => [k, r.value])) };
  const floodingMin = typedFloodingMin(sheet, Object.keys(typing).length ? [...rounds, now] : rounds);
  return { readings, steady, judgement: judgeSheet(sheet, readings, steady, undefined, { ranMin, floodingMin }) };
}

const MS_PER_MIN = 60_000;
const S_PER_MIN = 60;

/** The run's own clock: minutes since the compressor last started, and since superheat last stood above the limit. */
export function heldInRun(sheet: EquippedSheet, run: RunData): Held {
  const end = run.samples.at(-1)?.runSeconds;
  if (end === undefined) return {};
  const last = (kind: RunEvent['kind']): number | undefined => run.events.findLast((e) => e.kind === kind)?.runSeconds;
  const started = last('compressor-start');
  const stopped = last('compressor-stop');
  const runs = started !== undefined && (stopped === undefined || stopped < started);
  const recent = run.samples.filter((s) => end - s.runSeconds <= FLOODING_LOOK_S);
  const { refrigerant } = sheet.circuit.plate;
  const samples = steadySamples(recent, { refrigerant, barometerPsia: sheet.site.barometerPsia });
  const known = samples.filter((s): s is typeof s & { superheatF: number } => typeof s.superheatF === 'number');
  const means = movingMean(
    known.map((s) => s.runSeconds),
    known.map((s) => s.superheatF),
    READING_MEAN_S,
  );
  const above = means.findLastIndex((m) => m >= FLOODING_BELOW_F);
  const since = known[above + 1]?.runSeconds;
  return {
    ...(runs ? { ranMin: (end - started) / S_PER_MIN } : {}),
    floodingMin: since === undefined || !runs ? 0 : (end - since) / S_PER_MIN,
  };
}
/** Superheat below this is liquid on its way to the compressor; how far back it is looked for. */
const FLOODING_BELOW_F = 2;
const FLOODING_LOOK_S = 240;

export type RecordedStartUp = {
  judgement: Judgement;
  steady: SteadyResult;
  missing: Said[];
  measurements: SheetMeasurement[];
  setId: string;
  /** Why the charge cannot be judged now; then the run's length stands in place of steadiness. */
  limit: Limit | undefined;
  ranMin: number | undefined;
};

/**
 * The recorded reading that a signature would rest on: the last round with its own steadiness.
 * `runUpTo` gives the samples of a run up to a second, so that a later drift cannot change what was recorded.
 */
export function recordedStartUp(
  sheet: JobSheet,
  runUpTo: (runId: string, seconds: number) => RunData | undefined,
): RecordedStartUp | undefined {
  const last = roundsOf(sheet).at(-1);
  if (!last || !isEquipped(sheet)) return undefined;
  const streamed = last.measurements.find((m) => m.runId !== null && m.runSeconds !== null);
  const run = streamed ? runUpTo(streamed.runId!, streamed.runSeconds!) : undefined;
  const rounds = typedRounds(sheet);
  const atMin = Date.parse(last.at) / MS_PER_MIN;
  const held: Held = run
    ? heldInRun(sheet, run)
    : { ranMin: typedRunMin(rounds, atMin), floodingMin: typedFloodingMin(sheet, rounds) };
  const steady = run ? steadinessOf(sheet, run) : steadyFromRepeats(rounds, held.ranMin);
  const readings = readingsOfRound(last.measurements);
  const limit = limitOf({ mode: sheet.job.mode, system: startUpSystem(sheet, run), readings });
  const missing = requiredNow(limit)
    .filter((q) => readings[q] === undefined)
    .map((q) => QUANTITIES[q].label);
  return {
    judgement: judgeSheet(sheet, readings, steady, run, held),
    steady,
    missing,
    measurements: last.measurements,
    setId: last.setId,
    limit,
    ranMin: held.ranMin,
  };
}
