import type { Verdict } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { judgeFurnace } from '@/core/furnace/furnace-proof';
import { tell } from '@/core/job/words';
import { SEASON_RUN_MIN } from '@/core/startup/season';
import { list, q, type Said } from '@/core/words/said';
import { beganWithSurvey, hasCircuit, scopeOf } from './before';
import { laterGates, scopeGates, surveyGates } from './before-gates';
import { scopeMove, surveyMove } from './before-move';
import { buildUpOf, judgeCharge } from './charge-sheet';
import { afterRunGates, chargeGates, circuitGates, sealedGate, standingGate } from './circuit/circuit-gates';
import { circuitMove } from './circuit/circuit-moves';
import { circuitPhasesOf, isCircuitPhase, sealedWhy } from './circuit/circuit-views';
import { type Gate, type GateFacts, gate, gatesOf, passes, withOverrides } from './gates';
import type { Move } from './move';
import { owedTasks, readOn } from './owed';
import { BUILT_PHASES, type BuiltPhase, PHASE_NOUNS } from './phases';
import { isEquipped, type JobSheet } from './sheet';
import type { recordedStartUp } from './start-up-sheet';

const NO_PLATE = {
  ok: false,
  refused: {
    field: 'plate',
    message: tell('job.new-equipment-is-not-entered-yet'),
    allowed: tell('job.choose-it-in-scope-or-enter'),
  },
} as const;

/** The gates of a phase of this job. */
export function sheetGates(sheet: JobSheet, phase: BuiltPhase, recorded?: ReturnType<typeof recordedStartUp>): Gate[] {
  const overrides = sheet.overrides.filter(
    (o) =>
      o.phase === phase ||
      // What a lead let pass for the evacuation stands for the charge that rests on it.
      (phase === 'charge' && o.phase === 'evacuate' && o.gate === 'standing-vacuum'),
  );
  if (phase === 'survey') return surveyGates(sheet).map(withOverrides(overrides));
  if (phase === 'scope') return scopeGates(sheet).map(withOverrides(overrides));
  if (isCircuitPhase(phase)) return circuitGates(sheet, phase).map(withOverrides(overrides));
  const build = isEquipped(sheet) ? buildUpOf(sheet) : NO_PLATE;
  const charge = build.ok ? judgeCharge(sheet, build.value) : undefined;
  const facts: GateFacts = {
    phase,
    vacuum: sheet.vacuum ?? undefined,
    decayLimitMicrons: Number(sheet.circuitSchools.decayLimit),
    ...(sealedWhy(sheet) !== undefined ? { standing: sealedGate(sealedWhy(sheet)!) } : {}),
    ...(sheet.circuitLog.length > 0 && circuitPhasesOf(sheet).includes('evacuate')
      ? { standing: standingGate(sheet) }
      : {}),
    circuit: phase === 'charge' ? chargeGates(sheet) : [],
    plateTrouble: build.ok ? null : build.refused.message,
    weighedIn: charge?.state.done ?? false,
    weighSay: charge?.finding.claim ?? tell('job.no-charge-build-up'),
    certification: sheet.certification,
    signed: signedPhases(sheet),
    hasCircuit: hasCircuit(sheet),
    startUp: {
      recorded: recorded !== undefined,
      limited: recorded?.limit !== undefined,
      steady: recorded
        ? recorded.limit
          ? (recorded.ranMin ?? 0) >= SEASON_RUN_MIN
          : recorded.steady.state === 'steady'
        : false,
      steadySay: !recorded
        ? tell('job.no-reading-recorded')
        : recorded.limit
          ? recorded.ranMin === undefined
            ? tell('job.nobody-said-how-long-it-has')
            : tell('job.ran-of', {
                ranMin: Math.floor(recorded.ranMin),
                seasonRunMin: q(SEASON_RUN_MIN, 'min', 'as is'),
              })
          : recorded.steady.say,
      missing: recorded?.missing ?? [tell('job.every-reading')],
      findings: recorded?.judgement.findings ?? [],
      enclosureRestored: sheet.startUp.confirmations.enclosureRestored !== undefined,
    },
    overrides,
  };
  const after = phase === 'hand-over' ? [...afterRunGates(sheet), ...furnaceGates(sheet)] : [];
  return [...[...laterGates(sheet, phase), ...after].map(withOverrides(overrides)), ...gatesOf(facts)];
}

/** A furnace alone is not handed over without its typed proof; a stop in it nobody lets pass. */
function furnaceGates(sheet: JobSheet): Gate[] {
  if (hasCircuit(sheet)) return [];
  const worst = sheet.furnace ? orderFindings(judgeFurnace(sheet.furnace))[0] : undefined;
  return [
    gate(
      'furnace-proof',
      tell('job.gas-pressures-temperature-rise-and-co'),
      worst?.verdict === 'good',
      !worst ? tell('job.not-read-yet') : worst.verdict === 'good' ? tell('job.all-good') : worst.claim,
      // Without its readings nobody hands it over; a stop in them nobody lets pass.
      worst?.verdict === 'look-again',
    ),
  ];
}

