import type { Finding } from '@/core/finding/finding';
import { type Gate, gate } from '@/core/job/gates';
import { PHASE_NOUNS, type Phase } from '@/core/job/phases';
import type { SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/words';
import { upper } from '@/core/words/said';
export const claimOf = (checks: readonly Finding[], id: string): Finding | undefined => checks.find((c) => c.id === id);

export function signedGate(sheet: SheetWith<'signOffs'>, phase: Phase, id: string): Gate {
  const signed = sheet.signOffs.some((s) => s.phase === phase);
  return gate(
    id,
    tell('work.signed', { phase: PHASE_NOUNS[phase] }),
    signed,
    signed
      ? tell('work.signed-2', { phase: upper(PHASE_NOUNS[phase]) })
      : tell('work.sign-first', { phase: PHASE_NOUNS[phase] }),
  );
}
