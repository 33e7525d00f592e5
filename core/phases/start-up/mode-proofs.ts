import type { Plate } from '@/core/equipment/plate';
import { stands } from '@/core/finding/accepted';
import type { Finding, Verdict } from '@/core/finding/finding';
import { RUN_MODES, type RunMode } from '@/core/finding/run-mode';
import { standing } from '@/core/job/movements';
import type { EquippedSheet, SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/start-up/words';
import { seasonFor } from '@/core/startup/limit';
import type { Readings } from '@/core/startup/quantities';
import { clock, value } from '@/core/words/said';
import { judgeMode, stoodOf } from './judged';
import { PROOF, proofBase } from './proof-finding';
import { readingsOfRound, roundsOf } from './rounds';
import { acceptedOn } from './system';
import { typedProofs } from './typed-proofs';

/** Modes and stages that this equipment owes a proof of, in the order of the work: full stage before the low one. */
export function modesOf({ heatPump, stages, inverter }: Pick<Plate, 'heatPump' | 'stages' | 'inverter'>): RunMode[] {
  const low = stages === 'two' && !inverter;
  return [
    'cooling',
    ...(low ? (['cooling-low'] as const) : []),
    ...(heatPump ? (['heating'] as const) : []),
    ...(heatPump && low ? (['heating-low'] as const) : []),
  ];
}

/** How the proofs of the other modes stand, for their marks; what waits for a season is to come. */
export const proofMarks = (findings: readonly Finding[]): Partial<Record<RunMode, Verdict | 'owed' | undefined>> =>
  Object.fromEntries(RUN_MODES.map((mode) => [mode, markOf(findings, `${PROOF}${mode}`)]));

function markOf(findings: readonly Finding[], id: string): Verdict | 'owed' | undefined {
  const own = findings.find((f) => f.id === id);
  if (own && !own.owed) return own.verdict;
  return own || findings.some((f) => f.id.startsWith(`${id}:`)) ? 'owed' : undefined;
}

/** The mode that a unit is read in: the one that is called, where its plate has it. */
export const modeFor = (plate: Plate | null, mode: RunMode): RunMode =>
  plate === null || modesOf(plate).includes(mode) ? mode : 'cooling';

/** The newest recorded round of a mode as it is judged; undefined before the first. */
export function recordedMode(sheet: EquippedSheet, mode: RunMode) {
  const round = roundsOf(sheet, mode).at(-1);
  if (!round) return undefined;
  const stood = stoodOf(sheet, mode, round, undefined);
  return { round, ...judgeMode(sheet, mode, readingsOfRound(round.measurements), stood) };
}

/** The recorded proofs of the modes besides one, for the record that a signature freezes. */
export const otherProofs = (sheet: EquippedSheet, mode: RunMode) =>
  modesOf(sheet.circuit.plate)
    .filter((m) => m !== mode)
    .flatMap((m) => {
      const recorded = recordedMode(sheet, m);
      if (!recorded) return [];
      const { figures, findings, round } = recorded;
      return [{ mode: m, figures, findings, measurements: round.measurements }];
    });

/** What a recorded mode still waits for: neither good, nor let stand, nor owed to the season. */
function openIn(sheet: EquippedSheet, findings: readonly Finding[]): Finding[] {
  const accepted = acceptedOn(sheet);
  return findings.filter((f) => f.verdict !== 'good' && !f.owed && f.id !== 'enclosure' && !stands(f, accepted));
}

/** Whether the newest round of a mode proves it, as far as today allows. */
export function isModeProven(sheet: EquippedSheet, mode: RunMode): boolean {
  const recorded = recordedMode(sheet, mode);
  return recorded !== undefined && openIn(sheet, recorded.findings).length === 0;
}

/**
 * The proofs of the other modes beside the one that is read now: made, open, or waiting for a season. What waits is told
 * with its season and holds no signature; what could be made today does.
 *
 * @param now what is read now: its outdoor air says which season this is; without it the newest recorded one does
 */
export function proofFindings(sheet: EquippedSheet, mode: RunMode, now: Readings): Finding[] {
  // A probe that is silent or stuck does not say which season it is.
  const here = now.outdoorDryBulbF?.trouble ? undefined : now.outdoorDryBulbF?.value;
  const outdoorF = here ?? lastOutdoorF(sheet);
  return modesOf(sheet.circuit.plate)
    .filter((m) => m !== mode)
    .flatMap((m) => modeFindings(sheet, m, outdoorF))
    .concat(typedProofs(sheet, outdoorF));
}

const lastOutdoorF = (sheet: SheetWith<'measurements'>): number | undefined =>
  standing(sheet.measurements)
    .filter((m) => m.phase === 'start-up' && m.quantity === 'outdoorDryBulbF')
    .at(-1)?.value;

function modeFindings(sheet: EquippedSheet, mode: RunMode, outdoorF: number | undefined): Finding[] {
  const base = proofBase(mode);
  const said = { mode: value(mode) };
  const recorded = recordedMode(sheet, mode);
  if (!recorded) {
    const season = seasonFor(mode, outdoorF);
    return [
      season
        ? {
            ...base,
            verdict: 'not-proven',
            claim: tell(season === 'warm' ? 'job.mode-waits-for-warm' : 'job.mode-waits-for-cold', said),
            owed: { proof: mode === 'cooling' ? 'cooling-charge' : mode, season },
          }
        : {
            ...base,
            verdict: 'not-proven',
            claim: tell('job.mode-not-proven-yet', said),
            next: { say: tell('job.prove-mode-next', said), action: { kind: 'prove', mode } },
          },
    ];
  }
  const [worst] = openIn(sheet, recorded.findings);
  // What a mode leaves to a season stays with it, under its own name.
  const owed = recorded.findings
    .filter((f) => f.owed && f.verdict !== 'good')
    .map((f): Finding => ({ ...f, id: `${base.id}:${f.id}`, step: 'proofs' }));
  if (worst)
    return [
      {
        ...base,
        verdict: worst.verdict,
        claim: tell('job.mode-stands-open', { ...said, claim: worst.claim }),
        because: worst.because,
        next: { say: tell('job.back-to-mode', said), action: { kind: 'prove', mode } },
      },
      ...owed,
    ];
  // A proof that still owes a part of itself is not called made.
  return owed.length
    ? owed
    : [{ ...base, verdict: 'good', claim: tell('job.mode-proven-at', { ...said, at: clock(recorded.round.at) }) }];
}
