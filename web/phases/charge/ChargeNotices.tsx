import { odText } from '@/core/circuit/acr-tube';
import { plateWarnings } from '@/core/equipment/plate-checks';
import type { BuildUp } from '@/core/phases/charge/charge-sheet';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { Notice } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { EquippedView } from '../job-context';

/** What looks like a slip on the plate, and the caution of the work while it goes on. */
export function ChargeNotices({ view, build, signed }: { view: EquippedView; build: BuildUp; signed: boolean }) {
  const { plate } = view.sheet.circuit;
  const slips = plateWarnings(plate).filter((w) => w.field === 'lineLengthFt' || w.field === 'factoryChargeOz');
  const a2l = REFRIGERANT_FACTS[plate.refrigerant].safetyGroup === 'A2L';
  return (
    <>
      {slips.map((w) => (
        <Notice key={w.field} kind="look-again">
          {say(w.say)}
        </Notice>
      ))}
      {build.makerDiffers ? (
        <Notice kind="look-again">
          {t('web.makers-oz-ft-is-more-than', {
            ozPerFt: build.ozPerFt.toFixed(2),
            physicsOzPerFt: build.physicsOzPerFt.toFixed(2),
            liquidLineOdIn: odText(plate.liquidLineOdIn),
          })}
        </Notice>
      ) : null}
      {signed ? null : (
        <Notice kind="look-again">
          {t('web.gloves-and-eye-protection-liquid-refrigerant', {
            safetyGroup: a2l ? tell('web.a2l-ventilate-no-flame-or-spark') : '',
          })}
        </Notice>
      )}
    </>
  );
}
