import type { SurveyView } from '@/core/phases/survey/view';
import { EvidenceAxis } from '@/web/bench/evidence/EvidenceAxis';
import { t } from '@/web/words/tell';

/** The size of a unit whose plate says nothing: an estimate with its range, its evidence, and the item that disagrees. */
export function SizeEstimate({ tonnage }: { tonnage: NonNullable<SurveyView['tonnage']> }) {
  return (
    <>
      <h2 className="text-[15px] font-[680]">{t('web.size-pieced-together')}</h2>
      <p className="flex flex-wrap items-baseline gap-x-2">
        <b className="narrow text-[38px] leading-none font-[720]">{tonnage.tons.toFixed(1)}</b>
        <span className="text-[14px] text-ink2">
          {t('web.tons-to-confidence', {
            lowTons: tonnage.lowTons.toFixed(1),
            highTons: tonnage.highTons.toFixed(1),
            confidence: tonnage.confidence,
          })}
        </span>
      </p>
      <EvidenceAxis {...tonnage} />
      {tonnage.conflict ? (
        <p className="text-[13.5px] font-[620] text-oxide">{t('web.evidence-conflicts-read-one-that-disagrees')}</p>
      ) : null}
      <p className="text-[12.5px] leading-snug text-ink2">{t('web.estimate-only-not-selection-size-by')}</p>
    </>
  );
}
