import { Camera, X } from 'lucide-react';
import { useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { JobSheet } from '@/core/job/sheet';
import { moment } from '@/core/words/said';
import { forCircuit } from '@/web/api/circuit-path';
import { asServer } from '@/web/api/clock';
import type { ApiProblem } from '@/web/api/http';
import { passes } from '@/web/api/outbox/our-outbox';
import { upload } from '@/web/api/upload';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';

type State = { kind: 'idle' } | { kind: 'sending'; share: number } | { kind: 'failed'; message: string };

/** Takes or picks a picture for a subject; shows how far it is, can be cancelled, keeps it for another try. */
export function PhotoButton({
  view,
  subject,
  label,
  caption,
  onTaken,
}: {
  view: JobView;
  subject: string;
  label: string;
  /** What it shows, where the subject alone does not say it. */
  caption?: string | undefined;
  onTaken?: (photoId: string) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const stop = useRef<AbortController>(undefined);
  const kept = useRef<{ file: File; id: string }>(undefined);
  const [state, setState] = useState<State>({ kind: 'idle' });

  async function send(): Promise<void> {
    const { file, id } = kept.current!;
    const form = new FormData();
    form.set('id', id);
    form.set('subject', subject);
    if (caption) form.set('caption', caption);
    form.set('takenAt', new Date(asServer(file.lastModified || Date.now())).toISOString());
    form.set('photo', file);
    stop.current = new AbortController();
    setState({ kind: 'sending', share: 0 });
    try {
      await upload<JobSheet>(
        forCircuit(view.sheet, `/jobs/${view.sheet.job.id}/photos`),
        form,
        (share) => setState({ kind: 'sending', share }),
        stop.current.signal,
      );
      await view.actions.reload();
      setState({ kind: 'idle' });
      onTaken?.(id);
    } catch (error) {
      const problem = error as ApiProblem;
      if (passes(problem)) {
        // Kept on the device with everything else, and sent when there is a connection.
        await view.actions.send(`/jobs/${view.sheet.job.id}/photos`, {
          id,
          subject,
          ...(caption ? { caption } : {}),
          takenAt: form.get('takenAt'),
          photo: file,
        });
        setState({ kind: 'idle' });
        onTaken?.(id);
        return;
      }
      setState(
        problem.code === 'cancelled'
          ? { kind: 'idle' }
          : {
              kind: 'failed',
              message: `${problem.message}${problem.allowed ? t('web.allowed-2', { allowed: problem.allowed }) : ''}`,
            },
      );
    }
  }

  return (
    <span className="inline-flex items-center gap-2">
      <input
        ref={input}
        type="file"
        // Named types: a phone then offers camera and album, and turns its own format into JPEG.
        accept="image/jpeg,image/png,image/webp,image/avif"
        hidden
        data-testid={`photo-${subject}`}
        onChange={(e) => {
          const [file] = e.target.files ?? [];
          e.target.value = '';
          if (!file) return;
          kept.current = { file, id: uuid() };
          void send();
        }}
      />
      {state.kind === 'sending' ? (
        <button
          type="button"
          onClick={() => stop.current?.abort()}
          aria-label={t('web.cancel-upload', { label })}
          className="touch relative inline-flex min-w-[124px] cursor-pointer items-center gap-2 border-[1.5px] border-ink px-3 text-[13.5px] font-[600]"
        >
          <span className="absolute inset-y-0 left-0 bg-rule" style={{ width: `${state.share * 100}%` }} />
          <X size={17} className="relative" />
          <span className="relative">
            {state.share < 1 ? t('web.cancel-2', { share: Math.round(state.share * 100) }) : t('web.resizing')}
          </span>
        </button>
      ) : (
        <button
          type="button"
          onClick={() => input.current?.click()}
          aria-label={label}
          title={label}
          className="touch grid w-12 cursor-pointer place-items-center border-[1.5px] border-rule text-copper"
        >
          <Camera size={21} />
        </button>
      )}
      {state.kind === 'failed' ? (
        <span role="alert" className="max-w-[30ch] text-[12.5px] leading-snug font-[600] text-oxide">
          {state.message}{' '}
          <button type="button" className="cursor-pointer underline" onClick={() => void send()}>
            {t('web.send-again')}
          </button>
        </span>
      ) : null}
    </span>
  );
}

/** Small pictures of a subject; each opens in full. */
export function Thumbs({ view, subject }: { view: JobView; subject: string }) {
  const mine = view.sheet.survey.photos.filter((p) => p.subject === subject);
  if (mine.length === 0) return null;
  return (
    <span className="inline-flex flex-wrap gap-1.5">
      {mine.map((p) => (
        <a
          key={p.id}
          href={`/api/photos/${p.id}/image`}
          target="_blank"
          rel="noreferrer"
          className="touch"
          title={`${p.by}, ${say(moment(p.at))}`}
        >
          <img
            src={`/api/photos/${p.id}/thumbnail`}
            alt={p.caption ?? subject.split(':')[1]}
            className="h-12 w-16 border border-ink object-cover"
            loading="lazy"
          />
        </a>
      ))}
    </span>
  );
}
