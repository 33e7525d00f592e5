import type { PumpProgress } from '@/core/circuit/vacuum/pump-progress';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

export function Causes({ progress }: { progress: PumpProgress }) {
  return (
    <Part name={t('web.why-it-stands-still')} title={t('web.why-it-stands-still-likeliest-first')}>
      <ol className="mt-1">
        {progress.causes.map((c, i) => (
          <li key={c.cause} className="grid grid-cols-[26px_1fr] border-b border-rule2 py-1.5 leading-snug">
            <b className="font-[680]">{i + 1}</b>
            <span>
              <b className="font-[640] first-letter:uppercase inline-block">{c.cause}</b>{' '}
              <span className="text-[14px]">{say(c.why)}</span>
              <span className="block text-[14px] font-[600]">{say(c.act)}</span>
            </span>
          </li>
        ))}
      </ol>
    </Part>
  );
}
