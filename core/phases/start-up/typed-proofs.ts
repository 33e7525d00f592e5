import { stands } from '@/core/finding/accepted';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import type { EquippedSheet, SheetWith } from '@/core/job/sheet';
import { entriesOf } from '@/core/phases/log/circuit-log';
import { newPieces } from '@/core/phases/scope/view';
import { tell } from '@/core/phases/start-up/words';
import { judgeDefrost } from '@/core/startup/defrost';
import { judgeStrip } from '@/core/startup/electric-heat';
import { seasonFor } from '@/core/startup/limit';
import { list, type Said } from '@/core/words/said';
import { acceptancesOf } from './acceptance-proofs';
import { proofBase } from './proof-finding';
import { acceptedOn } from './system';

/** Stages of electric heat that are new in this system; none where nothing heats by current. */
export function stripStages(sheet: SheetWith<'scope' | 'survey'>): number[] {
  const { heaterKit, indoor } = newPieces(sheet);
  const kit = heaterKit ?? (indoor?.heaterKw ? indoor : undefined);
  return kit ? Array.from({ length: Math.max(1, kit.heatStages ?? 1) }, (_, k) => k + 1) : [];
}

/** What a typed proof comes to: the worst of its findings under its own name; not made yet, it asks for its form. */
function proofFinding(
  sheet: SheetWith<'acceptances'>,
  id: string,
  name: Said,
  findings: readonly Finding[] | undefined,
  ask: NonNullable<Finding['next']>,
): Finding {
  const base = proofBase(id);
  if (!findings) return { ...base, verdict: 'not-proven', claim: tell('job.proof-not-made-yet', { name }), next: ask };
  const [worst] = orderFindings(findings);
  if (!worst || worst.verdict === 'good' || stands({ ...worst, id: base.id }, acceptedOn(sheet)))
    return worst && worst.verdict !== 'good'
      ? { ...base, verdict: worst.verdict, claim: tell('job.proof-says', { name, claim: worst.claim }) }
      : { ...base, verdict: 'good', claim: tell('job.proof-is-made', { name }) };
  return {
    ...base,
    verdict: worst.verdict,
    claim: tell('job.proof-says', { name, claim: worst.claim }),
    because: alsoSaid(worst, findings),
    next: { ...ask, say: worst.next?.say ?? ask.say },
  };
}

/** Why, with whatever else of the proof is not good: nothing that was read is kept back. */
function alsoSaid(worst: Finding, findings: readonly Finding[]): Said {
  const others = findings.filter((f) => f !== worst && f.verdict !== 'good').map((f) => f.claim);
  return others.length
    ? tell('job.because-and-besides', { because: worst.because, others: list(others, ' ') })
    : worst.because;
}

/**
 * The proofs of a system that are typed as they are seen: each stage of its electric heat; a defrost, where it heats and the
 * weather lets it; what it is accepted by. A defrost waits for cold days like heating itself.
 */
export function typedProofs(sheet: EquippedSheet, outdoorF: number | undefined): Finding[] {
  const strips = entriesOf(sheet.systemLog, 'strip-run');
  return [
    ...stripStages(sheet).map((stage) => {
      const run = strips.findLast((e) => e.body.stage === stage);
      const name = tell('job.electric-heat-stage', { stage });
      return proofFinding(sheet, `strip-${stage}`, name, run && judgeStrip(run.body), {
        say: tell('job.run-the-strips-alone-and-read', { stage }),
        because: tell('job.compressor-off-then-each-stage'),
        action: { kind: 'write-proof', entry: 'strip-run', preset: { stage } },
      });
    }),
    ...(sheet.circuit.plate.heatPump ? defrostFindings(sheet, outdoorF) : []),
    ...acceptancesOf(sheet).map(({ id, name, entry, ask, because, findings }) =>
      proofFinding(sheet, id, name, findings, { say: ask, because, action: { kind: 'write-proof', entry } }),
    ),
  ];
}

function defrostFindings(sheet: EquippedSheet, outdoorF: number | undefined): Finding[] {
  const run = entriesOf(sheet.systemLog, 'defrost-run').at(-1);
  const found = proofFinding(sheet, 'defrost', tell('job.a-defrost'), run && judgeDefrost(run.body), {
    say: tell('job.force-a-defrost-and-watch-it'),
    because: tell('job.fan-rests-aux-on-coil-clears'),
    action: { kind: 'write-proof', entry: 'defrost-run' },
  });
  const season = run ? undefined : seasonFor('heating', outdoorF);
  if (!season) return [found];
  const { next: _, ...waits } = found;
  return [{ ...waits, claim: tell('job.defrost-waits-for-cold'), owed: { proof: 'defrost', season } }];
}
