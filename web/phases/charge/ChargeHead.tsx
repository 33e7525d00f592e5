import type { judgeCharge } from '@/core/phases/charge/charge-sheet';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { Mark } from '@/web/kit/Mark';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { EquippedView } from '../job-context';

type Props = { view: EquippedView; finding: ReturnType<typeof judgeCharge>['finding'] };

/** The refrigerant, how it is charged, and where the charge stands. */
export function ChargeHead({ view: { sheet }, finding }: Props) {
  const { refrigerant } = sheet.circuit.plate;
  const signed = sheet.signOffs.find((s) => s.phase === 'charge');
  const mark = signed ? 'good' : finding.verdict === 'not-proven' ? 'now' : finding.verdict;
  return (
    <div className="flex flex-wrap items-baseline gap-x-4">
      <h1 className="text-[23px]">{t('web.charge')}</h1>
      <span className="text-ink2">
        {refrigerant},{' '}
        {say(
          REFRIGERANT_FACTS[refrigerant].blend
            ? tell('web.blend-liquid-only-cylinder-upside-down')
            : tell('web.single-fluid'),
        )}
      </span>
      <span className="ml-auto flex items-center gap-2 font-[650]">
        <Mark kind={mark} />
        {say(signed ? tell('web.signed-by', { by: signed.by }) : finding.claim)}
      </span>
    </div>
  );
}
