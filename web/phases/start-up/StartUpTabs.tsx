import { value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Tab as TabButton } from '@/web/kit/Tab';
import { useDesk } from '@/web/kit/use-media';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { TABS, type Tab } from './StartUpBench';

type Props = {
  tab: Tab;
  onTab: (tab: Tab) => void;
  /** How fast simulated instruments play, when any run. */
  speed: number | undefined;
  signed: boolean;
  recordable: boolean;
  onInstruments: () => void;
  onAirflow: () => void;
  onRecord: () => void;
};

/** The three looks at the system, and what is done by hand. */
export function StartUpTabs({ tab, onTab, speed, signed, recordable, onInstruments, onAirflow, onRecord }: Props) {
  const desk = useDesk();
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-1" role="tablist" aria-label={say(tell('web.views'))}>
      {TABS.map((t) => (
        <TabButton key={t} label={say(value(t))} on={tab === t} onPress={() => onTab(t)} />
      ))}
      {signed ? null : (
        <span className="ml-auto flex gap-1">
          <Button tone="quiet" onClick={onInstruments}>
            {say(tell('web.instruments-3', { rig: speed !== undefined && speed !== 1 ? ` ${speed}×` : '' }))}
          </Button>
          <Button tone="quiet" onClick={onAirflow}>
            {say(tell('web.airflow-2'))}
          </Button>
          <Button tone="quiet" disabled={!recordable} onClick={onRecord}>
            {desk ? say(tell('web.record-reading')) : say(tell('web.record'))}
          </Button>
        </span>
      )}
    </div>
  );
}
