import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import useSWR from 'swr';
import { LEAST_PASSWORD } from '@/core/job/password';
import { type ApiProblem, get, post } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { Waiting } from '@/web/shell/Waiting';
import { readerNow } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Invited = { fullName: string; company: string; signIn: string };

/** Somebody who was invited chooses a password and is in. */
export default function InvitationPage() {
  const { token = '' } = useParams();
  const { data, error } = useSWR<Invited, ApiProblem>(`/invitations/${token}`, get, { shouldRetryOnError: false });
  const { refresh } = useMe();
  const [password, setPassword] = useState('');
  const { busy, problem, act } = useAct();
  const navigate = useNavigate();
  if (!data)
    return error ? (
      <main className="mx-auto max-w-[560px] p-8">
        <h1 className="text-[24px]">{t('web.invitation-does-not-open')}</h1>
        <p className="mt-2">{error.message}</p>
      </main>
    ) : (
      <Waiting />
    );

  async function take(): Promise<void> {
    const body = { password, language: readerNow().language };
    if (!(await act(() => post(`/invitations/${token}`, body)))) return;
    await refresh();
    navigate('/jobs', { replace: true });
  }

  return (
    <main className="mx-auto max-w-[520px] px-5 py-8">
      <h1 className="narrow text-[32px] leading-tight">{t('web.welcome-to', { company: data.company })}</h1>
      <p className="mt-1 mb-4 text-[16px] text-ink2">
        {t('web.choose-password-you-sign-in-as', { name: data.fullName, signIn: data.signIn })}
      </p>
      <form
        className="grid gap-1.5"
        onSubmit={(e) => {
          e.preventDefault();
          void take();
        }}
      >
        <input type="text" hidden readOnly autoComplete="username" value={data.signIn} />
        <Field
          label={t('web.password')}
          type="password"
          autoComplete="new-password"
          value={password}
          onChange={(e) => setPassword(e.target.value)}
          hint={t('web.characters-or-more', { least: LEAST_PASSWORD })}
          required
        />
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy}>
          {t('web.come-in')}
        </Button>
      </form>
    </main>
  );
}
