import type { EntryBody } from '@/core/phases/log/entries';
import { statRows } from '@/core/phases/wire/report';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';

type Props = {
  view: JobView;
  set: EntryBody<'thermostat-set'>;
  /** The reading that this one replaces. */
  replaces: string | null;
  onOtherwise: () => void;
  onClose: () => void;
};

/** The thermostat's menu held against its sheet line by line: it reads just so, or somebody writes what differs. */
export function ReadBackSheet({ view, set, replaces, onOtherwise, onClose }: Props) {
  const write = useEntries(view);
  const { problem, act } = useAct();
  return (
    <Sheet open onClose={onClose} title={t('web.read-back')}>
      <div className="mt-2 grid gap-4" data-testid="read-back">
        <p>{t('web.hold-the-menu-against-this')}</p>
        <StatTable set={set} />
        <Trouble problem={problem} />
        <Button
          tone="primary"
          onClick={() =>
            void act(() => write('thermostat-read', { ...set }, replaces)).then((done) => done && onClose())
          }
        >
          {t('web.the-wall-reads-just-so')}
        </Button>
        <Button onClick={onOtherwise}>{t('web.something-reads-otherwise')}</Button>
      </div>
    </Sheet>
  );
}

/** A thermostat's sheet line by line. */
export const StatTable = ({ set }: { set: object }) => (
  <table className="w-full text-[15px]">
    <tbody>
      {statRows(set).map(([label, to]) => (
        <tr key={say(label)} className="border-b border-rule2">
          <th className="py-1 pr-3 text-left font-[520]">{say(label)}</th>
          <td className="py-1 font-[660]">{say(to)}</td>
        </tr>
      ))}
    </tbody>
  </table>
);
