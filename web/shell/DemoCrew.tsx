import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

export type DemoPerson = { signIn: string; fullName: string; role: string; certification: string; company: string };
type Props = {
  people: readonly DemoPerson[];
  password: string | null;
  busy: boolean;
  onEnter: (signIn: string, password: string) => void;
};

/** The people of the invented company: one tap signs in. */
export function DemoCrew({ people, password, busy, onEnter }: Props) {
  return (
    <section className="border-t-[1.5px] border-ink pt-4 lg:border-t-0 lg:border-l lg:border-rule lg:pt-0 lg:pl-10">
      <h2 className="text-[20px]">{t('web.demo-crew')}</h2>
      <p className="mt-1 text-[14px] text-ink2">
        {t('web.invented-company-tap-person-to-sign', { company: people[0]?.company })}
      </p>
      <ul className="mt-3">
        {people.map((p) => (
          <li key={p.signIn} className="border-b border-rule">
            <button
              type="button"
              disabled={busy}
              onClick={() => onEnter(p.signIn, password ?? '')}
              className="grid min-h-[58px] w-full cursor-pointer grid-cols-[1fr_auto] items-center gap-4 py-1.5 text-left hover:bg-sheet"
            >
              <span>
                <b className="block text-[17px] font-[650] text-copper">{p.fullName}</b>
                <span className="text-[13.5px] text-ink2">
                  {say(value(p.role))}
                  {p.certification === 'none'
                    ? t('web.no-refrigerant-certificate')
                    : t('web.certified', { certification: p.certification })}
                </span>
              </span>
              <span className="text-[13px] text-ink2">{p.signIn}</span>
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-3 text-[13px] text-ink2">
        {t('web.password-for-all-demo-is-listed', { demoPassword: password })}
      </p>
      <p className="mt-1 text-[13px] text-ink2">{t('web.demo-here')}</p>
    </section>
  );
}
