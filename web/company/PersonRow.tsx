import type { PersonRecord } from '@/contract/company';
import { hasRunOut } from '@/core/job/person-form';
import { dayAt } from '@/core/words/calendar';
import { day, value } from '@/core/words/said';
import { todayAt } from '@/web/api/clock';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { readerNow, say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';

type Props = {
  person: PersonRecord;
  self: boolean;
  busy: boolean;
  onEdit: () => void;
  onInvite: () => void;
  onBlock: () => void;
};

/** One person in a line: whether they can get in, what they may do, whether their certificate still counts. */
export function PersonRow({ person: p, self, busy, onEdit, onInvite, onBlock }: Props) {
  const runOut = hasRunOut(p.certifiedUntil, todayAt(readerNow().timeZone));
  return (
    <li
      data-testid={`person-${p.signIn}`}
      className="grid grid-cols-[24px_minmax(0,1fr)] items-start gap-x-2 border-b border-rule py-2.5 md:grid-cols-[24px_minmax(0,1fr)_minmax(0,1fr)_250px] md:items-center"
    >
      <span className="pt-1 md:pt-0">
        <Mark kind={!p.active ? 'to-come' : runOut ? 'look-again' : p.joined ? 'good' : 'now'} />
      </span>
      <span className="min-w-0">
        <b className={`block truncate text-[17px] font-[650] ${p.active ? '' : 'text-ink2 line-through'}`}>
          {p.fullName}
        </b>
        <span className="block truncate text-[13.5px] text-ink2">
          {say(value(p.role))} · {p.signIn}
        </span>
      </span>
      <span className="col-start-2 text-[13.5px] md:col-start-auto">
        {p.certification === 'none'
          ? t('web.not-certified')
          : t('web.certified-as', { certification: value(p.certification), number: p.certificateNumber ?? '–' })}
        {p.certifiedUntil ? (
          <span className={`block ${runOut ? 'font-[650] text-ochre' : 'text-ink2'}`}>
            {t(runOut ? 'web.ran-out-on' : 'web.until-day', { day: day(p.certifiedUntil) })}
          </span>
        ) : null}
        <span className="block text-ink2">{say(stateOf(p))}</span>
      </span>
      <span className="col-start-2 flex flex-wrap gap-x-1 md:col-start-auto md:justify-end">
        <Button tone="quiet" disabled={busy} onClick={onEdit}>
          {t('web.edit')}
        </Button>
        {p.active ? (
          <Button tone="quiet" disabled={busy} onClick={onInvite}>
            {t(p.joined ? 'web.new-password' : 'web.invite-again')}
          </Button>
        ) : null}
        {self ? null : (
          <Button tone="quiet" disabled={busy} onClick={onBlock}>
            {t(p.active ? 'web.block' : 'web.let-in-again')}
          </Button>
        )}
      </span>
    </li>
  );
}

function stateOf(p: PersonRecord) {
  if (!p.active) return tell('web.blocked');
  if (p.joined) return p.inviteUntil ? tell('web.new-password-waits') : tell('web.signs-in');
  return p.inviteUntil
    ? tell('web.invited-until', { day: day(dayAt(p.inviteUntil, readerNow().timeZone)) })
    : tell('web.not-invited');
}
