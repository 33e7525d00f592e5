import { Link } from 'react-router';
import { may } from '@/core/job/permissions';
import { LEVEL_WORDS } from '@/core/practice/labels';
import { LEVELS, type LevelId, SEEDS } from '@/core/practice/levels';
import { q } from '@/core/words/said';
import { useMe } from '@/web/api/use-me';
import { Trouble } from '@/web/kit/Notice';
import { PlaceHead } from '@/web/shell/PlaceHead';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { CrewPractice } from './CrewPractice';
import { meanOf } from './mean';
import { RoundList } from './RoundList';
import { useHistory } from './use-history';
import { keptRound } from './use-round';

/** The practice yard: simulated systems with something wrong, from reading one picture to two faults at once. */
export default function PracticePage() {
  const { me } = useMe();
  const { rounds, trouble } = useHistory();
  const mine = rounds?.filter((r) => r.personId === me?.id) ?? [];
  return (
    <div className="mx-auto max-w-[980px] px-4 pb-24 lg:px-7 lg:pb-10">
      <PlaceHead />
      <div className="mt-4 flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-[26px]">{t('web.practice')}</h1>
        <span className="border-[1.5px] border-dashed border-copper px-2 py-0.5 text-[12.5px] font-[650] text-copper">
          {t('web.simulated')}
        </span>
      </div>
      <p className="mt-1 max-w-[70ch] text-ink2">{t('web.practice-is-no-job')}</p>
      <Trouble problem={trouble} />
      <ol className="mt-4 border-t-[1.5px] border-ink">
        {LEVELS.map((id, i) => (
          <LevelRow key={id} id={id} n={i + 1} played={mine.filter((r) => r.level === id)} personId={me?.id} />
        ))}
      </ol>
      <RoundList rounds={mine} />
      {may(me?.role, 'see-practice') && rounds ? <CrewPractice rounds={rounds} /> : null}
    </div>
  );
}

type RowProps = { id: LevelId; n: number; played: readonly { total: number }[]; personId: string | undefined };

function LevelRow({ id, n, played, personId }: RowProps) {
  const kept = personId ? keptRound(personId, id) : undefined;
  const underWay = kept && !kept.finishedAt && kept.moves.length > 0;
  return (
    <li className="grid grid-cols-[34px_1fr] items-center gap-x-3 gap-y-1 border-b border-rule py-3 sm:grid-cols-[34px_1fr_auto_auto]">
      <span className="narrow text-[30px] font-[680] text-ink2">{n}</span>
      <div>
        <h2 className="text-[18px] font-[680]">{say(LEVEL_WORDS[id].name)}</h2>
        <p className="text-[14.5px] text-ink2">{say(LEVEL_WORDS[id].what)}</p>
      </div>
      <span className="text-[14px] text-ink2 max-sm:col-start-2 sm:w-[190px] sm:text-right">
        {played.length
          ? t('web.rounds-of-with-mean', {
              played: played.length,
              all: SEEDS[id].length,
              mean: q(meanOf(played), 'number', 0),
            })
          : t('web.not-played-yet')}
      </span>
      <Link
        to={`/practice/${id}`}
        data-testid={`level-${id}`}
        className="touch inline-flex items-center justify-center rounded-[3px] bg-copper px-5 font-[650] text-on-copper max-sm:col-start-2"
      >
        {t(underWay ? 'web.go-on' : 'web.play-a-round')}
      </Link>
    </li>
  );
}
