import type { SurveyView } from '@/core/phases/survey/view';
import { Notice } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { DeltaList } from '../scope/DeltaList';
import type { ScopeChange } from './use-scope-change';

type Props = { survey: SurveyView; place: string; changed: ScopeChange | undefined };

/** What must be known at this place: hazards, answers that contradict each other, what the last answer changed. */
export function PlaceNotices({ survey, place, changed }: Props) {
  return (
    <>
      {survey.hazards
        .filter((h) => h.place === place)
        .map((h) => (
          <Notice key={h.id} kind={h.verdict}>
            <b className="font-[680]">{say(h.say)}</b> {say(h.act)} <span className="text-ink2">({say(h.source)})</span>
          </Notice>
        ))}
      {survey.contradictions
        .filter((c) => c.place === place)
        .map((c) => (
          <Notice key={c.id} kind="look-again">
            <b className="font-[680]">{say(c.say)}</b> {say(c.act)}
          </Notice>
        ))}
      {changed ? (
        <Notice kind="now">
          <b className="font-[680]">{t('web.changes-scope', { what: changed.what })}</b>
          <DeltaList delta={changed.delta} />
        </Notice>
      ) : null}
    </>
  );
}
