import { ACT_WORDS, HARM_WORDS, PART_WORDS } from '@/core/practice/labels';
import { type Score, type ScorePart, WORTH } from '@/core/practice/score';
import { q } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** Points part by part, and what harm took off. */
export function ScoreTable({ score }: { score: Score }) {
  return (
    <table className="w-full max-w-[620px] text-[16px]" data-testid="score">
      <tbody>
        {(Object.keys(WORTH) as ScorePart[]).map((part) => (
          <tr key={part} className="border-b border-rule2">
            <th scope="row" className="py-2 text-left font-[560]">
              {say(PART_WORDS[part])}
              <span className="mt-1 block h-[6px] w-full max-w-[340px] bg-rule2">
                <span
                  className="block h-full bg-ink"
                  style={{ width: `${(100 * score.parts[part]) / WORTH[part]}%` }}
                />
              </span>
            </th>
            <td className="py-2 text-right whitespace-nowrap tabular-nums">
              <b className="font-[680]">{Math.round(score.parts[part])}</b>{' '}
              <small className="text-ink2">{t('web.of-most', { most: WORTH[part] })}</small>
            </td>
          </tr>
        ))}
        {score.harm.map((h) => (
          <tr key={`${h.id} ${h.act ?? ''}`} className="border-b border-rule2 text-oxide">
            <th scope="row" className="py-2 text-left font-[600]">
              {say(HARM_WORDS[h.id])}
              <small className="block font-[450]">
                {t('web.at-minute', { minutes: q(h.atMin, 'number', 0) })}
                {h.act ? ` · ${say(ACT_WORDS[h.act])}` : ''}
              </small>
            </th>
            <td className="py-2 text-right font-[680] tabular-nums">{`−${h.points}`}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
