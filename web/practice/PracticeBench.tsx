import { lazy, Suspense, useState } from 'react';
import type { SystemView } from '@/core/practice/view';
import { cyclePoints } from '@/core/startup/cycle-points';
import type { FigureId } from '@/core/startup/figure';
import { QUANTITIES, type Quantity } from '@/core/startup/quantities';
import { measured, value } from '@/core/words/said';
import { TemperatureLadder } from '@/web/bench/ladder/TemperatureLadder';
import { Tab as TabButton } from '@/web/kit/Tab';
import { mainFigureOf } from '@/web/phases/start-up/main-figure';
import { Working } from '@/web/phases/start-up/Working';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { Figures } from './Figures';

const Trend = lazy(() => import('@/web/bench/trend/Trend'));
const PhSheet = lazy(() => import('@/web/bench/ph/PhSheet').then((m) => ({ default: m.PhSheet })));
const TABS = ['ladder', 'cycle', 'trend', 'readings'] as const;
type Tab = (typeof TABS)[number];

/** The same pictures as at a start-up, of what is hung on so far. */
export function PracticeBench({ view }: { view: SystemView }) {
  const [tab, setTab] = useState<Tab>('ladder');
  const orifice = view.facts.metering === 'fixed-orifice';
  const [selected, setSelected] = useState<FigureId>(mainFigureOf('cooling', orifice));
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap px-4 lg:px-5" role="tablist" aria-label={t('web.views')}>
        {TABS.map((t) => (
          <TabButton key={t} label={say(value(t))} on={tab === t} onPress={() => setTab(t)} />
        ))}
      </div>
      <div className="min-h-0 flex-1">
        {view.placed.length === 0 ? (
          <p className="max-w-[60ch] p-4 text-[17px] text-ink2 lg:px-5">{t('web.nothing-is-hung-on-yet')}</p>
        ) : (
          <Picture view={view} tab={tab} selected={selected} onSelect={setSelected} />
        )}
      </div>
    </div>
  );
}

type PictureProps = { view: SystemView; tab: Tab; selected: FigureId; onSelect: (id: FigureId) => void };

function Picture({ view, tab, selected, onSelect }: PictureProps) {
  const { facts, readings, figures } = view;
  if (tab === 'ladder')
    return (
      <TemperatureLadder
        readings={readings}
        figures={figures}
        verdicts={view.verdicts}
        selected={selected}
        onSelect={onSelect}
        dim={!view.running}
      />
    );
  if (tab === 'trend')
    return (
      <div className="h-full p-4">
        {view.samples.length > 1 ? (
          <Suspense fallback={<p className="text-ink2">{t('web.drawing')}</p>}>
            <Trend
              samples={view.samples}
              refrigerant={facts.refrigerant}
              barometerPsia={facts.barometerPsia}
              target={figures.byId.subcooling.target}
              targetOf="subcooling"
              gaps={[]}
            />
          </Suspense>
        ) : null}
      </div>
    );
  if (tab === 'cycle') {
    const now = cyclePoints(facts.refrigerant, readings, facts.barometerPsia);
    return now ? (
      <div className="p-4 lg:px-5">
        <Suspense fallback={null}>
          <PhSheet refrigerant={facts.refrigerant} barometerPsia={facts.barometerPsia} now={now} before={undefined} />
        </Suspense>
      </div>
    ) : (
      <p className="max-w-[60ch] p-4 text-[16px] text-ink2 lg:px-5">{t('web.cycle-needs-readings')}</p>
    );
  }
  return (
    <div className="grid gap-6 p-4 lg:grid-cols-[1fr_300px] lg:px-5">
      <table className="h-fit w-full text-[16px]" data-testid="practice-readings">
        <tbody>
          {(Object.keys(readings) as Quantity[]).map((name) => (
            <tr key={name} className="border-b border-rule2">
              <th scope="row" className="py-2 text-left font-[560]">
                {say(QUANTITIES[name].label)}
              </th>
              <td className="py-2 text-right font-[650]">
                {say(measured(readings[name]?.value, QUANTITIES[name].unit))}
              </td>
            </tr>
          ))}
          <Figures figures={figures} onSelect={onSelect} />
        </tbody>
      </table>
      <Working figure={figures.byId[selected]} verdict={view.verdicts[selected]} />
    </div>
  );
}
