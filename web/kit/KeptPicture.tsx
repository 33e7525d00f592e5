import { useRef, useState } from 'react';
import type { Said } from '@/core/words/said';
import { type ApiProblem, post } from '@/web/api/http';
import { upload } from '@/web/api/upload';
import { say } from '@/web/words/say';
import { Button } from './Button';

type Props = {
  /** Where it is read, and sent to; `/removal` behind it takes it off. */
  path: string;
  words: { of: Said; put: Said; another: Said; off: Said };
  mayChange: boolean;
  testId: string;
  /** How large it shows. */
  className: string;
  onChanged?: () => unknown;
};

/** One picture that is kept with something: shown, put in, taken off. */
export function KeptPicture({ path, words, mayChange, testId, className, onChanged }: Props) {
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
      await onChanged?.();
    } catch (error) {
      setProblem(error as ApiProblem);
    }
  }
  const send = (file: File) => {
    const form = new FormData();
    form.set('photo', file);
    return upload(path, form);
  };
  if (!there && !mayChange) return null;
  const shown = `/api${path}?v=${version}`;
  return (
    <div className="flex flex-wrap items-center gap-3" data-testid={testId}>
      {there ? (
        <a href={shown} target="_blank" rel="noreferrer">
          <img src={shown} alt={say(words.of)} onError={() => setThere(false)} className={className} />
        </a>
      ) : null}
      {mayChange ? (
        <>
          <input
            ref={input}
            type="file"
            accept="image/jpeg,image/png,image/webp,image/avif"
            hidden
            data-testid={`${testId}-file`}
            onChange={(e) => {
              const [file] = e.target.files ?? [];
              e.target.value = '';
              if (file) void change(() => send(file));
            }}
          />
          <Button tone="quiet" onClick={() => input.current?.click()}>
            {say(there ? words.another : words.put)}
          </Button>
          {there ? (
            <Button tone="quiet" onClick={() => void change(() => post(`${path}/removal`), false)}>
              {say(words.off)}
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
