import { stands } from '@/core/finding/accepted';
import type { Finding, Next, Verdict } from '@/core/finding/finding';
import { OWED_WORDS } from '@/core/job/owed';
import type { SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/start-up/words';
import type { StartUpFindings } from '@/core/startup/judge';
import { list, lower, type Said } from '@/core/words/said';
import { acceptedOn } from './system';

/** Figures, findings in the order of the ladder, and the one next move with the verdict it is told under. */
export type Judgement = StartUpFindings & { next: Next & { because: Said; verdict?: Verdict } };

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

/** Findings that nobody let pass. */
export function openFor(sheet: SheetWith<'acceptances' | 'overrides'>, findings: readonly Finding[]): Finding[] {
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
export function signing(findings: readonly Finding[]): Judgement['next'] {
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
      say: tell(
        owed.some((f) => f.id === 'conditions')
          ? 'job.record-final-reading-and-sign-by'
          : 'job.all-that-today-allows-record-and-sign',
      ),
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
