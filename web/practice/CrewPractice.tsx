import type { PlayedRound } from '@/contract/answers/practice';
import { LEVEL_WORDS } from '@/core/practice/labels';
import { LEVELS } from '@/core/practice/levels';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { meanOf } from './mean';

/** How far everybody of the company is, for who leads: mean score and number of rounds at each level. */
export function CrewPractice({ rounds }: { rounds: readonly PlayedRound[] }) {
  const people = [...new Map(rounds.map((r) => [r.personId, r.personName]))].sort((a, b) => a[1].localeCompare(b[1]));
  if (people.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-[19px] font-[680]">{t('web.practice-of-the-crew')}</h2>
      <div className="mt-2 overflow-x-auto">
        <table className="w-full min-w-[560px] text-[15px]" data-testid="crew-practice">
          <thead>
            <tr className="border-b border-ink text-left align-bottom text-[13.5px] text-ink2">
              <th className="py-1.5 font-[560]">{t('web.person')}</th>
              {LEVELS.map((id) => (
                <th key={id} className="py-1.5 pl-3 text-right font-[560]">
                  {say(LEVEL_WORDS[id].name)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {people.map(([id, name]) => (
              <tr key={id} className="border-b border-rule2">
                <th scope="row" className="py-2 text-left font-[620]">
                  {name}
                </th>
                {LEVELS.map((level) => {
                  const of = rounds.filter((r) => r.personId === id && r.level === level);
                  return (
                    <td key={level} className="py-2 pl-3 text-right">
                      {of.length ? (
                        <>
                          <b className="narrow text-[19px] font-[680]">{Math.round(meanOf(of))}</b>{' '}
                          <small className="text-ink2">{t('web.of-rounds', { rounds: of.length })}</small>
                        </>
                      ) : (
                        <span className="text-ink2">–</span>
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
