import { isSigned } from '@/core/job/sheet';
import { othersOf } from '@/core/phases/start-up/of-circuit';
import { value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Tab as TabButton } from '@/web/kit/Tab';
import { useDesk } from '@/web/kit/use-media';
import type { EquippedView } from '@/web/phases/job-context';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { TABS, type Tab } from './StartUpBench';

type Props = {
  view: EquippedView;
  tab: Tab;
  onTab: (tab: Tab) => void;
  recordable: boolean;
  onInstruments: () => void;
  onAirflow: () => void;
  onRecord: () => void;
};

/** The looks at the system, and what is done by hand. */
export function StartUpTabs({ view, tab, onTab, recordable, onInstruments, onAirflow, onRecord }: Props) {
  const { sheet, feed } = view;
  const speed = feed.rig?.speed;
  const desk = useDesk();
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-1">
      <div className="flex flex-wrap items-center gap-x-1" role="tablist" aria-label={t('web.views')}>
        {TABS.filter((t) => t !== 'circuits' || othersOf(sheet).length > 0).map((t) => (
          <TabButton key={t} label={say(value(t))} on={tab === t} onPress={() => onTab(t)} />
        ))}
      </div>
      {isSigned(sheet, 'start-up') ? null : (
        <span className="ml-auto flex gap-1">
          <Button tone="quiet" onClick={onInstruments}>
            {t('web.instruments-3', { rig: speed !== undefined && speed !== 1 ? ` ${speed}×` : '' })}
          </Button>
          <Button tone="quiet" onClick={onAirflow}>
            {t('web.airflow-2')}
          </Button>
          <Button tone="quiet" disabled={!recordable} onClick={onRecord}>
            {desk ? t('web.record-reading') : t('web.record')}
          </Button>
        </span>
      )}
    </div>
  );
}
