import type { Answers } from '@/core/form/field';
import type { EntryKind } from '@/core/phases/log/entries';
import { newPieces } from '@/core/phases/scope/view';
import { stripStages } from '@/core/phases/start-up/typed-proofs';
import { USUAL_BLOWER } from '@/core/plant/air/blower';
import { readStatic, readStrip } from '@/core/plant/air/stand-in';
import type { EquippedView } from '@/web/phases/job-context';

/** Volts of a supply where nothing reads them. */
const USUAL_V = 240;

/** What the simulated instruments of a proof read, where there are any; only beside a simulated system, and always marked. */
export function standInFor(kind: EntryKind, preset: Answers | undefined, view: EquippedView): Answers | undefined {
  const { sheet, feed } = view;
  if (!feed.rig) return undefined;
  if (kind === 'static-budget') return readStatic(USUAL_BLOWER, feed.rig.conditions.filterLoaded);
  if (kind !== 'strip-run') return undefined;
  const { heaterKit, indoor } = newPieces(sheet);
  const kw = heaterKit?.heaterKw ?? indoor?.heaterKw;
  const volts = feed.samples.at(-1)?.values.lineVolts;
  return kw
    ? readStrip(
        { kw, stages: Math.max(1, stripStages(sheet).length) },
        Number(preset?.stage ?? 1),
        typeof volts === 'number' ? Math.round(volts) : USUAL_V,
      )
    : undefined;
}