/** Phases that this job does not need, and why: they stay folded in the rail. */
export function notNeeded(sheet: JobSheet): { phases: readonly BuiltPhase[]; because: Said } | undefined {
  if (!hasCircuit(sheet))
    return {
      phases: ['recover', 'join', 'pressure-test', 'evacuate', 'charge', 'start-up'],
      because: tell('job.furnace-alone-has-no-refrigerant'),
    };
  const sealed = sealedWhy(sheet);
  if (!sealed) return undefined;
  const kept: readonly BuiltPhase[] = circuitPhasesOf(sheet);
  const phases = (['join', 'pressure-test', 'evacuate'] as const).filter((p) => !kept.includes(p));
  return { phases, because: sealed };
}

export function signedPhases(sheet: JobSheet): Partial<Record<BuiltPhase, boolean>> {
  return Object.fromEntries(sheet.signOffs.map((s) => [s.phase, true]));
}

const markOf = ({ kind }: Move): Verdict => (kind === 'now' || kind === 'override' ? 'not-proven' : kind);

export const mayWork = (gates: readonly Gate[], ids: readonly string[]): boolean =>
  gates.filter((g) => ids.includes(g.id)).every(passes);

export type Standing = {
  phase: BuiltPhase;
  state: 'open' | 'done';
  mark: 'good' | 'look-again' | 'stop' | 'not-proven';
  waitsFor: Said;
};

/** The phases this job goes through: survey and scope only when it began with them, charge and start-up only with refrigerant, its circuit phases where they are written down. */
export function phasesOf(sheet: JobSheet): readonly BuiltPhase[] {
  const surveyed = beganWithSurvey(sheet);
  const circuit = hasCircuit(sheet);
  const kept = circuitPhasesOf(sheet);
  return BUILT_PHASES.filter(
    (p) =>
      (surveyed || (p !== 'survey' && p !== 'scope')) &&
      (circuit || (p !== 'charge' && p !== 'start-up')) &&
      (!isCircuitPhase(p) || kept.includes(p)),
  );
}

/** Where a job stands and what it waits for: one sentence for the lists. */
export function standingOf(sheet: JobSheet, recorded?: ReturnType<typeof recordedStartUp>): Standing {
  const signed = signedPhases(sheet);
  // A scope that waits for an answer, or whose removal is not released, comes before the work.
  if (signed.scope && !signed.charge && !signed['hand-over'] && (scopeOf(sheet).change || !sheet.removal)) {
    const move = scopeMove(sheet);
    return { phase: 'scope', state: 'open', mark: markOf(move), waitsFor: move.say };
  }
  // Signed work is not asked for again: a phase before a signed charge that was never signed stays as it is.
  const phase = phasesOf(sheet).find((p) => !signed[p] && !(signed.charge && isCircuitPhase(p)));
  if (!phase) {
    const on = readOn(recorded?.measurements, sheet.job.scheduledFor, sheet.site.timeZone);
    const owed = owedTasks(recorded?.judgement.findings ?? [], on);
    return owed.length
      ? {
          phase: 'hand-over',
          state: 'done',
          mark: 'look-again',
          waitsFor: tell('job.handed-over', {
            value: list(
              owed.map((o) => o.say),
              '; ',
            ),
          }),
        }
      : { phase: 'hand-over', state: 'done', mark: 'good', waitsFor: tell('job.handed-over-2') };
  }
  if (phase === 'survey' || phase === 'scope') {
    const move = phase === 'survey' ? surveyMove(sheet) : scopeMove(sheet);
    return { phase, state: 'open', mark: markOf(move), waitsFor: move.say };
  }
  if (isCircuitPhase(phase)) {
    const move = circuitMove(sheet, phase, sheetGates(sheet, phase));
    return { phase, state: 'open', mark: markOf(move), waitsFor: move.say };
  }
  if (phase === 'start-up' && recorded) {
    const gates = sheetGates(sheet, phase, recorded).filter((g) => g.id !== 'certification');
    if (gates.every(passes)) return { phase, state: 'open', mark: 'good', waitsFor: tell('job.sign-start-up') };
    const first = recorded.judgement.findings.find((f) => f.verdict !== 'good' && !f.owed);
    return {
      phase,
      state: 'open',
      mark: first?.verdict ?? 'good',
      waitsFor: first?.next?.say ?? first?.claim ?? tell('job.record-final-reading'),
    };
  }
  const held = sheetGates(sheet, phase, recorded).filter((g) => !passes(g) && g.id !== 'certification');
  const first = held[0];
  const running = sheet.runs.some((r) => r.state === 'running' && r.phase === phase);
  return {
    phase,
    state: 'open',
    mark: first ? 'not-proven' : 'good',
    waitsFor: first
      ? phase === 'start-up'
        ? running
          ? tell('job.running-waits-for-steady-reading')
          : tell('job.start-system')
        : first.say
      : tell('job.sign', { phase: PHASE_NOUNS[phase] }),
  };
}
