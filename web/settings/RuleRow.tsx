import { refusesRule, ruleSetting, type TransitionRule } from '@/core/circuit/transition-rules';
import { Mark } from '@/web/kit/Mark';
import { NumberCell } from '@/web/kit/NumberCell';
import { TextCell } from '@/web/kit/TextCell';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  rule: TransitionRule;
  may: boolean;
  onSave: (change: Record<string, string | number>) => Promise<boolean>;
};
type Part = Parameters<typeof ruleSetting>[1];

/** One dated rule: its words, from when, where it stands, and when someone last held it against the current rule. */
export function RuleRow({ rule, may, onSave }: Props) {
  const commit = (part: Part) => (value: string | number) => {
    const refused = refusesRule(ruleSetting(rule.id, part), value);
    if (refused) return t('web.allowed', { message: refused.message, allowed: refused.allowed });
    return onSave({ [ruleSetting(rule.id, part)]: value });
  };
  const written = rule.rule !== '';
  return (
    <section aria-label={say(rule.title)} className="border-b border-rule py-3">
      <h3 className="flex items-center gap-2 text-[15px] font-[680]">
        <Mark kind={!written ? 'to-come' : rule.verifiedOn ? 'good' : 'not-proven'} />
        {say(rule.title)}
        <small className="font-[450] text-ink2">
          {!written ? t('web.none-written') : rule.verifiedOn ? `checked ${rule.verifiedOn}` : t('web.not-checked')}
        </small>
      </h3>
      <div className="mt-1.5 grid gap-x-4 gap-y-2 md:grid-cols-[1fr_170px_170px]">
        <div className="md:col-span-3">
          <TextCell label={t('web.rule')} value={say(rule.rule)} most={300} disabled={!may} onCommit={commit('rule')} />
        </div>
        <TextCell
          label={t('web.source')}
          value={say(rule.source)}
          most={300}
          disabled={!may}
          onCommit={commit('source')}
        />
        <DateCell label={t('web.holds-from')} value={rule.from} disabled={!may} onCommit={commit('from')} />
        <DateCell label={t('web.checked-on')} value={rule.verifiedOn} disabled={!may} onCommit={commit('verifiedOn')} />
        {rule.cap === undefined ? null : (
          <NumberCell
            label={t('web.cap-warming-potential')}
            unit="GWP"
            value={rule.cap}
            disabled={!may}
            onCommit={(v) => (v === null ? t('web.number-is-needed') : commit('cap')(v))}
          />
        )}
      </div>
    </section>
  );
}

function DateCell({
  label,
  value,
  disabled,
  onCommit,
}: {
  label: string;
  value: string;
  disabled: boolean;
  onCommit: (value: string) => unknown;
}) {
  return (
    <label className="block text-[13px] font-[600]">
      {label}
      <input
        type="date"
        value={value}
        disabled={disabled}
        onChange={(e) => void onCommit(e.target.value)}
        className="touch mt-0.5 w-full border-[1.5px] border-rule bg-sheet px-2.5 text-[16px] font-[560] outline-none focus:border-ink disabled:opacity-60"
      />
    </label>
  );
}
