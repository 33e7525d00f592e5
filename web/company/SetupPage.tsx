import { useState } from 'react';
import { Navigate, useNavigate } from 'react-router';
import useSWR from 'swr';
import { placeOfZone, TIME_ZONES } from '@/core/job/company-form';
import { LEAST_PASSWORD } from '@/core/job/password';
import { CURRENCIES, CURRENCY_WORDS } from '@/core/scope/schools';
import { get, post } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { LANGUAGE_CHOICES, readerNow, say, speakFromNow } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** The clock of this device where the product knows it. */
const clockHere = (): string => {
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return TIME_ZONES.find((z) => z === here) ?? 'America/New_York';
};
const EMPTY = { code: '', name: '', ownerName: '', signIn: '', password: '' };

/** The first page of an empty installation: the code of the terminal, then the company and its owner. */
export default function SetupPage() {
  const { data } = useSWR<{ waits: boolean }>('/setup', get);
  const { refresh } = useMe();
  const [typed, setTyped] = useState({
    ...EMPTY,
    timeZone: clockHere(),
    currency: 'USD' as (typeof CURRENCIES)[number],
  });
  const { busy, problem, act } = useAct();
  const navigate = useNavigate();
  if (data && !data.waits) return <Navigate to="/sign-in" replace />;
  const box = (key: keyof typeof EMPTY, label: string, more: object = {}) => (
    <Field
      label={label}
      value={typed[key]}
      onChange={(e) => setTyped({ ...typed, [key]: e.target.value })}
      error={problem?.field === key ? problem.message : undefined}
      allowed={problem?.field === key ? say(problem.allowed ?? '') : undefined}
      required
      {...more}
    />
  );

  async function begin(): Promise<void> {
    if (!(await act(() => post('/setup', { ...typed, language: readerNow().language })))) return;
    await refresh();
    navigate('/settings', { replace: true });
  }

  return (
    <main className="mx-auto max-w-[640px] px-5 py-8">
      <h1 className="narrow text-[36px] leading-tight">{t('web.begin-your-company')}</h1>
      <p className="mt-1 mb-4 max-w-[52ch] text-[16px] text-ink2">{t('web.code-stands-in-terminal')}</p>
      <Choice
        label={t('web.language')}
        value={readerNow().language}
        options={LANGUAGE_CHOICES}
        onChange={speakFromNow}
      />
      <form
        className="mt-4 grid gap-1.5"
        onSubmit={(e) => {
          e.preventDefault();
          void begin();
        }}
      >
        {box('code', t('web.code-from-the-terminal'), { autoCapitalize: 'characters', spellCheck: false })}
        {box('name', t('web.name-of-the-company'), { autoComplete: 'organization' })}
        <label className="block">
          <span className="block text-[13px] font-[600]">{t('web.clock-of-the-company')}</span>
          <select
            value={typed.timeZone}
            onChange={(e) => setTyped({ ...typed, timeZone: e.target.value })}
            className="touch mt-0.5 mb-3 w-full border-[1.5px] border-rule bg-sheet px-2 text-[17px] font-[600]"
          >
            {TIME_ZONES.map((z) => (
              <option key={z} value={z}>
                {placeOfZone(z)}
              </option>
            ))}
          </select>
        </label>
        <Choice
          label={t('web.money')}
          value={typed.currency}
          options={CURRENCIES.map((c) => ({ value: c, label: say(CURRENCY_WORDS[c]) }))}
          onChange={(currency) => setTyped({ ...typed, currency })}
        />
        <h2 className="mt-4 text-[18px]">{t('web.its-owner')}</h2>
        {box('ownerName', t('web.your-name'), { autoComplete: 'name' })}
        {box('signIn', t('web.sign-in-name'), { autoComplete: 'username' })}
        {box('password', t('web.password'), {
          type: 'password',
          autoComplete: 'new-password',
          hint: t('web.characters-or-more', { least: LEAST_PASSWORD }),
        })}
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy} className="mt-1">
          {t('web.begin')}
        </Button>
      </form>
    </main>
  );
}
