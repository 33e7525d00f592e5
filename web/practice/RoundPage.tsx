import { Navigate, useParams } from 'react-router';
import { LEVELS, type LevelId } from '@/core/practice/levels';
import { useMe } from '@/web/api/use-me';
import { Notice } from '@/web/kit/Notice';
import { MoveButton } from '@/web/shell/MoveButton';
import { Waiting } from '@/web/shell/Waiting';
import { t } from '@/web/words/tell';
import { CabinetRound } from './CabinetRound';
import { LineRound } from './LineRound';
import { ResultView } from './ResultView';
import { SystemRound } from './SystemRound';
import { useHistory } from './use-history';
import { useRound } from './use-round';

const isLevel = (x: string | undefined): x is LevelId => (LEVELS as readonly (string | undefined)[]).includes(x);

/** A round of practice: the one under way, or a fresh one that this person has not played. */
export default function RoundPage() {
  const { level } = useParams();
  const { me } = useMe();
  const { rounds, trouble } = useHistory();
  if (!isLevel(level)) return <Navigate to="/practice" replace />;
  if (!me || (!rounds && !trouble)) return <Waiting />;
  // The oldest first: when all are played, the one longest ago comes again.
  const played = (rounds ?? [])
    .filter((r) => r.personId === me.id && r.level === level)
    .map((r) => r.seed)
    .reverse();
  return <Round key={`${me.id} ${level}`} level={level} personId={me.id} played={played} />;
}

function Round({ level, personId, played }: { level: LevelId; personId: string; played: readonly number[] }) {
  const round = useRound(level, personId, played);
  const { view } = round;
  if (round.broken) return <BrokenRound onAgain={round.again} />;
  if (!view) return <Waiting />;
  if (view.result) return <ResultView view={view} result={view.result} round={round} />;
  switch (view.kind) {
    case 'system':
      return <SystemRound round={round} view={view} />;
    case 'cabinet':
      return <CabinetRound round={round} view={view} />;
    case 'bench':
      return <LineRound round={round} view={view} />;
  }
}

/** The simulated system failed under this round: nothing is kept of it, another one begins. */
function BrokenRound({ onAgain }: { onAgain: () => void }) {
  return (
    <div className="mx-auto grid max-w-[560px] gap-4 p-6">
      <Notice kind="stop">{t('web.this-round-cannot-be-played')}</Notice>
      <MoveButton label={t('web.next-round')} onPress={onAgain} />
    </div>
  );
}
