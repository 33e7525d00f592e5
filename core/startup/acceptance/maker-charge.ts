import type { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { figure, maybe, pick, schemaOf, text } from '@/core/form/field';
import { q } from '@/core/words/said';
import { checksBy } from './checks';
import { tell } from './words';

/** What the maker's own charging procedure came to, typed as it was followed. */
export const MAKER_CHARGE_FIELDS = {
  document: text(tell('startup.document-and-page'), 120, 2),
  result: pick(
    tell('startup.at-its-end'),
    {
      within: tell('startup.within-its-limits'),
      outside: tell('startup.outside-its-limits'),
      'not finished': tell('startup.could-not-be-finished'),
    },
    { stacked: true },
  ),
  speed: maybe(figure(tell('startup.speed-it-held'), 1, 12_000, '')),
  valvePct: maybe(figure(tell('startup.valve-open-as-its-board-shows'), 0, 100, '%')),
  valveSteps: maybe(figure(tell('startup.or-its-steps'), 0, 4000, '')),
  valveStepsMost: maybe(figure(tell('startup.steps-when-fully-open'), 1, 4000, '')),
};
export const makerChargeSchema = schemaOf(MAKER_CHARGE_FIELDS);
export type MakerCharge = z.infer<typeof makerChargeSchema>;

/** An electronic valve this close to an end regulates no more (common practice), %. */
const END_PCT = 5;

/** How far an electronic valve stands open, %; by its steps where the board shows those. */
export const valveOpenPct = ({ valvePct, valveSteps, valveStepsMost }: MakerCharge): number | undefined =>
  valvePct ?? (valveSteps !== null && valveStepsMost ? (100 * valveSteps) / valveStepsMost : undefined);

/**
 * The maker's own procedure for a charge that no rule of the trade judges (inverters, electronic valves), and where the valve
 * stands: at an end it regulates no more.
 *
 * @source the maker's document, named; the ends of the valve are common practice. Not covered: what the procedure asks for
 */
export function judgeMakerCharge(run: MakerCharge): Finding[] {
  const { found, add } = checksBy(tell('startup.by-the-makers-document', { document: run.document }));
  add(
    'maker-charge',
    run.result === 'within' ? 'good' : run.result === 'outside' ? 'look-again' : 'not-proven',
    tell(
      run.result === 'within'
        ? 'startup.makers-procedure-is-met'
        : run.result === 'outside'
          ? 'startup.makers-procedure-is-not-met'
          : 'startup.makers-procedure-was-not-finished',
      { document: run.document },
    ),
    tell('startup.maker-knows-how-it-is-charged'),
    tell(
      run.result === 'outside' ? 'startup.correct-by-its-next-step' : 'startup.finish-it-or-leave-the-weighed-charge',
    ),
  );
  const open = valveOpenPct(run);
  if (open !== undefined) {
    const ends = open >= 100 - END_PCT || open <= END_PCT;
    add(
      'valve-open',
      ends ? 'look-again' : 'good',
      tell('startup.electronic-valve-stands-open', { open: q(open, 'pct', 0) }),
      tell(
        !ends
          ? 'startup.it-has-room-both-ways'
          : open > 50
            ? 'startup.fully-open-it-asks-for-more-liquid'
            : 'startup.shut-it-holds-liquid-back',
      ),
      tell(
        open > 50
          ? 'startup.weigh-the-charge-look-for-a-restriction'
          : 'startup.look-at-its-sensors-and-at-a-valve-that-leaks',
      ),
      0.8,
    );
  }
  return found;
}
