import { useState } from 'react';
import { Navigate, useLocation, useNavigate } from 'react-router';
import useSWR from 'swr';
import { ApiProblem, get, post } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { LANGUAGE_CHOICES, readerNow, speakFromNow } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { DemoCrew, type DemoPerson } from './DemoCrew';
import { PageTitle } from './PageTitle';

/** A language chosen here goes with the sign-in. */
const CHOSEN = 'mb-language-chosen';

export function SignInPage() {
  const { me, refresh } = useMe();
  const { data } = useSWR<{ demo: DemoPerson[]; demoPassword: string | null }>('/sign-in', get);
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const [problem, setProblem] = useState<ApiProblem>();
  const [busy, setBusy] = useState(false);
  const navigate = useNavigate();
  const from = (useLocation().state as { from?: string } | null)?.from ?? '/jobs';
  const { data: setup } = useSWR<{ waits: boolean }>('/setup', get);
  if (me) return <Navigate to={from} replace />;
  // An empty installation begins with its company.
  if (setup?.waits) return <Navigate to="/setup" replace />;

  async function enter(signIn: string, word: string): Promise<void> {
    setBusy(true);
    setProblem(undefined);
    try {
      const language = sessionStorage.getItem(CHOSEN) ? readerNow().language : undefined;
      await post('/sign-in', { signIn, password: word, language });
      sessionStorage.removeItem(CHOSEN);
      await refresh();
      navigate(from, { replace: true });
    } catch (error) {
      if (error instanceof ApiProblem) setProblem(error);
    } finally {
      setBusy(false);
    }
  }

  return (
    <main className="mx-auto grid min-h-dvh max-w-[1040px] content-center gap-10 px-5 py-8 lg:grid-cols-[1fr_1.15fr] lg:gap-16">
      <PageTitle of={[]} />
      <section>
        <h1 className="narrow text-[44px] leading-[1.02]">{t('web.mill-bridge')}</h1>
        <p className="mt-2 max-w-[34ch] text-[17px] text-ink2">{t('web.weigh-it-in-start-it-judge')}</p>
        <div className="mt-4">
          <Choice
            label={t('web.language')}
            value={readerNow().language}
            options={LANGUAGE_CHOICES}
            onChange={(language) => {
              sessionStorage.setItem(CHOSEN, 'yes');
              speakFromNow(language);
            }}
          />
        </div>
        <form
          className="mt-5 grid gap-1.5"
          onSubmit={(e) => {
            e.preventDefault();
            void enter(name, password);
          }}
        >
          <Field
            label={t('web.sign-in-name')}
            name="signIn"
            value={name}
            onChange={(e) => setName(e.target.value)}
            autoComplete="username"
            required
          />
          <Field
            label={t('web.password')}
            name="password"
            type="password"
            value={password}
            onChange={(e) => setPassword(e.target.value)}
            autoComplete="current-password"
            required
          />
          <Trouble problem={problem} />
          <Button type="submit" tone="primary" disabled={busy} className="mt-1">
            {t('web.sign-in')}
          </Button>
        </form>
      </section>
      {data?.demo.length ? (
        <DemoCrew
          people={data.demo}
          password={data.demoPassword}
          busy={busy}
          onEnter={(name, word) => void enter(name, word)}
        />
      ) : null}
    </main>
  );
}
