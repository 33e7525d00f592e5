import { useState } from 'react';
import { Navigate, useLocation, useNavigate } from 'react-router';
import useSWR from 'swr';
import { value } from '@/core/words/said';
import { ApiProblem, get, post } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { LANGUAGE_CHOICES, readerNow, say, speakFromNow } from '@/web/words/say';
import { tell } from '@/web/words/tell';

type DemoPerson = { signIn: string; fullName: string; role: string; certification: string; company: string };

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
  if (me) return <Navigate to={from} replace />;

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
      <section>
        <h1 className="narrow text-[44px] leading-[1.02]">{say(tell('web.mill-bridge'))}</h1>
        <p className="mt-2 max-w-[34ch] text-[17px] text-ink2">{say(tell('web.weigh-it-in-start-it-judge'))}</p>
        <div className="mt-4">
          <Choice
            label={say(tell('web.language'))}
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
            label={say(tell('web.sign-in-name'))}
            name="signIn"
            value={name}
            onChange={(e) => setName(e.target.value)}
            autoComplete="username"
            required
          />
          <Field
            label={say(tell('web.password'))}
            name="password"
            type="password"
            value={password}
            onChange={(e) => setPassword(e.target.value)}
            autoComplete="current-password"
            required
          />
          <Trouble problem={problem} />
          <Button type="submit" tone="primary" disabled={busy} className="mt-1">
            {say(tell('web.sign-in'))}
          </Button>
        </form>
      </section>
      {data?.demo.length ? (
        <section className="border-t-[1.5px] border-ink pt-4 lg:border-t-0 lg:border-l lg:border-rule lg:pt-0 lg:pl-10">
          <h2 className="text-[20px]">{say(tell('web.demo-crew'))}</h2>
          <p className="mt-1 text-[14px] text-ink2">
            {say(tell('web.invented-company-tap-person-to-sign', { company: data.demo[0]?.company }))}
          </p>
          <ul className="mt-3">
            {data.demo.map((p) => (
              <li key={p.signIn} className="border-b border-rule">
                <button
                  type="button"
                  disabled={busy}
                  onClick={() => void enter(p.signIn, data.demoPassword ?? '')}
                  className="grid min-h-[58px] w-full cursor-pointer grid-cols-[1fr_auto] items-center gap-4 py-1.5 text-left hover:bg-sheet"
                >
                  <span>
                    <b className="block text-[17px] font-[650] text-copper">{p.fullName}</b>
                    <span className="text-[13.5px] text-ink2">
                      {say(value(p.role))}
                      {p.certification === 'none'
                        ? say(tell('web.no-refrigerant-certificate'))
                        : say(tell('web.certified', { certification: p.certification }))}
                    </span>
                  </span>
                  <span className="text-[13px] text-ink2">{p.signIn}</span>
                </button>
              </li>
            ))}
          </ul>
          <p className="mt-3 text-[13px] text-ink2">
            {say(tell('web.password-for-all-demo-is-listed', { demoPassword: data.demoPassword }))}
          </p>
        </section>
      ) : null}
    </main>
  );
}
