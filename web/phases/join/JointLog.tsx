import { worstOf } from '@/core/finding/order';
import { joinView } from '@/core/phases/join/view';
import { value } from '@/core/words/said';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import type { EquippedView } from '@/web/phases/job-context';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** The joints in the order they were made, with what is wrong with each. */
export function JointLog({ view }: { view: EquippedView }) {
  const { joints } = joinView(view.sheet);
  return (
    <Part name={t('web.joint-log')}>
      <ol className="mt-1">
        {joints.map(({ joint, checks }, i) => {
          const b = joint.body;
          const how =
            b.method === 'braze'
              ? `${say(value(b.alloy ?? 'none'))}, ${b.nitrogenScfh ? t('web.nitrogen-ft-h', { nitrogenScfh: b.nitrogenScfh }) : t('web.no-nitrogen')}, ${b.heatShield ? t('web.heat-kept-off') : t('web.no-heat-shield')}`
              : b.method === 'flare'
                ? `${b.torqueFtLb ?? '?'} ft·lb`
                : say(value('press'));
          return (
            <li
              key={joint.id}
              data-testid="joint-row"
              className="grid grid-cols-[26px_22px_1fr] border-b border-rule2 py-1.5 leading-snug"
            >
              <b className="font-[680]">{i + 1}</b>
              <Mark kind={checks.length ? worstOf(checks) : 'good'} />
              <span>
                <b className="font-[620]">{b.place}</b>{' '}
                {t('web.line-2', { method: value(b.method), line: value(b.line) })}
                <span className="block text-[13px] text-ink2">
                  {how}
                  {b.orificeStamp ? t('web.orifice', { orificeStamp: b.orificeStamp }) : ''}
                  {b.newRing ? t('web.new-o-ring') : ''} · {joint.by}
                </span>
              </span>
            </li>
          );
        })}
      </ol>
    </Part>
  );
}
