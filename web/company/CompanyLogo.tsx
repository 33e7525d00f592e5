import { useRef, useState } from 'react';
import { type ApiProblem, post } from '@/web/api/http';
import { upload } from '@/web/api/upload';
import { Button } from '@/web/kit/Button';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** The picture at the head of the company's papers: shown, put in, taken off. */
export function CompanyLogo({ mayChange }: { mayChange: boolean }) {
  const input = useRef<HTMLInputElement>(null);
  const [version, setVersion] = useState(() => Date.now());
  const [there, setThere] = useState(true);
  const [problem, setProblem] = useState<ApiProblem>();

  async function change(doing: () => Promise<unknown>, stays = true): Promise<void> {
    setProblem(undefined);
    try {
      await doing();
      setThere(stays);
      setVersion(Date.now());
    } catch (error) {
      setProblem(error as ApiProblem);
    }
  }
  const send = (file: File) => {
    const form = new FormData();
    form.set('photo', file);
    return upload('/company/logo', form, () => undefined, new AbortController().signal);
  };
  if (!there && !mayChange) return null;
  return (
    <div className="flex flex-wrap items-center gap-3" data-testid="company-logo">
      {there ? (
        <img
          src={`/api/company/logo?v=${version}`}
          alt={say(tell('web.logo'))}
          onError={() => setThere(false)}
          className="max-h-14 max-w-[220px]"
        />
      ) : null}
      {mayChange ? (
        <>
          <input
            ref={input}
            type="file"
            accept="image/jpeg,image/png,image/webp,image/avif"
            hidden
            data-testid="logo-file"
            onChange={(e) => {
              const [file] = e.target.files ?? [];
              e.target.value = '';
              if (file) void change(() => send(file));
            }}
          />
          <Button tone="quiet" onClick={() => input.current?.click()}>
            {say(tell(there ? 'web.another-logo' : 'web.logo-for-reports'))}
          </Button>
          {there ? (
            <Button tone="quiet" onClick={() => void change(() => post('/company/logo/removal'), false)}>
              {say(tell('web.take-logo-off'))}
            </Button>
          ) : null}
        </>
      ) : null}
      {problem ? (
        <p role="alert" className="text-[13px] font-[600] text-oxide">
          {problem.message}
        </p>
      ) : null}
    </div>
  );
}
