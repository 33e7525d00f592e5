import { type DrawnPart, nested } from '@/core/phases/plan/metal';
import { q } from '@/core/words/said';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { NestPicture } from './NestPicture';

const IN2_PER_FT2 = 144;

/** How many sheets all parts take, by gauge and size of sheet; what is left over. */
export function NestPart({ parts }: { parts: readonly DrawnPart[] }) {
  const all = nested(parts);
  if (all.length === 0) return null;
  return (
    <Part name={t('web.sheets')} data-testid="nest">
      <ul>
        {all.map((n) => {
          const {
            sheetIn: [w, h],
            gauge,
            outcome,
          } = n;
          return (
            <li key={`${gauge}${h}`} className="border-b border-rule2 py-1.5 leading-snug">
              {outcome.ok ? (
                <>
                  <b className="font-[640]">
                    {t('web.sheets-of', {
                      n: outcome.value.sheets,
                      w: String(w),
                      h: String(h),
                      gauge: String(gauge),
                    })}
                  </b>
                  <span className="block text-[13px] text-ink2">
                    {t(outcome.value.exact ? 'web.used-and-left' : 'web.used-and-left-not-proven', {
                      pct: q(outcome.value.utilisationPct, 'pct', 1),
                      left: q(
                        (outcome.value.sheets * w * h * (1 - outcome.value.utilisationPct / 100)) / IN2_PER_FT2,
                        'ft2',
                        1,
                      ),
                    })}
                  </span>
                  {n.sheets.length > outcome.value.sheets ? (
                    <span className="block text-[13px] text-ink2">
                      {t('web.drawn-on-more', { n: n.sheets.length })}
                    </span>
                  ) : null}
                  <NestPicture nested={n} />
                </>
              ) : (
                <>
                  <b className="font-[640]">
                    {t('web.does-not-go-on', { w: String(w), h: String(h), gauge: String(gauge) })}
                  </b>
                  <span className="block text-[13px] text-ink2">{say(outcome.refused.message)}</span>
                </>
              )}
            </li>
          );
        })}
      </ul>
    </Part>
  );
}
